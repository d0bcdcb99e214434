import { useId } from "react";

/** A stop on the ruler: one end of the allowed stretch. */
export interface RuleStop {
  readonly at: number;
  readonly label: string;
  readonly figure: string;
}

/** A figure on the ruler: pointer above, foot below as wide as its uncertainty. */
export interface RulePointer {
  readonly at: number;
  readonly halfWidth: number;
  readonly label: string;
  /** noted: a figure no limit is applied to */
  readonly tone: "holds" | "out" | "too-close" | "noted";
}

/** An earlier figure: a small mark on the ruler with its date. */
export interface RuleMark {
  readonly at: number;
  readonly label: string;
}

interface LimitRuleProps {
  readonly description: string;
  readonly low: RuleStop;
  readonly high: RuleStop;
  readonly rated: { readonly at: number; readonly label: string };
  readonly pointers: readonly RulePointer[];
  readonly marks?: readonly RuleMark[];
}

const HEIGHT = 150;
/** Each further pointer has its foot on a line of its own. */
const FOOT_STEP = 22;
const MARGIN = 20;
const BASE = 92;
/** Drawn for a desk and for a phone, so that its figures keep their size on both. */
const WIDTHS = { desk: 680, phone: 372 } as const;
const COLOURS = { holds: "var(--holds)", out: "var(--out)", "too-close": "var(--close)", noted: "var(--ink-soft)" } as const;

/** Tick steps that people read at a glance: about one figure every 100 px. */
function tickStep(span: number, width: number): number {
  const rough = (span * 90) / width;
  const power = 10 ** Math.floor(Math.log10(rough));
  return ([1, 2, 5, 10].find((m) => m * power >= rough) ?? 10) * power;
}

/**
 * The stretch the ruler shows: the limits with air on both sides, wide enough for every pointer and its foot, but never
 * so wide that the limits can no longer be told apart; what lies beyond is drawn at the edge.
 */
function extent({ low, high, pointers, marks = [] }: LimitRuleProps): readonly [number, number] {
  const span = high.at - low.at;
  const air = span * 0.75;
  const firm = pointers.filter(({ tone }) => tone !== "noted");
  const from = Math.min(low.at - air, ...firm.map((p) => p.at - p.halfWidth - air * 0.4), ...marks.map(({ at }) => at - air * 0.3));
  const to = Math.max(high.at + air, ...firm.map((p) => p.at + p.halfWidth + air * 0.4), ...marks.map(({ at }) => at + air * 0.3));
  return [Math.max(0, from, low.at - 8 * span), Math.min(to, high.at + 8 * span)];
}

/** A ruler with the allowed stretch between two stops and each figure as a pointer with its uncertainty, to scale. */
export function LimitRule(props: LimitRuleProps) {
  return (
    <>
      <div className="max-w-[720px] max-sm:hidden">
        <Drawing {...props} width={WIDTHS.desk} />
      </div>
      <div className="sm:hidden">
        <Drawing {...props} width={WIDTHS.phone} />
      </div>
    </>
  );
}

