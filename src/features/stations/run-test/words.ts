import { inSentence } from "@/features/vocabulary/in-sentence";
import {
  WATTS_PER_HORSEPOWER,
  type Behaviour,
  type Explanation,
  type Fault,
  type FaultId,
  type KnowledgeEntry,
  type PlateConflict,
  type Range,
} from "@/core/motor";
import { formatNumber, formatPercent, formatQuantity, type Quantity } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import { QUANTITY_OF, RUN_FIELDS, type ModelField, type RunField, type RunRow, type RunTestRecord } from "@/core/stations/run-test";
import { toMachineSentence } from "@/features/messages/machine-sentences";
import { rangeWithUnit } from "@/features/vocabulary/notice-words";
import { NOISE_CAUSES, RUN_FIELD_WORDS as FIELD_WORDS } from "@/features/vocabulary/run-words";
import { MOTOR_TYPE_WORDS } from "@/features/vocabulary/words";

export {
  BEHAVIOUR_WORDS,
  HOT_PLACE_WORDS,
  NOISE_WORDS,
  RUN_FIELD_WORDS as FIELD_WORDS,
  WARMTH_WORDS,
} from "@/features/vocabulary/run-words";

export type Detail = ReturnType<(typeof STATIONS)["run-test"]["assess"]>["detail"];

/** Beside a figure that has its unit already. */
export const SHORT_WORDS: Record<ModelField, string> = {
  lineAmps: "line",
  startAmps: "start winding",
  capacitorVolts: "capacitor",
  speed: "",
  startTime: "to start",
};

/** What is missing, as the person would look for it. */
const ENTRY_WORDS: Record<KnowledgeEntry, string> = {
  volts: "the plate's volts",
  hertz: "the plate's hertz",
  power: "the plate's power",
  amps: "the plate's amps",
  rpm: "the plate's rpm",
  "run-capacitor": "the run capacitor's value",
  "start-capacitor": "the start capacitor's value",
  "main-ohms": "the run winding's ohms",
  "start-ohms": "the start winding's ohms",
  "locked-amps": "the locked-rotor amps",
};

/** Unit of each entry as a plate has it. */
const ENTRY_UNIT: Record<KnowledgeEntry, string> = {
  volts: "V",
  hertz: "Hz",
  power: "W",
  amps: "A",
  rpm: "rpm",
  "run-capacitor": "µF",
  "start-capacitor": "µF",
  "main-ohms": "Ω",
  "start-ohms": "Ω",
  "locked-amps": "A",
};
/** A figure of the plate with its unit; power as horsepower too, which most plates have. */
function entryFigure(entry: KnowledgeEntry, value: number): string {
  const figure = `${formatNumber(value, value < 100 ? 2 : 0)}\u00a0${ENTRY_UNIT[entry]}`;
  return entry === "power" ? `${figure} (${formatNumber(value / WATTS_PER_HORSEPOWER, 2)}\u00a0hp)` : figure;
}
const roughly = (value: number): number => Number(value.toPrecision(2));

const percent = (level: number): string => formatPercent(level);

/** A fault and its degree in words. */
const FAULT_WORDS: Record<FaultId, (level: number) => string> = {
  "run-capacitor-weak": (level) => `Run capacitor near ${percent(level)} of its value`,
  "run-capacitor-open": () => "Run capacitor open",
  "run-capacitor-shorted": () => "Run capacitor shorted",
  "run-capacitor-large": (level) => `Run capacitor near ${percent(level)}: too large`,
  "start-capacitor-weak": (level) => `Start capacitor near ${percent(level)} of its value`,
  "start-capacitor-open": () => "Start capacitor open",
  "start-capacitor-shorted": () => "Start capacitor shorted",
  "switch-stuck-closed": () => "Start switch or relay stays closed",
  "switch-stuck-open": () => "Start switch or relay does not close",
  "start-winding-open": () => "Start winding or its lead open",
  "start-winding-reversed": () => "Start winding the wrong way round",
  "main-winding-open": () => "Run winding or its lead open",
  "shorted-turns": (level) => `Shorted turns, about ${percent(level)} of the run winding`,
  "supply-low": (level) => `Supply near ${percent(level)} of the plate`,
  "supply-high": (level) => `Supply near ${percent(level)} of the plate`,
  "bearings-tight": (level) => `Tight bearings: ${percent(level)} of the rated torque lost`,
  jammed: () => "Rotor or load jammed",
  "load-heavy": (level) => `Load near ${percent(level)} of rated`,
  "load-gone": () => "Load gone: belt, wheel or flow",
  "wired-for-higher": () => "Wired for the plate's higher volts",
  "wired-for-lower": () => "Wired for the plate's lower volts",
};
export const faultWords = (fault: Fault | null): string => (fault ? FAULT_WORDS[fault.id](fault.level) : "Nothing wrong");

