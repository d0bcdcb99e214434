import type { BearingDifference } from "@/core/bearing";
import type { Incoming, QuoteComparison, Quoted, ReadQuote, SwapAction } from "@/core/exchange";
import type { MotorSpec } from "@/core/match";
import { formatMoney, formatNumber, formatProbability, formatQuantity } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import type { OutInRecord, WorkState } from "@/core/stations/out-in";
import { dayWords } from "@/features/vocabulary/clock";
import { inSentence } from "@/features/vocabulary/in-sentence";
import { ACTION_WORDS } from "@/features/vocabulary/list-words";
import { MATCH_VERDICT_WORDS, ROTATION_WORDS } from "@/features/vocabulary/match-words";
import { AFTER_FITTING_WORDS, FATE_WORDS, KEPT_PART_WORDS, LACK_WORDS, QUOTED_WORDS } from "@/features/vocabulary/swap-words";
import { motorLine } from "../../match/sheet-words";

export type Detail = ReturnType<(typeof STATIONS)["out-in"]["assess"]>["detail"];

/** What goes in, in one phrase. */
export const partName = ({ exchange, incoming }: WorkState, spec: MotorSpec | null): string =>
  exchange.in.label.trim() || (incoming.kind === "motor" && spec ? motorLine(spec) : "");

const uf = (value: number): string => formatQuantity("capacitance", value);

function capacitorSentences(incoming: Extract<Incoming, { kind: "capacitor" }>): string[] {
  const { mismatches, isWantedKnown, label, limits, readingUf, conformity } = incoming;
  const against = mismatches.map((each) => {
    switch (each.code) {
      case "wrong-value":
        return `It says ${each.fittedUf.map(uf).join(" + ")}, and ${each.askedUf.map(uf).join(" + ")} is asked for.`;
      case "lower-volts":
        return `Its volts are too low: ${formatQuantity("voltage", each.fittedV)}, and ${formatQuantity("voltage", each.askedV)} is the least.`;
      case "wrong-kind":
        return `It is a ${each.fitted} part, and a ${each.asked} part belongs here.`;
      case "wrong-terminal":
        return `Connect ${each.right}: ${each.terminal} is ${uf(each.terminalUf)}.`;
    }
  });
  if (label === null) return [];
  const measured =
    conformity === null || readingUf === null || limits === null
      ? [
          limits === null
            ? "Measure it before it goes in."
            : `Measure it before it goes in: ${uf(limits.lowUf)} to ${uf(limits.highUf)} holds.`,
        ]
      : [
          `It reads ${uf(readingUf)}, within ${uf(limits.lowUf)} to ${uf(limits.highUf)} with ${formatProbability(conformity.probabilityWithin)}.`,
        ];
  return [
    ...against,
    ...(isWantedKnown
      ? []
      : ["What the place asks for is not known: key the plate or the old label, or nobody can say whether this is right."]),
    ...(against.length > 0 ? [] : measured),
  ];
}

const DIFFERENCE_WORDS: Record<BearingDifference, string> = {
  "open-for-closed": "It is open on a side, and one closed for life came out: it would run dry, and let dirt in.",
  "shields-for-seals": "It has shields, and seals came out: in dust or wet it does not last.",
  "seals-for-shields": "It has seals, and shields came out: they rub a little, and end near 110 °C.",
  "other-clearance":
    "Its clearance is not that of the one that came out: C3 is the usual one in motors; in a slack or hot place it matters.",
  "closure-unknown": "Whether seals, shields or nothing came out is not known: look at the old one.",
};

function bearingSentences({ verdict, number, wanted, differences, failure }: Extract<Incoming, { kind: "bearing" }>): string[] {
  if (number === null) return failure ? [] : ["Type its number as stamped."];
  if (wanted.length === 0) return [`${number}. Name the old bearing at its station: then it can be said whether this is the same.`];
  if (differences.length > 0) return [`${number} is the size.`, ...differences.map((each) => DIFFERENCE_WORDS[each])];
  return [verdict === "right" ? `${number}, as came out.` : `${number}, and ${wanted.join(" and ")} came out: not the same size.`];
}

function motorSentences(incoming: Extract<Incoming, { kind: "motor" }>): string[] {
  const { match, frameOhm, isGrounded, isMeasured } = incoming;
  return [
    `${MATCH_VERDICT_WORDS[match.overall]}, by what was typed of both.${match.missing.length > 0 ? ` ${match.missing.length} lines are not known yet: see Match.` : ""}`,
    isGrounded && frameOhm !== null
      ? `It reads ${formatQuantity("resistance", frameOhm)} to its own frame: a ground fault before it is fitted.`
      : isMeasured
        ? "Clear to its own frame before it is fitted."
        : "Measure every lead to its frame before it is fitted: OL on each.",
  ];
}

