"use client";
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from "recharts";
import type { DecisionOutlook, Hinge } from "@/core/decision";
import { formatNumber, formatProbability } from "@/core/quantity";
import { OfBefore } from "@/components/OfBefore";
import { useLast } from "@/components/useLast";
import { HINGE_WORDS, workWords } from "@/features/vocabulary/decision-words";
import type { InstrumentProps } from "../../station/contract";
import { useStudies } from "../../station/useStudies";
import { hingeSentence, type Detail } from "./words";

const DASHES = ["", "7 4", "2 4"] as const;
const COLOURS = ["var(--press)", "var(--ink)", "var(--close)"] as const;

/** Many draws of what is not known, in the worker: what each way on may cost in all, and the figure the choice hinges on. */
export default function Outlook({ weighed }: Pick<InstrumentProps<"decide", Detail>, "weighed">) {
  const study = useStudies();
  const question = weighed.decisionQuestion;
  const { shown: outlook, isOld } = useLast(question && study("decision", question));
  if (outlook === null) return <p className="text-ink-soft">The sums are on their way.</p>;
  return (
    <OfBefore isOld={isOld}>
      <div className="flex flex-col gap-4">
        <Spreads outlook={outlook} />
        {outlook.hinge ? <HingeChart hinge={outlook.hinge} /> : null}
      </div>
    </OfBefore>
  );
}

/** Range of each work on one scale: 5 to 95 % as a bar, the middle as a mark. */
function Spreads({ outlook: { spreads, draws } }: { outlook: DecisionOutlook }) {
  const most = Math.max(...spreads.map(({ high }) => high));
  return (
    <section aria-label="What it may cost in all">
      <h3 className="caption">
        In all over the house&apos;s years: middle 90 % of {formatNumber(draws, 0)} draws of faults, prices, minutes and life
      </h3>
      <ul className="mt-1 flex flex-col gap-2">
        {spreads.map((spread) => (
          <li key={workWords(spread)} className="text-[14px]">
            <p className="flex flex-wrap justify-between gap-x-4">
              <span>{workWords(spread)}</span>
              <span className="num">
                {formatNumber(spread.low, 0)} to {formatNumber(spread.high, 0)}, cheapest in {formatProbability(spread.bestShare)}
              </span>
            </p>
            <div className="relative h-3 border-b border-rule" aria-hidden="true">
              <div
                className="absolute top-1 h-2 bg-press-wash outline-1 outline-press"
                style={{ left: `${(100 * spread.low) / most}%`, width: `${(100 * (spread.high - spread.low)) / most}%` }}
              />
              <div className="absolute top-0 h-3 w-[3px] bg-ink" style={{ left: `${(100 * spread.middle) / most}%` }} />
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Cost of the ways on over the figure that may turn the choice, with the crossing. */
function HingeChart({ hinge }: { hinge: Hinge }) {
  const { name, unit, decimals } = HINGE_WORDS[hinge.figure];
  const toField = (value: number): number => (unit === "%" ? value * 100 : value);
  const rows = hinge.values.map((value, index) => ({
    value: toField(value),
    ...Object.fromEntries(hinge.lines.map((line, at) => [`line${at}`, line.costs[index]])),
  }));
  const sentence = hingeSentence(hinge);
  return (
    <section aria-label="What it hinges on">
      <p className="text-[15px]">{sentence}</p>
      <div role="img" aria-label={`Cost over ${name(hinge.suspect)}. ${sentence}`} className="mt-2 h-[230px]">
        <ResponsiveContainer>
          <LineChart data={rows} margin={{ top: 18, right: 12, bottom: 18, left: 4 }}>
            <CartesianGrid stroke="var(--rule-faint)" />
            <XAxis
              dataKey="value"
              type="number"
              domain={["dataMin", "dataMax"]}
              tickFormatter={(value: number) => formatNumber(value, decimals)}
              tick={{ fill: "var(--ink-soft)", fontSize: 12 }}
              label={{
                value: `${name(hinge.suspect)}${unit ? `, ${unit}` : ""}`,
                position: "insideBottom",
                offset: -12,
                fontSize: 12.5,
                fill: "var(--ink)",
              }}
            />
            <YAxis
              domain={[0, "auto"]}
              tickFormatter={(value: number) => formatNumber(value, 0)}
              tick={{ fill: "var(--ink-soft)", fontSize: 12 }}
              width={44}
            />
            <ReferenceLine
              x={toField(hinge.now)}
              stroke="var(--ink)"
              strokeWidth={1.5}
              label={{ value: "taken", position: "top", fontSize: 12, fill: "var(--ink)" }}
            />
            {hinge.crossing ? (
              <ReferenceLine
                x={toField(hinge.crossing.at)}
                stroke="var(--close)"
                strokeDasharray="4 3"
                label={{ value: "turns", position: "top", fontSize: 12, fill: "var(--close)" }}
              />
            ) : null}
            {hinge.lines.map((line, at) => (
              <Line
                key={workWords(line)}
                dataKey={`line${at}`}
                name={workWords(line)}
                stroke={COLOURS[at]}
                strokeWidth={2.2}
                strokeDasharray={DASHES[at] ?? ""}
                dot={false}
                isAnimationActive={false}
              />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </div>
      <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1 text-[13px]">
        {hinge.lines.map((line, at) => (
          <li key={workWords(line)} className="flex items-center gap-2">
            <svg width="28" height="6" aria-hidden="true">
              <path d="M0 3H28" stroke={COLOURS[at]} strokeWidth="2.5" strokeDasharray={DASHES[at]} />
            </svg>
            {workWords(line)}
          </li>
        ))}
      </ul>
    </section>
  );
}
