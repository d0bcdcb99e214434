import { isLoose } from "../../kept";
import type { StationMigrations } from "../../station";

const withHand = (end: unknown): unknown => (isLoose(end) ? { shaftByHand: null, seatByHand: null, ...end } : end);

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const bearingMigrations: StationMigrations = {
  // How each ring sits, as the hand finds it.
  17: ({ ends, ...rest }) => ({
    ...rest,
    ends: isLoose(ends) ? Object.fromEntries(Object.entries(ends).map(([end, record]) => [end, withHand(record)])) : ends,
  }),
};
