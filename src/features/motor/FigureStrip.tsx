import { PageLink } from "@/components/PageLink";
import { FOLLOWED_WORDS, trendWords } from "../vocabulary/followed-words";
import { clockDay } from "../vocabulary/clock";
import { crossingWords, pointWords } from "./words";
import type { Strip, StripPoint } from "./strips";

const WIDTH = 560;
const HEIGHT = 58;
const PAD = 10;
const AFTER_PX = 12;

interface FigureStripProps {
  readonly strip: Strip;
  readonly axis: { readonly from: number; readonly to: number };
}

/** One figure over the visits: its limits, its line, each point a way to its card; beside it what it comes to. */
export function FigureStrip({ strip, axis }: FigureStripProps) {
  const { of, points, low, high, trended, renewed, isMixed, crossing } = strip;
  const { name, unit } = FOLLOWED_WORDS[of];
  // What was measured after the repair stands beside what was found, not upon it.
  const x = ({ day, when }: Pick<StripPoint, "day" | "when">): number =>
    ((day - axis.from) / (axis.to - axis.from)) * (WIDTH - AFTER_PX) + (when === "after" ? AFTER_PX : 0);
  const y = scaleOf(strip);
  const path = points.map((point, index) => `${index === 0 ? "M" : "L"}${x(point).toFixed(1)} ${y(point.value).toFixed(1)}`).join(" ");
  return (
    <section
      aria-label={name}
      className="grid grid-cols-[1fr_auto] items-center gap-x-5 border-b border-rule py-2 sm:grid-cols-[130px_1fr_150px]"
    >
      <h3 className="text-[14.5px] font-semibold">
        {name}
        <span className="caption block font-normal">
          {unit}
          {isMixed ? "; some without temperature" : ""}
        </span>
      </h3>
      <div className="relative max-sm:col-span-2 max-sm:row-start-2" style={{ aspectRatio: `${WIDTH} / ${HEIGHT}` }}>
        <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="absolute inset-0 h-full w-full" aria-hidden="true">
          {[low, high].map((limit, index) =>
            limit === null ? null : (
              <line key={index} x1={0} x2={WIDTH} y1={y(limit)} y2={y(limit)} stroke="var(--ink)" strokeWidth={1.6} />
            ),
          )}
          <path d={path} fill="none" stroke="var(--press)" strokeWidth={1.8} />
          {points.map((point) => (
            <circle
              key={`${point.card} ${point.when}`}
              cx={x(point)}
              cy={y(point.value)}
              r={4.2}
              fill={point.isOut ? "var(--out)" : point.when === "after" ? "var(--press)" : "var(--sheet)"}
              stroke={point.isOut ? "var(--out)" : "var(--press)"}
              strokeWidth={1.8}
            />
          ))}
        </svg>
        {byVisit(points).map((visit) => {
          const [first] = visit;
          // Found and after lie side by side: one place to press for both.
          const [left, top] = [x, (point: StripPoint) => y(point.value)].map(
            (of) => visit.reduce((sum, point) => sum + of(point), 0) / visit.length,
          );
          return first === undefined ? null : (
            <PageLink
              key={first.card}
              href={`/traveller?id=${first.card}`}
              aria-label={`${clockDay(first.at)}: ${visit.map(pointWords).join("; ")}`}
              className="absolute h-6 w-7 -translate-x-1/2 -translate-y-1/2"
              style={{ left: `${((left ?? 0) / WIDTH) * 100}%`, top: `${((top ?? 0) / HEIGHT) * 100}%` }}
            />
          );
        })}
      </div>
      <p className="num text-right text-[13.5px]">
        {trendWords(of, trended, renewed)}
        {crossing ? <span className="block font-sans text-[12.5px] text-close">{crossingWords(crossing)}</span> : null}
      </p>
    </section>
  );
}

/** Points of one visit together, in the order of the visits. */
const byVisit = (points: readonly StripPoint[]): readonly (readonly StripPoint[])[] =>
  [...new Set(points.map(({ card }) => card))].map((card) => points.filter((point) => point.card === card));

/** From a figure to its place: all figures and limits lie within, the limits a little off the edge. */
function scaleOf({ points, low, high }: Strip): (value: number) => number {
  const values = [...points.map(({ value }) => value), ...[low, high].filter((limit) => limit !== null)];
  const [least, most] = [Math.min(...values), Math.max(...values)];
  // Figures that hardly differ are drawn as the flat line they are.
  const span = Math.max(most - least, 0.06 * Math.abs(most), 1e-9);
  const middle = (least + most) / 2;
  return (value) => HEIGHT / 2 - ((value - middle) / span) * (HEIGHT - 2 * PAD);
}
