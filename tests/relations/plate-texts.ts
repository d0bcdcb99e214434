import type { Dice } from "./dice";

/* Fields of a motor plate of which the figures are known, in the spellings and the company of real plates. */

/** A field, and the figures that stand in it. */
export interface PlateText {
  readonly field: "volts" | "amps" | "rpm" | "power";
  readonly text: string;
  /** one figure, or the ends of a band, for each connection or speed */
  readonly figures: readonly (number | readonly [number, number])[];
}

const VOLTS = [115, 120, 208, 220, 230, 240, 265, 277];
const BANDS: readonly (readonly [number, number])[] = [
  [208, 230],
  [220, 240],
  [110, 120],
];
const AMPS = [0.8, 1.9, 2.4, 3.6, 6.2, 7.7, 13.4];
const SPEEDS = [825, 950, 1075, 1425, 1725, 2800, 3450];
const comma = (value: number, dice: Dice): string => (dice.happens(0.2) ? String(value).replace(".", ",") : String(value));
const glued = (parts: readonly string[], dice: Dice): string => dice.shuffle(parts.filter(Boolean)).join(dice.pick([" ", "  "]));

const KINDS: readonly ((dice: Dice) => PlateText)[] = [
  (dice) => {
    const band = dice.happens(0.4) ? dice.pick(BANDS) : null;
    const volts = dice.pick(VOLTS);
    const figure = band ? band.join(dice.pick(["-", "–", " - ", "…", "...", " to "])) : String(volts);
    const named = dice.pick([
      `${figure}`,
      `${figure}V`,
      `${figure} V`,
      `${figure} VAC`,
      `${figure}V~`,
      `V ${figure}`,
      `VOLTS ${figure}`,
      `AC ${figure}`,
    ]);
    const beside = dice.sample(["1PH", "60Hz", "50/60 Hz", "1~", "±10%", "HZ 60"], 2);
    // One phase and one frequency a plate.
    const apart = beside.filter(
      (each, index) => beside.findIndex((other) => /hz/i.test(other) === /hz/i.test(each) && /1/.test(other) === /1/.test(each)) === index,
    );
    return { field: "volts", text: glued([named, ...apart], dice), figures: [band ?? volts] };
  },
  (dice) => {
    const full = dice.pick(AMPS);
    const own = comma(full, dice);
    const [service, locked] = [Number((full * 1.1).toFixed(2)), Number((full * 5).toFixed(1))];
    const others = dice.sample([["SFA", service] as const, ["LRA", locked] as const], 2);
    const isNameFirst = dice.happens(0.5);
    const pair = ([name, amps]: readonly [string, number | string]): string => (isNameFirst ? `${name} ${amps}` : `${amps} ${name}`);
    const rated: readonly [string, string] = [dice.pick(["FLA", "RLA", "F.L.A."]), own];
    const alone = dice.pick([own, `${own} A`, `${own}A`, `AMPS ${own}`, pair(rated)]);
    return {
      field: "amps",
      text: others.length === 0 ? alone : dice.shuffle([pair(rated), ...others.map(pair)]).join(dice.pick([" ", ", ", " / "])),
      figures: [full],
    };
  },
  (dice) => {
    const count = dice.happens(0.3) ? 3 : 1;
    const speeds = count === 3 ? [1075, 950, 825] : [dice.pick(SPEEDS)];
    const figure = speeds.join(dice.pick(["/", ", "]));
    const named = dice.pick([
      figure,
      `${figure} RPM`,
      `${figure} rpm`,
      `${figure} min-1`,
      `${figure} 1/min`,
      `${figure} tr/min`,
      `${figure} r/min`,
      `n ${figure}`,
      `RPM ${figure}`,
    ]);
    return { field: "rpm", text: count === 3 && dice.happens(0.5) ? `${named} 3 SPD` : named, figures: speeds };
  },
  (dice) => {
    const [text, watts] = dice.pick<readonly [string, number]>([
      ["1/3 HP", 248.57],
      ["HP 1/3", 248.57],
      ["1/3", 248.57],
      ["1-1/2 HP", 1118.55],
      ["1 1/2 hp", 1118.55],
      ["0.25 kW", 250],
      ["kW 0,25", 250],
      ["250 W", 250],
      ["250 W P2", 250],
      ["P2 250W", 250],
      ["0.18kW", 180],
    ]);
    return { field: "power", text: dice.happens(0.3) ? text.toLowerCase() : text, figures: [watts] };
  },
];

/**
 * Draws one field.
 * @param dice chances
 * @returns its text and its figures
 */
export const drawPlateField = (dice: Dice): PlateText => dice.pick(KINDS)(dice);
