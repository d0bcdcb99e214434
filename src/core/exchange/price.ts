import { readFigure } from "../quantity";
import { fail, ok, type Failure, type Result } from "../result";

/** A price as it was said: of one piece, of a pair, or of whatever is bought. */
export interface SaidPrice {
  readonly amount: number;
  readonly of: "piece" | "pair" | "all";
}

const PAIR = /\b(?:(?:for\s+)?(?:the|a)\s+pair|per\s+pair|pair|for\s+(?:both|two)|both)\b/i;
const PIECE = /\b(?:each|apiece|a\s+piece|per\s+piece|ea\.?)(?=\W|$)/i;
const SIGNS = /[$€£¥]|\b(?:usd|eur|gbp|chf|cad|aud|dollars?|euros?|francs?|pounds?)\b\.?/gi;
const MOST = 100_000;

/**
 * Reads a price as people write it.
 * @param text `18`, `$38.40 for the pair`, `12.50 each`, `1,250`
 * @returns the amount, and of what
 * @errors those of readFigure; 'reading-negative' and the like come from there; 'price-of-both' when both a pair and each are named
 * @example readPrice("$38.40 for the pair") -> 38.40 of a pair
 */
export function readPrice(text: string): Result<SaidPrice, Failure> {
  const [isPair, isPiece] = [PAIR.test(text), PIECE.test(text)];
  if (isPair && isPiece) return fail({ code: "price-of-both", text });
  const bare = text
    .replace(PAIR, " ")
    .replace(PIECE, " ")
    .replace(/\bfor\b|\bonly\b/gi, " ")
    .replace(SIGNS, " ")
    .trim();
  const read = readFigure(bare, "money", { min: 0, max: MOST });
  if (!read.ok) return fail({ ...read.failure, ...("text" in read.failure ? { text } : {}) } as Failure);
  if (read.value.kind !== "value") return fail({ code: "reading-no-figure", text, quantity: "money" });
  return ok({ amount: read.value.value, of: isPair ? "pair" : isPiece ? "piece" : "all" });
}

/**
 * What so many pieces cost at a price that was said.
 * @param price as it was said
 * @param pieces how many are bought [pieces]
 * @returns the price of all of them; an odd one of a pair is bought with its pair
 */
export const priceOf = ({ amount, of }: SaidPrice, pieces: number): number =>
  of === "piece" ? amount * pieces : of === "pair" ? amount * Math.ceil(pieces / 2) : amount;
