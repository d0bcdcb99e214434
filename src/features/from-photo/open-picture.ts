import { MOST_PHOTO_CHARACTERS } from "@/core/station";
import { fail, ok, type Failure, type Result } from "@/core/result";
import type { Picture } from "@/workers/photo-messages";
import { readPhoto } from "../photo/photo";

/** Longest side a picture is worked on at [px]: letters of a plate that fills a third of it are still some 20 high. */
const MOST_PX = 2000;

/** A picture that was chosen or taken. */
export interface OpenedPicture {
  readonly picture: Picture;
  /** as it is shown: an address of this page's own; given back with `close` */
  readonly shown: string;
  /** as it would be kept with a card, made when it is asked for */
  readonly toKeep: (mostCharacters?: number) => Promise<Result<string, Failure>>;
  readonly close: () => void;
}

const isHeic = (file: Blob): boolean => /hei[cf]/i.test(file.type) || /\.hei[cf]$/i.test(file instanceof File ? file.name : "");
const isFilm = (file: Blob): boolean => file.type.startsWith("video/");

function draw(source: CanvasImageSource, width: number, height: number): HTMLCanvasElement {
  const scale = Math.min(1, MOST_PX / Math.max(width, height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(width * scale));
  canvas.height = Math.max(1, Math.round(height * scale));
  canvas.getContext("2d", { willReadFrequently: true })?.drawImage(source, 0, 0, canvas.width, canvas.height);
  return canvas;
}

const asBlob = (canvas: HTMLCanvasElement): Promise<Blob | null> =>
  new Promise((resolve) => {
    canvas.toBlob(resolve, "image/jpeg", 0.9);
  });

async function opened(canvas: HTMLCanvasElement): Promise<Result<OpenedPicture, Failure>> {
  const { width, height } = canvas;
  const data = canvas.getContext("2d")?.getImageData(0, 0, width, height).data;
  const blob = await asBlob(canvas);
  if (!data || !blob) return fail({ code: "photo-unreadable" });
  const shown = URL.createObjectURL(blob);
  return ok({
    picture: { width, height, data },
    shown,
    toKeep: (most = MOST_PHOTO_CHARACTERS) => readPhoto(blob, most),
    close: () => URL.revokeObjectURL(shown),
  });
}

/**
 * Opens a file as a picture, in the size it is worked on.
 * @errors 'photo-not-a-picture' for a film, a HEIC photo this browser cannot open, or no picture at all
 */
export async function openFile(file: Blob): Promise<Result<OpenedPicture, Failure>> {
  if (isFilm(file)) return fail({ code: "photo-not-a-picture", sort: "film" });
  const bitmap = await createImageBitmap(file).catch(() => null);
  if (bitmap === null) return fail({ code: "photo-not-a-picture", sort: isHeic(file) ? "heic" : "other" });
  const canvas = draw(bitmap, bitmap.width, bitmap.height);
  bitmap.close();
  return opened(canvas);
}

/** The picture a camera shows now. */
export const openFrame = (video: HTMLVideoElement): Promise<Result<OpenedPicture, Failure>> =>
  opened(draw(video, video.videoWidth, video.videoHeight));

/** A picture turned by a quarter, to the right. */
export async function turned(before: OpenedPicture): Promise<Result<OpenedPicture, Failure>> {
  const { width, height, data } = before.picture;
  const flat = document.createElement("canvas");
  [flat.width, flat.height] = [width, height];
  flat.getContext("2d")?.putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
  const canvas = document.createElement("canvas");
  [canvas.width, canvas.height] = [height, width];
  const context = canvas.getContext("2d", { willReadFrequently: true });
  context?.translate(height, 0);
  context?.rotate(Math.PI / 2);
  context?.drawImage(flat, 0, 0);
  const next = await opened(canvas);
  if (next.ok) before.close();
  return next;
}
