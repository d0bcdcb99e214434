import { defineStation, plainAssessment, type Stamp, type StationContext } from "../../station";
import type { WindingGroup } from "../../winding";
import * as v from "valibot";
import type { FigureSize, Finding } from "../../diagnosis";
import type { HouseFigures } from "../../house";
import { doneAt } from "../../job";
import {
  insulationTrend,
  judgeInsulation,
  type InsulationLimits,
  type InsulationPoint,
  type InsulationRule,
  type InsulationTrend,
  type InsulationVerdict,
  varnishOf,
  type WindingState,
} from "../../insulation";
import { type WorkingStep, figureOf, formatNumber, formatQuantity, type Entry } from "../../quantity";
import { APART, cellAt, insulationRecord, type CellEnd, type InsulationRecord } from "./record";

export { BLANK_INSULATION, insulationRecord, type CellEnd, type InsulationRecord } from "./record";

/** One cell of the lattice. */
export interface Cell {
  readonly a: WindingGroup;
  readonly b: CellEnd;
  readonly entry: Entry | null;
  readonly verdict: InsulationVerdict | null;
  readonly trend: InsulationTrend;
  /** earlier figures at 40 °C, the oldest first */
  readonly earlier: readonly InsulationPoint[];
}

/** What stands in the way of trusting, or of making, the test. */
export type InsulationBar = "in-vacuum" | "not-disconnected" | "not-asked" | "tester-unproven" | "tester-faulty";

export interface InsulationDetail {
  readonly groups: readonly WindingGroup[];
  readonly cells: readonly Cell[];
  readonly bars: readonly InsulationBar[];
  readonly rule: InsulationRule;
  readonly limitMegohm: number;
  readonly soundMegohm: number;
  /** once dried and below this, it is finished [MΩ] */
  readonly finishedMegohm: number;
  readonly temperatureC: number | null;
  readonly varnish: WindingState["varnish"];
  readonly measured: number;
  readonly worst: Cell | null;
  /** what can be done about an insulation that is out: dry it, or nothing more, since it was dried and is below what can be saved */
  readonly way: "dry" | "finished" | null;
}

/** Tester leads together: a working tester shows less than this [MΩ]. */
const TOGETHER_MEGOHM = 0.01;

/** What a tester showed as the sums take it: over limit is at least the end of its range. */
function toFigure(found: Entry | null, house: HouseFigures): { megohm: number; isLowerBound: boolean } | null {
  const reading = found?.reading;
  if (!reading) return null;
  if (reading.kind === "over-limit" || reading.value === null) return { megohm: house.testerRangeMegohm, isLowerBound: true };
  return { megohm: reading.value, isLowerBound: reading.kind === "lower-bound" };
}

const temperatureOf = (record: InsulationRecord): number | null => figureOf(record.temperature)?.value ?? null;
const windingOf = (record: InsulationRecord, { facts }: StationContext): WindingState => ({
  temperatureC: temperatureOf(record),
  varnish: varnishOf(facts),
});

/** The tester is proven by two readings, before its word counts. */
function barsOf(record: InsulationRecord, isHermetic: boolean, house: HouseFigures): InsulationBar[] {
  const together = toFigure(record.together, house);
  const apart = toFigure(record.apart, house);
  const isFaulty =
    (together !== null && together.megohm > TOGETHER_MEGOHM) ||
    (apart !== null && !apart.isLowerBound && apart.megohm < house.testerRangeMegohm);
  return [
    ...(record.isInVacuum === true ? ["in-vacuum" as const] : []),
    ...(record.isDisconnected === false ? ["not-disconnected" as const] : []),
    ...(record.isDisconnected === null || (isHermetic && record.isInVacuum === null) ? ["not-asked" as const] : []),
    ...(isFaulty ? ["tester-faulty" as const] : together === null || apart === null ? ["tester-unproven" as const] : []),
  ];
}

const RULE_BY_FIGURE: readonly InsulationRule[] = ["plain", "per-kv", "hermetic"];

