import { MOST_PHOTO_CHARACTERS } from "@/core/station";
import { fail, ok, type Failure, type Result } from "@/core/result";

/** Longest side that is kept, and the qualities tried until it is small enough. */
const SIDES_PX = [1000, 700, 480, 320];
const QUALITY = 0.7;

/**
 * Scales a photo down and keeps it as a JPEG data address, small enough to be kept with the card.
 * @param mostCharacters of the data address
 * @errors 'photo-unreadable' when the browser cannot read the file as a picture
 */
export async function readPhoto(file: Blob, mostCharacters = MOST_PHOTO_CHARACTERS): Promise<Result<string, Failure>> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (!picture) return fail({ code: "photo-unreadable" });
  for (const side of SIDES_PX) {
    const scale = Math.min(1, side / Math.max(picture.width, picture.height));
    const canvas = document.createElement("canvas");
    canvas.width = Math.max(1, Math.round(picture.width * scale));
    canvas.height = Math.max(1, Math.round(picture.height * scale));
    canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
    const address = canvas.toDataURL("image/jpeg", QUALITY);
    if (address.length <= mostCharacters) return ok(address);
  }
  return fail({ code: "photo-unreadable" });
}
