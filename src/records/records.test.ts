import { existsSync, readdirSync, readFileSync } from "node:fs";
import * as v from "valibot";
import { parseDesignation } from "@/core/bearing";
import { PART_KINDS } from "@/core/exchange";
import { readSheet } from "@/core/match";
import { STATION_IDS, type StationId } from "@/core/stations";
import { demoParts, demoRecords } from "./demo";
import { toHouse, UNSET_HOUSE } from "./house-record";
import { toOneForm } from "./one-form";
import { defineRecordType, migrateRecord, migrateStep } from "./record-type";
import { StationRecordSchema } from "./station-record";
import { PartSchema } from "./part-record";
import { toStockPart } from "./stock-part";
import { parseTravellerId, TravellerSchema } from "./traveller";
import { STATIONS } from "@/core/stations";
import { findNewer, PRESENT_VERSIONS } from "./record-kinds";
import { RECORD_TYPES } from "./record-types";

const NOW = new Date("2026-11-23T18:00:00.000Z");
const AT = NOW.toISOString();
const demo = demoRecords(NOW);
const parts = demoParts(NOW);

describe("migrations", () => {
  const type = defineRecordType("part", {
    blank: (id) => ({ id }),
    schema: v.object({ name: v.string(), wattsW: v.number() }),
    migrations: [
      { to: 2, migrate: ({ hp, ...rest }) => ({ ...rest, wattsW: Number(hp) * 746 }) },
      { to: 3, migrate: ({ title, ...rest }) => ({ ...rest, name: title }) },
      { to: 4, migrate: ({ name, ...rest }) => ({ ...rest, name: String(name).trim() }) },
      { to: 5, migrate: ({ name, ...rest }) => ({ ...rest, name: String(name).toLowerCase() }) },
    ],
  });
  test.each([
    [1, { title: "fan", hp: 2 }],
    [2, { title: "fan", wattsW: 1492 }],
    [3, { name: " fan ", wattsW: 1492 }],
    [4, { name: "Fan", wattsW: 1492 }],
    [5, { name: "fan", wattsW: 1492 }],
  ])("a record of version %d arrives at the present one", (from, record) => {
    expect(type.version).toBe(5);
    expect(migrateRecord(type, record, from)).toEqual({ name: "fan", wattsW: 1492 });
  });
  test("a motor of the shelf that did not say how it starts says so, and keeps its sheet; a capacitor has none", () => {
    const old = { id: "p", kind: "motor", sheet: { volts: "230" } };
    expect(migrateStep(RECORD_TYPES.part, old, 4)).toEqual({ ...old, sheet: { type: null, volts: "230" } });
    expect(migrateStep(RECORD_TYPES.part, { ...old, sheet: null }, 4)).toMatchObject({ sheet: null });
  });
  test("a gap in the numbers is a bug and is refused", () => {
    const gap = { blank: () => ({}), schema: v.string() };
    expect(() => defineRecordType("part", { ...gap, migrations: [{ to: 3, migrate: (r) => r }] })).toThrow("must lead to version 2");
    expect(() => defineRecordType("part", { ...gap, migrations: [] })).toThrow("record-kinds.ts says 5");
  });
  const frozen = (version: number, file: string) =>
    JSON.parse(readFileSync(`tests/fixtures/records/v${version}/${file}.json`, "utf8")) as Record<string, unknown>[];
  const steps = Object.values(RECORD_TYPES).flatMap((type) => type.migrations.map(({ to }) => [type.name, to - 1] as const));
  test.each(steps)("each frozen %s of version %d becomes what was expected of the next, field by field", (name, version) => {
    const type = RECORD_TYPES[name as keyof typeof RECORD_TYPES];
    const next = frozen(version, name).map((record) => migrateStep(type, record, version));
    expect(next).toEqual(frozen(version, `${name}.next`));
  });
  /** Every text a person keyed, wherever it lies. */
  const textsOf = (value: unknown): string[] =>
    typeof value === "object" && value !== null
      ? Object.entries(value).flatMap(([key, each]) => (key === "text" && typeof each === "string" ? [each] : textsOf(each)))
      : [];
  test.each(steps)("no reading of a frozen %s of version %d is lost on the way to the present", (name, version) => {
    const type = RECORD_TYPES[name as keyof typeof RECORD_TYPES];
    for (const record of frozen(version, name))
      expect(textsOf(migrateRecord(type, record, version)).sort()).toEqual(textsOf(record).sort());
  });
  test("moments get one form, UTC; a day no calendar has becomes none; what is no moment is left to be refused by name", () => {
    const row = {
      updatedAt: "2026-11-23T18:00:00+01:00",
      data: {
        note: "2026-11-23T18:00:00+01:00",
        recheckOn: "12026-11-27",
        lastDone: "2026-02-28",
        starts: ["2026-11-23T18:00-0530", "never"],
        round: { steps: { unplugged: "2026-11-23 18:00:00.5Z" } },
        reading: { text: "1", reading: { at: "2026-12-31T23:30:00-02:00" } },
        steps: [{ backAt: null, name: "x" }],
      },
    };
    expect(toOneForm(row)).toEqual({
      updatedAt: "2026-11-23T17:00:00.000Z",
      data: {
        note: "2026-11-23T18:00:00+01:00",
        recheckOn: null,
        lastDone: "2026-02-28",
        starts: ["2026-11-23T23:30:00.000Z", "never"],
        round: { steps: { unplugged: "2026-11-23T18:00:00.500Z" } },
        reading: { text: "1", reading: { at: "2027-01-01T01:30:00.000Z" } },
        steps: [{ backAt: null, name: "x" }],
      },
    });
  });
  /** Frozen records beside a station, by the version they were frozen at. */
  const besideStation = (id: StationId): (readonly [version: number, record: Record<string, unknown>])[] => {
    const folder = `src/core/stations/${id}/frozen`;
    if (!existsSync(folder)) return [];
    return readdirSync(folder).flatMap((file) =>
      (JSON.parse(readFileSync(`${folder}/${file}`, "utf8")) as Record<string, unknown>[]).map(
        (record) => [Number(/\d+/.exec(file)?.[0]), record] as const,
      ),
    );
  };
  test.each(STATION_IDS)("a frozen record shows %s, and is still read with every text that was keyed", (id) => {
    const type = RECORD_TYPES.station;
    const among = frozen(type.version, "station").filter(({ stationId }) => stationId === id);
    const beside = besideStation(id);
    expect(among.length + beside.length).toBeGreaterThan(0);
    for (const [version, record] of beside) {
      const read = migrateRecord(type, record, version);
      expect(v.safeParse(StationRecordSchema, read).issues).toBeUndefined();
      expect(textsOf(read).sort()).toEqual(textsOf(record).sort());
    }
  });
  test.each(Object.keys(RECORD_TYPES))("a frozen record of every version of %s is still read", (name) => {
    const type = RECORD_TYPES[name as keyof typeof RECORD_TYPES];
    for (let version = 1; version <= type.version; version += 1) {
      const records = frozen(version, name);
      expect(records.length).toBeGreaterThan(0);
      for (const record of records) {
        const migrated = migrateRecord(type, record, version);
        // Nothing but data: what cannot be cloned cannot be kept.
        expect(structuredClone(migrated)).toEqual(migrated);
        const result = v.safeParse(type.schema as v.GenericSchema, migrated);
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
  test("version 4 of the house: what was 0 or 1 is yes or no, or one of a few, in force and in its history; figures stay", () => {
    const change = (rule: string, from: number | null, to: number | null) => ({ rule, at: AT, by: "", from, to });
    const row = {
      ...UNSET_HOUSE,
      figures: { tooCloseReplace: 1, bearingsBoth: 0, ownsClamp: 0, ownsTachometer: 1, recheckDays: 1 },
      changes: [change("tooCloseReplace", null, 1), change("ownsClamp", 1, 0), change("recheckDays", null, 1), change("gone", 0, 1)],
    };
    const { figures, changes } = migrateRecord(RECORD_TYPES.house, row, 3) as typeof UNSET_HOUSE;
    expect(figures).toEqual({
      tooCloseReplace: "replace",
      bearingsBoth: "bad-one",
      ownsClamp: false,
      ownsTachometer: true,
      recheckDays: 1,
    });
    expect(changes.map(({ from, to }) => [from, to])).toEqual([
      [null, "replace"],
      [true, false],
      [null, 1],
      [0, 1],
    ]);
    expect(v.is(RECORD_TYPES.house.schema, migrateRecord(RECORD_TYPES.house, row, 3))).toBe(true);
    expect(v.is(RECORD_TYPES.house.schema, { ...UNSET_HOUSE, figures: { ownsClamp: 1 } })).toBe(false);
    expect(v.is(RECORD_TYPES.house.schema, { ...UNSET_HOUSE, figures: { tooCloseReplace: "sometimes" } })).toBe(false);
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
      burnsGas: null,
      photo: null,
      drive: null,
      sort: null,
      volts: "115/230",
      capacitor: "20 µF",
      secondCapacitor: "",
      picks: { connection: null, hertz: null, speed: null },
      areAmpsSure: false,
      maker: "",
      model: "",
      partNumber: "",
      serial: "",
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
    if (part.kind === "capacitor") expect(toStockPart(part)).toMatchObject({ id: part.id, quantity: part.quantity });
    if (part.kind === "bearing") expect(parseDesignation(part.label).ok).toBe(true);
    expect(part.sheet === null ? {} : readSheet(part.sheet).failures).toEqual({});
    expect(part.kind === "motor").toBe(part.sheet !== null);
  });
  test("only a capacitor that may be fitted stands in the sums of capacitors", () => {
    const stock = parts.map(toStockPart).flatMap((part) => part?.id ?? []);
    expect(stock).toEqual(parts.filter(({ kind, state }) => kind === "capacitor" && state !== "for-parts").map(({ id }) => id));
  });
  test("the demo shows every kind of part, one line that is short, a tested spare and one for parts", () => {
    expect(new Set(parts.map(({ kind }) => kind))).toEqual(new Set(PART_KINDS));
    expect(parts.some(({ quantity, lowest }) => quantity < lowest)).toBe(true);
    expect(parts.some(({ tested, state }) => tested !== null && state === "tested")).toBe(true);
    expect(parts.some(({ state }) => state === "for-parts")).toBe(true);
  });
  test("every station is used by some card", () => {
    const used = new Set(demo.stations.map(({ stationId }) => stationId));
    expect(STATION_IDS.filter((id) => !used.has(id))).toEqual([]);
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

test("the description of the file names the versions that are written", () => {
  const said = /Present versions: ([\d, ]+)\./.exec(readFileSync("docs/file-format.md", "utf8"))?.[1];
  expect(said).toBe(Object.values(PRESENT_VERSIONS).join(", "));
});
