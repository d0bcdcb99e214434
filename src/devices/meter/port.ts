import { takeReading, type Entry, type Meter, type Quantity } from "@/core/quantity";

/** What a meter shows at one moment: its display as text, and what it is set to measure. */
export interface MeterSample {
  readonly display: string;
  readonly quantity: Quantity;
  /** ISO 8601, UTC */
  readonly at: string;
}

export interface MeterListener {
  readonly onSample: (sample: MeterSample) => void;
  /** the line went down; there are no samples after it */
  readonly onLost: () => void;
}

/** A line to a meter, whatever carries it. */
export interface MeterLink {
  /** what a person picks it by */
  readonly name: string;
  /**
   * Opens the line.
   * @returns closes it again; nothing is told after that
   */
  open(listener: MeterListener): Promise<() => void>;
}

/**
 * A sample as a reading, with the uncertainty of the meter's data sheet.
 * @param sample what the meter showed
 * @param meter the meter's data sheet
 * @returns an entry that says it came over a meter's line; without a reading where the display cannot be read
 */
export const readSample = ({ display, quantity, at }: MeterSample, meter: Meter): Entry =>
  takeReading(display, quantity, meter, at, "meter").entry;
