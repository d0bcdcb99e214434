import type { RecordTypeName } from "../record-kinds";
import { NO_RECORDS, type DatedRow, type RecordLists } from "../record-types";
import { changedOnBoth, chosen, planMerge, type Choice, type Theirs } from "./plan-merge";
import { noteChanges } from "./note-changes";
import { withOwn } from "./own-fields";
import { versionKey, type KnownVersion } from "./team-section";
import { howMany } from "../../../tests/support/how-many";
import { compareVersions, joinVersions, nextVersion } from "./version-vector";

/** A device as merging sees it: rows by key, and their versions. */
interface Device {
  readonly id: string;
  readonly rows: Map<string, { readonly name: RecordTypeName; readonly row: DatedRow & { readonly said?: readonly string[] } }>;
  readonly known: Map<string, KnownVersion>;
}

const EDITS = howMany(2000, 500);
const device = (id: string): Device => ({ id, rows: new Map(), known: new Map() });
let clock = Date.UTC(2026, 10, 1);
const tick = (): string => new Date((clock += 1000)).toISOString();

const note = ({ id, rows, known }: Device): void => {
  const present = new Map([...rows].map(([key, { row }]) => [key, row.updatedAt]));
  for (const version of noteChanges(known, present, id, tick())) known.set(version.key, version);
};
const put = (at: Device, name: RecordTypeName, row: DatedRow & Record<string, unknown>): void =>
  void at.rows.set(versionKey(name, row.id), { name, row });

/** The file a device writes. */
function fileOf(from: Device): Theirs {
  note(from);
  const lists: Record<string, DatedRow[]> = { traveller: [], station: [], house: [], part: [] };
  for (const { name, row } of from.rows.values()) lists[name]?.push(row);
  return {
    section: { writer: { id: from.id, name: from.id, turn: "1" }, versions: [...from.known.values()] },
    records: { ...NO_RECORDS, ...lists } as unknown as RecordLists,
  };
}

/** Reads the file of another, with a choice for each conflict; what was not chosen is told. */
function read(
  at: Device,
  theirs: Theirs,
  choose: (key: string) => Choice | null,
  setAside: (row: DatedRow | null) => void = () => undefined,
) {
  note(at);
  const mine = { device: at.id, versions: at.known, rowOf: (name: RecordTypeName, id: string) => at.rows.get(versionKey(name, id))?.row };
  const plan = planMerge(mine, theirs);
  const settled = plan.conflicts.flatMap((conflict) => {
    const choice = choose(conflict.mine.version.key);
    if (choice === null) return [];
    setAside((choice === "mine" ? conflict.theirs : conflict.mine).row);
    const of = nextVersion(joinVersions(conflict.mine.version.of, conflict.theirs.version.of), at.id);
    return [chosen(conflict, choice, of, tick())];
  });
  for (const { name, id, row, version, effect } of [...plan.taken, ...settled]) {
    at.known.set(version.key, version);
    if (effect === "known") continue;
    if (row === null) at.rows.delete(versionKey(name, id));
    else put(at, name, row as DatedRow & Record<string, unknown>);
  }
  return plan;
}
const shown = ({ rows }: Device) => [...rows].map(([key, { row }]) => [key, JSON.stringify(row)]).sort();

describe("versions", () => {
  test.each([
    [{}, {}, "same"],
    [{ aaaa: 1 }, {}, "newer"],
    [{}, { aaaa: 1 }, "older"],
    [{ aaaa: 2, bbbb: 1 }, { aaaa: 1, bbbb: 1 }, "newer"],
    [{ aaaa: 2 }, { aaaa: 1, bbbb: 1 }, "both"],
  ] as const)("%j beside %j is %s", (one, other, order) => expect(compareVersions(one, other)).toBe(order));
  test("a join comes after both", () => {
    const joined = joinVersions({ aaaa: 2 }, { aaaa: 1, bbbb: 1 });
    expect(joined).toEqual({ aaaa: 2, bbbb: 1 });
    expect(compareVersions(joined, { aaaa: 2 })).toBe("newer");
  });
});

