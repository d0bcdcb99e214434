import * as v from "valibot";
import { DUE_KINDS } from "@/core/due/due-kinds";
import { DaySchema, EPOCH, MomentSchema, textSchema } from "@/core/kept";
import { toOneForm } from "./one-form";
import { defineRecordType } from "./record-type";

export const TravellerIdSchema = v.pipe(v.string(), v.regex(/^[A-Za-z0-9-]{1,64}$/, "letters, digits and dashes"), v.brand("TravellerId"));
export type TravellerId = v.InferOutput<typeof TravellerIdSchema>;

/** Times a card may come back. */
const MOST_RETURNS = 200;

const MotorIdSchema = v.pipe(v.string(), v.regex(/^[a-z0-9-]{4,64}$/, "small letters, digits and dashes"));

const SaidMotorSchema = v.object({
  /** visits with one id are of one motor */
  id: MotorIdSchema,
  /** moment of the change: what was changed at once is undone at once */
  at: MomentSchema,
  /** `followed`: a later visit under the names of one that was changed. Persisted: do not change without a migration. */
  how: v.picklist(["made-one", "parted", "followed"]),
});
/** Which motor a visit is of, where somebody said otherwise than the names of machine and site do. */
const MotorOfVisitSchema = v.object({
  ...SaidMotorSchema.entries,
  /** what was said before; null: nothing, and the names hold */
  was: v.nullable(SaidMotorSchema),
});
export type MotorOfVisit = v.InferOutput<typeof MotorOfVisitSchema>;

/** Follow-ups of one visit that are put off. */
const MOST_PUT_OFF = 20;
const PutOffSchema = v.object({
  kind: v.picklist(DUE_KINDS),
  until: DaySchema,
  why: textSchema("note"),
  at: MomentSchema,
});
export type PutOff = v.InferOutput<typeof PutOffSchema>;

/** One motor on one visit. */
export const TravellerSchema = v.object({
  id: TravellerIdSchema,
  machine: textSchema("printed"),
  site: textSchema("printed"),
  technician: textSchema("printed"),
  createdAt: MomentSchema,
  updatedAt: MomentSchema,
  /** signed off; null while it is on the rack */
  finishedAt: v.nullable(MomentSchema),
  /** the card it came back from, whose work did not cure it or did not hold; null: it is none that came back */
  callbackOf: v.nullable(TravellerIdSchema),
  /** every time it came back after it was signed off; each has a card of its own, older ones were opened again */
  cameBackAt: v.pipe(v.array(MomentSchema), v.maxLength(MOST_RETURNS)),
  /** null: the motor that the names of machine and site say */
  motor: v.nullable(MotorOfVisitSchema),
  /** follow-ups that somebody put off, each kind once */
  putOff: v.pipe(v.array(PutOffSchema), v.maxLength(MOST_PUT_OFF)),
  /** part of the demo scenario: cleared and brought back as one, never mixed with a person's own */
  isDemo: v.boolean(),
});
export type Traveller = v.InferOutput<typeof TravellerSchema>;

export const travellerType = defineRecordType("traveller", {
  schema: TravellerSchema,
  blank: (id) => ({
    id,
    machine: "",
    site: "",
    technician: "",
    createdAt: EPOCH,
    updatedAt: EPOCH,
    finishedAt: null,
    callbackOf: null,
    cameBackAt: [],
    motor: null,
    putOff: [],
    isDemo: false,
  }),
  migrations: [
    // Version 2: callbacks.
    { to: 2, migrate: (row) => ({ cameBackAt: [], ...row }) },
    { to: 3, migrate: toOneForm },
    // Version 4: what comes back has a card of its own.
    { to: 4, migrate: (row) => ({ callbackOf: null, ...row }) },
    // Version 5: visits that are of one motor, or of two, whatever their names; follow-ups that were put off.
    { to: 5, migrate: (row) => ({ motor: null, putOff: [], ...row }) },
  ],
});

/** Takes an id from a link or a file, or nothing. */
export function parseTravellerId(text: string | null): TravellerId | null {
  const parsed = v.safeParse(TravellerIdSchema, text);
  return parsed.success ? parsed.output : null;
}
