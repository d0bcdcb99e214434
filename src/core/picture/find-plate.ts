import { fromMask, Mask, type Image, type Roi } from "image-js";
import { distance, type Corners, type Spot } from "./shape";

/** The picture is searched at this width: a plate is large on it, dirt is gone. */
const SEARCH_PX = 400;
/** Part of the picture a plate has at least, where it was meant to be photographed. */
const LEAST_PART = 0.012;
/** Part of its own outline that is filled: what is less is no plate. */
const LEAST_FILLED = 0.86;
/** A piece so large beside the largest one may be of the same plate. */
const BELONGS_PART = 0.012;
/** Below this the plate cannot be told from what lies around it, in steps of 255. */
const LEAST_APART = 7;
/** A glare or white letters push the threshold up: lower ones are tried too. */
const STEPS = [1.2, 1, 0.7, 0.45, 0.3, 0.2] as const;
const RIM_PX = 2;
/** An edge is looked at so far to either side of it [px of the search]. */
const EDGE_PX = 2;

/** A plate as found on a picture. */
export interface FoundPlate {
  readonly corners: Corners;
  /** false: nothing stands out; the corners are those of the whole picture */
  readonly isFound: boolean;
}

/**
 * Finds the plate, label or stamp: the largest shape with four corners that differs from what lies at the picture's border.
 * @param picture in colour or grey, upright
 * @returns its corners on the picture [px]; those of the picture where nothing stands out
 * @source R. C. Gonzalez, R. E. Woods, Digital Image Processing: threshold by Otsu; hull with its edges taken away one by one
 */
export function findPlate(picture: Image): FoundPlate {
  const scale = Math.min(1, SEARCH_PX / picture.width);
  const small = scale === 1 ? picture : picture.resize({ width: SEARCH_PX });
  const apart = apartFromBorder(small);
  const middle = otsu(apart);
  const thresholds = [...new Set([...STEPS.map((step) => Math.round(middle * step)), LEAST_APART])].filter((step) => step >= LEAST_APART);
  let best: { four: readonly Spot[]; score: number } | null = null;
  for (const threshold of thresholds)
    for (const four of foursAbove(apart, small, threshold)) {
      if (isCutOff(four, small)) continue;
      const score = areaOf(four) * Math.sqrt(edgeOf(four, apart, small));
      if (best === null || score > best.score) best = { four, score };
    }
  const corners = best && fromLeftUpper(best.four.map(({ x, y }) => ({ x: (x + 0.5) / scale, y: (y + 0.5) / scale })));
  return corners ? { corners, isFound: true } : { corners: cornersOfWhole(picture), isFound: false };
}

/** A side that runs along the rim of the picture is no edge of a plate: it is a wall that darkens, or a plate that is cut off. */
function isCutOff(four: readonly Spot[], { width, height }: Image): boolean {
  const rims = [
    ({ x }: Spot) => x < RIM_PX,
    ({ y }: Spot) => y < RIM_PX,
    ({ x }: Spot) => x > width - 1 - RIM_PX,
    ({ y }: Spot) => y > height - 1 - RIM_PX,
  ];
  return rims.some((isOn) => four.filter(isOn).length > 1);
}

/** Shapes with four corners among what lies further apart from the border than a threshold. */
function foursAbove(apart: Uint8Array, { width, height }: Image, threshold: number): (readonly Spot[])[] {
  const mask = new Mask(width, height);
  for (let at = 0; at < apart.length; at += 1) mask.setBitByIndex(at, (apart[at] ?? 0) > threshold ? 1 : 0);
  const rois = fromMask(mask.solidFill()).getRois({ kind: "white" });
  const largest = rois.reduce((best, roi) => (best === null || roi.surface > best.surface ? roi : best), rois[0] ?? null);
  if (!largest || largest.surface < LEAST_PART * apart.length) return [];
  // Glare may cut a plate in two: what is large beside the largest may belong to it, where the whole then has four corners.
  const pieces = rois.filter(({ surface }) => surface >= largest.surface * BELONGS_PART);
  return [fourOfPieces(pieces), fourOfPieces([largest])].filter((four) => four !== null);
}

