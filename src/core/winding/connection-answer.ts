import type { MotorType } from "../trade";
import { connectBoard, type ConnectedElement, type Connection } from "./connection";
import { isCapacitor, isStartPart } from "./part-size";

/** Types whose circuit has such a part. */
const WITH_START_PART: readonly MotorType[] = ["cap-start", "cap-start-run", "unknown"];

/** What a connection is drawn with, or why none is. */
export type ConnectionAnswer =
  | {
      readonly kind: "drawn";
      readonly connection: Connection;
      readonly type: MotorType;
      /** elements of the board that have no place in it */
      readonly leftOut: readonly ConnectedElement[];
    }
  /** `type`: nobody said how it gets its start; `large-capacitor`: no motor of this type has a part of that size */
  | { readonly kind: "open"; readonly why: "type" | "large-capacitor" | "no-connection" };

/**
 * The type of a motor by what its board has.
 * @param elements of the settled board
 * @returns null: what was found leaves more than one
 */
function typeByBoard(elements: readonly ConnectedElement[]): MotorType | null {
  if (elements.some(({ cls }) => cls === "coil")) return "shaded-pole";
  if (elements.some(({ cls, from }) => cls === "half" && from === "C")) return "psc";
  const capacitors = elements.filter(isCapacitor);
  const known = capacitors.filter(({ capacitanceUf = null }) => capacitanceUf !== null);
  if (known.length === 0) return null;
  const hasStart = known.some(isStartPart);
  const hasRun = known.some((each) => !isStartPart(each));
  if (hasStart) return hasRun ? "cap-start-run" : "cap-start";
  // A small part beside a switch may be either's.
  return elements.some(({ cls }) => cls === "switch") ? null : "psc";
}

const PLACED: readonly ConnectedElement["cls"][] = ["switch", "capacitor", "protector"];

/**
 * How a settled board is connected, where what that needs is known; with what of the board is left out.
 * @param elements of the settled answer
 * @param motorType how the motor gets its start, as far as somebody said
 * @returns the connection, or what is missing for it
 */
export function answerConnection(elements: readonly ConnectedElement[], motorType: MotorType): ConnectionAnswer {
  const type = motorType === "unknown" ? typeByBoard(elements) : motorType;
  if (type === null) return { kind: "open", why: "type" };
  if (elements.some(isStartPart) && !WITH_START_PART.includes(type)) return { kind: "open", why: "large-capacitor" };
  const connection = connectBoard(elements, type);
  if (!connection) return { kind: "open", why: "no-connection" };
  const posts = new Set(connection.rungs.flat().flatMap((part) => (part.kind === "post" ? [part.post] : [])));
  const leftOut = elements.filter(({ cls, posts: [a, b] }) => PLACED.includes(cls) && !(posts.has(a) && posts.has(b)));
  return { kind: "drawn", connection, type, leftOut };
}
