export { DUE_KINDS, type DueKind } from "./due-kinds";
export { dueOn, isStillDue, type Due } from "./due";
