import type { ActionId } from "../trade";

/** Kinds of parts that are kept on a shelf. Persisted: do not change without a migration. */
export const PART_KINDS = ["capacitor", "bearing", "motor", "start-gear", "other"] as const;
export type PartKind = (typeof PART_KINDS)[number];

/** Work in which a part comes out and another goes in, and what sort of part it is. */
export const SWAP_TABLE = {
  "replace-run-capacitor": { kind: "capacitor" },
  "replace-start-capacitor": { kind: "capacitor" },
  "service-start-switch": { kind: "start-gear" },
  "replace-start-relay": { kind: "start-gear" },
  "replace-bearings": { kind: "bearing" },
  "replace-motor": { kind: "motor" },
  "repair-wiring-or-supply": { kind: "other" },
  "repair-control": { kind: "other" },
} as const satisfies Partial<Record<ActionId, { readonly kind: PartKind }>>;
export type SwapAction = keyof typeof SWAP_TABLE;
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
