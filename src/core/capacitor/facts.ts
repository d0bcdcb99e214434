import type { Entry, Figure } from "../quantity";
import type { Gone } from "./gone";
import type { CapacitorLabel } from "./label/says";

/** The capacitor the plate asks for, the one that is fitted, and what was measured of it. */
export interface CapacitorFacts {
  /** what the plate asks for; the run part where it asks for two */
  readonly plateCapacitor: CapacitorLabel | null;
  /** the other part of a plate that asks for two */
  readonly plateSecondCapacitor: CapacitorLabel | null;
  readonly fittedCapacitor: CapacitorLabel | null;
  /** it is not there to be measured: none fitted, taken out, or bridged; null: nobody says so */
  readonly capacitorGone: Gone | null;
  /** bulged, leaking or burnt: condemned by the eye */
  readonly isCapacitorDamaged: boolean;
  /** run capacitor as measured, by whatever method counts [µF] */
  readonly capacitorFoundUf: number | null;
  /** amps and volts of the run capacitor while running */
  readonly capacitorRunning: { readonly amps: Figure; readonly volts: Figure } | null;
  /** capacitors confirmed between two posts of the board, with the names of the posts */
  readonly boardCapacitors: readonly { readonly posts: readonly [string, string]; readonly entry: Entry }[];
}

export const NO_CAPACITOR_FACTS: CapacitorFacts = {
  plateCapacitor: null,
  plateSecondCapacitor: null,
  fittedCapacitor: null,
  capacitorGone: null,
  isCapacitorDamaged: false,
  capacitorFoundUf: null,
  capacitorRunning: null,
  boardCapacitors: [],
};
