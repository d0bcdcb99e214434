import type { ReactNode } from "react";
import type { At, Piece } from "../station/how";

const INK = { fill: "none", stroke: "var(--ink)", strokeWidth: 1.8 } as const;
const PROBE = { fill: "none", stroke: "var(--press)", strokeWidth: 2.4 } as const;
const SHEET = { fill: "var(--sheet)", stroke: "var(--ink)", strokeWidth: 1.8 } as const;

/** The meter always stands at the left; its jacks. */
const METER = { x: 12, y: 14, width: 78, height: 122 } as const;
const JACKS: readonly [At, At] = [
  [METER.x + 24, METER.y + METER.height - 10],
  [METER.x + 54, METER.y + METER.height - 10],
];

/** A probe from its jack to a point: a lead that hangs, and a straight tip. */
function probe([x1, y1]: At, [x2, y2]: At): string {
  const tipX = x2 - 14;
  const tipY = y2 + (y2 < 60 ? -10 : 10);
  return `M${x1} ${y1}C${x1 + 20} ${y1 + 26} ${tipX - 26} ${tipY + 14} ${tipX} ${tipY}L${x2} ${y2}`;
}

/** Words lie on a ground of their own, so that no line strikes them through. */
const text = (
  [x, y]: At,
  word: string,
  more: { readonly anchor?: "start" | "middle"; readonly weight?: number; readonly fill?: string } = {},
) => (
  <text
    x={x}
    y={y}
    textAnchor={more.anchor ?? "middle"}
    fontWeight={more.weight ?? 500}
    fill={more.fill ?? "var(--ink)"}
    stroke="var(--sheet)"
    strokeWidth="5"
    strokeLinejoin="round"
    paintOrder="stroke"
  >
    {word}
  </text>
);

type Draw<Is extends Piece["is"]> = (piece: Extract<Piece, { is: Is }>) => ReactNode;

