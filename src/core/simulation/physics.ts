import { conditionWith, predict, type Behaviour, type Machine, type Prediction } from "../motor";
import type { DrawnMotor } from "./drawn-motor";
import type { Body } from "./fault-kinds";
import type { Flaw, HiddenCase, Surroundings } from "./told";

/** Bodies in one shell: what the first says nothing of, the next says. */
const joined = (first: Body, second: Body): Body => ({ ...second, ...first, condition: { ...second.condition, ...first.condition } });

/** A hard path to ground opens the breaker before the rotor moves. */
const TRIPS_BELOW_OHM = 60;

function behaviourOf(body: Body, { startsAlone, keepsRunning, held }: Prediction): Behaviour {
  const { volts, open, frameOhm, comesAndGoes, startTurns } = body;
  if (volts === "absent" || volts === "lost" || volts === "no-call" || open === "common") return "dead";
  if (frameOhm !== undefined && frameOhm < TRIPS_BELOW_OHM) return "trips";
  if (comesAndGoes) return "starts";
  // Turns that close on themselves hold the rotor as they feed on it.
  if (startTurns !== undefined) return keepsRunning ? "only-pushed" : "hums";
  if (startsAlone) return "starts";
  if ((held.lineA ?? 0) < 0.02) return "dead";
  return keepsRunning ? "only-pushed" : "hums";
}

/** Turns that are left take ohms with them, and reactance by their square. */
function withTurns(machine: Machine, part: number | undefined): Machine {
  if (part === undefined) return machine;
  return {
    ...machine,
    startResistanceOhm: machine.startResistanceOhm * part,
    startReactanceOhm: machine.startReactanceOhm * part ** 2,
    turnsRatio: machine.turnsRatio * part,
  };
}

const inLine = (prediction: Prediction, times: number): Prediction => {
  const scaled = <Figures extends { readonly lineA: number | null }>(figures: Figures): Figures => ({
    ...figures,
    lineA: figures.lineA === null ? null : times * figures.lineA,
  });
  return { ...prediction, running: prediction.running && scaled(prediction.running), held: scaled(prediction.held) };
};

/** Without a second winding it starts by its shaded poles, and draws much the same whatever it does. */
function shadedDoes({ shaded }: DrawnMotor, { condition, open }: Body, place: Surroundings): Prediction {
  const { runningA, lockedA, rpm } = shaded ?? { runningA: 0, lockedA: 0, rpm: 0 };
  const volts = condition.voltageScale ?? place.voltageScale;
  const shorted = 1 + 6 * (condition.shortedMainFraction ?? 0);
  const isOpen = open !== undefined;
  const none = { lineA: 0, startA: null, capacitorV: null, speedRpm: null, startTimeS: null };
  const held = isOpen ? none : { ...none, lineA: lockedA * volts * shorted };
  const starts = !isOpen && condition.isJammed !== true && volts > 0.65;
  const load = (condition.loadScale ?? 1) * place.loadScale + (condition.dragTorqueNm ?? 0) * 10;
  const running = {
    ...none,
    lineA: runningA * volts * shorted * (0.9 + 0.1 * load),
    speedRpm: rpm * (1 - 0.08 * (load - 0.9)),
    startTimeS: 1.5 * Math.max(0.4, load),
  };
  return { startsAlone: starts, keepsRunning: starts, running: starts ? running : null, held };
}

/** What a motor does with such flaws at such a place. */
export type Doing = Pick<HiddenCase, "faults" | "body" | "condition" | "prediction" | "behaviour">;

/**
 * What a motor does, by the physics of the machine model.
 * @param motor as it was made
 * @param flaws what is wrong with it
 * @param place its feed and its load
 * @returns its parts as they are, and what it does
 */
export function doingOf(motor: DrawnMotor, flaws: readonly Flaw[], place: Surroundings): Doing {
  const body = flaws.reduce<Body>((all, flaw) => joined(all, flaw.body), { condition: {} });
  const turned = body.condition.loadScale ?? 1;
  // Half the volts, or double, are of the feed that is there.
  const volts = body.condition.voltageScale;
  const condition = conditionWith({
    voltageScale: place.voltageScale,
    ...body.condition,
    ...(volts !== undefined && body.lineTimes !== undefined ? { voltageScale: volts * place.voltageScale } : {}),
    loadScale: turned * place.loadScale,
  });
  const ran = motor.shaded ? shadedDoes(motor, body, place) : predict(withTurns(motor.machine, body.startTurns), condition);
  const prediction = body.lineTimes === undefined ? ran : inLine(ran, body.lineTimes);
  return { faults: flaws.map(({ suspect }) => suspect), body, condition, prediction, behaviour: behaviourOf(body, prediction) };
}

/** Load of a machine as it is usually met, over the rated one. */
export const SOUND_LOAD = 0.9;
/** What it would do with nothing wrong. */
export const soundOf = (motor: DrawnMotor): Prediction =>
  motor.shaded
    ? shadedDoes(motor, { condition: {} }, { voltageScale: 1, loadScale: SOUND_LOAD, ambientC: 20, purpose: "fault" })
    : predict(motor.machine, conditionWith({ loadScale: SOUND_LOAD }));
