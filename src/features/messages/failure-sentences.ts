import { MEASURES, type MeasureId } from "@/core/measure";
import { formatNumber } from "@/core/quantity";
import type { Failure, FailureCode } from "@/core/result";

/** What a figure of each kind looks like, for sentences that say what to type. */
const EXAMPLES: Record<MeasureId, string> = {
  resistance: "8.9, 4.7k or OL",
  capacitance: "16.56, 970n or OL",
  current: "2.4 or 880mA",
  voltage: "231.4 or 0.3",
  temperature: "24.5",
  insulation: "550M or >550M",
  speed: "1385",
  duration: "1.2",
  length: "17, 16.98 mm, 0.669 in or 5/8",
  frequency: "50 or 60",
  power: "1/3 hp or 0.25 kW",
  minutes: "40 or 1.5 h",
  days: "3 or 2 weeks",
  months: "12",
  years: "8",
  percent: "6",
  count: "2",
  money: "8.80",
  plain: "12.5",
};

/** What each kind is called in a sentence. */
const CALLED: Record<MeasureId, string> = {
  resistance: "resistance",
  capacitance: "capacitance",
  current: "current",
  voltage: "voltage",
  temperature: "temperature",
  insulation: "insulation resistance",
  speed: "speed",
  duration: "time",
  length: "length",
  frequency: "frequency",
  power: "power",
  minutes: "number of minutes",
  days: "number of days",
  months: "number of months",
  years: "number of years",
  percent: "percentage",
  count: "number of pieces",
  money: "price",
  plain: "figure",
};
const inUnit = (quantity: MeasureId): string => (MEASURES[quantity].symbol === "" ? "" : ` in ${MEASURES[quantity].symbol}`);
const withUnit = (value: number, quantity: MeasureId): string => `${formatNumber(value, 6)} ${MEASURES[quantity].symbol}`.trim();
/** Shown back at most so long: a text pasted by mistake must not fill the screen. */
export const quoted = (text: string): string => `“${text.length > 40 ? `${text.slice(0, 40)}…` : text}”`;

/** What goes wrong with files and folders has its sentences in file-sentences.ts: a card is worked on without them. */
export type FileCode = Extract<FailureCode, `file-${string}` | "folder-failed" | "import-cancelled" | "export-cancelled">;
/** What is wrong with a plate, a bearing or what the machine model makes of them has its own in machine-sentences.ts. */
export type MachineCode = Extract<
  FailureCode,
  | `plate-${string}`
  | `bearing-${string}`
  | `motor-${string}`
  | "rpm-above-synchronous"
  | "seat-far-off"
  | "model-does-not-converge"
  | "search-failed"
  | "study-failed"
>;
/** What goes wrong where work and photos are kept has its own in kept-sentences.ts. */
export type KeptCode = Extract<FailureCode, `storage-${string}` | "card-gone" | "change-misfit" | "photo-unreadable">;
/** What goes wrong when a photo is read has its own in photo-sentences.ts. */
export type PhotoCode = Exclude<Extract<FailureCode, `photo-${string}`>, KeptCode>;
/** What is wrong with the line of a meter has its own in meter-sentences.ts. */
export type MeterCode = Extract<FailureCode, `profile-${string}` | `meter-${string}`>;
/** What is wrong with a recording has its own in sound-sentences.ts. */
export type SoundCode = Extract<FailureCode, `sound-${string}`>;
type Sentences = {
  readonly [Code in Exclude<FailureCode, FileCode | MachineCode | KeptCode | PhotoCode | SoundCode | MeterCode>]: (
    failure: Extract<Failure, { code: Code }>,
  ) => string;
};

