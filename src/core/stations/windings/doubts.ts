import { figureOf } from "../../quantity";
import type { TestLeads } from "./board";
import type { PostPair, WindingsRecord } from "./record";

/** What probably happened to a reading that does not look like a winding, with the pair it is about. */
export type ReadingDoubt =
  | { readonly code: "thousand-times"; readonly pair: PostPair; readonly ohm: number }
  | { readonly code: "below-leads"; readonly pair: PostPair; readonly ohm: number; readonly leadOhm: number }
  | { readonly code: "capacitor-or-coil"; readonly pair: PostPair; readonly ohm: number }
  | { readonly code: "same-figure"; readonly pair: PostPair; readonly other: PostPair; readonly text: string };

/** Windings of motors this size end far below; relay coils and capacitors that charge lie above. */
const MOST_WINDING_OHM = 1500;
const THOUSAND = 300;
/** Windings of one motor lie within such a factor of each other. */
const NEIGHBOUR = 8;
/** A reading below the test leads by more than their spread explains. */
const BELOW_SCORE = 3;

const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/**
 * Readings worth a second look before they are believed: a slip of a thousand, less than the test leads alone, kilo-ohms
 * where ohms belong, and (where readings contradict) a figure keyed twice.
 * @param misfits pairs that do not belong with the others
 */
export function doubtsOf(record: WindingsRecord, leads: TestLeads, misfits: readonly PostPair[]): ReadingDoubt[] {
  const ohms = record.pairs.flatMap(({ a, b, entry }) => {
    const figure = entry.reading?.quantity === "resistance" ? figureOf(entry) : null;
    return figure ? [{ pair: [a, b] as const, ohm: figure.value, u: figure.standardUncertainty, text: entry.text.trim() }] : [];
  });
  return ohms.flatMap(({ pair, ohm, u, text }): ReadingDoubt[] => {
    const others = ohms.filter((each) => each.pair !== pair).map((each) => each.ohm);
    const usual = median(others.filter((other) => other < MOST_WINDING_OHM));
    if (others.length >= 1 && usual > 0 && ohm >= MOST_WINDING_OHM && ohm / usual > THOUSAND) {
      // A slip of exactly a thousand lands among the others once it is taken back.
      const isSlip = ohm / 1000 > usual / NEIGHBOUR && ohm / 1000 < usual * NEIGHBOUR;
      return [{ code: isSlip ? "thousand-times" : "capacitor-or-coil", pair, ohm }];
    }
    if (leads.isNulled && leads.ohm - ohm > BELOW_SCORE * Math.hypot(u, leads.standardOhm)) {
      return [{ code: "below-leads", pair, ohm, leadOhm: leads.ohm }];
    }
    const isMisfit = misfits.some(([a, b]) => (a === pair[0] && b === pair[1]) || (a === pair[1] && b === pair[0]));
    const twin = isMisfit ? ohms.find((each) => each.pair !== pair && each.text === text) : undefined;
    return twin ? [{ code: "same-figure", pair, other: twin.pair, text }] : [];
  });
}
