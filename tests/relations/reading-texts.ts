import type { Quantity } from "../../src/core/quantity";
import type { Dice } from "./dice";

/* Figures of a meter as people type them: one value, in every unit and spelling it may have. */

/** A figure, and what it is in the base unit of its quantity. */
export interface ReadingText {
  readonly quantity: Quantity;
  readonly text: string;
  readonly value: number;
}

interface UnitSpelling {
  readonly times: number;
  readonly spellings: readonly string[];
}

/** Spellings of one unit each; capitals are kept where they mean something. */
const UNITS: Partial<Record<Quantity, readonly UnitSpelling[]>> = {
  resistance: [
    { times: 1, spellings: ["", "Ω", " Ω", " ohm", " Ohms", "R", " R"] },
    { times: 1e3, spellings: ["k", " k", "kΩ", " kΩ", " kohm", "K"] },
    { times: 1e6, spellings: ["M", " MΩ", " Mohm", " meg", "MΩ"] },
  ],
  capacitance: [
    { times: 1, spellings: ["", "µF", " µF", " uF", " μF", " MFD", " mfd", " UF", "u"] },
    { times: 1e-3, spellings: ["n", " nF", "nF"] },
  ],
  current: [
    { times: 1, spellings: ["", "A", " A", " amps", " A AC", " AMP"] },
    { times: 1e-3, spellings: ["mA", " mA"] },
  ],
  voltage: [
    { times: 1, spellings: ["", "V", " V", " VAC", " V AC", " volts", "V~"] },
    { times: 1e-3, spellings: ["mV", " mV"] },
  ],
  speed: [{ times: 1, spellings: ["", " rpm", "RPM", " r/min", " min-1", " 1/min"] }],
};
/** Values a meter shows; those with three places behind a comma could be thousands and are asked. */
const SHOWN: Partial<Record<Quantity, readonly string[]>> = {
  resistance: ["8.9", "0.42", "16.3", "120", "4.7"],
  capacitance: ["16.56", "12.5", "187", "4.02", "35.2"],
  current: ["2.4", "6.18", "13.4", "0.88"],
  voltage: ["231.4", "118", "0.3", "352.6"],
  speed: ["1385", "1725", "2850", "950"],
};

/**
 * Draws one reading.
 * @param dice chances
 * @returns its text and its value in the base unit
 */
export function drawReading(dice: Dice): ReadingText {
  const quantity = dice.pick(Object.keys(UNITS) as Quantity[]);
  const { times, spellings } = dice.pick(UNITS[quantity] ?? []);
  const shown = dice.pick(SHOWN[quantity] ?? []);
  const spelling = dice.pick(spellings);
  const figure = dice.happens(0.3) ? shown.replace(".", ",") : shown;
  const text = `${figure}${spelling}`;
  return { quantity, text: dice.pick([text, ` ${text}`, `${text} `, text.replace(" ", "  ")]), value: Number(shown) * times };
}