/** One sentence for every code: what was wrong, and what to type or do instead. */
const SENTENCES: Sentences = {
  "reading-empty": ({ quantity }) => `Type the figure as shown, for example ${EXAMPLES[quantity]}.`,
  "reading-not-a-number": ({ text, quantity }) => `${quoted(text)} is not a figure. Type it as shown, for example ${EXAMPLES[quantity]}.`,
  "reading-no-figure": ({ text, quantity }) =>
    `${quoted(text)} is no plain figure, and one is needed here. Type it${inUnit(quantity)}, for example ${EXAMPLES[quantity]}.`,
  "reading-two-points": ({ text }) => `${quoted(text)} has two decimal points. Type it with one, for example 1.23.`,
  "reading-gap": ({ text, quantity }) =>
    `${quoted(text)} could be one figure or two. Type one, with a point where it belongs, for example ${EXAMPLES[quantity]}.`,
  "reading-two-ways": ({ text, quantity, values: [small, large] }) =>
    `${quoted(text)} could be ${withUnit(small, quantity)} or ${withUnit(large, quantity)}. Type a point for decimals, and no comma for thousands.`,
  "reading-negative": ({ quantity }) =>
    quantity === "resistance"
      ? "Ohms below zero are volts on the leads: mains, a charged capacitor or a turning rotor. Prove it dead, let it stand, then type the figure without the sign."
      : `A ${CALLED[quantity]} cannot be negative. Swap the probes or zero the meter, then type the figure without the sign.`,
  "reading-less-than": ({ text, quantity }) =>
    `${quoted(text)} is only an upper bound. Type the figure the display shows, for example ${EXAMPLES[quantity]}.`,
  "reading-plus": ({ text }) => {
    const figure = text.replace("+", "").trim();
    return `${quoted(text)} could be a figure or “more than”. Type >${figure} for more than, or ${figure} alone.`;
  },
  "reading-wrong-unit": ({ unit, quantity }) =>
    `${quoted(unit)} is not a unit of ${CALLED[quantity]}. Type the figure${inUnit(quantity)}, for example ${EXAMPLES[quantity]}.`,
  "reading-unit-ambiguous": ({ unit, quantity }) =>
    quantity === "resistance"
      ? `${quoted(unit)} could be milli or mega. Type M for megohms (5M), or plain ohms (0.005).`
      : quantity === "duration"
        ? `${quoted(unit)} could be minutes or milliseconds. Type min or ms, or plain seconds.`
        : `${quoted(unit)} could be read two ways. Type the figure${inUnit(quantity)}, for example ${EXAMPLES[quantity]}.`,
  "reading-unit-needed": ({ text, quantity }) => `${quoted(text)} needs its unit. Type it with one, for example ${EXAMPLES[quantity]}.`,
  "reading-fahrenheit": ({ text, celsius }) =>
    `${quoted(text)} is ${formatNumber(celsius, 1)} °C. Type it in °C: ${formatNumber(celsius, 1)}.`,
  "reading-not-whole": ({ text, quantity }) => `${quoted(text)} is not a whole number. Type one, for example ${EXAMPLES[quantity]}.`,
  "reading-out-of-range": ({ text, quantity, min, max }) =>
    `${quoted(text)} cannot be a ${CALLED[quantity]} here. Type a figure from ${formatNumber(min, 3)} to ${withUnit(max, quantity)}.`,
  "label-empty": () => "Type the label as printed, for example 35 µF ±6 % 440 V.",
  "label-no-capacitance": ({ text }) =>
    `No capacitance found in ${quoted(text)}. Type the µF from the label, for example 35 µF ±6 % 440 V or 189-227 MFD 250 VAC.`,
  "label-not-a-capacitor": ({ what }) =>
    `This reads as a ${what}, not as a capacitor. Type what the capacitor's own label says, for example 35 µF ±6 % 440 V.`,
  "label-two-ways": ({ text, readings: [first, second] }) =>
    `${quoted(text)} could be ${first} or ${second}. Type the one that is meant, with its unit.`,
  "price-of-both": ({ text }) => `${quoted(text)} names a pair and a piece. Type one price, for example 38.40 for the pair.`,
  "label-no-volts": ({ text }) =>
    `${quoted(text)} does not say its volts, and no part goes in below the volts it needs. Type them from the label, for example ${text.trim().slice(0, 40)} 450 V.`,
  "label-two-parts": ({ text }) =>
    `${quoted(text)} tells of two capacitors. Type one here and the other in its own field, each with its µF and volts.`,
  "label-range-reversed": ({ lowUf, highUf }) =>
    `The range runs backwards (${lowUf} to ${highUf} µF). Type the smaller figure first: ${highUf}-${lowUf} µF.`,
  "running-volts-too-low": ({ volts }) =>
    `${volts} V across the capacitor: there is no capacitance to be told from that. Measure across its two terminals while the motor runs, usually 1.1 to 1.8 times the line, and type that.`,
  "mock-code": ({ text }) => `${quoted(text)} is the code of no case. Type its eight signs again, for example 0003-503R.`,
  "running-no-current": () =>
    "0 A in the capacitor's lead: the clamp is on another lead, round both wires, or the path is open. Clamp the one lead to the capacitor and type what it shows.",
};

type Say = ((failure: Failure) => string) | undefined;

/** The sentence for a failure of a figure or a label; the tables beside it have those of the rest, toFileSentence all of them. */
export const toSentence = (failure: Failure): string =>
  (SENTENCES as Readonly<Record<string, Say>>)[failure.code]?.(failure) ??
  `It could not be done (${failure.code}). Try again, or choose another file.`;

/** What stands under a field: the sentence of what went wrong, or nothing. */
export const problemOf = (failure: Failure | null | undefined): string | null => (failure ? toSentence(failure) : null);
