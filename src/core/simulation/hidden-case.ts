import type { Suspect } from "../trade";
import { conditionWith, predict, type Behaviour, type Prediction } from "../motor";
import { chanceFrom, type Chance } from "./chance";
import { complaintsOf, historyOf } from "./customer";
import { drawMotor, type DrawnMotor } from "./drawn-motor";
import { FAULT_KINDS, type Body } from "./fault-kinds";
import type { HiddenCase } from "./told";

/** Nothing wrong in it, and somebody called all the same. */
const NOTHING_WRONG = 0.06;
const TWO_FAULTS = 0.1;

/** Two bodies in one shell: what the one says nothing of, the other says. */
const joined = (first: Body, second: Body): Body => ({ ...second, ...first, condition: { ...second.condition, ...first.condition } });

function drawFaults(chance: Chance, motor: DrawnMotor): { faults: readonly Suspect[]; body: Body } {
  if (chance.is(NOTHING_WRONG)) return { faults: [], body: { condition: {} } };
  const rows = FAULT_KINDS.filter(({ fits }) => fits(motor)).map((kind) => [kind, kind.often] as const);
  const first = chance.weighed(rows);
  const body = first.body(chance, motor.machine);
  if (!chance.is(TWO_FAULTS)) return { faults: [first.suspect], body };
  const second = chance.weighed(rows.filter(([{ suspect }]) => suspect !== first.suspect));
  return { faults: [first.suspect, second.suspect], body: joined(body, second.body(chance, motor.machine)) };
}

/** A hard path to ground opens the breaker before the rotor moves. */
const TRIPS_BELOW_OHM = 60;

function behaviourOf({ volts, open, frameOhm, comesAndGoes }: Body, { startsAlone, keepsRunning, held }: Prediction): Behaviour {
  if (volts === "absent" || volts === "lost" || volts === "no-call" || open === "common") return "dead";
  if (frameOhm !== undefined && frameOhm < TRIPS_BELOW_OHM) return "trips";
  if (comesAndGoes) return "starts";
  if (startsAlone) return "starts";
  if ((held.lineA ?? 0) < 0.02) return "dead";
  return keepsRunning ? "only-pushed" : "hums";
}

/**
 * A case of this world. Its motors, rates, findings and customers are its own: nothing is drawn from the tables by which a
 * case is judged.
 * @param seed any whole number; the same seed gives the same series
 * @param talk how much of what they notice customers say: 0 one word, 1 all of it
 * @returns the case
 */
export function hiddenCase(seed: number, talk: number | null = null): HiddenCase {
  const chance = chanceFrom(seed * 7919 + 101);
  for (;;) {
    const motor = drawMotor(chance);
    const { faults, body } = drawFaults(chance, motor);
    const condition = conditionWith({
      voltageScale: chance.between(0.96, 1.04),
      ...body.condition,
      loadScale: (body.condition.loadScale ?? 1) * chance.between(0.78, 1),
    });
    const prediction = predict(motor.machine, condition);
    const sound = predict(motor.machine, conditionWith({ loadScale: 0.9 }));
    const behaviour = behaviourOf(body, prediction);
    const told = { motor, faults, body, prediction, sound, behaviour };
    const complaints = complaintsOf(told, chance, talk ?? chance.of([0.15, 0.5, 0.9]));
    // Nobody calls about nothing.
    if (complaints.length === 0) continue;
    return { ...told, condition, complaints, ...historyOf(faults, chance), seed };
  }
}
