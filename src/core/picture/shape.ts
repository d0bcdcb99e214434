/** A place on a picture [px], from its left upper corner. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** Four corners of what is read, as it is read: left upper, right upper, right lower, left lower. */
export type Corners = readonly [Spot, Spot, Spot, Spot];

/** A rectangle on a picture [px]. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/**
 * Box around several.
 * @param boxes one or more
 * @returns the smallest that holds them all
 */
export function around(boxes: readonly Box[]): Box {
  const x = Math.min(...boxes.map((box) => box.x));
  const y = Math.min(...boxes.map((box) => box.y));
  return {
    x,
    y,
    width: Math.max(...boxes.map((box) => box.x + box.width)) - x,
    height: Math.max(...boxes.map((box) => box.y + box.height)) - y,
  };
}

export const distance = (a: Spot, b: Spot): number => Math.hypot(a.x - b.x, a.y - b.y);
