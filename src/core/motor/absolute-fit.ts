import { stateOfBehaviour, type Behaviour, type Measured } from "./behaviour";
import { MODEL_SD, type Expectation } from "./expectation";
import { FLOORS, type Explanation } from "./explanation";
import { RUN_QUANTITIES, type RunQuantity } from "./prediction";

/** A figure this many standard deviations outside all that an explanation makes is not explained by it. */
const FAR_SD = 4;

/** Figures far from all that an explanation makes, in what the model and the meter can be off. */
function farFrom(expected: Expectation, behaviour: Behaviour | null, measured: Measured): RunQuantity[] {
  const state = stateOfBehaviour(behaviour);
  return RUN_QUANTITIES.filter((quantity) => {
    const figure = measured[quantity];
    const range = expected[state][quantity];
    // How long it took says nothing where it stands, or had to be pushed.
    if (!figure || (quantity === "startTimeS" && behaviour !== null && behaviour !== "starts")) return false;
    // What does not turn makes no figure of a motor that does.
    if (!range) return true;
    const floor = FLOORS[quantity];
    const log = (value: number): number => Math.log(Math.max(floor, value));
    const apart = Math.max(log(range.low) - log(figure.value), log(figure.value) - log(range.high), 0);
    return apart > FAR_SD * Math.hypot(MODEL_SD[state][quantity], figure.standardUncertainty / Math.max(floor, figure.value));
  });
}
/** The nearest where nothing fits: hardly an explanation. */
const NEAREST = 0.05;

/**
 * Absolute fit: where one explanation makes every figure, those that do not are none. Where none does, the figures that fail
 * the nearest of them: nothing known makes these.
 */
export function heldAbsolutely(
  explanations: readonly Explanation[],
  behaviour: Behaviour | null,
  measured: Measured,
): { readonly explanations: Explanation[]; readonly unexplained: readonly RunQuantity[] } {
  const far = new Map(explanations.map((each) => [each, farFrom(each.expected, behaviour, measured)]));
  const count = (each: Explanation): number => far.get(each)?.length ?? 0;
  const fewest = Math.min(...explanations.map(count));
  if (fewest > 0) {
    const nearest = explanations.filter((each) => count(each) === fewest);
    const unexplained = RUN_QUANTITIES.filter((quantity) => nearest.some((each) => far.get(each)?.includes(quantity)));
    return { explanations: explanations.map((each) => ({ ...each, fit: NEAREST * each.fit })), unexplained };
  }
  const making = explanations.filter((each) => count(each) === 0);
  const most = Math.max(...making.map(({ fit }) => fit));
  const rest = explanations.filter((each) => count(each) > 0);
  return {
    explanations: [...making.map((each) => ({ ...each, fit: each.fit / most })), ...rest.map((each) => ({ ...each, fit: 0 }))],
    unexplained: [],
  };
}
