import { dirname } from "node:path";
import { ADDITIONS, type Addition } from "../dry-run/additions";

/* One more of everything is added to a copy of the house (scripts/lib/grown-house.mjs), which must then still be whole: to the type
   checker, in its layers (both in scripts/test.mjs), and in what it does (tests/dry-run/grown.ts). What an addition touches is counted here. */

const touched = ({ lines }: Addition): string[] => [...new Set(lines.map(({ file }) => file))];
const folders = ({ files }: Addition): string[] => [...new Set(Object.keys(files).map(dirname))];

describe("what one addition touches", () => {
  test("a record type: one file, and its row in two tables", () => {
    expect(Object.keys(ADDITIONS.record.files)).toHaveLength(1);
    expect(touched(ADDITIONS.record)).toEqual(["src/records/record-types.ts", "src/records/record-kinds.ts"]);
  });
  test("a station: two folders, its place, its label, its line in two registries, where it is fetched, how it is done, its fields, what it says of a spare, and the records' next version", () => {
    expect(folders(ADDITIONS.station)).toEqual(["src/core/stations/smell", "src/features/stations/smell"]);
    expect(touched(ADDITIONS.station)).toEqual([
      "src/core/stations/ids.ts",
      "src/records/record-kinds.ts",
      "src/core/stations/registry.ts",
      "src/features/stations/registry.ts",
      "src/features/stations/hands.ts",
      "src/features/stations/hows.ts",
      "src/features/stations/labels.ts",
      "src/features/stations/field-rows.ts",
      "src/core/traveller/spare.ts",
    ]);
  });
  test("a sort of start gear: its row, and its drawing", () => {
    expect(ADDITIONS.gear.files).toEqual({});
    expect(ADDITIONS.gear.lines).toHaveLength(2);
  });
  test("a field: its row in the record, with its migration, and its label", () => {
    expect(ADDITIONS.field.files).toEqual({});
    expect(touched(ADDITIONS.field)).toEqual(["src/core/stations/supply/index.ts", "src/features/stations/supply/fields.ts"]);
  });
  test("a complaint: a row of what it is, of what makes people say it, and of its words", () => {
    expect(ADDITIONS.complaint.files).toEqual({});
    expect(ADDITIONS.complaint.lines).toHaveLength(3);
  });
  test("a series of bearings: one row, its sizes with their balls", () => {
    expect(ADDITIONS.series.files).toEqual({});
    expect(ADDITIONS.series.lines).toHaveLength(1);
  });
  test("a work that needs no part: its row, and its words", () => {
    expect(ADDITIONS.work.files).toEqual({});
    expect(ADDITIONS.work.lines).toHaveLength(2);
  });
  test("a claim: its code, who makes it, and what makes it true", () => {
    expect(ADDITIONS.claim.files).toEqual({});
    expect(touched(ADDITIONS.claim)).toEqual(["src/core/claim/codes.ts", "src/core/claim/claims.ts", "scripts/walk/truth.ts"]);
  });
  test("a device: one folder, and where its kind hands it out", () => {
    expect(folders(ADDITIONS.device)).toEqual(["src/devices/meter/listed"]);
    expect(ADDITIONS.device.lines).toHaveLength(1);
  });
});
