import type { Dice } from "./dice";

/* Labels of which the parts are known: the same parts in every order and spelling, among what else is printed on a can. */

/** What a label says, whatever its order. */
export interface LabelTruth {
  /** one value a section, or null for a printed range */
  readonly nominalsUf: readonly number[] | null;
  readonly rangeUf: readonly [number, number] | null;
  readonly tolerance: { readonly lowPercent: number; readonly highPercent: number } | null;
  readonly ratedV: number;
}

const SINGLE_UF = [
  1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 7.5, 8, 10, 12, 12.5, 14, 15, 16, 17.5, 18, 20, 22.5, 25, 30, 31.5, 35, 40, 45, 50, 55, 60, 70, 80,
];
const BIG_UF = [25, 30, 35, 40, 45, 50, 55, 60, 80];
const SMALL_UF = [2, 3, 4, 5, 6, 7.5, 10];
const RANGES_UF: readonly (readonly [number, number])[] = [
  [21, 25],
  [43, 48],
  [53, 64],
  [72, 86],
  [88, 106],
  [88, 108],
  [108, 130],
  [124, 149],
  [145, 174],
  [161, 193],
  [189, 227],
  [233, 280],
  [270, 324],
  [400, 480],
  [460, 552],
  [590, 708],
  [708, 850],
];
const RUN_VOLTS = [370, 400, 425, 440, 450, 475];
const START_VOLTS = [110, 125, 165, 220, 250, 275, 320, 330];
const UNITS = ["µF", "μF", "uF", "UF", "MFD", "mfd", "Mfd", "MFD.", "uF.", "mf", "uFd"];
const TOLERANCES: readonly (readonly [number, number, readonly string[]])[] = [
  [-5, 5, ["±5%", "± 5 %", "+/-5%", "+/- 5 %", "5%", "TOL 5%", "TOL. ±5%", "tolerance 5 %", "+5/-5%", "-5%/+5%", "(±5%)", "±5.0%"]],
  [-6, 6, ["±6%", "± 6 %", "+/-6%", "6%", "6 %", "tol. 6%", "-6% +6%", "+-6%", "+ or - 6%"]],
  [-10, 10, ["±10%", "± 10 %", "+/-10%", "10%", "TOL ±10%", "10 per cent"]],
  [
    -5,
    10,
    ["+10/-5%", "-5/+10%", "-5%/+10%", "-5...+10%", "-5 ... +10 %", "-5%...+10%", "-5% +10%", "+10% -5%", "-5 to +10 %", "-5..+10%"],
  ],
];

/** What else stands on a can. None of it is capacitance, rated voltage or tolerance. */
const DIRT: readonly string[] = [
  "RH 95%",
  "95% RH",
  "humidity 95 %",
  "3% ED",
  "ED 3%",
  "1,7% ED",
  "ED 1.7%",
  "DB 3%",
  "AB 3%",
  "duty 3%",
  "DF 0.1%",
  "tan d 0.2%",
  "tan δ 0.2 %",
  "max 0.2% loss",
  "losses <0.2%",
  "50/60Hz",
  "50/60 Hz",
  "60HZ",
  "HZ 50",
  "-40/+70°C",
  "-40°C +85°C",
  "-25...85 °C",
  "25/085/21",
  "-25/85/21",
  "40/70/21",
  "70°C",
  "Ø45x98",
  "45 x 98 mm",
  "40x70mm",
  '2" x 4"',
  "M8",
  "LOT 4471",
  "S/N 204518",
  "P/N 52R118",
  "KV-204-B",
  "10000AFC",
  "0521",
  "12/21",
  "2021-05",
  "05/2021",
  "WEEK 21",
  "EN 60252-1",
  "IEC 60252-2:2010",
  "CLASS B",
  "CL. B",
  "10000 h",
  "P0",
  "P2",
  "S2",
  "SH",
  "KELVANE",
  "DOSBROOK",
  "MADE IN QUILLHAVEN",
  "No PCB",
  "NON PCB OIL",
  "PROTECTED",
  "1000 V DC",
  "15 kΩ 2W",
  "3 terminals",
];
const SEPARATORS = [" ", "  ", ", ", "; ", " · ", "\n", " | ", " - "];

const shown = (value: number, dice: Dice): string => (dice.happens(0.25) ? String(value).replace(".", ",") : String(value));

function voltsText(ratedV: number, dice: Dice): string {
  return dice.pick([
    `${ratedV}V`,
    `${ratedV} V`,
    `${ratedV}VAC`,
    `${ratedV} V AC`,
    `${ratedV} V.A.C.`,
    `${ratedV}V~`,
    `~${ratedV}V`,
    `${ratedV} volts`,
    `V ${ratedV}`,
    `VAC ${ratedV}`,
    `VAC: ${ratedV}`,
    `VOLTS ${ratedV}`,
    `AC ${ratedV} V`,
    `AC${ratedV}V`,
    `UN ${ratedV} V`,
    `UN: ${ratedV} V~`,
  ]);
}

const around = (figure: string, unit: string, dice: Dice): string =>
  dice.pick([
    `${figure}${unit}`,
    `${figure} ${unit}`,
    `${unit} ${figure}`,
    `C ${figure} ${unit}`,
    `C: ${figure} ${unit}`,
    `${unit}: ${figure}`,
  ]);

