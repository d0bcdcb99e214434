import { readFileSync } from "node:fs";
import * as v from "valibot";
import { STATION_IDS } from "@/core/stations";
import { demoParts, demoRecords } from "./demo";
import { toHouse, UNSET_HOUSE } from "./house-record";
import { planImport, isEmptyPlan } from "./plan-import";
import { defineRecordType, migrateRecord } from "./record-type";
import { StationRecordSchema, type StationRecord } from "./station-record";
import { PartSchema, toStockPart } from "./part-record";
import { parseTravellerId, TravellerSchema, type Traveller } from "./traveller";
import { parseVemmickFile, writeVemmickFile, type VemmickFile } from "./vemmick-file";
import { vemmickJsonSchema } from "./json-schema";
import { STATIONS } from "@/core/stations";
import { findNewer, PRESENT_VERSIONS, RECORD_TYPES } from "./versions";

const NOW = new Date("2026-11-23T18:00:00.000Z");
const AT = NOW.toISOString();
const demo = demoRecords(NOW);
const parts = demoParts(NOW);
const text = writeVemmickFile({ ...demo, parts, house: { ...UNSET_HOUSE, figures: { motorPrice: 300 } } }, AT);
const parsed = (): VemmickFile => {
  const result = parseVemmickFile(text);
  if (!result.ok) throw new Error(JSON.stringify(result.failure));
  return result.value;
};

describe("migrations", () => {
  const type = defineRecordType({
    name: "sample",
    schema: v.object({ name: v.string(), wattsW: v.number() }),
    migrations: [
      { to: 2, migrate: ({ hp, ...rest }) => ({ ...rest, wattsW: Number(hp) * 746 }) },
      { to: 3, migrate: ({ title, ...rest }) => ({ ...rest, name: title }) },
    ],
  });
  test.each([
    [1, { title: "fan", hp: 2 }],
    [2, { title: "fan", wattsW: 1492 }],
    [3, { name: "fan", wattsW: 1492 }],
  ])("a record of version %d arrives at the present one", (from, record) => {
    expect(type.version).toBe(3);
    expect(migrateRecord(type, record, from)).toEqual({ name: "fan", wattsW: 1492 });
  });
  test("a gap in the numbers is a bug and is refused", () => {
    expect(() => defineRecordType({ name: "gap", schema: v.string(), migrations: [{ to: 3, migrate: (r) => r }] })).toThrow(
      "must lead to version 2",
    );
  });
  test.each(Object.keys(RECORD_TYPES))("a frozen record of every version of %s is still read", (name) => {
    const type = RECORD_TYPES[name as keyof typeof RECORD_TYPES];
    for (let version = 1; version <= type.version; version += 1) {
      const records = JSON.parse(readFileSync(`tests/fixtures/records/v${version}/${name}.json`, "utf8")) as Record<string, unknown>[];
      expect(records.length).toBeGreaterThan(0);
      for (const record of records) {
        const result = v.safeParse(type.schema as v.GenericSchema, migrateRecord(type, record, version));
        expect(result.issues).toBeUndefined();
      }
    }
  });
  test.each([
    // The letter a post was given in its place never was a mark; what a person wrote was.
    [
      ["A", "B", "C"],
      [null, null, null],
    ],
    [
      ["C", "R", "S"],
      ["C", "R", "S"],
    ],
    [
      ["R", "S", "C"],
      ["R", "S", "C"],
    ],
    [
      ["blue", "brown", "C"],
      [null, null, null],
    ],
    [
      ["blue", "run", "C"],
      [null, "R", "C"],
    ],
    [
      ["A", "B", "C", "D", "E"],
      [null, null, null, null, null],
    ],
  ])("version 7: posts named %j have the marks %j", (names, marks) => {
    const row = {
      id: "t/windings",
      travellerId: "t",
      stationId: "windings",
      skippedReason: null,
      updatedAt: AT,
      data: { ...STATIONS.windings.blank, compare: {}, posts: names.map((name) => ({ name, x: 0.5, y: 0.5 })) },
    };
    const { data } = migrateRecord(RECORD_TYPES.station, row, 6) as { data: { posts: { name: string; mark: string | null }[] } };
    expect(data.posts.map(({ name }) => name)).toEqual(names);
    expect(data.posts.map(({ mark }) => mark)).toEqual(marks);
  });
  test("version 6 bounds every reading and gives it an uncertainty; a plate keeps its figures and has room for several", () => {
    const reading = (value: number, standardUncertainty: number | null) => ({
      text: String(value),
      reading: { quantity: "voltage", kind: "value", value, unit: "v", standardUncertainty, meter: "m", at: AT },
    });
    const row = (stationId: string, data: object) => ({
      id: `t/${stationId}`,
      travellerId: "t",
      stationId,
      skippedReason: null,
      updatedAt: AT,
      data,
    });
    const supply = migrateRecord(
      RECORD_TYPES.station,
      row("supply", {
        call: null,
        interlock: null,
        standing: reading(231, null),
        starting: reading(1e308, 0.5),
        atDisconnect: reading(230, 0.4),
        note: "",
      }),
      5,
    );
    expect(supply.data).toMatchObject({
      standing: { text: "231", reading: { value: 231, standardUncertainty: expect.closeTo((0.03 * 231) / Math.sqrt(3), 9) as number } },
      starting: { text: "1e+308", reading: null },
      atDisconnect: { reading: { standardUncertainty: 0.4 } },
    });
    expect(v.safeParse(StationRecordSchema, supply).success).toBe(true);
    const plate = migrateRecord(RECORD_TYPES.station, row("plate", { volts: "115/230", capacitor: "20 µF" }), 5);
    expect(plate.data).toEqual({
      drive: null,
      volts: "115/230",
      capacitor: "20 µF",
      secondCapacitor: "",
      picks: { connection: null, hertz: null, speed: null },
      areAmpsSure: false,
    });
  });
  test("what a newer program wrote is recognised", () => {
    expect(findNewer(PRESENT_VERSIONS)).toBeNull();
    expect(findNewer({ ...PRESENT_VERSIONS, station: 99 })).toEqual({ recordType: "station", found: 99, known: PRESENT_VERSIONS.station });
    expect(findNewer({ constructor: 1 })).toMatchObject({ recordType: "constructor", known: 0 });
  });
});

