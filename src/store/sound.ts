import * as v from "valibot";
import { STATION_IDS, stationOf } from "@/core/stations";
import {
  HouseRecordSchema,
  PartSchema,
  TravellerSchema,
  UNSET_HOUSE,
  type HouseRecord,
  type Part,
  type StationRecord,
  type Traveller,
} from "@/records";
import { salvage } from "./salvage";

/*
 * What is kept may have been damaged, or been written past the bounds by an older program. A screen gets every field that can
 * be read and a blank for one that cannot: it never breaks on what is stored. Nothing is written here.
 */

const EPOCH = UNSET_HOUSE.updatedAt;

const BLANK_TRAVELLER = {
  machine: "",
  site: "",
  technician: "",
  createdAt: EPOCH,
  updatedAt: EPOCH,
  finishedAt: null,
  cameBackAt: [],
  isDemo: false,
};
const BLANK_PART = {
  label: "",
  maker: "",
  place: "",
  quantity: 0,
  price: 0,
  diameterMm: null,
  heightMm: null,
  terminals: null,
  isDemo: false,
  updatedAt: EPOCH,
};

// A row read again unchanged is not looked at again: its id and its time say so.
const known = new Set<string>();
const MOST_KNOWN = 50_000;

function once<Row extends { readonly id: string; readonly updatedAt: string }>(row: Row, isSound: () => boolean, mended: () => Row): Row {
  const mark = `${row.id} ${row.updatedAt}`;
  if (known.has(mark)) return row;
  if (!isSound()) return mended();
  if (known.size >= MOST_KNOWN) known.clear();
  known.add(mark);
  return row;
}

export const soundTraveller = (row: Traveller): Traveller =>
  once(
    row,
    () => {
      const parsed = v.safeParse(TravellerSchema, row);
      // Cards are put in order by their texts: a moment of another zone is brought into its one form first.
      return parsed.success && parsed.output.createdAt === row.createdAt;
    },
    () => salvage(TravellerSchema, row, { ...BLANK_TRAVELLER, id: row.id }) as Traveller,
  );

export const soundPart = (row: Part): Part =>
  once(
    row,
    () => v.is(PartSchema, row),
    () => salvage(PartSchema, row, { ...BLANK_PART, id: row.id }) as Part,
  );

export const soundHouse = (row: HouseRecord): HouseRecord =>
  once(
    row,
    () => v.is(HouseRecordSchema, row),
    () => salvage(HouseRecordSchema, row, UNSET_HOUSE) as HouseRecord,
  );

/** Rows of stations this program knows, each with what can be read of it. */
export function soundStations(rows: readonly StationRecord[]): readonly StationRecord[] {
  return rows
    .filter(({ stationId }) => STATION_IDS.includes(stationId))
    .map((row) => {
      const { schema, blank } = stationOf(row.stationId);
      return once(
        row,
        () => v.is(schema, row.data) && (row.skippedReason === null || typeof row.skippedReason === "string"),
        () => ({
          ...row,
          data: salvage(schema, row.data, blank) as never,
          skippedReason: typeof row.skippedReason === "string" ? row.skippedReason : null,
        }),
      );
    });
}
