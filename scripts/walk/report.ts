import { quantileOfSorted } from "@/core/numeric";
import type { Walked } from "./walk-job";

interface Count {
  jobs: number;
  readonly seeds: number[];
  readonly what: string[];
}

interface Band {
  count: number;
  stated: number;
  so: number;
}

/** What came of many jobs. */
export interface Sum {
  readonly jobs: number;
  readonly outright: number;
  readonly broken: ReadonlyMap<string, Count>;
  readonly bands: ReadonlyMap<string, Band>;
  readonly follow: { readonly jobs: number; readonly right: number; readonly minutes: readonly number[] };
  readonly firsts: number;
  readonly condemned: number;
  readonly useless: number;
  readonly slipsThrough: number;
  readonly missed: readonly string[];
}

/** Adds up jobs one after the other. */
export function tally(): { add(walked: Walked): void; sum(): Sum } {
  const broken = new Map<string, Count>();
  const bands = new Map<string, Band>();
  const minutes: number[] = [];
  const missed: string[] = [];
  const counts = { jobs: 0, follow: 0, right: 0, firsts: 0, condemned: 0, useless: 0, slipsThrough: 0, outright: 0 };
  const band = (name: string, chance: number, isSo: boolean): void => {
    const found = bands.get(name) ?? { count: 0, stated: 0, so: 0 };
    bands.set(name, { count: found.count + 1, stated: found.stated + chance, so: found.so + Number(isSo) });
  };
  return {
    add({ job, broken: found, hedged, first, slipsThrough, outright }) {
      counts.jobs += 1;
      counts.slipsThrough += slipsThrough;
      counts.outright += outright;
      for (const { code, what } of found) {
        const count = broken.get(code) ?? { jobs: 0, seeds: [], what: [] };
        count.jobs += 1;
        if (count.seeds.length < 4) {
          count.seeds.push(job.seed);
          count.what.push(what);
        }
        broken.set(code, count);
      }
      for (const { code, about, chance, isSo } of hedged) {
        band(code === "at-fault" ? `at-fault ${about}` : code, chance, isSo);
        if (code === "at-fault" && about !== "no-fault")
          band(`all suspects ${String(Math.floor(chance * 10) * 10).padStart(2)} %`, chance, isSo);
        if (code === "puts-it-right")
          band(`puts-it-right ${String(Math.min(9, Math.floor(chance * 10)) * 10).padStart(2)} %`, chance, isSo);
      }
      if (first) {
        counts.firsts += 1;
        counts.condemned += Number(first.condemnsSound && job.policy === "follows");
        counts.useless += Number(first.isUseless && job.policy === "follows");
      }
      if (job.policy === "follows") {
        counts.follow += 1;
        counts.right += Number(first?.isRight ?? false);
        if (first) minutes.push(first.minutes);
        if (!first?.isRight) {
          const { motor, place, flaws } = job.asFound;
          missed.push(
            `${motor.type}/${motor.kind}${motor.printed === "whole" ? "" : ` ${motor.printed ?? ""} plate`} ${place.purpose} ${flaws.map(({ id }) => id).join("+") || "nothing"} -> ${first?.action ?? "none"} (seed ${job.seed})`,
          );
        }
      }
    },
    sum: () => ({
      jobs: counts.jobs,
      outright: counts.outright,
      broken,
      bands,
      follow: { jobs: counts.follow, right: counts.right, minutes: minutes.toSorted((a, b) => a - b) },
      firsts: counts.firsts,
      condemned: counts.condemned,
      useless: counts.useless,
      slipsThrough: counts.slipsThrough,
      missed,
    }),
  };
}

const WORST = 10;
const percent = (part: number, all: number): string => (all === 0 ? "–" : `${((100 * part) / all).toFixed(1)} %`);

/** The sum in words. */
export function reportOf(sum: Sum, msEach: number): string {
  const worst = [...sum.broken].sort(([, a], [, b]) => b.jobs - a.jobs).slice(0, process.env.ALL ? 99 : WORST);
  const { jobs, right, minutes } = sum.follow;
  return [
    `${sum.jobs} jobs, ${msEach.toFixed(0)} ms each; ${sum.outright} outright claims`,
    `follows the next move: ${jobs} jobs, right first ${percent(right, jobs)}, ${minutes.length ? quantileOfSorted(minutes, 0.5).toFixed(0) : "–"} min at the median`,
    `of these a sound motor condemned ${percent(sum.condemned, jobs)}, works that mend nothing ${percent(sum.useless, jobs)}; false claims by an unasked slip: ${sum.slipsThrough}`,
    ...worst.map(
      ([code, { jobs: count, seeds, what }]) =>
        `${String(count).padStart(5)}  ${code}  ${seeds.map((seed, index) => `[${seed}] ${what[index] ?? ""}`).join("; ")}`,
    ),
    "",
    ...[...sum.bands]
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(
        ([name, { count, stated, so }]) =>
          `${name.padEnd(32)} ${String(count).padStart(6)}  stated ${percent(stated, count).padStart(7)}  so ${percent(so, count).padStart(7)}`,
      ),
    ...(process.env.MISSES ? ["", ...sum.missed.slice(0, Number(process.env.MISSES))] : []),
  ].join("\n");
}
