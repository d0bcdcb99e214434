import type { Joinable } from "@/core/capacitor";

/** Repeatable numbers in 0..1 (mulberry32), so that a parts list is the same on every machine. */
export function randomFrom(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const SERIES_UF = [1.5, 2, 2.5, 3, 4, 5, 6, 7.5, 8, 10, 12, 12.5, 14, 15, 16, 17.5, 20, 22.5, 25, 30, 35, 40, 45, 50, 55, 60];

/** A parts list: values of the usual series, or (odd) all different, which is the hardest for a search. */
export function partsList(lines: number, seed: number, isOdd = false): Joinable[] {
  const random = randomFrom(seed);
  return Array.from({ length: lines }, (_, index) => {
    const nominalUf = isOdd ? Number((1 + 59 * random()).toFixed(2)) : (SERIES_UF[Math.floor(random() * SERIES_UF.length)] ?? 5);
    const tolerance = random() < 0.5 ? 0.05 : 0.06;
    return {
      id: `p${String(index).padStart(3, "0")}`,
      nominalUf,
      lowUf: nominalUf * (1 - tolerance),
      highUf: nominalUf * (1 + tolerance),
      ratedV: [370, 400, 440, 450][Math.floor(random() * 4)] ?? 440,
      price: Number((4 + nominalUf * 0.3 + 6 * random()).toFixed(2)),
      quantity: 1 + Math.floor(random() * 2),
    };
  });
}
