import type { MeterFunction, MeterShows } from "../meter-line";
import { parseReading, QUANTITIES, takeReading, type Entry, type Meter, type Quantity, type ReadingOrigin } from "../quantity";
import { beginHold, holdNext, loseHold, type HeldFigure, type Hold } from "./hold";
import { lookOut, type HandIn, type LookOut } from "./look-out";

/** What a meter shows, at a moment. */
export interface ShownAt extends MeterShows {
  /** since any fixed moment [ms] */
  readonly atMs: number;
}

/** How taking by itself stands, whatever the meter is set to. */
export interface Taking {
  readonly set: MeterFunction | null;
  /** null: what it is set to is not taken by itself */
  readonly hold: Hold | null;
  /** what is to look out for, and since when it has stood [ms] */
  readonly out: { readonly what: LookOut; readonly sinceMs: number; readonly isTold: boolean } | null;
  /** what was asked for as the touch began; undefined: a figure was just taken in it, and what is asked for next counts */
  readonly begunFor: string | null | undefined;
  /** what the last figure was of */
  readonly takenFor: string | null;
}

export const NOTHING_TAKEN: Taking = { set: null, hold: null, out: null, begunFor: null, takenFor: null };

/** What one more sample gave. */
export interface AfterShown {
  readonly taking: Taking;
  readonly figure: HeldFigure | null;
  /** something else was asked for as the touch began: the figure is none of what is asked for now */
  readonly isAskedAnew: boolean;
  /** told now, and not with every sample it lasts */
  readonly news: LookOut | null;
}

/** What passes by itself stands for so long before it is told [ms]; what can hurt is told at once. */
const TOLD_AFTER_MS: Readonly<Record<LookOut, number>> = {
  "live-volts": 0,
  "volts-on-leads": 400,
  // A dial is turned past what lies between.
  "wrong-function": 1200,
  // A meter goes to a finer range by itself, as a rule within two seconds.
  "coarse-range": 3500,
  "beyond-range": 2500,
};

function outAfter(taking: Taking, what: LookOut | null, atMs: number): Pick<AfterShown, "news"> & Pick<Taking, "out"> {
  if (what === null) return { out: null, news: null };
  const before = taking.out?.what === what ? taking.out : { what, sinceMs: atMs, isTold: false };
  const isNews = !before.isTold && atMs - before.sinceMs >= TOLD_AFTER_MS[what];
  return { out: { ...before, isTold: before.isTold || isNews }, news: isNews ? what : null };
}

/** Volts are as many with the tips exchanged. */
const unsigned = (display: string, set: MeterFunction): string => (set === "voltage" ? display.replace(/^-/, "") : display);

/** What a touch is of: what was asked for as it began. What is asked for may change while the tips are on. */
function touchedFor({ hold, begunFor, takenFor }: Taking, asked: string | null): Taking["begunFor"] {
  const isApart = hold === null || (hold.run.length === 0 && hold.tap === null);
  if (isApart) return asked;
  // After a figure the same touch may slide on to what is asked for next.
  return begunFor === undefined && asked !== null && asked !== takenFor ? asked : begunFor;
}

/**
 * One more sample: what is taken with it, and what is to look out for. While the meter shows what is wrong, nothing is taken.
 * @param taking how it stood
 * @param shown what the meter shows now
 * @param hand what is asked for, and whether the circuit is dead
 * @returns how it stands, the figure that was taken, and what is to be told now; null: nothing
 */
export function takeNext(taking: Taking, shown: ShownAt, hand: HandIn): AfterShown {
  const set = shown.function;
  const hold = set === taking.set ? taking.hold : set === "other" ? null : beginHold(set);
  const what = lookOut(shown, hand);
  const { out, news } = outAfter(taking, what, shown.atMs);
  const begunFor = touchedFor({ ...taking, hold }, hand.asked);
  const next: Taking = { ...taking, set, hold, out, begunFor };
  if (what === "live-volts" || what === "volts-on-leads" || hold === null)
    return { taking: { ...next, hold: hold && loseHold(hold) }, figure: null, isAskedAnew: false, news };
  const { hold: held, figure } = holdNext(hold, { ...shown, display: unsigned(shown.display, set) });
  const isAskedAnew = figure !== null && hand.asked !== null && hand.asked !== begunFor;
  const isTaken = figure !== null && hand.asked !== null && !isAskedAnew;
  return { taking: { ...next, hold: held, ...(isTaken ? { begunFor: undefined, takenFor: hand.asked } : {}) }, figure, isAskedAnew, news };
}

