import { DEFAULT_METER } from "../house";
import { takeReading, type Entry, type Quantity } from "../quantity";
import type { StationData, StationId } from "../stations";
import type { Chance } from "./chance";
import type { HiddenCase } from "./told";

/** What was keyed at one station, the fields that changed. */
export interface Keyed<Id extends StationId = StationId> {
  readonly station: Id;
  readonly data: Partial<StationData<Id>>;
}

export interface Making {
  readonly hidden: HiddenCase;
  readonly chance: Chance;
  readonly at: string;
  /** what the station has so far */
  readonly record: <Id extends StationId>(id: Id) => StationData<Id>;
}
export type Maker = (making: Making) => Keyed;

export const keyed = <Id extends StationId>(station: Id, data: Partial<StationData<Id>>): Keyed => ({ station, data }) as Keyed;

/** A meter is off by its own error on every figure; one figure in fifty is misread by a digit. */
const METER_SD = 0.006;
export const MISREAD = 0.02;
export function shown(value: number, digits: number, { chance, hidden }: Making): string {
  const read = Math.max(0, value * (1 + METER_SD * chance.normal()));
  const text = read.toFixed(digits);
  if (!chance.is(hidden.misreads) || read === 0) return text;
  // A 3 for an 8, one place in the middle: what a glance gets wrong.
  return text.replace(/[38]/, (digit) => (digit === "3" ? "8" : "3"));
}
export const entryOf = (text: string, quantity: Quantity, { at }: Making): Entry =>
  takeReading(text, quantity, DEFAULT_METER, at, "simulation").entry;
export const placesFor = (value: number): number => (value < 10 ? 2 : value < 100 ? 1 : 0);
export const figure = (value: number, quantity: Quantity, making: Making, places = placesFor(value)): Entry =>
  entryOf(shown(value, places, making), quantity, making);
export const over = (quantity: Quantity, making: Making): Entry => entryOf("OL", quantity, making);
export const ohm = (value: number, making: Making): Entry => figure(value, "resistance", making, value < 100 ? 1 : 0);
