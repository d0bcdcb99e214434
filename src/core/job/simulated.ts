import { readingsIn } from "./moments";

/**
 * Whether a record has a figure in it that a simulated motor gave: nothing of this motor was measured by it.
 * @param value a record, or a part of one
 * @returns true where one of its readings is of a simulation
 */
export const isSimulated = (value: unknown): boolean => readingsIn(value).some(({ origin }) => origin === "simulation");
