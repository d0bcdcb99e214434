"use client";
import { CartesianGrid, Line, LineChart, ReferenceDot, ResponsiveContainer, XAxis, YAxis } from "recharts";
import type { CurvePoint, WhatIfCase } from "@/core/motor";
import { formatNumber } from "@/core/quantity";
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

/** One quantity over speed, a line a case, with the point where each case settles. */
function SpeedChart({ cases, title, unit, of, at, hasLoad = false }: ChartProps) {
  const first = cases[0]?.shown.curve ?? [];
  const data = first.map((point, index) => ({
    rpm: point.speedRpm,
    load: hasLoad && Number.isFinite(point.loadTorqueNm) ? point.loadTorqueNm : null,
    ...Object.fromEntries(
      cases.map(({ id, shown }) => {
        const there = shown.curve[index];
        return [id, there ? of(there) : null];
      }),
    ),
  }));
  const topRpm = first.at(-1)?.speedRpm ?? 1500;
  const values = cases.flatMap(({ shown }) => shown.curve.map(of));
  const ticks = ticksTo(Math.max(...values, 1e-3) * 1.02);
  const least = Math.min(0, ...values.map((value) => Math.max(value, -(ticks[1] ?? 1))));
  const points = cases.flatMap(({ id, shown }) => {
    const y = at(shown);
    const x = shown.operating?.speedRpm ?? 0;
    return y === null ? [] : [{ id, x, y }];
  });
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
          <LineChart data={data} margin={{ top: 6, right: 14, bottom: 4, left: 0 }} accessibilityLayer={false}>
            <CartesianGrid stroke="var(--rule-faint)" />
            <XAxis dataKey="rpm" type="number" domain={[0, topRpm]} ticks={ticksTo(topRpm).filter((tick) => tick <= topRpm)} {...AXIS} />
            <YAxis
              domain={[least, ticks.at(-1) ?? 1]}
              ticks={ticks}
              allowDataOverflow
              width={40}
              tickFormatter={(value: number) => formatNumber(value, 2)}
              {...AXIS}
            />
            {hasLoad ? (
              <Line dataKey="load" stroke="var(--ink-soft)" strokeWidth={1.6} dot={false} isAnimationActive={false} strokeDasharray="1 3" />
            ) : null}
            {cases.map(({ id }) => (
              <Line
                key={id}
                dataKey={id}
                stroke={CASE_STYLE[id].stroke}
                strokeWidth={CASE_STYLE[id].width}
                {...(CASE_STYLE[id].dashes ? { strokeDasharray: CASE_STYLE[id].dashes } : {})}
                dot={false}
                isAnimationActive={false}
              />
            ))}
            {points.map(({ id, x, y }) => (
              <ReferenceDot key={id} x={x} y={y} r={5.5} fill={CASE_STYLE[id].stroke} stroke="var(--sheet)" strokeWidth={2} />
            ))}
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
export function WhatIfCharts({ cases }: { cases: readonly ShownCase[] }) {
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
}
