export { compareMoments, DaySchema, FIRST_DAY, isDay, LAST_DAY, MomentSchema, toMoment } from "./moment";
export { cutText, fitText, TEXT_LENGTHS, textSchema, type TextKind } from "./lengths";
export { EPOCH } from "./moment";
export { isLoose, type Loose } from "./loose";
