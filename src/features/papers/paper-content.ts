import type { Column, Content, ContentColumns, ContentTable, TableCell } from "pdfmake/interfaces";
import { fontRuns } from "./font-runs";
import { standAloneDrawing } from "./stand-alone-drawing";

/*
 * A page for paper as a PDF's content: what stands on the page is set again, so that both say the same, whatever is added to
 * the page. What a browser lays out by its style sheet is read from the style it came to.
 */

/** Points a CSS pixel. */
const PT = 0.75;
/** Width of a page as a desk shows it [CSS px]: a phone's columns are not those of a sheet. */
const PAGE_PX = 680;
/** Room at the end of every cell, as the worker's tables have it [pt]. */
const CELL_PT = 5;
/** Columns of a sheet are never narrower than this [pt]. */
const GAP = 12;

interface Setting {
  /** width that is left for it [pt] */
  readonly width: number;
  readonly style: (element: Element) => CSSStyleDeclaration;
}

const isElement = (node: Node): node is HTMLElement => node.nodeType === Node.ELEMENT_NODE;
const SKIPPED = new Set(["BUTTON", "INPUT", "SELECT", "TEXTAREA", "SCRIPT", "STYLE", "COLGROUP"]);

/** What is on the page and not meant for paper, or for those who hear it alone. */
function isSkipped(element: Element, style: CSSStyleDeclaration): boolean {
  return (
    SKIPPED.has(element.tagName) ||
    element.matches(".no-print, .sr-only, [hidden]") ||
    style.display === "none" ||
    style.visibility === "hidden"
  );
}

const INLINE = new Set(["inline", "inline-block", "inline-flex", "contents"]);
const isInline = (node: Node, { style }: Setting): boolean =>
  !isElement(node) || (INLINE.has(style(node).display) && node.tagName !== "IMG" && node.tagName.toLowerCase() !== "svg");

interface TextStyle {
  readonly fontSize: number;
  readonly bold: boolean;
}

/** Text of an element's inline parts, each stretch in its weight and family. */
function inlineText(nodes: readonly Node[], setting: Setting, around: TextStyle): { text: string; font: string; bold: boolean }[] {
  const pieces: { readonly text: string; readonly bold: boolean }[] = [];
  const collect = (node: Node, bold: boolean): void => {
    if (isElement(node)) {
      const style = setting.style(node);
      if (isSkipped(node, style)) return;
      if (node.tagName === "BR") pieces.push({ text: "\n", bold });
      else [...node.childNodes].forEach((child) => collect(child, Number(style.fontWeight) >= 600));
      return;
    }
    // Blanks of the source are one blank.
    pieces.push({ text: (node.textContent ?? "").replace(/[ \t\r\n]+/g, " "), bold });
  };
  nodes.forEach((node) => collect(node, around.bold));
  return pieces.flatMap(({ text, bold }) => fontRuns(text).map((run) => ({ text: run.text, font: run.family, bold })));
}

/** Text of a paragraph that keeps its line breaks. */
const keepsLines = (style: CSSStyleDeclaration): boolean => style.whiteSpace.startsWith("pre");

function paragraph(nodes: readonly Node[], setting: Setting, element: Element): Content | null {
  const style = setting.style(element);
  const around = { fontSize: parseFloat(style.fontSize) * PT, bold: Number(style.fontWeight) >= 600 };
  const text = keepsLines(style)
    ? fontRuns(nodes.map((node) => node.textContent ?? "").join("")).map((run) => ({ text: run.text, font: run.family, bold: around.bold }))
    : inlineText(nodes, setting, around);
  if (text.every((each) => each.text.trim() === "")) return null;
  const alignment = style.textAlign === "right" || style.textAlign === "end" ? "right" : style.textAlign === "center" ? "center" : "left";
  return { text, fontSize: around.fontSize, lineHeight: 1.15, alignment };
}