/** How sharply what lies inside the sides parts from what lies outside, at the middle of a hundred places along them. */
function edgeOf(four: readonly Spot[], apart: Uint8Array, { width, height }: Image): number {
  const at = (x: number, y: number): number =>
    apart[Math.min(height - 1, Math.max(0, Math.round(y))) * width + Math.min(width - 1, Math.max(0, Math.round(x)))] ?? 0;
  const middle = { x: mean(four.map(({ x }) => x)), y: mean(four.map(({ y }) => y)) };
  const steps: number[] = [];
  four.forEach((from, corner) => {
    const to = four[(corner + 1) % 4];
    if (!to) return;
    const long = distance(from, to);
    const normal = { x: (to.y - from.y) / long, y: (from.x - to.x) / long };
    const inwards = (middle.x - from.x) * normal.x + (middle.y - from.y) * normal.y > 0 ? 1 : -1;
    for (let step = 1; step < 25; step += 1) {
      const [x, y] = [from.x + ((to.x - from.x) * step) / 25, from.y + ((to.y - from.y) * step) / 25];
      const inside = at(x + normal.x * inwards * EDGE_PX, y + normal.y * inwards * EDGE_PX);
      const outside = at(x - normal.x * inwards * EDGE_PX, y - normal.y * inwards * EDGE_PX);
      steps.push(Math.max(0, inside - outside));
    }
  });
  return mean(steps);
}

/** Corners of the whole picture. */
const cornersOfWhole = ({ width, height }: { readonly width: number; readonly height: number }): Corners => [
  { x: 0, y: 0 },
  { x: width, y: 0 },
  { x: width, y: height },
  { x: 0, y: height },
];

/** Four corners around pieces that fill them; null: they do not. */
function fourOfPieces(pieces: readonly Roi[]): readonly Spot[] | null {
  const spots = pieces.flatMap(({ origin, convexHull }) =>
    convexHull.points.map(({ column, row }) => ({ x: column + origin.column, y: row + origin.row })),
  );
  const four = fourOf(hullOf(spots));
  const surface = pieces.reduce((sum, piece) => sum + piece.surface, 0);
  return four === null || surface / areaOf(four) < LEAST_FILLED ? null : four;
}

