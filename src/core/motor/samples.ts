import { normalFrom, seriesFrom } from "../numeric";
import type { Condition } from "./condition";
import type { MotorEstimate } from "./estimate";
import { USUAL_RUN_UP, type MotorKnowledge } from "./knowledge";
import { EQUALISED_AT_REST } from "./load";
import type { Machine } from "./machine";

/** Volts at the motor while it runs, as read off a meter; null where nobody measured. */
export interface SupplyFigure {
  readonly value: number;
  readonly standardUncertainty: number;
}

/** One way the motor could be, with what it drives today and the volts it gets. */
export interface Sample {
  readonly machine: Machine;
  /** part of the rated load it drives */
  readonly loadShare: number;
  readonly voltageScale: number;
}

/*
 * What a machine in good order asks of its motor: designers leave a little in hand, and filters and doors move it.
 * Source: ASHRAE Handbook, HVAC Systems and Equipment, Motors (usual loading of fan and pump motors); spread by trade judgement.
 */
const LOAD_SHARE = { middle: 0.93, sd: 0.1, least: 0.4, most: 1.3 } as const;
/** Supply nobody measured. @source IEC 60038 allows ±10 %; most sites lie well inside */
const UNKNOWN_SUPPLY_SD = 0.03;
/** Seals and bearings in good order, the same at every speed, over rated torque. */
export const USUAL_DRAG_FRACTION = 0.03;
const RUN_UP_LOG_SD = 0.5;
/** From one compressor to the next, within the range of the trade. */
const AT_REST_SD = 0.05;
/** Fixed, so that the same figures always get the same answer. */
const SEED = 7_307;

function drawAtRest(normal: () => number): number {
  const { low, middle, high } = EQUALISED_AT_REST;
  return Math.min(high, Math.max(low, middle + AT_REST_SD * normal()));
}

/** Machines that fit the plate, each with its own load, volts and wheel. */
export function drawSamples({ members }: MotorEstimate, knowledge: MotorKnowledge, supply: SupplyFigure | null, draws: number): Sample[] {
  const normal = normalFrom(seriesFrom(SEED));
  const usualS = USUAL_RUN_UP[knowledge.machineKind];
  return Array.from({ length: draws }, () => members)
    .flat()
    .map((machine) => {
      const { load } = machine;
      const ratedRadS = (load.ratedRpm * Math.PI) / 30;
      const runUpS = usualS * Math.exp(RUN_UP_LOG_SD * normal());
      const share = LOAD_SHARE.middle + LOAD_SHARE.sd * normal();
      const noise = normal();
      const voltageScale = supply ? (supply.value + supply.standardUncertainty * noise) / machine.supplyV : 1 + UNKNOWN_SUPPLY_SD * noise;
      return {
        machine: {
          ...machine,
          inertiaKgm2: (load.ratedTorqueNm * runUpS) / ratedRadS,
          load: load.law === "equalised" ? { ...load, atRest: drawAtRest(normal) } : load,
        },
        loadShare: Math.min(LOAD_SHARE.most, Math.max(LOAD_SHARE.least, share)),
        voltageScale: Math.max(0.05, voltageScale),
      };
    });
}

/** A condition on this machine with this load and these volts. */
export function conditionOfSample({ machine, loadShare, voltageScale }: Sample, condition: Condition): Condition {
  return {
    ...condition,
    voltageScale: condition.voltageScale * voltageScale,
    loadScale: condition.loadScale * Math.max(0, loadShare - USUAL_DRAG_FRACTION),
    dragTorqueNm: condition.dragTorqueNm + USUAL_DRAG_FRACTION * machine.load.ratedTorqueNm,
  };
}