/** Unit behind a range, once. */
const UNIT: Record<RunField, string> = {
  supplyVolts: "V",
  lineAmps: "A",
  startAmps: "A",
  capacitorVolts: "V",
  speed: "rpm",
  startTime: "s",
  shell: "°C",
  coastDown: "s",
};
/** `1.6–1.9 A` in the unit of the field. */
export const rangeWords = (field: RunField, range: Range): string => rangeWithUnit(range, UNIT[field], field === "speed" ? 0 : undefined);

export const figureWords = (row: Pick<RunRow, "field" | "value" | "standardUncertainty">): string =>
  formatQuantity(RUN_FIELDS[row.field] as Quantity, row.value ?? 0, row.standardUncertainty || undefined);

const POSITION_WORDS = { inside: "as expected", below: "below what is expected", above: "above what is expected" } as const;

/** Measured, then what it stands against. */
function rowSentence(row: RunRow): string {
  const name = `${FIELD_WORDS[row.field]} ${figureWords(row)}`;
  const plate =
    row.plate !== null && row.value !== null && row.field !== "shell" ? `${formatPercent(row.value / row.plate)} of the plate` : "";
  if (row.field === "supplyVolts")
    return row.position === null || row.position === "inside"
      ? `${name}${plate ? `, ${plate}` : ""}.`
      : `${name}, ${plate}: too ${row.position === "below" ? "low" : "high"} for this motor. Settle the supply before the motor is judged.`;
  if (row.field === "shell")
    return row.position === "above"
      ? `${name}: too hot for the class of this winding. Switch off and let it cool.`
      : `${name}${row.position ? ", within its class" : ""}.`;
  if (row.field === "coastDown")
    return row.position === "below"
      ? `${name}: it stops sooner than a free wheel does. Something holds it: bearing, seal, or the wheel on its housing.`
      : `${name}.`;
  const expected =
    row.expected && row.position ? `${rangeWords(row.field, row.expected)} in a sound motor, ${POSITION_WORDS[row.position]}` : "";
  return `${[name, plate, expected].filter(Boolean).join("; ")}.`;
}

/** Line amps far below the plate are no pass: what they usually come from. */
function lowSentences({ amps, asksConnection, isMiswired }: Detail): string[] {
  if (isMiswired) return ["Taken while it is wired for other volts than arrive: the figures show that, and say nothing of its parts."];
  if (asksConnection) return ["These are the figures of the plate's other connection: look how it is connected before any part is blamed."];
  const { fractionOfPlate = null, conformity = null } = amps ?? {};
  return fractionOfPlate !== null && fractionOfPlate < 1 && conformity?.decision === "out"
    ? ["That is less than a loaded motor draws: load off, belt slipping, wheel loose or flow blocked. Taken with its covers on?"]
    : [];
}

const BEHAVIOUR_SENTENCES: Partial<Record<Behaviour, string>> = {
  "only-pushed": "It starts only when pushed: no torque at standstill. The start winding's way is open, or its capacitor or start gear.",
  hums: "It hums and does not start. Keep every try to 2 or 3 seconds.",
  dead: "Nothing at all: no current flows. Supply, control, protector or an open common come before the motor.",
};

/** Likelihoods in words: what the figures allow, not how common the fault is. */
export function fitWord({ fit }: Explanation): "fits" | "possible" | "hardly" {
  if (fit >= 0.3) return "fits";
  return fit >= 0.06 ? "possible" : "hardly";
}

