import * as v from "valibot";
import { SET_ASIDE } from "@/core/job";
import { isLoose } from "@/core/kept";
import type { Station } from "@/core/station";
import type { RecordType, StationRecord } from "@/records";
import { isSame } from "./change";
import { salvage } from "./salvage";

/*
 * What is kept may have been damaged, or been written past the bounds by an older program. A screen gets every field that can
 * be read and a blank for one that cannot: it never breaks on what is stored. Nothing is written here.
 */

// A row read again unchanged is not looked at again: its id and its time say so.
const known = new Set<string>();
const MOST_KNOWN = 50_000;

/** Looks at a row once; one that is not sound is mended whenever it is read. */
function once<Row extends { readonly id: string; readonly updatedAt: string }>(row: Row, isSound: () => boolean, mended: () => Row): Row {
  const mark = `${row.id} ${row.updatedAt}`;
  if (known.has(mark)) return row;
  if (!isSound()) return mended();
  if (known.size >= MOST_KNOWN) known.clear();
  known.add(mark);
  return row;
}

/** A row of one type with everything of it that can be read. */
export function soundRow<Row extends { readonly id: string; readonly updatedAt: string }>(
  { schema, blank }: Pick<RecordType, "schema" | "blank">,
  row: Row,
): Row {
  return once(
    row,
    () => {
      const parsed = v.safeParse(schema, row);
      // Rows are put in order by their texts: a moment of another zone is brought into its one form first.
      return parsed.success && isSame(parsed.output, row);
    },
    () => salvage(schema, row, blank(row.id)) as Row,
  );
}

/** How a station's record is held against its schema. */
type StationShape = Pick<Station, "schema" | "blank">;

/** A row of a station with everything of it that can be read. */
export const soundStation = ({ schema, blank }: StationShape, row: StationRecord): StationRecord =>
  once(
    row,
    () =>
      v.is(schema, row.data) &&
      (row.skippedReason === null || typeof row.skippedReason === "string") &&
      Array.isArray(row.earlier) &&
      row.earlier.every(({ data }) => v.is(schema, data)),
    () => ({
      ...row,
      data: salvage(schema, row.data, blank) as never,
      skippedReason: typeof row.skippedReason === "string" ? row.skippedReason : null,
      earlier: (Array.isArray(row.earlier) ? row.earlier : [])
        .filter((round) => isLoose(round) && typeof round.at === "string" && (SET_ASIDE as readonly unknown[]).includes(round.why))
        .map((round) => ({ ...round, data: salvage(schema, round.data, blank) as never })),
    }),
  );
