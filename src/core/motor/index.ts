export { speedAndPoles, synchronousRpm, type PoleCandidate, type SpeedAndPoles } from "./speed";
export { speedBySlipCount } from "./slip-count";
export { plateInHand, type PartedBy, type PlateConnection, type PlateFigures, type PlateInHand, type PlatePicks } from "./plate-choice";
export { PLATE_FIELDS, hertzBeside, readPlateField, type PlateFieldId } from "./plate-field";
export { endsOf, middleOf, type PlateValue } from "./plate-value";
export { TOPOLOGIES, type CapacitorPart, type Load, type LoadLaw, type Machine, type Topology } from "./machine";
export { conditionWith, SOUND, type Condition, type PartState } from "./condition";
export { toCircuit, type Circuit, type SwitchState } from "./circuit";
export { steadyState, type Phasor, type SteadyState } from "./steady";
export { hasStarted, restFromStandstill, restWhenRunning, type RestPoint } from "./resting";
export { idleRange, judgeIdle, type IdleRange, type IdleVerdict } from "./idle-amps";
export { torqueSpeedCurve, type CurvePoint } from "./curve";
export { startHeatOf, type StartHeat } from "./start-heat";
export { simulateStart, type Start, type StartOptions, type TracePoint } from "./transient";
export {
  TOPOLOGY_OF_TYPE,
  USUAL_OF_MACHINE,
  type CapacitorKnowledge,
  type KnowledgeEntry,
  type MotorKnowledge,
  type RunningKnowledge,
} from "./knowledge";
export { estimateMotor, type MotorEstimate, type PlateConflict } from "./estimate";
export { plateStates, type PlateStates } from "./observations";
export { conditionOfFault, FAULT_IDS, FAULTS, faultsFor, type Fault, type FaultId, type FaultSpec } from "./faults";
export { predict, type Prediction, type PredictedRun, type RunQuantity } from "./prediction";
export { type Expectation, type Range, type RunRanges } from "./expectation";
export { BEHAVIOURS, behavioursOn, stateOfBehaviour, type Behaviour, type Measured } from "./behaviour";
export type { Explanation } from "./explanation";
export type { FaultLikelihood } from "./explain";
export { type SupplyFigure } from "./samples";
export { understandRun, type RunQuestion, type RunUnderstanding } from "./run-question";
export {
  areThreeAlike,
  FOREIGN_PHRASES,
  foreignByPlate,
  foreignBySaid,
  MOTOR_SORTS,
  type ForeignSort,
  type MotorSort,
  type NotOurs,
} from "./not-ours";
export { isSuppliedForAnother, looksOtherwiseConnected, otherConnection, type ConnectionFigures } from "./other-connection";
export { capacitorOf, conditionOfChoice, noticesOf, whatIf, type Notice, type WhatIfCase, type WhatIfChoice } from "./what-if";
export { capacitorEffect, type CapacitorEffect, type EffectQuestion } from "./capacitor-effect";
export { estimateOnce } from "./estimate-once";
export { USUAL_EFFICIENCY, usualEfficiency, WATTS_PER_HORSEPOWER } from "./usual-efficiency";
export { usualOhms, type UsualOhms } from "./usual-ohms";
export { asFitted } from "./as-fitted";
export { NO_FITTED_FACTS, NO_PLATE_FACTS, NO_RUN_FACTS, type FittedFacts, type FittedMotor, type PlateFacts, type RunFacts } from "./facts";
export { inferConnection, supplyLimits, type InferredConnection } from "./plate-supply";
export {
  HOT_PLACES,
  NO_RUN_ENTRIES,
  NOISES,
  RUN_ENTRY_FIELDS,
  RUN_FIELD_IDS,
  RUN_FIELDS,
  WARMTHS,
  type HotPlace,
  type Noise,
  type RunEntries,
  type RunField,
  type Warmth,
} from "./run-entries";
export { ampsLimits, findingOfAmps, judgeAmps, workingOfAmps, type AmpsVerdict } from "./running-amps";
export { slipOfRun, slipsOfRun, supplyJudge, withoutSlips, type RunSlips } from "./run-slips";
export { TURNED_BY, turnedByOn, ROTATIONS, seenFromShaft, type TurnedBy, type Rotation, type SeenFrom } from "./rotation";
