import { quantileOfSorted } from "@/core/numeric";
import type { Walked } from "./walk-job";

interface Count {
  readonly jobs: number;
  /** the first seeds that show it, each with what shows */
  readonly shown: readonly (readonly [seed: number, what: string])[];
}
interface Band {
  readonly count: number;
  readonly stated: number;
  readonly so: number;
}

/** What came of many jobs, as plain data. */
export interface Sum {
  readonly counts: Readonly<Record<(typeof COUNTED)[number], number>>;
  readonly broken: Readonly<Record<string, Count>>;
  readonly bands: Readonly<Record<string, Band>>;
  /** minutes to the first decision of those who follow the next move */
  readonly minutes: readonly number[];
  /** milliseconds a job took */
  readonly ms: readonly number[];
  readonly missed: readonly string[];
}

const COUNTED = ["jobs", "follow", "right", "condemned", "useless", "slipsThrough", "outright"] as const;
const NOTHING: Sum = {
  counts: { jobs: 0, follow: 0, right: 0, condemned: 0, useless: 0, slipsThrough: 0, outright: 0 },
  broken: {},
  bands: {},
  minutes: [],
  ms: [],
  missed: [],
};
const MOST_SHOWN = 4;

const merged = <Row>(rows: readonly Readonly<Record<string, Row>>[], join: (a: Row, b: Row) => Row): Record<string, Row> => {
  const all: Record<string, Row> = {};
  for (const each of rows) for (const [name, row] of Object.entries(each)) all[name] = all[name] === undefined ? row : join(all[name], row);
  return all;
};

/** Several sums as one. */
export const together = (sums: readonly Sum[]): Sum => ({
  counts: Object.fromEntries(COUNTED.map((name) => [name, sums.reduce((sum, { counts }) => sum + counts[name], 0)])) as Sum["counts"],
  broken: merged(
    sums.map(({ broken }) => broken),
    (a, b) => ({ jobs: a.jobs + b.jobs, shown: [...a.shown, ...b.shown].slice(0, MOST_SHOWN) }),
  ),
  bands: merged(
    sums.map(({ bands }) => bands),
    (a, b) => ({ count: a.count + b.count, stated: a.stated + b.stated, so: a.so + b.so }),
  ),
  minutes: sums.flatMap(({ minutes }) => minutes),
  ms: sums.flatMap(({ ms }) => ms),
  missed: sums.flatMap(({ missed }) => missed),
});

const tens = (chance: number): string => `${String(Math.min(9, Math.floor(chance * 10)) * 10).padStart(2)} %`;

/** One job as a sum. */
export function sumOf({ job, broken, hedged, first, slipsThrough, outright }: Walked, ms = 0): Sum {
  const bands: Record<string, Band> = {};
  const band = (name: string, chance: number, isSo: boolean): void => {
    const { count, stated, so } = bands[name] ?? { count: 0, stated: 0, so: 0 };
    bands[name] = { count: count + 1, stated: stated + chance, so: so + Number(isSo) };
  };
  for (const { code, about, chance, isSo } of hedged) {
    band(code === "at-fault" ? `at-fault ${about}` : code, chance, isSo);
    if (code === "at-fault" && about !== "no-fault") band(`any suspect, ${tens(chance)}`, chance, isSo);
    if (code === "puts-it-right") band(`puts-it-right, ${tens(chance)}`, chance, isSo);
  }
  const follows = job.policy === "follows";
  const { motor, place, flaws } = job.asFound;
  const plate = motor.printed === "whole" ? "" : ` ${motor.printed ?? ""} plate`;
  const missed = `${motor.type}/${motor.kind}${plate} ${place.purpose} ${flaws.map(({ id }) => id).join("+") || "nothing"} -> ${first?.action ?? "none"} (seed ${job.seed})`;
  return {
    counts: {
      jobs: 1,
      follow: Number(follows),
      right: Number(follows && (first?.isRight ?? false)),
      condemned: Number(follows && (first?.condemnsSound ?? false)),
      useless: Number(follows && (first?.isUseless ?? false)),
      slipsThrough,
      outright,
    },
    broken: merged(
      broken.map(({ code, what }) => ({ [code]: { jobs: 1, shown: [[job.seed, what] as const] } })),
      (a) => a,
    ),
    bands,
    minutes: follows && first ? [first.minutes] : [],
    ms: [ms],
    missed: follows && !first?.isRight ? [missed] : [],
  };
}

/** Adds up jobs one after the other. */
export function tally(): { add(walked: Walked, ms?: number): void; sum(): Sum } {
  let all = NOTHING;
  const waiting: Sum[] = [];
  const settle = (): Sum => {
    all = together([all, ...waiting.splice(0)]);
    return all;
  };
  return {
    add: (walked, ms) => {
      waiting.push(sumOf(walked, ms));
      if (waiting.length > 200) settle();
    },
    sum: settle,
  };
}

const WORST = 10;
const percent = (part: number, all: number): string => (all === 0 ? "–" : `${((100 * part) / all).toFixed(1)} %`);
const middle = (values: readonly number[]): string =>
  values.length === 0
    ? "–"
    : quantileOfSorted(
        values.toSorted((a, b) => a - b),
        0.5,
      ).toFixed(0);

/** The sum in words: counts, the worst by code with the seeds that show them, and stated chances beside what was so. */
export function reportOf({ counts, broken, bands, minutes, ms, missed }: Sum): string {
  const worst = Object.entries(broken).sort(([, a], [, b]) => b.jobs - a.jobs);
  return [
    `${counts.jobs} jobs, ${middle(ms)} ms each in the middle; ${counts.outright} claims made outright`,
    `follows the next move: ${counts.follow} jobs, right first ${percent(counts.right, counts.follow)}, ${middle(minutes)} min at the median to the first decision`,
    `of these a sound motor condemned ${percent(counts.condemned, counts.follow)}, works that mend nothing ${percent(counts.useless, counts.follow)}`,
    `claims that are false by a slip nobody asked about: ${counts.slipsThrough}`,
    ...(worst.length === 0 ? ["nothing broken"] : []),
    ...worst
      .slice(0, WORST)
      .map(
        ([code, { jobs, shown }]) => `${String(jobs).padStart(5)}  ${code}  ${shown.map(([seed, what]) => `[${seed}] ${what}`).join("; ")}`,
      ),
    "",
    ...Object.entries(bands)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(
        ([name, { count, stated, so }]) =>
          `${name.padEnd(28)} ${String(count).padStart(6)}  stated ${percent(stated, count).padStart(7)}  so ${percent(so, count).padStart(7)}`,
      ),
    ...(process.env.MISSES ? ["", ...missed.slice(0, Number(process.env.MISSES))] : []),
  ].join("\n");
}
