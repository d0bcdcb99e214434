export { bluetoothWire } from "./bluetooth/bluetooth-wire";
export { bridgeWire } from "./bridge/bridge-wire";
export type { MeterLink, MeterSample } from "./port";
export { profiledLink } from "./profiled-link";
export { recordedLines, replayWire } from "./replay/replay-wire";
export { serialWire } from "./serial/serial-wire";
export { standInMeter } from "./stand-in/stand-in-meter";
export type { MeterWire } from "./wire";
