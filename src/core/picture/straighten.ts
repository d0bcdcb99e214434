import { getPerspectiveWarp, type Image } from "image-js";
import { sizeOf } from "./find-plate";
import type { Corners } from "./shape";

/** Width a plate is read at [px]; its letters are then some 20 to 60 high. */
const READ_WIDTH_PX = 1500;
/** A narrow piece is not drawn larger than this. */
const MOST_HEIGHT_PX = 1600;
const MOST_TIMES = 4;

/**
 * Cuts a plate out and draws it as if seen from straight above.
 * @param picture grey
 * @param corners of the plate on the picture [px]
 * @returns grey picture, at most 1,500 px wide and 1,600 high
 */
export function straighten(picture: Image, corners: Corners): Image {
  const size = sizeOf(corners);
  const times = Math.min(MOST_TIMES, READ_WIDTH_PX / size.width, MOST_HEIGHT_PX / size.height);
  const [width, height] = [Math.max(16, Math.round(size.width * times)), Math.max(16, Math.round(size.height * times))];
  const points = corners.map(({ x, y }) => ({ column: x, row: y }));
  const { matrix } = getPerspectiveWarp(points, { width, height });
  return picture.transform(matrix, { width, height, interpolationType: "bilinear", inverse: true });
}