describe("two devices", () => {
  const pair = () => {
    const [a, b] = [device("aaaa"), device("bbbb")];
    put(a, "part", { id: "p", updatedAt: tick(), quantity: 3 });
    read(b, fileOf(a), () => null);
    return [a, b] as const;
  };
  test("what one side changed is taken by the other, and nothing comes twice", () => {
    const [a, b] = pair();
    put(b, "part", { id: "p", updatedAt: tick(), quantity: 2 });
    expect(read(a, fileOf(b), () => null)).toMatchObject({ conflicts: [] });
    expect(shown(a)).toEqual(shown(b));
    expect(read(a, fileOf(b), () => null).taken).toEqual([]);
  });
  test("an older file read late takes nothing back", () => {
    const [a, b] = pair();
    const old = fileOf(b);
    put(a, "part", { id: "p", updatedAt: tick(), quantity: 9 });
    expect(read(a, old, () => null).taken).toEqual([]);
    expect(a.rows.get("part/p")?.row).toMatchObject({ quantity: 9 });
  });
  test("what both changed is left as it is until somebody chooses, whichever clock was ahead", () => {
    const [a, b] = pair();
    put(a, "part", { id: "p", updatedAt: tick(), quantity: 1 });
    put(b, "part", { id: "p", updatedAt: "2031-01-01T00:00:00.000Z", quantity: 5 });
    const theirs = fileOf(b);
    expect(changedOnBoth(a.known, theirs)).toEqual([]);
    note(a);
    expect(changedOnBoth(a.known, theirs)).toEqual(["part/p"]);
    expect(read(a, theirs, () => null).conflicts).toHaveLength(1);
    expect(a.rows.get("part/p")?.row).toMatchObject({ quantity: 1 });
    read(a, theirs, () => "mine");
    read(b, fileOf(a), () => null);
    expect(shown(b)).toEqual(shown(a));
    expect(b.rows.get("part/p")?.row).toMatchObject({ quantity: 1 });
  });
  test("both chose otherwise: it is asked again, and not lost", () => {
    const [a, b] = pair();
    put(a, "part", { id: "p", updatedAt: tick(), quantity: 1 });
    put(b, "part", { id: "p", updatedAt: tick(), quantity: 5 });
    const [ofA, ofB] = [fileOf(a), fileOf(b)];
    read(a, ofB, () => "mine");
    read(b, ofA, () => "mine");
    expect(read(a, fileOf(b), () => null).conflicts).toHaveLength(1);
  });
  test("both keyed the same: nothing is asked", () => {
    const [a, b] = pair();
    put(a, "part", { id: "p", updatedAt: tick(), quantity: 7 });
    put(b, "part", { id: "p", updatedAt: tick(), quantity: 7 });
    expect(read(a, fileOf(b), () => null).conflicts).toEqual([]);
    read(b, fileOf(a), () => null);
    expect(shown(a)).toEqual(shown(b));
  });
  test("taken away on one side, changed on the other: it stays on both", () => {
    for (const isFirst of [true, false]) {
      const [a, b] = pair();
      a.rows.delete("part/p");
      put(b, "part", { id: "p", updatedAt: tick(), quantity: 8 });
      const sides = isFirst ? [a, b] : [b, a];
      for (const [at, from] of [sides, [...sides].reverse()]) if (at && from) read(at, fileOf(from), () => null);
      expect([a, b].map(({ rows }) => rows.has("part/p"))).toEqual([true, true]);
      expect(shown(a)).toEqual(shown(b));
    }
  });
  test("taken away and not changed: it goes on both, and does not come back with an old file", () => {
    const [a, b] = pair();
    const old = fileOf(b);
    a.rows.delete("part/p");
    read(b, fileOf(a), () => null);
    expect(b.rows.size).toBe(0);
    read(a, old, () => null);
    expect(a.rows.size).toBe(0);
  });
  test("a card taken away there and worked on here stays whole on both", () => {
    const [a, b] = [device("aaaa"), device("bbbb")];
    put(a, "traveller", { id: "c", updatedAt: tick() });
    for (const station of ["plate", "look"]) put(a, "station", { id: `c/${station}`, travellerId: "c", updatedAt: tick(), data: station });
    read(b, fileOf(a), () => null);
    b.rows.clear();
    put(a, "traveller", { id: "c", updatedAt: tick() });
    put(a, "station", { id: "c/plate", travellerId: "c", updatedAt: tick(), data: "worked on" });
    read(a, fileOf(b), () => null);
    read(b, fileOf(a), () => null);
    expect(a.rows.size).toBe(3);
    expect(shown(b)).toEqual(shown(a));
  });
  test("what is each device's own is neither asked nor taken", () => {
    const [a, b] = [device("aaaa"), device("bbbb")];
    put(a, "house", { id: "house", updatedAt: tick(), figures: {}, technician: "Ivo Marrable" });
    put(b, "house", { id: "house", updatedAt: tick(), figures: {}, technician: "Sefa Lindqvist" });
    expect(read(a, fileOf(b), () => null).conflicts).toEqual([]);
    const theirs = { id: "house", updatedAt: tick(), figures: { hourlyRate: 72 }, technician: "Sefa Lindqvist", hasLetterKeys: false };
    expect(withOwn("house", theirs, { ...theirs, technician: "Ivo Marrable" } as DatedRow)).toEqual({
      ...theirs,
      technician: "Ivo Marrable",
    });
    // A device that has no record of its own yet begins with its own blank fields.
    expect(withOwn("house", theirs, undefined)).toMatchObject({
      figures: { hourlyRate: 72 },
      technician: "",
      hasLetterKeys: true,
      meter: null,
    });
  });
  test("two devices of one id: what they made differently is asked, not passed over", () => {
    const [a, twin] = [device("aaaa"), device("aaaa")];
    put(a, "part", { id: "p", updatedAt: tick(), quantity: 1 });
    put(twin, "part", { id: "p", updatedAt: tick(), quantity: 2 });
    expect(read(a, fileOf(twin), () => null).conflicts).toHaveLength(1);
  });
});

