import type { Entry } from "../quantity";
import { STATIONS } from "../stations";
import { resistanceAt } from "../winding";
import { chanceFrom } from "./chance";
import { entryOf, keyed, ohm, over, type Maker } from "./keyed";
import type { HiddenCase } from "./told";

/* What an ohmmeter and an insulation tester show of the windings. */

const LEAD_ORDERS = [
  ["C", "R", "S"],
  ["R", "S", "C"],
  ["S", "C", "R"],
  ["R", "C", "S"],
] as const;
/**
 * Which lead is which, by the place in which it comes out.
 * @param seed of the case
 * @returns common, run and start in their order
 */
export const leadOrder = (seed: number): (typeof LEAD_ORDERS)[number] => chanceFrom(seed + 17).of(LEAD_ORDERS);

/** Ohms of the machine model are those of a motor at work. */
const AT_WORK_C = 75;
const windingC = ({ place, riseK }: HiddenCase): number => place.ambientC + riseK;
/** Copper at the temperature of this moment; the motors of the general world were measured at one. */
const ohmsNow = (ohm: number, hidden: HiddenCase): number => resistanceAt(ohm, AT_WORK_C, windingC(hidden));

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
  const own: Record<"C" | "R" | "S", number | null> = {
    C: body.open === "common" ? null : 0.05,
    R: motor.foreign === "three-phase" ? ohmsNow(mainResistanceOhm, hidden) : main,
    S:
      body.open === "start"
        ? null
        : ohmsNow(motor.foreign === "three-phase" ? mainResistanceOhm : startResistanceOhm * (body.startTurns ?? 1), hidden),
  };
  if (motor.foreign === "three-phase") own.C = own.R;
  const isElectronic = motor.foreign === "electronic";
  const order = leadOrder(seed);
  const between = (a: "C" | "R" | "S", b: "C" | "R" | "S"): Entry => {
    const [first, second] = [own[a], own[b]];
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
  return keyed("frame", { readings: [hit, clear(), clear()] });
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
