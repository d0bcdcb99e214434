import Papa from "papaparse";
import * as v from "valibot";
import { BLANK_SHEET, MotorSheetSchema, type MotorSheet } from "@/core/match";
import { PartSchema, partType, type Part } from "@/records";
import type { NewPart } from "@/store/parts";

/** Columns of a line; those of a motor's sheet follow with `motor_` before their names. */
const COLUMNS = [
  "kind",
  "label",
  "maker",
  "place",
  "quantity",
  "lowest",
  "price",
  "diameter_mm",
  "height_mm",
  "terminals",
  "state",
  "note",
] as const;
type Column = (typeof COLUMNS)[number];
const FIELD_OF: Record<Column, keyof Part> = {
  kind: "kind",
  label: "label",
  maker: "maker",
  place: "place",
  quantity: "quantity",
  lowest: "lowest",
  price: "price",
  diameter_mm: "diameterMm",
  height_mm: "heightMm",
  terminals: "terminals",
  state: "state",
  note: "note",
};
/** What a row may say of a line. */
const RowSchema = v.omit(PartSchema, ["id", "isDemo", "updatedAt"]);
const NUMBERS: readonly Column[] = ["quantity", "lowest", "price", "diameter_mm", "height_mm", "terminals"];
const MAY_BE_EMPTY: readonly Column[] = ["diameter_mm", "height_mm", "terminals"];
const MOTOR = "motor_";
const SHEET_FIELDS = Object.keys(BLANK_SHEET) as (keyof MotorSheet)[];
const MOST_ROWS = 5000;

/** Texts that a spreadsheet would run, and those that look as if they were marked already: a mark of their own goes before them. */
const MARKED = /^[=+\-@\t\r'].*$/s;

/** The shelf as a table that any spreadsheet opens; a text that a spreadsheet would run as a formula is marked as text. */
export const toShelfCsv = (parts: readonly Part[]): string =>
  Papa.unparse(
    {
      fields: [...COLUMNS, ...SHEET_FIELDS.map((field) => `${MOTOR}${field}`)],
      data: parts.map((part) => [
        ...COLUMNS.map((column) => part[FIELD_OF[column]] ?? ""),
        ...SHEET_FIELDS.map((field) => part.sheet?.[field] ?? ""),
      ]),
    },
    { escapeFormulae: MARKED, newline: "\r\n" },
  );

/** One row of a table, as it would lie on the shelf, or why it cannot. */
export interface ReadRow {
  /** as a spreadsheet counts it */
  readonly row: number;
  readonly part: NewPart | null;
  /** the line it would change; null: it is new */
  readonly changes: Part | null;
  readonly problem: string | null;
}

export type ReadCsv = { readonly ok: true; readonly rows: readonly ReadRow[] } | { readonly ok: false; readonly problem: string };

const unmarked = (text: string): string => text.replace(/^'(?=[=+\-@\t\r'])/, "");
const plain = (text: string | undefined): string => unmarked(text ?? "").trim();
/** Told apart by these where several lines are of one part at one place. */
const TELLING = ["state", "maker", "note", "price"] as const;

/** The line a row speaks of: the same part at the same place. Each line is spoken of once: of several the most alike goes first. */
function lineOf(record: Readonly<Record<string, string | undefined>>, parts: readonly Part[], spoken: ReadonlySet<string>): Part | null {
  const [kind, label, place] = ["kind", "label", "place"].map((column) => plain(record[column]));
  const found = parts.filter(
    (part) =>
      !spoken.has(part.id) &&
      part.kind === (kind || "capacitor") &&
      part.label.trim().toLowerCase() === label?.toLowerCase() &&
      part.place.trim() === place,
  );
  const likeness = (part: Part): number => TELLING.filter((field) => plain(record[field]) === String(part[field]).trim()).length;
  return found.reduce<Part | null>((best, each) => (best === null || likeness(each) > likeness(best) ? each : best), null);
}

/** `1,000` and `1.000` are a thousand to one and a single one to another: nobody guesses. */
const AMBIGUOUS = /^\d{1,3}([.,]\d{3})+$/;