/** The hull of several hulls. @source A. M. Andrew, Another efficient algorithm for convex hulls in two dimensions (1979) */
function hullOf(spots: readonly Spot[]): readonly Spot[] {
  const sorted = [...spots].sort((a, b) => a.x - b.x || a.y - b.y);
  const half = (some: readonly Spot[]): Spot[] => {
    const kept: Spot[] = [];
    for (const spot of some) {
      while (kept.length > 1 && cross(kept.at(-2)!, kept.at(-1)!, spot) <= 0) kept.pop();
      kept.push(spot);
    }
    return kept.slice(0, -1);
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}

/** How far each place lies from what the border shows, in its strongest colour, 0 to 255. */
function apartFromBorder(picture: Image): Uint8Array {
  const { width, height, channels } = picture;
  const rim = Math.max(2, Math.round(Math.min(width, height) * 0.03));
  const colours = Math.min(3, channels);
  const apart = new Uint8Array(width * height);
  const { data } = picture.getRawImage();
  const at = (place: number, colour: number): number => data[place * channels + colour] ?? 0;
  for (let colour = 0; colour < colours; colour += 1) {
    const border: number[] = [];
    for (let y = 0; y < height; y += 1)
      for (let x = 0; x < width; x += 1)
        if (x < rim || y < rim || x >= width - rim || y >= height - rim) border.push(at(y * width + x, colour));
    const middle = border.sort((a, b) => a - b)[Math.floor(border.length / 2)] ?? 0;
    for (let place = 0; place < apart.length; place += 1) {
      const here = Math.abs(at(place, colour) - middle);
      if (here > (apart[place] ?? 0)) apart[place] = here;
    }
  }
  return apart;
}

/**
 * Threshold that parts two kinds of values best.
 * @param values 0 to 255
 * @returns the highest value of the lower kind
 * @source N. Otsu, A threshold selection method from gray-level histograms (1979)
 */
function otsu(values: Uint8Array | Uint8ClampedArray): number {
  const counts = new Array<number>(256).fill(0);
  for (const value of values) counts[value] = (counts[value] ?? 0) + 1;
  const total = values.length;
  const sum = counts.reduce((all, count, value) => all + count * value, 0);
  let below = 0;
  let sumBelow = 0;
  let best = { between: -1, value: 0 };
  counts.forEach((count, value) => {
    below += count;
    sumBelow += count * value;
    const above = total - below;
    if (below === 0 || above === 0) return;
    const between = below * above * (sumBelow / below - (sum - sumBelow) / above) ** 2;
    if (between > best.between) best = { between, value };
  });
  return best.value;
}

const cross = (a: Spot, b: Spot, c: Spot): number => (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);

function areaOf(spots: readonly Spot[]): number {
  let twice = 0;
  spots.forEach((spot, at) => {
    const next = spots[(at + 1) % spots.length];
    if (next) twice += spot.x * next.y - next.x * spot.y;
  });
  return Math.abs(twice) / 2;
}

/** Where the lines through two edges meet; null: they run alike. */
function meet(a: Spot, b: Spot, c: Spot, d: Spot): Spot | null {
  const turn = (b.x - a.x) * (d.y - c.y) - (b.y - a.y) * (d.x - c.x);
  if (Math.abs(turn) < 1e-9) return null;
  const along = ((c.x - a.x) * (d.y - c.y) - (c.y - a.y) * (d.x - c.x)) / turn;
  return { x: a.x + along * (b.x - a.x), y: a.y + along * (b.y - a.y) };
}

/** The hull with its edges taken away, each time the one that adds least, until four are left; rounded corners come out sharp. */
function fourOf(hull: readonly Spot[]): readonly Spot[] | null {
  let spots = [...hull];
  while (spots.length > 4) {
    let best: { at: number; spot: Spot; adds: number } | null = null;
    for (let at = 0; at < spots.length; at += 1) {
      const [before, from, to, after] = [-1, 0, 1, 2].map((step) => spots[(at + step + spots.length) % spots.length]);
      if (!before || !from || !to || !after) continue;
      const spot = meet(before, from, to, after);
      // The lines must meet outside of the edge that goes.
      if (spot === null || Math.sign(cross(from, to, spot)) === Math.sign(cross(from, to, before))) continue;
      const adds = areaOf([from, spot, to]);
      if (best === null || adds < best.adds) best = { at, spot, adds };
    }
    if (best === null) return null;
    const gone = (best.at + 1) % spots.length;
    const placed = spots.map((spot, at) => (best && at === best.at ? best.spot : spot));
    spots = placed.filter((_, at) => at !== gone);
  }
  return spots.length === 4 ? spots : null;
}

/** Four spots from the left upper one, clockwise. */
function fromLeftUpper(spots: readonly Spot[]): Corners | null {
  const middle = { x: mean(spots.map(({ x }) => x)), y: mean(spots.map(({ y }) => y)) };
  const round = [...spots].sort((a, b) => Math.atan2(a.y - middle.y, a.x - middle.x) - Math.atan2(b.y - middle.y, b.x - middle.x));
  const start = round.reduce((best, spot, at) => {
    const kept = round[best];
    return kept && spot.x + spot.y < kept.x + kept.y ? at : best;
  }, 0);
  const [a, b, c, d] = [0, 1, 2, 3].map((step) => round[(start + step) % 4]);
  return a && b && c && d ? [a, b, c, d] : null;
}

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;

/** Length of the longer of two opposite sides, each way [px]. */
export function sizeOf([a, b, c, d]: Corners): { readonly width: number; readonly height: number } {
  return { width: Math.max(distance(a, b), distance(d, c)), height: Math.max(distance(b, c), distance(a, d)) };
}
