import type { QuoteComparison, ReadQuote, SwapAction } from "@/core/exchange";
import { readSheet } from "@/core/match";
import { formatMoney, formatNumber } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import { isNamedPiece, type OutInRecord, type Piece, type WorkState } from "@/core/stations/out-in";
import { clockTime, dayWords } from "@/features/vocabulary/clock";
import { doneWords } from "@/features/vocabulary/done-words";
import { inSentence } from "@/features/vocabulary/in-sentence";
import { ACTION_WORDS } from "@/features/vocabulary/list-words";
import { ROTATION_WORDS } from "@/features/vocabulary/match-words";
import { AFTER_FITTING_WORDS, FATE_WORDS, KEPT_PART_WORDS, LACK_WORDS, QUOTED_WORDS } from "@/features/vocabulary/swap-words";
import { motorLine } from "../../match/sheet-words";
import { workSentences } from "./incoming-words";

export type Detail = ReturnType<(typeof STATIONS)["out-in"]["assess"]>["detail"];

/** A piece that goes in, in one phrase. */
export const pieceName = ({ label, sheet }: Piece): string => label.trim() || (sheet ? motorLine(readSheet(sheet).spec) : "");

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

export const workTitle = (action: SwapAction): string => ACTION_WORDS[action];

/** Everything of the exchange in sentences, for cards and paper. */
export function sentences(record: OutInRecord, detail: Detail): string[] {
  const works = detail.works.flatMap((work) => {
    const { exchange, action, incoming } = work;
    const { out, pieces } = exchange;
    const named = pieces.filter(isNamedPiece);
    const said: string[] = [];
    if (out.label.trim() || out.fate)
      said.push(
        `Out, ${inSentence(ACTION_WORDS[action])}: ${[out.label.trim(), out.reading.trim()].filter(Boolean).join(", ") || "the old part"}${out.fate ? `; ${inSentence(FATE_WORDS[out.fate])}` : ""}${out.why.trim() ? `, ${out.why.trim()}` : ""}.`,
      );
    if (out.kept.length > 0) said.push(`Kept of it: ${out.kept.map((kept) => inSentence(KEPT_PART_WORDS[kept])).join(", ")}.`);
    if (exchange.isOldKept)
      said.push(`The old one stays until the new one is here${exchange.expectedOn ? `, ${dayWords(exchange.expectedOn)}` : ""}.`);
    if (named.length > 0 && !exchange.isOldKept)
      said.push(
        ...named.map(
          (piece) =>
            `In: ${[pieceName(piece), piece.stamp.trim() && `no. ${piece.stamp.trim()}`, piece.source.trim() && `from ${piece.source.trim()}`, piece.price.trim()].filter(Boolean).join(", ")}.`,
        ),
        ...workSentences(incoming, pieces),
      );
    return said;
  });
  const { rotationBefore, rotationAsked } = record;
  return [
    ...works,
    ...detail.mends.flatMap(({ work, at }) => (at === null ? [] : [`${doneWords(work)}, ${clockTime(at)}.`])),
    ...detail.comparisons.map(({ of, comparison }) => `${QUOTED_WORDS[of]}: ${comparisonSentence(comparison)}`),
    ...(rotationBefore ? [`It turned ${inSentence(ROTATION_WORDS[rotationBefore])}, looking at the shaft end.`] : []),
    ...(rotationAsked ? [`It has to turn ${inSentence(ROTATION_WORDS[rotationAsked])}.`] : []),
    ...detail.after.filter((id) => record.seenTo[id] !== undefined).map((id) => `${AFTER_FITTING_WORDS[id]}.`),
    ...(record.note.trim() ? [record.note.trim()] : []),
  ];
}
