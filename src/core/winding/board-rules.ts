import { differenceStandard, type Solution } from "./least-squares";
import type { Joint, Structure } from "./structure";

/** A sound section between two speed taps has at least this many ohms; a big blower's can be a few tenths. */
const LEAST_SECTION_OHM = 0.1;
/** Rules of size stand until they are broken beyond this many standard uncertainties. */
const RULE_SCORE = 2;
/** Equal halves are wound alike to within this part. */
const HALVES_ALIKE = 0.05;

/** What the sizes of the joints must keep: main < start, section < main, halves alike, sound windings not near zero. */
interface Rules {
  readonly least: readonly (readonly [joint: number, ohm: number])[];
  readonly less: readonly (readonly [smaller: number, larger: number])[];
  readonly halves: readonly [number, number] | null;
}

const isSound = ({ isShort, cls }: Joint): boolean => !isShort && cls !== "link" && cls !== "ground";

function makeRules({ joints }: Structure, leastWindingOhm: number): Rules {
  const of = (...classes: readonly string[]): number[] =>
    joints.flatMap((joint, index) => (isSound(joint) && classes.includes(joint.cls) ? [index] : []));
  const mains = of("main", "half");
  const [first, second] = of("half");
  return {
    least: joints.flatMap((joint, index) =>
      isSound(joint) ? [[index, joint.cls === "section" ? LEAST_SECTION_OHM : leastWindingOhm] as const] : [],
    ),
    less: [
      ...of("aux").flatMap((aux) => mains.map((main) => [main, aux] as const)),
      ...of("section").flatMap((section) => mains.map((main) => [section, main] as const)),
    ],
    halves: first !== undefined && second !== undefined ? [first, second] : null,
  };
}

const made = new WeakMap<Structure, { readonly leastWindingOhm: number; readonly rules: Rules }>();

function rulesFor(structure: Structure, leastWindingOhm: number): Rules {
  const known = made.get(structure);
  if (known?.leastWindingOhm === leastWindingOhm) return known.rules;
  const rules = makeRules(structure, leastWindingOhm);
  made.set(structure, { leastWindingOhm, rules });
  return rules;
}

/** Whether the ohms found keep the rules, as far as the readings can tell; what no reading reaches breaks none. */
export function keepsRules(structure: Structure, solution: Solution, leastWindingOhm: number): boolean {
  const { values, isFree } = solution;
  const { least, less, halves } = rulesFor(structure, leastWindingOhm);
  const ohm = (joint: number): number => values[joint] ?? 0;
  const areKnown = (a: number, b: number): boolean => isFree[a] === 0 && isFree[b] === 0;
  for (const [joint, atLeast] of least) if (isFree[joint] === 0 && ohm(joint) < atLeast) return false;
  for (const [smaller, larger] of less) {
    const over = ohm(smaller) - ohm(larger);
    if (over > 0 && areKnown(smaller, larger) && over > RULE_SCORE * differenceStandard(solution, smaller, larger)) return false;
  }
  if (halves === null || !areKnown(...halves)) return true;
  const apart = Math.abs(ohm(halves[0]) - ohm(halves[1]));
  return apart <= HALVES_ALIKE * ohm(halves[0]) + RULE_SCORE * differenceStandard(solution, ...halves);
}
