import { readFileSync } from "node:fs";
import fc from "fast-check";
import type { Failure } from "@/core/result";
import { STATION_IDS } from "@/core/stations";
import { demoParts, demoRecords } from "./demo";
import { UNSET_HOUSE } from "./house-record";
import { vemmickJsonSchema } from "./json-schema";
import { isEmptyPlan, planImport, type Present } from "./plan-import";
import { MAX_FILE_BYTES } from "./file-bounds";
import { parseVemmickFile, type FileReading } from "./read-file";
import type { RecordLists } from "./record-types";
import { writeVemmickFile } from "./vemmick-file";

const NOW = new Date("2026-11-23T18:00:00.000Z");
const AT = NOW.toISOString();
const demo = demoRecords(NOW);
const records: RecordLists = {
  traveller: demo.travellers,
  station: demo.stations,
  house: [{ ...UNSET_HOUSE, figures: { motorPrice: 300 }, updatedAt: AT }],
  part: demoParts(NOW),
  move: [],
  meter: [],
};
const { text } = writeVemmickFile(records, AT);
type Loose = Record<string, unknown>;
interface Raw {
  travellers: Loose[];
  stations: (Loose & { data: Loose; travellerId: string; stationId: string })[];
  parts: Loose[];
  house: Loose;
}
const raw = (): Raw => JSON.parse(text) as Raw;
const NOTHING: Present = { traveller: new Map(), station: new Map(), house: new Map(), part: new Map(), move: new Map(), meter: new Map() };

function read(content: unknown): FileReading {
  const result = parseVemmickFile(typeof content === "string" ? content : JSON.stringify(content));
  if (!result.ok) throw new Error(result.failure.code);
  return result.value;
}
const refusal = (content: string): Failure["code"] | null => {
  const result = parseVemmickFile(content);
  return result.ok ? null : result.failure.code;
};

test("a file comes back as it was written, and writes the same again", () => {
  const { records: back, faults, shortened } = read(text);
  expect([faults, shortened]).toEqual([[], []]);
  expect(back.traveller).toHaveLength(demo.travellers.length);
  expect(writeVemmickFile(back, AT)).toEqual({ text, misfits: [], shortened: [] });
});

test.each([
  ["", "file-not-json"],
  [text.slice(0, 500), "file-not-json"],
  ["null", "file-foreign"],
  ['{"format":"else"}', "file-foreign"],
  ['{"format":"vemmick"}', "file-no-versions"],
  ['{"format":"vemmick","recordVersions":{"traveller":0}}', "file-no-versions"],
  ['{"format":"vemmick","recordVersions":{"traveller":99}}', "file-newer"],
  ['{"format":"vemmick","recordVersions":{"orbit":1}}', "file-newer"],
])("refuses %.60s as a whole", (content, code) => {
  expect(refusal(content)).toBe(code);
});

test("a file larger than any export can be is refused", () => {
  expect(refusal(" ".repeat(MAX_FILE_BYTES + 1))).toBe("file-too-large");
});

test("a file of the first release, without parts and with the narrow capacitor station, is taken in", () => {
  const frozen = (name: string) => JSON.parse(readFileSync(`tests/fixtures/records/v1/${name}.json`, "utf8")) as { travellerId: string }[];
  const first = read({
    format: "vemmick",
    recordVersions: { traveller: 1, station: 1, house: 1 },
    exportedAt: AT,
    travellers: frozen("traveller"),
    stations: frozen("station"),
    house: null,
  });
  expect(first.faults).toEqual([]);
  expect(first.records.part).toEqual([]);
  const capacitor = first.records.station.find(({ stationId }) => stationId === "capacitor");
  expect(capacitor?.data).toMatchObject({ starts: [], kit: null, running: { sections: [] } });
});

