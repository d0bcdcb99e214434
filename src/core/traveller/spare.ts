import { BLANK_SHEET, type MotorSheet } from "../match";
import { isSimulated } from "../job";
import { STATION_IDS, type StationId } from "../stations";
import type { Stamp } from "../station";
import type { StationAssessments, StationEntries } from "./entries";

/** Parts of a card that can lie on a shelf as spares. */
export const SPARES = ["motor", "capacitor", "bearing"] as const;
export type Spare = (typeof SPARES)[number];

/** What a card's part is on the shelf. */
export type SpareState = "tested" | "used" | "untested" | "for-parts";

/** What a station says of a spare. */
interface SpareRow {
  /** what it is where the station is out: for parts, or to be mended; null: what is out there is not of this part */
  readonly out: "for-parts" | "used" | null;
  /** of each kind of test one that holds makes it a tested spare */
  readonly test?: string;
  /** a later station that holds takes its word back */
  readonly unless?: StationId;
}

/** Which stations speak of which spare. Every station has its row, so that none is left out by silence. @source trade practice */
const OF_SPARE: Readonly<Record<StationId, Readonly<Partial<Record<Spare, SpareRow>>>>> = {
  complaint: {},
  plate: {},
  "make-safe": {},
  look: {},
  "hand-turn": { motor: { out: "for-parts" }, bearing: { out: "for-parts", test: "hand" } },
  capacitor: { capacitor: { out: "for-parts", test: "value" } },
  windings: { motor: { out: "for-parts", test: "windings" } },
  frame: { motor: { out: "for-parts", test: "insulation" } },
  insulation: { motor: { out: "for-parts", test: "insulation" } },
  "start-gear": { motor: { out: "used" } },
  // Seat and fit are of the motor it lay in.
  bearing: { motor: { out: "used" }, bearing: { out: null } },
  "take-apart": {},
  "power-back": {},
  supply: {},
  "run-test": { motor: { out: "used", unless: "prove" } },
  "uncoupled-run": { motor: { out: "used", unless: "prove" } },
  decide: {},
  "out-in": {},
  prove: { motor: { out: "used" } },
  end: {},
};

/** In doubt: such a reading neither makes a spare tested nor spoils it. */
const DOUBTFUL: readonly Stamp[] = ["too-close", "unsure", "contradicts", "open"];

/**
 * Stations that speak of a spare, in working order.
 * @param spare which part
 * @returns ids of stations
 */
export const speakOf = (spare: Spare): readonly StationId[] => STATION_IDS.filter((id) => OF_SPARE[id][spare] !== undefined);

/**
 * What a part of a card is as a spare: for parts where it is condemned, used where something on it is to be mended, tested where
 * one test of each kind holds and nothing read of it is in doubt; else not tested.
 * @param spare which part
 * @param stations what each station came to
 * @param entries what was keyed at them: what a simulated motor gave is no test of this part
 * @returns its state on the shelf
 */
export function spareState(spare: Spare, stations: StationAssessments, entries: StationEntries): SpareState {
  const rows = speakOf(spare).map((id) => ({ id, stamp: stations[id].stamp, ...(OF_SPARE[id][spare] as SpareRow) }));
  const counted = rows.filter(({ unless }) => unless === undefined || stations[unless].stamp !== "holds");
  const outs = counted.filter(({ stamp }) => stamp === "out").map(({ out }) => out);
  if (outs.includes("for-parts")) return "for-parts";
  if (outs.includes("used")) return "used";
  const tests = [...new Set(rows.flatMap(({ test }) => test ?? []))];
  const isTested = tests.every((kind) =>
    rows.some(({ id, test, stamp }) => test === kind && stamp === "holds" && !isSimulated(entries[id])),
  );
  return isTested && !counted.some(({ stamp, out }) => out !== null && DOUBTFUL.includes(stamp)) ? "tested" : "untested";
}

/**
 * Plate and measures of the card's motor as one sheet: what was keyed for matching stands before the plate.
 * @param entries what was keyed at each station
 * @returns the sheet, as keyed
 */
export function sheetOfCard(entries: StationEntries): MotorSheet {
  const plate = entries.plate?.data;
  const old = entries["out-in"]?.data.old ?? BLANK_SHEET;
  const own = (field: "volts" | "hertz" | "power" | "amps" | "rpm" | "capacitor"): string => old[field] || (plate?.[field] ?? "");
  const type = old.type ?? plate?.motorType ?? null;
  return {
    ...old,
    type: type === "unknown" ? null : type,
    volts: own("volts"),
    hertz: own("hertz"),
    power: own("power"),
    amps: own("amps"),
    rpm: own("rpm"),
    capacitor: own("capacitor"),
    rotation: old.rotation ?? entries["out-in"]?.data.rotationBefore ?? null,
  };
}
