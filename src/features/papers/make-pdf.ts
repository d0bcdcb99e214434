import { wrap } from "comlink";
import type { TDocumentDefinitions } from "pdfmake/interfaces";
import { MARGINS_PT, PAPER_SIZES, type PaperSize } from "./paper-size";
import { paperContent } from "./paper-content";
import type { PdfWorker } from "./pdf.worker";

/** Pictures on the page are waited for so long. */
const MOST_WAIT_MS = 5000;

/** Waits until what the page still draws or reads is there. */
async function untilDrawn(page: Element): Promise<void> {
  const end = Date.now() + MOST_WAIT_MS;
  const isDrawing = (): boolean =>
    page.querySelector('[role="status"]:not([data-stays])') !== null || [...page.querySelectorAll("img")].some((image) => !image.complete);
  while (isDrawing() && Date.now() < end) await new Promise((resolve) => setTimeout(resolve, 50));
}

/** Sets a document in a worker of its own, which ends with it. */
export async function setPdf(document: TDocumentDefinitions): Promise<Blob> {
  const worker = new Worker(new URL("./pdf.worker.ts", import.meta.url), { type: "module" });
  try {
    return await wrap<PdfWorker>(worker).set(document);
  } finally {
    worker.terminate();
  }
}

/**
 * The page as a PDF, on the device itself.
 * @param page what is printed of it
 * @param title of the document
 */
export async function pdfOfPage(page: HTMLElement, size: PaperSize, title: string): Promise<Blob> {
  await untilDrawn(page);
  const { pageSize, widthPt } = PAPER_SIZES[size];
  const { side, end } = MARGINS_PT;
  return setPdf({
    pageSize,
    pageMargins: [side, end, side, end],
    info: { title },
    defaultStyle: { font: "Archivo", fontSize: 10.5, color: "#10202b" },
    content: paperContent(page, widthPt - 2 * side),
  });
}
