import Papa from "papaparse";
import type { Summary } from "@/store/summary";

/** One part out and in a row. Names do not change: other people's sheets read them. */
const COLUMNS = ["visit", "visited_at", "site", "machine", "technician", "work", "part_out", "fate", "part_in", "source", "price"] as const;

/** Parts out and in of some visits as a table that any spreadsheet opens; a text that it would run as a formula is marked as text. */
export function toPartsCsv(cards: readonly Summary[]): string {
  const data = cards.flatMap(({ id, createdAt, site, machine, technician, line }) =>
    (line?.exchanges ?? []).map(({ work, out, fate, in: into, source, price }) => [
      id,
      createdAt,
      site,
      machine,
      technician,
      work,
      out,
      fate ?? "",
      into,
      source,
      price ?? "",
    ]),
  );
  return Papa.unparse({ fields: [...COLUMNS], data }, { escapeFormulae: true, newline: "\r\n" });
}
