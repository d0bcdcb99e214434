import type { MendId } from "./works";

/** What shows that a work was right. */
export type MendProof = "starts-by-itself" | "quiet" | "frame-clear" | "no-heat-at-joint" | "turns-free" | "amps-near-plate" | "right-way";

interface MendJob {
  /** minutes it takes; trade judgement */
  readonly minutes: number;
  readonly proof: MendProof;
}

/** What each work without a part takes, and what shows that it was right. @source trade practice */
export const MEND_JOBS: Readonly<Record<MendId, MendJob>> = {
  "seat-or-fasten": { minutes: 15, proof: "quiet" },
  "clean-contacts": { minutes: 20, proof: "starts-by-itself" },
  "free-governor": { minutes: 25, proof: "starts-by-itself" },
  "grease-bearings": { minutes: 20, proof: "quiet" },
  "dry-out": { minutes: 30, proof: "frame-clear" },
  "rejoin-lead": { minutes: 20, proof: "no-heat-at-joint" },
  "tighten-terminal": { minutes: 10, proof: "no-heat-at-joint" },
  "free-rotor": { minutes: 20, proof: "turns-free" },
  "clean-wheel": { minutes: 30, proof: "quiet" },
  "connect-for-volts": { minutes: 15, proof: "amps-near-plate" },
  "turn-way-round": { minutes: 15, proof: "right-way" },
  "turn-rotor-round": { minutes: 45, proof: "right-way" },
};
