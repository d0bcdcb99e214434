import { Image } from "image-js";
import { toImage, type EvenPicture } from "./even";
import type { TextLine } from "./text-lines";

/** Height of letters at which the reader of text reads best [px], and the white around them. */
const LETTER_PX = 34;
const AROUND_PX = 14;

/**
 * Draws one line for the reader of text: cut, in the height it reads best, with white around.
 * @param picture letters dark on white
 * @param line which, or a part of one
 * @param size of its letters beside the one that is read best
 * @returns grey picture
 */
export function drawLine(picture: EvenPicture, { box, letterPx }: Pick<TextLine, "box" | "letterPx">, size = 1): Image {
  const rim = Math.round(letterPx * 0.25);
  const left = Math.max(0, box.x - rim);
  const top = Math.max(0, box.y - rim);
  const cut = toImage(picture).crop({
    origin: { column: left, row: top },
    width: Math.min(picture.width, box.x + box.width + rim) - left,
    height: Math.min(picture.height, box.y + box.height + rim) - top,
  });
  const times = (LETTER_PX * size) / letterPx;
  const sized = cut.resize({ width: Math.max(4, Math.round(cut.width * times)), height: Math.max(4, Math.round(cut.height * times)) });
  const page = new Image(sized.width + 2 * AROUND_PX, sized.height + 2 * AROUND_PX, { colorModel: "GREY" });
  page.fill(255);
  return sized.copyTo(page, { origin: { column: AROUND_PX, row: AROUND_PX } });
}