/** How each sort of piece is drawn. */
const DRAWN: { readonly [Is in Piece["is"]]: Draw<Is> } = {
  meter: ({ sign, shows, to }) => (
    <>
      {to ? <path d={`${probe(JACKS[0], to[0])}${probe(JACKS[1], to[1])}`} {...PROBE} /> : null}
      <rect {...METER} rx="6" {...SHEET} />
      <rect
        x={METER.x + 8}
        y={METER.y + 8}
        width={METER.width - 16}
        height="24"
        fill="var(--ground)"
        stroke="var(--ink)"
        strokeWidth="1.2"
      />
      <text
        x={METER.x + METER.width / 2}
        y={METER.y + 25}
        textAnchor="middle"
        className="num"
        fontSize="11.5"
        fontWeight="600"
        fill="var(--ink)"
      >
        {shows}
      </text>
      <circle cx={METER.x + METER.width / 2} cy={METER.y + 68} r="22" {...INK} />
      <path d={`M${METER.x + METER.width / 2} ${METER.y + 46}v-8`} {...INK} strokeWidth="3" />
      {text([METER.x + METER.width / 2, METER.y + 73], sign, { weight: 700 })}
      {JACKS.map(([x, y], index) => (
        <circle key={index} cx={x} cy={y} r="3.5" fill="var(--ink)" />
      ))}
    </>
  ),
  clamp: ({ at: [x, y], sign }) => (
    <>
      <path d={`M${x - 9} ${y + 13}A16 16 0 1 1 ${x + 9} ${y + 13}`} {...PROBE} strokeWidth="4" />
      <rect x={x - 13} y={y + 14} width="26" height="40" rx="4" {...SHEET} />
      {text([x, y + 39], sign, { weight: 700 })}
    </>
  ),
  can: ({ at: [x, y], terminals }) => (
    <>
      <rect x={x} y={y} width="62" height="72" rx="8" {...SHEET} />
      {terminals.map((name, index) => {
        const at = x + (62 * (index + 1)) / (terminals.length + 1);
        return (
          <g key={name + String(index)}>
            <path d={`M${at} ${y}v-11`} {...INK} strokeWidth="4" />
            {text([at, y + 18], name, { weight: 700 })}
          </g>
        );
      })}
    </>
  ),
  motor: ({ at: [x, y] }) => (
    <>
      <circle cx={x} cy={y} r="34" {...SHEET} />
      <circle cx={x} cy={y} r="5" fill="var(--ink)" />
      <path d={`M${x - 24} ${y + 25}l-8 14h24M${x + 24} ${y + 25}l8 14h-24`} {...INK} />
    </>
  ),
  post: ({ at: [x, y], name }) => (
    <>
      <circle cx={x} cy={y} r="10" {...SHEET} />
      {text([x, y + 4.5], name, { weight: 700 })}
    </>
  ),
  coil: ({ from: [x1, y], to: [x2] }) => {
    const turns = 4;
    const lead = (x2 - x1) * 0.18;
    const width = (x2 - x1 - 2 * lead) / turns;
    return (
      <path d={`M${x1} ${y}h${lead}${Array.from({ length: turns }, () => `q${width / 2} -15 ${width} 0`).join("")}h${lead}`} {...INK} />
    );
  },
  resistor: ({ from: [x1, y], to: [x2] }) => {
    const lead = (x2 - x1) * 0.25;
    return (
      <>
        <path d={`M${x1} ${y}h${lead}M${x2 - lead} ${y}h${lead}`} {...PROBE} />
        <rect x={x1 + lead} y={y - 7} width={x2 - x1 - 2 * lead} height="14" fill="var(--sheet)" stroke="var(--press)" strokeWidth="2.2" />
      </>
    );
  },
  wire: ({ from: [x1, y1], to: [x2, y2] }) => <path d={`M${x1} ${y1}L${x2} ${y2}`} {...INK} />,
  off: ({ from: [x1, y1], to: [x2, y2] }) => (
    <>
      <path d={`M${x1} ${y1}L${x2} ${y2}`} {...INK} strokeDasharray="5 4" />
      <circle cx={x2} cy={y2} r="4" fill="var(--sheet)" stroke="var(--out)" strokeWidth="2" />
      {text([x2, y2 - 9], "off", { weight: 700, fill: "var(--out)" })}
    </>
  ),
  contacts: ({ from: [x1, y], to: [x2], isOpen }) => {
    const third = (x2 - x1) / 3;
    return (
      <>
        <path d={`M${x1} ${y}h${third}M${x2} ${y}h${-third}M${x1 + third} ${y}L${x2 - third} ${isOpen ? y - 16 : y}`} {...INK} />
        <circle cx={x1 + third} cy={y} r="3" fill="var(--ink)" />
        <circle cx={x2 - third} cy={y} r="3" fill="var(--ink)" />
      </>
    );
  },
  frame: ({ at: [x, y] }) => (
    <>
      <path d={`M${x} ${y}v12M${x - 14} ${y + 12}h28M${x - 9} ${y + 17}h18M${x - 4} ${y + 22}h8`} {...INK} />
      {text([x, y + 37], "bare metal")}
    </>
  ),
  lock: ({ at: [x, y] }) => (
    <>
      <path d={`M${x - 8} ${y}v-7a8 8 0 0 1 16 0v7`} {...INK} />
      <rect x={x - 12} y={y} width="24" height="19" rx="2" {...SHEET} />
      {text([x, y + 34], "off, locked")}
    </>
  ),
  plug: ({ at: [x, y] }) => (
    <>
      <rect x={x} y={y - 13} width="26" height="26" rx="5" {...SHEET} />
      <path d={`M${x} ${y - 6}h-13M${x} ${y + 6}h-13`} {...INK} strokeWidth="3" />
      <path d={`M${x + 26} ${y}h16`} {...INK} />
      <path d={`M${x - 26} ${y - 17}v34`} {...INK} strokeWidth="3" />
      {text([x + 6, y + 31], "pulled")}
    </>
  ),
  turn: ({ at: [x, y], word }) => (
    <>
      <path d={`M${x - 42} ${y + 14}A46 46 0 0 1 ${x + 36} ${y - 26}M${x + 36} ${y - 26}l-13 -1M${x + 36} ${y - 26}l-2 13`} {...PROBE} />
      {text([x, y + 62], word)}
    </>
  ),
  bearing: ({ at: [x, y] }) => (
    <>
      <circle cx={x} cy={y} r="40" {...SHEET} />
      <circle cx={x} cy={y} r="30" {...INK} />
      <circle cx={x} cy={y} r="18" {...INK} />
      {Array.from({ length: 8 }, (_, index) => {
        const angle = (index * Math.PI) / 4;
        return <circle key={index} cx={x + 24 * Math.cos(angle)} cy={y + 24 * Math.sin(angle)} r="5" {...INK} />;
      })}
    </>
  ),
  plate: ({ at: [x, y], lines }) => (
    <>
      <rect x={x} y={y} width="148" height={18 + lines.length * 18} rx="3" {...SHEET} />
      <circle cx={x + 6} cy={y + 6} r="2" fill="var(--ink)" />
      <circle cx={x + 142} cy={y + 6} r="2" fill="var(--ink)" />
      {lines.map((line, index) => (
        <text key={line} x={x + 14} y={y + 24 + index * 18} className="num" fontSize="11" fill="var(--ink)">
          {line}
        </text>
      ))}
    </>
  ),
  list: ({ at: [x, y], lines }) => (
    <>
      {lines.map((line, index) => (
        <g key={line}>
          <path d={`M${x} ${y + index * 24 - 5}h9v9h-9z`} {...INK} />
          {text([x + 18, y + index * 24 + 4], line, { anchor: "start" })}
        </g>
      ))}
    </>
  ),
  gap: ({ at: [x, y], word }) => (
    <>
      <path d={`M${x} ${y - 14}v28M${x - 18} ${y}h12M${x + 18} ${y}h-12`} {...PROBE} />
      {text([x, y + 30], word)}
    </>
  ),
  word: ({ at, word, isStrong }) => text(at, word, { weight: isStrong ? 700 : 500 }),
};

/** One piece of a drawing. */
export const drawPiece = (piece: Piece): ReactNode => (DRAWN[piece.is] as Draw<Piece["is"]>)(piece as never);
