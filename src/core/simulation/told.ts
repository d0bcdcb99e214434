import type { Complaint, Suspect } from "../trade";
import type { Course, Event } from "../diagnosis";
import type { Purpose } from "../job";
import type { Behaviour, Condition, Prediction } from "../motor";
import type { DrawnMotor } from "./drawn-motor";
import type { Body } from "./fault-kinds";

/** Something that is wrong with it, by its kind. */
export interface Flaw {
  readonly id: string;
  readonly suspect: Suspect;
  readonly body: Body;
}

/** Where it stands, and what for. */
export interface Surroundings {
  /** volts of the feed over those of the plate */
  readonly voltageScale: number;
  /** load of the machine over the rated one */
  readonly loadScale: number;
  readonly ambientC: number;
  readonly purpose: Purpose;
}

/** A motor with what is hidden in it, what it does, and what its owner says; of one moment. */
export interface HiddenCase {
  readonly motor: DrawnMotor;
  readonly place: Surroundings;
  readonly flaws: readonly Flaw[];
  readonly faults: readonly Suspect[];
  readonly body: Body;
  readonly condition: Condition;
  /** what the machine does, as physics has it */
  readonly prediction: Prediction;
  readonly sound: Prediction;
  readonly behaviour: Behaviour;
  readonly complaints: readonly Complaint[];
  readonly course: readonly Course[];
  readonly after: readonly Event[];
  /** what the meters and the eyes of this visit get wrong: drawn once, so that a test repeated shows the same */
  readonly seed: number;
  /** share of figures that are misread by a digit */
  readonly misreads: number;
  /** insulation of the sound windings at 40 °C [MΩ] */
  readonly soundMegohm: number;
  /** above the air around it, by what it ran [K] */
  readonly riseK: number;
  /** tries to start it while it could not turn */
  readonly stalls: number;
}

/** As much of it as shows while nobody has measured anything. */
export type Shown = Pick<HiddenCase, "motor" | "faults" | "body" | "prediction" | "sound" | "behaviour">;
