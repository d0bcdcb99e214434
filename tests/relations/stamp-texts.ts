import type { Dice } from "./dice";

/* Stamps of ball bearings of which the parts are known, as makers and hands write them. */

/** What a stamp says, whatever its spelling. */
export interface StampTruth {
  readonly boreMm: number;
  readonly outsideMm: number;
  readonly closure: string;
  readonly clearance: string | null;
}

const NUMBERS: readonly (readonly [string, number, number, number])[] = [
  ["6203", 17, 40, 12],
  ["6202", 15, 35, 11],
  ["6204", 20, 47, 14],
  ["6205", 25, 52, 15],
  ["6303", 17, 47, 14],
  ["6000", 10, 26, 8],
  ["608", 8, 22, 7],
];
const BORES: readonly (readonly [number: string, spellings: readonly string[], boreMm: number])[] = [
  ["6203", ["-5/8", "-10", "/15.875", ' 5/8"', "/16"], 0],
  ["6202", ["/16"], 16],
  ["6204", ["/19.05", "-3/4", "-12", "/19,05"], 19.05],
];
const CLOSURES: readonly (readonly [closure: string, spellings: readonly string[]])[] = [
  ["seals-both", ["-2RS", "2RS", " 2RS", " 2 RS", "-2-RS", "2RS1", "DDU", "LLU", "-2RSH", " 2rs"]],
  ["shields-both", ["ZZ", "-ZZ", "-2Z", " ZZ", " Z Z", "zz"]],
  ["seal-one", ["-RS", "RS", "-RS1"]],
  ["shield-one", ["-Z"]],
];
const CLEARANCES = ["", "", "C3", "C2", "C4"];
const SIGNS = [" ", "/", "-"];

/** A stamp and what it says. */
export interface StampText {
  readonly text: string;
  readonly truth: StampTruth;
}

/**
 * Draws one stamp.
 * @param dice chances
 * @returns its text and its truth
 */
export function drawStamp(dice: Dice): StampText {
  const [number, own, outsideMm, widthMm] = dice.pick(NUMBERS);
  const [closure, closures] = dice.pick(CLOSURES);
  const special = dice.happens(0.25) ? BORES.find(([of]) => of === number) : undefined;
  const bore = special ? dice.pick(special[1]) : "";
  const boreMm = special ? special[2] || (bore === "/16" ? 16 : 15.875) : own;
  const clearance = dice.pick(CLEARANCES);
  const spelled = dice.pick(closures);
  // A bore without its stroke would be glued to letters; a stamp parts them.
  const head = `${number}${bore}${bore !== "" && !/^[\s-]/.test(spelled) ? " " : ""}${spelled}`;
  const tail = clearance === "" ? "" : `${dice.pick(SIGNS)}${clearance}`;
  const size =
    !special && dice.happens(0.3)
      ? ` ${dice.pick([`${own}x${outsideMm}x${widthMm}`, `(${own} x ${outsideMm} x ${widthMm} mm)`, `${own}×${outsideMm}`])}`
      : "";
  const before = dice.pick(["", "", "KELVANE ", "Dosbrook "]);
  const text = `${before}${head}${tail}${size}`;
  return {
    text: dice.happens(0.2) ? text.toLowerCase() : text,
    truth: { boreMm, outsideMm, closure, clearance: clearance === "" ? null : clearance },
  };
}
