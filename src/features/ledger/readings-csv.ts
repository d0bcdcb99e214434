import Papa from "papaparse";
import { isLoose } from "@/core/kept";
import type { Entry, Quantity } from "@/core/quantity";
import { STATION_IDS } from "@/core/stations";
import type { StationRecord } from "@/records";
import type { Summary } from "@/store/summary";
import { fieldLabel } from "../stations/field-rows";
import { STATION_LABELS } from "../stations/labels";

/** Long form: one reading a row. Names do not change: other people's sheets read them. */
const COLUMNS = [
  "visit",
  "visited_at",
  "site",
  "machine",
  "technician",
  "station",
  "what",
  "quantity",
  "value",
  "unit",
  "standard_uncertainty",
  "shows",
  "read_as",
  "verdict",
  "read_at",
  "origin",
  "meter",
  "label",
] as const;

/** Values are in these, whatever the meter showed. */
const UNIT_SIGNS: Record<Quantity, string> = {
  resistance: "Ω",
  capacitance: "µF",
  current: "A",
  voltage: "V",
  temperature: "°C",
  insulation: "MΩ",
  speed: "rpm",
  duration: "s",
};

interface FoundReading {
  readonly what: string;
  /** way to its field */
  readonly path: string;
  readonly entry: Entry;
}

const isEntry = (value: unknown): value is Entry => isLoose(value) && typeof value.text === "string" && "reading" in value;

/** Every reading of a record, with the way to it: `pairs 2`, `after lineAmps`. */
function readingsIn(value: unknown, way: readonly string[] = []): FoundReading[] {
  if (isEntry(value))
    return value.reading === null ? [] : [{ what: way.filter((step) => step !== "entry").join(" "), path: way.join("."), entry: value }];
  if (Array.isArray(value)) return value.flatMap((each, index) => readingsIn(each, [...way, String(index + 1)]));
  return isLoose(value) ? Object.entries(value).flatMap(([field, each]) => readingsIn(each, [...way, field])) : [];
}

/** Stamp of a station on a card, as its summary has it; empty: not derived yet. */
const stampOf = (card: Summary, station: string): string =>
  (card.line?.marks ?? []).find((mark) => mark.startsWith(`${station}:`) && !mark.endsWith(":any"))?.slice(station.length + 1) ?? "";

/**
 * Readings of some visits as a table that any spreadsheet opens; a text that a spreadsheet would run as a formula is marked
 * as text.
 * @param cards visits, in the order they are written
 * @param rows what was keyed on them
 */
export function toReadingsCsv(cards: readonly Summary[], rows: readonly StationRecord[]): string {
  const byCard = new Map<string, StationRecord[]>();
  for (const row of rows) byCard.set(row.travellerId, [...(byCard.get(row.travellerId) ?? []), row]);
  const data = cards.flatMap((card) =>
    (byCard.get(card.id) ?? [])
      .toSorted((a, b) => STATION_IDS.indexOf(a.stationId) - STATION_IDS.indexOf(b.stationId))
      .flatMap(({ stationId, data: keyed }) =>
        readingsIn(keyed).map(({ what, path, entry: { text, reading } }) => [
          card.id,
          card.createdAt,
          card.site,
          card.machine,
          card.technician,
          STATION_LABELS[stationId].title,
          what,
          reading?.quantity ?? "",
          reading?.value ?? "",
          reading ? UNIT_SIGNS[reading.quantity] : "",
          reading?.standardUncertainty ?? "",
          text,
          reading?.kind ?? "",
          stampOf(card, stationId),
          reading?.at ?? "",
          reading?.origin ?? "",
          reading?.meter ?? "",
          fieldLabel(stationId, path) ?? "",
        ]),
      ),
  );
  return Papa.unparse({ fields: [...COLUMNS], data }, { escapeFormulae: true, newline: "\r\n" });
}