function limitsOf(record: InsulationRecord, { facts, house }: StationContext): InsulationLimits {
  const isHermetic = facts.machineKind === "hermetic-compressor";
  const usual = isHermetic ? "hermetic" : (RULE_BY_FIGURE[house.insulationRule] ?? "plain");
  return {
    rule: record.rule ?? usual,
    leastMegohm: house.insulationLeastMegohm,
    soundMegohm: house.insulationSoundMegohm,
    ratedV: facts.supplyV,
    hermetic: [house.hermeticBadMegohm, house.hermeticWatchMegohm],
  };
}

function pointOf(
  record: InsulationRecord,
  a: CellEnd,
  b: CellEnd,
  at: string,
  limits: InsulationLimits,
  context: StationContext,
): InsulationPoint | null {
  const figure = toFigure(cellAt(record, a, b), context.house);
  if (!figure) return null;
  const { at40Megohm: megohm } = judgeInsulation(figure, windingOf(record, context), limits);
  return { at, megohm, asReadMegohm: figure.megohm, isLowerBound: figure.isLowerBound };
}

function cellOf(record: InsulationRecord, a: WindingGroup, b: CellEnd, limits: InsulationLimits, context: StationContext): Cell {
  const found = cellAt(record, a, b);
  const figure = toFigure(found, context.house);
  const before = context.earlier.flatMap(({ at, records }): InsulationPoint[] => {
    const parsed = v.safeParse(insulationRecord.schema, records.insulation);
    const point = parsed.success ? pointOf(parsed.output, a, b, at, limits, context) : null;
    return point ? [point] : [];
  });
  const present = pointOf(record, a, b, found?.reading?.at ?? "", limits, context);
  return {
    a,
    b,
    entry: found,
    verdict: figure ? judgeInsulation(figure, windingOf(record, context), limits) : null,
    trend: present ? insulationTrend(before, present) : "unknown",
    earlier: before,
  };
}

const SEVERITY = { out: 3, unclear: 2, watch: 1, holds: 0 } as const;
const severityOf = ({ verdict, trend }: Cell): number =>
  verdict ? Math.max(SEVERITY[verdict.decision], trend === "collapsing" ? 1 : 0) : -1;

const CORRECTIONS: Record<WindingState["varnish"], string> = {
  older: "R40 = R × 0.5^((40 − T) / 10)",
  modern: "R40 = R × exp(−k (1/T − 1/313)), k = 1245 K below 40 °C, 4230 K above",
};

function workingOf(
  cells: readonly Cell[],
  detail: Pick<InsulationDetail, "rule" | "limitMegohm" | "temperatureC" | "varnish">,
): WorkingStep[] {
  const formulas: Record<InsulationRule, string> = {
    plain: "limit = house minimum",
    "per-kv": "limit = house minimum + 1 MΩ per kV",
    hermetic: "limit = lower band for hermetic motors",
  };
  return cells.flatMap(({ a, b, verdict }) =>
    verdict
      ? [
          {
            what: `Insulation, ${a} to ${b}`,
            formula: verdict.isCorrected ? `${CORRECTIONS[detail.varnish]}; ${formulas[detail.rule]}` : formulas[detail.rule],
            numbers: verdict.isCorrected
              ? `T = ${formatNumber(detail.temperatureC ?? 0, 1)} °C, ${detail.varnish} varnish; what was read decides`
              : "temperature not keyed: not corrected",
            result: `${formatQuantity("insulation", verdict.at40Megohm, verdict.at40Megohm / 10)} against ${formatQuantity("insulation", detail.limitMegohm)}`,
            source: "IEEE 43-2013, 6.3 and table 3; house rules",
          },
        ]
      : [],
  );
}

/** Testers are good to some 5 %; what damp and dust move from one day to the next is more: a standard uncertainty in decades. */
const READ_DECADES = 0.06;
const ABOVE_DECADES = 0.5;

/** The figure to weigh: the lowest that was read. A hot winding is weighed between what was read and what it comes to at 40 °C. */
function sizeOfLowest(cells: readonly Cell[], house: HouseFigures): FigureSize | null {
  const read = cells.flatMap(({ entry, verdict }) => {
    const figure = toFigure(entry, house);
    return figure && verdict ? [{ ...figure, corrected: verdict.at40Megohm }] : [];
  });
  const lowest = read.sort((a, b) => a.megohm - b.megohm)[0];
  if (lowest === undefined) return null;
  // "More than" is somewhere above the end of the range.
  if (lowest.isLowerBound) return { of: "insulation", at: lowest.megohm * 10 ** ABOVE_DECADES, spread: ABOVE_DECADES };
  // A cold one is weighed as it was read: what it might come to warm is a reason to read again, not a finding.
  const apart = Math.max(0, Math.log10(lowest.corrected / lowest.megohm));
  return { of: "insulation", at: lowest.megohm * 10 ** (apart / 2), spread: Math.hypot(READ_DECADES, apart / 2) };
}

