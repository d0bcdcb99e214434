import { isMonthLike, isNumberLike, isWhollyVolts, type Assignment } from "./assign";
import { endsInVolts, isRangeLike, joined, nominals, twoWays, type LabelFigures } from "./figures";
import { USUAL_VOLTS } from "./spelling";
import type { Figures, FigureJoint, Placed, UnitOf } from "./tokens";

/** What one assignment makes of a label: its figures and volts, what it leaves over, and how strange it is. */
export interface Composed {
  readonly figures: LabelFigures | null;
  readonly ratedV: number | null;
  /** places of tokens that mean something in it */
  readonly used: ReadonlySet<number>;
  readonly cost: number;
}

/* What a figure costs that no unit was given to, by what it may be instead. */
const LEFT = { asVolts: 0.25, asCapacitance: 0.3, asNumber: 0.2, asMoreVolts: 0.4, unexplained: 1 } as const;

/** A group of figures, or what is left of one when its volts were taken. */
interface Group {
  readonly at: number;
  readonly token: Figures;
  readonly values: readonly string[];
  readonly joints: readonly FigureJoint[];
}

const isUsual = (text: string | undefined): boolean => /^\d{3}$/.test(text ?? "") && USUAL_VOLTS.includes(Number(text));
const withoutLast = (group: Group): Group => ({ ...group, values: group.values.slice(0, -1), joints: group.joints.slice(0, -1) });
const withoutFirst = (group: Group): Group => ({ ...group, values: group.values.slice(1), joints: group.joints.slice(1) });

/** The volts of a group that a unit of volts was given, and what is left of it. */
function voltsOf(group: Group, isBehind: boolean): { readonly volts: readonly number[]; readonly left: Group | null } {
  if (group.values.length === 1 || isWhollyVolts(group)) return { volts: group.values.map(Number), left: null };
  return isBehind
    ? { volts: [Number(group.values.at(-1))], left: withoutLast(group) }
    : { volts: [Number(group.values[0])], left: withoutFirst(group) };
}

/** Bare volts of a group: all of it, its end, or its beginning. */
function bareVolts(group: Group): { readonly volts: readonly number[]; readonly left: Group | null } | null {
  if (group.token.hasUf && group.values.length === 1) return null;
  const isRange = group.joints[0] === "-" && isRangeLike(Number(group.values[0]), Number(group.values[1]));
  if (!isRange && group.values.every(isUsual) && isWhollyVolts(group)) return { volts: group.values.map(Number), left: null };
  if (endsInVolts(group.values, group.joints)) return { volts: [Number(group.values.at(-1))], left: withoutLast(group) };
  const [joint] = group.joints;
  return isUsual(group.values[0]) && joint === "/" && Number(group.values[1]) < 100
    ? { volts: [Number(group.values[0])], left: withoutFirst(group) }
    : null;
}

/** Largest value a bare figure is taken for; beyond it lie part numbers and speeds. */
const MOST_BARE_UF = 1200;
/** Short words behind a bare figure that are no unit of something else: others are, as in 35 pF. */
const NO_UNIT = /^(?:run|cap|dual|oval|rnd|herm|fan|comp|c|ac|film|sh|and|for|to|tol|start|no|non|mp|mkp|made|in)$/;

function mayBeBareCapacitance(group: Group, tokens: readonly Placed[]): boolean {
  if (group.values.some((value) => Number(value.replace(",", "")) > MOST_BARE_UF) || isNumberLike(group.values[0] ?? "")) return false;
  const behind = tokens[group.at + 1];
  return !(behind?.tag === "word" && behind.text.length <= 4 && !NO_UNIT.test(behind.text));
}

const textOf = ({ values, joints }: Group): string => values.map((value, index) => `${value}${joints[index] ?? ""}`).join("");
const nanoToMicro = (text: string): string => String(Number((Number(text) / 1000).toPrecision(12)));

/** The figure right beside one that has the unit, with nothing but blanks between. */
function besideOf(bound: Group, left: readonly Group[], tokens: readonly Placed[]): Group | null {
  const beside = left.find(({ at }) => at === bound.at - 1);
  const isWhole =
    beside?.values.length === 1 && bound.values.length === 1 && [beside, bound].every(({ values }) => /^\d+$/.test(values[0] ?? ""));
  return beside && isWhole && tokens[bound.at]?.tag === "figures" && !isNumberLike(beside.values[0] ?? "") ? beside : null;
}

/** Figures that carry tolerances of their own are sections as they stand. */
function ofOneGroup({ group, of, spelling }: Omit<Bound, "isNamedBefore">, ratedV: number | null, isBare: boolean): LabelFigures {
  if (of === "nf") return nominals(...group.values.map(nanoToMicro));
  const { tolerances } = group.token;
  if (tolerances.length === group.values.length && tolerances.every((own) => own !== null))
    return { kind: "nominals", nominals: group.values.map((uf, index) => ({ uf: Number(uf), tolerance: tolerances[index] ?? null })) };
  // Who writes MFD writes a comma between thousands.
  const values = /^m\s?f/.test(spelling) ? group.values.map((value) => value.replace(",", "")) : group.values;
  return joined(values, group.joints, ratedV, isBare);
}

