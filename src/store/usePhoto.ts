"use client";
import { database } from "./database";
import { useLive } from "./live";
import { isPhotoName } from "./photos";

/**
 * The picture behind a photo of a record, live.
 * @param photo a data address, or the name of a photo that lies apart
 * @returns its data address; null while it is read; "gone" where it is not on this device
 */
export function usePhoto(photo: string): string | null {
  const found = useLive(async () => (isPhotoName(photo) ? ((await database().photos.get(photo)) ?? null) : null), [photo]);
  if (!isPhotoName(photo)) return photo;
  if (found.state === "ready") return found.value.data;
  return found.state === "loading" ? null : "gone";
}