/** Photos as the page has them; one that is still being read, or not here, is not in the PDF. */
function photo(image: HTMLImageElement, { width }: Setting): Content | null {
  if (!image.complete || image.naturalWidth === 0) return null;
  const canvas = document.createElement("canvas");
  canvas.width = image.naturalWidth;
  canvas.height = image.naturalHeight;
  const context = canvas.getContext("2d");
  if (!context) return null;
  context.fillStyle = "#fff";
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(image, 0, 0);
  const shown = Math.min(width, image.getBoundingClientRect().width * PT || width);
  return { image: canvas.toDataURL("image/jpeg", 0.85), width: shown, margin: [0, 2, 0, 2] };
}

function drawing(svg: SVGSVGElement, setting: Setting): Content | null {
  const box = svg.getBoundingClientRect();
  if (box.width === 0 || box.height === 0) return null;
  const shown = Math.min(setting.width, box.width * PT);
  return { svg: standAloneDrawing(svg, setting.style), width: shown, height: (shown * box.height) / box.width, margin: [0, 3, 0, 3] };
}

/** Room an element gives what is in it [CSS px]. */
function roomIn(element: Element | null, { style }: Setting): number {
  if (element === null) return 1;
  const { paddingLeft, paddingRight } = style(element);
  return Math.max(1, element.clientWidth - parseFloat(paddingLeft) - parseFloat(paddingRight));
}

function table(element: HTMLTableElement, setting: Setting): ContentTable | null {
  const rows = [...element.rows].filter((row) => !isSkipped(row, setting.style(row)));
  const columns = Math.max(0, ...rows.map((row) => [...row.cells].reduce((sum, cell) => sum + cell.colSpan, 0)));
  if (columns === 0) return null;
  const total = element.getBoundingClientRect().width || 1;
  const widest = rows.find((row) => row.cells.length === columns);
  const parts = widest
    ? [...widest.cells].map((cell) => cell.getBoundingClientRect().width / total)
    : Array.from({ length: columns }, () => 1 / columns);
  const full = Math.min(setting.width, (setting.width * total) / roomIn(element.parentElement, setting) + CELL_PT * columns);
  const widths = parts.map((part) => Math.max(8, part * (full - CELL_PT * columns)));
  const body = rows.map((row) => {
    const cells = [...row.cells].flatMap((cell, index): TableCell[] => {
      const of = { ...setting, width: widths[index] ?? setting.width };
      const content = children(cell, of);
      const style = setting.style(cell);
      const alignment = style.textAlign === "right" || style.textAlign === "end" ? "right" : "left";
      const spanned = Array.from({ length: cell.colSpan - 1 }, (): TableCell => ({ text: "" }));
      return [{ stack: content.length === 0 ? [{ text: "" }] : content, colSpan: cell.colSpan, alignment }, ...spanned];
    });
    while (cells.length < columns) cells.push({ text: "" });
    return cells;
  });
  return {
    table: { widths, body, headerRows: element.tHead?.rows.length ?? 0, dontBreakRows: true },
    layout: "ruled",
    margin: [0, 3, 0, 3],
  };
}

/** Columns of a grid, or of a line with its parts at both ends; null: its parts stand one under another. */
function columnsOf(element: Element, setting: Setting): { readonly count: number; readonly isApart: boolean } | null {
  const style = setting.style(element);
  const count = [...element.children].filter((child) => !isSkipped(child, setting.style(child))).length;
  if (count < 2)
    return element.childNodes.length > 1 && style.display === "flex" && style.justifyContent === "space-between"
      ? { count: 2, isApart: true }
      : null;
  if (style.display === "grid") {
    const tracks = style.gridTemplateColumns.split(" ").filter((track) => track.endsWith("px")).length;
    return tracks > 1 ? { count: tracks, isApart: false } : null;
  }
  if (style.display !== "flex" || style.flexDirection.startsWith("column")) return null;
  return { count, isApart: style.justifyContent === "space-between" };
}

function inColumns(
  element: Element,
  setting: Setting,
  { count, isApart }: { readonly count: number; readonly isApart: boolean },
): Content[] {
  const nodes = [...element.childNodes].filter((node) =>
    isElement(node) ? !isSkipped(node, setting.style(node)) : (node.textContent ?? "").trim() !== "",
  );
  const width = (setting.width - GAP * (count - 1)) / count;
  const rows: Content[] = [];
  for (let from = 0; from < nodes.length; from += count) {
    const parts = nodes.slice(from, from + count).map((node, index): Column => {
      const isLast = isApart && index === count - 1;
      const content = isElement(node)
        ? block(node, { ...setting, width: isApart ? setting.width * 0.7 : width })
        : [paragraph([node], setting, element)].filter((each) => each !== null);
      return { stack: content, width: isApart ? (isLast ? "auto" : "*") : width, ...(isLast ? { alignment: "right" as const } : {}) };
    });
    const row: ContentColumns = { columns: parts, columnGap: GAP };
    rows.push(row);
  }
  return rows;
}

