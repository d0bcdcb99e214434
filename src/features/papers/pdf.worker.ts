import { expose } from "comlink";
import pdfMake from "pdfmake/build/pdfmake";
import type { CustomTableLayout, TDocumentDefinitions } from "pdfmake/interfaces";

/** Fonts lie beside the program, and are there offline. */
const font = (name: string): string => new URL(`/paper-fonts/${name}`, self.location.origin).href;
const FONTS = {
  Archivo: { normal: font("archivo-400.ttf"), bold: font("archivo-700.ttf") },
  Greek: { normal: font("greek-400.woff"), bold: font("greek-700.woff") },
  Cyrillic: { normal: font("cyrillic-400.woff"), bold: font("cyrillic-700.woff") },
};

/* A document comes as data: how its tables are ruled is told by name. */
const TABLES: Readonly<Record<"ruled" | "tight", CustomTableLayout>> = {
  ruled: {
    hLineWidth: () => 0.5,
    vLineWidth: () => 0,
    hLineColor: () => "#b9b2a3",
    paddingLeft: () => 0,
    paddingRight: () => 5,
    paddingTop: () => 1.5,
    paddingBottom: () => 1.5,
  },
  tight: {
    defaultBorder: false,
    paddingTop: () => 0,
    paddingBottom: () => 0.5,
    paddingLeft: () => 0,
    paddingRight: () => 0,
  },
};

/** What this worker can be told: to set a document. */
const calls = {
  set: async (document: TDocumentDefinitions): Promise<Blob> => {
    pdfMake.addFonts(FONTS);
    pdfMake.addTableLayouts(TABLES);
    return pdfMake.createPdf({ ...document, pageBreakBefore: keepHeadings }).getBlob();
  },
};
export type PdfWorker = typeof calls;

/** A heading goes over to the next page with what follows it. */
const keepHeadings: NonNullable<TDocumentDefinitions["pageBreakBefore"]> = (node, nodes) =>
  node.headlineLevel !== undefined && nodes.getFollowingNodesOnPage().length === 0;

expose(calls);
