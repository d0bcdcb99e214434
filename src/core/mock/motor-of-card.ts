import { knownMotor, type Facts } from "../facts";
import { conditionWith, predict, type Machine, type MotorEstimate, type MotorKnowledge } from "../motor";
import { fail, ok, type Failure, type Result } from "../result";
import {
  caseOfMotor,
  chanceFrom,
  faultsOf,
  isBelted,
  shadedMotor,
  SOUND_LOAD,
  usualGearOf,
  worked,
  type DrawnMotor,
  type HandWork,
} from "../simulation";
import { WISHES, type Wish } from "./mock-case";
import { beginWorld, type MockWorld } from "./world";

/** Of the plate alone: what was measured may be of this very simulation. */
const plateOnly = (facts: Facts): Facts => ({ ...facts, mainWinding: null, startWinding: null, fittedCapacitor: null });

/**
 * What has to be known of a card's motor to simulate it.
 * @param facts what the card knows of its motor
 * @returns what the machine model takes of its plate; null: this motor is simulated without it
 */
export function knowledgeOfPlate(facts: Facts): MotorKnowledge | null {
  const known = knownMotor(plateOnly(facts));
  return known.ok ? known.value.knowledge : null;
}

/** By its leads a motor of several speeds; sections within what drawn motors have (0.12 to 0.4 of the main ohms). */
const TAPS: Readonly<Record<number, DrawnMotor["taps"]>> = {
  4: { speeds: 2, startAt: "C", sections: [0.25] },
  5: { speeds: 3, startAt: "C", sections: [0.2, 0.3] },
};

/** Start gear as the simulated motor knows it: what was seen, else what is usual. */
function gearOf({ startGear, machineKind }: Facts, type: DrawnMotor["type"]): DrawnMotor["gear"] {
  if (startGear === "none" || startGear === "switch" || startGear === "potential-relay") return startGear;
  return usualGearOf(type, machineKind);
}

/** A part is what its label says; nobody sells 9.7316 µF. */
const labelled = (part: Machine["runCapacitor"], label: MotorKnowledge["runCapacitor"]): Machine["runCapacitor"] =>
  part && { ...part, capacitanceUf: label?.capacitanceUf ?? Number(part.capacitanceUf.toPrecision(2)) };
const asLabelled = (machine: Machine, { runCapacitor, startCapacitor }: MotorKnowledge): Machine => ({
  ...machine,
  runCapacitor: labelled(machine.runCapacitor, runCapacitor),
  startCapacitor: labelled(machine.startCapacitor, startCapacitor),
});
const startsAlone = (machine: Machine): boolean => predict(machine, conditionWith({ loadScale: SOUND_LOAD })).startsAlone;

/**
 * A motor as a card's plate has it, to be simulated: the likeliest machine behind the plate that starts.
 * @param facts what the card knows of its motor
 * @param estimate machines that its plate allows; null: there are none, as of a shaded-pole motor
 * @returns the motor
 * @errors 'motor-hardly-known' where the plate says too little
 */
export function motorOfCard(facts: Facts, estimate: MotorEstimate | null): Result<DrawnMotor, Failure> {
  const { motorType, machineKind: kind, drive, supplyV, frequencyHz, fullLoadA, fullLoadRpm, powerW } = facts;
  if (motorType === "shaded-pole") {
    if (supplyV === null || fullLoadA === null) return fail({ code: "motor-hardly-known" });
    return ok({ ...shadedMotor(chanceFrom(1), { volts: supplyV, hertz: frequencyHz ?? 60, amps: fullLoadA, rpm: fullLoadRpm }), kind });
  }
  const known = knownMotor(plateOnly(facts));
  if (!known.ok) return known;
  const { knowledge, assumedType } = known.value;
  const machine = estimate && [estimate.machine, ...estimate.members].map((each) => asLabelled(each, knowledge)).find(startsAlone);
  if (!machine) return fail({ code: "motor-hardly-known" });
  const taps = TAPS[facts.leadNames.length];
  const type = motorType === "unknown" ? (assumedType ?? "psc") : motorType;
  return ok({
    type,
    kind,
    gear: gearOf(facts, type),
    machine,
    plate: {
      volts: machine.supplyV,
      hertz: machine.frequencyHz,
      amps: fullLoadA ?? predict(machine, conditionWith({})).running?.lineA ?? 0,
      rpm: fullLoadRpm ?? machine.load.ratedRpm,
      powerW: powerW ?? 0,
    },
    ...(type === "psc" && taps ? { taps } : {}),
    hasBelt: drive === null ? isBelted(type, kind) : drive === "belt",
  });
}

/**
 * What can be wished for in such a motor.
 * @param motor as it was made
 * @returns in the order they are offered
 */
export function wishesFor(motor: DrawnMotor): readonly Wish[] {
  const fitting = faultsOf(motor);
  return WISHES.filter((wish) => wish === "nothing" || fitting.includes(wish));
}

/** What is simulated beside a card: the same again gives the same figures. */
export interface StandInSpec {
  readonly seed: number;
  readonly wish: Wish;
}

/**
 * A card's motor as it stands, simulated: with one fault, less what was mended since, and with the power as the card has it.
 * @param motor as its plate has it
 * @param spec what is wrong with it, and how much
 * @param card works that were done, in their order, and how the power stands
 * @returns the motor at this moment
 */
export function standInWorld(
  motor: DrawnMotor,
  { seed, wish }: StandInSpec,
  { works, isLive }: { readonly works: readonly HandWork[]; readonly isLive: boolean },
): MockWorld {
  const found = caseOfMotor(motor, wish === "nothing" ? null : wish, seed);
  const hidden = works.reduce((now, work) => worked(now, work), found);
  return { ...beginWorld(found), hidden, isLive };
}
