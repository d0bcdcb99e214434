export { assert, assertNever, fail, ok, type Result } from "./result";
export type { Failure, FailureCode, FileFault } from "./failure";
