import { geometryOf, shouldersOf, type BearingSize, type Closure } from "@/core/bearing";
import { formatNumber } from "@/core/quantity";
import { CLOSURE_WORDS } from "./words";

interface SeatSectionProps {
  readonly size: BearingSize;
  readonly widthMm: number | null;
  readonly closure: Closure | null;
}

const HEIGHT = 250;
const WIDTH = 300;
const AXIS_X = 56;

/** The bearing on its shaft in its seat, cut open, upper half to scale. */
export function SeatSection({ size, widthMm, closure }: SeatSectionProps) {
  const width = widthMm ?? size.widthMm;
  const { innerMm, outerMm } = shouldersOf(size);
  const { ballDiameterMm, pitchDiameterMm } = geometryOf(size);
  const scale = Math.min((HEIGHT - 78) / (size.outsideMm / 2), 112 / width);
  const axisY = HEIGHT - 34;
  const y = (diameterMm: number): number => axisY - (diameterMm / 2) * scale;
  const left = AXIS_X;
  const right = left + width * scale;
  const closed = closure !== null && closure !== "open";
  const figure = (value: number): string => formatNumber(value, 3);
  const said = `${size.number} in its seat, to scale: bore ${figure(size.boreMm)}, outside ${figure(size.outsideMm)}, width ${figure(width)} mm${closure ? `, ${CLOSURE_WORDS[closure]}` : ""}`;
  const step = 30;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={said} className="block w-full max-w-[300px]">
      <rect x={left - 14} y={y(size.outsideMm) - 14} width={right - left + 28} height={14} fill="var(--rule)" />
      <rect x={left - 24} y={y(size.boreMm)} width={right - left + 48} height={axisY - y(size.boreMm)} fill="var(--press-wash)" />
      <path d={`M${left - 40} ${axisY}H${right + 40}`} stroke="var(--ink-soft)" strokeWidth="1" strokeDasharray="12 3 2 3" />
      <rect
        x={left}
        y={y(size.outsideMm)}
        width={right - left}
        height={y(outerMm) - y(size.outsideMm)}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth="1.6"
      />
      <rect
        x={left}
        y={y(innerMm)}
        width={right - left}
        height={y(size.boreMm) - y(innerMm)}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth="1.6"
      />
      <circle
        cx={(left + right) / 2}
        cy={y(pitchDiameterMm)}
        r={(ballDiameterMm / 2) * scale}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth="1.6"
      />
      {closed ? (
        <path
          d={`M${left + 2.5} ${y(outerMm)}V${y(innerMm)}M${right - 2.5} ${y(outerMm)}V${closure.endsWith("one") ? y(outerMm) : y(innerMm)}`}
          stroke={closure.startsWith("seal") ? "var(--ink)" : "var(--ink-soft)"}
          strokeWidth={closure.startsWith("seal") ? 4 : 2}
        />
      ) : null}
      <Height x={right + step} from={y(size.boreMm)} to={axisY} label={`⌀ ${figure(size.boreMm)}`} />
      <Height x={right + step + 58} from={y(size.outsideMm)} to={axisY} label={`⌀ ${figure(size.outsideMm)}`} />
      <path d={`M${left} ${axisY + 14}H${right}M${left} ${axisY + 8}v12M${right} ${axisY + 8}v12`} stroke="var(--ink)" strokeWidth="1.2" />
      <text x={(left + right) / 2} y={axisY + 30} textAnchor="middle" className="num" fontSize="13" fill="var(--ink)">
        {figure(width)}
      </text>
      <text x={left} y={y(size.outsideMm) - 19} fontSize="12" fill="var(--ink-soft)">
        seat
      </text>
      <text x={left - 18} y={axisY - 8} fontSize="12" fill="var(--ink-soft)">
        shaft
      </text>
    </svg>
  );
}

/** A diameter, drawn from the axis up, its figure along it. */
function Height({ x, from, to, label }: { x: number; from: number; to: number; label: string }) {
  return (
    <>
      <path d={`M${x} ${from}V${to}M${x - 5} ${from}h10`} stroke="var(--ink)" strokeWidth="1.2" />
      <text x={x + 6} y={(from + to) / 2 + 4} className="num" fontSize="13" fill="var(--ink)">
        {label}
      </text>
    </>
  );
}
