import { useNarrow } from "@/components/useNarrow";
import type { Range } from "@/core/motor";
import { formatPercent } from "@/core/quantity";
import type { RunRow } from "@/core/stations/run-test";
import { FIELD_WORDS, figureWords, rangeWords } from "./words";

/** Where things stand in one row; on a phone name and figure stand above the bar, so that they can be read at arm's length. */
interface Plan {
  readonly width: number;
  readonly left: number;
  readonly right: number;
  readonly pitch: number;
  /** from the top of a row to its bar */
  readonly drop: number;
  readonly isStacked: boolean;
}
const BESIDE: Plan = { width: 560, left: 132, right: 428, pitch: 44, drop: 4, isStacked: false };
const STACKED: Plan = { width: 358, left: 2, right: 356, pitch: 70, drop: 24, isStacked: true };

/** What a row calls 100 %: its plate figure, else the middle of what is expected; a start is measured by the longest. */
function baseOf({ field, plate, expected }: RunRow): number | null {
  if (plate !== null || !expected) return plate;
  const base = field === "startTime" ? expected.high : expected.middle;
  return base > 0 ? base : null;
}

const said = (row: RunRow): string =>
  [
    `${FIELD_WORDS[row.field]} ${row.value === null ? "not measured" : figureWords(row)}`,
    row.plate !== null && row.value !== null ? `${formatPercent(row.value / row.plate)} of the plate` : "",
    row.expected ? `${rangeWords(row.field, row.expected)} expected` : "",
  ]
    .filter(Boolean)
    .join(", ");

/** Every figure of the run on one scale: 100 % is the plate, the bracket is what a sound motor would show. */
export function RunBars({ rows }: { rows: readonly RunRow[] }) {
  const plan = useNarrow() ? STACKED : BESIDE;
  const shown = rows.flatMap((row) => {
    const base = baseOf(row);
    // Half a glance: only what was measured, or what the model can say.
    return base !== null && row.field !== "shell" && (row.value !== null || (row.expected !== null && row.field !== "supplyVolts"))
      ? [{ row, base }]
      : [];
  });
  if (shown.length === 0) return null;
  const most = Math.max(1.3, ...shown.map(({ row, base }) => Math.min(3, Math.max(row.value ?? 0, row.expected?.high ?? 0) / base) * 1.06));
  const x = (fraction: number): number => plan.left + (Math.min(fraction, most) / most) * (plan.right - plan.left);
  const height = 24 + shown.length * plan.pitch;
  return (
    <svg
      viewBox={`0 0 ${plan.width} ${height}`}
      role="img"
      aria-label={`Run figures: ${shown.map(({ row }) => said(row)).join("; ")}`}
      className="block w-full"
    >
      <text x={x(1)} y={13} textAnchor="middle" fontSize="13" fill="var(--ink)">
        100 %
      </text>
      <path d={`M${x(1)} 18V${height}`} stroke="var(--ink)" strokeWidth="1.5" />
      {shown.map(({ row, base }, index) => (
        <Bar key={row.field} plan={plan} row={row} base={base} y={24 + index * plan.pitch} x={x} />
      ))}
    </svg>
  );
}

interface Place {
  readonly x: number;
  readonly y: number;
  readonly textAnchor: "start" | "end";
}

interface BarProps {
  readonly plan: Plan;
  readonly row: RunRow;
  readonly base: number;
  readonly y: number;
  readonly x: (fraction: number) => number;
}

function Bar({ plan, row, base, y, x }: BarProps) {
  const { left, right, drop, isStacked } = plan;
  const isOff = row.position === "above" || row.position === "below";
  const name: Place = isStacked ? { x: left, y: y + 15, textAnchor: "start" } : { x: left - 10, y: y + 17, textAnchor: "end" };
  const figure: Place = isStacked ? { x: right, y: y + 15, textAnchor: "end" } : { x: right + 10, y: y + 17, textAnchor: "start" };
  const under = y + drop + 29;
  return (
    <g>
      <text x={name.x} y={name.y} textAnchor={name.textAnchor} fontSize="13.5" fontWeight="600" fill="var(--ink)">
        {FIELD_WORDS[row.field]}
      </text>
      {row.plate === null ? (
        <text x={name.x} y={isStacked ? under + 11 : under} textAnchor={name.textAnchor} fontSize="11.5" fill="var(--ink-soft)">
          {row.field === "startTime" ? "of the longest expected" : "of what is expected"}
        </text>
      ) : null}
      {row.value === null ? (
        <path d={`M${left} ${y + drop + 8}H${right}`} stroke="var(--rule)" strokeWidth="1" strokeDasharray="2 5" />
      ) : (
        <rect
          x={left}
          y={y + drop}
          width={Math.max(2, x(row.value / base) - left)}
          height={16}
          fill={isOff ? "var(--out)" : "var(--press-wash)"}
          stroke={isOff ? "var(--out)" : "var(--holds)"}
          strokeWidth="2"
        />
      )}
      {row.expected ? <Bracket range={row.expected} base={base} y={y + drop + 22} x={x} /> : null}
      <text
        x={figure.x}
        y={figure.y}
        textAnchor={figure.textAnchor}
        className="num"
        fontSize="13.5"
        fill={row.value === null ? "var(--ink-soft)" : "var(--ink)"}
      >
        {row.value === null ? "not measured" : `${figureWords(row)}${row.plate === null ? "" : ` ${formatPercent(row.value / row.plate)}`}`}
      </text>
      {row.expected ? (
        <text
          x={figure.x}
          y={isStacked ? under + 11 : under}
          textAnchor={figure.textAnchor}
          className="num"
          fontSize="11.5"
          fill="var(--ink-soft)"
        >
          {rangeWords(row.field, row.expected)}
        </text>
      ) : null}
    </g>
  );
}

/** What is expected: a bracket under the bar, open towards it. */
function Bracket({ range, base, y, x }: { range: Range; base: number; y: number; x: (fraction: number) => number }) {
  const [from, to] = [x(range.low / base), x(range.high / base)];
  return <path d={`M${from} ${y - 5}v9H${Math.max(to, from + 2)}v-9`} fill="none" stroke="var(--ink)" strokeWidth="1.8" />;
}
