"use client";
import { CartesianGrid, Line, LineChart, ReferenceDot, ResponsiveContainer, XAxis, YAxis } from "recharts";
import type { CurvePoint, WhatIfCase } from "@/core/motor";
import { formatNumber } from "@/core/quantity";
import { memo } from "react";
import { CASE_STYLE } from "./case-style";
import type { CaseId, ShownCase } from "./what-if-cases";
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
      <YAxis domain={[leastY, ticks.at(-1) ?? 1]} ticks={ticks} allowDataOverflow width={40} tickFormatter={plain} {...AXIS} />
    </>
  );
});

/** A line by its case; its data stand in the chart. */
const CaseLine = memo(function CaseLine({ id }: { id: CaseId }) {
  const { stroke, width, dashes } = CASE_STYLE[id];
  return (
    <Line
      dataKey={id}
      stroke={stroke}
      strokeWidth={width}
      {...(dashes ? { strokeDasharray: dashes } : {})}
      dot={false}
      activeDot={false}
      isAnimationActive={false}
    />
  );
});

const LoadLine = memo(function LoadLine() {
  return (
    <Line
      dataKey="load"
      stroke="var(--ink-soft)"
      strokeWidth={1.6}
      dot={false}
      activeDot={false}
      isAnimationActive={false}
      strokeDasharray="1 3"
    />
  );
});

/** One quantity over speed, a line a case, with the point where each case settles. */
function SpeedChart({ cases, title, unit, of, at, hasLoad = false }: ChartProps) {
  const first = cases[0]?.shown.curve ?? [];
  const data = first.map((point, index) => {
    const row: Record<string, number | null> = {
      rpm: point.speedRpm,
      load: hasLoad && Number.isFinite(point.loadTorqueNm) ? point.loadTorqueNm : null,
    };
    for (const { id, shown } of cases) {
      const there = shown.curve[index];
      row[id] = there ? of(there) : null;
    }
    return row;
  });
  const values = cases.flatMap(({ shown }) => shown.curve.map(of));
  const ticks = ticksTo(Math.max(...values, 1e-3) * 1.02);
  const topY = ticks.at(-1) ?? 1;
  // The drag at synchronous speed is cut off; a motor wired backwards goes as far down as up.
  const least = Math.min(...values);
  const step = ticks[1] ?? 1;
  const leastY = least > -DRAG_PART * topY ? 0 : -step * Math.min(Math.ceil(-least / step), ticks.length);
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
        <ResponsiveContainer width="100%" height="100%">
          <LineChart data={data} margin={MARGIN} accessibilityLayer={false}>
            <Frame topRpm={first.at(-1)?.speedRpm ?? 1500} topY={topY} leastY={leastY} />
            {hasLoad ? <LoadLine /> : null}
            {cases.map(({ id }) => (
              <CaseLine key={id} id={id} />
            ))}
            {cases.map(({ id, shown }) => {
              const y = at(shown);
              return y === null ? null : (
                <ReferenceDot
                  key={id}
                  x={shown.operating?.speedRpm ?? 0}
                  y={y}
                  r={5.5}
                  fill={CASE_STYLE[id].stroke}
                  stroke="var(--sheet)"
                  strokeWidth={2}
                />
              );
            })}
          </LineChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}

function sayPoint(each: ShownCase, y: number | null, unit: string): string {
  const { operating } = each.shown;
  return `${caseWords(each)} ${y === null || !operating ? "does not run" : `${formatNumber(y, 2)} ${unit} at ${formatNumber(operating.speedRpm, 0)} rpm`}`;
}

/** Torque with the load line, and line amps, over speed in rpm. */
export const WhatIfCharts = memo(function WhatIfCharts({ cases }: { cases: readonly ShownCase[] }) {
  return (
    <div className="grid gap-5 lg:grid-cols-2">
      <SpeedChart
        cases={cases}
        title="Torque, and what the load asks"
        unit="N m"
        of={({ shaftTorqueNm }) => shaftTorqueNm}
        at={({ operating }) => operating?.shaftTorqueNm ?? null}
        hasLoad
      />
      <SpeedChart cases={cases} title="Line current" unit="A" of={({ lineA }) => lineA} at={({ operating }) => operating?.lineA ?? null} />
    </div>
  );
});
