import type { Purpose } from "../job";
import { chanceFrom, type Chance } from "./chance";
import { complaintsOf, historyOf } from "./customer";
import { drawMotor, type DrawnMotor } from "./drawn-motor";
import { FAULT_KINDS, type FaultKind } from "./fault-kinds";
import { doingOf, SOUND_LOAD, soundOf } from "./physics";
import { MISREAD } from "./keyed";
import type { Flaw, HiddenCase, Surroundings } from "./told";
import { WIDE_KINDS } from "./wide-kinds";
import { drawWideMotor } from "./wide-motor";

/** Nothing wrong in it, and somebody called all the same. */
const NOTHING_WRONG = 0.06;
const TWO_FAULTS = 0.1;

/** How much of the world is met: motors as bench and reference have them, or whole jobs of every sort. */
export type Level = "usual" | "wide";

function drawFlaws(chance: Chance, motor: DrawnMotor, kinds: readonly FaultKind[], sound: number): readonly Flaw[] {
  if (chance.is(sound)) return [];
  const rows = kinds.filter(({ fits }) => fits(motor)).map((kind) => [kind, kind.often] as const);
  if (rows.length === 0) return [];
  const flawOf = ({ id, suspect, body }: FaultKind): Flaw => ({ id, suspect, body: body(chance, motor.machine) });
  const first = chance.weighed(rows);
  const flaw = flawOf(first);
  const others = rows.filter(([{ suspect }]) => suspect !== first.suspect);
  if (!chance.is(TWO_FAULTS) || others.length === 0) return [flaw];
  return [flaw, flawOf(chance.weighed(others))];
}

/** Nobody measures these at a motor that lies on the bench. */
const OF_THE_PLACE = ["supply", "wiring", "control", "driven-load"];
/** What still turns on a yearly check. */
const GOES_UNNOTICED = [
  "run-weak",
  "bearing-worn",
  "bearing-dry",
  "damp",
  "cover-loose",
  "load-heavy",
  "start-weak",
  "run-worn",
  "start-worn",
];
/** Of a motor that is none of ours: what it shares with ours. */
const OF_ANY_MOTOR = ["bearing-worn", "bearing-dry", "load-noisy", "cover-loose"];

function kindsFor(motor: DrawnMotor, purpose: Purpose): readonly FaultKind[] {
  const all = [...FAULT_KINDS, ...WIDE_KINDS];
  if (motor.foreign) return all.filter(({ id }) => OF_ANY_MOTOR.includes(id));
  if (purpose === "spare") return all.filter(({ suspect }) => !OF_THE_PLACE.includes(suspect));
  if (purpose === "yearly-check") return all.filter(({ id }) => GOES_UNNOTICED.includes(id));
  // The one winding of a shaded-pole motor is open, shorted or grounded; nothing else of the windings is there.
  return motor.shaded ? all.filter(({ id }) => id !== "start-winding-open" && id !== "protector-open") : all;
}

const SOUND_BY_PURPOSE: Readonly<Record<Purpose, number>> = { fault: NOTHING_WRONG, "yearly-check": 0.55, spare: 0.4 };

/** Windings with nothing wrong, at 40 °C. */
const SOUND_MEGOHM = 200;

/** Motors as they are met in general: twenty-five degrees, a customer who called. */
function usualCase(chance: Chance): { motor: DrawnMotor; flaws: readonly Flaw[]; place: Surroundings; soundMegohm: number } {
  const motor = drawMotor(chance);
  const flaws = drawFlaws(chance, motor, FAULT_KINDS, NOTHING_WRONG);
  const place = { voltageScale: chance.between(0.96, 1.04), loadScale: chance.between(0.78, 1), ambientC: 25, purpose: "fault" as const };
  return { motor, flaws, place, soundMegohm: SOUND_MEGOHM };
}

const COLDEST_C = -30;
const HOTTEST_C = 60;
/** Most are met indoors; some at the ends of what is met. */
const ambientOf = (chance: Chance): number => Math.round(chance.is(0.6) ? chance.between(10, 30) : chance.between(COLDEST_C, HOTTEST_C));

