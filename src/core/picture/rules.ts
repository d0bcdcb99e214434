import type { EvenPicture } from "./even";
import type { Box } from "./shape";

/** Ink is darker than this. */
export const INK_BELOW = 110;
/** Frames are fainter than letters. */
const RULE_BELOW = 200;
/** A straight run this long, as a part of the width, is a frame's line and no stroke of a letter. */
const RUN_PART = 0.055;
/** Upright lines of a cell are no longer than a tall letter: they count where an end lies on a level line. */
const UPRIGHT_PART = 0.02;
/** An end lies on a level line within this [px]. */
const ON_LINE_PX = 4;
/** A line may step aside by one after so many places: it lies aslant by a few degrees at most. */
const STEP_AFTER = 7;
/** A line is thin: beside most of its places, so far away on both sides, there is no ink; beside a row of blurred letters there is. */
const THIN = { awayPx: 10, part: 0.7 } as const;
/** What is rubbed out to either side of a line [px]. */
const RUB_PX = 3;

/** A picture without its frames, and where their upright lines stood: nothing is read across them. */
export interface WithoutRules {
  readonly picture: EvenPicture;
  readonly uprights: readonly Box[];
}

/**
 * Takes the lines of frames and tables away, level and upright ones, also where they lie a little aslant.
 * @param picture letters dark on white
 * @returns the picture without them
 */
export function takeRules(picture: EvenPicture): WithoutRules {
  const { width, height } = picture;
  const data = Uint8Array.from(picture.data);
  const uprights: Box[] = [];
  const ink = (along: number, across: number): boolean => (picture.data[across * width + along] ?? 255) < RULE_BELOW;
  const isLevel = new Uint8Array(width * height);
  const long = Math.round(width * RUN_PART);
  for (const line of longRuns(width, height, ink, long).filter((run) => isThin(run, height, ink)))
    line.forEach(([x, y]) => {
      isLevel[y * width + x] = 1;
      for (let row = Math.max(0, y - RUB_PX); row <= Math.min(height - 1, y + RUB_PX); row += 1) data[row * width + x] = 255;
    });
  const turned = (along: number, across: number): boolean => ink(across, along);
  const endsOnLevel = ([y, x]: Place): boolean => {
    for (let row = Math.max(0, y - ON_LINE_PX); row <= Math.min(height - 1, y + ON_LINE_PX); row += 1)
      for (let column = Math.max(0, x - ON_LINE_PX); column <= Math.min(width - 1, x + ON_LINE_PX); column += 1)
        if (isLevel[row * width + column] === 1) return true;
    return false;
  };
  for (const line of longRuns(height, width, turned, Math.round(width * UPRIGHT_PART))) {
    const [bottom, top] = [line[0], line.at(-1)];
    if (!bottom || !top || !(endsOnLevel(bottom) || endsOnLevel(top)) || !isThin(line, width, turned)) continue;
    uprights.push({ x: bottom[1], y: top[0], width: 1, height: bottom[0] - top[0] + 1 });
    line.forEach(([y, x]) => data.fill(255, y * width + Math.max(0, x - RUB_PX), y * width + Math.min(width, x + RUB_PX + 1)));
  }
  return { picture: { width, height, data }, uprights };
}

type Place = readonly [along: number, across: number];

function isThin(line: readonly Place[], breadth: number, isInk: (along: number, across: number) => boolean): boolean {
  const blank = (along: number, across: number): boolean => across < 0 || across >= breadth || !isInk(along, across);
  const bare = line.filter(([along, across]) => blank(along, across - THIN.awayPx) && blank(along, across + THIN.awayPx));
  return bare.length >= line.length * THIN.part;
}

/**
 * Runs of ink along one way, which may step aside by one now and then: the longest that ends at each place, kept place by place.
 * @param length along the runs [px]
 * @param breadth across them [px]
 */
function longRuns(length: number, breadth: number, isInk: (along: number, across: number) => boolean, least: number): Place[][] {
  const runs = new Uint16Array(length * breadth);
  const since = new Uint8Array(length * breadth);
  const from = new Int8Array(length * breadth);
  for (let along = 0; along < length; along += 1)
    for (let across = 0; across < breadth; across += 1) {
      if (!isInk(along, across)) continue;
      const here = along * breadth + across;
      let best = 0;
      let aside = 0;
      let straight = 0;
      for (let step = -1; along > 0 && step <= 1; step += 1) {
        if (across + step < 0 || across + step >= breadth) continue;
        const before = here - breadth + step;
        const run = runs[before] ?? 0;
        if (run === 0 || (step !== 0 && (since[before] ?? 0) < STEP_AFTER)) continue;
        if (run > best || (run === best && step === 0)) {
          best = run;
          aside = step;
          straight = step === 0 ? Math.min(255, (since[before] ?? 0) + 1) : 0;
        }
      }
      runs[here] = best + 1;
      since[here] = straight;
      from[here] = aside;
    }
  return ends(runs, from, length, breadth, least);
}

/** Runs traced back from where they end. */
function ends(runs: Uint16Array, from: Int8Array, length: number, breadth: number, least: number): Place[][] {
  const isTraced = new Uint8Array(runs.length);
  const lines: Place[][] = [];
  for (let along = length - 1; along >= 0; along -= 1)
    for (let across = 0; across < breadth; across += 1) {
      let here = along * breadth + across;
      if ((runs[here] ?? 0) < least || isTraced[here] === 1) continue;
      const line: Place[] = [];
      let [x, y] = [along, across];
      while (x >= 0 && isTraced[here] !== 1) {
        isTraced[here] = 1;
        line.push([x, y]);
        if (runs[here] === 1) break;
        y += from[here] ?? 0;
        x -= 1;
        here = x * breadth + y;
      }
      lines.push(line);
    }
  return lines;
}