/** Switch and capacitor posts: each has its cells, and only windings are asked for. */
const isPart = (group: CellEnd): boolean => group === "switch" || group === "capacitor";

/** Insulation tester: every winding against every other and against the frame. */
export const insulationStation = defineStation({
  definition: {
    id: "insulation",
    power: "dead",
    reads: ["frame"],
    minutes: 8,
    tests: ["insulation"],
    cautions: ["test-voltage", "stored-charge", "pressurised-terminals"],
  },
  ...insulationRecord,
  assess(record, context) {
    const { facts, house } = context;
    const groups = record.joining === null ? facts.windingGroups : APART[record.joining];
    const limits = limitsOf(record, context);
    const cells = groups.flatMap((a, index) =>
      [...groups.slice(index + 1), "frame" as const].map((b) => cellOf(record, a, b, limits, context)),
    );
    const measured = cells.filter(({ verdict }) => verdict !== null).length;
    // Rows of parts beside the windings are there to be measured; only windings are asked for.
    const isMissing = cells.some(({ a, b, verdict }) => verdict === null && !isPart(a) && !isPart(b));
    const bars = barsOf(record, facts.machineKind === "hermetic-compressor", house);
    const worst = [...cells].sort((a, b) => severityOf(b) - severityOf(a))[0] ?? null;
    const usual = judgeInsulation({ megohm: 1, isLowerBound: false }, { temperatureC: null, varnish: "modern" }, limits);
    const size = sizeOfLowest(cells, house);
    const wasDried = doneAt("dry-out", facts.worksDone) !== null;
    const isFinished = wasDried && size !== null && size.at < house.insulationFinishedMegohm;
    const detail: InsulationDetail = {
      groups,
      cells,
      bars,
      rule: limits.rule,
      limitMegohm: usual.limitMegohm,
      soundMegohm: usual.soundMegohm,
      finishedMegohm: house.insulationFinishedMegohm,
      temperatureC: temperatureOf(record),
      varnish: varnishOf(facts),
      measured,
      worst: measured > 0 ? worst : null,
      way: worst?.verdict?.decision === "out" ? (isFinished ? "finished" : "dry") : null,
    };
    // A test that should not be made, or was made with other paths connected, has no verdict.
    const isBarred = bars.some((bar) => bar === "in-vacuum" || bar === "not-disconnected" || bar === "tester-faulty");
    const decision = worst?.verdict?.decision;
    const stamp = ((): Stamp => {
      if (measured === 0 || isBarred) return "not-done";
      if (decision === "out") return "out";
      if (decision === "unclear" || decision === "watch" || worst?.trend === "collapsing") return "too-close";
      return isMissing ? "not-done" : bars.length > 0 ? "noted" : "holds";
    })();
    const outcome = { out: "bad", "too-close": "watch", holds: "good", noted: "good" } as const;
    // A fall says more than the figure it has come to.
    const hasFallen = decision === "holds" && worst?.trend === "collapsing";
    const findings: Finding[] =
      stamp in outcome && size
        ? [{ test: "insulation", weights: { [outcome[stamp as keyof typeof outcome]]: 1 }, ...(hasFallen ? {} : { sizes: [size] }) }]
        : [];
    return plainAssessment(stamp, detail, {
      findings,
      // What was too low and was dried is too low until a figure that counts says otherwise.
      facts: {
        isGrounded: facts.isGrounded || stamp === "out" || (wasDried && measured > 0 && stamp !== "holds" && stamp !== "too-close"),
      },
      openTests: stamp === "not-done" && record.isInVacuum !== true && record.isDisconnected !== false ? ["insulation"] : [],
      working: workingOf(cells, detail),
    });
  },
});
