import { rowsOf } from "@/features/form/rows";
import { behavioursOn } from "@/core/motor";
import { runTestRecord, type RunField } from "@/core/stations/run-test";
import type { InstrumentProps } from "../../station/contract";
import { BEHAVIOUR_WORDS, FIELD_WORDS, HOT_PLACE_WORDS, NOISE_WORDS, WARMTH_WORDS, type Detail } from "./words";

type Given = InstrumentProps<"run-test", Detail>;

const figure = <Id extends RunField>(id: Id) => ({
  label: FIELD_WORDS[id],
  slipWhy: "the plate",
  slip: ({ assessment }: Given) => assessment.detail.slips[id],
});

export const ROWS = rowsOf<Given>()(runTestRecord, {
  behaviour: {
    label: "What it does when it is switched on",
    words: BEHAVIOUR_WORDS,
    offers: ({ facts }) => behavioursOn(facts.machineKind),
  },
  supplyVolts: figure("supplyVolts"),
  lineAmps: figure("lineAmps"),
  startAmps: figure("startAmps"),
  capacitorVolts: figure("capacitorVolts"),
  speed: figure("speed"),
  startTime: figure("startTime"),
  shell: figure("shell"),
  coastDown: figure("coastDown"),
  slipTurns: { label: "Turns the mark slipped back" },
  slipSeconds: { label: "In" },
  noises: {
    label: "Heard",
    words: NOISE_WORDS,
    // Quiet goes with nothing else that is heard.
    press: (noises, noise) =>
      noises.includes(noise)
        ? noises.filter((each) => each !== noise)
        : noise === "quiet"
          ? ["quiet"]
          : [...noises.filter((each) => each !== "quiet"), noise],
  },
  warmth: { label: "Shell after a few minutes", words: WARMTH_WORDS },
  hotPlace: { label: "Hottest at", words: HOT_PLACE_WORDS },
  note: { label: "Note", rows: 1 },
});
