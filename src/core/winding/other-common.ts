import { recentBy } from "../recent";
import { slipCandidates, type Entry, type SlipKind } from "../quantity";
import { identifyThreeLeads, type LeadIndex, type PairIndex, type ThreeLeadAnswer, type ThreeLeadInput } from "./three-leads";

/** Slips that a sum check of three coarse readings may let pass. */
const ONE_SIGN: readonly SlipKind[] = ["digit", "exchanged"];
/** The changed figure has to fit better than the typed one: chi-square by which it may fit worse; below zero: better. */
const FITS_WORSE = -0.5;

const scoreOf = ({ sum }: Extract<ThreeLeadAnswer, { kind: "named" | "order-unclear" }>): number =>
  (sum.mismatchOhm / sum.standardUncertaintyOhm) ** 2;

/** Nobody types another digit for the nought before the point. */
const keepsNought = (typed: string, other: string): boolean => !typed.trim().startsWith("0") || other.trim().startsWith("0");

/** A pair that one changed digit would make name another lead common, with both leads. */
export interface OtherCommon {
  readonly pair: PairIndex;
  readonly candidates: readonly [LeadIndex, LeadIndex];
}

/**
 * Whether one changed digit in one of the three readings would name another lead common, and the sum would not tell: then
 * that pair is read again before a lead is named. A reading that was looked at again is believed.
 * @param input the three readings as they are judged
 * @param answer what they come to
 * @param entries the readings as they were typed, in the order of the pairs
 * @returns the pair to read again; null: the order of the three is sure
 * @source three readings carry one check for three figures: one changed figure is found, never which
 */
export const otherCommonOf = recentBy(
  (input: ThreeLeadInput, answer: ThreeLeadAnswer, entries: readonly (Entry | null)[]): string =>
    JSON.stringify([input, answer, entries.map((entry) => entry && [entry.text, entry.isSure])]),
  findOtherCommon,
);

function findOtherCommon(input: ThreeLeadInput, answer: ThreeLeadAnswer, entries: readonly (Entry | null)[]): OtherCommon | null {
  if (answer.kind !== "named") return null;
  const common = answer.roles.indexOf("common") as LeadIndex;
  const most = scoreOf(answer) + FITS_WORSE;
  const found = entries.flatMap((entry, place): (OtherCommon & { readonly score: number })[] => {
    const own = input.pairs[place];
    if (!entry || entry.isSure === true || own?.kind !== "ohms") return [];
    return slipCandidates(entry.text, "resistance")
      .filter(({ kind, text, value }) => ONE_SIGN.includes(kind) && value > input.leadOhm && keepsNought(entry.text, text))
      .flatMap(({ value }) => {
        const changed = input.pairs.map((pair, index) =>
          index === place ? { ...own, ohm: value, standardUncertainty: own.standardUncertainty * Math.max(1, value / own.ohm) } : pair,
        ) as unknown as ThreeLeadInput["pairs"];
        const other = identifyThreeLeads({ ...input, pairs: changed });
        const named =
          other.kind === "named" ? (other.roles.indexOf("common") as LeadIndex) : other.kind === "order-unclear" ? other.common : null;
        if (named === null || named === common || (other.kind !== "named" && other.kind !== "order-unclear")) return [];
        const score = scoreOf(other);
        return score <= most ? [{ pair: place as PairIndex, candidates: [common, named] as const, score }] : [];
      });
  });
  const [best] = found.sort((a, b) => a.score - b.score);
  return best ? { pair: best.pair, candidates: best.candidates } : null;
}
