import { MOST_PART_PHOTO_CHARACTERS } from "@/records";
import { database } from "@/store/database";
import { isPhotoName } from "@/store/photos";
import { readPhoto } from "../photo/photo";

/** Bytes of a data address, which a page may not fetch. */
function toBlob(dataAddress: string): Blob {
  const bytes = atob(dataAddress.slice(dataAddress.indexOf(",") + 1));
  return new Blob([Uint8Array.from(bytes, (sign) => sign.charCodeAt(0))]);
}

/** The first photo of several that can be read, small enough to lie with a part; null: there is none. */
export async function smallPhoto(photos: readonly string[]): Promise<string | null> {
  for (const photo of photos) {
    const data = isPhotoName(photo) ? (await database().photos.get(photo))?.data : photo;
    if (data === undefined) continue;
    if (data.length <= MOST_PART_PHOTO_CHARACTERS) return data;
    const small = await readPhoto(toBlob(data), MOST_PART_PHOTO_CHARACTERS);
    if (small.ok) return small.value;
  }
  return null;
}