/** Values a person would write for what a sheet keeps as a word, a number or a yes. */
function sheetValue(field: keyof MotorSheet, text: string): unknown {
  if (field === "phases" || field === "shaftEnds") return text === "" ? null : Number(text);
  if (field === "isReversible") return text === "" ? null : text.toLowerCase() === "true" || text.toLowerCase() === "yes";
  const blank = BLANK_SHEET[field];
  return blank === null && text === "" ? null : text === "" ? blank : text;
}

const EXAMPLE = "It needs a first row with at least label and quantity, for example: kind,label,quantity.";

function readRow(
  record: Readonly<Record<string, string | undefined>>,
  row: number,
  parts: readonly Part[],
  spoken: ReadonlySet<string>,
): ReadRow {
  const refused = (problem: string): ReadRow => ({ row, part: null, changes: null, problem });
  const changes = lineOf(record, parts, spoken);
  // A column that the file has not leaves the line as it is.
  const found: Record<string, unknown> = { ...(changes ?? { ...partType.blank("row"), quantity: 1 }) };
  for (const column of COLUMNS) {
    const isNumber = NUMBERS.includes(column);
    const text = isNumber || column === "kind" || column === "state" ? plain(record[column]) : unmarked(record[column] ?? "");
    if (record[column] === undefined || (text === "" && column !== "label" && !MAY_BE_EMPTY.includes(column))) continue;
    if (!isNumber) found[FIELD_OF[column]] = text;
    else if (text === "") found[FIELD_OF[column]] = null;
    else {
      const asThousands = text.replace(/[.,]/g, "");
      if (AMBIGUOUS.test(text) && text.includes(","))
        return refused(
          `${column} “${text.slice(0, 40)}” can be ${asThousands} or ${Number(text.replace(",", "."))}. Write it without a comma.`,
        );
      const value = Number(text.replace(",", "."));
      if (!Number.isFinite(value)) return refused(`${column} “${text.slice(0, 40)}” is not a figure.`);
      found[FIELD_OF[column]] = value;
    }
  }
  if (String(found.label).trim() === "") return refused("It has no label.");
  const sheetTexts = SHEET_FIELDS.map((field) => [field, plain(record[`${MOTOR}${field}`])] as const);
  if (found.kind === "motor" && sheetTexts.some(([, text]) => text !== "")) {
    const sheet = v.safeParse(MotorSheetSchema, Object.fromEntries(sheetTexts.map(([field, text]) => [field, sheetValue(field, text)])));
    if (!sheet.success) return refused(`${MOTOR}${String(sheet.issues[0].path?.[0]?.key ?? "")} cannot be read.`);
    found.sheet = sheet.output;
  }
  const whole = v.safeParse(RowSchema, found);
  if (!whole.success) {
    const field = String(whole.issues[0].path?.[0]?.key ?? "");
    const column = COLUMNS.find((each) => FIELD_OF[each] === field) ?? field;
    return refused(`${column} “${String(found[field]).slice(0, 40)}” is not what belongs there.`);
  }
  const part = whole.output;
  return { row, part, changes, problem: null };
}

/** Reads a table of parts; nothing is kept by it. */
export function readShelfCsv(text: string, parts: readonly Part[]): ReadCsv {
  const read = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ""), {
    header: true,
    skipEmptyLines: "greedy",
    preview: MOST_ROWS + 1,
    transformHeader: (name) => name.trim().replace(/^motor_/i, MOTOR),
  });
  if (!(read.meta.fields ?? []).includes("label")) return { ok: false, problem: `This file has no column named label. ${EXAMPLE}` };
  if (read.data.length === 0) return { ok: false, problem: `This file has no row under its names. ${EXAMPLE}` };
  if (read.data.length > MOST_ROWS)
    return { ok: false, problem: `This file has more than ${MOST_ROWS} rows. Part it, and take the pieces in one after another.` };
  const spoken = new Set<string>();
  const rows = read.data.map((record, index) => {
    const found = readRow(record, index + 2, parts, spoken);
    if (found.changes !== null) spoken.add(found.changes.id);
    return found;
  });
  return { ok: true, rows };
}
