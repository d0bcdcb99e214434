"use client";
import { CartesianGrid, LineChart, ResponsiveContainer, usePlotArea, XAxis, YAxis } from "recharts";
import type { CurvePoint, WhatIfCase } from "@/core/motor";
import { formatNumber } from "@/core/quantity";
import { createContext, memo, useContext, useId, useMemo } from "react";
import { CASE_STYLE } from "./case-style";
import type { ShownCase } from "./what-if-cases";
import { caseWords } from "./what-if-words";

const AXIS = { tick: { fontSize: 12.5, fill: "var(--ink)" }, stroke: "var(--ink)" } as const;

interface ChartProps {
  readonly cases: readonly ShownCase[];
  readonly title: string;
  readonly unit: string;
  readonly of: (point: CurvePoint) => number;
  readonly at: (shown: WhatIfCase) => number | null;
  /** the load's torque, where the chart has it */
  readonly hasLoad?: boolean;
}

/** Steps of 1, 2 or 5 that hold the figures. */
function ticksTo(most: number): number[] {
  const rough = most / 4;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = [1, 2, 5, 10].map((each) => each * power).find((each) => each >= rough) ?? rough;
  return Array.from({ length: Math.ceil(most / step) + 1 }, (_, index) => Number((index * step).toPrecision(6)));
}

/** Where an axis that holds a figure ends. */
const axisTop = (topY: number): number => ticksTo(topY).at(-1) ?? 1;

/** Less than this part of the axis below nothing is the drag of a motor at synchronous speed. */
const DRAG_PART = 0.15;
const MARGIN = { top: 6, right: 14, bottom: 4, left: 0 };
const plain = (value: number): string => formatNumber(value, 2);

interface FrameProps {
  readonly topRpm: number;
  readonly topY: number;
  readonly leastY: number;
}

/** Axes and grid; the chart settles them anew whenever they change, so they change only with their own figures. */
const Frame = memo(function Frame({ topRpm, topY, leastY }: FrameProps) {
  const rpmTicks = ticksTo(topRpm).filter((tick) => tick <= topRpm);
  const ticks = ticksTo(topY);
  return (
    <>
      <CartesianGrid stroke="var(--rule-faint)" />
      <XAxis dataKey="rpm" type="number" domain={[0, topRpm]} ticks={rpmTicks} {...AXIS} />
      <YAxis domain={[leastY, axisTop(topY)]} ticks={ticks} allowDataOverflow width={40} tickFormatter={plain} {...AXIS} />
    </>
  );
});

/** What is drawn into a frame: it changes with every step of a slider, and the frame does not. */
interface Drawn {
  readonly cases: readonly ShownCase[];
  readonly of: (point: CurvePoint) => number;
  readonly at: (shown: WhatIfCase) => number | null;
  readonly hasLoad: boolean;
}
const DrawnContext = createContext<Drawn | null>(null);

/** A path through the points that there are. */
function pathOf(curve: readonly CurvePoint[], x: (rpm: number) => number, y: (value: number) => number, of: (point: CurvePoint) => number) {
  let path = "";
  let isOpen = false;
  for (const point of curve) {
    const value = of(point);
    isOpen = isOpen && Number.isFinite(value);
    if (!Number.isFinite(value)) continue;
    path += `${isOpen ? "L" : "M"}${x(point.speedRpm).toFixed(1)} ${y(value).toFixed(1)}`;
    isOpen = true;
  }
  return path;
}