interface Kind {
  readonly truth: Pick<LabelTruth, "nominalsUf" | "rangeUf">;
  readonly figure: string;
  readonly volts: readonly number[];
}

const KINDS: readonly ((dice: Dice) => Kind)[] = [
  (dice) => {
    const uf = dice.pick(SINGLE_UF);
    return { truth: { nominalsUf: [uf], rangeUf: null }, figure: shown(uf, dice), volts: RUN_VOLTS };
  },
  (dice) => {
    const [big, small] = [dice.pick(BIG_UF), dice.pick(SMALL_UF)];
    const joint = dice.pick(["/", "+", " + ", " / "]);
    return {
      truth: { nominalsUf: [big, small], rangeUf: null },
      figure: `${shown(big, dice)}${joint}${shown(small, dice)}`,
      volts: RUN_VOLTS,
    };
  },
  (dice) => {
    const range = dice.pick(RANGES_UF);
    return {
      truth: { nominalsUf: null, rangeUf: range },
      figure: range.join(dice.pick(["-", "–", " - ", " to ", ".."])),
      volts: START_VOLTS,
    };
  },
];

/** Spelled otherwise, and nothing said otherwise: capitals, blanks doubled, blanks at the ends. */
const RESPELLINGS: readonly ((text: string) => string)[] = [
  (text) => text,
  (text) => text,
  (text) => text.toUpperCase(),
  (text) => text.toLowerCase(),
  (text) => `  ${text} `,
  (text) => text.replace(/ /g, "  "),
];

/** A label and what it says. */
export interface LabelText {
  readonly text: string;
  readonly parts: readonly string[];
  readonly truth: LabelTruth;
}

/**
 * Draws one label.
 * @param dice chances
 * @returns its text and its truth
 */
export function drawLabel(dice: Dice): LabelText {
  const { truth, figure, volts } = dice.pick(KINDS)(dice);
  const ratedV = dice.pick(volts);
  const tolerance = truth.rangeUf === null && dice.happens(0.6) ? dice.pick(TOLERANCES) : null;
  const capacitance = around(figure, dice.pick(UNITS), dice);
  const spelled = tolerance ? dice.pick(tolerance[2]) : "";
  const isGlued = tolerance !== null && dice.happens(0.4);
  const own = [
    isGlued
      ? `${capacitance}${/[\d]$/.test(capacitance) && /^[\da-z]/i.test(spelled) ? " " : dice.pick(["", " "])}${spelled}`
      : capacitance,
    ...(tolerance && !isGlued ? [spelled] : []),
    voltsText(ratedV, dice),
  ];
  const parts = dice.shuffle([...own, ...dice.sample(DIRT, 5)]);
  const text = dice.pick(RESPELLINGS)(parts.join(dice.pick(SEPARATORS)));
  return {
    text,
    parts,
    truth: { ...truth, tolerance: tolerance && { lowPercent: tolerance[0], highPercent: tolerance[1] }, ratedV },
  };
}

/** A run and a start part in one line, in either order, with their kinds or without. */
export interface TwoParts {
  readonly text: string;
  readonly run: Pick<LabelTruth, "nominalsUf" | "ratedV">;
  readonly start: Pick<LabelTruth, "nominalsUf" | "rangeUf" | "ratedV">;
}

/** Run parts; one has two sections. */
const RUN_PARTS: readonly (readonly [figure: string, nominalsUf: readonly number[], ratedV: number])[] = [
  ["20", [20], 450],
  ["12.5", [12.5], 440],
  ["35", [35], 370],
  ["7,5", [7.5], 400],
  ["35/5", [35, 5], 440],
];
const START_PARTS: readonly (readonly [
  figure: string,
  nominalsUf: readonly number[] | null,
  rangeUf: readonly [number, number] | null,
  ratedV: number,
])[] = [
  ["130", [130], null, 250],
  ["189-227", null, [189, 227], 165],
  ["88-108", null, [88, 108], 330],
  ["75", [75], null, 300],
];

/**
 * Draws a line that tells of two capacitors.
 * @param dice chances
 * @returns its text, and both parts
 */
export function drawTwoParts(dice: Dice): TwoParts {
  const [runFigure, runUf, runV] = dice.pick(RUN_PARTS);
  const [startFigure, startUf, rangeUf, startV] = dice.pick(START_PARTS);
  const unit = dice.pick(["µF", "MFD", "uF", "mfd"]);
  const isNamed = dice.happens(0.5);
  const part = (figure: string, ratedV: number, name: string): string => {
    const volts = dice.pick([`${ratedV}V`, `${ratedV} V`, `${ratedV} VAC`, `${ratedV}V~`]);
    const bits = dice.shuffle([`${figure} ${unit}`, volts]);
    return [...(isNamed ? [name] : []), ...bits].join(" ");
  };
  const parts = dice.shuffle([part(runFigure, runV, dice.pick(["RUN", "run"])), part(startFigure, startV, dice.pick(["START", "start"]))]);
  return {
    text: parts.join(dice.pick([" / ", "; ", "\n", " · ", ", ", " + ", " and "])),
    run: { nominalsUf: runUf, ratedV: runV },
    start: { nominalsUf: startUf, rangeUf, ratedV: startV },
  };
}
