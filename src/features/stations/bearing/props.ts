import type { BearingEnd } from "@/core/stations";
import type { BearingRecord, EndRecord } from "@/core/stations/bearing";
import type { InstrumentProps } from "../contract";
import type { Detail } from "./words";

export type Props = InstrumentProps<"bearing", Detail>;

/** A record with one end changed. */
export const withEnd = (record: BearingRecord, end: BearingEnd, change: Partial<EndRecord>): BearingRecord => ({
  ...record,
  ends: { ...record.ends, [end]: { ...record.ends[end], ...change } },
});
