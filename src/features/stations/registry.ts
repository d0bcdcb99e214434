import type { TravellerAssessment } from "@/core/traveller";
import { stationOf, type StationData, type StationId } from "@/core/stations";
import type { HouseFigures } from "@/core/house";
import { bearingView } from "./bearing";
import { capacitorView } from "./capacitor";
import { complaintView } from "./complaint";
import type { StationView } from "../station/contract";
import type { Said } from "../station/said";
import { decideView } from "./decide";
import { endView } from "./end";
import { frameView } from "./frame";
import { handTurnView } from "./hand-turn";
import { insulationView } from "./insulation";
import { lookView } from "./look";
import { makeSafeView } from "./make-safe";
import { outInView } from "./out-in";
import { plateView } from "./plate";
import { powerBackView } from "./power-back";
import { proveView } from "./prove";
import { runTestView } from "./run-test";
import { startGearView } from "./start-gear";
import { supplyView } from "./supply";
import { takeApartView } from "./take-apart";
import { uncoupledRunView } from "./uncoupled-run";
import { windingsView } from "./windings";

/** What every station says. A new one is one line here, one in labels.ts, one in hands.ts, one in hows.ts, and two in core/stations. */
const VIEWS = {
  complaint: complaintView,
  plate: plateView,
  "make-safe": makeSafeView,
  look: lookView,
  "hand-turn": handTurnView,
  capacitor: capacitorView,
  windings: windingsView,
  frame: frameView,
  insulation: insulationView,
  "start-gear": startGearView,
  bearing: bearingView,
  "take-apart": takeApartView,
  "power-back": powerBackView,
  supply: supplyView,
  "run-test": runTestView,
  "uncoupled-run": uncoupledRunView,
  decide: decideView,
  "out-in": outInView,
  prove: proveView,
  end: endView,
} satisfies { readonly [Id in StationId]: Pick<StationView<Id>, "methods"> };

/** A station's view without its own types, for screens that treat all alike. */
export function viewOf(id: StationId): StationView<StationId, unknown> {
  return VIEWS[id];
}

/** What one station says, each statement by what it is; a station nobody came to has its blank record. */
export function statementsAt(
  id: StationId,
  record: unknown,
  { stations, facts }: Pick<TravellerAssessment, "stations" | "facts">,
  house: HouseFigures,
): readonly Said[] {
  const data = (record ?? stationOf(id).blank) as StationData<StationId>;
  return viewOf(id).say(data, stations[id], facts, house);
}

/** The same as sentences alone, for the printed page. */
export const saidAt = (...of: Parameters<typeof statementsAt>): readonly string[] => statementsAt(...of).map(({ text }) => text);

/** What was listed at one station, a line each. */
export const listedAt = (id: StationId, record: unknown): readonly string[] =>
  viewOf(id).list?.((record ?? stationOf(id).blank) as StationData<StationId>) ?? [];
