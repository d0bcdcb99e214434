/** Sheets a PDF is made for, with the room between the margins [pt]. */
export const PAPER_SIZES = {
  a4: { id: "a4", label: "A4", pageSize: "A4", widthPt: 595.28 },
  letter: { id: "letter", label: "Letter", pageSize: "LETTER", widthPt: 612 },
} as const;
export type PaperSize = keyof typeof PAPER_SIZES;

/** Margins at the sides, and at head and foot [pt]. */
export const MARGINS_PT = { side: 48, end: 46 } as const;

/** Where sheets are of the letter format, by the language the browser is set to. */
const LETTER_REGIONS = new Set(["US", "CA", "MX", "PH", "CL", "CO", "VE"]);
export const usualSize = (language: string): PaperSize => (LETTER_REGIONS.has(language.split("-").at(-1) ?? "") ? "letter" : "a4");

/** A name as a part of a file's name: letters and figures of any script, the rest dashes. */
const part = (name: string): string =>
  name
    .normalize("NFC")
    .replace(/[^\p{L}\p{N}]+/gu, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, 40)
    .replace(/-+$/, "");

/**
 * Name of a file by site, machine and day, so that they lie together in any folder: `Osier-Dairy_Milk-tank-agitator_2026-11-12.pdf`.
 * @param what said behind the day, where a card has more than one paper
 */
export const paperName = ({ site, machine, day, what = "" }: { site: string; machine: string; day: string; what?: string }): string =>
  `${[part(site), part(machine) || "machine", day, part(what)].filter((each) => each !== "").join("_")}.pdf`;