/** What the plate leaves open, and where the plate contradicts itself. */
export function doubtSentences(
  detail: Pick<Detail, "failure" | "assumedType" | "narrowing"> & {
    readonly understanding: { readonly conflict: PlateConflict | null } | null;
  },
): string[] {
  const { failure, assumedType, narrowing, understanding } = detail;
  const conflict = understanding?.conflict;
  return [
    ...(failure ? [toMachineSentence(failure)] : []),
    ...(conflict
      ? [
          `The plate's figures do not belong to one motor: ${ENTRY_WORDS[conflict.entry].replace("the plate's ", "")} reads ${entryFigure(conflict.entry, conflict.statedValue)}, and about ${entryFigure(conflict.entry, roughly(conflict.expectedValue))} would go with the rest. Look at the plate again.`,
        ]
      : []),
    ...(assumedType ? [`Taken for ${MOTOR_TYPE_WORDS[assumedType]}: the plate station does not say the type.`] : []),
    ...(narrowing ? [`The ranges are wide because much is unknown; ${ENTRY_WORDS[narrowing]} would narrow them most.`] : []),
  ];
}

const MODEL_QUANTITY: Partial<Record<RunField, string>> = QUANTITY_OF;

/** What the figures come to; nothing while the model was not asked. */
function meaningOf({ understanding, rows }: Detail): string[] {
  const best = understanding?.explanations[0];
  if (best === undefined) return [];
  const strange = rows.filter(({ field }) => understanding?.unexplained.some((quantity) => MODEL_QUANTITY[field] === quantity));
  if (strange.length > 0)
    return [
      `Nothing known makes these figures: ${strange.map((row) => `${inSentence(FIELD_WORDS[row.field])} ${figureWords(row)}`).join(", ")}. Take ${strange.length > 1 ? "them" : "it"} again, and look at the plate again.`,
    ];
  return best.fault === null
    ? ["These are the figures of a sound motor of this plate."]
    : [`Explains it best: ${faultWords(best.fault).replace(/^./, (letter) => letter.toLowerCase())}.`];
}

const FIRST_WORDS = "Covers and guards on, as it runs every day. Say what it does when it is switched on, then key the line amps.";

/** The line amps tell most, and come first. */
const lineFirst = (rows: readonly RunRow[]): RunRow[] =>
  [...rows].sort((a, b) => Number(b.field === "lineAmps") - Number(a.field === "lineAmps"));

/** What was heard and where it is hottest, each with what it usually comes from. */
function heardSentences({ noises, hotPlace }: RunTestRecord): string[] {
  const end = hotPlace === "drive-end" ? "The drive end" : hotPlace === "other-end" ? "The other end" : null;
  return [
    ...noises.filter((noise) => noise !== "quiet").map((noise) => NOISE_CAUSES[noise]),
    ...(end ? [`${end} is hotter than the middle: the bearing there, or its lack of oil.`] : []),
  ];
}

/** How it behaves, these figures, and what they and the rest mean. */
function told(detail: Detail, record: RunTestRecord, rows: Detail["rows"]): string[] {
  const behaviour = record.behaviour ? BEHAVIOUR_SENTENCES[record.behaviour] : undefined;
  return [
    ...(behaviour ? [behaviour] : []),
    ...lineFirst(rows.filter(({ value }) => value !== null)).map(rowSentence),
    ...lowSentences(detail),
    ...heardSentences(record),
    // Figures of the other connection are no riddle, and are answered by looking.
    ...(detail.asksConnection || detail.isMiswired ? [] : meaningOf(detail)),
    ...doubtSentences(detail),
  ];
}

/** Every figure, for the record: what was measured, then what it means. */
export const allSentences = (detail: Detail, record: RunTestRecord): string[] => told(detail, record, detail.rows);

/** At the motor: the line amps, what is not as it should be, and what it means; the bars have the rest. */
export function sentences(detail: Detail, record: RunTestRecord): string[] {
  const notable = detail.rows.filter(({ field, position }) => field === "lineAmps" || position === "above" || position === "below");
  const all = told(detail, record, notable);
  return all.length > 0 ? all : [FIRST_WORDS];
}
