/*
 * How a reader of text goes wrong: which sign it takes for which, what it loses and what it adds. Costs are negative logs of
 * chances, in nats.
 */

/** Signs that look alike, with the cost of taking the first for one of the second. */
const LOOK_ALIKES: readonly (readonly [meant: string, read: string, cost: number])[] = [
  ["0", "oOQD©@°", 0.8],
  ["0", "8695GUua", 3],
  ["1", "lIi|!", 0.5],
  ["1", "/7tTJj)]([", 2],
  ["1", "4", 3],
  ["2", "zZ", 0.8],
  ["2", "7?", 3],
  ["3", "8B", 2.6],
  ["3", "59sS", 3],
  ["4", "Aa", 2],
  ["4", "19", 3.2],
  ["5", "sS$", 0.8],
  ["5", "63", 2.8],
  ["6", "bGC", 1.2],
  ["6", "85", 2.6],
  ["7", "TtZ?", 1.6],
  ["7", "1/2", 2.6],
  ["8", "B&", 0.8],
  ["8", "360Ssae", 2.6],
  ["9", "gq", 1],
  ["9", "048", 3],
  [".", ",·'-_:", 1.2],
  ["/", "l1I|!7)", 1.6],
  ["-", "~—–_=.:«", 0.8],
  ["+", "*t4", 1.5],
  ["±", "*+£%=#t", 0.8],
  ["%", "9", 2.2],
  ["u", "pyjwWHBµP", 0.6],
  ["F", "rfepEP", 0.8],
  ["Z", "27z", 0.8],
  ["S", "5s8", 0.8],
  ["D", "0OoQ", 0.8],
  ["B", "8", 0.8],
  ["U", "LVO0", 1.2],
  ["R", "AKP", 1.5],
  ["C", "GO0(", 1],
  ["L", "1I|", 0.8],
  ["N", "HM", 1.5],
  ["~", "-—=", 0.5],
  // Small letters of names, where few of them are drawn clearly.
  ["h", "wnmkuiy", 1.3],
  ["p", "erfvmn", 1.3],
  ["m", "wnrv", 1.2],
  ["k", "waxrh", 1.3],
  ["f", "rpei", 1],
  ["l", "ai1t|", 1],
  ["a", "40@e", 1],
  ["s", "5gz", 1],
  ["z", "72s", 1],
  ["v", "yw\\u", 0.8],
  ["r", "nkxfm", 1.2],
  ["w", "vmnk", 1],
  ["c", "<«(e", 1],
];

/** Any sign for any other; a sign lost; one too many. */
const OTHER = { digit: 5.5, sign: 3.4 } as const;
const LOST: Readonly<Record<string, number>> = { ".": 1.8, "/": 1.8, "-": 1.8, "±": 1, "%": 1.6, "~": 0.8, " ": 0 };
const LOST_DIGIT = 4.5;
const LOST_SIGN = 2.4;
const ADDED: Readonly<Record<string, number>> = {
  ".": 1.9,
  ",": 1.4,
  "'": 1,
  "-": 1.8,
  "~": 1,
  "|": 1,
  "[": 1,
  "]": 1,
  "(": 1.4,
  ")": 1.4,
};
const ADDED_DIGIT = 4.6;
const ADDED_SIGN = 2.4;

const isDigit = (sign: string): boolean => sign >= "0" && sign <= "9";
/** Signs beyond these are looked up as one of them. */
const SIGNS = 256;
const codeOf = (sign: string): number => Math.min(SIGNS - 1, sign.charCodeAt(0));

/** Signs no plate has: where one was read, another stands, a digit most likely. */
const STRANGE = "¥€£§¢#&?«»*";
const STRANGE_COST = { taken: 2.6, added: 3.6 } as const;

function takenFor(meant: string, read: string): number {
  if (meant === read) return 0;
  if (STRANGE.includes(read)) return STRANGE_COST.taken;
  if (meant.toLowerCase() === read.toLowerCase()) return 0.1;
  return isDigit(meant) ? OTHER.digit : OTHER.sign;
}
const everySign = Array.from({ length: SIGNS }, (_, code) => String.fromCharCode(code));
/** Cost of taking one sign for another, by the codes of both; of losing one; of adding one. */
const TAKEN = Float64Array.from(everySign.flatMap((meant) => everySign.map((read) => takenFor(meant, read))));
for (const [meant, read, cost] of LOOK_ALIKES)
  for (const sign of read) {
    const at = codeOf(meant) * SIGNS + codeOf(sign);
    TAKEN[at] = Math.min(cost, TAKEN[at] ?? cost);
  }
const GONE = Float64Array.from(everySign.map((sign) => LOST[sign] ?? (isDigit(sign) ? LOST_DIGIT : LOST_SIGN)));
const more = (sign: string): number =>
  ADDED[sign] ?? (isDigit(sign) ? ADDED_DIGIT : STRANGE.includes(sign) ? STRANGE_COST.added : ADDED_SIGN);
const MORE = Float64Array.from(everySign.map(more));

const MOST_SIGNS = 40;
const before = new Float64Array(MOST_SIGNS + 1);
const now = new Float64Array(MOST_SIGNS + 1);
const codes = new Uint8Array(MOST_SIGNS);

/**
 * Cost of reading one text where another stands: the cheapest way of signs taken for others, lost and added.
 * @param meant what would be printed
 * @param read what was read; gaps count for nothing in either
 * @returns negative log of the chance [nats], 0 for the same
 * @source R. A. Wagner, M. J. Fischer, The string-to-string correction problem (1974), with costs of the signs' shapes
 */
export function misreadCost(meant: string, read: string): number {
  const width = Math.min(MOST_SIGNS, read.length);
  for (let at = 0; at < width; at += 1) codes[at] = codeOf(read[at] ?? "");
  let [last, here] = [before, now];
  last[0] = 0;
  for (let at = 1; at <= width; at += 1) last[at] = (last[at - 1] ?? 0) + (MORE[codes[at - 1] ?? 0] ?? 0);
  for (let place = 0; place < meant.length; place += 1) {
    const code = codeOf(meant[place] ?? "");
    const gone = GONE[code] ?? 0;
    const row = code * SIGNS;
    here[0] = (last[0] ?? 0) + gone;
    for (let at = 1; at <= width; at += 1) {
      const sign = codes[at - 1] ?? 0;
      let least = (last[at - 1] ?? 0) + (TAKEN[row + sign] ?? 0);
      const less = (last[at] ?? 0) + gone;
      if (less < least) least = less;
      const more = (here[at - 1] ?? 0) + (MORE[sign] ?? 0);
      here[at] = more < least ? more : least;
    }
    [last, here] = [here, last];
  }
  return last[width] ?? 0;
}

/** A text without its gaps. */
export const close = (text: string): string => text.replace(/\s+/g, "");
