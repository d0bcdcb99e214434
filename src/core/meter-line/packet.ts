import type { PacketFraming } from "./profile";

/** What a packet says: figure, unit and function in words, as a line would say them. */
export interface PacketSays {
  readonly value: string;
  readonly unit?: string;
  /** what it is set to; a line's word has to be looked up, a packet's code stands for it */
  readonly function?: string;
}

/** Whether the last byte of a packet is the sum, or the exclusive or, of those before it. */
export function checksOut(packet: Uint8Array, check: PacketFraming["check"]): boolean {
  if (check === "none") return true;
  const before = packet.subarray(0, -1);
  const expected = before.reduce((all, byte) => (check === "sum" ? (all + byte) & 0xff : all ^ byte), 0);
  return packet.at(-1) === expected;
}

type Bits = { readonly at: number; readonly mask: number };
/** The bits of a mask, moved down to the right. */
function bitsOf(packet: Uint8Array, { at, mask }: Bits): number {
  const lowest = mask & -mask;
  return lowest === 0 ? 0 : ((packet[at] ?? 0) & mask) / lowest;
}

/** Digits of two a byte, the higher first. */
const decimalOf = (bytes: Uint8Array): string => [...bytes].map((byte) => byte.toString(16).padStart(2, "0")).join("");

function integerOf(bytes: Uint8Array, isSigned: boolean): number {
  const size = 2 ** (8 * bytes.length);
  const unsigned = bytes.reduce((all, byte) => all * 256 + byte, 0);
  return isSigned && unsigned >= size / 2 ? unsigned - size : unsigned;
}

function figureOf(packet: Uint8Array, { at, bytes, as, order }: PacketFraming["value"]): number | string {
  const slice = packet.slice(at, at + bytes);
  if (as === "text") return new TextDecoder("latin1").decode(slice).trim();
  const big = order === "big" ? slice : slice.toReversed();
  if (as === "decimal") return Number(decimalOf(big));
  if (as !== "float") return integerOf(big, as === "integer");
  const view = new DataView(big.buffer, big.byteOffset, big.length);
  return bytes === 4 ? view.getFloat32(0) : bytes === 8 ? view.getFloat64(0) : NaN;
}

/** Digits that a float of four bytes is good for. */
const FLOAT_DIGITS = 6;

/** A figure in digits, its point so many places from the right. */
function toDigits(figure: number, decimals: number, isFloat: boolean): string {
  return isFloat ? String(Number(figure.toPrecision(FLOAT_DIGITS))) : (figure / 10 ** decimals).toFixed(decimals);
}

/**
 * What a packet says, each thing read from its place.
 * @param packet as long as the profile says
 * @returns null: what stands at the place of the figure is none
 */
export function readPacket(packet: Uint8Array, framing: PacketFraming): PacketSays | null {
  const meaning = <Value extends string>(
    table: (Bits & { readonly codes: readonly { readonly code: number; readonly means: Value }[] }) | null,
  ): Value | undefined => table?.codes.find(({ code }) => code === bitsOf(packet, table))?.means;
  const [unit, set] = [meaning(framing.unit), meaning(framing.function)];
  const words = { ...(unit === undefined ? {} : { unit }), ...(set === undefined ? {} : { function: set }) };
  const { overload, negative, decimals } = framing;
  if (overload && bitsOf(packet, overload) === overload.equals) return { value: "OL", ...words };
  const figure = figureOf(packet, framing.value);
  if (typeof figure === "string") return { value: figure, ...words };
  if (!Number.isFinite(figure)) return null;
  const isNegative = negative !== null && bitsOf(packet, negative) !== 0;
  const places = typeof decimals === "number" ? decimals : bitsOf(packet, decimals);
  return { value: toDigits(isNegative ? -figure : figure, places, framing.value.as === "float"), ...words };
}
