export { DUE_KINDS, dueOn, isStillDue, type Due, type DueKind } from "./due";