function wideCase(chance: Chance): { motor: DrawnMotor; flaws: readonly Flaw[]; place: Surroundings; soundMegohm: number } {
  const motor = drawWideMotor(chance);
  const purpose = chance.weighed<Purpose>([
    ["fault", 80],
    ["yearly-check", 10],
    ["spare", motor.kind === "hermetic-compressor" ? 0 : 10],
  ]);
  const flaws = drawFlaws(chance, motor, kindsFor(motor, purpose), motor.foreign ? 0.5 : SOUND_BY_PURPOSE[purpose]);
  const isSpare = purpose === "spare";
  return {
    motor,
    flaws,
    place: {
      voltageScale: isSpare ? chance.between(0.98, 1.02) : chance.between(0.96, 1.04),
      loadScale: isSpare ? 0.05 : chance.between(0.78, 1),
      ambientC: isSpare ? Math.round(chance.between(12, 28)) : ambientOf(chance),
      purpose,
    },
    soundMegohm: 20 * 10 ** chance.between(0, 1.6),
  };
}

/** Seeds that follow one another give series that do not. */
const chanceOf = (seed: number): Chance => chanceFrom(seed * 7919 + 101);

/** Indoors, on its plate's volts, loaded as it was made for. */
const USUAL_PLACE: Surroundings = { voltageScale: 1, loadScale: SOUND_LOAD, ambientC: 20, purpose: "fault" };

/**
 * Faults that a motor of its kind can have.
 * @param motor as it was made
 * @returns their ids, in the order of their tables
 */
export const faultsOf = (motor: DrawnMotor): readonly string[] =>
  kindsFor(motor, "fault").flatMap((kind) => (kind.fits(motor) ? [kind.id] : []));

/**
 * A case of a motor that is given: nobody called, and one fault is in it, or none.
 * @param motor as it was made
 * @param fault id of a kind that fits it; null: nothing is wrong
 * @param seed how large the fault is, and what meters and eyes get wrong
 * @returns the case
 */
export function caseOfMotor(motor: DrawnMotor, fault: string | null, seed: number): HiddenCase {
  const kind = kindsFor(motor, "fault").find(({ id, fits }) => id === fault && fits(motor));
  const flaws: readonly Flaw[] = kind ? [{ id: kind.id, suspect: kind.suspect, body: kind.body(chanceOf(seed), motor.machine) }] : [];
  return {
    motor,
    ...doingOf(motor, flaws, USUAL_PLACE),
    sound: soundOf(motor),
    place: USUAL_PLACE,
    flaws,
    complaints: [],
    course: [],
    after: [],
    seed,
    misreads: 0,
    soundMegohm: SOUND_MEGOHM,
    riseK: 0,
    stalls: 0,
  };
}

/**
 * A case of this world. Its motors, rates, findings and customers are its own: nothing is drawn from the tables by which a
 * case is judged.
 * @param seed any whole number; the same seed gives the same series
 * @param talk how much of what they notice customers say: 0 one word, 1 all of it
 * @param level how much of the world is met
 * @returns the case
 */
export function hiddenCase(seed: number, talk: number | null = null, level: Level = "usual"): HiddenCase {
  const chance = chanceOf(seed);
  for (;;) {
    const { motor, flaws, place, soundMegohm } = level === "usual" ? usualCase(chance) : wideCase(chance);
    const doing = doingOf(motor, flaws, place);
    const shown = { motor, ...doing, sound: soundOf(motor) };
    // Nobody sells, or keeps, what does not start with nothing wrong.
    if (level === "wide" && doingOf(motor, [], place).behaviour !== "starts") continue;
    const calls = place.purpose === "fault";
    const complaints = calls ? complaintsOf(shown, chance, talk ?? chance.of([0.15, 0.5, 0.9])) : [];
    // Nobody calls about nothing, and a yearly check is of what runs.
    if ((calls && complaints.length === 0) || (place.purpose === "yearly-check" && doing.behaviour !== "starts")) continue;
    const history = calls ? historyOf(doing.faults, chance) : { course: [], after: [] };
    return {
      ...shown,
      place,
      flaws,
      complaints,
      ...history,
      seed,
      misreads: level === "usual" ? MISREAD : 0,
      soundMegohm,
      riseK: 0,
      stalls: 0,
    };
  }
}
