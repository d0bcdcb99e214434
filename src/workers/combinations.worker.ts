import { expose } from "comlink";
import { searchCombinations, type Joinable, type JoinTarget, type ParallelCombination } from "@/core/capacitor";
import { ok, type Failure, type Result } from "@/core/result";

/** What this worker can be asked. */
const calls = {
  search: (parts: readonly Joinable[], target: JoinTarget, count: number): Result<readonly ParallelCombination[], Failure> =>
    ok(searchCombinations(parts, target, count)),
};
export type CombinationsWorker = typeof calls;

expose(calls);
