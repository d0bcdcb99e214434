import { NO_RUN_ENTRIES, RUN_FIELDS, type RunField } from "@/core/motor";
import type { StationData } from "@/core/stations";
import { markLikeName } from "@/core/winding";
import type { DemoClock } from "./demo-traveller";

/* What a visit leaves behind at its stations, piece by piece. */

/** Isolated, proven live–dead–live, capacitor measured, within a few minutes. */
export function madeSafe(clock: DemoClock, from: number, capacitorVolts: string | null): { "make-safe": StationData<"make-safe"> } {
  return {
    "make-safe": {
      round: {
        steps: {
          "control-off": clock.at(from),
          "breaker-locked": clock.at(from + 1),
          unplugged: clock.at(from + 1),
          "rotor-still": clock.at(from + 1),
        },
        provenLive: clock.read("231.2", "voltage", from + 2),
        circuitDead: clock.read("0.3", "voltage", from + 2),
        provenLiveAgain: clock.read("230.9", "voltage", from + 3),
        capacitorVolts: capacitorVolts === null ? null : clock.read(capacitorVolts, "voltage", from + 4),
        capacitorIs: capacitorVolts === null ? "none-fitted" : null,
        declared: null,
      },
      earlier: [],
    },
  };
}

type Windings = StationData<"windings">;
const TRIANGLE = [
  { x: 0.25, y: 0.26 },
  { x: 0.75, y: 0.26 },
  { x: 0.5, y: 0.76 },
] as const;
const PAIRS = [
  [0, 1],
  [1, 2],
  [0, 2],
] as const;

/** Three leads by name (C, R and S stand on the maker's terminal block), with the readings of the pairs 1–2, 2–3 and 1–3. */
export function threeLeads(
  clock: DemoClock,
  minutes: number,
  names: readonly [string, string, string],
  texts: readonly [string, string, string],
): Pick<Windings, "posts" | "pairs"> {
  return {
    posts: names.map((name, post) => ({ name, mark: markLikeName(name), x: TRIANGLE[post]?.x ?? 0.5, y: TRIANGLE[post]?.y ?? 0.5 })),
    pairs: PAIRS.map(([a, b], pair) => ({ a, b, entry: clock.read(texts[pair] ?? "", "resistance", minutes + pair) })),
  };
}

/** Leads where they lie, and the pairs probed so far by the names of their ends. */
export function board(
  clock: DemoClock,
  minutes: number,
  places: Readonly<Record<string, readonly [x: number, y: number]>>,
  readings: readonly (readonly [from: string, to: string, text: string])[],
): Pick<Windings, "posts" | "pairs"> {
  const names = Object.keys(places);
  return {
    posts: names.map((name) => ({ name, mark: markLikeName(name), x: places[name]?.[0] ?? 0.5, y: places[name]?.[1] ?? 0.5 })),
    pairs: readings.map(([from, to, text], index) => ({
      a: names.indexOf(from),
      b: names.indexOf(to),
      entry: clock.read(text, "resistance", minutes + index),
    })),
  };
}

/** Tester proven, capacitors off, each cell a figure against the frame. */
export function insulation(clock: DemoClock, minutes: number, temperature: string, allToFrame: string): StationData<"insulation"> {
  return {
    together: clock.read("0", "insulation", minutes),
    apart: clock.read("OL", "insulation", minutes),
    testV: "500",
    temperature: clock.read(temperature, "temperature", minutes),
    isDisconnected: true,
    isInVacuum: false,
    joining: null,
    rule: null,
    cells: [{ a: "all", b: "frame", entry: clock.read(allToFrame, "insulation", minutes + 2) }],
    isDischarged: true,
    note: "",
  };
}

export const toFrame = (
  clock: DemoClock,
  minutes: number,
  ...texts: readonly [string, string, string]
): StationData<"frame">["readings"] => [
  clock.read(texts[0], "resistance", minutes),
  clock.read(texts[1], "resistance", minutes),
  clock.read(texts[2], "resistance", minutes),
];

export const cleanLook = { signs: [], nothingFound: true, note: "" };
export const turnsFree = { turn: "free" as const, radialPlay: false, endPlay: false, rubs: false, note: "" };
export const feltFree = { turn: "free" as const, radialPlay: false, endPlay: false, rubs: false, radialMm: "", endMm: "" };
export const powerBack = (clock: DemoClock, minutes: number): StationData<"power-back"> => ({
  steps: { "leads-and-covers": clock.at(minutes), "everyone-clear": clock.at(minutes), "lock-off": clock.at(minutes) },
  restoredAt: clock.at(minutes),
  earlier: [],
});

/** Switched on for a moment, or left running: what it did, and the figures of it. */
export function runTest(
  clock: DemoClock,
  minutes: number,
  seen: Pick<StationData<"run-test">, "behaviour"> & Partial<StationData<"run-test">>,
  figures: Readonly<Partial<Record<RunField, string>>>,
): Partial<StationData<"run-test">> {
  const read = Object.entries(figures).map(([field, text]) => [field, clock.read(text, RUN_FIELDS[field as RunField], minutes)]);
  return { ...seen, ...Object.fromEntries(read) };
}

type Figures = Readonly<Partial<Record<RunField, string>>>;

/** Figures before and after, each set read within a minute. */
export function proof(
  clock: DemoClock,
  ...[before, after]: readonly [readonly [minutes: number, figures: Figures], readonly [minutes: number, figures: Figures]]
): Pick<StationData<"prove">, "before" | "after"> {
  const read = ([minutes, figures]: readonly [number, Figures]): StationData<"prove">["after"] => ({
    ...NO_RUN_ENTRIES,
    ...Object.fromEntries(
      Object.entries(figures).map(([field, text]) => [field, clock.read(text, RUN_FIELDS[field as RunField], minutes)]),
    ),
  });
  return { before: read(before), after: read(after) };
}
