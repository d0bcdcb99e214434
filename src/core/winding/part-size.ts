import type { ElementClass } from "./layout";

/** An element of a board, with microfarads where the capacitance range confirmed them. */
interface Sized {
  readonly cls: ElementClass;
  readonly capacitanceUf?: number | null;
}

/** From here on a capacitor is a start part until shown otherwise [µF]. @source run parts of small motors end near 80 to 100 µF */
const START_FROM_UF = 100;

export const isCapacitor = ({ cls }: Sized): boolean => cls === "capacitor";
export const isStartPart = ({ capacitanceUf = null }: Sized): boolean => capacitanceUf !== null && capacitanceUf >= START_FROM_UF;

/**
 * Whether an element of the board is the one a part of the drawing stands for: of two capacitors each by its size.
 * @param kind part of the drawing
 * @param element of the board
 */
export function isPartOf(kind: string, element: Sized): boolean {
  if (!kind.endsWith("capacitor")) return element.cls === kind;
  const isOfUnknownSize = (element.capacitanceUf ?? null) === null;
  return isCapacitor(element) && (isOfUnknownSize || isStartPart(element) === (kind === "start-capacitor"));
}
