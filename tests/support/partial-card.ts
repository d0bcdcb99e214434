import { assessTraveller, type StationEntries, type TravellerAssessment } from "@/core/traveller";
import { DEFAULT_METER, toHouseFigures, type HouseFigures } from "@/core/house";
import { takeReading, type Entry, type Quantity } from "@/core/quantity";
import { STATIONS, stationOf, type StationData, type StationId } from "@/core/stations";

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

/** A circuit that was locked off and proven dead, without a capacitor in it. */
export const madeSafe = (at: string): Parts => ({
  "make-safe": {
    round: {
      ...STATIONS["make-safe"].blank.round,
      steps: { "breaker-locked": at },
      provenLive: readAt("231", "voltage", at),
      circuitDead: readAt("0.2", "voltage", at),
      provenLiveAgain: readAt("230", "voltage", at),
      capacitorVolts: readAt("0.2", "voltage", at),
    },
    earlier: [],
  },
});
