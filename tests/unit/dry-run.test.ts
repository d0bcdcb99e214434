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
  test("a station: two folders, its place, its label, its line in two registries, where it is fetched, how it is done, and the records' next version", () => {
    expect(folders(ADDITIONS.station)).toEqual(["src/core/stations/smell", "src/features/stations/smell"]);
    expect(touched(ADDITIONS.station)).toEqual([
      "src/core/stations/ids.ts",
      "src/records/record-kinds.ts",
      "src/core/stations/registry.ts",
      "src/features/stations/registry.ts",
      "src/features/stations/hands.ts",
      "src/features/stations/hows.ts",
      "src/features/stations/labels.ts",
    ]);
  });
  test("a sort of start gear: its row, and its drawing", () => {
    expect(ADDITIONS.gear.files).toEqual({});
    expect(ADDITIONS.gear.lines).toHaveLength(2);
  });
  test("a device: one folder, and where its kind hands it out", () => {
    expect(folders(ADDITIONS.device)).toEqual(["src/devices/meter/replay"]);
    expect(ADDITIONS.device.lines).toHaveLength(1);
  });
});
