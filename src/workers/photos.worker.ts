import { expose } from "comlink";
import { encodePng, Image } from "image-js";
import { findPlate, toImage, type Corners, type FoundPlate } from "@/core/picture";
import { makeReady, readCapacitorLabel, readLines, readPlate, readStamp, type ReadLine } from "@/core/photo-text";
import type { PhotoOf, Picture, ReadPicture } from "./photo-messages";

const imageOf = ({ width, height, data }: Picture): Image => new Image(width, height, { data, colorModel: "RGBA" });
/** Colours count for finding a plate, not for reading it. */
const greyOf = (picture: Picture): Image => imageOf(picture).grey({ mergeAlpha: false }).convertColor("GREY");

const WEIGH = { plate: readPlate, capacitor: readCapacitorLabel, bearing: readStamp } as const;

/** What this worker can be asked. */
const calls = {
  find: (picture: Picture): FoundPlate => findPlate(imageOf(picture)),
  read: async (
    picture: Picture,
    corners: Corners,
    read: (line: Uint8Array) => Promise<string>,
    onProgress: (done: number) => void,
  ): Promise<ReadPicture> => {
    const ready = makeReady(greyOf(picture), corners);
    const lines = await readLines(ready, (line) => read(encodePng(line)), onProgress);
    const shown = toImage(ready.even);
    return { lines, straight: { width: shown.width, height: shown.height, png: encodePng(shown) } };
  },
  weigh: <Kind extends PhotoOf>(asked: Kind, pictures: readonly (readonly ReadLine[])[]) =>
    WEIGH[asked](pictures) as ReturnType<(typeof WEIGH)[Kind]>,
};
export type PhotosWorker = typeof calls;

expose(calls);
