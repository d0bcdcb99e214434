export type { MeterFunction } from "./functions";
export { guessLines } from "./guess";
export { ProfileSchema, type BluetoothSettings, type Carrier, type Profile, type SerialSettings } from "./profile";
export { beginReading, readBytes, tryProfile, type LineRead } from "./reader";
export { PLAIN_PROFILE, SHIPPED_PROFILES } from "./shipped";
export type { LineFault, MeterShows } from "./shown";
