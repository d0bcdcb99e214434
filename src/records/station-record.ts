import * as v from "valibot";
import { MomentSchema, textSchema } from "@/core/kept";
import { STATION_IDS, STATIONS, type StationId } from "@/core/stations";
import { toOneForm } from "./one-form";
import { defineRecordType } from "./record-type";
import { TravellerIdSchema, type TravellerId } from "./traveller";
import { isLoose } from "./value-at";

const envelope = {
  /** travellerId/stationId */
  id: v.pipe(v.string(), v.maxLength(120)),
  travellerId: TravellerIdSchema,
  skippedReason: v.nullable(textSchema("reason")),
  updatedAt: MomentSchema,
};

const rowOf = <Id extends StationId>(stationId: Id) =>
  v.object({
    ...envelope,
    stationId: v.literal(stationId),
    data: STATIONS[stationId].schema as v.GenericSchema<unknown>,
  });

/** What was keyed at one station of one traveller; the shape of `data` is the station's own schema. */
export const StationRecordSchema = v.pipe(
  v.variant("stationId", STATION_IDS.map(rowOf) as [ReturnType<typeof rowOf>, ...ReturnType<typeof rowOf>[]]),
  v.check((row) => row.id === stationRecordId(row.travellerId, row.stationId), "id must be travellerId/stationId"),
);
export type StationRecord = v.InferOutput<typeof StationRecordSchema>;

/** Version 2: the capacitor station keeps corrections of the label, three methods, discharge, starts and place. */
function widenCapacitor(row: Record<string, unknown>): Record<string, unknown> {
  if (row.stationId !== "capacitor" || typeof row.data !== "object" || row.data === null) return row;
  const added = {
    corrections: { parts: {}, kind: null },
    looksBad: null,
    settles: null,
    running: { sections: [], hertz: "", isStartDeviceOut: null },
    swing: { sections: [], rangeEnd: "" },
    discharge: { school: "resistor", resistor: "", resistorW: "", chargedFrom: "", startedAt: null, remaining: null },
    starts: [],
    hasBleed: null,
    kit: null,
    feeds: "",
    place: { strapMm: "", heightMm: "", ambientC: "", terminals: "" },
  };
  return { ...row, data: { ...added, ...row.data } };
}

/** Version 3: a beep at the frame; the windings station takes any board, with named posts and readings by pair of posts. */
function widenBoards(row: Record<string, unknown>): Record<string, unknown> {
  if (row.stationId === "frame" && typeof row.data === "object") return { ...row, data: { beeps: null, ...row.data } };
  if (row.stationId !== "windings" || typeof row.data !== "object" || row.data === null) return row;
  const { leads, pairs, ...rest } = row.data as { leads?: unknown; pairs?: unknown };
  if (!Array.isArray(leads) || !Array.isArray(pairs)) return row;
  const places = [
    { x: 0.25, y: 0.26 },
    { x: 0.75, y: 0.26 },
    { x: 0.5, y: 0.76 },
  ];
  const ends = [
    [0, 1],
    [1, 2],
    [0, 2],
  ];
  const widened = {
    posts: leads.map((name: unknown, index) => ({ name, ...places[index] })),
    hasFrame: false,
    pairs: pairs.flatMap((entry: unknown, index) => (entry === null ? [] : [{ a: ends[index]?.[0], b: ends[index]?.[1], entry }])),
    photo: null,
    compare: {
      temperature: null,
      referenceOf: null,
      referenceMain: "",
      referenceStart: "",
      referenceC: "",
      hotPair: null,
      hot: null,
      ambient: null,
    },
  };
  return { ...row, data: { ...rest, ...widened } };
}

const NO_FIGURES = {
  supplyVolts: null,
  lineAmps: null,
  startAmps: null,
  capacitorVolts: null,
  speed: null,
  startTime: null,
  shell: null,
};

