import type { HouseFigures } from "@/core/house";

/** A point of a drawing in its box of 320 × 150. */
export type At = readonly [x: number, y: number];

/** What a drawing is made of; each sort is drawn in one place, features/how/pieces.tsx. */
export type Piece =
  /** a meter with the sign its dial stands on and what it shows; its two probes, to where each goes */
  | { readonly is: "meter"; readonly sign: string; readonly shows: string; readonly to: readonly [At, At] | null }
  /** a clamp round one wire */
  | { readonly is: "clamp"; readonly at: At; readonly sign: string }
  | { readonly is: "can"; readonly at: At; readonly terminals: readonly string[] }
  | { readonly is: "motor"; readonly at: At }
  | { readonly is: "post"; readonly at: At; readonly name: string }
  /** a winding, or a relay's coil, between two points on one level */
  | { readonly is: "coil"; readonly from: At; readonly to: At }
  | { readonly is: "resistor"; readonly from: At; readonly to: At }
  | { readonly is: "wire"; readonly from: At; readonly to: At }
  /** a wire that is taken off, with its end in the air */
  | { readonly is: "off"; readonly from: At; readonly to: At }
  /** contacts between two points, closed or open */
  | { readonly is: "contacts"; readonly from: At; readonly to: At; readonly isOpen?: true }
  | { readonly is: "frame"; readonly at: At }
  | { readonly is: "lock"; readonly at: At }
  | { readonly is: "plug"; readonly at: At }
  | { readonly is: "turn"; readonly at: At; readonly word: string }
  | { readonly is: "bearing"; readonly at: At }
  | { readonly is: "plate"; readonly at: At; readonly lines: readonly string[] }
  | { readonly is: "list"; readonly at: At; readonly lines: readonly string[] }
  | { readonly is: "gap"; readonly at: At; readonly word: string }
  | { readonly is: "word"; readonly at: At; readonly word: string; readonly isStrong?: true };

/** How a reading looks, as the display or the eye has it, and what it means. */
export interface Look {
  readonly shows: string;
  readonly means: string;
}

/** One thing that is done, for those who do it seldom. */
export interface How {
  readonly title: string;
  readonly scene: readonly Piece[];
  /** the drawing in words */
  readonly said: string;
  /** three to six, in the order of the hands */
  readonly steps: readonly string[];
  readonly good: Look;
  readonly bad: Look;
  readonly doubtful: Look;
  readonly mistake: string;
}

/** With the limits of the house put in. */
export type HowOf = (house: HouseFigures) => How;

/** Everything that is done at a station: by its methods' ids, or by names of its own. */
export interface HowSet {
  readonly topics: Readonly<Record<string, HowOf>>;
  /** which one a record asks for, where the station has no methods */
  readonly at?: (record: unknown) => string | null;
}
