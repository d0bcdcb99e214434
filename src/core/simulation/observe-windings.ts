import type { Entry } from "../quantity";
import { STATIONS } from "../stations";
import { resistanceAt } from "../winding";
import { chanceFrom } from "./chance";
import type { DrawnMotor } from "./drawn-motor";
import { entryOf, keyed, ohm, over, type Keyed, type Maker, type Making } from "./keyed";
import type { HiddenCase } from "./told";

/* What an ohmmeter and an insulation tester show of the windings. */

const LEAD_ORDERS = [
  ["C", "R", "S"],
  ["R", "S", "C"],
  ["S", "C", "R"],
  ["R", "C", "S"],
] as const;
/** What lies between the leads of a motor: ends and ohms; null: no path. */
interface Coil {
  readonly from: string;
  readonly to: string;
  readonly ohm: number | null;
}

const SPEEDS = { 2: ["HI", "LO"], 3: ["HI", "MED", "LO"] } as const;

/** Chain of the speeds from common on, each section with its ohms, and the start winding at its end or its beginning. */
function chainOf(
  { speeds, startAt, sections }: NonNullable<DrawnMotor["taps"]>,
  main: number | null,
  start: number | null,
): readonly Coil[] {
  const names = SPEEDS[speeds];
  return [
    { from: "C", to: "HI", ohm: main },
    ...names.slice(1).map((name, index) => ({ from: names[index] ?? "HI", to: name, ohm: sections[index] ?? 0 })),
    { from: startAt, to: "CAP", ohm: start },
  ];
}

/** Ohms along the one way from lead to lead; null: there is none. */
function ohmsBetween(coils: readonly Coil[], from: string, to: string, by?: Coil): number | null {
  if (from === to) return 0;
  for (const coil of coils) {
    if (coil === by || (coil.from !== from && coil.to !== from)) continue;
    const rest = coil.ohm === null ? null : ohmsBetween(coils, coil.from === from ? coil.to : coil.from, to, coil);
    if (rest !== null && coil.ohm !== null) return coil.ohm + rest;
  }
  return null;
}

/**
 * Which lead is which, by the place in which it comes out.
 * @param seed of the case
 * @param motor whose leads they are
 * @returns common, run and start in their order; of several speeds their names and the capacitor's lead
 */
export function leadOrder(seed: number, { taps }: Pick<DrawnMotor, "taps">): readonly string[] {
  const chance = chanceFrom(seed + 17);
  if (taps === undefined) return chance.of(LEAD_ORDERS);
  const left: string[] = ["C", ...SPEEDS[taps.speeds], "CAP"];
  return Array.from({ length: left.length }, () => left.splice(Math.floor(chance.next() * left.length), 1)[0] ?? "");
}

/** Ohms of the machine model are those of a motor at work. */
const AT_WORK_C = 75;
const windingC = ({ place, riseK }: HiddenCase): number => place.ambientC + riseK;
/** Copper at the temperature of this moment; the motors of the general world were measured at one. */
const ohmsNow = (ohm: number, hidden: HiddenCase): number => resistanceAt(ohm, AT_WORK_C, windingC(hidden));

/** Every pair of a board of several speeds. */
function boardOf(making: Making, taps: NonNullable<DrawnMotor["taps"]>, main: number | null): Keyed {
  const { hidden } = making;
  const { body, motor, seed } = hidden;
  const own = motor.machine;
  const start = body.open === "start" ? null : ohmsNow(own.startResistanceOhm, hidden);
  const sections = taps.sections.map((share) => ohmsNow(share * own.mainResistanceOhm, hidden));
  const coils = chainOf({ ...taps, sections }, main, start);
  const order = leadOrder(seed, motor);
  const entry = (a: string, b: string): Entry => {
    const isCut = body.open === "common" && (a === "C" || b === "C");
    const ohms = isCut ? null : ohmsBetween(coils, a, b);
    return ohms === null ? over("resistance", making) : ohm(ohms + 0.05, making);
  };
  const posts = order.map((_, index) => ({ name: String(index + 1), mark: null, x: (index + 1) / (order.length + 1), y: 0.5 }));
  const pairs = order.flatMap((to, b) => order.slice(0, b).map((from, a) => ({ a, b, entry: entry(from, to) })));
  const shell = body.open === "common" ? ({ shell: body.isHot ? "hot" : "cool" } as const) : {};
  return keyed("windings", { ...shell, posts, pairs });
}

