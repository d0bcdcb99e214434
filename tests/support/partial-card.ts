import { DEFAULT_METER, toHouseFigures, type HouseFigures } from "@/core/house";
import { takeReading, type Entry, type Quantity } from "@/core/quantity";
import {
  assessTraveller,
  stationOf,
  type StationData,
  type StationEntries,
  type StationId,
  type TravellerAssessment,
} from "@/core/stations";

/** A card of which only some fields were keyed; the rest is blank. */
export type Parts = { readonly [Id in StationId]?: Partial<StationData<Id>> };

/** Records of such a card. */
export const entriesOf = (parts: Parts): StationEntries =>
  Object.fromEntries(
    Object.entries(parts).map(([id, part]) => [
      id,
      { skippedReason: null, data: { ...(stationOf(id as StationId).blank as object), ...part } },
    ]),
  ) as StationEntries;

export const assessParts = (parts: Parts, house: HouseFigures = toHouseFigures({})): TravellerAssessment =>
  assessTraveller(entriesOf(parts), house);

/** A reading with the usual meter. */
export const readAt = (text: string, quantity: Quantity, at: string): Entry => takeReading(text, quantity, DEFAULT_METER, at).entry;
