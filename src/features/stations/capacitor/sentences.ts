import { formatNumber, formatPercent, formatProbability, formatQuantity, typedFigure } from "@/core/quantity";
import { SWING_MEANING, type Gone, type PartMismatch } from "@/core/capacitor";
import type { HouseFigures } from "@/core/house";
import { isWorthWaiting, type CapacitorRecord, type SectionContradiction, type SectionVerdict } from "@/core/stations/capacitor";
import { doubtSentence } from "./doubt-words";

import type { CapacitorDetail } from "@/core/stations/capacitor";

export type { CapacitorDetail };
export type LabelDetail = Extract<CapacitorDetail, { state: "label" }>;

const uf = (value: number, uncertainty = 0.1): string => formatQuantity("capacitance", value, uncertainty);
const list = (values: readonly number[]): string => values.map((value) => formatNumber(value, 2)).join(" + ");

const MISMATCHES: { readonly [Code in PartMismatch["code"]]: (m: Extract<PartMismatch, { code: Code }>) => string } = {
  "wrong-value": (m) => `Wrong part: the plate asks for ${list(m.askedUf)} µF, fitted is ${list(m.fittedUf)} µF.`,
  "lower-volts": (m) => `Wrong part: the plate asks for ${m.askedV} V, fitted bears ${m.fittedV} V only. Never lower.`,
  "wrong-kind": (m) => `Wrong part: a ${m.fitted} capacitor where the plate asks for a ${m.asked} one. The two are never swapped.`,
  "wrong-terminal": (m) =>
    `Wrong terminal: this motor hangs on ${m.terminal} (${formatNumber(m.terminalUf, 2)} µF); the ${formatNumber(m.askedUf, 2)} µF it needs is on ${m.right}.`,
};

/** How far inside or outside the nearer limit the judged figure lies. */
function distance({ joint, limits }: SectionVerdict): { uf: number; side: "low" | "high"; isInside: boolean } | null {
  if (joint === null || limits === null) return null;
  const toLow = joint.capacitanceUf - limits.lowUf;
  const toHigh = limits.highUf - joint.capacitanceUf;
  const side = toLow < toHigh ? "low" : "high";
  const margin = Math.min(toLow, toHigh);
  return { uf: Math.abs(margin), side, isInside: margin >= 0 };
}

/** What two methods say together; nothing with one. */
function agreementSentence({ joint, meter, running }: SectionVerdict): string[] {
  if (!joint?.difference || !meter || !running) return [];
  const figures = `${uf(meter.capacitanceUf, meter.standardUncertaintyUf)} cold by the meter, ${uf(running.found.capacitanceUf, running.found.standardUncertaintyUf)} while running`;
  switch (joint.agreement) {
    case "lower-running":
      return [
        `The methods disagree: ${figures}. It loses value under volts and heat, or a joint in its lead does not carry; the running figure counts.`,
      ];
    case "higher-running":
      return [
        `The methods disagree: ${figures}. The cold reading was low (poor contact, lead still on, cheap meter on a part with a bleed), or the clamp saw more than this part; the running figure counts. Read the cold one again.`,
      ];
    case "agree":
    case "one":
      return [`Both methods agree: ${figures}.`];
  }
}

/** Day on which a too-close part is looked at again. */
function recheckDay(at: string | undefined, days: number): string {
  const date = new Date(Date.parse(at ?? "") + days * 86_400_000);
  return Number.isNaN(date.getTime()) ? `in ${formatNumber(days, 0)} days` : `by ${RECHECK_DAY.format(date)}`;
}
const RECHECK_DAY = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short", year: "numeric" });

/** What would settle a figure that is too close to call, and what the house does meanwhile. */
function settling(section: SectionVerdict, gapUf: number, at: string | undefined, house: HouseFigures): string {
  const good = uf(gapUf, gapUf);
  const better = /^0(?:\.0+)? /.test(good)
    ? "It lies on the limit, where no meter would settle it"
    : `A meter good to ±${good} would settle it`;
  const other =
    section.running === null ? "; so would amps and volts while running" : section.meter === null ? "; so would the meter, cold" : "";
  const chance = section.joint?.conformity.probabilityWithin ?? 0;
  if (!isWorthWaiting(section))
    return `It is more likely out than not (${formatProbability(1 - chance)}): replace it, the part is cheap and the visit is not. ${better}${other}.`;
  const meanwhile =
    house.tooCloseReplace === "replace"
      ? "Until then the house rule says: replace it now, the part is cheap and the visit is not."
      : `Until then the house rule says: leave it and look again ${recheckDay(at, house.recheckDays)}. Or replace it, since the part is cheap and the visit is not.`;
  return `${better}${other}. ${meanwhile}`;
}