const sameFigures = (one: Group, other: Group): boolean => textOf(one) === textOf(other);

/**
 * Makes a reading of an assignment: volts, capacitance, and what is left unexplained.
 * @param tokens of the label
 * @param assignment units and their figures
 * @returns the reading with its cost
 */
export function compose(tokens: readonly Placed[], assignment: Assignment): Composed {
  let { cost } = assignment;
  const used = new Set<number>();
  const volts: number[] = [];
  const groups = new Map<number, Group>();
  tokens.forEach((token, at) => {
    if (token.tag === "figures") groups.set(at, { at, token, values: token.values, joints: token.joints });
  });
  const unitOf = (at: number): UnitOf => {
    const token = tokens[at];
    return token?.tag === "unit" ? token.of : "uf";
  };
  const spend = (at: number, left: Group | null): void => {
    used.add(at);
    if (left) groups.set(at, left);
    else groups.delete(at);
  };
  for (const bond of assignment.bonds) {
    used.add(bond.unit);
    const group = groups.get(bond.figures);
    if (!group || unitOf(bond.unit) === "uf" || unitOf(bond.unit) === "nf") continue;
    const taken = voltsOf(group, bond.isBehind);
    volts.push(...taken.volts);
    spend(bond.figures, taken.left);
  }
  const bound: Bound[] = [];
  const take = (group: Group, of: UnitOf, isNamedBefore: boolean, spelling = "uf"): void => {
    bound.push({ group, of, isNamedBefore, spelling });
    used.add(group.at);
    groups.delete(group.at);
  };
  for (const { unit, figures, isBehind } of assignment.bonds) {
    const group = groups.get(figures);
    if (group && (unitOf(unit) === "uf" || unitOf(unit) === "nf")) take(group, unitOf(unit), !isBehind, tokens[unit]?.text);
  }
  for (const group of [...groups.values()]) if (group.token.hasUf) take(group, "uf", false);
  const hasUnit = volts.length > 0;
  for (const group of [...groups.values()]) {
    const bare = hasUnit ? null : bareVolts(group);
    if (!bare) continue;
    volts.push(...bare.volts);
    cost += LEFT.asVolts;
    spend(group.at, bare.left);
  }
  const ratedV = volts.length > 0 ? Math.max(...volts) : null;
  // Volts before it and other volts behind it: each belongs to a part of its own.
  const voltsAt = assignment.bonds.flatMap(({ unit, figures }) => (unitOf(unit) === "v" ? [figures] : []));
  const isOfTwo = bound.some(
    ({ group: { at, token } }) =>
      token.hasUf &&
      token.values.length > 1 &&
      new Set(volts).size > 1 &&
      voltsAt.some((each) => each < at) &&
      voltsAt.some((each) => each > at),
  );
  if (isOfTwo) return { figures: { kind: "two-parts" }, ratedV, used, cost };
  const bareOnes = bound.length > 0 ? [] : [...groups.values()].filter((group) => mayBeBareCapacitance(group, tokens));
  const figures = figuresOf(bound, bareOnes, [...groups.values()], tokens, ratedV);
  if (bareOnes.length > 0) cost += LEFT.asCapacitance;
  for (const { at, values, joints } of groups.values()) {
    if (bareOnes.some((group) => group.at === at)) used.add(at);
    else if (isNumberLike(values[0] ?? "") || isMonthLike({ values, joints })) cost += LEFT.asNumber;
    else cost += values.every(isUsual) ? LEFT.asMoreVolts : LEFT.unexplained;
  }
  return { figures, ratedV, used, cost };
}

/** A group with its unit, which may stand before it. */
interface Bound {
  readonly group: Group;
  readonly of: UnitOf;
  /** how the unit is spelled */
  readonly spelling: string;
  readonly isNamedBefore: boolean;
}

function figuresOf(
  bound: readonly Bound[],
  bare: readonly Group[],
  left: readonly Group[],
  tokens: readonly Placed[],
  ratedV: number | null,
): LabelFigures | null {
  const [first, ...more] = bound;
  if (first) {
    if (more.some(({ group }) => !sameFigures(group, first.group))) return { kind: "two-parts" };
    const beside = besideOf(first.group, left, tokens);
    const [low = "", high = ""] = [beside?.values[0], first.group.values[0]];
    if (beside && isRangeLike(Number(low), Number(high))) return { kind: "range", rangeUf: [Number(low), Number(high)] };
    if (beside) return twoWays(`${low}+${high} µF`, `${high} µF`);
    // `mfd 440`: more likely the volts of a label whose figure was not read.
    if (first.isNamedBefore && ratedV === null && first.group.values.length === 1 && isUsual(high))
      return twoWays(`${high} µF`, `${high} V`);
    return ofOneGroup(first, ratedV, false);
  }
  const [only, other] = bare;
  if (!only) return null;
  return other ? twoWays(`${textOf(only)} µF`, `${textOf(other)} µF`) : ofOneGroup({ group: only, of: "uf", spelling: "" }, ratedV, true);
}
