import type { HouseFigures } from "../../house";
import { figureOf, findSlip, SLIP_KINDS, type Slip, type SlipJudge } from "../../quantity";
import { LEAD_PAIRS, type BoardUnderstanding, type ThreeLeadAnswer } from "../../winding";
import type { TestLeads } from "./board";
import { entryAt, type PostPair, type WindingsRecord } from "./record";

/** A reading that one slip of the finger turned away from the others. */
export interface PairSlip {
  readonly pair: PostPair;
  readonly slip: Slip;
}

/** Place of its kind among the likeliest. */
const rankOf = ({ slip }: Pick<PairSlip, "slip">): number => (SLIP_KINDS as readonly string[]).indexOf(slip.kind);

/** Against a figure the others ask for, within what the meters explain. */
function against(expectedOhm: number, standardOhm: number, factor: number): SlipJudge {
  const reach = factor * standardOhm;
  const misfit = (ohm: number): number | null => (Math.abs(ohm - expectedOhm) <= reach ? Math.abs(ohm - expectedOhm) / standardOhm : null);
  return { kinds: SLIP_KINDS, isPlausible: (ohm) => misfit(ohm) !== null, misfit };
}

/** Three leads: what each reading would have to be for the largest to be the sum of the other two. */
function slipsOfSum(record: WindingsRecord, leads: TestLeads, house: HouseFigures): PairSlip[] {
  const figures = LEAD_PAIRS.map(([a, b]) => figureOf(entryAt(record, a, b)));
  return LEAD_PAIRS.flatMap((pair, index): PairSlip[] => {
    const [first, second] = figures.filter((_, other) => other !== index);
    const own = figures[index];
    if (!own || !first || !second) return [];
    // The reading is the largest of the three, or one of the two that add up to it; the test leads count once.
    const wanted = [first.value + second.value - leads.ohm, Math.abs(first.value - second.value) + leads.ohm];
    const others = Math.hypot(first.standardUncertainty, second.standardUncertainty, leads.standardOhm);
    const found = wanted.flatMap((ohm) => {
      // A slip leads to a figure of another size: its uncertainty is taken at what it should be.
      const standardOhm = Math.hypot(others, own.standardUncertainty * Math.min(1, ohm / own.value));
      const slip =
        ohm > leads.ohm ? findSlip(entryAt(record, pair[0], pair[1]), "resistance", against(ohm, standardOhm, house.coverageFactor)) : null;
      return slip ? [{ pair, slip }] : [];
    });
    // Of two that fit, the one nearer to what was typed.
    return found.sort((a, b) => rankOf(a) - rankOf(b) || Math.abs(a.slip.value - own.value) - Math.abs(b.slip.value - own.value));
  });
}

/** Uncertainty of what a fit makes of a reading, as a part of it: half a percent to one is what a listed ohmmeter is good to. Judgement. */
const FIT_PART = 0.006;

/** Ten times off, a figure is known by its digits though the others tell it but roughly (the test leads are not known); part. */
const POINT_REACH = 0.15;

/** Any board: a reading that does not belong, against what the others make of it. */
function slipsOfBoard(record: WindingsRecord, board: BoardUnderstanding, leads: TestLeads, house: HouseFigures): PairSlip[] {
  return board.misfits.flatMap(({ a, b, wantedOhm }): PairSlip[] => {
    const entry = entryAt(record, a, b);
    const figure = figureOf(entry);
    if (wantedOhm === null || !figure) return [];
    const standardOhm = Math.hypot(
      figure.standardUncertainty * Math.min(1, wantedOhm / figure.value),
      FIT_PART * wantedOhm,
      leads.standardOhm,
    );
    const slip =
      findSlip(entry, "resistance", against(wantedOhm, standardOhm, house.coverageFactor)) ??
      findSlip(entry, "resistance", { ...against(wantedOhm, POINT_REACH * wantedOhm, 1), kinds: ["point"] });
    return slip ? [{ pair: [a, b], slip }] : [];
  });
}

/** One way to mend each pair is enough to ask; of several, the first. */
const onePerPair = (slips: readonly PairSlip[]): PairSlip[] =>
  slips.filter(({ pair }, index) => slips.findIndex((each) => each.pair.join() === pair.join()) === index);

/** The likeliest kind of slip that explains the readings: any of three that add up, or one of two on a larger board; more ways are none. */
export function slipsOf(
  record: WindingsRecord,
  leads: TestLeads,
  three: ThreeLeadAnswer | null,
  board: BoardUnderstanding | null,
  house: HouseFigures,
): readonly PairSlip[] {
  const all = three
    ? three.kind === "sum-off"
      ? slipsOfSum(record, leads, house)
      : []
    : board
      ? slipsOfBoard(record, board, leads, house)
      : [];
  const best = Math.min(...all.map(rankOf));
  const likeliest = onePerPair(all.filter((each) => rankOf(each) === best));
  return likeliest.length <= (three ? 3 : 2) ? likeliest : [];
}