function verdictSentences(section: SectionVerdict, at: string | undefined, house: HouseFigures): string[] {
  const gap = distance(section);
  const { joint, limits } = section;
  if (!gap || !joint || !limits) return [];
  const { conformity } = joint;
  const limit = `${gap.side} limit, ${uf(gap.side === "low" ? limits.lowUf : limits.highUf)}`;
  const chance = `Chance that it is within limits: ${formatProbability(conformity.probabilityWithin)}.`;
  const by = uf(gap.uf, conformity.expandedUncertainty);
  const who = joint.agreement === "one" && section.meter ? "this meter is" : "the figure is";
  const good = `${who} good to ±${uf(conformity.expandedUncertainty, conformity.expandedUncertainty)}`;
  switch (conformity.decision) {
    case "holds":
      return [`It reads ${by} inside the ${limit}; ${good}. It holds.`, chance];
    case "out":
      return [
        `It reads ${by} ${gap.side === "low" ? "below" : "above"} the ${limit}; ${good}. It is out.`,
        "A motor that ran on it for weeks may be hurt: check windings and frame before only swapping the part.",
      ];
    case "too-close":
      return [
        `It reads ${by} ${gap.isInside ? "inside" : "outside"} the ${limit}, and ${good}. ${chance}`,
        settling(section, gap.uf, at, house),
      ];
  }
}

const SWINGS = {
  charges: "Dips and climbs: it takes a charge. A rough check: a weak part swings like a good one, so measure it before it is trusted.",
  shorted: "Stays near zero: shorted. It puts the start winding straight on the line.",
  open: "Never dips: open. The motor hums, and may run when pushed either way.",
} as const;

function swingSentences({ swing, joint }: SectionVerdict): string[] {
  if (swing === null) return [];
  const estimate = swing.estimate
    ? `From its climb about ${formatNumber(swing.estimate.lowUf, 0)} to ${formatNumber(swing.estimate.highUf, 0)} µF, an order of magnitude only.`
    : null;
  const said = joint !== null && SWING_MEANING[swing.behaviour] === "charges" ? null : SWINGS[SWING_MEANING[swing.behaviour]];
  return [said, estimate].filter((sentence) => sentence !== null);
}

const VOLTS = {
  out: (measured: string, rated: string) =>
    `It bears ${measured} while running; its label allows ${rated}. The choice of part is wrong: fit one with more volts.`,
  "too-close": (measured: string, rated: string) =>
    `It bears ${measured} while running, too close to the ${rated} of its label to call. Fit the next higher rating.`,
  holds: null,
} as const;

function voltsSentence({ volts }: SectionVerdict): string[] {
  if (volts === null) return [];
  const say = VOLTS[volts.conformity.decision];
  return say ? [say(`${formatNumber(volts.measuredV, 0)} V`, `${formatNumber(volts.ratedV, 0)} V`)] : [];
}

const OVER_LIMIT = {
  unsaid: "OL on the capacitance range: beyond this meter's range, or shorted? Nothing is concluded until you say which.",
  "beyond-range": "Larger than this meter can measure: use the swing, amps and volts while running, or another meter.",
  shorted: "It reads near zero on ohms and stays there: shorted.",
} as const;

const CONTRADICTIONS: { readonly [Code in SectionContradiction["code"]]: (c: Extract<SectionContradiction, { code: Code }>) => string } = {
  "start-part-running": ({ amps }) =>
    `A start part is out of the circuit once the motor runs, and ${formatNumber(amps, 2)} A were read in its lead: the start device hangs in, or the clamp was on another lead. No capacitance is taken from it.`,
  "swing-against-meter": ({ swing, readingUf }) =>
    `The ohmmeter says ${swing === "shorted" ? "shorted" : "open"}, the capacitance meter reads ${uf(readingUf)}: both cannot be. Discharge it, take its leads off, and do both once more.`,
};

/** What was measured on the part that was here before. */
export function previousSentence(part: CapacitorRecord["previous"][number]): string {
  const figures = part.readings.flatMap((entry) => (entry ? [`${typedFigure(entry)} by the meter`] : []));
  const running = part.running.flatMap(({ amps, volts }) =>
    amps || volts ? [[amps, volts].flatMap((entry) => (entry ? [typedFigure(entry)] : [])).join(", ") + " running"] : [],
  );
  const said = [...figures, ...running];
  return `Before: ${part.label.trim()}${said.length > 0 ? `, ${said.join(", ")}` : ""}.`;
}

/** What one section's figures mean. */
function sectionSentences(section: SectionVerdict, at: string | undefined, house: HouseFigures): string[] {
  const overLimit = section.isOverLimit && section.joint === null ? [OVER_LIMIT[section.overLimit ?? "unsaid"]] : [];
  const doDisagree = section.joint?.agreement === "lower-running" || section.joint?.agreement === "higher-running";
  return [
    ...section.contradictions.map((found) => (CONTRADICTIONS[found.code] as (c: SectionContradiction) => string)(found)),
    ...voltsSentence(section),
    ...overLimit,
    // A disagreement is the news; that both agree is a remark.
    ...(doDisagree ? agreementSentence(section) : []),
    ...verdictSentences(section, at, house),
    ...(doDisagree ? [] : agreementSentence(section)),
    ...section.doubts.map(doubtSentence),
    ...swingSentences(section),
  ];
}

