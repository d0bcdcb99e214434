import type { PhotoOf } from "@/workers/photo-messages";

/** Corners of what is read, in their order. */
export const CORNER_WORDS = ["Left upper", "Right upper", "Right lower", "Left lower"] as const;

/** What a photo is of, where it is asked for. */
export const ASKED_WORDS: Readonly<Record<PhotoOf, { readonly it: string; readonly title: string }>> = {
  plate: { it: "the plate", title: "Plate from a photo" },
  capacitor: { it: "the label", title: "Label from a photo" },
  bearing: { it: "the stamp", title: "Stamp from a photo" },
};

/** Fields that are read from photos, by their names on the screens. */
export const PHOTO_FIELD_WORDS = {
  volts: "Volts",
  hertz: "Hertz",
  amps: "Full-load amps",
  rpm: "Speed",
  power: "Power",
  capacitor: "Capacitor",
  capacitance: "Capacitance",
  tolerance: "Tolerance",
  designation: "Number",
} as const;
export type PhotoField = keyof typeof PHOTO_FIELD_WORDS;

/** Chance in whole percent; nothing read from a picture is certain. */
export const chanceWords = (chance: number): string => `${Math.min(99, Math.max(1, Math.round(100 * chance)))} %`;

const plain = (text: string): string => text.replace(/\s+/g, "").toLowerCase();

/** What the letters were read as, where that is not what is offered. */
export function readWords(read: string, offered: string): string {
  const shown = read.trim();
  if (shown === "") return "not found on the picture";
  return offered !== "" && plain(shown).endsWith(plain(offered)) ? "" : `read “${shown}”`;
}

/** What is said when hardly anything on a picture reads like what was asked for. */
export const unlikeWords = (asked: PhotoOf): string =>
  `Hardly anything on this picture reads like ${ASKED_WORDS[asked].it}. Come closer, turn the light so that it does not shine back, or put the corners onto it; what follows is little more than a guess.`;

/** What stands above the fields. */
export function countWords(sure: number, unsure: number, unread: number): string {
  const parts = [
    sure === 0 ? "" : sure === 1 ? "One field is sure." : `${sure} fields are sure: they agree with one another.`,
    unsure === 0 ? "" : unsure === 1 ? "One wants your eyes." : `${unsure} want your eyes.`,
    unread === 0 ? "" : unread === 1 ? "One was not found; type it if it is printed." : `${unread} were not found; type what is printed.`,
  ];
  return parts.filter((part) => part !== "").join(" ");
}
