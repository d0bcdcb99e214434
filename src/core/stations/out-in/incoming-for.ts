import { parseCapacitorLabel, type CapacitorLabel } from "../../capacitor";
import {
  asOneOfSeveral,
  inCondition,
  judgeBearingIn,
  judgeBearingsIn,
  judgeCapacitorIn,
  judgeCapacitorsIn,
  judgeGearIn,
  judgeMotorIn,
  SWAP_TABLE,
  worstOf,
  type Incoming,
  type IncomingOther,
  type IncomingWork,
  type SwapAction,
  type Together,
} from "../../exchange";
import { plateCapacitorFor, type Facts } from "../../facts";
import type { HouseFigures } from "../../house";
import { BLANK_SHEET, type MatchQuestion, type MotorSheet } from "../../match";
import { isNamedPiece, type OutInRecord, type Piece } from "./record";

/** What parts that go in are held against. */
export interface PlaceOfWork {
  readonly question: Omit<MatchQuestion, "candidate">;
  /** the motor that goes in on the same visit: what goes with it is judged by its plate; null: the old one stays */
  readonly newMotor: MotorSheet | null;
  readonly facts: Facts;
  readonly house: HouseFigures;
}

/**
 * The place as the record has it.
 * @param record what was keyed
 * @param question the old motor and its place
 * @param facts what the card knows
 * @param house house rules in force
 * @returns what parts are held against
 */
export function placeOfWork(record: OutInRecord, question: PlaceOfWork["question"], facts: Facts, house: HouseFigures): PlaceOfWork {
  const motor = record.works["replace-motor"];
  return { question, newMotor: motor && !motor.isOldKept ? (motor.pieces[0]?.sheet ?? null) : null, facts, house };
}

/** What the place asks for of a capacitor: the plate of the motor that goes in, else the old one's, else what was fitted. */
function wantedCapacitor(action: SwapAction, { newMotor, facts }: PlaceOfWork): CapacitorLabel | null {
  const role = action === "replace-start-capacitor" ? "start" : "run";
  if (newMotor !== null) {
    const read = parseCapacitorLabel(newMotor.capacitor);
    // What its plate does not say nobody knows: the old motor's value is no answer for it.
    return read.ok ? read.value : null;
  }
  return plateCapacitorFor(facts, role) ?? (facts.fittedCapacitor?.kind === role ? facts.fittedCapacitor : null);
}

/** Together pieces say more than each: two that are each too small make up a value. */
const work = (pieces: readonly Incoming[], together: Together | null = null): IncomingWork => ({
  verdict: together?.verdict ?? worstOf(pieces.map(({ verdict }) => verdict)),
  pieces,
  together,
});

/** Any other part is as good as eye and hand found it. */
const judgeOther = (piece: Piece): IncomingOther => ({
  kind: "other",
  verdict: !isNamedPiece(piece) ? "unsure" : piece.condition === "good" ? "right" : "unmeasured",
});

/**
 * What is to go in, held against what the card knows of its place.
 * @param action the work
 * @param pieces what is to go in
 * @param place what they are held against
 * @returns what stands for and against each piece, and what they come to together
 */
export function incomingFor(action: SwapAction, pieces: readonly Piece[], place: PlaceOfWork): IncomingWork {
  const { question, facts, house } = place;
  const each = <Judged extends Incoming>(judge: (piece: Piece) => Judged): Judged[] =>
    pieces.map((piece) => inCondition(judge(piece), piece.condition));
  switch (SWAP_TABLE[action].kind) {
    case "capacitor": {
      const wanted = wantedCapacitor(action, place);
      const judged = each((piece) => judgeCapacitorIn(piece.label, piece.reading, wanted, house));
      const together = judgeCapacitorsIn(judged, wanted, house);
      if (together === null) return work(judged);
      const several = judged.map((piece, index) => inCondition(asOneOfSeveral(piece), pieces[index]?.condition ?? null));
      const isBad = pieces.some(({ condition }) => condition === "bad");
      return work(several, isBad ? { ...together, verdict: "wrong" } : together);
    }
    case "bearing": {
      const judged = each((piece) => judgeBearingIn(piece.label, Object.values(facts.bearings), facts.bearingsAround.includes("hot")));
      return work(judged, judgeBearingsIn(judged));
    }
    case "motor":
      return work(each((piece) => judgeMotorIn(piece.sheet ?? BLANK_SHEET, question, piece.reading, house)));
    case "start-gear":
      return work(each((piece) => judgeGearIn(piece.gear, facts.startGear, isNamedPiece(piece), house)));
    case "other":
      return work(each(judgeOther));
  }
}
