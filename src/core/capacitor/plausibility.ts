/** Something about a figure that probably went wrong while it was taken or keyed. */
export type Doubt =
  /** a thousand times the label: nanofarads keyed as microfarads */
  | { readonly code: "thousand-high"; readonly readingUf: number; readonly ratedUf: number }
  /** a thousandth of the label: millifarads, or a part that is open */
  | { readonly code: "thousand-low"; readonly readingUf: number; readonly ratedUf: number }
  | { readonly code: "other-path" }
  | { readonly code: "unsettled" }
  | { readonly code: "volts-in-amps"; readonly amps: number }
  | { readonly code: "amps-in-volts"; readonly volts: number }
  | { readonly code: "volts-below-line"; readonly volts: number; readonly supplyV: number }
  | { readonly code: "start-device-in-lead" }
  | { readonly code: "frequency-unknown" };

/** A slip of three places leaves the ratio within this factor of a thousand. */
const THOUSAND = 1000;
const SLIP_FACTOR = 3;
const isAbout = (ratio: number, value: number): boolean => ratio > value / SLIP_FACTOR && ratio < value * SLIP_FACTOR;

/**
 * Doubts about a capacitance the meter showed, against the rating on the label.
 * @param readingUf what the meter showed [µF]
 * @param ratedUf rating of the section [µF]
 * @returns doubts, or none
 */
export function doubtsOfMeter(readingUf: number, ratedUf: number): Doubt[] {
  const ratio = readingUf / ratedUf;
  if (isAbout(ratio, THOUSAND)) return [{ code: "thousand-high", readingUf, ratedUf }];
  return isAbout(ratio, 1 / THOUSAND) ? [{ code: "thousand-low", readingUf, ratedUf }] : [];
}

/** No single-phase motor of this trade draws so much in its capacitor's lead. */
const MOST_AMPS = 60;
/** Nor does a capacitor on the line see so little. */
const LEAST_VOLTS = 40;
/** A working run capacitor sees more than the line; a little less is allowed for a sagging supply. */
const LEAST_PART_OF_LINE = 0.8;

/**
 * Doubts about amps and volts of the running method; `supplyV` null: not known.
 * @param amps measured [A]; null: nothing yet
 * @param volts measured across it [V]; null: nothing yet
 * @param supplyV of the supply [V]; null: not known
 * @returns doubts, or none
 */
export function doubtsOfRunning(amps: number | null, volts: number | null, supplyV: number | null): Doubt[] {
  const doubts: Doubt[] = [];
  if (amps !== null && amps > MOST_AMPS) doubts.push({ code: "volts-in-amps", amps });
  if (volts !== null && volts > 0 && volts < LEAST_VOLTS) doubts.push({ code: "amps-in-volts", volts });
  else if (volts !== null && volts > 0 && supplyV !== null && volts < LEAST_PART_OF_LINE * supplyV)
    doubts.push({ code: "volts-below-line", volts, supplyV });
  return doubts;
}

/** Doubts that leave no figure to judge: it has to be taken again. */
export const BLOCKING_DOUBTS: ReadonlySet<Doubt["code"]> = new Set([
  "thousand-high",
  "unsettled",
  "volts-in-amps",
  "amps-in-volts",
  "start-device-in-lead",
]);
