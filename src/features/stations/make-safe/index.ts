import { clockTime } from "@/features/vocabulary/clock";
import type { StationView } from "../../station/contract";
import { said } from "../../station/said";
import { type Detail, STEPS, sentences, wordOf } from "./words";

export const makeSafeView: StationView<"make-safe", Detail> = {
  brief: ({ detail }) => wordOf(detail),
  say: (record, { detail }, _facts, house) => {
    // What is over is told by its times alone: its ticks are of then.
    if (detail.state === "over") return said("means", sentences(detail, house));
    const done = STEPS.filter(({ id }) => record.round.steps[id] !== undefined).map(
      ({ id, label }) => `${label} ${clockTime(record.round.steps[id] ?? "")}`,
    );
    return [...said("means", sentences(detail, house)), ...said("read", done.length > 0 && `${done.join("; ")}.`)];
  },
};
