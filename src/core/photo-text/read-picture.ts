import type { Image } from "image-js";
import { drawLine, evenOut, findLines, straighten, type Corners, type EvenPicture, type TextLine } from "../picture";
import type { ReadLine, ReadText } from "./read-line";

/** Reads one line of text on a small picture; empty where it makes nothing of it. */
export type ReadOneLine = (picture: Image) => Promise<string>;

/** A picture cut out and made ready for reading. */
export interface ReadyPicture {
  readonly even: EvenPicture;
  readonly cleaned: EvenPicture;
  readonly lines: readonly TextLine[];
}

/** More lines than any plate has: the picture is of something else, a page of a book. */
const MOST_LINES = 60;
/** Once more at this size where nothing was made of a line. */
const SMALLER = 0.72;

/**
 * Straightens a picture, takes the light across it away, and finds its lines.
 * @param picture grey
 * @param corners of the plate on it [px]
 * @returns what the reader of text is given
 */
export function makeReady(picture: Image, corners: Corners): ReadyPicture {
  const even = evenOut(straighten(picture, corners));
  const { lines, cleaned } = findLines(even);
  return { even, cleaned, lines };
}

/**
 * Has every line of a picture read: as a whole, its name and its figure apart, and once more with its specks.
 * @param ready picture with its lines
 * @param read reads one line
 * @param onProgress told the part that is done, 0 to 1
 * @returns lines as read, largest letters first where there are too many
 */
export async function readLines(
  ready: ReadyPicture,
  read: ReadOneLine,
  onProgress: (done: number) => void = () => undefined,
): Promise<readonly ReadLine[]> {
  const lines = [...ready.lines].sort((a, b) => b.letterPx * b.box.width - a.letterPx * a.box.width).slice(0, MOST_LINES);
  const found: ReadLine[] = [];
  for (const [at, line] of lines.entries()) {
    const texts: ReadText[] = [{ part: "whole", text: await readAgain(ready.cleaned, line, read) }];
    for (const part of line.parts) texts.push({ part: part.kind, text: await read(drawLine(ready.cleaned, part)) });
    texts.push({ part: "whole", text: await read(drawLine(ready.even, line)) });
    if (texts.some(({ text }) => text.trim() !== ""))
      found.push({ box: line.box, texts: texts.map(({ part, text }) => ({ part, text: text.trim() })) });
    onProgress((at + 1) / lines.length);
  }
  return found;
}

async function readAgain(picture: EvenPicture, line: TextLine, read: ReadOneLine): Promise<string> {
  const text = await read(drawLine(picture, line));
  return /[\p{L}\d]/u.test(text) ? text : read(drawLine(picture, line, SMALLER));
}