describe("a bad record is named, and the good ones are taken", () => {
  const spoil = (change: (file: Raw) => void): FileReading => {
    const file = raw();
    change(file);
    return read(file);
  };
  test.each<[string, (file: Raw) => void, object]>([
    [
      "a machine that is a number",
      (f) => (f.travellers[2]!.machine = 42),
      { recordType: "traveller", field: "machine", reason: "wrong-kind" },
    ],
    ["a year of five digits", (f) => (f.travellers[0]!.createdAt = "12026-11-23T18:00:00Z"), { field: "createdAt", reason: "no-moment" }],
    [
      "a zone no place has",
      (f) => (f.stations[0]!.updatedAt = "2026-11-23T18:00:00+99:00"),
      { recordType: "station", reason: "no-moment" },
    ],
    ["no id", (f) => delete f.parts[0]!.id, { recordType: "part", field: "id", reason: "missing" }],
    ["a station nobody knows", (f) => (f.stations[0]!.stationId = "orbit"), { recordType: "station", reason: "unknown-word" }],
    ["no data", (f) => delete (f.stations[0] as Loose).data, { recordType: "station", reason: "missing" }],
    [
      "a rule beyond its bounds",
      (f) => (f.house.figures = { safeVolts: 1e9 }),
      { recordType: "house", field: "figures safeVolts", reason: "out-of-bounds" },
    ],
    ["a number in place of a record", (f) => (f.travellers[1] = 7 as never), { recordType: "traveller", reason: "unreadable" }],
    ["a list in place of a record", (f) => (f.parts[1] = [] as never), { recordType: "part", reason: "unreadable" }],
  ])("%s", (_, change, fault) => {
    const { records: good, faults } = spoil(change);
    expect(faults).toHaveLength(1);
    expect(faults[0]).toMatchObject(fault);
    const count = good.traveller.length + good.station.length + good.part.length + good.house.length;
    expect(count).toBe(records.traveller.length + records.station.length + records.part.length + records.house.length - 1);
  });

  test("a station's record is named by the machine of its card", () => {
    const { faults } = spoil((file) => {
      const row = file.stations.find(({ id }) => id === "demo-bakery-proofer/capacitor");
      if (row) row.data = { label: 7 };
    });
    expect(faults).toMatchObject([{ station: "capacitor", name: "Proofing-cabinet blower" }]);
  });

  test("a text that is too long is shortened, and said to be", () => {
    const {
      records: good,
      faults,
      shortened,
    } = spoil((file) => {
      file.travellers[0]!.machine = "x".repeat(300);
      const capacitor = file.stations.find(({ stationId }) => stationId === "capacitor")!;
      capacitor.data.label = "35 µF ".repeat(100);
      capacitor.data.note = "n".repeat(5000);
    });
    expect(faults).toEqual([]);
    expect(shortened.map(({ field, most }) => [field, most])).toEqual([
      ["machine", 200],
      ["label", 200],
      ["note", 2000],
    ]);
    expect(good.traveller.find(({ machine }) => machine.startsWith("xxx"))?.machine).toHaveLength(200);
  });

  test("a picture that is too large is left out, not cut", () => {
    const { records: good } = spoil((file) => {
      const windings = file.stations.find(({ stationId }) => stationId === "windings")!;
      windings.data.photo = `data:image/jpeg;base64,${"A".repeat(500_000)}`;
    });
    expect(good.station.filter(({ stationId }) => stationId === "windings").every(({ data }) => (data as Loose).photo === null)).toBe(true);
  });

  test("a moment of another zone is taken in its one form", () => {
    const { records: good, faults } = spoil((file) => (file.travellers[0]!.updatedAt = "2026-11-23T18:00:00+01:00"));
    expect(faults).toEqual([]);
    expect(good.traveller.some(({ updatedAt }) => updatedAt === "2026-11-23T17:00:00.000Z")).toBe(true);
  });

  test("what a file has in place of a list costs no exception", () => {
    for (const value of [null, 7, "x", {}, { length: 1e9 }, [[]], [null]]) {
      const { records: good } = spoil((file) => Object.assign(file, { travellers: value }));
      expect(good.traveller).toEqual([]);
    }
  });
});

