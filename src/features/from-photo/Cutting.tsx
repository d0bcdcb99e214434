import type { Box } from "@/core/picture";
import type { StraightPicture } from "./session";

/** A cutting is this high [px], and no wider than this. */
const HIGH_PX = 30;
const MOST_WIDE_PX = 240;

/** A place among those there are to begin at. */
const part = (at: number, all: number): string => `${all === 0 ? 0 : (100 * at) / all}%`;

/** The piece of the straightened picture that a field was read from. */
export function Cutting({ picture, box, of }: { picture: StraightPicture; box: Box; of: string }) {
  const rim = box.height * 0.2;
  const [width, height] = [box.width + 2 * rim, box.height + 2 * rim];
  const scale = Math.min(HIGH_PX / height, MOST_WIDE_PX / width);
  return (
    <span
      role="img"
      aria-label={`${of} on the picture`}
      className="block max-w-full border border-rule bg-white"
      // In parts of itself, so that it is shown whole where there is less room.
      style={{
        width: width * scale,
        aspectRatio: width / height,
        backgroundImage: `url("${picture.shown}")`,
        backgroundSize: `${(100 * picture.width) / width}% ${(100 * picture.height) / height}%`,
        backgroundPosition: `${part(box.x - rim, picture.width - width)} ${part(box.y - rim, picture.height - height)}`,
      }}
    />
  );
}
