import type { HouseFigures } from "../house";
import type { Slip } from "../quantity";
import { BLANK_GEAR, GEAR_REPAIRS, judgeGear, type GearMeasures, type GearSort, type GearVerdict } from "../startgear";
import type { IncomingVerdict } from "./incoming-verdict";

/** Start gear that is to go in, new or from another machine: measured out of circuit before it is fitted. */
export interface IncomingGear {
  readonly kind: "start-gear";
  readonly verdict: IncomingVerdict;
  readonly sort: GearSort | null;
  /** of another sort than the one that comes out; null: one of both is not known */
  readonly isOtherSort: boolean | null;
  /** null: not measured, or to be asked again */
  readonly found: GearVerdict | null;
  readonly isPluggedIn: boolean;
  readonly isUnplugAsked: boolean;
  readonly coilSlip: Slip | null;
}

/** Measured and not wrong, yet nothing that can be said to hold. */
const UNDECIDED: readonly GearVerdict[] = ["ptc-hot", "coil-high", "other-path"];

function ofFound(found: GearVerdict, isOtherSort: boolean | null, isNamed: boolean): IncomingVerdict {
  const isDoubtful = UNDECIDED.includes(found);
  if (!isDoubtful && GEAR_REPAIRS[found] === "replace") return "wrong";
  return isDoubtful || GEAR_REPAIRS[found] !== "none" || isOtherSort === true || !isNamed ? "unsure" : "right";
}

/**
 * Judges start gear before it goes in by the same row of the table as the one that is fitted.
 * @param measures what hand and meter found of it; null: nothing
 * @param fitted sort of the one that comes out; null: not known
 * @param isNamed a label or number of it is noted
 * @param house house rules in force
 * @returns its verdict, and what it was found to be; that it is meant for this motor the maker's list says, not the meter
 */
export function judgeGearIn(measures: GearMeasures | null, fitted: GearSort | null, isNamed: boolean, house: HouseFigures): IncomingGear {
  // What nobody picked is taken to be of the sort that comes out.
  const own = { ...(measures ?? BLANK_GEAR), sort: measures?.sort ?? fitted };
  const { verdict: found, coilSlip, isPluggedIn, isUnplugAsked } = judgeGear(own, house);
  const isOtherSort = own.sort === null || fitted === null ? null : own.sort !== fitted;
  const isMeasured = found !== null && found !== "more-needed";
  const verdict = isMeasured
    ? ofFound(found, isOtherSort, isNamed)
    : coilSlip === null && isNamed && isOtherSort !== true
      ? "unmeasured"
      : "unsure";
  return { kind: "start-gear", verdict, sort: own.sort, isOtherSort, found, isPluggedIn, isUnplugAsked, coilSlip };
}
