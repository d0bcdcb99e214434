/** @jest-environment node */
import Papa from "papaparse";
import { toHouseFigures } from "@/core/house";
import { NO_STUDY } from "@/core/study";
import type { StationRecord } from "@/records";
import { demoRecords } from "@/records/demo";
import { toSummary, withLine, type Summary } from "@/store/summary";
import { joinCards } from "../../../tests/support/join-cards";
import { deriveLine } from "../cards/card-line";
import { toPartsCsv } from "./parts-csv";
import { toReadingsCsv } from "./readings-csv";

const { travellers, stations } = demoRecords(new Date("2026-11-23T18:00:00.000Z"));
const cards = joinCards(travellers, stations).map((card) =>
  withLine(toSummary(card.traveller), deriveLine(card, toHouseFigures({}), NO_STUDY).line, "", true),
);
const read = (text: string) => Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
const rowsOf = (id: string, of: readonly Summary[] = cards, rows: readonly StationRecord[] = stations) =>
  read(toReadingsCsv(of, rows)).data.filter((row) => row.visit === `demo-${id}`);

test("every reading that was keyed is one row, in order of the work, with its verdict", () => {
  const count = (JSON.stringify(stations).match(/"origin":"typed"/g) ?? []).length;
  const { data, errors } = read(toReadingsCsv(cards, stations));
  expect(errors).toEqual([]);
  expect(data).toHaveLength(count);
  const capacitor = rowsOf("nursery-fan-weak").find((row) => row.station === "Capacitor" && row.quantity === "capacitance");
  expect(capacitor).toMatchObject({ shows: "8.91", value: "8.91", unit: "µF", verdict: "out", what: "readings 1", read_as: "value" });
  expect(Number(capacitor?.standard_uncertainty)).toBeGreaterThan(0);
});
test("over limit has no value, and keeps what the meter showed", () => {
  const row = rowsOf("nursery-fan-weak").find(({ station }) => station === "To the frame");
  expect(row).toMatchObject({ shows: "OL", value: "", read_as: "over-limit" });
});
test("a name that a spreadsheet would run is text, and signs come back as they were", () => {
  const [first] = cards;
  if (!first) throw new Error("no card");
  const named = { ...first, machine: '=HYPERLINK("x")', site: "Ω, µ; “≥”" };
  const [row] = read(toReadingsCsv([named], stations)).data;
  expect(row?.machine).toBe('\'=HYPERLINK("x")');
  expect(row?.site).toBe("Ω, µ; “≥”");
});
test("no visit is a table of its heads alone", () => expect(read(toReadingsCsv([], stations)).data).toEqual([]));

describe("parts", () => {
  test("every part out and in is one row, with its price", () => {
    const all = cards.flatMap(({ line }) => line?.exchanges ?? []);
    const { data, errors } = read(toPartsCsv(cards));
    expect(errors).toEqual([]);
    expect(data).toHaveLength(all.length);
    expect(all.length).toBeGreaterThan(2);
    expect(data.map((row) => row.price)).toEqual(all.map(({ price }) => (price === null ? "" : String(price))));
  });
  test("a source that a spreadsheet would run is text", () => {
    const card = cards.find(({ line }) => (line?.exchanges.length ?? 0) > 0);
    if (!card?.line) throw new Error("no parts");
    const [first] = card.line.exchanges;
    if (!first) throw new Error("no part");
    const [row] = read(toPartsCsv([{ ...card, line: { ...card.line, exchanges: [{ ...first, source: "+1 555" }] } }])).data;
    expect(row?.source).toBe("'+1 555");
  });
});
