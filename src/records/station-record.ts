import * as v from "valibot";
import { STATION_IDS, STATIONS, type StationId } from "@/core/stations";
import { defineRecordType } from "./record-type";
import { MomentSchema, TravellerIdSchema, type TravellerId } from "./traveller";

const envelope = {
  /** travellerId/stationId */
  id: v.pipe(v.string(), v.maxLength(120)),
  travellerId: TravellerIdSchema,
  skippedReason: v.nullable(v.pipe(v.string(), v.maxLength(500))),
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

export const stationRecordType = defineRecordType({
  name: "station",
  schema: StationRecordSchema,
  migrations: [
    { to: 2, migrate: widenCapacitor },
    { to: 3, migrate: widenBoards },
  ],
});

/** Key of a station record: one a station a traveller. */
export function stationRecordId(travellerId: TravellerId, stationId: StationId): string {
  return `${travellerId}/${stationId}`;
}
