import * as v from "valibot";
import { COMPLAINTS, hear, type Complaint } from "../../diagnosis";
import { defineStation, plainAssessment } from "../contract";
import { NoteSchema } from "../fields";

const schema = v.object({
  complaints: v.array(v.picklist(COMPLAINTS)),
  said: NoteSchema,
});

export interface ComplaintDetail {
  readonly complaints: readonly Complaint[];
  readonly said: string;
}

const TRIPS: readonly Complaint[] = ["trips-at-once", "trips-at-start", "trips-running"];

/** A trip was told, though perhaps nobody said when: what trips is not switched on to listen. */
function mayTrip({ complaints, said }: ComplaintDetail): boolean {
  if (complaints.some((complaint) => TRIPS.includes(complaint))) return true;
  // Only what does not run is switched on to listen: only there are the words heard again.
  return complaints.includes("does-not-run") && hear(said).asks.some(({ id }) => id === "trips-when");
}

/** What the machine does, in the fixed words and in the customer's own. */
export const complaintStation = defineStation({
  definition: { id: "complaint", power: "either", minutes: 1, tests: [], isOpening: true, cautions: [] },
  schema,
  blank: { complaints: [], said: "" },
  assess(record) {
    const isEmpty = record.complaints.length === 0 && record.said.trim() === "";
    return plainAssessment<ComplaintDetail>(isEmpty ? "not-done" : "noted", record, {
      facts: { complaints: record.complaints, mayTrip: mayTrip(record) },
    });
  },
});
