import { parseCapacitorLabel } from "../capacitor";
import { DEFAULT_METER } from "../house";
import { readingsIn } from "../job";
import { takeReading, type Entry, type Quantity } from "../quantity";
import { observe, ownValue } from "../simulation";
import { STATIONS, type StationData, type StationId } from "../stations";
import type { TestId } from "../trade";
import type { MockWorld } from "./world";

/** A place where tips, clamp or tester can be put, and what the instrument shows there. */
export interface TipPlace {
  /** names it among those of its station */
  readonly id: string;
  /** posts by their place, or a name that is looked up */
  readonly at: { readonly posts: readonly [number, number] } | { readonly lead: number } | { readonly name: string };
  readonly quantity: Quantity;
  readonly entry: Entry;
}

const noRecord = <Id extends StationId>(id: Id): StationData<Id> => STATIONS[id].blank as StationData<Id>;
/** Tests whose figures are read by tips at each station. */
export const TIP_TESTS: Readonly<Partial<Record<StationId, readonly TestId[]>>> = {
  windings: ["winding-ohms"],
  frame: ["frame-ohms"],
  insulation: ["insulation"],
  capacitor: ["capacitor-meter", "capacitor-running"],
  "start-gear": ["switch-ohms"],
  supply: ["supply-voltage"],
  "run-test": ["run-amps", "start-winding-amps", "speed", "start-time"],
  prove: ["run-amps", "start-winding-amps", "speed"],
};

/** Places of what was observed, each by the way to its entry. */
const placesIn = (station: StationId, observed: object): TipPlace[] =>
  readingsIn(observed).flatMap(({ path }) => {
    const entry = path
      .split("/")
      .reduce<unknown>((value, step) => (step === "" ? value : (value as Record<string, unknown>)[step]), observed) as Entry;
    const name = path.slice(1).replaceAll("/", ".");
    return entry.reading ? [{ id: name, at: { name: `${station}.${name}` }, quantity: entry.reading.quantity, entry }] : [];
  });

/** The board has no place in what was observed: its pairs have. */
function pairPlaces(data: Partial<StationData<"windings">>): TipPlace[] {
  return (data.pairs ?? []).map(({ a, b, entry }) => ({ id: `${a}-${b}`, at: { posts: [a, b] }, quantity: "resistance", entry }));
}

/** The second capacitor is read once the first has its label. */
const withLabel = <Id extends StationId>(id: Id): StationData<Id> =>
  (id === "capacitor" ? { ...STATIONS.capacitor.blank, label: "known" } : STATIONS[id].blank) as StationData<Id>;

/**
 * Every place at a station where the instrument can be put, and what it shows there with the power as that test needs it.
 * @param world the motor as it stands
 * @param station where
 * @param test which of its tests
 * @param at moment, ISO 8601
 * @returns in the order they are read
 */
export function tipPlaces({ hidden }: Pick<MockWorld, "hidden">, station: StationId, test: TestId, at: string): readonly TipPlace[] {
  const { data } = observe(hidden, test, at, noRecord);
  if (station === "windings") return pairPlaces(data as Partial<StationData<"windings">>);
  if (station === "frame")
    return ((data as Partial<StationData<"frame">>).readings ?? []).flatMap((entry, lead) =>
      entry ? [{ id: `lead-${lead}`, at: { lead }, quantity: "resistance" as const, entry }] : [],
    );
  const places = placesIn(station, data);
  if (test !== "capacitor-meter") return places;
  const both = placesIn(station, observe(hidden, test, at, withLabel).data);
  return [...places, ...both.filter(({ id }) => id.startsWith("second"))];
}

/**
 * A capacitor that is to go in, on the meter before it does: sound, and somewhere within its label.
 * @param world the motor it is for
 * @param label as it was keyed
 * @param at moment, ISO 8601
 * @returns where the meter is put; null: the label says no value
 */
export function newPartPlace({ hidden }: Pick<MockWorld, "hidden">, label: string, at: string): TipPlace | null {
  const read = parseCapacitorLabel(label);
  const section = read.ok ? read.value.sections[0] : undefined;
  const { nominalUf = null, lowUf = null, highUf = null } = section ?? {};
  const middleUf = nominalUf ?? (lowUf !== null && highUf !== null ? (lowUf + highUf) / 2 : null);
  if (middleUf === null) return null;
  const uf = middleUf * ownValue(hidden.seed + 1);
  const { entry } = takeReading(uf.toPrecision(3), "capacitance", DEFAULT_METER, at, "simulation");
  return { id: "new", at: { name: "out-in.new" }, quantity: "capacitance", entry };
}

/**
 * Where a tester is put while the circuit is made safe, and the volts that stand there.
 * @param world the motor as it stands
 * @param at moment, ISO 8601
 * @returns a live source, the circuit and the capacitor
 */
export function safePlaces({ hidden, isLive }: Pick<MockWorld, "hidden" | "isLive">, at: string): readonly TipPlace[] {
  const { supplyV } = hidden.motor.machine;
  const { volts } = hidden.body;
  const hasFeed = isLive && volts !== "absent" && volts !== "lost" && volts !== "no-call";
  const shows = (name: string, volt: number): TipPlace => ({
    id: name,
    at: { name: `make-safe.${name}` },
    quantity: "voltage",
    entry: takeReading(volt.toFixed(1), "voltage", DEFAULT_METER, at, "simulation").entry,
  });
  return [
    shows("source", supplyV),
    shows("circuit", hasFeed ? supplyV : DEAD_V),
    shows("capacitor", hasFeed ? (hidden.prediction.running?.capacitorV ?? supplyV) : DEAD_V),
  ];
}
/** What leads pick up in the air. */
const DEAD_V = 0.2;
