import { speedAndPoles, synchronousRpm } from "../motor";
import { formatNumber } from "../quantity";
import type { Chance } from "./chance";
import { drawMotor, type DrawnMotor, type Mains, type MetRow } from "./drawn-motor";

/** What whole jobs meet: every type and machine, from a hundredth of a horsepower to five. */
const MET: readonly MetRow[] = [
  [{ type: "psc", kind: "fan", watts: [8, 400] }, 18],
  [{ type: "psc", kind: "blower", watts: [60, 750] }, 16],
  [{ type: "psc", kind: "hermetic-compressor", watts: [500, 3000] }, 8],
  [{ type: "psc", kind: "pump", watts: [60, 750] }, 4],
  [{ type: "psc", kind: "other", watts: [30, 370] }, 3],
  [{ type: "cap-start-run", kind: "hermetic-compressor", watts: [800, 3500] }, 3],
  [{ type: "cap-start", kind: "pump", watts: [180, 1500] }, 6],
  [{ type: "cap-start", kind: "drum", watts: [180, 400] }, 5],
  [{ type: "cap-start", kind: "fan", watts: [180, 750] }, 3],
  [{ type: "cap-start", kind: "belt-compressor", watts: [370, 1500] }, 3],
  [{ type: "cap-start", kind: "other", watts: [180, 1500] }, 3],
  [{ type: "split-phase", kind: "drum", watts: [150, 370] }, 5],
  [{ type: "split-phase", kind: "blower", watts: [90, 370] }, 4],
  [{ type: "split-phase", kind: "pump", watts: [90, 370] }, 2],
  [{ type: "cap-start-run", kind: "belt-compressor", watts: [1000, 3700] }, 4],
  [{ type: "cap-start-run", kind: "agitator", watts: [350, 1100] }, 3],
  [{ type: "cap-start-run", kind: "pump", watts: [750, 3700] }, 3],
  [{ type: "cap-start-run", kind: "other", watts: [750, 3700] }, 2],
];

const MAINS: Mains = ({ of }, watts) => {
  const frequencyHz = of([50, 60, 60]);
  return {
    frequencyHz,
    supplyV: frequencyHz === 50 ? of([220, 230, 240]) : watts > 900 ? of([208, 230, 240]) : of([115, 120, 208, 230, 277]),
  };
};

const SHADED = 0.06;
const FOREIGN = 0.03;
const DUAL = 0.4;
const volt = (value: number): string => formatNumber(value, 0);
const amp = (value: number): string => formatNumber(value, value < 10 ? 2 : 1);

/** A small fan without a second winding. */
function shadedPole(chance: Chance): DrawnMotor {
  const watts = Math.exp(chance.between(Math.log(3), Math.log(60)));
  const frequencyHz = chance.of([50, 60]);
  const volts = frequencyHz === 50 ? chance.of([220, 230, 240]) : chance.of([115, 120, 208, 230]);
  const poles = chance.of([2, 4, 4, 6]);
  const rpm = 10 * Math.round((synchronousRpm(frequencyHz, poles) * chance.between(0.82, 0.92)) / 10);
  const efficiency = chance.between(0.1, 0.25) + 0.04 * Math.log10(watts);
  const runningA = watts / efficiency / (volts * chance.between(0.55, 0.7));
  return shadedAs(chance, { poles, rpm, volts, hertz: frequencyHz, runningA, watts });
}

interface ShadedFigures {
  readonly poles: number;
  readonly rpm: number;
  readonly volts: number;
  readonly hertz: number;
  readonly runningA: number;
  readonly watts: number;
}