describe("the demo scenario", () => {
  test("has at least six cards, finished and open, all valid, none in the future", () => {
    expect(demo.travellers.length).toBeGreaterThanOrEqual(6);
    for (const traveller of demo.travellers) {
      expect(v.is(TravellerSchema, traveller)).toBe(true);
      expect(traveller.isDemo).toBe(true);
      expect(traveller.updatedAt <= AT).toBe(true);
    }
    expect(new Set(demo.travellers.map(({ finishedAt }) => finishedAt === null)).size).toBe(2);
  });
  test.each(demo.stations.map((row) => [row.id, row] as const))("%s is a valid record", (_id, row) => {
    expect(v.safeParse(StationRecordSchema, row).issues).toBeUndefined();
  });
  test.each(parts.map((part) => [part.label, part] as const))("%s lies on the shelf, valid and readable", (_label, part) => {
    expect(v.safeParse(PartSchema, part).issues).toBeUndefined();
    expect(toStockPart(part)).toMatchObject({ id: part.id, quantity: part.quantity });
  });
  test("every station is used by some card", () => {
    const used = new Set(demo.stations.map(({ stationId }) => stationId));
    expect(STATION_IDS.filter((id) => !used.has(id))).toEqual([]);
  });
});

describe("the open file", () => {
  test("comes back as it was written, and writes the same again", () => {
    const file = parsed();
    expect(writeVemmickFile(file, AT)).toBe(text);
    expect(file.travellers).toHaveLength(demo.travellers.length);
  });

  test.each([
    ["", "file-not-json"],
    [text.slice(0, 500), "file-not-json"],
    ["null", "file-foreign"],
    ['{"format":"else"}', "file-foreign"],
    ['{"format":"vemmick"}', "file-faults"],
    ['{"format":"vemmick","recordVersions":{"traveller":0}}', "file-faults"],
    ['{"format":"vemmick","recordVersions":{"traveller":9}}', "file-newer"],
    [
      '{"format":"vemmick","recordVersions":{"traveller":1,"station":1,"house":1},"travellers":[],"stations":[],"house":null}',
      "file-faults",
    ],
  ])("refuses %.60s", (content, code) => {
    expect(parseVemmickFile(content)).toMatchObject({ ok: false, failure: { code } });
  });

  test("a file of the first release, without parts and with the narrow capacitor station, is taken in", () => {
    const first = {
      format: "vemmick",
      recordVersions: { traveller: 1, station: 1, house: 1 },
      exportedAt: AT,
      travellers: JSON.parse(readFileSync("tests/fixtures/records/v1/traveller.json", "utf8")) as unknown[],
      stations: JSON.parse(readFileSync("tests/fixtures/records/v1/station.json", "utf8")) as { travellerId: string }[],
      house: null,
    };
    const known = new Set((first.travellers as { id: string }[]).map(({ id }) => id));
    first.stations = first.stations.filter(({ travellerId }) => known.has(travellerId));
    const result = parseVemmickFile(JSON.stringify(first));
    expect(result).toMatchObject({ ok: true, value: { parts: [], recordVersions: PRESENT_VERSIONS } });
    const capacitor = result.ok ? result.value.stations.find(({ stationId }) => stationId === "capacitor") : undefined;
    expect(capacitor?.data).toMatchObject({ starts: [], kit: null, running: { sections: [] } });
  });

  test("names the path of the first faults", () => {
    const broken = JSON.parse(text) as { travellers: { machine: unknown }[] };
    broken.travellers[2] = { ...broken.travellers[2], machine: 42 };
    const result = parseVemmickFile(JSON.stringify(broken));
    expect(!result.ok && result.failure.code === "file-faults" && result.failure.faults[0]?.path).toBe("travellers.2.machine");
  });

  test("is refused when it is larger than any export can be", () => {
    expect(parseVemmickFile(" ".repeat(64 * 1024 * 1024 + 1))).toMatchObject({ ok: false, failure: { code: "file-too-large" } });
  });

  test("its schema names every list and every station", () => {
    const schema = JSON.stringify(vemmickJsonSchema());
    for (const word of ["travellers", "stations", "house", ...STATION_IDS]) expect(schema).toContain(`"${word}"`);
  });
});

