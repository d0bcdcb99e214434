export { compareMoments, EPOCH, FIRST_DAY, isDay, LAST_DAY, toMoment } from "./moment";
export { DaySchema, MomentSchema } from "./moment-schema";
export { cutText, fitText, TEXT_LENGTHS, type TextKind } from "./lengths";
export { textSchema } from "./text-schema";
export { isLoose, type Loose } from "./loose";
export { dayAfter } from "./plain-day";
export { signOf } from "./sign";
export { byId } from "./by-id";
