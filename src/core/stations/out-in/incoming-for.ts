import type { CapacitorLabel } from "../../capacitor";
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
import { BLANK_SHEET, type MatchQuestion } from "../../match";
import { isNamedPiece, type Piece } from "./record";

/** What the place asks for of a capacitor: its plate, else what was fitted. */
function wantedCapacitor(action: SwapAction, facts: Facts): CapacitorLabel | null {
  const role = action === "replace-start-capacitor" ? "start" : "run";
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
 * @param question the old motor and its place
 * @param facts what the card knows
 * @param house house rules in force
 * @returns what stands for and against each piece, and what they come to together
 */
export function incomingFor(
  action: SwapAction,
  pieces: readonly Piece[],
  question: Omit<MatchQuestion, "candidate">,
  facts: Facts,
  house: HouseFigures,
): IncomingWork {
  const each = <Judged extends Incoming>(judge: (piece: Piece) => Judged): Judged[] =>
    pieces.map((piece) => inCondition(judge(piece), piece.condition));
  switch (SWAP_TABLE[action].kind) {
    case "capacitor": {
      const wanted = wantedCapacitor(action, facts);
      const judged = each((piece) => judgeCapacitorIn(piece.label, piece.reading, wanted, house));
      const together = judgeCapacitorsIn(judged, wanted, house);
      if (together === null) return work(judged);
      const several = judged.map((piece, index) => inCondition(asOneOfSeveral(piece), pieces[index]?.condition ?? null));
      const isBad = pieces.some(({ condition }) => condition === "bad");
      return work(several, isBad ? { ...together, verdict: "wrong" } : together);
    }
    case "bearing": {
      const judged = each((piece) => judgeBearingIn(piece.label, Object.values(facts.bearings)));
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
