import { Image } from "image-js";

/** Letters with the light across them taken away: dark on white, whichever way they were. */
export interface EvenPicture {
  readonly width: number;
  readonly height: number;
  /** 0 is ink, 255 ground */
  readonly data: Uint8Array;
}

/** Surroundings of a place, as part of the width: some letters wide. */
const AROUND_PART = 0.03;
/** Least contrast that counts as a letter's, in steps of 255. */
const LEAST_CONTRAST = 9;
/** Contrast in deviations of its surroundings at which ink is black. */
const BLACK_AT = 2.6;

/**
 * Takes light, shadow and glare away: each place against the mean and the deviation of its surroundings.
 * @param picture grey
 * @returns dark letters on white, whether they were dark on light or light on dark
 * @source J. Sauvola, M. Pietikäinen, Adaptive document image binarization (2000): local mean and deviation
 */
export function evenOut(picture: Image): EvenPicture {
  const { width, height } = picture;
  const grey = Float32Array.from(picture.getRawImage().data);
  const radius = Math.max(8, Math.round(width * AROUND_PART));
  const means = boxMean(grey, width, height, radius);
  const squares = boxMean(
    grey.map((value, at) => (value - (means[at] ?? 0)) ** 2),
    width,
    height,
    radius,
  );
  const signed = grey.map((value, at) => {
    // Sums that are kept along may end a hair below zero on ground without a mark.
    const deviation = Math.max(LEAST_CONTRAST, Math.sqrt(Math.max(0, squares[at] ?? 0)));
    return (value - (means[at] ?? 0)) / deviation;
  });
  const isLightOnDark = leaning(signed, width, height) > 0;
  const data = new Uint8Array(width * height);
  for (let at = 0; at < data.length; at += 1) {
    const ink = isLightOnDark ? (signed[at] ?? 0) : -(signed[at] ?? 0);
    data[at] = Math.round(255 * (1 - Math.min(1, Math.max(0, (ink + 0.4) / (BLACK_AT + 0.4)))));
  }
  return { width, height, data };
}

/** Letters are fewer than their ground: which way the strong deviations lean, away from the rim. */
function leaning(signed: Float32Array, width: number, height: number): number {
  const [rimX, rimY] = [Math.round(width * 0.04), Math.round(height * 0.06)];
  let sum = 0;
  for (let y = rimY; y < height - rimY; y += 1)
    for (let x = rimX; x < width - rimX; x += 1) {
      const value = Math.max(-3, Math.min(3, signed[y * width + x] ?? 0));
      sum += value ** 3;
    }
  return sum;
}

/** Mean over a square around each place, by sums kept along rows and columns. */
function boxMean(values: Float32Array, width: number, height: number, radius: number): Float32Array {
  return alongColumns(alongRows(values, width, height, radius), width, height, radius);
}

function alongRows(values: Float32Array, width: number, height: number, radius: number): Float32Array {
  const means = new Float32Array(values.length);
  for (let y = 0; y < height; y += 1) {
    const row = y * width;
    let sum = 0;
    for (let x = 0; x < Math.min(radius, width); x += 1) sum += values[row + x] ?? 0;
    for (let x = 0; x < width; x += 1) {
      if (x + radius < width) sum += values[row + x + radius] ?? 0;
      if (x > radius) sum -= values[row + x - radius - 1] ?? 0;
      means[row + x] = sum / (Math.min(width - 1, x + radius) - Math.max(0, x - radius) + 1);
    }
  }
  return means;
}

function alongColumns(values: Float32Array, width: number, height: number, radius: number): Float32Array {
  const means = new Float32Array(values.length);
  const sums = new Float64Array(width);
  const add = (y: number, sign: 1 | -1): void => {
    for (let x = 0; x < width; x += 1) sums[x] = (sums[x] ?? 0) + sign * (values[y * width + x] ?? 0);
  };
  for (let y = 0; y < Math.min(radius, height); y += 1) add(y, 1);
  for (let y = 0; y < height; y += 1) {
    if (y + radius < height) add(y + radius, 1);
    if (y > radius) add(y - radius - 1, -1);
    const count = Math.min(height - 1, y + radius) - Math.max(0, y - radius) + 1;
    for (let x = 0; x < width; x += 1) means[y * width + x] = (sums[x] ?? 0) / count;
  }
  return means;
}

/**
 * The even picture as the picture library holds it.
 * @param even letters dark on white
 * @returns the same, grey
 */
export const toImage = (even: EvenPicture): Image => new Image(even.width, even.height, { data: even.data, colorModel: "GREY" });
