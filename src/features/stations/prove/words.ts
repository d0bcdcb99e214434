import { inSentence } from "@/features/vocabulary/in-sentence";
import { RUN_FIELDS, type AmpsVerdict } from "@/core/motor";
import { formatPercent, formatProbability, formatQuantity } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import type { ProofLine } from "@/core/exchange";
import type { ProofRow, ProveRecord } from "@/core/stations/prove";
import { DOUBT_SENTENCES } from "@/features/vocabulary/decision-words";
import { handPair } from "@/features/vocabulary/hand-words";
import { TURNED_BY_WORDS, ROTATION_WORDS } from "@/features/vocabulary/match-words";
import { PROOF_LINE_WORDS } from "@/features/vocabulary/swap-words";
import { HOT_PLACE_WORDS, NOISE_WORDS, RUN_FIELD_WORDS } from "@/features/vocabulary/run-words";

export type Detail = ReturnType<(typeof STATIONS)["prove"]["assess"]>["detail"];

function ampsSentence(name: string, verdict: AmpsVerdict): string {
  const amps = formatQuantity("current", verdict.amps);
  if (verdict.fractionOfPlate === null || verdict.conformity === null) return `${name}: ${amps}. No amps on the plate to hold it against.`;
  const plate = `${amps}, ${formatPercent(verdict.fractionOfPlate)} of the plate`;
  const words = {
    holds: "within the limit.",
    out:
      verdict.fractionOfPlate < 1
        ? "below what a loaded motor draws: belt, wheel or flow gone, or another motor than its plate."
        : "above the limit: overload, low volts, wrong capacitor, start winding left in, shorted turns or tight bearings.",
    "too-close": `too close to the limit to call with this clamp (within it with ${formatProbability(verdict.conformity.probabilityWithin)}).`,
  };
  return `${name}: ${plate}; ${words[verdict.conformity.decision]}`;
}

const CHANGE_WORDS = { more: "more", less: "less", same: "the same within the meter" } as const;

export const figureWords = (row: ProofRow, which: "before" | "after"): string => {
  const value = row[which];
  const sd = which === "before" ? row.beforeSd : row.afterSd;
  return value === null ? "" : formatQuantity(RUN_FIELDS[row.field], value, sd || undefined);
};

/** One figure as a pair, where both are there. */
function pairSentence(row: ProofRow): string[] {
  if (row.before === null || row.after === null || row.change === null) return [];
  const change =
    row.change === "same"
      ? CHANGE_WORDS.same
      : `${formatQuantity(RUN_FIELDS[row.field], Math.abs(row.after - row.before))} ${CHANGE_WORDS[row.change]}`;
  return [`${RUN_FIELD_WORDS[row.field]}: ${figureWords(row, "before")} before, ${figureWords(row, "after")} after, ${change}.`];
}

/** Amps without load are held against what the motor idles at, amps with it against the plate. */
function afterSentence({ isUnloaded, idle, plateA }: Detail, after: AmpsVerdict): string {
  if (!isUnloaded) return ampsSentence("After", after);
  const amps = formatQuantity("current", after.amps);
  if (idle === null || plateA === null) return `After, without load: ${amps}. No amps on the plate to hold it against.`;
  const { range, verdict } = idle;
  const idles = `${formatQuantity("current", range.lowA, 0.05)} to ${formatQuantity("current", range.highA, 0.05)}`;
  const words = {
    within: "within it.",
    near: "just outside it: idle amps go with the volts. Measure those too.",
    low: "below it.",
    high: "above it.",
  };
  return `After, without load: ${amps}; ${range.isOwn ? "this motor" : "a motor of this type"} idles at ${idles}: ${words[verdict]}`;
}

/** Noises in the same words before and after, where both were told. */
function heardPair({ before, after }: Detail["heard"]): string[] {
  const words = (noises: typeof before): string => noises.map((noise) => inSentence(NOISE_WORDS[noise])).join(", ");
  return before.length > 0 && after.length > 0 ? [`Heard: before ${words(before)}; after ${words(after)}.`] : [];
}

function hottestPair({ before, after }: Detail["hottest"]): string[] {
  return before && after ? [`Hottest: before ${inSentence(HOT_PLACE_WORDS[before])}; after ${inSentence(HOT_PLACE_WORDS[after])}.`] : [];
}

const LACK_SENTENCES: Record<Detail["lacks"][number], string> = {
  rotation: "Which way it turns now is not noted, and what was done may have turned it round: look at the shaft end.",
  figure: "No figure after the repair yet: one of them shows that it is better.",
  starts: "Whether it starts by itself is not noted yet.",
};

export function sentences(detail: Detail, record: Pick<ProveRecord, "afterRotation" | "reversedBy" | "lines"> | null = null): string[] {
  const { before, after, wasMiswired, doubts, rows, hand, heard, hottest } = detail;
  const change =
    before && after
      ? [
          `${formatQuantity("current", Math.abs(after.amps - before.amps), after.standardUncertaintyA)} ${after.amps <= before.amps ? "less" : "more"} than before.`,
        ]
      : [];
  const { rotation, lacks, isOtherMotor } = detail;
  const said = [
    ...(after ? [afterSentence(detail, after)] : []),
    ...(before
      ? [
          wasMiswired
            ? `Before: ${formatQuantity("current", before.amps)}, while it was wired for other volts.`
            : ampsSentence("Before", before),
        ]
      : []),
    ...change,
    ...rows.filter(({ field }) => field !== "lineAmps").flatMap(pairSentence),
    ...handPair(hand.before, hand.after),
    ...heardPair(heard),
    ...hottestPair(hottest),
    ...(isOtherMotor && after ? ["Held against the plate of the motor that went in."] : []),
    ...(rotation.before && record?.afterRotation
      ? [
          `It turned ${inSentence(ROTATION_WORDS[rotation.before])} before, and turns ${inSentence(ROTATION_WORDS[record.afterRotation])} now.`,
        ]
      : record?.afterRotation
        ? [`It turns ${inSentence(ROTATION_WORDS[record.afterRotation])}, looking at the shaft end.`]
        : []),
    ...(record?.reversedBy ? [`It was made to turn the other way: ${inSentence(TURNED_BY_WORDS[record.reversedBy])}.`] : []),
    ...Object.entries(record?.lines ?? {}).map(
      ([line, state]) => `${PROOF_LINE_WORDS[line as ProofLine]}: ${state === "good" ? "yes" : "no"}.`,
    ),
  ];
  return said.length + doubts.length > 0
    ? [...doubts.map((doubt) => DOUBT_SENTENCES[doubt]), ...lacks.map((lack) => LACK_SENTENCES[lack]), ...said]
    : ["Covers and guards on, as it runs every day; then the line amps, clamp closed round one lead."];
}