/**
 * The line went down, or something else is asked for: a touch that is under way gives nothing.
 * @param taking how it stood
 * @returns nothing is touched
 */
export const loseTaking = ({ set, hold }: Taking): Taking => ({ ...NOTHING_TAKEN, set, hold: hold && loseHold(hold) });

const DISPLAY = /^([>+-]?)\s*(\d*)(?:\.(\d*))?\s*(.*)$/;

/** How a person writes a unit behind a figure of this quantity: its prefix alone, or nothing where it is the usual one. */
const SHORT_UNITS: Readonly<Partial<Record<Quantity, Readonly<Record<string, string>>>>> = {
  resistance: { Ω: "", kΩ: "k", MΩ: "M" },
  capacitance: { µF: "", nF: "n" },
  insulation: { MΩ: "", kΩ: "k", GΩ: "G" },
};
const shortUnit = (unit: string, quantity: Quantity): string =>
  SHORT_UNITS[quantity]?.[unit] ?? (unit === QUANTITIES[quantity].symbol || unit === "" ? "" : ` ${unit}`);

/**
 * A figure as it is written into a field: with the digits of the display of its moment, its unit as short as a person writes it.
 * @param value in the base unit of the quantity; null: over limit; absent: what the display shows
 * @param display what the meter showed then
 */
export function heldText(display: string, quantity: Quantity, value?: number | null): string {
  const shows = unsigned(display, quantity);
  const read = parseReading(shows, quantity);
  const match = DISPLAY.exec(shows);
  if (value === null) return "OL";
  if (!read.ok || !match) return display;
  if (read.value.kind === "over-limit") return "OL";
  const [, sign = "", whole = "", decimals = "", unit = ""] = match;
  const amount = Number(`${whole || "0"}.${decimals || "0"}`);
  const factor = amount === 0 ? 1 : Math.abs(read.value.value) / amount;
  const digits = (value === undefined ? amount : Math.abs(value) / factor).toFixed(decimals.length);
  return `${sign === "+" ? "" : sign}${digits}${shortUnit(unit, quantity)}`;
}

/**
 * An entry as a display has it: its digits with the whole unit.
 * @param entry a figure as it is written into a field
 * @returns the text alone where there is no figure
 * @example shownText of `4.712k`, ohms = `4.712 kΩ`
 */
export function shownText({ text, reading }: Entry): string {
  if (reading === null || reading.kind === "over-limit") return text;
  const [, figure = text, prefix = ""] = /^(.*\d)\s*([kMGn])$/.exec(text) ?? [];
  const { symbol } = QUANTITIES[reading.quantity];
  // The usual unit of farads and of insulation has a prefix of its own.
  return `${figure} ${prefix === "" ? symbol : prefix + symbol.replace(/^[µM]/, "")}`;
}

/** Where a figure that was taken came from. */
export interface TakenFrom {
  readonly meter: Meter;
  readonly at: string;
  readonly origin: ReadingOrigin;
  /** the line it was read of, as it came */
  readonly line: string;
}

/**
 * A figure that was taken, as an entry: with the uncertainty of the meter's data sheet and, where it was averaged, its scatter.
 * @param figure what was taken
 * @param display what the meter showed then
 * @param quantity of the field it goes to
 * @param from where it came from
 * @returns the entry to keep
 */
export function heldEntry(
  { value, standardUncertainty }: Pick<HeldFigure, "value" | "standardUncertainty">,
  display: string,
  quantity: Quantity,
  { meter, at, origin, line }: TakenFrom,
): Entry {
  const { entry } = takeReading(heldText(display, quantity, value), quantity, meter, at, origin);
  const { reading } = entry;
  if (reading === null) return entry;
  const of = reading.standardUncertainty;
  return { ...entry, reading: { ...reading, standardUncertainty: of === null ? null : Math.hypot(of, standardUncertainty), line } };
}

/**
 * What a meter shows now, as an entry: taken by a key, settled or not.
 * @param display as it is shown
 * @param quantity of the field it goes to
 * @param from where it came from
 * @returns the entry to keep; without a reading where the display cannot be read
 */
export function shownEntry(display: string, quantity: Quantity, { meter, at, origin, line }: TakenFrom): Entry {
  const { entry } = takeReading(heldText(display, quantity), quantity, meter, at, origin);
  return entry.reading ? { ...entry, reading: { ...entry.reading, line } } : entry;
}
