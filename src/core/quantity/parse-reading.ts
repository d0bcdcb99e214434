import type { Failure, Result } from "../result";
import { readFigure, type FigureText } from "./read-figure";
import type { Quantity } from "./units";

/** A figure as the meter shows it: a value, over limit (`OL`), or "more than" (`>550M`). In the base unit. */
export type MeterFigure = FigureText;

/**
 * Reads the text a person copies from a meter, for the quantity the meter was set to.
 * Takes `0.9`, `4.7k`, `4k7`, `1,5`, `12u`, `OL`, `O.L`, `open`, `>550M`, `550M+` and trailing units.
 * @param text what was keyed
 * @param quantity what was being measured
 * @returns the figure in the base unit of the quantity (ohm, µF, A, V, °C)
 * @errors those of readFigure: the person must be asked again
 * @example parseReading("4k7", "resistance") -> 4700
 */
export function parseReading(text: string, quantity: Quantity): Result<MeterFigure, Failure> {
  return readFigure(text, quantity, { isMeter: true });
}
