import { proxy, wrap, type Remote } from "comlink";
import type { Corners, FoundPlate } from "@/core/picture";
import type { FieldReading, ReadLine } from "@/core/photo-text";
import { fail, ok, type Failure, type Result } from "@/core/result";
import type { PhotoOf, FieldOf, Picture, ReadPicture } from "./photo-messages";
import type { PhotosWorker } from "./photos.worker";

/** Work on photos, away from the screen. */
export interface PhotoWork {
  find(picture: Picture): Promise<Result<FoundPlate, Failure>>;
  /** @param read reads one line, a PNG */
  read(
    picture: Picture,
    corners: Corners,
    read: (line: Uint8Array) => Promise<string>,
    onProgress: (done: number) => void,
  ): Promise<Result<ReadPicture, Failure>>;
  weigh<Kind extends PhotoOf>(
    asked: Kind,
    pictures: readonly (readonly ReadLine[])[],
  ): Promise<Result<readonly FieldReading<FieldOf[Kind]>[], Failure>>;
  /** Ends it, whatever it is at. */
  stop(): void;
}

/** Starts a worker for photos; whoever starts it stops it. */
export function openPhotoWork(): PhotoWork {
  const worker = new Worker(new URL("./photos.worker.ts", import.meta.url), { type: "module" });
  const calls: Remote<PhotosWorker> = wrap<PhotosWorker>(worker);
  // A worker that died neither answers nor refuses; one that was stopped is waited for by nobody.
  const died = new Promise<Result<never, Failure>>((resolve) => {
    worker.addEventListener("error", (event) => resolve(fail({ code: "photo-work-failed", detail: event.message ?? "" })));
  });
  const asked = async <T>(work: Promise<T>): Promise<Result<T, Failure>> => {
    const answer = work.then(ok, (error: unknown) =>
      fail<Failure>({ code: "photo-work-failed", detail: error instanceof Error ? error.message : String(error) }),
    );
    return Promise.race([answer, died]);
  };
  return {
    find: (picture) => asked(calls.find(picture) as Promise<FoundPlate>),
    read: (picture, corners, read, onProgress) =>
      asked(calls.read(picture, corners, proxy(read), proxy(onProgress)) as Promise<ReadPicture>),
    weigh: (kind, pictures) => asked(calls.weigh(kind, pictures) as Promise<never>),
    stop: () => worker.terminate(),
  };
}
