import { NO_MECHANICS_FACTS, type MechanicsFacts } from "../bearing";
import { NO_CAPACITOR_FACTS, type CapacitorFacts } from "../capacitor";
import { NO_DECISION_FACTS, type DecisionFacts } from "../decision";
import { NO_COMPLAINT_FACTS, type ComplaintFacts } from "../diagnosis";
import { NO_FRAME_FACTS, type FrameFacts } from "../insulation";
import { NO_FITTED_FACTS, NO_PLATE_FACTS, NO_RUN_FACTS, type FittedFacts, type PlateFacts, type RunFacts } from "../motor";
import { NO_JOB_FACTS, NO_POWER_FACTS, type JobFacts, type PowerFacts } from "../job";
import { NO_GEAR_FACTS, type GearFacts } from "../startgear";
import { NO_WINDING_FACTS, type WindingFacts } from "../winding";

/** What stations learn about the motor and hand on to those after them, in working order: each topic states its own. */
export interface Facts
  extends
    ComplaintFacts,
    PlateFacts,
    CapacitorFacts,
    WindingFacts,
    FrameFacts,
    GearFacts,
    MechanicsFacts,
    RunFacts,
    FittedFacts,
    DecisionFacts,
    PowerFacts,
    JobFacts {}

/** A motor of which nothing is known. */
export const NO_FACTS: Facts = {
  ...NO_COMPLAINT_FACTS,
  ...NO_PLATE_FACTS,
  ...NO_CAPACITOR_FACTS,
  ...NO_WINDING_FACTS,
  ...NO_FRAME_FACTS,
  ...NO_GEAR_FACTS,
  ...NO_MECHANICS_FACTS,
  ...NO_RUN_FACTS,
  ...NO_FITTED_FACTS,
  ...NO_DECISION_FACTS,
  ...NO_POWER_FACTS,
  ...NO_JOB_FACTS,
};