/** What version 4 adds to each station's record; what was there stays. */
const ADDED_IN_4: Record<string, Record<string, unknown>> = {
  plate: { age: "" },
  capacitor: { second: { label: "", reading: null } },
  "run-test": { slipTurns: "", slipSeconds: "" },
  decide: { machineYears: "", isCustom: false, also: null, earlier: "", partHere: null, measure: null, recheckOn: null, causes: {} },
  prove: { afterBehaviour: null, afterNoises: [] },
};

/** Version 4: the proof keeps every figure of the run before and after; the decision its causes and what is done meanwhile. */
function widenDecision(row: Record<string, unknown>): Record<string, unknown> {
  const added = ADDED_IN_4[String(row.stationId)];
  if (!added || typeof row.data !== "object" || row.data === null) return row;
  if (row.stationId !== "prove") return { ...row, data: { ...added, ...row.data } };
  const { before, after, ...rest } = row.data as { before?: unknown; after?: unknown };
  const amps = (entry: unknown): Record<string, unknown> => ({ ...NO_FIGURES, lineAmps: entry ?? null });
  return { ...row, data: { ...added, ...rest, before: amps(before), after: amps(after) } };
}

/** What version 5 adds to each station's record: figures of an indicator, which end, the coast-down. */
const ADDED_IN_5: Record<string, Record<string, unknown>> = {
  "hand-turn": { radialMm: "", endMm: "", feltAt: null },
  "run-test": { coastDown: null, hotPlace: null },
};

/** Version 5: the hand has an indicator beside it, and a run ends with its coast-down; bearings and the ledger are new stations. */
function widenMechanics(row: Record<string, unknown>): Record<string, unknown> {
  if (typeof row.data !== "object" || row.data === null) return row;
  const added = ADDED_IN_5[String(row.stationId)];
  if (added) return { ...row, data: { ...added, ...row.data } };
  if (row.stationId !== "prove") return row;
  const { before, after, ...rest } = row.data as { before?: object; after?: object };
  return { ...row, data: { afterHotPlace: null, ...rest, before: { coastDown: null, ...before }, after: { coastDown: null, ...after } } };
}

/** Bounds of each quantity as of version 6 [base units]. */
const BOUNDS_IN_6: Record<string, readonly [min: number, max: number]> = {
  resistance: [0, 1e12],
  capacitance: [0, 1e5],
  current: [0, 1e4],
  voltage: [0, 1e5],
  temperature: [-90, 1200],
  insulation: [0, 1e8],
  speed: [0, 1e5],
  duration: [0, 1e6],
};
/** A meter without a data sheet, as of version 6: ±3 % of the reading; its last digit is no longer known. */
const UNLISTED_IN_6 = 0.03 / Math.sqrt(3);

type Loose = Record<string, unknown>;

/** A kept reading gets an uncertainty where its meter gave none; one beyond what its quantity can be is text again. */
function boundReading(entry: Loose): Loose {
  const reading = entry.reading;
  if (!isLoose(reading)) return entry;
  const { value, quantity, standardUncertainty } = reading;
  const [min, max] = BOUNDS_IN_6[String(quantity)] ?? [-Infinity, Infinity];
  if (typeof value === "number" && !(value >= min && value <= max)) return { ...entry, reading: null };
  if (reading.kind !== "value" || standardUncertainty !== null || typeof value !== "number") return entry;
  return { ...entry, reading: { ...reading, standardUncertainty: UNLISTED_IN_6 * Math.abs(value) } };
}

function walkReadings(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(walkReadings);
  if (!isLoose(value)) return value;
  if ("text" in value && "reading" in value) return boundReading(value);
  return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, walkReadings(each)]));
}

