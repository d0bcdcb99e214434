import { START_RANGES_UF } from "../capacitor";

/** A text that may be printed, and how much less usual it is than the most usual [nats]. */
export interface Printable {
  readonly text: string;
  readonly unusual: number;
}

const usual = (texts: readonly (string | number)[], unusual = 0): Printable[] => texts.map((text) => ({ text: String(text), unusual }));
const steps = (from: number, to: number, step: number, digits: number): string[] =>
  Array.from({ length: Math.round((to - from) / step) + 1 }, (_, at) => (from + at * step).toFixed(digits));

/** The first of each text, the most usual one. */
function once(all: readonly Printable[]): readonly Printable[] {
  const found = new Map<string, Printable>();
  for (const one of [...all].sort((a, b) => a.unusual - b.unusual)) if (!found.has(one.text)) found.set(one.text, one);
  return [...found.values()];
}

/**
 * Supply of single-phase motors as plates print it.
 * @source IEC 60038 (standard voltages), ANSI C84.1 and NEMA MG 1 (motor ratings): usual ones; any other within them is less so
 */
export const PRINTED_VOLTS = once([
  ...usual([115, 120, 230, 240, 220, 110, 277, 208, "208-230", "220-240", "115/230", "200-230", "110/220", "120/240"]),
  ...usual(
    [100, 127, 200, 250, 380, 400, 415, 460, 480, "115/208-230", "230/460", "110-120", "100-120", "200-240", "220/240", "110/230"],
    1,
  ),
  ...usual([24, 48, 105, 125, 225, 235, 265, "200-208", "230/380", "230-240", "208/230", "105-115", "240/480"], 2),
  ...usual(steps(90, 480, 1, 0), 5),
]);

/** Mains frequencies. */
export const PRINTED_HERTZ = once([...usual([50, 60, "50/60"]), ...usual(["60/50"], 1)]);

/** Full-load speeds of two to twelve poles on 50 or 60 Hz; plates print multiples of five oftener than others. */
export const PRINTED_RPM = once([
  ...usual([1725, 1750, 3450, 1075, 1140, 1625, 1425, 1400, 2850, 2800, 1350, 950, 900]),
  ...usual(steps(400, 3570, 5, 0), 0.6),
  ...usual(steps(400, 3595, 1, 0), 3.5),
]);

const HALF = 0.5;
/** Full-load amps to 40 A: one figure, or one for each of two connections at twice the volts. */
export const PRINTED_AMPS = once([
  ...usual(steps(0.1, 40, 0.1, 1)),
  ...usual(steps(0.05, 9.95, 0.01, 2), 2.5),
  ...usual(steps(1, 40, 1, 0), 1.2),
  ...steps(0.4, 40, 0.1, 1).flatMap((high) =>
    [-0.1, 0, 0.1].map((off) => ({ text: `${high}/${(Number(high) * HALF + off).toFixed(1)}`, unusual: off === 0 ? 0.8 : 1.6 })),
  ),
  ...steps(0.5, 40, 0.1, 1).map((high) => ({ text: `${high}/${(Number(high) * HALF).toFixed(2)}`, unusual: 2 })),
]);

/** Shaft power in horsepower. @source NEMA MG 1, 10.32 (ratings of small motors) */
export const PRINTED_HP = once([
  ...usual(["1/2", "1/3", "1/4", "3/4", "1/6", "1/8", "1/10", "1/12", "1/15", "1/20", "1", "1 1/2", "2", "3", "1/5", "5"]),
  ...usual(["1-1/2", "1.5", "0.5", "0.75", "0.33", "0.25", "1/25", "1/30", "1/40", "1/50", "1/100", "2/3"], 1.5),
]);

/** Shaft power in kilowatts. @source IEC 60072-1 (rated outputs), and what lies between */
export const PRINTED_KW = once([
  ...usual(["0.06", "0.09", "0.12", "0.18", "0.25", "0.37", "0.55", "0.75", "1.1", "1.5", "2.2", "3.0", "3", "4", "0.56", "1.12"]),
  ...usual(steps(0.01, 3, 0.01, 2), 2),
  ...usual(steps(0.1, 4, 0.1, 1), 1.5),
]);

/** Shaft power in watts. */
export const PRINTED_WATTS = once([
  ...usual([
    5, 6, 7, 9, 10, 16, 18, 25, 34, 40, 50, 60, 70, 75, 90, 100, 120, 125, 150, 180, 200, 250, 300, 370, 400, 500, 550, 600, 750, 1100,
    1500,
  ]),
  ...usual(steps(5, 1500, 5, 0), 2),
]);

/** Run capacitors. @source IEC 60252-1 and the trade's usual ratings */
const RUN_UF = [
  1, 1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 6.3, 7, 7.5, 8, 9, 10, 12, 12.5, 14, 15, 16, 17.5, 18, 20, 22.5, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70,
  75, 80, 90, 100,
] as const;
/** The fan's half of a dual run capacitor. */
const FAN_UF = [2.5, 3, 4, 5, 6, 7.5, 10, 12.5, 15] as const;

/** One capacitance of a run capacitor. */
export const PRINTED_UF = once([...usual(RUN_UF), ...usual(steps(1, 100, 1, 0), 2.5), ...usual(steps(1, 50, 0.5, 1), 3)]);

/** What a capacitor says of its capacitance: one, a dual one, a printed range. */
export const PRINTED_CAPACITANCE = once([
  ...PRINTED_UF,
  ...usual(
    RUN_UF.filter((uf) => uf >= 15).flatMap((uf) => FAN_UF.flatMap((fan) => [`${uf}/${fan}`, `${uf}+${fan}`])),
    0.7,
  ),
  ...usual(START_RANGES_UF.map(([low, high]) => `${low}-${high}`)),
  ...usual(
    steps(20, 900, 1, 0).flatMap((low) => [1.2, 1.25].map((part) => `${low}-${Math.round(Number(low) * part)}`)),
    4,
  ),
  ...usual([100, 120, 150, 160, 200, 250, 300, 400, 500], 1),
]);

/** Volts a capacitor bears. */
export const PRINTED_CAPACITOR_VOLTS = once([
  ...usual([370, 440, 450, 400, 250, 110, 125, 165, 220, 330]),
  ...usual([115, 230, 275, 280, 300, 320, 350, 420, 425, 460, 475, 480, 500, 525, 540, 660, 200, 240, 260], 1.5),
]);

/** How much it may be off, in percent to either side; start parts have other limits beside. */
export const PRINTED_PERCENT = once([...usual([5, 6, 10]), ...usual([3, 15, 20], 1.5)]);
