import * as v from "valibot";
import { isDay, toMoment } from "./moment";

/** A moment, brought into its one form while it is read. */
export const MomentSchema = v.pipe(
  v.string(),
  v.isoTimestamp(),
  v.rawTransform(({ dataset, addIssue, NEVER }) => {
    const moment = toMoment(dataset.value);
    if (moment !== null) return moment;
    addIssue({ message: "no moment of the years 1970 to 2199" });
    return NEVER;
  }),
);
/** A day of the calendar, in nobody's zone. */
export const DaySchema = v.pipe(v.string(), v.isoDate(), v.check(isDay, "no day of the years 1970 to 2199"));