/** The curves, one path each, and the point where each case settles; drawn without asking the chart to settle its axes. */
function Curves({ topRpm, topY, leastY }: FrameProps) {
  const plot = usePlotArea();
  const drawn = useContext(DrawnContext);
  const clip = useId();
  if (!plot || !drawn) return null;
  const { cases, of, at, hasLoad } = drawn;
  const x = (rpm: number): number => plot.x + (rpm / topRpm) * plot.width;
  const y = (value: number): number => plot.y + (1 - (value - leastY) / (axisTop(topY) - leastY)) * plot.height;
  const load = cases[0]?.shown.curve;
  return (
    <>
      <clipPath id={clip}>
        <rect x={plot.x} y={plot.y} width={plot.width} height={plot.height} />
      </clipPath>
      <g clipPath={`url(#${clip})`} fill="none">
        {hasLoad && load ? (
          <path d={pathOf(load, x, y, (point) => point.loadTorqueNm)} stroke="var(--ink-soft)" strokeWidth={1.6} strokeDasharray="1 3" />
        ) : null}
        {cases.map(({ id, shown }) => {
          const { stroke, width, dashes } = CASE_STYLE[id];
          return <path key={id} d={pathOf(shown.curve, x, y, of)} stroke={stroke} strokeWidth={width} strokeDasharray={dashes} />;
        })}
      </g>
      {cases.map(({ id, shown }) => {
        const value = at(shown);
        return value === null ? null : (
          <circle
            key={id}
            cx={x(shown.operating?.speedRpm ?? 0)}
            cy={y(value)}
            r={5.5}
            fill={CASE_STYLE[id].stroke}
            stroke="var(--sheet)"
            strokeWidth={2}
          />
        );
      })}
    </>
  );
}

/** The chart round the curves: it is settled anew only when an axis changes. */
const Chart = memo(function Chart({ topRpm, topY, leastY }: FrameProps) {
  const ends = useMemo(() => [{ rpm: 0 }, { rpm: topRpm }], [topRpm]);
  return (
    <ResponsiveContainer width="100%" height="100%">
      <LineChart data={ends} margin={MARGIN} accessibilityLayer={false}>
        <Frame topRpm={topRpm} topY={topY} leastY={leastY} />
        <Curves topRpm={topRpm} topY={topY} leastY={leastY} />
      </LineChart>
    </ResponsiveContainer>
  );
});

/** One quantity over speed, a line a case, with the point where each case settles. */
function SpeedChart({ cases, title, unit, of, at, hasLoad = false }: ChartProps) {
  const first = cases[0]?.shown.curve ?? [];
  let [least, most] = [0, 1e-3];
  for (const { shown } of cases)
    for (const point of shown.curve) {
      const value = of(point);
      if (value > most) most = value;
      if (value < least) least = value;
    }
  const ticks = ticksTo(most * 1.02);
  const topY = ticks.at(-1) ?? 1;
  // The drag at synchronous speed is cut off; a motor wired backwards goes as far down as up.
  const step = ticks[1] ?? 1;
  const leastY = least > -DRAG_PART * topY ? 0 : -step * Math.min(Math.ceil(-least / step), ticks.length);
  const drawn = useMemo(() => ({ cases, of, at, hasLoad }), [cases, of, at, hasLoad]);
  return (
    <figure className="min-w-0">
      <figcaption className="caption mb-1">
        {title}, {unit}, over rpm
      </figcaption>
      <div
        role="img"
        aria-label={`${title} over speed: ${cases.map((each) => sayPoint(each, at(each.shown), unit)).join("; ")}`}
        className="h-[230px] w-full"
      >
        <DrawnContext value={drawn}>
          <Chart topRpm={first.at(-1)?.speedRpm ?? 1500} topY={topY} leastY={leastY} />
        </DrawnContext>
      </div>
    </figure>
  );
}

function sayPoint(each: ShownCase, y: number | null, unit: string): string {
  const { operating } = each.shown;
  return `${caseWords(each)} ${y === null || !operating ? "does not run" : `${formatNumber(y, 2)} ${unit} at ${formatNumber(operating.speedRpm, 0)} rpm`}`;
}

const torqueOf = ({ shaftTorqueNm }: CurvePoint): number => shaftTorqueNm;
const torqueAt = ({ operating }: WhatIfCase): number | null => operating?.shaftTorqueNm ?? null;
const ampsOf = ({ lineA }: CurvePoint): number => lineA;
const ampsAt = ({ operating }: WhatIfCase): number | null => operating?.lineA ?? null;

/** Torque with the load line, and line amps, over speed in rpm. */
export const WhatIfCharts = memo(function WhatIfCharts({ cases }: { cases: readonly ShownCase[] }) {
  return (
    <div className="grid gap-5 lg:grid-cols-2">
      <SpeedChart cases={cases} title="Torque, and what the load asks" unit="N m" of={torqueOf} at={torqueAt} hasLoad />
      <SpeedChart cases={cases} title="Line current" unit="A" of={ampsOf} at={ampsAt} />
    </div>
  );
});
