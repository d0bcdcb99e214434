import type { WindingGroup } from "@/core/winding";
import { formatQuantity, typedFigure } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import type { Cell, CellEnd, InsulationBar } from "@/core/stations/insulation";

export type Detail = ReturnType<(typeof STATIONS)["insulation"]["assess"]>["detail"];

const GROUP_WORDS: Record<WindingGroup, string> = {
  all: "All windings",
  main: "Main winding",
  start: "Start winding",
  switch: "Switch",
  capacitor: "Capacitor posts",
  "half-1": "Half 1",
  "half-2": "Half 2",
};

/** A winding or the frame, as the lattice names it. */
export const endWord = (end: CellEnd): string => (end === "frame" ? "Frame" : GROUP_WORDS[end]);
export const cellName = ({ a, b }: Pick<Cell, "a" | "b">): string => `${endWord(a)} to ${endWord(b).toLowerCase()}`;

export const RULE_WORDS = { plain: "Plain minimum", "per-kv": "Minimum plus 1 MΩ per kV", hermetic: "Hermetic bands" } as const;

export const APART_WORDS = { joined: "Joined inside", two: "Main and start apart", halves: "Two halves and start" } as const;

export const TEST_VOLT_WORDS = { "250": "250 V", "500": "500 V", "1000": "1000 V" } as const;

/** A cell's own word beside its figure. */
export function cellWord({ verdict, trend }: Cell): string {
  if (!verdict) return "";
  if (verdict.decision === "out") return "Out";
  if (verdict.decision === "unclear") return "Range too short";
  if (trend === "collapsing") return "Collapsed";
  return verdict.decision === "watch" ? "Low" : trend === "falling" ? "Falling" : "Holds";
}

const BAR_WORDS: Record<InsulationBar, string> = {
  "in-vacuum":
    "In a vacuum no test voltage: it can flash over inside and ruin the compressor. Break the vacuum first, or leave this test out.",
  "not-disconnected":
    "Electronics and capacitors are still connected: the test would hurt them, and reads their paths. Disconnect them first.",
  "not-asked": "Say that electronics and capacitors are off before the figures count.",
  "tester-unproven":
    "Prove the tester: leads together read zero, apart read infinity. Without that a dead tester looks like good insulation.",
  "tester-faulty":
    "The tester does not prove itself: together must read near zero, apart more than its range. Change leads or tester before you believe a figure.",
};
/** Bars that stand in the way come before the figures. */
const FORBIDS: readonly InsulationBar[] = ["in-vacuum", "not-disconnected", "tester-faulty"];

/** Insulation is never known to more than two figures. */
const meg = (value: number): string => formatQuantity("insulation", value, value / 10);

function figureOf({ verdict, entry }: Cell): string {
  if (!verdict) return "";
  const keyed = entry ? typedFigure(entry) : "";
  const isBound = entry?.reading?.kind !== "value";
  const more = isBound ? "more than " : "";
  if (!verdict.isCorrected) return `${more}${meg(verdict.at40Megohm)}`;
  return `read ${isBound && !keyed.startsWith(">") ? more : ""}${keyed} (${more}${meg(verdict.at40Megohm)} at 40 °C)`;
}

const READ_AGAIN = {
  warmer:
    " Cold: at 40 °C it would be judged otherwise, and no motor is condemned by a sum. Warm it to 20 to 40 °C, above the dew point, and read again.",
  cooler: " Hot: at 40 °C it would be judged otherwise. Let it cool to 20 to 40 °C and read again.",
} as const;

/** What is out: it is dried first, whatever it reads; what was dried and is below what can be saved is finished. */
function outSentence({ b }: Cell, { way, finishedMegohm, limitMegohm }: Detail): string {
  if (b !== "frame")
    return "The two windings leak into each other: a short between windings, not to the frame. Dry it and read again before it is given up.";
  return way === "finished"
    ? `Dried, and still below ${meg(finishedMegohm)}: finished.`
    : `Leaks to the frame: damp or dirty at best. No power until it is dried and above ${meg(limitMegohm)}.`;
}

function cellSentence(cell: Cell, detail: Detail): string {
  const limit = meg(detail.limitMegohm);
  const name = cellName(cell);
  const last = cell.earlier.at(-1);
  const fell =
    last && (cell.trend === "collapsing" || cell.trend === "falling")
      ? ` It was ${last.isLowerBound ? "more than " : ""}${meg(last.megohm)} at the last visit.`
      : "";
  const again = cell.verdict?.readAgain ? READ_AGAIN[cell.verdict.readAgain] : "";
  switch (cell.verdict?.decision) {
    case "out":
      return `${name}: ${figureOf(cell)}, limit ${limit}. ${outSentence(cell, detail)}${again}${fell}`;
    case "unclear":
      return `${name}: ${figureOf(cell)}, but the limit is ${limit}. The tester's range ends below the limit, so it proves nothing; use one that reaches further.`;
    case "watch":
      return again
        ? `${name}: ${figureOf(cell)}, limit ${limit}.${again}${fell}`
        : `${name}: ${figureOf(cell)}, low: sound from ${meg(detail.soundMegohm)}, limit ${limit}. Damp, dirty or old: dry it, read again, and look again on the next visit.${fell}`;
    case "holds":
      return cell.trend === "collapsing"
        ? `${name}: ${figureOf(cell)} is above ${limit}, but a fifth or less of what it was.${fell} Moisture or varnish is going: look for the cause.`
        : `${name}: ${figureOf(cell)}, limit ${limit}.${again}${fell}`;
    case undefined:
      return "";
  }
}

/** What the lattice says, the worst cell first. */
export function sentences(detail: Detail): string[] {
  const bars = detail.bars.filter((bar) => FORBIDS.includes(bar)).map((bar) => BAR_WORDS[bar]);
  if (bars.length > 0) return bars;
  const asks = detail.bars.map((bar) => BAR_WORDS[bar]);
  if (detail.measured === 0) return ["Every winding to every other and to bare metal, one minute each.", ...asks];
  const others = detail.cells.filter((cell) => cell !== detail.worst && cell.verdict && cell.verdict.decision !== "holds");
  const left = detail.cells.length - detail.measured;
  return [
    ...(detail.worst ? [cellSentence(detail.worst, detail)] : []),
    ...others.map((cell) => cellSentence(cell, detail)),
    ...(left > 0 ? [`${detail.measured} of ${detail.cells.length} cells measured.`] : []),
    ...(detail.temperatureC === null ? ["Winding temperature not keyed: the bands are for 20 to 40 °C."] : []),
    ...asks,
  ];
}
