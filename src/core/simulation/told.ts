import type { Complaint, Suspect } from "../trade";
import type { Course, Event } from "../diagnosis";
import type { Behaviour, Condition, Prediction } from "../motor";
import type { DrawnMotor } from "./drawn-motor";
import type { Body } from "./fault-kinds";

/** A motor with what is hidden in it, what it does, and what its owner says. */
export interface HiddenCase {
  readonly motor: DrawnMotor;
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
}

/** As much of it as shows while nobody has measured anything. */
export type Shown = Pick<HiddenCase, "motor" | "faults" | "body" | "prediction" | "sound" | "behaviour">;
