/** Run: film in a metal can, continuous. Start: electrolytic in a plastic case, seconds only. Never swapped. */
export type CapacitorKind = "run" | "start";

interface KindClues {
  /** the whole label, normalised */
  readonly text: string;
  readonly hasRange: boolean;
  readonly isOneSided: boolean;
  readonly sections: readonly { readonly nominalUf: number | null; readonly highUf: number | null }[];
  readonly ratedV: number | null;
}

/** Run parts end at about 100 µF; above that only start parts are made. */
const LARGEST_RUN_UF = 100;
/** Up to 330 V and from about 70 µF, a part without other clues is a start part: run parts of that size are 370 V and up. */
const START_FROM_UF = 70;
const START_UP_TO_V = 330;

/* Words for the two kinds as labels carry them, with the type letters that stand for them. */
const START_WORDS =
  /(?<!\p{L})(?:start(?:ing)?(?!s?\s*\/)|electrolytic|elect|intermittent|d[ée]marrage|anlauf\p{L}*|arranque|partida|avviamento|пусковой|cd\s?60\p{L}?)(?!\p{L})/u;
const RUN_WORDS =
  /(?<!\p{L})(?:run(?:ning)?|film|continuous|permanent|betriebs\p{L}*|marcha|marcia|mkp|mp|рабочий|cbb\s?6\d\p{L}?)(?!\p{L})/u;

/** Clues in the order of their weight; the first that applies decides and says why. */
const CLUES: readonly {
  readonly kind: CapacitorKind;
  readonly reason: string;
  readonly applies: (c: KindClues) => boolean;
}[] = [
  {
    kind: "start",
    reason: "the label says start",
    applies: (c) => START_WORDS.test(c.text),
  },
  {
    kind: "run",
    reason: "the label says run",
    applies: (c) => RUN_WORDS.test(c.text),
  },
  { kind: "start", reason: "a printed range is usual on start parts", applies: (c) => c.hasRange },
  { kind: "start", reason: "a one-sided tolerance is usual on start parts", applies: (c) => c.isOneSided },
  { kind: "run", reason: "two sections are made as run parts only", applies: (c) => c.sections.length > 1 },
  {
    kind: "start",
    reason: `above ${LARGEST_RUN_UF} µF`,
    applies: (c) => c.sections.some((s) => (s.nominalUf ?? s.highUf ?? 0) > LARGEST_RUN_UF),
  },
  {
    kind: "start",
    reason: `from ${START_FROM_UF} µF at ${START_UP_TO_V} V or less`,
    applies: (c) => c.ratedV !== null && c.ratedV <= START_UP_TO_V && c.sections.some((s) => (s.nominalUf ?? 0) >= START_FROM_UF),
  },
];

/** Run or start, with the clue that decided it. */
export function inferKind(clues: KindClues): { kind: CapacitorKind; reason: string } {
  const clue = CLUES.find((row) => row.applies(clues));
  return clue ? { kind: clue.kind, reason: clue.reason } : { kind: "run", reason: "size and volts usual for run parts" };
}
