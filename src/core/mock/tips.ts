import type { Entry, Quantity } from "../quantity";
import { observe } from "../simulation";
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
const isEntry = (value: unknown): value is Entry => typeof value === "object" && value !== null && "reading" in value && "text" in value;

/** Every entry of what was observed, by the way to it. */
function entriesIn(value: unknown, path = ""): (readonly [path: string, entry: Entry])[] {
  if (isEntry(value)) return [[path, value]];
  if (typeof value !== "object" || value === null) return [];
  return Object.entries(value).flatMap(([name, each]) => entriesIn(each, path === "" ? name : `${path}.${name}`));
}

/** Tests whose figures are read by tips at each station. */
export const TIP_TESTS: Readonly<Partial<Record<StationId, readonly TestId[]>>> = {
  windings: ["winding-ohms"],
  frame: ["frame-ohms"],
  insulation: ["insulation"],
  capacitor: ["capacitor-meter", "capacitor-running"],
  "start-gear": ["switch-ohms"],
  supply: ["supply-voltage"],
  "run-test": ["run-amps", "start-winding-amps", "speed", "start-time"],
  prove: ["run-amps", "speed"],
};

function placesOf(station: StationId, path: string, entry: Entry): TipPlace | null {
  const { reading } = entry;
  if (reading === null) return null;
  return { id: path, at: { name: `${station}.${path}` }, quantity: reading.quantity, entry };
}

/** The board has no place in what was observed: its pairs have. */
function pairPlaces(data: Partial<StationData<"windings">>): TipPlace[] {
  return (data.pairs ?? []).map(({ a, b, entry }) => ({ id: `${a}-${b}`, at: { posts: [a, b] }, quantity: "resistance", entry }));
}

/**
 * Every place at a station where the instrument can be put now.
 * @param world the motor as it stands
 * @param station where
 * @param test which of its tests
 * @param at moment, ISO 8601
 * @returns none where the test is of the other state of power
 */
export function tipPlaces(
  { hidden, isLive }: Pick<MockWorld, "hidden" | "isLive">,
  station: StationId,
  test: TestId,
  at: string,
): TipPlace[] {
  const { data } = observe(hidden, test, at, noRecord);
  if (station === "windings") return pairPlaces(data as Partial<StationData<"windings">>);
  if (station === "frame")
    return ((data as Partial<StationData<"frame">>).readings ?? []).flatMap((entry, lead) =>
      entry ? [{ id: `lead-${lead}`, at: { lead }, quantity: "resistance" as const, entry }] : [],
    );
  const places = entriesIn(data).flatMap(([path, entry]) => placesOf(station, path, entry) ?? []);
  if (test !== "capacitor-meter") return places;
  // The second part is read once the first has its label.
  const labelled = (id: StationId) => (id === "capacitor" ? { ...STATIONS.capacitor.blank, label: "known" } : STATIONS[id].blank);
  const second = observe(hidden, test, at, labelled as typeof noRecord).data;
  return [
    ...places,
    ...entriesIn(second).flatMap(([path, entry]) => (path.startsWith("second") ? (placesOf(station, path, entry) ?? []) : [])),
  ].filter(() => !isLive || station !== "capacitor");
}

/**
 * Volts that stand where a tester is put while the circuit is made safe.
 * @param world the motor as it stands
 * @returns a row a place
 */
export function safePlaces({ hidden, isLive }: Pick<MockWorld, "hidden" | "isLive">): { readonly name: string; readonly volts: number }[] {
  const volts = hidden.motor.machine.supplyV;
  const isThere = hidden.body.volts !== "absent" && hidden.body.volts !== "lost" && hidden.body.volts !== "no-call";
  const circuit = isLive && isThere ? volts : 0.2;
  return [
    { name: "make-safe.source", volts },
    { name: "make-safe.circuit", volts: circuit },
    { name: "make-safe.capacitor", volts: isLive && isThere ? (hidden.prediction.running?.capacitorV ?? volts) : 0.3 },
  ];
}
