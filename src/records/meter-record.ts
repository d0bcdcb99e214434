import * as v from "valibot";
import { EPOCH, MomentSchema } from "@/core/kept";
import { PLAIN_PROFILE, ProfileSchema } from "@/core/meter-line";
import { defineRecordType } from "./record-type";

/** A meter of the house whose line is read: how its line is built, and its data sheet. */
const MeterRecordSchema = v.object({
  id: v.pipe(v.string(), v.regex(/^[A-Za-z0-9-]{1,64}$/, "letters, digits and dashes")),
  profile: ProfileSchema,
  updatedAt: MomentSchema,
});
export type MeterRecord = v.InferOutput<typeof MeterRecordSchema>;

export const meterType = defineRecordType("meter", {
  schema: MeterRecordSchema,
  blank: (id) => ({ id, profile: PLAIN_PROFILE, updatedAt: EPOCH }),
  migrations: [],
});
