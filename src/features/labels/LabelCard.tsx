"use client";
import { create } from "qrcode";
import { cutText } from "@/core/kept";
import { shortCode, writeLabelText } from "@/core/exchange";

const CARRIED_LINES = 3;
const CARRIED_CHARACTERS = 44;

/** What one label says. */
export interface LabelSaid {
  /** record it opens */
  readonly id: string;
  /** good, tested spare, for parts, scrap, or the mark of a wire */
  readonly heading: string;
  readonly lines: readonly string[];
}

/** The square of a label, drawn from its modules. */
function Square({ text }: { text: string }) {
  const { modules } = create(text, { errorCorrectionLevel: "M" });
  const path = Array.from({ length: modules.size * modules.size }, (_, index) =>
    modules.data[index] ? `M${index % modules.size} ${Math.floor(index / modules.size)}h1v1h-1z` : "",
  ).join("");
  const quiet = 2;
  return (
    <svg
      viewBox={`${-quiet} ${-quiet} ${modules.size + 2 * quiet} ${modules.size + 2 * quiet}`}
      role="img"
      aria-label="Square to read with a camera"
      className="h-[25mm] w-[25mm] shrink-0 bg-white"
      shapeRendering="crispEdges"
    >
      <path d={path} fill="#000" />
    </svg>
  );
}

/** One label of 62 × 29 mm: the square, what it is, and the code to type. */
export function LabelCard({ id, heading, lines }: LabelSaid) {
  const code = shortCode(id);
  const shown = lines.filter((line) => line.trim() !== "");
  // A square of 25 mm is read from a hand's breadth only while its modules are no smaller than half a millimetre.
  const carried = shown.slice(0, CARRIED_LINES).map((line) => cutText(line, CARRIED_CHARACTERS).trim());
  return (
    <article
      aria-label={`Label ${code}`}
      className="flex h-[29mm] w-[62mm] break-inside-avoid items-center gap-[2mm] overflow-hidden border border-rule bg-white p-[1.5mm] text-black print:border-0"
    >
      <Square text={writeLabelText({ code, lines: [heading, ...carried] })} />
      <div className="flex h-full min-w-0 flex-1 flex-col">
        <p className="text-[11px] leading-[1.15] font-bold">{heading}</p>
        <div className="min-h-0 flex-1 overflow-hidden text-[8.5px] leading-[1.2]">
          {shown.map((line) => (
            <p key={line} className="line-clamp-2 [overflow-wrap:anywhere]">
              {line}
            </p>
          ))}
        </div>
        <p className="num text-[12px] font-semibold">{code}</p>
      </div>
    </article>
  );
}
