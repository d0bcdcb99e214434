import * as v from "valibot";
import { isLoose, MomentSchema, textSchema, type Loose } from "@/core/kept";
import { MOST_ROUNDS, SET_ASIDE } from "@/core/job";
import { isStationId, STATION_IDS, stationOf, STATIONS, type StationId } from "@/core/stations";
import { toOneForm } from "./one-form";
import { boundReadings, withOrigins } from "./reading-steps";
import { blankStationRow, stationRecordId } from "./station-id";
import { defineRecordType, type Migration } from "./record-type";
import { TravellerIdSchema } from "./traveller";

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
    /** what was set aside before it was read anew, the oldest first */
    earlier: v.pipe(
      v.array(v.object({ why: v.picklist(SET_ASIDE), at: MomentSchema, data: STATIONS[stationId].schema as v.GenericSchema<unknown> })),
      v.maxLength(MOST_ROUNDS),
    ),
  });

const ROW_SCHEMAS = STATION_IDS.map(rowOf) as [ReturnType<typeof rowOf>, ...ReturnType<typeof rowOf>[]];
const isKeyed = (row: Pick<v.InferOutput<ReturnType<typeof rowOf>>, "id" | "travellerId" | "stationId">): boolean =>
  row.id === stationRecordId(row.travellerId, row.stationId);
const KEYED = "id must be travellerId/stationId";

/** What was keyed at one station of one traveller; the shape of `data` is the station's own schema. */
export const StationRecordSchema = v.pipe(
  v.variant("stationId", ROW_SCHEMAS),
  v.check((row) => isKeyed(row), KEYED),
);
/** The same for a row whose station is known: the others need not be asked. */
const SCHEMA_OF = new Map<unknown, v.GenericSchema>(
  ROW_SCHEMAS.map((schema, index) => [
    STATION_IDS[index],
    v.pipe(
      schema,
      v.check((row) => isKeyed(row), KEYED),
    ),
  ]),
);
export type StationRecord = v.InferOutput<typeof StationRecordSchema>;

/** Steps that every station's record takes, whatever the station; they come before its own. */
const FOR_ALL: Readonly<Record<number, (row: Loose) => Loose>> = {
  6: boundReadings,
  9: toOneForm,
  10: withOrigins,
  // What was read before a work, or more than once.
  16: (row) => ({ earlier: [], ...row }),
};

/** One step of the record of whatever station: what is for all, then what the station itself changed. */
const stepTo = (to: number): Migration => ({
  to,
  migrate: (row) => {
    const shared = FOR_ALL[to]?.(row) ?? row;
    const own = isStationId(shared.stationId) ? stationOf(shared.stationId).migrations?.[to] : undefined;
    if (own === undefined) return shared;
    const step = (data: unknown): unknown => (isLoose(data) ? own(data) : data);
    const earlier = Array.isArray(shared.earlier)
      ? { earlier: shared.earlier.map((round: unknown) => (isLoose(round) ? { ...round, data: step(round.data) } : round)) }
      : {};
    return { ...shared, data: step(shared.data), ...earlier };
  },
});

/** The last version that any station, or all of them, took a step to. */
const LAST_VERSION = Math.max(
  ...[FOR_ALL, ...STATION_IDS.map((id) => stationOf(id).migrations ?? {})].flatMap((steps) => Object.keys(steps).map(Number)),
);

export const stationRecordType = defineRecordType("station", {
  schema: StationRecordSchema,
  narrow: ({ stationId }) => SCHEMA_OF.get(stationId) ?? null,
  blank: (id) => {
    const [travellerId = "", stationId = ""] = id.split("/");
    const data = isStationId(stationId) ? stationOf(stationId).blank : null;
    return { ...blankStationRow(travellerId, stationId, data), id };
  },
  migrations: Array.from({ length: LAST_VERSION - 1 }, (_, index) => stepTo(index + 2)),
});
