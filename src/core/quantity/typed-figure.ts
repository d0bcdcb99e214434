import { formatQuantity } from "./format";
import type { Entry } from "./reading";
import type { Quantity } from "./units";

/** Symbols of a quantity's units by their factor to its base unit. */
const SYMBOLS: Readonly<Record<Quantity, readonly (readonly [factor: number, symbol: string])[]>> = {
  resistance: [
    [1, "Ω"],
    [1e3, "kΩ"],
    [1e6, "MΩ"],
    [1e9, "GΩ"],
    [1e-3, "mΩ"],
  ],
  capacitance: [
    [1, "µF"],
    [1e-3, "nF"],
    [1e-6, "pF"],
  ],
  current: [
    [1, "A"],
    [1e-3, "mA"],
  ],
  voltage: [
    [1, "V"],
    [1e-3, "mV"],
    [1e3, "kV"],
  ],
  temperature: [[1, "°C"]],
  insulation: [
    [1, "MΩ"],
    [1e3, "GΩ"],
    [1e-3, "kΩ"],
  ],
  speed: [[1, "rpm"]],
  duration: [
    [1, "s"],
    [60, "min"],
  ],
};

const GAP = "\u00a0";
/** Figures are told apart to a part in so many. */
const SAME = 1e-9;

/**
 * A reading as a person writes it: the digits as they were typed, since they tell the meter's resolution, and the unit behind
 * them in the prefix that was typed.
 * @param entry what was keyed
 * @returns the figure with its unit; what cannot be read stands as it was typed
 * @example typedFigure of "8.2k" ohms -> "8.2 kΩ"; of "193u" -> "193 µF"; of ">550M" -> "> 550 MΩ"; of "inf" -> "OL"
 */
export function typedFigure({ text, reading }: Entry): string {
  if (reading === null) return text.trim();
  const { quantity, kind, value } = reading;
  if (value === null) return "OL";
  const sign = kind === "value" ? "" : `>${GAP}`;
  const digits = /[-−]?\d*[.,]?\d+/.exec(text)?.[0].replace(",", ".").replace("−", "-") ?? "";
  const number = Number(digits);
  const found = SYMBOLS[quantity].find(([factor]) => Math.abs(number * factor - value) <= SAME * Math.abs(value));
  return found ? `${sign}${digits.replace("-", "−")}${GAP}${found[1]}` : `${sign}${formatQuantity(quantity, value)}`;
}