/** What is known of the part that goes in, before it is fitted. */
export function incomingSentences(incoming: Incoming): string[] {
  switch (incoming.kind) {
    case "capacitor":
      return capacitorSentences(incoming);
    case "bearing":
      return bearingSentences(incoming);
    case "motor":
      return motorSentences(incoming);
    case "start-gear":
    case "other":
      return [];
  }
}

/** What one work still lacks, in one line. */
export const lackSentence = ({ lacks }: WorkState): string | null =>
  lacks.length === 0 ? null : `Still to do: ${lacks.map((lack) => LACK_WORDS[lack]).join("; ")}.`;

/** What a quote comes to, on one line. */
export function quoteLine({ terms }: ReadQuote): string | null {
  if (!terms) return null;
  const parts = [
    `part ${formatMoney(terms.partCost)}`,
    ...(terms.minutes > 0 ? [`${formatNumber(terms.minutes, 0)} min there and back ${formatMoney(terms.wayCost)}`] : []),
    ...(terms.waitCost > 0 ? [`${formatNumber(terms.days, 1)} days of standstill ${formatMoney(terms.waitCost)}`] : []),
  ];
  return `${parts.join(" + ")} = ${formatMoney(terms.total)}`;
}

const when = (days: number): string => (days === 0 ? "now" : days === 1 ? "tomorrow" : `in ${formatNumber(days, 1)} days`);

/** Two quotes on one line, with the break-even. */
export function comparisonSentence({ cheaper, other, quicker, breakEvenADay }: QuoteComparison): string {
  const [a, b] = [cheaper, other].map(({ quote, terms }) => ({
    name: quote.supplier.trim() || "the other",
    shown: terms ? `${formatMoney(terms.partCost + terms.wayCost)} ${when(terms.days)}` : "",
    total: terms?.total ?? 0,
  })) as [{ name: string; shown: string; total: number }, { name: string; shown: string; total: number }];
  const turns =
    breakEvenADay !== null && quicker
      ? ` ${quicker.quote.supplier.trim() || "The quicker one"} is the cheaper from ${formatMoney(breakEvenADay)} a day of standstill.`
      : "";
  return `${a.shown} from ${a.name}, ${b.shown} from ${b.name}: ${a.name} is cheaper by ${formatMoney(b.total - a.total)}.${turns}`;
}

export const quotedName = (of: Quoted): string => QUOTED_WORDS[of];

export const workTitle = (action: SwapAction): string => ACTION_WORDS[action];

/** Everything of the exchange in sentences, for cards and paper. */
export function sentences(record: OutInRecord, detail: Detail, specOf: (work: WorkState) => MotorSpec | null): string[] {
  const works = detail.works.flatMap((work) => {
    const { exchange, action, incoming } = work;
    const { out, in: part } = exchange;
    const name = partName(work, specOf(work));
    const said: string[] = [];
    if (out.label.trim() || out.fate)
      said.push(
        `Out, ${inSentence(ACTION_WORDS[action])}: ${[out.label.trim(), out.reading.trim()].filter(Boolean).join(", ") || "the old part"}${out.fate ? `; ${inSentence(FATE_WORDS[out.fate])}` : ""}${out.why.trim() ? `, ${out.why.trim()}` : ""}.`,
      );
    if (out.kept.length > 0) said.push(`Kept of it: ${out.kept.map((kept) => inSentence(KEPT_PART_WORDS[kept])).join(", ")}.`);
    if (exchange.isOldKept)
      said.push(`The old one stays until the new one is here${exchange.expectedOn ? `, ${dayWords(exchange.expectedOn)}` : ""}.`);
    if (name !== "" && !exchange.isOldKept)
      said.push(
        `In: ${[name, part.stamp.trim() && `no. ${part.stamp.trim()}`, part.source.trim() && `from ${part.source.trim()}`, part.price.trim()].filter(Boolean).join(", ")}.`,
        ...incomingSentences(incoming),
      );
    return said;
  });
  const { rotationBefore, rotationAsked } = record;
  return [
    ...works,
    ...detail.comparisons.map(({ of, comparison }) => `${QUOTED_WORDS[of]}: ${comparisonSentence(comparison)}`),
    ...(rotationBefore ? [`It turned ${inSentence(ROTATION_WORDS[rotationBefore])}, looking at the shaft end.`] : []),
    ...(rotationAsked ? [`It has to turn ${inSentence(ROTATION_WORDS[rotationAsked])}.`] : []),
    ...detail.after.filter((id) => record.seenTo[id] !== undefined).map((id) => `${AFTER_FITTING_WORDS[id]}.`),
    ...(record.note.trim() ? [record.note.trim()] : []),
  ];
}
