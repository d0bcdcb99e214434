import type { ActionId } from "../trade";

/** Kinds of parts that are kept on a shelf. Persisted: do not change without a migration. */
export const PART_KINDS = ["capacitor", "bearing", "motor", "start-gear", "other"] as const;
export type PartKind = (typeof PART_KINDS)[number];

interface SwapSpec {
  readonly kind: PartKind;
  /** the most that go in: several capacitors in parallel, a bearing at each end */
  readonly mostPieces: number;
  /** mended as often as exchanged: without a part nothing is missing */
  readonly isOftenMended: boolean;
}

/** Work in which a part comes out and another goes in, and what sort of part it is. */
export const SWAP_TABLE = {
  "replace-run-capacitor": { kind: "capacitor", mostPieces: 4, isOftenMended: false },
  "replace-start-capacitor": { kind: "capacitor", mostPieces: 4, isOftenMended: false },
  "service-start-switch": { kind: "start-gear", mostPieces: 1, isOftenMended: true },
  "replace-start-relay": { kind: "start-gear", mostPieces: 1, isOftenMended: false },
  "replace-bearings": { kind: "bearing", mostPieces: 4, isOftenMended: false },
  "replace-motor": { kind: "motor", mostPieces: 1, isOftenMended: false },
  "repair-wiring-or-supply": { kind: "other", mostPieces: 4, isOftenMended: true },
  "repair-control": { kind: "other", mostPieces: 4, isOftenMended: true },
} as const satisfies Partial<Record<ActionId, SwapSpec>>;
export type SwapAction = keyof typeof SWAP_TABLE;
/** The most pieces any work takes. */
export const MOST_PIECES = 4;
export const SWAP_ACTIONS = Object.keys(SWAP_TABLE) as SwapAction[];

/**
 * Whether a part is exchanged in a work.
 * @param action the work
 * @returns true when a part comes out
 */
export const isSwap = (action: ActionId): action is SwapAction => action in SWAP_TABLE;

/** What becomes of the part that came out. Persisted: do not change without a migration. */
export const FATES = ["scrap", "keep-for-parts", "back-on-shelf", "return"] as const;
export type Fate = (typeof FATES)[number];

/** What is worth keeping of a condemned motor. Persisted likewise. */
export const KEPT_PARTS = ["rotor", "end-bells", "base", "fan", "bearings", "capacitor", "switch"] as const;
export type KeptPart = (typeof KEPT_PARTS)[number];

/** What kind of line each kept part becomes on the shelf. */
export const KEPT_AS: Readonly<Record<KeptPart, PartKind>> = {
  rotor: "other",
  "end-bells": "other",
  base: "other",
  fan: "other",
  bearings: "bearing",
  capacitor: "capacitor",
  switch: "start-gear",
};
