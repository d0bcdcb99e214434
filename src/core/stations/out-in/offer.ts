import { SWAP_TABLE, type IncomingWork, type SwapAction } from "../../exchange";
import { incomingFor, type PlaceOfWork } from "./incoming-for";
import { isBlankPiece, type PartExchange, type Piece } from "./record";

/** A piece that is offered, as it would stand once it was taken. */
export interface PieceOffer {
  /** all pieces then */
  readonly pieces: readonly Piece[];
  /** pieces it stands instead of */
  readonly replaced: readonly Piece[];
  readonly incoming: IncomingWork;
  /** nothing is against it but that it is too small: joined with others it may do */
  readonly isTooSmall: boolean;
}

/** Nothing is against the capacitors but that they come to less than is asked for. */
function isShort({ pieces, together }: IncomingWork): boolean {
  if (together?.kind === "capacitors" && together.missingUf.length > 0) return true;
  const [only] = pieces;
  const against = together?.kind === "capacitors" ? together.mismatches : only?.kind === "capacitor" ? only.mismatches : [];
  const sum = (all: readonly number[]): number => all.reduce((total, uf) => total + uf, 0);
  return against.length > 0 && against.every((each) => each.code === "wrong-value" && sum(each.fittedUf) < sum(each.askedUf));
}

const numbersOf = ({ pieces }: IncomingWork, at: number): readonly (string | null)[] => {
  const judged = pieces[at];
  return judged?.kind === "bearing" ? judged.stamps.map(({ number }) => number) : [];
};

/** A bearing belongs beside the others until its own number is served; then it stands instead of that one. */
function bearingsKept(named: readonly Piece[], present: IncomingWork, offered: IncomingWork): readonly Piece[] {
  const [number = null] = numbersOf(offered, 0);
  const isMissing = present.together?.kind === "bearings" ? present.together.missing.includes(number ?? "") : named.length < 2;
  if (isMissing) return named;
  const same = named.findIndex((_, index) => number !== null && numbersOf(present, index).includes(number));
  return named.filter((_, index) => index !== (same < 0 ? named.length - 1 : same));
}

/** The pieces that stay beside another one. */
function keptBeside(action: SwapAction, named: readonly Piece[], present: IncomingWork, offered: IncomingWork): readonly Piece[] {
  const { kind, mostPieces } = SWAP_TABLE[action];
  const kept =
    kind === "capacitor"
      ? isShort(present)
        ? named
        : []
      : kind === "bearing"
        ? bearingsKept(named, present, offered)
        : kind === "other"
          ? named
          : [];
  return kept.slice(0, mostPieces - 1);
}

/**
 * A piece as it would stand once it was taken: beside what is there while that is not enough, else instead of it.
 * @param action the work
 * @param exchange its parts as they are
 * @param piece what is offered
 * @param place what it is held against
 * @returns the pieces then, those that give way, and how all of it is judged
 */
export function offerOf(action: SwapAction, exchange: PartExchange, piece: Piece, place: PlaceOfWork): PieceOffer {
  const judge = (pieces: readonly Piece[]): IncomingWork => incomingFor(action, pieces, place);
  const named = exchange.pieces.filter((each) => !isBlankPiece(each));
  const kept = named.length === 0 ? [] : keptBeside(action, named, judge(named), judge([piece]));
  const pieces = [...kept, piece];
  const incoming = judge(pieces);
  return {
    pieces,
    replaced: named.filter((each) => !kept.includes(each)),
    incoming,
    isTooSmall: SWAP_TABLE[action].kind === "capacitor" && isShort(incoming),
  };
}
