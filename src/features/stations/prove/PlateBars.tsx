import type { AmpsVerdict } from "@/core/motor";
import { formatPercent, formatQuantity } from "@/core/quantity";

interface PlateBarsProps {
  readonly before: AmpsVerdict | null;
  readonly after: AmpsVerdict | null;
  /** limit as a fraction of the plate */
  readonly limitFraction: number;
}

const WIDTH = 470;
const LEFT = 62;
const RIGHT = WIDTH - 126;
const COLOURS = { holds: "var(--holds)", out: "var(--out)", "too-close": "var(--close)" } as const;

/** Amps before and after as bars on one scale: 100 % is the plate. */
export function PlateBars({ before, after, limitFraction }: PlateBarsProps) {
  const bars = [
    { name: "Before", verdict: before },
    { name: "After", verdict: after },
  ].flatMap(({ name, verdict }) =>
    verdict?.fractionOfPlate != null && verdict.conformity
      ? [{ name, verdict, fraction: verdict.fractionOfPlate, decision: verdict.conformity.decision }]
      : [],
  );
  if (bars.length === 0) return null;
  const top = Math.max(1.5, ...bars.map(({ fraction }) => fraction * 1.1));
  const x = (fraction: number): number => LEFT + (fraction / top) * (RIGHT - LEFT);
  const said = bars
    .map(
      ({ name, verdict, fraction }) =>
        `${name.toLowerCase()} ${formatQuantity("current", verdict.amps)}, ${formatPercent(fraction)} of the plate`,
    )
    .join("; ");
  const height = 40 + bars.length * 46;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="img"
      aria-label={`Running amps: ${said}`}
      className="block w-full"
      style={{ maxHeight: 170 }}
    >
      <text x={x(1)} y={13} textAnchor="middle" fontSize="13" fill="var(--ink)">
        plate 100 %
      </text>
      <path d={`M${x(1)} 18V${height}`} stroke="var(--ink)" strokeWidth="2" />
      <path d={`M${x(limitFraction)} 18V${height}`} stroke="var(--ink-soft)" strokeWidth="1.5" strokeDasharray="4 4" />
      {bars.map(({ name, verdict, fraction, decision }, index) => {
        const y = 28 + index * 46;
        const half = (verdict.conformity?.expandedUncertainty ?? 0) / (verdict.plateA ?? Infinity);
        return (
          <g key={name}>
            <text x={LEFT - 10} y={y + 21} textAnchor="end" fontSize="14" fontWeight="600" fill="var(--ink)">
              {name}
            </text>
            <rect
              x={LEFT}
              y={y + 5}
              width={x(fraction) - LEFT}
              height={22}
              fill={decision === "out" ? COLOURS.out : "var(--press-wash)"}
              stroke={COLOURS[decision]}
              strokeWidth="2"
            />
            <path
              d={`M${x(fraction - half)} ${y + 16}H${x(fraction + half)}M${x(fraction - half)} ${y + 10}v12M${x(fraction + half)} ${y + 10}v12`}
              stroke="var(--ink)"
              strokeWidth="2"
              fill="none"
            />
            <text x={RIGHT + 12} y={y + 21} className="num" fontSize="14" fill="var(--ink)">
              {formatQuantity("current", verdict.amps)} {formatPercent(fraction)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
