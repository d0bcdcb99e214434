import type { Profile } from "./profile";
import { LONGEST_LINE } from "./template";
import { checksOut } from "./packet";

/** Bytes of one line or packet, without the end of a line. */
export type Frame = Uint8Array;

/** Bytes that have come and are not whole yet. */
export interface Framing {
  readonly rest: Uint8Array;
  /** a line without an end: everything up to the next end is passed over */
  readonly isSkipping: boolean;
}

export const NO_FRAMING: Framing = { rest: new Uint8Array(), isSkipping: false };

const join = (first: Uint8Array, second: Uint8Array): Uint8Array => {
  if (first.length === 0) return second;
  const joined = new Uint8Array(first.length + second.length);
  joined.set(first);
  joined.set(second, first.length);
  return joined;
};

/** What bytes that came make of a line. */
export interface Framed {
  readonly framing: Framing;
  readonly frames: readonly Frame[];
  /** something was longer than any line of a meter, and passed over */
  readonly isTooLong: boolean;
}

function inLines({ rest, isSkipping }: Framing, bytes: Uint8Array, end: string): Framed {
  const all = join(rest, bytes);
  const sign = end.charCodeAt(0);
  const frames: Frame[] = [];
  let from = 0;
  let skips = isSkipping;
  let isTooLong = false;
  for (let at = all.indexOf(sign, from); at >= 0; at = all.indexOf(sign, from)) {
    const isLong = at - from > LONGEST_LINE;
    if (!skips && !isLong && at > from) frames.push(all.slice(from, at));
    isTooLong ||= isLong && !skips;
    skips = false;
    from = at + 1;
  }
  const left = all.subarray(from);
  if (left.length <= LONGEST_LINE) return { framing: { rest: left.slice(), isSkipping: skips }, frames, isTooLong };
  // Nothing of it is kept, however long it goes on.
  return { framing: { rest: new Uint8Array(), isSkipping: true }, frames, isTooLong: isTooLong || !skips };
}

function inPackets({ rest }: Framing, bytes: Uint8Array, framing: Extract<Profile["framing"], { readonly kind: "packets" }>): Framed {
  const all = join(rest, bytes);
  const frames: Frame[] = [];
  let at = 0;
  while (all.length - at >= framing.length) {
    const packet = all.subarray(at, at + framing.length);
    const isOne = framing.head.every((byte, index) => packet[index] === byte) && checksOut(packet, framing.check);
    if (isOne) frames.push(packet.slice());
    // Out of step: the next byte may begin one.
    at += isOne ? framing.length : 1;
  }
  return { framing: { rest: all.slice(at), isSkipping: false }, frames, isTooLong: false };
}

/**
 * Parts what comes over a line into lines or packets. Bytes may come in any pieces; what is not whole waits for the rest.
 * @param framing what has come before
 * @param bytes what came now
 * @param by how the profile parts it
 */
export const frameNext = (framing: Framing, bytes: Uint8Array, by: Profile["framing"]): Framed =>
  by.kind === "lines" ? inLines(framing, bytes, by.end) : inPackets(framing, bytes, by);
