import type { LineFault, MeterShows } from "@/core/meter-line";
import type { Meter, ReadingOrigin } from "@/core/quantity";
import type { Failure, Result } from "@/core/result";

/** What a meter shows at one moment. */
export interface MeterSample extends MeterShows {
  /** since any fixed moment [ms] */
  readonly atMs: number;
  /** as it came */
  readonly line: string;
}

/** Who hears what comes over a meter's line. */
export interface MeterListener {
  readonly onSample: (sample: MeterSample) => void;
  /** a line came that is not read; 'too-long': it has no end */
  readonly onUnread: (line: string, fault: LineFault | "too-long") => void;
  /** the line went down; there are no samples after it */
  readonly onLost: () => void;
}

/** A line to a meter, whatever carries it. */
export interface MeterLink {
  /** what a person picks it by */
  readonly name: string;
  readonly origin: ReadingOrigin;
  /** the meter's data sheet; null: that of the house */
  readonly meter: Meter | null;
  /**
   * Opens the line.
   * @returns what closes it again; nothing is told after that
   * @errors 'meter-way-missing', 'meter-not-chosen', 'meter-refused', 'meter-taken', 'meter-bridge-silent', 'meter-failed', and those of a profile
   */
  open(listener: MeterListener): Promise<Result<() => void, Failure>>;
}
