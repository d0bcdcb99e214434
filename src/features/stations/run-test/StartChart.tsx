"use client";
import { CartesianGrid, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from "recharts";
import { startHeatOf, type Machine, type Start, type WhatIfChoice } from "@/core/motor";
import { formatNumber } from "@/core/quantity";
import { toMachineSentence } from "@/features/messages/machine-sentences";
import { memo, useEffect, useState } from "react";
import { useStudies } from "../../station/useStudies";

/** As long as it takes, and no longer than anyone holds a switch. */
const WINDOWS_S = [1, 2, 4, 8] as const;
const SETTLE_MS = 250;
const windowFor = (startTimeS: number | null): number => WINDOWS_S.find((window) => (startTimeS ?? 1.2) * 1.6 < window) ?? 8;

interface StartChartProps {
  readonly machine: Machine;
  readonly choice: WhatIfChoice;
  /** about how long the start takes; null: it does not start */
  readonly startTimeS: number | null;
}

/** The start from the moment it is switched on: speed, and line amps cycle by cycle. Worked out away from the screen. */
export function StartChart({ machine, choice, startTimeS }: StartChartProps) {
  const study = useStudies();
  const [asked, setAsked] = useState({ machine, choice, endS: windowFor(startTimeS) });
  // While a slider moves, the curves come first.
  useEffect(() => {
    const later = setTimeout(() => setAsked({ machine, choice, endS: windowFor(startTimeS) }), SETTLE_MS);
    return () => clearTimeout(later);
  }, [machine, choice, startTimeS]);
  const found = study("start", asked);
  if (found === null) return <p className="min-h-[200px] text-[14px] text-ink-soft">Working out the start.</p>;
  if (!found.ok) return <p className="text-[14px]">{toMachineSentence(found.failure)}</p>;
  return <StartCurves start={found.value} machine={asked.machine} endS={asked.endS} />;
}

const StartCurves = memo(function StartCurves({ start, machine, endS }: { start: Start; machine: Machine; endS: number }) {
  const trace = [{ timeS: 0, speedRpm: 0, lineA: null, startA: null, capacitorV: null }, ...start.trace];
  const words = startWords(start);
  const heat = startHeatOf(machine, start);
  return (
    <figure>
      <figcaption className="caption mb-1">Start over time: speed (rpm, solid) and line amps (dashes)</figcaption>
      <div role="img" aria-label={`Start over time: ${words}`} className="h-[200px] w-full">
        <ResponsiveContainer width="100%" height="100%">
          <LineChart data={trace} margin={{ top: 6, right: 4, bottom: 4, left: 0 }} accessibilityLayer={false}>
            <CartesianGrid stroke="var(--rule-faint)" />
            <XAxis
              dataKey="timeS"
              type="number"
              domain={[0, endS]}
              ticks={[0, 0.2, 0.4, 0.6, 0.8, 1].map((part) => part * endS)}
              tickFormatter={(value: number) => `${formatNumber(value, 1)} s`}
              tick={{ fontSize: 12.5, fill: "var(--ink)" }}
              stroke="var(--ink)"
            />
            <YAxis
              yAxisId="rpm"
              width={44}
              tickFormatter={(value: number) => formatNumber(value, 0)}
              tick={{ fontSize: 12.5, fill: "var(--ink)" }}
              stroke="var(--ink)"
            />
            <YAxis
              yAxisId="amps"
              orientation="right"
              width={40}
              tickFormatter={(value: number) => `${formatNumber(value, 1)} A`}
              tick={{ fontSize: 12.5, fill: "var(--press)" }}
              stroke="var(--press)"
            />
            <Line yAxisId="rpm" dataKey="speedRpm" stroke="var(--ink)" strokeWidth={2.6} dot={false} isAnimationActive={false} />
            <Line
              yAxisId="amps"
              dataKey="lineA"
              stroke="var(--press)"
              strokeWidth={2.2}
              strokeDasharray="8 4"
              dot={false}
              isAnimationActive={false}
            />
          </LineChart>
        </ResponsiveContainer>
      </div>
      <p className="mt-1 text-[14px]">{words}</p>
      {heat ? <p className="mt-1 text-[14px]">{heatWords(heat)}</p> : null}
    </figure>
  );
});

/** More starts an hour than these nobody makes. */
const MOST_STARTS = 60;

/** What one start does to the windings, and from how many on they get as hot as at work. */
export function heatWords({ asRunningS, startsAnHour }: { readonly asRunningS: number; readonly startsAnHour: number }): string {
  const one = `One start heats the windings as much as ${formatNumber(asRunningS, asRunningS < 10 ? 1 : 0)} s of running`;
  return startsAnHour > MOST_STARTS
    ? `${one}: starts alone do not overheat it.`
    : `${one}; ${formatNumber(startsAnHour, 0)} starts an hour heat them like running without a pause.`;
}

/** A rotor that rocks is not one that turns. */
const BACKWARDS_RPM = 20;

export function startWords(start: Start): string {
  const peak = `peak ${formatNumber(start.peakLineA, 1)} A`;
  if (start.finalRpm < -BACKWARDS_RPM)
    return `It turns the wrong way: ${formatNumber(-start.finalRpm, 0)} rpm backwards at the end, drawn below nought; ${peak}, then ${formatNumber(start.settledLineA, 1)} A. On a real machine its load may hold it still.`;
  if (!start.hasStarted)
    return `It does not reach its speed: ${formatNumber(start.finalRpm, 0)} rpm and ${formatNumber(start.settledLineA, 1)} A at the end, ${peak}.`;
  const opens = start.switchOpenS === null ? "" : `, the switch opens after ${formatNumber(start.switchOpenS, 2)} s`;
  return `About ${formatNumber(start.timeTo90S ?? 0, 2)} s to 90 % of its speed${opens}; ${peak}, then ${formatNumber(start.settledLineA, 1)} A. The weight of the wheel is an estimate.`;
}
