import { rowsOf } from "@/features/form/rows";
import { behavioursOn, turnedByOn, type RunField } from "@/core/motor";
import { proveRecord } from "@/core/stations/prove";
import { inSentence } from "@/features/vocabulary/in-sentence";
import { ROTATION_WORDS, TURNED_BY_WORDS } from "@/features/vocabulary/match-words";
import { BEHAVIOUR_WORDS, HOT_PLACE_WORDS, NOISE_WORDS, RUN_FIELD_WORDS } from "@/features/vocabulary/run-words";
import type { InstrumentProps } from "../../station/contract";
import type { Detail } from "./words";

type Given = InstrumentProps<"prove", Detail>;

const nameOf = (id: RunField): string => (id === "lineAmps" ? "Running amps" : RUN_FIELD_WORDS[id]);
const sizeOf = (id: RunField): "large" | "normal" => (id === "lineAmps" ? "large" : "normal");
const rowOf = ({ assessment }: Given, id: RunField) => assessment.detail.rows.find(({ field }) => field === id);

// A figure of the run test stands on the side it was read on: once the part was in, it is after.
const before = (id: RunField) => ({
  label: `${nameOf(id)} before`,
  size: sizeOf(id),
  shown: (given: Given) => (rowOf(given, id)?.before == null ? null : (given.facts.runFound[id] ?? null)),
});
const after = (id: RunField) => ({
  label: `${nameOf(id)} after`,
  size: sizeOf(id),
  shown: (given: Given) => given.facts.runNow[id] ?? (rowOf(given, id)?.after == null ? null : (given.facts.runFound[id] ?? null)),
  slipWhy: "the plate",
  slip: ({ assessment }: Given) => assessment.detail.slips[id],
});

/** Which way it turns matters where that may have changed. */
const mayHaveTurned = ({ record, assessment }: Given): boolean => assessment.detail.rotation.mayHaveTurned || record.afterRotation !== null;

/** What shows at the machine itself is drawn by the machine there is. */
export const ROWS = rowsOf<Given>()(proveRecord, {
  "before.supplyVolts": before("supplyVolts"),
  "after.supplyVolts": after("supplyVolts"),
  "before.lineAmps": before("lineAmps"),
  "after.lineAmps": after("lineAmps"),
  "before.startAmps": before("startAmps"),
  "after.startAmps": after("startAmps"),
  "before.capacitorVolts": before("capacitorVolts"),
  "after.capacitorVolts": after("capacitorVolts"),
  "before.speed": before("speed"),
  "after.speed": after("speed"),
  "before.startTime": before("startTime"),
  "after.startTime": after("startTime"),
  "before.shell": before("shell"),
  "after.shell": after("shell"),
  "before.coastDown": before("coastDown"),
  "after.coastDown": after("coastDown"),
  isUnloaded: {
    label: "Proved",
    words: { no: "On its machine", yes: "Without load" },
    stays: true,
    shown: ({ assessment }) => assessment.detail.isUnloaded,
  },
  afterBehaviour: { label: "What it does now", words: BEHAVIOUR_WORDS, offers: ({ facts }) => behavioursOn(facts.machineKind) },
  afterNoises: { label: "Heard now", words: NOISE_WORDS },
  afterHotPlace: { label: "Hottest now at", words: HOT_PLACE_WORDS },
  afterRotation: {
    label: ({ assessment: { detail } }) =>
      `Turns now, looking at the shaft end${detail.rotation.wanted ? `; it has to turn ${inSentence(ROTATION_WORDS[detail.rotation.wanted])}` : ""}`,
    words: ROTATION_WORDS,
    when: mayHaveTurned,
  },
  reversedBy: {
    label: "Made to turn the other way by",
    words: TURNED_BY_WORDS,
    offers: ({ facts }) => turnedByOn(facts.motorType),
    when: mayHaveTurned,
  },
  note: { label: "Note" },
});
