import type { CapacitorLabel } from "./label/says";

/** One line of a parts list: a capacitor at hand, as its label has it, and what the label does not say. */
export interface StockPart {
  readonly id: string;
  readonly label: CapacitorLabel;
  /** how many there are */
  readonly quantity: number;
  readonly price: number;
  readonly diameterMm: number | null;
  readonly heightMm: number | null;
  readonly terminals: number | null;
}
