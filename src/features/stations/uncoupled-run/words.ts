import { formatPercent } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import type { Pushed, PushWay, Uncoupled } from "@/core/stations/uncoupled-run";

export type Detail = ReturnType<(typeof STATIONS)["uncoupled-run"]["assess"]>["detail"];

export const RESULT_WORDS: Record<Uncoupled, string> = {
  runs: "Runs, and the trouble is gone",
  "runs-rough": "Runs, and the trouble stays",
  "does-not-run": "Does not run",
};
export const PUSHED_WORDS: Record<Pushed, string> = { "keeps-running": "Goes on running", "does-not-run": "Does not" };
export const WAY_WORDS: Record<PushWay, string> = { "either-way": "Either way round", "one-way": "One way only" };

const RESULT_SENTENCES: Record<Uncoupled, string> = {
  runs: "Without its load it runs well: belt, wheel, pump or what they drive held it, or made the noise.",
  "runs-rough": "The load is off and the trouble stays: it is in the motor, its capacitor or its supply.",
  "does-not-run": "The load is off and it does not run: the motor, its start side or its supply.",
};
const PUSHED_SENTENCES: Record<Pushed, string> = {
  "keeps-running":
    "It runs once turned: main winding and supply work. The start side gives no torque: capacitor, start gear or start winding.",
  "does-not-run": "Turned, it still does not run: main winding, supply, or a shaft held fast.",
};
const MUCH_WITHOUT_LOAD = 0.85;

export function sentences(detail: Detail, method: string | null): string[] {
  if (detail.state === "welded-shell") return ["A welded shell: its load cannot be taken off, and it is never pushed."];
  const said = [
    ...(detail.result ? [RESULT_SENTENCES[detail.result]] : []),
    ...(detail.ampsFraction === null
      ? []
      : [
          `${formatPercent(detail.ampsFraction)} of the plate without load${detail.ampsFraction > MUCH_WITHOUT_LOAD ? ": too much for a motor that drives nothing. Shorted turns, wrong capacitor or tight bearings." : "."}`,
        ]),
    ...(detail.pushed ? [PUSHED_SENTENCES[detail.pushed]] : []),
  ];
  if (said.length > 0) return said;
  if (method === "push") return ["Switch on, one push with the stick, watch, switch off after 2 to 3 seconds if it only hums."];
  return ["Circuit dead: belt, wheel or coupling off, key out or taped. Then power back on, and a short run."];
}
