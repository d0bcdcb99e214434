"use client";
import { LEAD_PAIRS, type LeadIndex, type PairIndex, type WindingRole } from "@/core/winding";
import { leadName, pairName, ROLE_WORDS } from "./sentences";

interface PostSketchProps {
  readonly names: readonly [string, string, string];
  /** what was keyed on each pair; empty while it was not */
  readonly figures: readonly [string, string, string];
  readonly roles: readonly [WindingRole | null, WindingRole | null, WindingRole | null];
  readonly next: PairIndex | null;
  readonly selected: PairIndex | null;
  /** post tapped first, waiting for the second */
  readonly waiting: LeadIndex | null;
  readonly onTap: (lead: LeadIndex) => void;
  readonly onPair: (pair: PairIndex) => void;
}

const WIDTH = 440;
const HEIGHT = 270;
const POSTS: readonly (readonly [number, number])[] = [
  [112, 78],
  [328, 78],
  [220, 212],
];
const RADIUS = 23;

/** Point on the line between two posts, a fraction of the way. */
const between = (a: readonly [number, number], b: readonly [number, number], t: number): readonly [number, number] => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
];

/** Posts on graph paper; measured pairs as inked lines with their figure, the next probe dashed; roles as soon as settled. */
export function PostSketch({ names, figures, roles, next, selected, waiting, onTap, onPair }: PostSketchProps) {
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="block w-full touch-manipulation"
      style={{ maxHeight: 300 }}
      role="group"
      aria-label="Post sketch"
    >
      <defs>
        <pattern id="graph" width="22" height="22" patternUnits="userSpaceOnUse">
          <path d="M22 0H0V22" fill="none" stroke="var(--rule-faint)" strokeWidth="1" />
        </pattern>
      </defs>
      <rect width={WIDTH} height={HEIGHT} fill="url(#graph)" />
      {([0, 1, 2] as const).map((pair) => (
        <PairLine
          key={pair}
          pair={pair}
          figure={figures[pair]}
          isNext={next === pair}
          isSelected={selected === pair}
          name={pairName(names, pair)}
          onPair={onPair}
        />
      ))}
      {([0, 1, 2] as const).map((lead) => {
        const [x, y] = POSTS[lead] ?? [0, 0];
        const role = roles[lead];
        const isCommon = role === "common";
        const name = leadName(names, lead);
        return (
          <g
            key={lead}
            role="button"
            tabIndex={0}
            aria-label={`Post ${name}${role ? `, ${ROLE_WORDS[role]}` : ""}`}
            aria-pressed={waiting === lead}
            className="cursor-pointer"
            onClick={() => onTap(lead)}
            onKeyDown={(event) => {
              if (event.key === "Enter" || event.key === " ") {
                event.preventDefault();
                onTap(lead);
              }
            }}
          >
            <circle cx={x} cy={y} r={RADIUS + 9} fill="transparent" />
            <circle
              cx={x}
              cy={y}
              r={RADIUS}
              fill={isCommon ? "var(--ink)" : "var(--sheet)"}
              stroke={waiting === lead ? "var(--press)" : "var(--ink)"}
              strokeWidth={waiting === lead ? 5 : 2.2}
            />
            <circle cx={x} cy={y} r={6} fill={isCommon ? "var(--sheet)" : "var(--ink)"} />
            <text
              x={x}
              y={lead === 2 ? y + RADIUS + 21 : y - RADIUS - 11}
              textAnchor="middle"
              fontSize="16"
              fontWeight="700"
              fill="var(--ink)"
            >
              {role ? ROLE_WORDS[role] : "?"}
            </text>
            <text
              x={lead === 0 ? x - RADIUS - 10 : x + RADIUS + 10}
              y={y + 5}
              textAnchor={lead === 0 ? "end" : "start"}
              fontSize="15"
              fill="var(--ink-soft)"
            >
              {name}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

interface PairLineProps {
  readonly pair: PairIndex;
  readonly figure: string;
  readonly isNext: boolean;
  readonly isSelected: boolean;
  readonly name: string;
  readonly onPair: (pair: PairIndex) => void;
}

function PairLine({ pair, figure, isNext, isSelected, name, onPair }: PairLineProps) {
  const [from, to] = LEAD_PAIRS[pair];
  const a = POSTS[from] ?? [0, 0];
  const b = POSTS[to] ?? [0, 0];
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
  const [start, end] = [between(a, b, (RADIUS + 4) / length), between(a, b, 1 - (RADIUS + 4) / length)];
  const [x, y] = between(a, b, 0.5);
  const isMeasured = figure !== "";
  const colour = isMeasured ? "var(--ink)" : isNext ? "var(--press)" : "var(--rule)";
  const word = isMeasured ? figure : isNext ? "next" : "";
  return (
    // The posts and the fields below do the same by keyboard; the line is an extra for a thumb.
    <g onClick={() => onPair(pair)} className="cursor-pointer" aria-hidden="true" data-pair={name}>
      <path d={`M${start[0]} ${start[1]}L${end[0]} ${end[1]}`} stroke="transparent" strokeWidth="30" />
      <path
        d={`M${start[0]} ${start[1]}L${end[0]} ${end[1]}`}
        stroke={colour}
        strokeWidth={isSelected ? 4 : 2.4}
        strokeDasharray={isMeasured ? undefined : isNext ? "8 7" : "2 8"}
      />
      {word ? (
        <>
          <rect x={x - 8 - word.length * 5.4} y={y - 14} width={word.length * 10.8 + 16} height={28} fill="var(--sheet)" />
          <text
            x={x}
            y={y + 5.5}
            textAnchor="middle"
            className="num"
            fontSize="16"
            fontWeight="500"
            fill={isMeasured ? "var(--ink)" : "var(--press)"}
          >
            {word}
          </text>
        </>
      ) : null}
    </g>
  );
}
