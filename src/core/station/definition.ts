import type { ReadPart } from "../job";
import type { Trait } from "../relevance";
import type { TestId } from "../trade";

/** State the circuit must be in; a change of state is a station of its own; `either`: the state does not matter. */
export type StationPower = "dead" | "live" | "either" | "to-dead" | "to-live";

/** Dangers that bite at several stations, told at the step where they do; the sentences live with the interface. */
export type SharedCaution =
  | "stored-charge"
  | "prove-dead"
  | "line-voltage"
  | "moving-parts"
  | "pressurised-terminals"
  | "oil-filled-can"
  | "motor-at-rest"
  | "local-codes"
  | "hot-surfaces"
  | "bare-metal"
  | "test-voltage"
  | "short-tries"
  | "flying-key"
  | "push-with-stick"
  | "interlock"
  | "press-and-pull"
  | "springs-and-rings"
  | "mark-wires"
  | "gas-off"
  | "gas-back";

/** A caution of any station: a shared one, or one of the station's own, whose sentence stands in its view. */
export type CautionCode = SharedCaution | (string & {});

/** One of several ways to work at a station; each has its own power state. The first is the usual one. */
export interface StationMethod {
  readonly id: string;
  readonly power: "dead" | "live" | "either";
  readonly tests: readonly TestId[];
  readonly cautions: readonly CautionCode[];
  /** nothing to do on a motor that lacks it */
  readonly needs?: Trait;
  /** has nothing to go on without the other stations of a card */
  readonly needsCard?: true;
}

export interface StationDefinition<Id extends string = string> {
  readonly id: Id;
  readonly power: StationPower;
  readonly minutes: number;
  /** tests of the diagnosis this station makes */
  readonly tests: readonly TestId[];
  /** what of the motor its readings are taken of: a work that touches it lies between two times; without it, it has but one */
  readonly reads?: readonly ReadPart[];
  /** beside the point on a motor that lacks it: kept out of the way, never out of reach */
  readonly needs?: Trait;
  /** asked before any test is proposed: what is known decides what can be at fault */
  readonly isOpening?: true;
  readonly cautions: readonly CautionCode[];
  /** where a station is worked in several ways; power and cautions of the way in hand then hold */
  readonly methods?: readonly StationMethod[];
}
