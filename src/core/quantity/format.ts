import { QUANTITIES, type Quantity } from "./units";

/** No-break space between figure and unit, so that they never part at a line end. */
const GAP = "\u00a0";

interface Scale {
  readonly from: number;
  readonly factor: number;
  readonly symbol: string;
}

/** Prefix rows per quantity, largest first; the first whose `from` is reached is used. */
const SCALES: Record<Quantity, readonly Scale[]> = {
  resistance: [
    { from: 1e9, factor: 1e9, symbol: "GΩ" },
    { from: 1e6, factor: 1e6, symbol: "MΩ" },
    { from: 1e4, factor: 1e3, symbol: "kΩ" },
    { from: 0, factor: 1, symbol: "Ω" },
  ],
  capacitance: [{ from: 0, factor: 1, symbol: "µF" }],
  current: [{ from: 0, factor: 1, symbol: "A" }],
  voltage: [{ from: 0, factor: 1, symbol: "V" }],
  temperature: [{ from: 0, factor: 1, symbol: "°C" }],
  insulation: [
    { from: 1e3, factor: 1e3, symbol: "GΩ" },
    { from: 0.1, factor: 1, symbol: "MΩ" },
    { from: 0, factor: 1e-3, symbol: "kΩ" },
  ],
  speed: [{ from: 0, factor: 1, symbol: "rpm" }],
  duration: [{ from: 0, factor: 1, symbol: "s" }],
};

/**
 * Writes a number without needless zeros, to at most `decimals` places.
 * @param value the figure
 * @param decimals places at most
 * @returns the figure as text
 * @example formatNumber(16.450, 2) -> "16.45"; formatNumber(20, 2) -> "20"
 */
export function formatNumber(value: number, decimals: number): string {
  return String(Number(value.toFixed(decimals)));
}

/** Decimal places that show two significant figures of an uncertainty, never more than four. */
function decimalsFor(uncertainty: number): number {
  if (!(uncertainty > 0)) return 2;
  return Math.min(4, Math.max(0, 1 - Math.floor(Math.log10(uncertainty))));
}

/**
 * A figure with its unit, rounded to what its uncertainty can see.
 * @param quantity what was measured
 * @param value in the base unit of the quantity
 * @param uncertainty expanded or standard, same unit; decides the places (absent: four significant figures)
 * @returns the figure as text, with its unit
 * @example formatQuantity("capacitance", 16.5612, 0.22) -> "16.56 µF"
 */
export function formatQuantity(quantity: Quantity, value: number, uncertainty?: number): string {
  const scale = SCALES[quantity].find((row) => Math.abs(value) >= row.from);
  const { factor, symbol } = scale ?? { factor: 1, symbol: QUANTITIES[quantity].symbol };
  const scaled = value / factor;
  const figure =
    uncertainty === undefined ? String(Number(scaled.toPrecision(4))) : formatNumber(scaled, decimalsFor(uncertainty / factor));
  return `${figure}${GAP}${symbol}`;
}

/**
 * A fraction as a percentage: 0.946 -> "94.6 %".
 * @param fraction as a part of one
 * @param decimals places at most
 * @returns the percentage as text
 */
export function formatPercent(fraction: number, decimals = 0): string {
  // Ten times and more is no percentage any more: a figure so far off is asked about elsewhere.
  if (Math.abs(fraction) >= 10) return `${fraction < 0 ? "<" : ">"}${GAP}${fraction < 0 ? "−" : ""}999${GAP}%`;
  return `${formatNumber(fraction * 100, decimals)}${GAP}%`;
}

/**
 * A probability as a percentage that never claims certainty: below 1 % and above 99 % it says so.
 * @param probability 0..1
 * @returns the percentage as text
 * @example formatProbability(0.9999) -> "> 99 %"
 */
export function formatProbability(probability: number): string {
  if (probability < 0.01) return `<${GAP}1${GAP}%`;
  if (probability > 0.99) return `>${GAP}99${GAP}%`;
  return formatPercent(probability);
}

/**
 * A sum as it is read: a hyphen before a figure is a minus.
 * @param text a sum with its figures
 * @returns the same with true minus signs
 */
export const withMinus = (text: string): string => text.replace(/(^|[\s(=×/])-(?=\d)/g, "$1−");
