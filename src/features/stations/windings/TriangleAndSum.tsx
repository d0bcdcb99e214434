import { formatQuantity } from "@/core/quantity";
import { entryAt, type WindingsRecord } from "@/core/stations/windings";
import { LEAD_PAIRS, type ThreeLeadAnswer } from "@/core/winding";
import { pairName, postName } from "./words";

interface TriangleAndSumProps {
  readonly record: WindingsRecord;
  readonly answer: Extract<ThreeLeadAnswer, { sum: unknown }>;
  readonly names: readonly string[];
}

const CORNERS = [
  [30, 30],
  [210, 30],
  [120, 128],
] as const;

/** Both ways of finding common, side by side: look opposite the largest; and the two small ones make the large one. */
export function TriangleAndSum({ record, answer, names }: TriangleAndSumProps) {
  const sides = LEAD_PAIRS.map((pair) => ({ pair, ohm: entryAt(record, pair[0], pair[1])?.reading?.value ?? 0 })).sort(
    (a, b) => b.ohm - a.ohm,
  );
  const [largest, middle, smallest] = sides;
  if (!largest || !middle || !smallest) return null;
  const opposite = [0, 1, 2].find((lead) => !largest.pair.includes(lead as never)) ?? 0;
  const isSure = answer.kind === "named" || answer.kind === "order-unclear";
  const scale = 300 / Math.max(largest.ohm, middle.ohm + smallest.ohm, 0.1);
  const ohm = (value: number): string => formatQuantity("resistance", value, 0.5);
  const [ox, oy] = CORNERS[opposite] ?? [0, 0];
  const middleOf = ([a, b]: readonly [number, number]) =>
    [((CORNERS[a]?.[0] ?? 0) + (CORNERS[b]?.[0] ?? 0)) / 2, ((CORNERS[a]?.[1] ?? 0) + (CORNERS[b]?.[1] ?? 0)) / 2] as const;
  const [mx, my] = middleOf(largest.pair);
  return (
    <figure className="grid gap-x-8 gap-y-4 border-t border-rule pt-4 sm:grid-cols-[240px_1fr]" aria-label="Two ways to find common">
      <svg
        viewBox="0 0 240 165"
        role="img"
        aria-label={`Triangle: the largest reading is ${pairName(names, largest.pair)}; opposite it lies ${postName(names, opposite)}`}
      >
        {sides.map(({ pair }) => (
          <path
            key={pair.join()}
            d={`M${CORNERS[pair[0]][0]} ${CORNERS[pair[0]][1]}L${CORNERS[pair[1]][0]} ${CORNERS[pair[1]][1]}`}
            stroke="var(--ink)"
            strokeWidth={pair === largest.pair ? 6 : 2}
          />
        ))}
        <path
          d={`M${mx} ${my}L${ox + (mx - ox) * 0.2} ${oy + (my - oy) * 0.2}`}
          stroke="var(--press)"
          strokeWidth="2.4"
          strokeDasharray="6 5"
        />
        <circle cx={ox} cy={oy} r="13" fill={isSure ? "var(--ink)" : "var(--sheet)"} stroke="var(--ink)" strokeWidth="2" />
        {[0, 1, 2].map((lead) => {
          const [x, y] = CORNERS[lead] ?? [0, 0];
          return (
            <text
              key={lead}
              x={x}
              y={lead === 2 ? y + 32 : y - 12}
              textAnchor="middle"
              fontSize="13"
              fontWeight={lead === opposite ? 700 : 400}
              fill="var(--ink)"
            >
              {postName(names, lead)}
            </text>
          );
        })}
      </svg>
      <div className="flex min-w-0 flex-col gap-2 text-[14px]">
        <p>
          <b>Look opposite.</b> Largest: {pairName(names, largest.pair)}, {ohm(largest.ohm)}. The lead that is not in it is{" "}
          {postName(names, opposite)}
          {isSure ? ": common." : "."}
        </p>
        <p>
          <b>Add up.</b> {ohm(middle.ohm)} + {ohm(smallest.ohm)} = {ohm(middle.ohm + smallest.ohm)}, against {ohm(largest.ohm)}.
        </p>
        <svg
          viewBox="0 0 310 46"
          role="img"
          aria-label="The two smaller readings laid end to end beside the largest"
          className="w-full max-w-[420px]"
        >
          <rect x="0" y="4" width={middle.ohm * scale} height="14" fill="var(--press-wash)" stroke="var(--ink)" />
          <rect x={middle.ohm * scale} y="4" width={smallest.ohm * scale} height="14" fill="var(--sheet)" stroke="var(--ink)" />
          <rect x="0" y="26" width={largest.ohm * scale} height="14" fill="var(--ink)" />
        </svg>
      </div>
    </figure>
  );
}
