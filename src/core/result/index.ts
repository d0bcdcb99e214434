export { assert, fail, ok, type Result } from "./result";
export type { Failure, FailureCode } from "./failure";
export { FAULT_REASONS, type FaultReason, type RecordFault } from "./record-fault";
