import type { BearingEnd } from "@/core/bearing";
import type { BearingRecord, EndRecord } from "@/core/stations/bearing";
import type { InstrumentProps } from "../../station/contract";
import type { Detail } from "./words";

export type Props = InstrumentProps<"bearing", Detail>;

/** What each panel is given beside: the bearing in hand. */
export interface PanelProps extends Props {
  readonly end: BearingEnd;
  readonly onEnd: (end: BearingEnd) => void;
}

/** A record with one end changed. */
export const withEnd = (record: BearingRecord, end: BearingEnd, change: Partial<EndRecord>): BearingRecord => ({
  ...record,
  ends: { ...record.ends, [end]: { ...record.ends[end], ...change } },
});
