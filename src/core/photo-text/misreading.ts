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
  ["f", "rFepE", 0.8],
  ["m", "nwNrM", 0.8],
  ["v", "yYwuV", 0.8],
  ["~", "-—=", 0.5],
];

const COSTS = new Map<string, number>();
for (const [meant, read, cost] of LOOK_ALIKES)
  for (const sign of read) {
    const key = meant + sign;
    COSTS.set(key, Math.min(cost, COSTS.get(key) ?? cost));
  }

/** Any sign for any other; a sign lost; one too many. */
const OTHER = { digit: 4.2, sign: 3.4 } as const;
const LOST: Readonly<Record<string, number>> = { ".": 1.8, "/": 1.8, "-": 1.8, "±": 1, "%": 1.6, "~": 0.8, " ": 0 };
const LOST_DIGIT = 3.8;
const LOST_SIGN = 2.4;
const ADDED: Readonly<Record<string, number>> = { ".": 1.9, ",": 1.4, "'": 1, "-": 1.8, "~": 1, "|": 1, "[": 1, "]": 1, "(": 1.4, ")": 1.4 };
const ADDED_DIGIT = 4;
const ADDED_SIGN = 2.4;

const isDigit = (sign: string): boolean => sign >= "0" && sign <= "9";
const taken = (meant: string, read: string): number => {
  if (meant === read) return 0;
  const known = COSTS.get(meant + read);
  if (known !== undefined) return known;
  if (meant.toLowerCase() === read.toLowerCase()) return 0.1;
  return isDigit(meant) ? OTHER.digit : OTHER.sign;
};
const lost = (meant: string): number => LOST[meant] ?? (isDigit(meant) ? LOST_DIGIT : LOST_SIGN);
const added = (read: string): number => ADDED[read] ?? (isDigit(read) ? ADDED_DIGIT : ADDED_SIGN);

const MOST_SIGNS = 40;
const before = new Float64Array(MOST_SIGNS + 1);
const now = new Float64Array(MOST_SIGNS + 1);

/**
 * Cost of reading one text where another stands: the cheapest way of signs taken for others, lost and added.
 * @param meant what would be printed
 * @param read what was read; gaps count for nothing in either
 * @returns negative log of the chance [nats], 0 for the same
 * @source R. A. Wagner, M. J. Fischer, The string-to-string correction problem (1974), with costs of the signs' shapes
 */
export function misreadCost(meant: string, read: string): number {
  const shown = read.length > MOST_SIGNS ? read.slice(0, MOST_SIGNS) : read;
  const width = shown.length;
  let [last, here] = [before, now];
  last[0] = 0;
  for (let at = 1; at <= width; at += 1) last[at] = (last[at - 1] ?? 0) + added(shown[at - 1] ?? "");
  for (const sign of meant) {
    const gone = lost(sign);
    here[0] = (last[0] ?? 0) + gone;
    for (let at = 1; at <= width; at += 1) {
      const letter = shown[at - 1] ?? "";
      here[at] = Math.min((last[at - 1] ?? 0) + taken(sign, letter), (last[at] ?? 0) + gone, (here[at - 1] ?? 0) + added(letter));
    }
    [last, here] = [here, last];
  }
  return last[width] ?? 0;
}

/** A text without its gaps. */
export const close = (text: string): string => text.replace(/\s+/g, "");
