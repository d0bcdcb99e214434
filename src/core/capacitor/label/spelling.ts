/*
 * How the parts of a label are spelled: one spelling for signs that have several, and patterns of the units.
 */

export const NUM = String.raw`(?:\d+(?:\.\d+)?|\.\d+)`;
/** Microfarads in every usual spelling; `u` alone only where nothing goes on behind it. */
export const UF = String.raw`(?:u\s?f(?:\s?d)?|micro\s?farads?|micros?|mfds?|m\s?f\s?d|mf|u(?![a-z]))(?![a-z])\.?`;
export const NF = String.raw`n\s?f(?![a-z])\.?`;
const AC = String.raw`(?:w?v\s*~|~\s*v|w?v\.?\s?a\.?\s?c\.?|ac\s?v|v\s?eff|v\s?rms|vdb|volts?|v)`;
/** Volts that alternate, in every usual spelling; direct ones are not meant. */
export const VOLT_UNIT = String.raw`${AC}(?!\s*\.?\s*d\.?\s?c)(?:\s*(?:ac(?![a-z\d])|~))*(?![a-z])\.?`;
/** Voltages printed on motor capacitors; a bare number of these beside a capacitance is taken as volts. */
export const USUAL_VOLTS: readonly number[] = [
  110, 115, 125, 165, 220, 230, 240, 250, 275, 300, 320, 330, 370, 400, 415, 425, 440, 450, 460, 475, 480, 500, 525,
];

const VULGAR: Readonly<Record<string, string>> = { "½": "1/2", "¼": "1/4", "¾": "3/4" };

/** One spelling for what has several, in this order. */
const SPELLINGS: readonly (readonly [RegExp, string])[] = [
  [/[\u03bc\u00b5]/g, "u"],
  [/[\u2212\u2010-\u2014]/g, "-"],
  [/[^\S\n]+/g, " "],
  [/мкф/g, "uf"],
  [/(\d)\s*в(?![а-я])/g, "$1 v"],
  [/[”″]|''/g, '"'],
  [/\+\s*\/\s*-|-\s*\/\s*\+|\+-|\+\s*or\s*-|plus\s*\/?\s*minus|∓/g, "±"],
  [/per\s?cent|\bpct\b/g, "%"],
  // Figures of a hand: an O between figures is a nought.
  [/(?<=\d)o(?=\s*(?:uf|mfd|mf|v|vac|hz)\b|\s|$)/g, "0"],
  // A range's dots and its division sign.
  [/(\d)\s*(?:\.\.+|…|÷)\s*(\d)/g, "$1-$2"],
  [/(\d)~(?=\d)/g, "$1-"],
  [/\b([56]0)\s?,\s?([56]0)(?=\s?hz)/g, "$1/$2"],
  [/(\d),(?=\d{1,2}(?!\d)|\d{4})/g, "$1."],
  // What is glued to a unit and goes on with another part.
  [/(ufd?|mfds?|mf)(?:\.(?=\s?\d)|\.?(?=tol))/g, "$1 "],
  [/(ufd?|mfds?|vac|v~|hz)(?=\d|v(?:ac|olts?)?\b)/g, "$1 "],
];

const respell = (text: string, rows: readonly (readonly [RegExp, string])[]): string =>
  rows.reduce((now, [pattern, spelling]) => now.replace(pattern, spelling), text);

/** Lower case, one spelling for mu, minus, plus-minus and the decimal point; units parted from what is glued to them. */
export function normaliseLabel(text: string): string {
  const parted = text.replace(/(\d)\s*([½¼¾])/g, (_, digit: string, sign: string) => `${digit} ${VULGAR[sign] ?? ""}`);
  // Greek capitals have a small form of their own: lower case comes first.
  return respell(parted.normalize("NFKC").toLowerCase(), SPELLINGS);
}
