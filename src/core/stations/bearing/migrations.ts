import { isLoose } from "../../kept";
import type { StationMigrations } from "../../station";

/** Both ends with fields they did not have. */
const withAdded = (ends: unknown, added: Record<string, null>): unknown =>
  isLoose(ends)
    ? Object.fromEntries(Object.entries(ends).map(([end, record]) => [end, isLoose(record) ? { ...added, ...record } : record]))
    : ends;
/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const bearingMigrations: StationMigrations = {
  // How each ring sits, as the hand finds it.
  17: ({ ends, ...rest }) => ({
    ...rest,
    ends: withAdded(ends, { shaftByHand: null, seatByHand: null }),
  }),
  // A photo of each stamp.
  19: ({ ends, ...rest }) => ({ ...rest, ends: withAdded(ends, { photo: null }) }),
};
