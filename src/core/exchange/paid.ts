import { priceOf, readPrice } from "./price";
import { stampsIn } from "./stamps-in";
import { SWAP_TABLE, type SwapAction } from "./swap-table";

/** A piece that goes in, as far as its price goes. */
export interface PricedPiece {
  /** as on its box or stamp */
  readonly label: string;
  /** as it was said */
  readonly price: string;
}

/**
 * What was paid for what goes in at a work: each piece at its price, a pair at one.
 * @param action the work
 * @param pieces what goes in
 * @returns the sum, in the house's money; null: no price of it can be read
 */
export function paidFor(action: SwapAction, pieces: readonly PricedPiece[]): number | null {
  const known = pieces.flatMap(({ label, price }) => {
    const read = price.trim() === "" ? null : readPrice(price);
    const count = SWAP_TABLE[action].kind === "bearing" ? Math.max(1, stampsIn(label).length) : 1;
    return read?.ok ? [priceOf(read.value, count)] : [];
  });
  return known.length === 0 ? null : known.reduce((sum, price) => sum + price, 0);
}
