import { formatQuantity } from "@/core/quantity";
import type { Detail } from "./words";

const WIDTH = 560;
const LEFT = 16;
const RIGHT = WIDTH - 16;
const AXIS_Y = 78;

/** Volts on one scale with the band the plate allows: standing as a full mark, while it tries as a falling arrow from it. */
export function SupplyScale({ detail }: { detail: Detail }) {
  const { plateV, lowV, highV, standingV, startingV } = detail;
  if (plateV === null || lowV === null || highV === null) return null;
  const from = Math.min(0.6 * plateV, startingV ?? plateV, standingV ?? plateV) * 0.95;
  const to = Math.max(1.2 * plateV, (standingV ?? 0) * 1.04);
  const x = (volts: number): number => LEFT + ((volts - from) / (to - from)) * (RIGHT - LEFT);
  const step = (to - from) / 6 > 40 ? 50 : (to - from) / 6 > 15 ? 20 : 10;
  const ticks = Array.from({ length: 40 }, (_, index) => Math.ceil(from / step) * step + index * step).filter((volts) => volts <= to);
  const said = [
    `allowed ${formatQuantity("voltage", lowV)} to ${formatQuantity("voltage", highV)}`,
    ...(standingV === null ? [] : [`standing ${formatQuantity("voltage", standingV)}`]),
    ...(startingV === null ? [] : [`while it tries ${formatQuantity("voltage", startingV)}`]),
  ].join(", ");
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 122`}
      role="img"
      aria-label={`Volts at the motor: ${said}`}
      className="block w-full"
      style={{ maxHeight: 150 }}
    >
      <defs>
        <pattern id="supply-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V7" stroke="var(--rule)" strokeWidth="1.4" />
        </pattern>
      </defs>
      <rect x={x(lowV)} y={AXIS_Y - 26} width={x(highV) - x(lowV)} height={26} fill="var(--press-wash)" />
      <rect x={x(lowV)} y={AXIS_Y - 26} width={x(highV) - x(lowV)} height={26} fill="url(#supply-hatch)" />
      {[lowV, highV].map((volts) => (
        <g key={volts}>
          <path d={`M${x(volts)} ${AXIS_Y - 34}V${AXIS_Y}`} stroke="var(--ink)" strokeWidth="5" />
          <text x={x(volts)} y={AXIS_Y - 40} textAnchor="middle" fontSize="13" className="num" fill="var(--ink)">
            {formatQuantity("voltage", volts)}
          </text>
        </g>
      ))}
      <path d={`M${LEFT} ${AXIS_Y}H${RIGHT}`} stroke="var(--ink)" strokeWidth="1.8" />
      {ticks.map((volts) => (
        <g key={volts}>
          <path d={`M${x(volts)} ${AXIS_Y}v7`} stroke="var(--ink)" strokeWidth="1.2" />
          <text x={x(volts)} y={AXIS_Y + 22} textAnchor="middle" fontSize="12.5" className="num" fill="var(--ink-soft)">
            {volts}
          </text>
        </g>
      ))}
      {standingV !== null && standingV >= from ? (
        <path d={`M${x(standingV)} ${AXIS_Y}L${x(standingV) - 7} ${AXIS_Y - 22}h14z`} fill="var(--ink)" />
      ) : null}
      {startingV !== null && standingV !== null ? (
        <g stroke="var(--close)" strokeWidth="3" fill="none">
          <path d={`M${x(standingV)} ${AXIS_Y + 33}H${x(startingV)}`} />
          <path
            d={`M${x(startingV) + (startingV < standingV ? 9 : -9)} ${AXIS_Y + 27}L${x(startingV)} ${AXIS_Y + 33}L${x(startingV) + (startingV < standingV ? 9 : -9)} ${AXIS_Y + 39}`}
          />
        </g>
      ) : null}
    </svg>
  );
}
