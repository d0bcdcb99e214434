/** Why a record of a file does not fit. Each has its words in features/messages/fault-sentences.ts. */
export const FAULT_REASONS = [
  "too-long",
  "too-many",
  "missing",
  "unknown-word",
  "out-of-bounds",
  "no-moment",
  "wrong-kind",
  "no-card",
  "unreadable",
] as const;
export type FaultReason = (typeof FAULT_REASONS)[number];

/** One record that cannot be kept as it stands, and why. No words of the interface, and none of a library. */
export interface RecordFault {
  readonly recordType: string;
  /** what a person knows it by: machine, label; null where it says nothing that can be read */
  readonly name: string | null;
  /** station, of a station's record */
  readonly station: string | null;
  /** the field at fault; null: the record as a whole */
  readonly field: string | null;
  readonly reason: FaultReason;
  /** most that fits, where that is the trouble */
  readonly most: number | null;
}