/** Everything in an element, one under another; inline parts that follow one another are one paragraph. */
function children(element: Element, setting: Setting): Content[] {
  const content: Content[] = [];
  let inline: Node[] = [];
  const flush = (): void => {
    const text = paragraph(inline, setting, element);
    if (text !== null) content.push(text);
    inline = [];
  };
  for (const node of element.childNodes) {
    if (isElement(node) && isSkipped(node, setting.style(node))) continue;
    if (isInline(node, setting)) {
      // An inline part may hold a drawing.
      if (isElement(node) && node.querySelector("svg, img")) {
        flush();
        content.push(...block(node, setting));
      } else inline.push(node);
      continue;
    }
    flush();
    content.push(...block(node as HTMLElement, setting));
  }
  flush();
  return content;
}

const edge = (style: CSSStyleDeclaration, side: "Top" | "Bottom"): number =>
  (parseFloat(style[`margin${side}`]) + parseFloat(style[`padding${side}`]) || 0) * PT * 0.6;

function block(element: HTMLElement | Element, setting: Setting): Content[] {
  const style = setting.style(element);
  if (isSkipped(element, style)) return [];
  if (element.tagName.toLowerCase() === "svg") return [drawing(element as SVGSVGElement, setting)].filter((each) => each !== null);
  if (element.tagName === "IMG") return [photo(element as HTMLImageElement, setting)].filter((each) => each !== null);
  if (element.tagName === "TABLE") return [table(element as HTMLTableElement, setting)].filter((each) => each !== null);
  const limit = parseFloat(style.maxWidth);
  const inner = {
    ...setting,
    width: Number.isFinite(limit) && style.maxWidth.endsWith("px") ? Math.min(setting.width, limit * PT) : setting.width,
  };
  const columns = columnsOf(element, inner);
  const content = columns === null ? children(element, inner) : inColumns(element, inner, columns);
  if (content.length === 0) return [];
  const ruled = parseFloat(style.borderBottomWidth) > 0 ? [rule(setting.width, parseFloat(style.borderBottomWidth))] : [];
  const isHeading = /^H[1-6]$/.test(element.tagName);
  const isWhole = style.breakInside === "avoid" && element.tagName !== "SECTION";
  return [
    {
      stack: [...content, ...ruled],
      margin: [0, edge(style, "Top"), 0, edge(style, "Bottom")],
      ...(isHeading ? { headlineLevel: Number(element.tagName.slice(1)) } : {}),
      ...(isWhole ? { unbreakable: true } : {}),
    },
  ];
}

const rule = (width: number, pixels: number): Content => ({
  canvas: [
    { type: "line", x1: 0, y1: 0, x2: width, y2: 0, lineWidth: pixels > 1.5 ? 1.2 : 0.5, lineColor: pixels > 1.5 ? "#10202b" : "#b9b2a3" },
  ],
  margin: [0, 2, 0, 2],
});

/**
 * The content of a page as it stands on the screen, for a PDF.
 * @param page the element that is printed
 * @param widthPt room between the margins [pt]
 */
export function paperContent(page: HTMLElement, widthPt: number): Content[] {
  const root = document.documentElement;
  const before = root.dataset.theme;
  const { cssText } = page.style;
  // Paper is light and as wide as paper, whatever the screen is; nothing is drawn before this turn ends.
  root.dataset.theme = "paper";
  Object.assign(page.style, { width: `${PAGE_PX}px`, maxWidth: "none" });
  try {
    return children(page, { width: widthPt, style: (element) => getComputedStyle(element) });
  } finally {
    page.style.cssText = cssText;
    if (before === undefined) delete root.dataset.theme;
    else root.dataset.theme = before;
  }
}
