import type { Facts } from "../../facts";
import {
  type WindingKnowledge,
  type WindingGroup,
  isNearZeroClass,
  isWindingClass,
  type BoardAnswer,
  type BoardReading,
  type ElementClass,
  type LayoutRole,
  type ThreeLeadAnswer,
} from "../../winding";

/** A winding or part of the settled board: between which posts, and how many ohms. */
export interface BoardElement {
  readonly cls: ElementClass;
  readonly from: LayoutRole;
  readonly to: LayoutRole;
  readonly posts: readonly [number, number];
  /** null: a capacitor, an open element, or not reached by any reading */
  readonly ohm: number | null;
  /** of a capacitor that the capacitance range confirmed */
  readonly capacitanceUf: number | null;
  readonly isFaulty: boolean;
}

/** The elements of an answer, in the order of its layout. */
export function elementsOf({ structure, postOf, fit }: BoardAnswer): BoardElement[] {
  const { layout, joints, places, fault } = structure;
  const postAt = (role: LayoutRole): number => postOf[places.indexOf(role)] ?? -1;
  // A switch and a protector that both stand alone read alike: neither is named.
  const areAlike = layout.roles.includes("SW1") && layout.roles.includes("P1");
  return layout.elements.map(({ from, to, cls }, element) => {
    const joint = joints.findIndex((each) => each.element === element);
    return {
      cls: areAlike && isNearZeroClass(cls) ? "link" : cls,
      from,
      to,
      posts: [postAt(from), postAt(to)],
      ohm: joint < 0 ? null : (fit.ohms[joint] ?? null),
      capacitanceUf: null,
      isFaulty: fault !== null && fault.kind !== "ground" && fault.element === element,
    };
  });
}

/**
 * Capacitors that the capacitance range confirmed become elements wherever they were read, in place of what ohms alone
 * made of those posts.
 */
export function withCapacitors(elements: readonly BoardElement[], readings: readonly BoardReading[]): BoardElement[] {
  const found = readings.flatMap((reading) => (reading.kind === "capacitance" ? [reading] : []));
  const isSame = ({ posts }: BoardElement, { a, b }: { a: number; b: number }): boolean => posts.includes(a) && posts.includes(b);
  const others = elements.filter(
    ({ cls, posts }) => cls !== "capacitor" || !found.some(({ a, b }) => posts.includes(a) || posts.includes(b)),
  );
  return [
    ...others,
    ...found.map(({ a, b, capacitanceUf }): BoardElement => {
      const known = elements.find((each) => each.cls === "capacitor" && isSame(each, { a, b }));
      return { from: "K1", to: "K2", cls: "capacitor", posts: [a, b], ...known, ohm: null, isFaulty: false, capacitanceUf };
    }),
  ];
}

/** The two windings of three named leads. */
export function elementsOfThree(answer: ThreeLeadAnswer): BoardElement[] {
  if (answer.kind !== "named") return [];
  const at = (role: string): number => answer.roles.indexOf(role as never);
  return [
    { cls: "main", from: "C", to: "R", posts: [at("common"), at("run")], ohm: answer.runOhm, capacitanceUf: null, isFaulty: false },
    { cls: "aux", from: "C", to: "S", posts: [at("common"), at("start")], ohm: answer.startOhm, capacitanceUf: null, isFaulty: false },
  ];
}

/** Elements joined by a post, as groups. */
function joinedGroups(elements: readonly BoardElement[]): BoardElement[][] {
  const groups: BoardElement[][] = [];
  for (const element of elements) {
    const touching = groups.filter((group) => group.some(({ posts }) => posts.some((post) => element.posts.includes(post))));
    for (const group of touching) groups.splice(groups.indexOf(group), 1);
    groups.push([...touching.flat(), element]);
  }
  return groups;
}

/** Rows of the insulation lattice: windings that no path joins, then a switch and a capacitor that stand on posts of their own. */
export function groupsOf(elements: readonly BoardElement[]): WindingGroup[] {
  const groups = joinedGroups(elements);
  const isWound = (group: readonly BoardElement[]): boolean => group.some(({ cls }) => isWindingClass(cls));
  const wound = groups.filter(isWound);
  const apart = groups.filter((group) => !isWound(group)).map((group) => group.map(({ cls }) => cls));
  let halves = 0;
  const windings =
    wound.length < 2
      ? (["all"] as const)
      : wound.map((group): WindingGroup => {
          const classes = new Set(group.map(({ cls }) => cls).filter(isWindingClass));
          if (classes.has("half")) return (halves += 1) === 1 ? "half-1" : "half-2";
          return classes.has("aux") && classes.size === 1 ? "start" : "main";
        });
  return [
    ...windings,
    ...(apart.some((classes) => classes.some(isNearZeroClass)) ? (["switch"] as const) : []),
    ...(apart.some((classes) => classes.includes("capacitor")) ? (["capacitor"] as const) : []),
  ];
}

/** Ohms of a winding are taken at this temperature where nobody wrote it down, give or take as much as sites differ. */
const USUAL_AIR_C = 20;
const AIR_SPREAD_K = 8;
/** Change of copper's ohms for a kelvin. @source IEC 60028, 0.00393 at 20 °C */
const COPPER_PER_K = 0.00393;
const OHM_SD = 0.01;

/** The main and the start winding as the machine model takes them: each the one sound element of its kind. */
export function windingFacts(
  elements: readonly BoardElement[],
  leadStandardOhm: number,
  temperatureC: number | null,
): Pick<Facts, "mainWinding" | "startWinding"> {
  const of = (wanted: ElementClass): WindingKnowledge | null => {
    const [only, ...others] = elements.filter(({ cls, isFaulty }) => cls === wanted && !isFaulty);
    if (!only || others.length > 0 || only.ohm === null || !(only.ohm > 0)) return null;
    const airSd = temperatureC === null ? COPPER_PER_K * AIR_SPREAD_K * only.ohm : 0;
    return {
      ohm: only.ohm,
      standardOhm: Math.hypot(leadStandardOhm, OHM_SD * only.ohm, airSd),
      temperatureC: temperatureC ?? USUAL_AIR_C,
    };
  };
  return { mainWinding: of("main"), startWinding: of("aux") };
}
