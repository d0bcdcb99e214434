import * as v from "valibot";
import { EPOCH, MomentSchema, textSchema } from "@/core/kept";
import { toOneForm } from "./one-form";
import { defineRecordType } from "./record-type";

export const TravellerIdSchema = v.pipe(v.string(), v.regex(/^[A-Za-z0-9-]{1,64}$/, "letters, digits and dashes"), v.brand("TravellerId"));
export type TravellerId = v.InferOutput<typeof TravellerIdSchema>;

/** Times a card may come back. */
const MOST_RETURNS = 200;

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
    isDemo: false,
  }),
  migrations: [
    // Version 2: callbacks.
    { to: 2, migrate: (row) => ({ cameBackAt: [], ...row }) },
    { to: 3, migrate: toOneForm },
    // Version 4: what comes back has a card of its own.
    { to: 4, migrate: (row) => ({ callbackOf: null, ...row }) },
  ],
});

/** Takes an id from a link or a file, or nothing. */
export function parseTravellerId(text: string | null): TravellerId | null {
  const parsed = v.safeParse(TravellerIdSchema, text);
  return parsed.success ? parsed.output : null;
}
