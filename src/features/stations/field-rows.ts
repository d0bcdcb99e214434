import type { StationId } from "@/core/stations";
import type { Rows } from "@/features/form/rows";
import * as bearing from "./bearing/fields";
import * as capacitor from "./capacitor/fields";
import * as capacitorPanels from "./capacitor/panel-fields";
import * as complaint from "./complaint/fields";
import * as decide from "./decide/fields";
import * as end from "./end/fields";
import * as frame from "./frame/fields";
import * as handTurn from "./hand-turn/fields";
import * as insulation from "./insulation/fields";
import * as look from "./look/fields";
import * as makeSafe from "./make-safe/fields";
import * as outIn from "./out-in/fields";
import * as plate from "./plate/fields";
import * as powerBack from "./power-back/fields";
import * as prove from "./prove/fields";
import * as runTest from "./run-test/fields";
import { HAND_ROWS } from "./shared/HandFields";
import * as startGear from "./start-gear/fields";
import * as supply from "./supply/fields";
import * as takeApart from "./take-apart/fields";
import * as uncoupledRun from "./uncoupled-run/fields";
import * as windings from "./windings/fields";
import { GEAR_ROWS } from "../gear/gear-rows";
import { SHEET_ROWS } from "../match/sheet-rows";
import { PLACE_ROWS } from "./out-in/PlaceFields";

/** Rows of a part of a record, with the way to that part. */
interface RowsAt {
  readonly at: string;
  // Given what each form knows; here only their places and fixed words are read.
  readonly rows: Rows<never>;
}
const of = (rows: Rows<never>, at = ""): RowsAt => ({ at, rows });

/** The rows of every station, by the ways to the parts of its record that they draw. A new station is one line here too. */
export const FIELD_ROWS: Readonly<Record<StationId, readonly RowsAt[]>> = {
  complaint: [of(complaint.ROWS)],
  plate: [of(plate.ROWS)],
  "make-safe": [of(makeSafe.ROWS)],
  look: [of(look.ROWS)],
  "hand-turn": [of(handTurn.ROWS), of(HAND_ROWS)],
  capacitor: [
    of(capacitor.ROWS),
    of(capacitorPanels.DISCHARGE_ROWS),
    of(capacitorPanels.START_ROWS),
    of(capacitorPanels.PLACE_ROWS),
    of(capacitor.ROWS, "second"),
    of(capacitorPanels.DISCHARGE_ROWS, "second"),
    of(capacitorPanels.START_ROWS, "second"),
  ],
  windings: [of(windings.ROWS)],
  frame: [of(frame.ROWS)],
  insulation: [of(insulation.ROWS)],
  "start-gear": [of(startGear.ROWS), of(GEAR_ROWS)],
  bearing: [of(bearing.ROWS), of(bearing.END_ROWS, "ends.drive-end"), of(bearing.END_ROWS, "ends.other-end")],
  "take-apart": [of(takeApart.ROWS), of(HAND_ROWS, "after")],
  "power-back": [of(powerBack.ROWS)],
  supply: [of(supply.ROWS)],
  "run-test": [of(runTest.ROWS)],
  "uncoupled-run": [of(uncoupledRun.ROWS)],
  decide: [of(decide.ROWS)],
  "out-in": [of(outIn.ROWS), of(SHEET_ROWS, "old"), of(PLACE_ROWS, "place")],
  prove: [of(prove.ROWS)],
  end: [of(end.ROWS)],
};

/**
 * The label of a field of a station, as its row has it.
 * @param station which station
 * @param path way to the field: `standing`, `push.result`
 * @returns null: it is drawn by hand, or its label depends on what else is known
 */
export function fieldLabel(station: StationId, path: string): string | null {
  for (const { at, rows } of FIELD_ROWS[station]) {
    const own = at === "" ? path : path.startsWith(`${at}.`) ? path.slice(at.length + 1) : null;
    const label = own === null ? undefined : (rows.at as Readonly<Record<string, Rows<never>["at"][string] | undefined>>)[own]?.row.label;
    if (typeof label === "string") return label;
  }
  return null;
}
