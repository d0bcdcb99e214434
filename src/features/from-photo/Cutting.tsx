import type { Box } from "@/core/picture";
import type { StraightPicture } from "./session";

/** A cutting is this high [px], and no wider than this. */
const HIGH_PX = 30;
const MOST_WIDE_PX = 240;

/** The piece of the straightened picture that a field was read from. */
export function Cutting({ picture, box, of }: { picture: StraightPicture; box: Box; of: string }) {
  const rim = box.height * 0.2;
  const [width, height] = [box.width + 2 * rim, box.height + 2 * rim];
  const scale = Math.min(HIGH_PX / height, MOST_WIDE_PX / width);
  return (
    <span
      role="img"
      aria-label={`${of} on the picture`}
      className="block border border-rule bg-white"
      style={{
        width: width * scale,
        height: height * scale,
        backgroundImage: `url("${picture.shown}")`,
        backgroundSize: `${picture.width * scale}px ${picture.height * scale}px`,
        backgroundPosition: `${-(box.x - rim) * scale}px ${-(box.y - rim) * scale}px`,
      }}
    />
  );
}