/** Version 6: a plate may name several connections, hertz, speeds and two capacitors; every reading has an uncertainty and bounds. */
function widenPlate(row: Record<string, unknown>): Record<string, unknown> {
  if (!isLoose(row.data)) return row;
  const data = walkReadings(row.data) as Loose;
  if (row.stationId === "capacitor") {
    const second = isLoose(data.second) ? { overLimit: null, ...data.second } : data.second;
    return { ...row, data: { overLimit: null, ...data, second } };
  }
  if (row.stationId !== "plate") return { ...row, data };
  return { ...row, data: { secondCapacitor: "", picks: { connection: null, hertz: null, speed: null }, areAmpsSure: false, ...data } };
}

/** Marks as of version 7, by what a name had to say to count as one before. */
const MARKS_IN_7: readonly (readonly [mark: string, pattern: RegExp])[] = [
  ["C", /^(c|com|common)$/i],
  ["R", /^(r|run|main|m)$/i],
  ["S", /^(s|start|aux|auxiliary|herm)$/i],
  ["HI", /^(hi|high|fast)$/i],
  ["MED", /^(med|medium|mid)$/i],
  ["LO", /^(lo|low|slow)$/i],
  ["CAP", /^(cap|capacitor)$/i],
];

/** A post that a person named with a mark keeps it; the letter a post was given in its place never was one. */
function markPosts(posts: readonly unknown[]): unknown[] {
  const names = posts.map((post) => (isLoose(post) && typeof post.name === "string" ? post.name.trim() : ""));
  const isGiven = (index: number): boolean => names[index] === String.fromCharCode(65 + index);
  const markOf = (index: number): string | null => MARKS_IN_7.find(([, pattern]) => pattern.test(names[index] ?? ""))?.[0] ?? null;
  const areMarked = names.some((_, index) => !isGiven(index) && markOf(index) !== null);
  return posts.map((post, index) => (isLoose(post) ? { mark: isGiven(index) && !areMarked ? null : markOf(index), ...post } : post));
}

/** Version 7: a mark is said of a post beside its name; a capacitor's earlier parts stay with their own label. */
function partMarks(row: Record<string, unknown>): Record<string, unknown> {
  const { data } = row;
  if (!isLoose(data)) return row;
  if (row.stationId === "capacitor") {
    const place = isLoose(data.place) ? { coldestC: "", ...data.place } : data.place;
    return { ...row, data: { readFor: "", previous: [], ...data, place } };
  }
  if (row.stationId !== "windings") return row;
  const compare = isLoose(data.compare) ? { referenceSections: [], ...data.compare } : data.compare;
  return { ...row, data: { ...data, compare, posts: Array.isArray(data.posts) ? markPosts(data.posts) : data.posts } };
}

/** What version 8 adds: since when and after what; the hand with the load off; what was ruled out; the frame test repeated; the drive; the shell. */
const ADDED_IN_8: Record<string, Loose> = {
  complaint: { course: [], after: [] },
  plate: { drive: null },
  look: { ruledOut: [] },
  "hand-turn": { unloaded: null },
  frame: { again: { isPartOut: false, reading: null } },
  windings: { shell: null },
};

/** Version 8: what a master asks second, and what power waits for. */
function widenJudgement(row: Record<string, unknown>): Record<string, unknown> {
  const added = ADDED_IN_8[String(row.stationId)];
  return added && isLoose(row.data) ? { ...row, data: { ...added, ...row.data } } : row;
}

export const stationRecordType = defineRecordType({
  name: "station",
  list: "stations",
  schema: StationRecordSchema,
  migrations: [
    { to: 2, migrate: widenCapacitor },
    { to: 3, migrate: widenBoards },
    { to: 4, migrate: widenDecision },
    { to: 5, migrate: widenMechanics },
    { to: 6, migrate: widenPlate },
    { to: 7, migrate: partMarks },
    { to: 8, migrate: widenJudgement },
    { to: 9, migrate: toOneForm },
  ],
});

/** Key of a station record: one a station a traveller. */
export function stationRecordId(travellerId: TravellerId, stationId: StationId): string {
  return `${travellerId}/${stationId}`;
}
