import { readFileSync } from "node:fs";
import type { Download } from "@playwright/test";

/** What a PDF says and shows, as another program reads it. */
export interface ReadPdf {
  readonly pages: readonly string[];
  readonly text: string;
  /** width and height of the first page [pt] */
  readonly size: readonly [number, number];
  readonly pictures: number;
  readonly title: string;
}

/** Reads a PDF that was saved. */
export async function readPdf(saved: Download): Promise<ReadPdf> {
  const { getDocument, OPS } = await import("pdfjs-dist/legacy/build/pdf.mjs");
  const data = new Uint8Array(readFileSync(await saved.path()));
  const pdf = await getDocument({ data, verbosity: 0, useSystemFonts: false }).promise;
  const pages: string[] = [];
  let pictures = 0;
  for (let number = 1; number <= pdf.numPages; number += 1) {
    const page = await pdf.getPage(number);
    const { items } = await page.getTextContent();
    pages.push(items.map((item) => ("str" in item ? item.str + (item.hasEOL ? "\n" : "") : "")).join(""));
    const { fnArray } = await page.getOperatorList();
    pictures += fnArray.filter((operation) => operation === OPS.paintImageXObject).length;
  }
  const first = await pdf.getPage(1);
  const [, , width = 0, height = 0] = first.view;
  const { info } = await pdf.getMetadata();
  return { pages, text: pages.join("\n"), size: [width, height], pictures, title: String((info as { Title?: unknown }).Title ?? "") };
}
