import type { Ref } from "react";
import type { Connection, ElementClass, Rung, RungPart } from "@/core/winding";
import { roleWord } from "@/features/vocabulary/board-words";
import { describe, PART_WORDS } from "./connection-words";
import { fittedOhm, postName } from "./words";

/** Narrowest step from part to part, and what a letter takes of it: names stand side by side and must not run into one another. */
const LEAST_STEP = 92;
const LETTER = 7.6;
const RUNG = 82;
const LEFT = 34;
const TOP = 40;

interface ConnectionDrawingProps {
  readonly connection: Connection;
  readonly names: readonly string[];
  /** printed on the drawing, so that it goes along when it is exported */
  readonly caption: string;
  readonly ref?: Ref<SVGSVGElement>;
}

const WINDING_WORDS: Partial<Record<ElementClass, string>> = { main: "main", half: "half", aux: "start", section: "section", coil: "coil" };

/** Each way through the motor as a rung between the two supply lines; posts as on the board, by name. */
export function ConnectionDrawing({ connection, names, caption, ref }: ConnectionDrawingProps) {
  const longest = Math.max(...connection.rungs.map((rung) => rung.length));
  const words = connection.rungs.flat().flatMap((part) => wordsUnder(part, names));
  const step = Math.max(LEAST_STEP, ...words.map((word) => word.length * LETTER + 8));
  const width = LEFT * 2 + (longest + 1) * step;
  const height = TOP + connection.rungs.length * RUNG + 34;
  const right = width - LEFT;
  return (
    <svg
      ref={ref}
      viewBox={`0 0 ${width} ${height}`}
      xmlns="http://www.w3.org/2000/svg"
      role="img"
      aria-label={describe(connection, names)}
      className="block w-full"
      style={{ maxWidth: width }}
    >
      <rect width={width} height={height} fill="var(--sheet)" />
      <g stroke="var(--ink)" strokeWidth="3" fill="none">
        <path d={`M${LEFT} ${TOP - 14}V${height - 44}M${right} ${TOP - 14}V${height - 44}`} />
      </g>
      <g fill="var(--ink)" fontSize="14" fontWeight="700">
        <text x={LEFT} y={TOP - 20} textAnchor="middle">
          L1
        </text>
        <text x={right} y={TOP - 20} textAnchor="middle">
          L2
        </text>
      </g>
      {connection.rungs.map((rung, index) => (
        <RungDrawing key={index} rung={rung} names={names} y={TOP + 26 + index * RUNG} right={right} />
      ))}
      <text x={LEFT} y={height - 12} fontSize="12" fill="var(--ink-soft)">
        {caption}
      </text>
    </svg>
  );
}

/** What stands under a part. */
function wordsUnder(part: RungPart, names: readonly string[]): readonly string[] {
  if (part.kind === "post") return [postName(names, part.post), roleWord(part.role)];
  if (part.kind === "winding") return [`${WINDING_WORDS[part.cls] ?? ""} ${part.ohm === null ? "" : fittedOhm(part.ohm)}`];
  return [PART_WORDS[part.kind]];
}

function RungDrawing({ rung, names, y, right }: { rung: Rung; names: readonly string[]; y: number; right: number }) {
  const step = (right - LEFT) / (rung.length + 1);
  return (
    <g>
      <path d={`M${LEFT} ${y}H${right}`} stroke="var(--ink)" strokeWidth="1.8" />
      {rung.map((part, index) => (
        <PartDrawing key={index} part={part} names={names} x={LEFT + (index + 1) * step} y={y} />
      ))}
    </g>
  );
}

function PartDrawing({ part, names, x, y }: { part: RungPart; names: readonly string[]; x: number; y: number }) {
  const ink = { fill: "none", stroke: "var(--ink)", strokeWidth: 1.8 };
  const label = (text: string, isBold = false) => (
    <text x={x} y={y + 30} textAnchor="middle" fontSize="12.5" fontWeight={isBold ? 700 : 400} fill="var(--ink)">
      {text}
    </text>
  );
  switch (part.kind) {
    case "post":
      return (
        <g>
          <circle cx={x} cy={y} r="9" fill={part.role === "C" ? "var(--ink)" : "var(--sheet)"} stroke="var(--ink)" strokeWidth="2" />
          {part.isSpeed ? <path d={`M${x} ${y - 10}V${y - 22}M${x - 6} ${y - 22}H${x + 6}`} {...ink} stroke="var(--press)" /> : null}
          {label(postName(names, part.post), true)}
          <text x={x} y={y + 45} textAnchor="middle" fontSize="11.5" fill="var(--ink-soft)">
            {roleWord(part.role)}
          </text>
        </g>
      );
    case "winding":
      return (
        <g>
          <rect x={x - 30} y={y - 12} width="60" height="24" fill="var(--sheet)" />
          <path d={`M${x - 30} ${y}${"q7.5 -20 15 0".repeat(4)}`} {...ink} />
          {label(`${WINDING_WORDS[part.cls] ?? ""} ${part.ohm === null ? "" : fittedOhm(part.ohm)}`)}
        </g>
      );
    case "run-capacitor":
    case "start-capacitor":
      return (
        <g>
          <rect x={x - 6} y={y - 3} width="12" height="6" fill="var(--sheet)" />
          <path d={`M${x - 5} ${y - 13}V${y + 13}M${x + 5} ${y - 13}V${y + 13}`} {...ink} strokeWidth="2.6" />
          {label(PART_WORDS[part.kind])}
        </g>
      );
    case "switch":
      return (
        <g>
          <rect x={x - 16} y={y - 4} width="32" height="8" fill="var(--sheet)" />
          <path d={`M${x - 16} ${y}L${x + 13} ${y - 12}`} {...ink} strokeWidth="2.4" />
          <circle cx={x - 16} cy={y} r="3" fill="var(--ink)" />
          <circle cx={x + 16} cy={y} r="3" fill="var(--ink)" />
          {label(PART_WORDS.switch)}
        </g>
      );
    case "protector":
      return (
        <g>
          <rect x={x - 18} y={y - 9} width="36" height="18" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" />
          <path d={`M${x - 14} ${y}q14 -12 28 0`} {...ink} />
          {label(PART_WORDS.protector)}
        </g>
      );
  }
}
