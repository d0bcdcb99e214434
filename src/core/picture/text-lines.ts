import { fromMask, Mask, type Roi } from "image-js";
import type { EvenPicture } from "./even";
import { INK_BELOW, takeRules } from "./rules";
import { around, type Box } from "./shape";

/** Where a line of letters stands on a straightened picture. */
export interface TextLine {
  readonly box: Box;
  /** height of its letters [px] */
  readonly letterPx: number;
  /** a small name and a large figure behind it, where the line has the two; empty where it has not */
  readonly parts: readonly TextPart[];
}

/** A part of a line with letters of one height. */
export interface TextPart {
  readonly kind: "name" | "figure";
  readonly box: Box;
  readonly letterPx: number;
}

interface Piece extends Box {
  readonly ink: number;
  readonly roi: Roi;
}

/** Letters are this high, as parts of the picture's width or height. */
const LETTER = { leastPx: 9, mostPartOfHeight: 0.6 } as const;
const LARGE_PX = 40;
/** Letters stand in one line where they overlap by this part of the lower one, and are at most so many letter heights apart. */
const SAME_LINE = { overlap: 0.5, gap: 1.25, heights: 2.3 } as const;

/**
 * Finds lines of letters: pieces of ink of a letter's size that stand beside one another, cell by cell.
 * @param picture letters dark on white
 * @returns lines from top to bottom and left to right, and the picture without frames, scratches and specks
 */
export function findLines(picture: EvenPicture): { readonly lines: readonly TextLine[]; readonly cleaned: EvenPicture } {
  const { picture: plain, uprights } = takeRules(picture);
  const { width, height } = plain;
  const mask = new Mask(width, height);
  for (let at = 0; at < plain.data.length; at += 1) mask.setBitByIndex(at, (plain.data[at] ?? 255) < INK_BELOW ? 1 : 0);
  const rois = fromMask(mask).getRois({ kind: "white", minSurface: 6 });
  const pieces: Piece[] = rois.map((roi) => ({
    x: roi.origin.column,
    y: roi.origin.row,
    width: roi.width,
    height: roi.height,
    ink: roi.surface,
    roi,
  }));
  const letters = pieces.filter((piece) => isLetter(piece, height));
  const lines = group(letters, (left, right) => uprights.some((line) => stands(line, left, right)))
    .map((members) => ({ box: around(members), letterPx: letterHeight(members), parts: partsOf(members) }))
    .filter(({ box, letterPx }) => box.width >= letterPx * 0.25 && letterPx >= LETTER.leastPx);
  return { lines: lines.sort((a, b) => a.box.y - b.box.y || a.box.x - b.box.x), cleaned: withoutSpecks(plain, pieces, lines) };
}

function isLetter({ width, height, ink }: Piece, pictureHeight: number): boolean {
  if (height < LETTER.leastPx || height > pictureHeight * LETTER.mostPartOfHeight) return false;
  if (width > height * 6) return false;
  // Scratches and corners of frames: long and thin in a large box.
  const filled = ink / (width * height);
  return filled > (Math.max(width, height) < LARGE_PX ? 0.14 : 0.2);
}

function stands(line: Box, left: Box, right: Box): boolean {
  const [top, bottom] = [Math.max(left.y, right.y), Math.min(left.y + left.height, right.y + right.height)];
  const isBeside = line.y < bottom && line.y + line.height > top;
  return isBeside && line.x > left.x + left.width * 0.5 && line.x < right.x + right.width * 0.5;
}

