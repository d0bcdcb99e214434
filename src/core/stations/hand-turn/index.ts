import * as v from "valibot";
import type { Finding, Outcome } from "../../diagnosis";
import { defineStation, plainAssessment, type Stamp } from "../contract";
import { NoteSchema } from "../fields";

export const TURNS = ["free", "rough", "tight", "seized", "cannot-reach"] as const;
export type Turn = (typeof TURNS)[number];

const schema = v.object({
  turn: v.nullable(v.picklist(TURNS)),
  radialPlay: v.nullable(v.boolean()),
  endPlay: v.nullable(v.boolean()),
  rubs: v.nullable(v.boolean()),
  note: NoteSchema,
});
type HandTurnRecord = v.InferOutput<typeof schema>;

export interface HandTurnDetail {
  readonly state: "not-done" | "welded-shell" | "felt";
  readonly turn: Turn | null;
  readonly outcome: Outcome<"hand-turn"> | null;
}

/** What the hand feels, as the one outcome it amounts to; play decides between rough and worn. */
export function handTurnOutcome(
  turn: Turn | null,
  radialPlay: boolean | null,
  rubs: boolean | null,
  endPlay: boolean | null = null,
): Outcome<"hand-turn"> | null {
  if (turn === null || turn === "cannot-reach") return radialPlay ? "rough-with-play" : null;
  if (turn === "seized" || turn === "tight") return turn;
  if (radialPlay) return "rough-with-play";
  if (turn === "rough" || rubs === true) return "rough";
  return endPlay === true ? "end-play" : "free";
}

const STAMPS: Record<Outcome<"hand-turn">, Stamp> = {
  free: "holds",
  "end-play": "out",
  rough: "out",
  "rough-with-play": "out",
  tight: "out",
  seized: "out",
};

/** Turn by hand: free, rough, tight, seized; play; rubbing. */
export const handTurnStation = defineStation({
  definition: { id: "hand-turn", power: "dead", minutes: 1, tests: ["hand-turn"], cautions: ["moving-parts"] },
  schema,
  blank: { turn: null, radialPlay: null, endPlay: null, rubs: null, note: "" } as HandTurnRecord,
  assess(record, { facts }) {
    const outcome = handTurnOutcome(record.turn, record.radialPlay, record.rubs, record.endPlay);
    if (outcome !== null) {
      const findings: Finding[] = [{ test: "hand-turn", weights: { [outcome]: 1 } }];
      return plainAssessment<HandTurnDetail>(
        STAMPS[outcome],
        { state: "felt", turn: record.turn, outcome },
        {
          findings,
          facts: { turnsFree: record.turn === "free" },
        },
      );
    }
    const isWelded = facts.machineKind === "hermetic-compressor";
    const isAnswered = isWelded || record.turn === "cannot-reach" || record.note.trim() !== "";
    return plainAssessment<HandTurnDetail>(isAnswered ? "noted" : "not-done", {
      state: isWelded ? "welded-shell" : isAnswered ? "felt" : "not-done",
      turn: record.turn,
      outcome,
    });
  },
});
