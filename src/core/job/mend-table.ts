import type { ActionId } from "../trade";

/** What of a motor readings are taken of. */
export type ReadPart = "capacitor" | "windings" | "frame" | "start-gear" | "bearings" | "supply" | "running";

/** What shows that a work was right. */
export type MendProof = "starts-by-itself" | "quiet" | "frame-clear" | "no-heat-at-joint" | "turns-free" | "amps-near-plate" | "right-way";

interface MendSpec {
  /** what is read anew after it */
  readonly touches: readonly ReadPart[];
  /** decisions it carries out */
  readonly of: readonly ActionId[];
  /** leads or windings were handled: to the frame before power */
  readonly asksFrame: boolean;
  /** minutes it takes; trade judgement */
  readonly minutes: number;
  readonly proof: MendProof;
}

/**
 * Works that need no part, a row each; its words stand in `features/vocabulary/mend-words.ts`. Ids are persisted: do not change
 * without a migration.
 * @source trade practice
 */
const MEND_ROWS = {
  "seat-or-fasten": { touches: ["running"], of: ["make-it-hold"], asksFrame: false, minutes: 15, proof: "quiet" },
  "clean-contacts": {
    touches: ["start-gear", "running"],
    of: ["service-start-switch"],
    asksFrame: false,
    minutes: 20,
    proof: "starts-by-itself",
  },
  "free-governor": {
    touches: ["start-gear", "running"],
    of: ["service-start-switch"],
    asksFrame: false,
    minutes: 25,
    proof: "starts-by-itself",
  },
  "grease-bearings": { touches: ["bearings", "running"], of: ["service-bearings"], asksFrame: false, minutes: 20, proof: "quiet" },
  "dry-out": { touches: ["frame", "windings", "running"], of: ["dry-out"], asksFrame: true, minutes: 30, proof: "frame-clear" },
  "rejoin-lead": {
    touches: ["windings", "frame", "running"],
    of: ["repair-wiring-or-supply"],
    asksFrame: true,
    minutes: 20,
    proof: "no-heat-at-joint",
  },
  "tighten-terminal": {
    touches: ["supply", "running"],
    of: ["repair-wiring-or-supply"],
    asksFrame: false,
    minutes: 10,
    proof: "no-heat-at-joint",
  },
  "free-rotor": {
    touches: ["bearings", "running"],
    of: ["service-bearings", "free-load"],
    asksFrame: false,
    minutes: 20,
    proof: "turns-free",
  },
  "clean-wheel": { touches: ["running"], of: ["free-load"], asksFrame: false, minutes: 30, proof: "quiet" },
  "connect-for-volts": {
    touches: ["windings", "frame", "supply", "running"],
    of: ["reconnect"],
    asksFrame: true,
    minutes: 15,
    proof: "amps-near-plate",
  },
  "turn-way-round": { touches: ["frame", "running"], of: ["reconnect"], asksFrame: true, minutes: 15, proof: "right-way" },
  "turn-rotor-round": { touches: ["frame", "bearings", "running"], of: ["reconnect"], asksFrame: true, minutes: 45, proof: "right-way" },
} as const satisfies Record<string, MendSpec>;
export type MendId = keyof typeof MEND_ROWS;
export const MENDS = Object.keys(MEND_ROWS) as [MendId, ...MendId[]];
export const MEND_TABLE: Readonly<Record<MendId, MendSpec>> = MEND_ROWS;
