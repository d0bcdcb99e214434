import { readPrice } from "@/core/exchange";
import type { HouseFigures } from "@/core/house";
import { BLANK_SHEET, matchMotor, readSheet, type MotorMatch } from "@/core/match";
import type { Candidate } from "@/core/stations/out-in";
import { testedWords } from "@/features/vocabulary/tested-words";
import type { Part } from "@/records";
import type { ShownCandidate } from "../../match/MatchTable";
import { motorLine } from "../../match/sheet-words";
import type { Detail } from "./words";

const RANK = { fits: 0, "fits-with-work": 1, "not-known": 2, "does-not-fit": 3 } as const;

/** A motor of the shelf, held against the old one. */
export interface ShelfMotor {
  readonly part: Part;
  readonly match: MotorMatch;
}

/** Motors of the shelf that are whole, what fits best first. */
export const motorsOfShelf = (parts: readonly Part[], question: Detail["question"], house: HouseFigures): readonly ShelfMotor[] =>
  parts
    .filter(({ kind, sheet, quantity, state }) => kind === "motor" && sheet !== null && quantity > 0 && state !== "for-parts")
    .map((part) => ({ part, match: matchMotor({ ...question, candidate: readSheet(part.sheet ?? BLANK_SHEET).spec }, house) }))
    .sort((a, b) => RANK[a.match.overall] - RANK[b.match.overall] || a.part.price - b.part.price);

/** A press that puts a motor in; none where it cannot go in. */
const putIn = (match: MotorMatch, name: string, onPress: () => void): React.ReactNode =>
  match.overall === "does-not-fit" ? null : (
    <button type="button" className="btn" aria-label={`Put in ${name}`} onClick={onPress}>
      Put it in
    </button>
  );

/** A motor of the shelf as a column of the table. */
export const shownMotor = ({ part, match }: ShelfMotor, house: HouseFigures, onPress: () => void): ShownCandidate => ({
  id: part.id,
  title: `${part.label}, ${part.place}`,
  caption: part.tested ? testedWords(part.tested, house.retestMonths) : `${part.quantity} on the Shelf`,
  match,
  price: part.price,
  fittingMinutes: house.motorMinutes,
  actions: putIn(match, part.label, onPress),
});

/** What a typed plate is called. */
export const candidateName = ({ source }: Pick<Candidate, "source">): string => source.trim() || "Typed plate";

/** A typed plate as a column of the table. */
export function shownCandidate(
  { candidate, match }: Detail["candidates"][number],
  house: HouseFigures,
  onPress: () => void,
): ShownCandidate {
  const price = candidate.price.trim() === "" ? null : readPrice(candidate.price);
  return {
    id: candidate.id,
    title: candidateName(candidate),
    caption: motorLine(readSheet(candidate.sheet).spec) || "nothing typed yet",
    match,
    price: price?.ok ? price.value.amount : null,
    fittingMinutes: house.motorMinutes,
    actions: putIn(match, candidateName(candidate), onPress),
  };
}
