import type { StationId } from "@/core/stations";
import type { HowSet } from "../station/how";
import { bearingHow } from "./bearing/how";
import { capacitorHow } from "./capacitor/how";
import { complaintHow } from "./complaint/how";
import { decideHow } from "./decide/how";
import { endHow } from "./end/how";
import { frameHow } from "./frame/how";
import { handTurnHow } from "./hand-turn/how";
import { insulationHow } from "./insulation/how";
import { lookHow } from "./look/how";
import { makeSafeHow } from "./make-safe/how";
import { outInHow } from "./out-in/how";
import { plateHow } from "./plate/how";
import { powerBackHow } from "./power-back/how";
import { proveHow } from "./prove/how";
import { runTestHow } from "./run-test/how";
import { startGearHow } from "./start-gear/how";
import { supplyHow } from "./supply/how";
import { takeApartHow } from "./take-apart/how";
import { uncoupledRunHow } from "./uncoupled-run/how";
import { windingsHow } from "./windings/how";

/** How each station's work is done, for those who do it seldom. Fetched when it is asked for. */
export const HOWS: Readonly<Record<StationId, HowSet>> = {
  complaint: complaintHow,
  plate: plateHow,
  "make-safe": makeSafeHow,
  look: lookHow,
  "hand-turn": handTurnHow,
  capacitor: capacitorHow,
  windings: windingsHow,
  frame: frameHow,
  insulation: insulationHow,
  "start-gear": startGearHow,
  bearing: bearingHow,
  "take-apart": takeApartHow,
  "power-back": powerBackHow,
  supply: supplyHow,
  "run-test": runTestHow,
  "uncoupled-run": uncoupledRunHow,
  decide: decideHow,
  "out-in": outInHow,
  prove: proveHow,
  end: endHow,
};

/**
 * Which of a station's topics is asked for.
 * @param method way of working in hand, where the station has several
 * @param record what is keyed there
 */
export function topicAt(station: StationId, method: string | null, record: unknown): string {
  const { topics, at } = HOWS[station];
  const asked = method ?? at?.(record) ?? null;
  return asked !== null && asked in topics ? asked : (Object.keys(topics)[0] ?? "");
}
