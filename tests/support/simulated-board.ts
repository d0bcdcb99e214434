import type { Board, BoardFault, BoardReading, Layout } from "@/core/winding";
import { structureOf } from "@/core/winding/structure";

/** A board made up from a layout, with what a usual meter would show on it. */
export interface SimulatedBoard {
  readonly board: Board;
  readonly layout: Layout;
  readonly fault: BoardFault | null;
  /** post of each role */
  readonly postOf: readonly number[];
}

export type Random = () => number;

/** Mulberry32: a short repeatable series. */
export function randomFrom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const between = (random: Random, low: number, high: number): number => low + (high - low) * random();

function shuffle(count: number, random: Random): number[] {
  const list = Array.from({ length: count }, (_, index) => index);
  for (let last = count - 1; last > 0; last -= 1) {
    const other = Math.floor(random() * (last + 1));
    [list[last], list[other]] = [list[other] ?? 0, list[last] ?? 0];
  }
  return list;
}

/** Ohms of each element of a sound motor. */
function drawOhms(layout: Layout, random: Random, isLow: boolean): number[] {
  const main = isLow ? between(random, 0.3, 1.5) : Math.exp(between(random, Math.log(1.5), Math.log(30)));
  const half = main;
  return layout.elements.map(({ cls }) => {
    switch (cls) {
      case "main":
        return main;
      case "half":
        return half * between(random, 0.99, 1.01);
      case "aux":
        return main * between(random, 1.5, 4);
      case "section":
        return main * between(random, 0.15, 0.5);
      case "coil":
      case "winding":
        return between(random, 8, 120);
      case "switch":
      case "protector":
      case "link":
        return between(random, 0.02, 0.15);
      case "contact":
      case "capacitor":
        return Infinity;
    }
  });
}

/** All pairs of a made-up board (`isLow`: of a large motor, main winding 0.3 to 1.5 Ω), read with ±(0.8 % + 2 digits of 0.1 Ω) and test leads of 0.2 ± 0.05 Ω. */
export function simulateBoard(layout: Layout, fault: BoardFault | null, random: Random, hasFrame = false, isLow = false): SimulatedBoard {
  const structure = structureOf(layout, fault, 0, hasFrame);
  const posts = layout.roles.length;
  const postOf = [...shuffle(posts, random), ...(hasFrame ? [posts] : [])];
  const elements = drawOhms(layout, random, isLow);
  const ohms = structure.joints.map(({ element, isShort, cls }) =>
    isShort ? between(random, 0.02, 0.2) : cls === "ground" ? between(random, 0.5, 40) : (elements[element ?? -1] ?? 0),
  );
  const lead = 0.2 + 0.05 * (random() + random() + random() - 1.5) * 2;
  const readings: BoardReading[] = [];
  const size = structure.places.length;
  for (let a = 0; a < size; a += 1) {
    for (let b = a + 1; b < size; b += 1) {
      const way = structure.ways[a * size + b] ?? -1;
      const pair = { a: postOf[a] ?? 0, b: postOf[b] ?? 0 };
      if (way < 0) {
        readings.push({ ...pair, kind: "open" });
        continue;
      }
      const truth = ohms.reduce((sum, ohm, joint) => (way & (1 << joint) ? sum + ohm : sum), lead);
      const shown = Math.max(0, Math.round(10 * (truth + between(random, -1, 1) * (0.008 * truth + 0.15))) / 10);
      readings.push({ ...pair, kind: "ohms", ohm: shown, standardUncertainty: (0.008 * shown + 0.2) / Math.sqrt(3) });
    }
  }
  return { board: { posts, hasFrame, readings, leadOhm: 0.2, leadStandardOhm: 0.05 }, layout, fault, postOf };
}