function shadedAs(chance: Chance, { poles, rpm, volts, hertz, runningA, watts }: ShadedFigures): DrawnMotor {
  const base = drawMotor(chance, [[{ type: "psc", kind: "fan", watts: [25, 60] }, 1]], MAINS);
  const machine = {
    ...base.machine,
    poles,
    frequencyHz: hertz,
    supplyV: volts,
    mainResistanceOhm: (chance.between(0.18, 0.3) * volts) / runningA,
    runCapacitor: null,
    startCapacitor: null,
  };
  return {
    ...base,
    type: "shaded-pole",
    gear: "none",
    machine,
    hasBelt: false,
    plate: { volts, hertz, amps: Number(runningA.toPrecision(2)), rpm, powerW: Number(watts.toPrecision(2)) },
    shaded: { runningA, lockedA: runningA * chance.between(1.15, 1.5), rpm },
  };
}

/** Middle of the speeds that are drawn above, over the synchronous one. */
const SHADED_SPEED = 0.87;
/** Shaft watts over volts times amps: middle of efficiency and power factor as they are drawn above. */
const SHADED_WATTS = 0.14;

/**
 * A shaded-pole motor by the figures of a plate.
 * @param chance repeatable chance
 * @param plate volts, hertz and amps; rpm null: that of four poles
 * @returns the motor
 */
export function shadedMotor(
  chance: Chance,
  { volts, hertz, amps, rpm }: { readonly volts: number; readonly hertz: number; readonly amps: number; readonly rpm: number | null },
): DrawnMotor {
  const turns = rpm ?? SHADED_SPEED * synchronousRpm(hertz, 4);
  const poles = speedAndPoles(turns, hertz)?.poles ?? 4;
  return shadedAs(chance, { poles, rpm: turns, volts, hertz, runningA: amps, watts: SHADED_WATTS * volts * amps });
}

/** The other volts that such a motor is wound for, and its amps there. */
function dualOf(chance: Chance, { plate, type, kind }: DrawnMotor): DrawnMotor["dual"] {
  if (type === "psc" || kind === "hermetic-compressor" || plate.hertz !== 60 || !chance.is(DUAL)) return undefined;
  if (plate.volts > 130 && plate.volts < 225) return undefined;
  const inHand = plate.volts < 130 ? "lower" : "higher";
  const [low, high] = inHand === "lower" ? [1, 2] : [0.5, 1];
  return {
    inHand,
    volts: `${volt(plate.volts * low)}/${volt(plate.volts * high)}`,
    amps: `${amp(plate.amps / low)}/${amp(plate.amps / high)}`,
  };
}

const TAPPED = 0.35;
/** Speed taps of a fan or a blower: sections of the main winding in a chain, each with its part of the main ohms. */
function tapsOf(chance: Chance, { type, kind }: DrawnMotor): DrawnMotor["taps"] {
  if (type !== "psc" || (kind !== "fan" && kind !== "blower") || !chance.is(TAPPED)) return undefined;
  const speeds = chance.of([2, 3] as const);
  return {
    speeds,
    startAt: chance.of(["C", "LO"] as const),
    sections: Array.from({ length: speeds - 1 }, () => chance.between(0.12, 0.4)),
  };
}

/**
 * A motor as whole jobs meet it: shaded poles, two volts, several speeds, plates that cannot be read, some of a sort that is not judged.
 * @param chance repeatable chance
 * @returns the motor
 */
export function drawWideMotor(chance: Chance): DrawnMotor {
  const drawn = chance.is(SHADED) ? shadedPole(chance) : drawMotor(chance, MET, MAINS);
  const dual = dualOf(chance, drawn);
  const taps = drawn.shaded ? undefined : tapsOf(chance, drawn);
  const foreign = chance.is(FOREIGN) && !drawn.shaded ? chance.of(["three-phase", "electronic"] as const) : undefined;
  const printed = chance.weighed<NonNullable<DrawnMotor["printed"]>>([
    ["whole", 75],
    ["worn", 17],
    ["missing", 8],
  ]);
  return {
    ...drawn,
    printed,
    ...(dual && !foreign ? { dual } : {}),
    ...(taps && !foreign ? { taps } : {}),
    ...(foreign ? { foreign } : {}),
  };
}
