/** How a pair is drawn: inked with its figure, thin where windings already explain it, dotted for no path, dashed for the next probe. */
export type LineKind = "measured" | "implied" | "open" | "next" | "misfit" | "none";

type Point = readonly [number, number];

interface PairLineProps {
  readonly kind: LineKind;
  readonly ends: readonly [Point, Point];
  /** length left free at each post */
  readonly gap: number;
  readonly figure: string;
  readonly isSelected: boolean;
  readonly onPress: () => void;
}

const STROKES: Record<LineKind, { readonly colour: string; readonly width: number; readonly dash?: string }> = {
  measured: { colour: "var(--ink)", width: 2.4 },
  implied: { colour: "var(--rule)", width: 1.4 },
  open: { colour: "var(--rule)", width: 1.6, dash: "1 8" },
  next: { colour: "var(--press)", width: 2.4, dash: "8 7" },
  misfit: { colour: "var(--out)", width: 3, dash: "14 4" },
  none: { colour: "transparent", width: 0 },
};

const between = (a: Point, b: Point, t: number): Point => [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t];

export function PairLine({ kind, ends: [a, b], gap, figure, isSelected, onPress }: PairLineProps) {
  const length = Math.max(1, Math.hypot(b[0] - a[0], b[1] - a[1]));
  const [start, end] = [between(a, b, gap / length), between(a, b, 1 - gap / length)];
  const { colour, width, dash } = STROKES[kind];
  const path = `M${start[0]} ${start[1]}L${end[0]} ${end[1]}`;
  const word = kind === "measured" || kind === "misfit" ? figure : kind === "next" ? "next" : "";
  const [x, y] = between(a, b, 0.5);
  const isUnread = kind === "none" || kind === "next";
  return (
    // The posts and the fields below do the same by keyboard; the line is an extra for a thumb.
    <g onClick={onPress} className="cursor-pointer" aria-hidden="true" data-line={kind}>
      <path d={path} stroke="transparent" strokeWidth="24" />
      <path
        d={path}
        stroke={isSelected && isUnread ? "var(--press)" : colour}
        strokeWidth={isSelected ? Math.max(3.4, width + 1.4) : width}
        strokeDasharray={isSelected && isUnread ? "8 7" : dash}
      />
      {word ? (
        <>
          <rect x={x - 6 - word.length * 4.9} y={y - 12} width={word.length * 9.8 + 12} height={24} fill="var(--sheet)" />
          <text
            x={x}
            y={y + 5}
            textAnchor="middle"
            className="num"
            fontSize="14.5"
            fontWeight="500"
            fill={kind === "next" ? "var(--press)" : kind === "misfit" ? "var(--out)" : "var(--ink)"}
          >
            {word}
          </text>
        </>
      ) : null}
    </g>
  );
}