/** Pieces that stand in one line, joined through their neighbours. */
function group(letters: readonly Piece[], isParted: (left: Piece, right: Piece) => boolean): Piece[][] {
  const sorted = [...letters].sort((a, b) => a.x - b.x);
  const parents = sorted.map((_, at) => at);
  const rootOf = (at: number): number => {
    let root = at;
    while (parents[root] !== root) root = parents[root] ?? root;
    parents[at] = root;
    return root;
  };
  sorted.forEach((left, at) => {
    for (let other = at + 1; other < sorted.length; other += 1) {
      const right = sorted[other];
      if (!right) break;
      const high = Math.max(left.height, right.height);
      if (right.x - left.x - left.width > high * SAME_LINE.gap) {
        if (right.x - left.x > high * 8) break;
        continue;
      }
      const overlap = Math.min(left.y + left.height, right.y + right.height) - Math.max(left.y, right.y);
      const low = Math.min(left.height, right.height);
      if (overlap < low * SAME_LINE.overlap || high > low * SAME_LINE.heights || isParted(left, right)) continue;
      parents[rootOf(other)] = rootOf(at);
    }
  });
  const groups = new Map<number, Piece[]>();
  sorted.forEach((piece, at) => groups.set(rootOf(at), [...(groups.get(rootOf(at)) ?? []), piece]));
  return [...groups.values()];
}

/** A name is lower than its figure by this, and parted from it by so much of the figure's height. */
const NAME_BEFORE = { lower: 0.84, tallest: 0.92, gap: 0.22 } as const;

function partsOf(members: readonly Piece[]): TextPart[] {
  const sorted = [...members].sort((a, b) => a.x - b.x);
  let best: { at: number; gap: number } | null = null;
  for (let at = 1; at < sorted.length; at += 1) {
    const [left, right] = [sorted.slice(0, at), sorted.slice(at)];
    const high = letterHeight(right);
    const gap = Math.min(...right.map(({ x }) => x)) - Math.max(...left.map(({ x, width }) => x + width));
    const tallest = Math.max(...left.map(({ height }) => height));
    if (letterHeight(left) > high * NAME_BEFORE.lower || tallest > high * NAME_BEFORE.tallest || gap < high * NAME_BEFORE.gap) continue;
    if (best === null || gap > best.gap) best = { at, gap };
  }
  if (best === null) return [];
  const [name, figure] = [sorted.slice(0, best.at), sorted.slice(best.at)];
  return [
    { kind: "name", box: around(name), letterPx: letterHeight(name) },
    { kind: "figure", box: around(figure), letterPx: letterHeight(figure) },
  ];
}

function letterHeight(members: readonly Piece[]): number {
  const heights = members.map(({ height }) => height).sort((a, b) => a - b);
  return heights[Math.floor(heights.length * 0.7)] ?? 0;
}

/** Ink that belongs to no line is ground; points and strokes within a line stay. */
function withoutSpecks(picture: EvenPicture, pieces: readonly Piece[], lines: readonly TextLine[]): EvenPicture {
  const data = Uint8Array.from(picture.data);
  for (const piece of pieces) {
    const line = lines.find(({ box, letterPx }) => touches(box, letterPx, piece));
    const isKept = line !== undefined && piece.height <= line.letterPx * 2 && piece.width <= line.letterPx * 6;
    if (isKept) continue;
    const mask = piece.roi.getMask();
    for (let y = 0; y < piece.height; y += 1)
      for (let x = 0; x < piece.width; x += 1) if (mask.getBit(x, y)) rub(data, picture, piece.x + x, piece.y + y);
  }
  return { ...picture, data };
}

function touches(box: Box, letterPx: number, piece: Box): boolean {
  const [middleX, middleY] = [piece.x + piece.width / 2, piece.y + piece.height / 2];
  const rim = letterPx * 0.3;
  return (
    middleX >= box.x - letterPx * 0.5 &&
    middleX <= box.x + box.width + letterPx * 0.5 &&
    middleY >= box.y - rim &&
    middleY <= box.y + box.height + rim
  );
}

/** A place and its nearest neighbours, which are of the same speck. */
function rub(data: Uint8Array, { width, height }: EvenPicture, x: number, y: number): void {
  for (let row = Math.max(0, y - 1); row <= Math.min(height - 1, y + 1); row += 1)
    data.fill(255, row * width + Math.max(0, x - 1), row * width + Math.min(width, x + 2));
}
