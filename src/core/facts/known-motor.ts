import type { MotorType } from "../trade";
import type { Facts } from "./facts";
import { sectionFor } from "./usual-section";
import type { CapacitorLabel } from "../capacitor";
import { otherConnection, TOPOLOGY_OF_TYPE, USUAL_OF_MACHINE, type CapacitorKnowledge, type MotorKnowledge } from "../motor";
import { fail, ok, type Failure, type Result } from "../result";

type KnownType = Exclude<MotorType, "unknown">;

/** What the traveller knows of its motor, as the machine model takes it. */
export interface KnownMotor {
  readonly knowledge: MotorKnowledge;
  /** the type that was taken for granted, where the plate does not say; null: it says */
  readonly assumedType: KnownType | null;
}

/** Windings of a motor at work; the class's limit is not what they usually reach. */
const USUAL_WARM_C = 75;
const USUAL_TOLERANCE = { run: 0.06, start: 0.15 } as const;

/**
 * What the plate asks for of this kind; without a second part on it, its only one.
 * @param facts what the plate asks for
 * @param kind run or start part
 * @returns the label; null: the plate asks for none
 */
export function plateCapacitorFor(
  { plateCapacitor, plateSecondCapacitor, motorType }: Pick<Facts, "plateCapacitor" | "plateSecondCapacitor" | "motorType">,
  kind: CapacitorLabel["kind"],
): CapacitorLabel | null {
  // Where the motor has both, the one that can be read says nothing of the other.
  const only = motorType === "cap-start-run" ? null : plateCapacitor;
  return [plateCapacitor, plateSecondCapacitor].find((label) => label?.kind === kind) ?? only;
}

/** Value of a label as the model takes it: the nominal one, or the middle of the printed range. */
function toKnowledge(label: CapacitorLabel | null, kind: "run" | "start", machineKind: Facts["machineKind"]): CapacitorKnowledge | null {
  const section = sectionFor(label, machineKind);
  if (!section || label?.kind !== kind) return null;
  const { nominalUf, lowUf, highUf } = section;
  const capacitanceUf = nominalUf ?? (lowUf !== null && highUf !== null ? (lowUf + highUf) / 2 : null);
  if (capacitanceUf === null || !(capacitanceUf > 0)) return null;
  const half = lowUf !== null && highUf !== null ? (highUf - lowUf) / 2 / capacitanceUf : USUAL_TOLERANCE[kind];
  return { capacitanceUf, toleranceFraction: half, resistanceOhm: null };
}

/** A motor of no known type: the kind of its capacitor says most, then what its machine usually has. */
function assumeType({ plateCapacitor, plateSecondCapacitor, fittedCapacitor, machineKind }: Facts): KnownType {
  const kinds = [plateCapacitor?.kind, plateSecondCapacitor?.kind];
  if (kinds.includes("run") && kinds.includes("start")) return "cap-start-run";
  const kind = (plateCapacitor ?? fittedCapacitor)?.kind;
  if (kind === "run") return "psc";
  if (kind === "start") return "cap-start";
  return USUAL_OF_MACHINE[machineKind].type;
}

/**
 * What is known of the motor from plate, windings and capacitor label.
 * @param facts what is known of the motor
 * @returns what the model takes, and the type that was assumed
 * @errors 'motor-without-model' for a motor without a start winding
 */
export function knownMotor(facts: Facts): Result<KnownMotor, Failure> {
  const type = facts.motorType === "unknown" ? assumeType(facts) : facts.motorType;
  const assumedType = facts.motorType === "unknown" ? type : null;
  const topology = TOPOLOGY_OF_TYPE[type];
  if (topology === null) return fail({ code: "motor-without-model", motorType: type });
  // What the plate asks for makes the motor; a part that was fitted says so only where the plate is silent.
  const labelOf = (kind: "run" | "start"): CapacitorLabel | null => plateCapacitorFor(facts, kind) ?? facts.fittedCapacitor;
  const partOf = (kind: "run" | "start"): CapacitorKnowledge | null => toKnowledge(labelOf(kind), kind, facts.machineKind);
  const hasRun = topology === "psc" || topology === "cscr";
  const hasStart = topology === "csir" || topology === "cscr";
  const other = otherConnection(facts);
  const runCapacitor = hasRun ? partOf("run") : null;
  return ok({
    assumedType,
    knowledge: {
      topology,
      loadLaw: USUAL_OF_MACHINE[facts.machineKind].law,
      machineKind: facts.machineKind,
      supplyV: facts.supplyV,
      frequencyHz: facts.frequencyHz,
      powerW: facts.powerW,
      fullLoadA: facts.fullLoadA,
      fullLoadRpm: facts.fullLoadRpm,
      lockedRotorA: null,
      runCapacitor,
      startCapacitor: hasStart ? partOf("start") : null,
      capacitorRatedV: runCapacitor ? (labelOf("run")?.ratedV ?? null) : null,
      main: facts.mainWinding,
      start: facts.startWinding,
      warmC: USUAL_WARM_C,
      ...(other === null ? {} : { otherVolts: other }),
    },
  });
}
