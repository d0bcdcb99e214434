import type { Content, TDocumentDefinitions } from "pdfmake/interfaces";
import { cutText } from "@/core/kept";
import { shortCode } from "@/core/exchange";
import { fontRuns } from "../papers/font-runs";
import { squareDrawing } from "@/components/square-drawing";
import { shownLines, squareText, type LabelSaid } from "./label-square";

/** Points a millimetre. */
const MM = 72 / 25.4;
const [WIDTH_MM, HEIGHT_MM, SQUARE_MM, EDGE_MM, GAP_MM] = [62, 29, 25, 1.5, 2] as const;

/** Sheets labels are printed on: how many lie beside and under one another. */
export const LABEL_SHEETS = {
  roll: {
    id: "roll",
    label: "One label, 62 × 29 mm",
    size: { width: WIDTH_MM * MM, height: HEIGHT_MM * MM },
    columns: 1,
    rows: 1,
    marginMm: 0,
  },
  a4: { id: "a4", label: "A4 sheet", size: "A4" as const, columns: 3, rows: 9, marginMm: 9 },
  letter: { id: "letter", label: "Letter sheet", size: "LETTER" as const, columns: 3, rows: 8, marginMm: 12 },
} as const;
export type LabelSheet = keyof typeof LABEL_SHEETS;

/** Lines under the heading, and signs on each: what the label has room for. */
const [MOST_LINES, MOST_SIGNS] = [5, 46] as const;
/** From the code to the day beside it. */
const DAY_MM = 17;
const [HEADING_PT, LINE_PT, CODE_PT] = [8.5, 6.5, 9] as const;

const text = (said: string, bold = false): { text: string; font: string; bold: boolean }[] =>
  fontRuns(said).map((run) => ({ text: run.text, font: run.family, bold }));

/** One label with its corner at a place of the page [pt]. */
function labelAt(label: LabelSaid, x: number, y: number): Content[] {
  const { viewBox, path } = squareDrawing(squareText(label));
  const lines = shownLines(label).slice(0, MOST_LINES);
  const left = x + (EDGE_MM + SQUARE_MM + GAP_MM) * MM;
  const width = (WIDTH_MM - SQUARE_MM - GAP_MM - 2 * EDGE_MM) * MM;
  return [
    {
      svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${viewBox}"><path d="${path}" fill="#000000"/></svg>`,
      width: SQUARE_MM * MM,
      height: SQUARE_MM * MM,
      absolutePosition: { x: x + EDGE_MM * MM, y: y + 2 * MM },
    },
    // A table of one column keeps the lines within their width.
    {
      table: {
        widths: [width],
        body: [
          [{ text: text(cutText(label.heading, MOST_SIGNS), true), fontSize: HEADING_PT, lineHeight: 1.05 }],
          ...lines.map((line) => [{ text: text(cutText(line, MOST_SIGNS)), fontSize: LINE_PT, lineHeight: 1.05 }]),
        ],
      },
      layout: "tight",
      absolutePosition: { x: left, y: y + 2 * MM },
    },
    { text: shortCode(label.id), bold: true, fontSize: CODE_PT, absolutePosition: { x: left, y: y + (HEIGHT_MM - 5.5) * MM } },
    ...(label.day
      ? [{ text: text(label.day), fontSize: LINE_PT, absolutePosition: { x: left + DAY_MM * MM, y: y + (HEIGHT_MM - 4.9) * MM } }]
      : []),
  ];
}

/** Labels as a document: one a page of the label printer, or as many as a sheet takes. */
export function labelsDocument(labels: readonly LabelSaid[], sheet: LabelSheet): TDocumentDefinitions {
  const { size, columns, rows, marginMm } = LABEL_SHEETS[sheet];
  const each = columns * rows;
  const content = labels.flatMap((label, index): Content[] => {
    const place = index % each;
    const x = (marginMm + (place % columns) * (WIDTH_MM + GAP_MM)) * MM;
    const y = (marginMm + Math.floor(place / columns) * (HEIGHT_MM + GAP_MM)) * MM;
    const turn: Content[] = index > 0 && place === 0 ? [{ text: "", pageBreak: "before" }] : [];
    return [...turn, ...labelAt(label, x, y)];
  });
  return { pageSize: size, pageMargins: 0, info: { title: "Labels" }, defaultStyle: { font: "Archivo", color: "#000000" }, content };
}
