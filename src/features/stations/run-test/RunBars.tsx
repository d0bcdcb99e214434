import type { Range } from "@/core/motor";
import { formatPercent } from "@/core/quantity";
import type { RunRow } from "@/core/stations/run-test";
import { FIELD_WORDS, figureWords, rangeWords } from "./words";

const WIDTH = 560;
const LEFT = 132;
const RIGHT = WIDTH - 132;
const PITCH = 44;

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
  const shown = rows.flatMap((row) => {
    const base = baseOf(row);
    // Half a glance: only what was measured, or what the model can say.
    return base !== null && row.field !== "shell" && (row.value !== null || (row.expected !== null && row.field !== "supplyVolts"))
      ? [{ row, base }]
      : [];
  });
  if (shown.length === 0) return null;
  const most = Math.max(1.3, ...shown.map(({ row, base }) => Math.min(3, Math.max(row.value ?? 0, row.expected?.high ?? 0) / base) * 1.06));
  const x = (fraction: number): number => LEFT + (Math.min(fraction, most) / most) * (RIGHT - LEFT);
  const height = 24 + shown.length * PITCH;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="img"
      aria-label={`Run figures: ${shown.map(({ row }) => said(row)).join("; ")}`}
      className="block w-full"
    >
      <text x={x(1)} y={13} textAnchor="middle" fontSize="13" fill="var(--ink)">
        100 %
      </text>
      <path d={`M${x(1)} 18V${height}`} stroke="var(--ink)" strokeWidth="1.5" />
      {shown.map(({ row, base }, index) => (
        <Bar key={row.field} row={row} base={base} y={24 + index * PITCH} x={x} />
      ))}
    </svg>
  );
}

function Bar({ row, base, y, x }: { row: RunRow; base: number; y: number; x: (fraction: number) => number }) {
  const isOff = row.position === "above" || row.position === "below";
  const colour = isOff ? "var(--out)" : "var(--holds)";
  return (
    <g>
      <text x={LEFT - 10} y={y + 17} textAnchor="end" fontSize="13.5" fontWeight="600" fill="var(--ink)">
        {FIELD_WORDS[row.field]}
      </text>
      {row.plate === null ? (
        <text x={LEFT - 10} y={y + 33} textAnchor="end" fontSize="11.5" fill="var(--ink-soft)">
          {row.field === "startTime" ? "of the longest expected" : "of what is expected"}
        </text>
      ) : null}
      {row.value === null ? (
        <path d={`M${LEFT} ${y + 12}H${RIGHT}`} stroke="var(--rule)" strokeWidth="1" strokeDasharray="2 5" />
      ) : (
        <rect
          x={LEFT}
          y={y + 4}
          width={Math.max(2, x(row.value / base) - LEFT)}
          height={16}
          fill={isOff ? "var(--out)" : "var(--press-wash)"}
          stroke={colour}
          strokeWidth="2"
        />
      )}
      {row.expected ? <Bracket range={row.expected} base={base} y={y + 26} x={x} /> : null}
      <text x={RIGHT + 10} y={y + 17} className="num" fontSize="13.5" fill={row.value === null ? "var(--ink-soft)" : "var(--ink)"}>
        {row.value === null ? "not measured" : `${figureWords(row)}${row.plate === null ? "" : ` ${formatPercent(row.value / row.plate)}`}`}
      </text>
      {row.expected ? (
        <text x={RIGHT + 10} y={y + 33} className="num" fontSize="11.5" fill="var(--ink-soft)">
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