describe("planImport", () => {
  const nothing = { travellers: [], stations: [], parts: [], house: null };
  const everything = () => ({ travellers: parsed().travellers, stations: parsed().stations, parts: parsed().parts, house: parsed().house });
  const later = <T extends Traveller | StationRecord>(record: T): T => ({ ...record, updatedAt: "2030-01-01T00:00:00.000Z" });

  test("into nothing, all is new", () => {
    const plan = planImport(parsed(), nothing);
    expect(plan.newTravellers).toHaveLength(demo.travellers.length);
    expect(plan.putStations).toHaveLength(demo.stations.length);
    expect(plan.putParts).toHaveLength(parts.length);
    expect(plan.putHouse).not.toBeNull();
  });
  test("of the same again, nothing is written", () => {
    const plan = planImport(parsed(), everything());
    expect(isEmptyPlan(plan)).toBe(true);
    expect(plan.keptTravellers).toBe(demo.travellers.length);
  });
  test("newer here stays, newer there is taken, record by record", () => {
    const present = everything();
    const file = parsed();
    const [first, second] = file.travellers;
    if (!first || !second) throw new Error("demo too small");
    const plan = planImport(
      { ...file, travellers: [later(first), ...file.travellers.slice(1)] },
      { ...present, travellers: present.travellers.map((t) => (t.id === second.id ? later(t) : t)) },
    );
    expect(plan.putTravellers.map(({ id }) => id)).toEqual([first.id]);
    expect(plan.changedTravellers.map(({ id }) => id)).toEqual([first.id]);
  });
});

test("a house fills what it did not set with the defaults", () => {
  const house = toHouse({ ...UNSET_HOUSE, figures: { safeVolts: 24 } });
  expect(house.figures).toMatchObject({ safeVolts: 24, guardFactor: 1 });
  expect(house.meter.ranges.capacitance?.length).toBeGreaterThan(0);
});

test.each([
  ["demo-bakery-proofer", true],
  ["../etc", false],
  ["", false],
  [null, false],
  ["x".repeat(65), false],
])("an address with the id %s", (id, isGood) => {
  expect(parseTravellerId(id) !== null).toBe(isGood);
});