/** Mulberry32: the same edits at every run. */
function random(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

test.each([1, 2, 3])(
  "five devices, thousands of edits, files in any order, dropped and read again: all end equal, nothing is lost (seed %i)",
  (seed) => {
    const next = random(seed);
    const below = (most: number): number => Math.floor(next() * most);
    const devices = ["aaaa", "bbbb", "cccc", "dddd", "eeee"].map(device);
    const one = (): Device => devices[below(devices.length)] as Device;
    const files: { readonly from: Device; readonly file: Theirs }[] = [];
    const lost = new Set<string>();
    const setAside = (row: DatedRow | null): void => (row as { said?: string[] } | null)?.said?.forEach((each) => lost.add(each));
    const choose = (): Choice => (next() < 0.5 ? "mine" : "theirs");
    const made: string[] = [];
    const gone = new Set<string>();
    const edit = (index: number): void => {
      const at = one();
      const id = `p${below(60)}`;
      const was = at.rows.get(`part/${id}`)?.row;
      if (was && next() < 0.03) {
        was.said?.forEach((each) => gone.add(each));
        at.rows.delete(`part/${id}`);
        return;
      }
      made.push(String(index));
      // Every edit says on the record that it was made, so that one that is gone can be told.
      put(at, "part", { id, updatedAt: tick(), said: [...(was?.said ?? []), String(index)] });
    };
    for (let index = 0; index < EDITS; index += 1) {
      edit(index);
      if (next() < 0.2) {
        const from = one();
        files.push({ from, file: structuredClone(fileOf(from)) });
      }
      // A third of the files never arrives; others are read late, and more than once.
      if (files.length > 0 && next() < 0.3) {
        const { from, file } = files[Math.max(0, files.length - 1 - below(20))] as (typeof files)[number];
        const reader = one();
        if (reader !== from) read(reader, file, () => (next() < 0.3 ? null : choose()), setAside);
      }
    }
    // Everybody reads everybody until nothing is left to choose: one of them chooses.
    for (let round = 0; round < 12; round += 1)
      for (const at of devices)
        for (const from of devices)
          if (at !== from) read(at, structuredClone(fileOf(from)), () => (at === devices[0] ? "mine" : null), setAside);
    const [first, ...others] = devices.map(shown);
    for (const other of others) expect(other).toEqual(first);
    // What is not in the end state was taken away by somebody, or set aside by a choice.
    const there = new Set(devices[0] ? [...devices[0].rows.values()].flatMap(({ row }) => row.said ?? []) : []);
    expect(made.filter((each) => !there.has(each) && !lost.has(each) && !gone.has(each))).toEqual([]);
    expect(made.length).toBeGreaterThan(0.9 * EDITS);
    expect(lost.size).toBeGreaterThan(0);
  },
);