test("whatever is damaged, reading never throws, and what it reads can be written and read again", () => {
  const lines = text.split("\n");
  const damage = fc.record({
    line: fc.integer({ min: 0, max: lines.length - 1 }),
    kind: fc.integer({ min: 0, max: 6 }),
    count: fc.integer({ min: 1, max: 6 }),
  });
  fc.assert(
    fc.property(damage, ({ line, kind, count }) => {
      const damaged = [...lines];
      for (let index = 0; index < count; index += 1) {
        const at = (line + index * 977) % lines.length;
        const old = damaged[at] ?? "";
        damaged[at] =
          [
            old.replace(/\d/, "9999999999"),
            old.replace(/"([^"]*)"(,?)$/, '"\\ud800$1"$2'),
            old.replace(/: .*?(,?)$/, ": null$1"),
            old.replace(/: .*?(,?)$/, ": [1e999]$1"),
            old.replace(/"(\w+)":/, '"__proto__":'),
            old.replace(/: ("|\d).*?(,?)$/, ': "12026-02-31T25:00:00+99"$2'),
            "",
          ][kind] ?? old;
      }
      const result = parseVemmickFile(damaged.join("\n"));
      if (!result.ok) return;
      const plan = planImport(result.value, NOTHING, AT);
      const again = writeVemmickFile(plan.put, AT);
      expect(again.misfits).toEqual([]);
      expect(read(again.text).faults).toEqual([]);
    }),
    { seed: 15, numRuns: 60 },
  );
});

test("an export names what would not come back, and leaves nothing out", () => {
  const bad = { ...records.traveller[0]!, createdAt: "12026-01-01T00:00:00Z" };
  const long = { ...records.traveller[1]!, site: "s".repeat(250) };
  const written = writeVemmickFile({ ...records, traveller: [bad, long] }, AT);
  expect(written.misfits).toMatchObject([{ recordType: "traveller", field: "createdAt", reason: "no-moment" }]);
  expect(written.shortened).toMatchObject([{ field: "site", most: 200 }]);
  expect((JSON.parse(written.text) as Raw).travellers).toHaveLength(2);
});

test("its schema names every list and every station", () => {
  const schema = JSON.stringify(vemmickJsonSchema());
  for (const word of ["travellers", "stations", "house", ...STATION_IDS]) expect(schema).toContain(`"${word}"`);
});

describe("planImport", () => {
  const timesOf = (list: readonly { id: string; updatedAt: string }[]) => new Map(list.map(({ id, updatedAt }) => [id, updatedAt]));
  const everything = (): Present => ({
    traveller: timesOf(records.traveller),
    station: timesOf(records.station),
    house: timesOf(records.house),
    part: timesOf(records.part),
    move: timesOf(records.move),
    meter: timesOf(records.meter),
  });
  const LATER = "2026-11-23T18:05:00.000Z";

  test("into nothing, all is new", () => {
    const plan = planImport(read(text), NOTHING, AT);
    expect(plan.newTravellers).toHaveLength(demo.travellers.length);
    expect(plan.put.station).toHaveLength(demo.stations.length);
    expect(plan.put.part).toHaveLength(records.part.length);
    expect(plan.put.house).toHaveLength(1);
    expect([plan.faults, plan.fromFuture]).toEqual([[], 0]);
  });

  test("of the same again, nothing is written", () => {
    const plan = planImport(read(text), everything(), AT);
    expect(isEmptyPlan(plan)).toBe(true);
    expect(plan.keptTravellers).toBe(demo.travellers.length);
  });

  test("newer here stays, newer there is taken, record by record, by instant whatever the zone", () => {
    const reading = read(text);
    const [first, second] = reading.records.traveller;
    const traveller = reading.records.traveller.map((each) => (each === first ? { ...each, updatedAt: LATER } : each));
    const here = everything();
    const present = { ...here, traveller: new Map([...here.traveller, [second!.id, "2026-11-23T23:10:00+05:00"]]) };
    const plan = planImport({ ...reading, records: { ...reading.records, traveller } }, present as Present, AT);
    expect(plan.put.traveller.map(({ id }) => id)).toEqual([first!.id]);
    expect(plan.changedTravellers.map(({ id }) => id)).toEqual([first!.id]);
  });

  test("of two records with one id the later is taken, in whatever order they stand", () => {
    const reading = read(text);
    const [first] = reading.records.traveller;
    const twice = [
      { ...first!, machine: "later", updatedAt: LATER },
      first!,
      { ...first!, machine: "earlier", updatedAt: "2020-01-01T00:00:00.000Z" },
    ];
    for (const traveller of [twice, twice.toReversed()]) {
      const plan = planImport({ ...reading, records: { ...reading.records, traveller, station: [] } }, NOTHING, AT);
      expect(plan.put.traveller.map(({ machine }) => machine)).toEqual(["later"]);
    }
  });

  test("a station of no card is named, not taken; of a card that is here it is taken", () => {
    const reading = read(text);
    const station = reading.records.station.slice(0, 1);
    const alone = { ...reading, records: { ...reading.records, traveller: [], station } };
    expect(planImport(alone, NOTHING, AT).faults).toMatchObject([{ recordType: "station", reason: "no-card" }]);
    const present = { ...NOTHING, traveller: new Map([[station[0]!.travellerId as string, AT]]) };
    expect(planImport(alone, present, AT)).toMatchObject({ faults: [], put: { station: [{ id: station[0]!.id }] } });
  });

  test("records of the future are taken, and counted", () => {
    const reading = read(text);
    const traveller = reading.records.traveller.map((each, index) =>
      index < 2 ? { ...each, updatedAt: "2031-01-01T00:00:00.000Z" } : each,
    );
    const plan = planImport({ ...reading, records: { ...reading.records, traveller } }, NOTHING, AT);
    expect(plan.fromFuture).toBe(2);
    expect(plan.put.traveller).toHaveLength(traveller.length);
  });
});