/** Leads as they come out, in an order of their own; the names say nothing. A motor of one coil has two. */
export const windings: Maker = (making) => {
  const { hidden } = making;
  const { motor, body, seed } = hidden;
  const { mainResistanceOhm, startResistanceOhm } = motor.machine;
  const shorted = 1 - 0.5 * (body.condition.shortedMainFraction ?? 0);
  const main = body.open === "main" ? null : ohmsNow(mainResistanceOhm * shorted, hidden);
  if (motor.shaded) {
    const entry = body.open === undefined && main !== null ? ohm(main, making) : over("resistance", making);
    const posts = STATIONS.windings.blank.posts.slice(0, 2);
    return keyed("windings", { posts, pairs: [{ a: 0, b: 1, entry }] });
  }
  if (motor.taps) return boardOf(making, motor.taps, main);
  const own: Record<string, number | null> = {
    C: body.open === "common" ? null : 0.05,
    R: motor.foreign === "three-phase" ? ohmsNow(mainResistanceOhm, hidden) : main,
    S:
      body.open === "start"
        ? null
        : ohmsNow(motor.foreign === "three-phase" ? mainResistanceOhm : startResistanceOhm * (body.startTurns ?? 1), hidden),
  };
  if (motor.foreign === "three-phase") own.C = own.R ?? null;
  const isElectronic = motor.foreign === "electronic";
  const order = leadOrder(seed, motor);
  const between = (a = "", b = ""): Entry => {
    const [first = null, second = null] = [own[a], own[b]];
    return isElectronic || first === null || second === null ? over("resistance", making) : ohm(first + second, making);
  };
  const pairs = [
    [0, 1],
    [1, 2],
    [0, 2],
  ] as const;
  // Where a lead is open the shell is felt: a protector that opened on heat closes again.
  const shell = body.open === "common" ? ({ shell: body.isHot ? "hot" : "cool" } as const) : {};
  return keyed("windings", { ...shell, pairs: pairs.map(([a, b]) => ({ a, b, entry: between(order[a], order[b]) })) });
};

export const frame: Maker = (making) => {
  const { frameOhm } = making.hidden.body;
  const hit = frameOhm === undefined ? over("resistance", making) : ohm(frameOhm, making);
  const clear = (): Entry => (frameOhm === undefined ? over("resistance", making) : ohm(frameOhm + 8, making));
  const others = leadOrder(making.hidden.seed, making.hidden.motor).slice(1).map(clear);
  return keyed("frame", { readings: [hit, ...others] });
};

/**
 * What the insulation comes to at the winding's temperature: modern varnish, by its own law.
 * @source IEEE 43-2013, 6.3 (activation of modern insulation, below and above 40 °C)
 */
function soundMegohmNow(hidden: HiddenCase): number {
  const kelvin = windingC(hidden) + 273;
  return hidden.soundMegohm * Math.exp((windingC(hidden) < 40 ? 1245 : 4230) * (1 / kelvin - 1 / 313));
}

export const insulation: Maker = (making) => {
  const { frameOhm, frameMegohm } = making.hidden.body;
  const megohm = frameOhm === undefined ? (frameMegohm ?? Math.min(999, soundMegohmNow(making.hidden))) : frameOhm / 1e6;
  return keyed("insulation", {
    together: entryOf("0", "insulation", making),
    apart: over("insulation", making),
    temperature: entryOf(windingC(making.hidden).toFixed(0), "temperature", making),
    isDisconnected: true,
    isInVacuum: false,
    joining: "joined",
    cells: [
      {
        a: "all",
        b: "frame",
        entry: entryOf(megohm < 0.01 ? `${(megohm * 1000).toFixed(4)}k` : `${megohm.toPrecision(3)}M`, "insulation", making),
      },
    ],
    isDischarged: true,
  });
};
