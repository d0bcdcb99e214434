import type { BearingSize } from "./dimension-table";
import type { BallGeometry } from "./frequencies";

/** Balls of one size, and whether they are listed or worked out from the outside. */
export interface KnownGeometry extends BallGeometry {
  readonly isListed: boolean;
}

/** Ball diameter over ring height D − d, for the usual design; the listed sizes give 0.265 to 0.3. */
const BALL_SHARE = 0.29;
/** Arc that balls fill when the inner ring is pressed aside to put them in [degrees]. */
const FILLED_ARC_DEG = 195;

/**
 * Geometry worked out from boundary dimensions alone: pitch in the middle, balls of 0.29 of the ring height, as
 * many as go in with the inner ring pressed aside.
 * @param size boundary dimensions
 * @returns balls and pitch as they usually are
 * @source Eschmann, Hasbargen & Weigand, Ball and Roller Bearings (1985), deep-groove bearings without filling slot
 */
export function estimateGeometry({ boreMm, outsideMm }: Pick<BearingSize, "boreMm" | "outsideMm">): BallGeometry {
  const pitchDiameterMm = (boreMm + outsideMm) / 2;
  const ballDiameterMm = BALL_SHARE * (outsideMm - boreMm);
  const arcDeg = (2 * Math.asin(ballDiameterMm / pitchDiameterMm) * 180) / Math.PI;
  return { balls: 1 + Math.floor(FILLED_ARC_DEG / arcDeg), ballDiameterMm, pitchDiameterMm, contactAngleDeg: 0 };
}

/**
 * Balls of a size: listed where the table has them, else estimated and said so.
 * @param size a size of the table
 * @returns the geometry, and whether it is listed or estimated
 */
export function geometryOf(size: BearingSize): KnownGeometry {
  if (!size.balls) return { ...estimateGeometry(size), isListed: false };
  const [balls, ballDiameterMm, pitchDiameterMm] = size.balls;
  return { balls, ballDiameterMm, pitchDiameterMm, contactAngleDeg: 0, isListed: true };
}

/** A maker may put in one ball more or fewer, and larger or smaller ones by this part, where the table lists none. */
const ESTIMATE_SPREAD = 0.1;

/**
 * Geometries that a size may have: one where it is listed, else the estimate and the ends of its spread.
 * @param size a size of the table
 * @returns one where it is listed, else the estimate and the ends of its spread
 */
export function possibleGeometries(size: BearingSize): readonly BallGeometry[] {
  const known = geometryOf(size);
  if (known.isListed) return [known];
  return [
    known,
    ...[-1, 1].flatMap((more) =>
      [1 - ESTIMATE_SPREAD, 1 + ESTIMATE_SPREAD].map((scale) => ({
        ...known,
        balls: known.balls + more,
        ballDiameterMm: known.ballDiameterMm * scale,
      })),
    ),
  ];
}

/** Shoulders of the rings stand this part of a ball away from the pitch circle; from drawings of the usual design. */
const SHOULDER = 0.6;

/**
 * Outer edge of the inner ring's face and inner edge of the outer ring's face [mm], about.
 * @param size a size of the table
 * @returns edges of both rings' faces [mm]
 */
export function shouldersOf(size: BearingSize): { readonly innerMm: number; readonly outerMm: number } {
  const { ballDiameterMm, pitchDiameterMm } = geometryOf(size);
  return { innerMm: pitchDiameterMm - SHOULDER * ballDiameterMm, outerMm: pitchDiameterMm + SHOULDER * ballDiameterMm };
}
