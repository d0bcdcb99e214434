import type { Suspect, TestId } from "../trade";

/** Tests that read a part itself, dead and by its own figure: what they find out is out, whatever it does. */
const READS_ITSELF: Readonly<Partial<Record<Suspect, readonly TestId[]>>> = {
  "run-capacitor": ["capacitor-meter", "capacitor-running"],
  "start-capacitor": ["capacitor-meter", "capacitor-running"],
  "start-switch": ["switch-ohms"],
  "start-relay": ["relay-ohms", "ptc-ohms"],
  "ground-fault": ["frame-ohms", "insulation"],
};

/** So many times likelier with the part at fault than without makes it measured out. */
const OUT = Math.log(20);
/** All that such a part fails to show together speaks against it by no more than this: weak parts often do not show. Judgement. */
const LEAST_SHOWN = Math.log(0.5);

/** One row of evidence: the test it comes from, null where it is no finding; and its log-likelihood under each set of faults. */
export interface EvidenceRow {
  readonly test: TestId | null;
  readonly logs: readonly number[];
}

/**
 * What is given back to sets of faults whose part was measured out and does not show itself: a capacitor of four fifths in a machine
 * that runs quietly is still out.
 * @param sets sets of faults: nothing, each alone, then pairs, each sorted as the alone ones are
 * @param rows everything that was found
 * @returns natural log to add for each set, ≥ 0
 * @source Pearl, Probabilistic Reasoning in Intelligent Systems (1988), 2.2: what a test shows of a part does not hang on symptoms
 */
export function givenBack(sets: readonly (readonly Suspect[])[], rows: readonly EvidenceRow[]): readonly number[] {
  const alone = new Map(sets.flatMap((faults, index) => (faults.length === 1 && faults[0] ? [[faults[0], index] as const] : [])));
  const back = sets.map(() => 0);
  for (const [fault, tests] of Object.entries(READS_ITSELF) as [Suspect, readonly TestId[]][]) {
    const own = alone.get(fault);
    if (own === undefined) continue;
    const against = (row: EvidenceRow, set: number, without: number): number => (row.logs[set] ?? 0) - (row.logs[without] ?? 0);
    const itself = rows.filter(({ test }) => test !== null && tests.includes(test));
    if (itself.reduce((sum, row) => sum + against(row, own, 0), 0) < OUT) continue;
    const others = rows.filter(({ test }) => test !== null && !tests.includes(test));
    sets.forEach((faults, set) => {
      if (!faults.includes(fault)) return;
      const left = faults.find((each) => each !== fault);
      const without = left === undefined ? 0 : (alone.get(left) ?? 0);
      const shown = others.reduce((sum, row) => sum + against(row, set, without), 0);
      back[set] = (back[set] ?? 0) + Math.max(0, LEAST_SHOWN - shown);
    });
  }
  return back;
}
