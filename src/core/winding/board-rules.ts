import { isWindingClass } from "./layout";
import { covarianceOf, differenceStandard, type Solution } from "./least-squares";
import type { Joint, Structure } from "./structure";

/** Rules of size stand until they are broken beyond this many standard uncertainties. */
const RULE_SCORE = 2;
/** Equal halves are wound alike to within this part. */
const HALVES_ALIKE = 0.05;

/** What the sizes of the joints must keep: main < start, section < main, halves alike, sound windings not near zero. */
interface Rules {
  readonly least: readonly (readonly [joint: number, ohm: number])[];
  readonly less: readonly (readonly [smaller: number, larger: number])[];
  /** main and start winding of which the one is never a sliver of the other */
  readonly mains: readonly (readonly [main: number, aux: number])[];
  readonly halves: readonly [number, number] | null;
}

/** How small a sound winding may be. */
interface LeastOhms {
  readonly leastWindingOhm: number;
  readonly leastSectionOhm: number;
  readonly sectionScore: number;
  readonly leastMainPart: number;
}

const isSound = ({ isShort, cls }: Joint): boolean => !isShort && isWindingClass(cls);

function makeRules({ joints }: Structure, { leastWindingOhm, leastSectionOhm }: LeastOhms): Rules {
  const of = (...classes: readonly string[]): number[] =>
    joints.flatMap((joint, index) => (isSound(joint) && classes.includes(joint.cls) ? [index] : []));
  const mains = of("main", "half");
  const [first, second] = of("half");
  return {
    least: joints.flatMap((joint, index) =>
      isSound(joint) ? [[index, joint.cls === "section" ? leastSectionOhm : leastWindingOhm] as const] : [],
    ),
    mains: of("aux").flatMap((aux) => mains.map((main) => [main, aux] as const)),
    less: [
      ...of("aux").flatMap((aux) => mains.map((main) => [main, aux] as const)),
      ...of("section").flatMap((section) => mains.map((main) => [section, main] as const)),
    ],
    halves: first !== undefined && second !== undefined ? [first, second] : null,
  };
}

const made = new WeakMap<Structure, { readonly least: LeastOhms; readonly rules: Rules }>();

function rulesFor(structure: Structure, least: LeastOhms): Rules {
  const known = made.get(structure);
  if (known?.least.leastWindingOhm === least.leastWindingOhm && known.least.leastSectionOhm === least.leastSectionOhm) return known.rules;
  const rules = makeRules(structure, least);
  made.set(structure, { least, rules });
  return rules;
}

const standardOf = (solution: Solution, joint: number): number => Math.sqrt(covarianceOf(solution, 1 << joint, 1 << joint));

/** Whether the ohms found keep the rules, as far as the readings can tell; what no reading reaches breaks none. */
export function keepsRules(structure: Structure, solution: Solution, options: LeastOhms): boolean {
  const { values, isFree } = solution;
  const { least, less, mains, halves } = rulesFor(structure, options);
  const ohm = (joint: number): number => values[joint] ?? 0;
  const areKnown = (a: number, b: number): boolean => isFree[a] === 0 && isFree[b] === 0;
  for (const [joint, atLeast] of least) {
    // A tap so near the next that the meter cannot part them is a tap all the same.
    const slack = structure.joints[joint]?.cls === "section" ? options.sectionScore * standardOf(solution, joint) : 0;
    if (isFree[joint] === 0 && ohm(joint) + slack < atLeast) return false;
  }
  for (const [smaller, larger] of less) {
    const over = ohm(smaller) - ohm(larger);
    if (over > 0 && areKnown(smaller, larger) && over > RULE_SCORE * differenceStandard(solution, smaller, larger)) return false;
  }
  for (const [main, aux] of mains) {
    const under = options.leastMainPart * ohm(aux) - ohm(main);
    if (under > 0 && areKnown(main, aux) && under > RULE_SCORE * differenceStandard(solution, main, aux)) return false;
  }
  if (halves === null || !areKnown(...halves)) return true;
  const apart = Math.abs(ohm(halves[0]) - ohm(halves[1]));
  return apart <= HALVES_ALIKE * ohm(halves[0]) + RULE_SCORE * differenceStandard(solution, ...halves);
}
