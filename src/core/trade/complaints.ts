/** What a complaint is, apart from the faults that make people say it. */
interface ComplaintSpec {
  /**
   * Complaints of one kind are said instead of one another: of a motor that does not come up, of when it trips, of the noise it
   * makes; null: it is said for itself.
   */
  readonly kind: "standing" | "trips" | "noise" | null;
  /** it comes up by itself, or with help, or never; null: nothing is said of it */
  readonly comesUp: "by-itself" | "hardly" | "never" | null;
  /** leads to the frame before its first power on the visit: it does not run, trips or smells */
  readonly asksFrame: boolean;
}

/**
 * Complaints, a row each; their order is the one they are shown in. How likely a fault makes people say one stands in
 * `core/diagnosis/complaint-table.ts`, its words in `features/vocabulary/complaint-words.ts`. Ids are persisted: do not change
 * without a migration.
 * @source practice of electrical safety: insulation to the frame before a doubtful motor is energised
 */
const COMPLAINT_SPECS = {
  "does-not-run": { kind: "standing", comesUp: "never", asksFrame: true },
  dead: { kind: "standing", comesUp: "never", asksFrame: true },
  "hums-no-start": { kind: "standing", comesUp: "never", asksFrame: true },
  "starts-with-push": { kind: "standing", comesUp: "hardly", asksFrame: false },
  "starts-slow": { kind: null, comesUp: "hardly", asksFrame: false },
  "trips-at-start": { kind: "trips", comesUp: "hardly", asksFrame: true },
  "trips-running": { kind: "trips", comesUp: "by-itself", asksFrame: true },
  "trips-at-once": { kind: "trips", comesUp: "never", asksFrame: true },
  "runs-hot": { kind: null, comesUp: "by-itself", asksFrame: false },
  "burning-smell": { kind: null, comesUp: null, asksFrame: true },
  squeals: { kind: "noise", comesUp: "by-itself", asksFrame: false },
  rumbles: { kind: "noise", comesUp: "by-itself", asksFrame: false },
  vibrates: { kind: "noise", comesUp: "by-itself", asksFrame: false },
  "slow-or-weak": { kind: null, comesUp: "by-itself", asksFrame: false },
  "runs-backwards": { kind: null, comesUp: "by-itself", asksFrame: false },
  "high-current": { kind: null, comesUp: null, asksFrame: false },
  "cuts-out-and-returns": { kind: null, comesUp: "by-itself", asksFrame: false },
  intermittent: { kind: null, comesUp: null, asksFrame: false },
  "noisy-hum": { kind: "noise", comesUp: null, asksFrame: false },
} as const satisfies Record<string, ComplaintSpec>;
export type Complaint = keyof typeof COMPLAINT_SPECS;
export const COMPLAINTS = Object.keys(COMPLAINT_SPECS) as [Complaint, ...Complaint[]];

/**
 * What a complaint is.
 * @param complaint which one
 * @returns its row
 */
export const complaintSpec = (complaint: Complaint): ComplaintSpec => COMPLAINT_SPECS[complaint];

/**
 * Complaints that are said instead of one another.
 * @param kind of what
 * @returns their ids
 */
export const complaintsOf = (kind: ComplaintSpec["kind"]): readonly Complaint[] =>
  COMPLAINTS.filter((each) => complaintSpec(each).kind === kind);

/** Trips are told by when: one of them is said instead of the others. */
export const TRIPS: readonly Complaint[] = complaintsOf("trips");
