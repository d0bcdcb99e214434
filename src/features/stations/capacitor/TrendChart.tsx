"use client";
import { CartesianGrid, ComposedChart, ErrorBar, Line, ReferenceLine, ResponsiveContainer, Scatter, XAxis, YAxis } from "recharts";
import { formatNumber } from "@/core/quantity";
import type { SectionVerdict, Trend } from "@/core/stations/capacitor";

const DAY_MS = 86_400_000;
const yearOf = (day: number): string => String(new Date(day * DAY_MS).getUTCFullYear());

/** Earlier and present figures with their uncertainty, the line through them, and the limit it heads for. */
export default function TrendChart({ trend, section }: { trend: Trend; section: SectionVerdict | undefined }) {
  const { drift, earlier } = trend;
  const limits = section?.limits;
  if (!drift || !limits || !section) return null;
  const present = section.meter
    ? [{ capacitanceUf: section.meter.capacitanceUf, standardUncertaintyUf: section.meter.standardUncertaintyUf, day: trend.presentDay }]
    : [];
  const points = [...earlier, ...present].map(({ day, capacitanceUf, standardUncertaintyUf }) => ({
    day,
    uf: capacitanceUf,
    foot: 2 * standardUncertaintyUf,
  }));
  const first = points[0]?.day ?? 0;
  const last = Math.max(points.at(-1)?.day ?? 0, drift.crossing && drift.crossing.bestDay < first + 3650 ? drift.crossing.bestDay : 0) + 60;
  const line = [first, last].map((day) => ({ day, line: drift.at(day) }));
  const limitUf = drift.perYearUf < 0 ? limits.lowUf : limits.highUf;
  const all = [...points.flatMap(({ uf, foot }) => [uf - foot, uf + foot]), ...line.map((p) => p.line), limitUf];
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const ticks = niceTicks(low, high);
  return (
    <div
      role="img"
      aria-label={`Capacitance over the visits: ${points.map(({ day, uf }) => `${yearOf(day)} ${formatNumber(uf, 2)} µF`).join(", ")}; limit ${formatNumber(limitUf, 2)} µF`}
      className="h-[170px] w-full max-w-[460px]"
    >
      <ResponsiveContainer width="100%" height="100%">
        <ComposedChart margin={{ top: 8, right: 12, bottom: 0, left: 0 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--rule-faint)" vertical={false} />
          <XAxis
            dataKey="day"
            type="number"
            domain={[first - 40, last]}
            tickFormatter={yearOf}
            ticks={yearTicks(first, last)}
            tick={{ fontSize: 12, fill: "var(--ink)" }}
            stroke="var(--ink)"
          />
          <YAxis
            domain={[ticks[0] ?? low, ticks.at(-1) ?? high]}
            ticks={ticks}
            tickFormatter={(value: number) => formatNumber(value, 2)}
            width={40}
            tick={{ fontSize: 12, fill: "var(--ink)" }}
            stroke="var(--ink)"
          />
          <ReferenceLine y={limitUf} stroke="var(--out)" strokeWidth={1.6} strokeDasharray="6 4" />
          <Line data={line} dataKey="line" stroke="var(--ink-soft)" strokeWidth={1.4} dot={false} isAnimationActive={false} />
          <Scatter data={points} dataKey="uf" fill="var(--press)" isAnimationActive={false}>
            <ErrorBar dataKey="foot" direction="y" width={6} stroke="var(--press)" strokeWidth={1.6} />
          </Scatter>
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}

/** First days of the years between, at most about six. */
function yearTicks(first: number, last: number): number[] {
  const [from, to] = [Number(yearOf(first)), Number(yearOf(last))];
  const step = Math.max(1, Math.ceil((to - from) / 6));
  return Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, index) => Date.UTC(from + index * step, 0, 1) / DAY_MS).filter(
    (day) => day >= first - 40 && day <= last,
  );
}

/** Round steps of 1, 2 or 5 that enclose a stretch, about five of them. */
function niceTicks(low: number, high: number): number[] {
  const rough = (high - low) / 4;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = ([1, 2, 5, 10].find((m) => m * power >= rough) ?? 10) * power;
  const first = Math.floor(low / step);
  return Array.from({ length: Math.ceil(high / step) - first + 1 }, (_, index) => Number(((first + index) * step).toPrecision(8)));
}
