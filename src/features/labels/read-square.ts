import jsQR from "jsqr";

/** A picture no larger than a phone's is searched at this size: a square of a label fills a good part of it. */
const MOST_PX = 1200;

/**
 * Reads the square on a picture.
 * @returns its text; null: there is none on it, or it cannot be read
 */
export async function readSquare(picture: Blob | HTMLVideoElement): Promise<string | null> {
  const source = picture instanceof Blob ? await createImageBitmap(picture).catch(() => null) : picture;
  if (source === null) return null;
  const [width, height] = source instanceof HTMLVideoElement ? [source.videoWidth, source.videoHeight] : [source.width, source.height];
  if (width === 0 || height === 0) return null;
  const scale = Math.min(1, MOST_PX / Math.max(width, height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(width * scale);
  canvas.height = Math.round(height * scale);
  const context = canvas.getContext("2d", { willReadFrequently: true });
  if (context === null) return null;
  context.drawImage(source, 0, 0, canvas.width, canvas.height);
  const { data } = context.getImageData(0, 0, canvas.width, canvas.height);
  return jsQR(data, canvas.width, canvas.height)?.data ?? null;
}