function Drawing(props: LimitRuleProps & { width: number }) {
  const { description, low, high, rated, pointers, marks = [], width } = props;
  const hatch = useId();
  const [from, to] = extent(props);
  const right = width - MARGIN;
  const x = (value: number): number => Math.min(right, Math.max(MARGIN, MARGIN + ((value - from) / (to - from)) * (right - MARGIN)));
  const height = HEIGHT + Math.max(0, pointers.length - 1) * FOOT_STEP;
  const step = tickStep(to - from, width);
  const first = Math.ceil(from / step) * step;
  const ticks = Array.from({ length: Math.floor((to - first) / step) + 1 }, (_, index) => Number((first + index * step).toPrecision(8)));
  const minor = step / 5;
  const firstMinor = Math.ceil(from / minor) * minor;
  const minors = Array.from({ length: Math.floor((to - firstMinor) / minor) + 1 }, (_, index) => firstMinor + index * minor);
  // Where the stops come too close for two labels side by side, each is set to its own side.
  const isTight = x(high.at) - x(low.at) < 150;
  return (
    <svg viewBox={`0 0 ${width} ${height}`} role="img" aria-label={description} className="block w-full" style={{ maxHeight: height + 40 }}>
      <defs>
        <pattern id={hatch} width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="9" height="9" fill="var(--press-wash)" />
          <path d="M0 0V9" stroke="var(--press)" strokeOpacity="0.35" strokeWidth="1" />
        </pattern>
      </defs>
      <rect x={x(low.at)} y={BASE - 30} width={Math.max(1, x(high.at) - x(low.at))} height={30} fill={`url(#${hatch})`} />
      <path d={minors.map((value) => `M${x(value)} ${BASE}v5`).join("")} stroke="var(--ink)" strokeWidth="1" />
      <path
        d={`M${MARGIN} ${BASE}H${right}${ticks.map((value) => `M${x(value)} ${BASE}v10`).join("")}`}
        stroke="var(--ink)"
        strokeWidth="1.6"
      />
      {ticks.map((value) => (
        <text key={value} x={x(value)} y={BASE + 25} textAnchor="middle" className="num" fontSize="13" fill="var(--ink)">
          {value}
        </text>
      ))}
      <path d={`M${x(rated.at)} ${BASE - 30}v-7m-4 0h8`} stroke="var(--press)" strokeWidth="1.4" />
      {isTight ? null : (
        <text x={x(rated.at)} y={BASE - 42} textAnchor="middle" fontSize="12" fill="var(--press)">
          {rated.label}
        </text>
      )}
      {[low, high].map((stop, index) => (
        <g key={index}>
          <rect x={x(stop.at) - (index === 0 ? 6 : 0)} y={BASE - 42} width={6} height={42} fill="var(--ink)" />
          <text
            x={x(stop.at) + (isTight ? (index === 0 ? 2 : -2) : 0)}
            y={BASE - 50}
            textAnchor={isTight ? (index === 0 ? "end" : "start") : "middle"}
            fontSize="13"
            fill="var(--ink)"
          >
            {stop.label} <tspan className="num">{stop.figure}</tspan>
          </text>
        </g>
      ))}
      {marks.map((mark, index) => (
        <g key={index}>
          <circle cx={x(mark.at)} cy={BASE - 12} r={4} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.6" />
          <text x={x(mark.at)} y={BASE - 20} textAnchor="middle" fontSize="11" fill="var(--ink-soft)">
            {mark.label}
          </text>
        </g>
      ))}
      {pointers.map((pointer, index) => (
        <Pointer key={pointer.label} pointer={pointer} x={x} width={width} foot={BASE + 42 + index * FOOT_STEP} />
      ))}
    </svg>
  );
}

interface PointerProps {
  readonly pointer: RulePointer;
  readonly x: (value: number) => number;
  readonly width: number;
  readonly foot: number;
}

function Pointer({ pointer, x, width, foot }: PointerProps) {
  const colour = COLOURS[pointer.tone];
  const [at, from, to] = [x(pointer.at), x(pointer.at - pointer.halfWidth), x(pointer.at + pointer.halfWidth)];
  const isRight = to > width * 0.68;
  return (
    <g className="motion-safe:transition-transform">
      <path d={`M${at} ${foot}V${BASE - 22}`} stroke={colour} strokeWidth="2.4" />
      <path d={`M${at - 7} ${BASE - 34}h14l-7 13z`} fill={colour} />
      <path d={`M${from} ${foot}H${to}M${from} ${foot - 6}v12M${to} ${foot - 6}v12`} stroke={colour} strokeWidth="2.4" fill="none" />
      <text
        x={isRight ? from - 8 : to + 8}
        y={foot + 4.5}
        textAnchor={isRight ? "end" : "start"}
        fontSize="13"
        fontWeight="700"
        fill={colour}
      >
        {pointer.label}
      </text>
    </g>
  );
}
