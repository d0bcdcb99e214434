import { readFigure } from "../quantity";
import { fail, ok, type Failure, type Result } from "../result";

/** A price as it was said: of one piece, of a pair, or of whatever is bought. */
export interface SaidPrice {
  readonly amount: number;
  readonly of: "piece" | "pair" | "all";
}

/** Words of a price, and what they say of it; the first sign of each row that is found is taken out of the text. */
const PAIR = /(?:\/|\b(?:(?:for|per)\s+)?(?:(?:the|a)\s+)?)\s*(?:pair|both|(?:the\s+)?two)\b|\bfor\s+2\b/i;
const PIECE = /\b(?:each|apiece|(?:a|per)\s+(?:piece|pc|bearing|capacitor|motor|unit|one)|ea\.?)(?=\W|$)|\/\s*(?:ea|each|pc|piece)\b\.?/i;
/** `2 x 7.10`, `7.10 x 2`: so many at so much */
const TIMES = /^([2-9])\s*(?:[x×*]|at|@)\s*(?=[\d$€£¥])|\s*[x×*]\s*([2-9])\s*$/i;
/** Bought as one lot. */
const LOT = /\bfor\s+(?:all\s+)?[3-9]\b|\bthe\s+lot\b/i;
/** Said beside a price without changing it. */
const BESIDE = /\b(?:for|only|about|approx\.?|roughly|ca\.?|net|now|today|bucks|incl(?:\.|uding)?\s+(?:vat|tax))(?=\W|$)\.?|^~/gi;
const FREE = /^\s*(?:free|nothing|no\s+charge|gratis)\s*$/i;
const SIGNS = /[$€£¥]|\b(?:usd|eur|gbp|chf|cad|aud|dollars?|euros?|francs?|pounds?)\b\.?/gi;
const MOST = 100_000;
/** Call-out or other fixed sums beside a price: `80 + 95`. */
const SUM = /\s*\+\s*|\s+plus\s+/i;
const MOST_PARTS = 4;

/**
 * Reads a price as people write it.
 * @param text `18`, `$38.40 for the pair`, `12.50 each`, `1,250`
 * @returns the amount, and of what
 * @errors those of readFigure; 'reading-negative' and the like come from there; 'price-of-both' when both a pair and each are named
 * @example readPrice("$38.40 for the pair") -> 38.40 of a pair; readPrice("80 + 95") -> 175 of all
 */
export function readPrice(text: string): Result<SaidPrice, Failure> {
  const parts = text.split(SUM);
  if (parts.length > 1 && parts.length <= MOST_PARTS) {
    const read = parts.map(readPrice);
    const amounts = read.flatMap((each) => (each.ok ? [each.value.amount] : []));
    // A fixed sum beside a price: what all of it comes to. What of it is no price is asked for with the whole.
    if (amounts.length === parts.length) return ok({ amount: amounts.reduce((sum, amount) => sum + amount, 0), of: "all" });
  }
  if (FREE.test(text)) return ok({ amount: 0, of: "all" });
  const times = TIMES.exec(text.trim());
  const counted = text.trim().replace(TIMES, "");
  const [isPair, isPiece] = [PAIR.test(counted), PIECE.test(counted)];
  if (isPair && isPiece) return fail({ code: "price-of-both", text });
  const bare = counted.replace(PAIR, " ").replace(PIECE, " ").replace(LOT, " ").replace(BESIDE, " ").replace(SIGNS, " ").trim();
  const read = readFigure(bare, "money", { min: 0, max: MOST });
  if (!read.ok) return fail({ ...read.failure, ...("text" in read.failure ? { text } : {}) } as Failure);
  if (read.value.kind !== "value") return fail({ code: "reading-no-figure", text, quantity: "money" });
  const count = Number(times?.[1] ?? times?.[2] ?? 1);
  const amount = read.value.value;
  // "7.10 each x 2" says of each what it costs; "2 x 7.10" what all of them come to.
  return ok(isPiece ? { amount, of: "piece" } : { amount: amount * count, of: isPair ? "pair" : "all" });
}

/**
 * What so many pieces cost at a price that was said.
 * @param price as it was said
 * @param pieces how many are bought [pieces]
 * @returns the price of all of them; an odd one of a pair is bought with its pair
 */
export const priceOf = ({ amount, of }: SaidPrice, pieces: number): number =>
  of === "piece" ? amount * pieces : of === "pair" ? amount * Math.ceil(pieces / 2) : amount;
