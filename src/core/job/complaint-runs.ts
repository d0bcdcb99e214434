import type { Complaint } from "../trade";

/** What a complaint says of a motor that gets power. */
interface ComplaintRow {
  /** it comes up by itself, or with help, or never; null: nothing is said of it */
  readonly comesUp: "by-itself" | "hardly" | "never" | null;
  /** leads to the frame before its first power on the visit: it does not run, trips or smells */
  readonly asksFrame: boolean;
}

/** @source practice of electrical safety: insulation to the frame before a doubtful motor is energised */
export const COMPLAINT_RUNS: Readonly<Record<Complaint, ComplaintRow>> = {
  "does-not-run": { comesUp: "never", asksFrame: true },
  dead: { comesUp: "never", asksFrame: true },
  "hums-no-start": { comesUp: "never", asksFrame: true },
  "starts-with-push": { comesUp: "hardly", asksFrame: false },
  "starts-slow": { comesUp: "hardly", asksFrame: false },
  "trips-at-start": { comesUp: "hardly", asksFrame: true },
  "trips-running": { comesUp: "by-itself", asksFrame: true },
  "trips-at-once": { comesUp: "never", asksFrame: true },
  "runs-hot": { comesUp: "by-itself", asksFrame: false },
  "burning-smell": { comesUp: null, asksFrame: true },
  squeals: { comesUp: "by-itself", asksFrame: false },
  rumbles: { comesUp: "by-itself", asksFrame: false },
  vibrates: { comesUp: "by-itself", asksFrame: false },
  "slow-or-weak": { comesUp: "by-itself", asksFrame: false },
  "runs-backwards": { comesUp: "by-itself", asksFrame: false },
  "high-current": { comesUp: null, asksFrame: false },
  "cuts-out-and-returns": { comesUp: "by-itself", asksFrame: false },
  intermittent: { comesUp: null, asksFrame: false },
  "noisy-hum": { comesUp: null, asksFrame: false },
};

/**
 * Whether the motor starts by itself, by what is complained of.
 * @param complaints what was said
 * @param isUsual it starts unless something says otherwise, as on a yearly check
 * @returns true where something says so and nothing says otherwise
 */
export function saysItStarts(complaints: readonly Complaint[], isUsual: boolean): boolean {
  const told = complaints.map((each) => COMPLAINT_RUNS[each].comesUp);
  return (isUsual || told.includes("by-itself")) && !told.includes("hardly") && !told.includes("never");
}

/**
 * Whether something says that the motor never comes up, so that nothing is read while it runs.
 * @param complaints what was said
 * @returns true where one does
 */
export const saysItStands = (complaints: readonly Complaint[]): boolean =>
  complaints.some((each) => COMPLAINT_RUNS[each].comesUp === "never");
