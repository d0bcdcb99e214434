import { field, recordOf } from "../../fields";
import { ACTIONS, CHANGES_NOTHING, COMPLAINTS, TRIPS, type ActionId, type Complaint } from "../../trade";
import { defineStation, plainAssessment, type EarlierVisit, type StationContext } from "../../station";
import * as v from "valibot";
import { COURSES, EVENTS, type Course, type Event } from "../../diagnosis";
import { ROUTINE } from "../../hearing/routine";
import { saysItTrips } from "../../hearing/trips";
import { saidAsSo } from "../../hearing/turn";
import { hearPurpose, PURPOSE_TABLE, PURPOSES, type Purpose } from "../../job";
import { goneBySaid, type Gone } from "../../capacitor";
import { foreignBySaid, type NotOurs } from "../../motor";
import { complaintMigrations } from "./migrations";

export const complaintRecord = recordOf({
  complaints: field.someOf(COMPLAINTS),
  said: field.note(),
  /** since when, and after what: one tap each, never demanded */
  course: field.someOf(COURSES),
  after: field.someOf(EVENTS),
  /** tapped; null: as it was heard */
  purpose: field.oneOf(PURPOSES),
});

export interface ComplaintDetail {
  readonly complaints: readonly Complaint[];
  readonly said: string;
  readonly course: readonly Course[];
  readonly after: readonly Event[];
  /** the last repair of this motor, on an earlier card: an event by itself; null: none so lately */
  readonly repairedAt: string | null;
  /** what the visit is for: tapped, or heard in what was said */
  readonly purpose: Purpose;
  /** a motor that is not judged here, by what was said */
  readonly notOurs: NotOurs | null;
  /** what was said of the capacitor */
  readonly capacitorGone: Gone | null;
}

/** A repair is remembered as the event for so long. Judgement. */
const EVENT_DAYS = 90;
const DAY_MS = 86_400_000;

const DecidedSchema = v.object({ action: v.nullable(v.picklist(ACTIONS)) });

const decidedAt = (visit: EarlierVisit | undefined): ActionId | null => {
  const decided = v.safeParse(DecidedSchema, visit?.records.decide);
  return decided.success ? decided.output.action : null;
};

/** When this motor was last repaired on an earlier card, if that is not long ago. */
function lastRepair({ earlier, at }: StationContext): string | null {
  const repaired = earlier.filter((visit) => {
    const action = decidedAt(visit);
    return action !== null && !CHANGES_NOTHING.includes(action);
  });
  const last = repaired.at(-1)?.at ?? null;
  return last !== null && at != null && Date.parse(at) - Date.parse(last) <= EVENT_DAYS * DAY_MS ? last : null;
}

/** Machines that make cold: whether they burn gas is not asked. */
const MAKES_COLD =
  /\b(?:refrigerat\w*|fridge|freezer|cold ?room|cooler|chiller|ice (?:maker|machine|cream)|air ?con\w*|condens\w* (?:fan|unit))\b/i;

/** A trip was told, though perhaps nobody said when: what trips is not switched on to listen. */
function mayTrip({ complaints, said }: Pick<ComplaintDetail, "complaints" | "said">): boolean {
  if (complaints.some((complaint) => TRIPS.includes(complaint))) return true;
  return saysItTrips(said);
}

/** What the machine does, in the fixed words and in the customer's own. */
export const complaintStation = defineStation({
  definition: { id: "complaint", power: "either", minutes: 1, tests: [], isOpening: true, cautions: [] },
  ...complaintRecord,
  migrations: complaintMigrations,
  assess(record, context) {
    const { complaints, said, course, after } = record;
    const isEmpty =
      complaints.length === 0 && said.trim() === "" && course.length === 0 && after.length === 0 && (record.purpose ?? "fault") === "fault";
    // Who complains of something has it seen to, whatever else the sentence names.
    const purpose = record.purpose ?? (complaints.length > 0 ? null : hearPurpose(said)) ?? "fault";
    const saidSort = foreignBySaid(said, saidAsSo(said));
    const notOurs: NotOurs | null = saidSort === null ? null : { sort: saidSort, by: "said" };
    const capacitorGone = goneBySaid(said, saidAsSo(said));
    const repairedAt = lastRepair(context);
    const events = repairedAt === null || after.includes("repair") ? after : [...after, "repair" as const];
    return plainAssessment<ComplaintDetail>(
      isEmpty ? "not-done" : "noted",
      { ...record, repairedAt, purpose, notOurs, capacitorGone },
      {
        facts: {
          complaints,
          mayTrip: mayTrip(record),
          makesCold: MAKES_COLD.test(said),
          purpose,
          // Nobody heard or saw a motor on the bench at work: that nothing was said of it says nothing.
          isRoutine: complaints.length === 0 && purpose !== "spare" && (!PURPOSE_TABLE[purpose].asksComplaint || ROUTINE.test(said)),
          history: [...course, ...events],
          capacitorGone,
          notOurs,
          hasWaited: decidedAt(context.earlier.at(-1)) === "wait-and-retest",
        },
      },
    );
  },
});
