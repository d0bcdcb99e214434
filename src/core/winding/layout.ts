import type { MotorType } from "../trade";

/**
 * What lies between two posts. `winding`: one that no known layout names; `link`: joined inside; `contact`: of a switch,
 * open at rest.
 */
export type ElementClass =
  "main" | "aux" | "half" | "section" | "coil" | "winding" | "switch" | "protector" | "link" | "contact" | "capacitor";

const NEAR_ZERO_CLASSES: readonly string[] = ["switch", "protector", "link"] satisfies ElementClass[];
const NO_PATH_CLASSES: readonly string[] = ["contact", "capacitor"] satisfies ElementClass[];
/**
 * Near zero where it is sound: start switch at rest, protector, joining wire.
 * @param cls class of an element
 * @returns true when it is
 */
export const isNearZeroClass = (cls: string): boolean => NEAR_ZERO_CLASSES.includes(cls);
/**
 * No path on ohms where it is sound.
 * @param cls class of an element
 * @returns true when it is
 */
export const isNoPathClass = (cls: string): boolean => NO_PATH_CLASSES.includes(cls);
/**
 * Wire on iron: what has ohms of its own.
 * @param cls class of an element
 * @returns true when it is
 */
export const isWindingClass = (cls: string): boolean => !isNearZeroClass(cls) && !isNoPathClass(cls) && cls !== "ground";

/** Name of a place in a layout: C, R, S, HI, M1 … Persisted nowhere; shown through the vocabulary. */
export type LayoutRole = string;

export interface LayoutElement {
  readonly from: LayoutRole;
  readonly to: LayoutRole;
  readonly cls: ElementClass;
}

/** An exchange of roles that leaves the layout what it is: the two ends of one coil, or two equal halves as a whole. */
export type Exchange = readonly (readonly [LayoutRole, LayoutRole])[];

/** How windings, switch, protector and capacitor may be joined to the posts of a board. The elements form no loop. */
export interface Layout {
  readonly id: string;
  readonly roles: readonly LayoutRole[];
  readonly elements: readonly LayoutElement[];
  readonly exchanges: readonly Exchange[];
  /** how often a board with this many posts is of this layout, against the others; only ratios count */
  readonly share: number;
  /** types of motor that have it; absent: any */
  readonly motors?: readonly MotorType[];
}

/** What may be wrong with one element or one post. */
export type BoardFault =
  { readonly kind: "open" | "short"; readonly element: number } | { readonly kind: "ground"; readonly role: LayoutRole };

/**
 * Every single fault a layout can have. A capacitor is open on ohms when it is sound, a switch near zero.
 * @param layout a layout of the catalogue
 * @param hasFrame whether the bare frame is a terminal
 * @returns the faults
 */
export function faultsOf(layout: Layout, hasFrame: boolean): readonly BoardFault[] {
  const inElements = layout.elements.flatMap(({ cls }, element): BoardFault[] => [
    ...(isNoPathClass(cls) ? [] : [{ kind: "open", element } as const]),
    ...(isNearZeroClass(cls) || cls === "contact" ? [] : [{ kind: "short", element } as const]),
  ]);
  return hasFrame ? [...inElements, ...layout.roles.map((role) => ({ kind: "ground", role }) as const)] : inElements;
}

/** Whether an exchange of roles leaves the fault alone; one that touches its posts tells another case, however alike. */
export function keepsFault(layout: Layout, exchange: Exchange, fault: BoardFault | null): boolean {
  if (fault === null) return true;
  const { from, to } =
    fault.kind === "ground" ? { from: fault.role, to: fault.role } : (layout.elements[fault.element] ?? { from: "", to: "" });
  return !exchange.flat().some((role) => role === from || role === to);
}
