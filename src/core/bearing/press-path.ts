import type { BearingSize } from "./dimension-table";
import { shouldersOf } from "./geometry";

/** The ring that is pressed: the one whose seat is tight. */
export type PressedRing = "inner" | "outer";

/** A round thing with a hole, to press with; of a socket the flats are the hole. */
export interface Pusher {
  readonly kind: "tube" | "socket";
  /** as it is asked for: outside × wall of a tube, width across flats of a socket */
  readonly label: string;
  readonly insideMm: number;
  readonly outsideMm: number;
}

/* Outside × wall [mm]. @source EN 1057:2006 copper, EN 10305-1:2016 precision steel, usual sizes */
const TUBES: readonly (readonly [number, number])[] = [
  [6, 1],
  [8, 1],
  [10, 1],
  [12, 1],
  [15, 1],
  [16, 2],
  [18, 1],
  [20, 1.5],
  [20, 2],
  [22, 1],
  [22, 2],
  [25, 2],
  [28, 1.5],
  [28, 2],
  [30, 2],
  [32, 2],
  [35, 1.5],
  [35, 2],
  [38, 2.5],
  [40, 2],
  [42, 1.5],
  [45, 2.5],
  [48.3, 3.2],
  [54, 2],
  [60.3, 3.6],
  [70, 3],
  [76.1, 3.6],
  [88.9, 4],
  [101.6, 4],
  [114.3, 4.5],
];
/* Width across flats of half-inch drive sockets [mm]. */
const SOCKETS: readonly number[] = [8, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 21, 22, 24, 27, 30, 32, 36, 41, 46];

/** Outside of a socket over its flats: d = 1.25 s + 3. @source DIN 3124, largest outside diameters of hand sockets, fitted */
const socketOutsideMm = (flatsMm: number): number => 1.25 * flatsMm + 3;
const PUSHERS: readonly Pusher[] = [
  ...TUBES.map(([outsideMm, wallMm]): Pusher => ({
    kind: "tube",
    label: `${outsideMm} × ${wallMm}`,
    insideMm: outsideMm - 2 * wallMm,
    outsideMm,
  })),
  ...SOCKETS.map((flats): Pusher => ({
    kind: "socket",
    label: String(flats),
    insideMm: flats,
    outsideMm: socketOutsideMm(flats),
  })),
];

/** Room left to each side, so that nothing rubs on shaft, seat, shield or seal [mm]. */
const ROOM_MM = 0.3;
/** Least width of the face that carries the force [mm]. */
const LEAST_FACE_MM = 0.7;

/** The ring of metal a pusher has to stand on, and what is at hand that does. */
export interface PressPath {
  readonly ring: PressedRing;
  /** face of the pressed ring [mm]: from this diameter to that */
  readonly faceFromMm: number;
  readonly faceToMm: number;
  /** what fits, the widest face first */
  readonly pushers: readonly Pusher[];
}

/**
 * What to press a bearing on or in with: the force goes through the ring that sits tight, never through the balls.
 * The face of each ring ends at its shoulder, which is estimated from the balls.
 * @param size a size of the table
 * @param ring which ring sits tight
 * @returns which ring is pressed, and what with
 * @example 6203 on its shaft: face 17 to about 24 mm; tube 22 × 2 stands on it
 */
export function pressPath(size: BearingSize, ring: PressedRing): PressPath {
  const { innerMm, outerMm } = shouldersOf(size);
  const [faceFromMm, faceToMm] = ring === "inner" ? [size.boreMm, innerMm] : [outerMm, size.outsideMm];
  const face = ({ insideMm, outsideMm }: Pusher): number => Math.min(outsideMm, faceToMm) - Math.max(insideMm, faceFromMm);
  const pushers = PUSHERS.filter((pusher) => {
    const passesInside = ring === "inner" ? pusher.insideMm >= faceFromMm + ROOM_MM : pusher.insideMm >= faceFromMm;
    const passesOutside = ring === "outer" ? pusher.outsideMm <= faceToMm - ROOM_MM : pusher.outsideMm <= faceToMm;
    return passesInside && passesOutside && face(pusher) / 2 >= LEAST_FACE_MM;
  });
  return { ring, faceFromMm, faceToMm, pushers: pushers.sort((a, b) => face(b) - face(a)).slice(0, 4) };
}
