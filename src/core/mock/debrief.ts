import type { Hypothesis, Standing } from "../diagnosis";

const keyOf = ({ faults }: Hypothesis): string => faults.join("+");
/** What was not thought of before is taken for this likely. */
const UNTHOUGHT = 1e-6;

/**
 * What a step told of who is at fault, in bits.
 * @param before how they stood
 * @param after how they stand
 * @returns 0: nothing
 * @source S. Kullback, R. A. Leibler, On Information and Sufficiency (1951)
 */
export function bitsTold(before: Pick<Standing, "hypotheses">, after: Pick<Standing, "hypotheses">): number {
  const known = new Map(before.hypotheses.map((each) => [keyOf(each), each.probability]));
  const bits = after.hypotheses.reduce((sum, each) => {
    const was = Math.max(UNTHOUGHT, known.get(keyOf(each)) ?? 0);
    return each.probability > 0 ? sum + each.probability * Math.log2(each.probability / was) : sum;
  }, 0);
  return Math.max(0, bits);
}
