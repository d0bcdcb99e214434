export { DUE_KINDS, type DueKind } from "./due-kinds";
export { dueOn, isDoneFor, isDueBy, isStillDue, type Due } from "./due";