/** A capacitor that is not there to be measured: what that means, and that nothing is left to measure. */
const GONE_SENTENCES: Record<Gone, string> = {
  "none-fitted":
    "None is fitted. A motor made for one cannot start by itself without it: nothing is left to measure, and the plate says which goes in.",
  removed:
    "It was taken out: the start winding has no path, and nothing is left to measure. Find out why, and which one was there; the plate says which goes in.",
  bridged:
    "It was bridged: the start winding lies straight on the line. Take the bridge out before it gets power, and look at the windings; the plate says which part goes in.",
};

const EMPTY = "Power off, discharged, one side disconnected, fingers off the tips: wait for the figure to settle, then type it.";
const LOOKS_BAD =
  "Bulged, vented, leaking or burnt: it is finished whatever a meter says. Old cans may hold PCB oil: no skin contact, bag it, dispose as local rules ask.";

/** Every sentence about the part, the wrong part first. */
export function capacitorSentences(detail: CapacitorDetail, readAt: readonly (string | undefined)[], house: HouseFigures): string[] {
  if (detail.state === "none-fitted") return ["This type of motor has no capacitor. If one is fitted, type its label."];
  if (detail.state === "gone") return [GONE_SENTENCES[detail.gone]];
  const bad = detail.looksBad ? [LOOKS_BAD] : [];
  if (detail.state === "no-label")
    return [
      ...bad,
      detail.failure
        ? "The label cannot be read yet: mend it, then type what the meter shows."
        : "Type the label as printed, then what the meter shows.",
      ...detail.fromBoard.map(
        ({ posts, entry }) =>
          `Read at the windings between ${posts[0]} and ${posts[1]}: ${typedFigure(entry)}. Its label says whether that holds.`,
      ),
    ];
  if (detail.relabelledFrom !== null)
    return [
      ...bad,
      `The figures were taken with the label ${detail.relabelledFrom.trim()}. Say at the label whether this is another part.`,
    ];
  const mismatches = detail.mismatches.map((m) => (MISMATCHES[m.code] as (m: PartMismatch) => string)(m));
  const swapped = detail.areReadingsSwapped
    ? ["Each reading fits the other section: the meter was on the other terminal. Exchange the two figures, or measure again."]
    : [];
  const sections = detail.sections.flatMap((section, index) => {
    const name = detail.sections.length > 1 ? `${sectionName(detail, index)}: ` : "";
    return sectionSentences(section, readAt[index], house).map((sentence, n) => (n === 0 ? name + sentence : sentence));
  });
  const next =
    detail.nextTerminals && sections.length > 0 ? [`Next: the meter on ${detail.nextTerminals[0]} and ${detail.nextTerminals[1]}.`] : [];
  const board = detail.fromPosts ? [`Read at the windings, between ${detail.fromPosts[0]} and ${detail.fromPosts[1]}.`] : [];
  const all = [...bad, ...stampOfOther(detail), ...mismatches, ...swapped, ...sections, ...otherSections(detail), ...board, ...next];
  // While a figure is asked about, the verdict says so itself.
  const isAsked = detail.sections.some(({ slips }) => Object.values(slips).some((slip) => slip !== null));
  if (all.length > 0 || isAsked) return all;
  return detail.nextTerminals ? [`Meter on ${detail.nextTerminals[0]} and ${detail.nextTerminals[1]} first.`, EMPTY] : [EMPTY];
}

/** The station's stamp is that of the worse part: where it is the other one, that is said before this one's figures. */
function stampOfOther({ other, sections }: LabelDetail): string[] {
  if (other?.state !== "label" || other.stamp !== "out" || sections.some(({ stamp }) => stamp === "out")) return [];
  return [`The ${PART_NAMES[other.label.kind].toLowerCase()} is out. This one:`];
}

/** Each part of a motor with two, by its kind. */
export const PART_NAMES: Record<LabelDetail["label"]["kind"], string> = { run: "Run part", start: "Start part" };

/** A section out of its limits that feeds another motor is a fault of the part, and none of this motor. */
function otherSections(detail: LabelDetail): string[] {
  const isOut = (index: number): boolean => detail.sections[index]?.stamp === "out";
  const out = detail.sections.flatMap((_, index) => (isOut(index) ? [index] : []));
  if (detail.sections.length < 2 || out.length === 0) return [];
  if (detail.ownSection === null) return ["Pick the terminal that feeds this motor: the other section says nothing about it."];
  return out
    .filter((index) => index !== detail.ownSection)
    .map(
      (index) => `${sectionName(detail, index)} feeds another motor: the part is due for replacing, and it accuses nothing of this one.`,
    );
}

/** Name of a section, by its terminal or its place. */
export function sectionName({ sections }: LabelDetail, index: number): string {
  return sections[index]?.terminal ?? `Section ${index + 1}`;
}

/** Percent of rated, with the deviation. */
export function percentFigure(section: SectionVerdict | undefined): string | null {
  if (!section?.joint || !section.limits) return null;
  const fraction = section.joint.capacitanceUf / section.limits.ratedUf;
  const deviation = fraction - 1;
  return `${formatPercent(fraction, 1)} of rated (${deviation < 0 ? "−" : "+"}${formatPercent(Math.abs(deviation), 1)})`;
}
