import { fail, ok, type Failure, type Result } from "../result";
import { hiddenCase, type HiddenCase } from "../simulation";

/** How much a case hides. Persisted in codes: do not change. */
export const MOCK_LEVELS = ["plain", "usual", "hard"] as const;
export type MockLevel = (typeof MOCK_LEVELS)[number];

/** What of the world each level has: how much of what they notice customers say, and which motors are met. */
const LEVEL_TABLE: Readonly<Record<MockLevel, { readonly talk: number; readonly world: "usual" | "wide" }>> = {
  plain: { talk: 0.9, world: "usual" },
  usual: { talk: 0.5, world: "wide" },
  hard: { talk: 0.15, world: "wide" },
};

/** Faults that can be wished for; `nothing`: a sound motor. Persisted by their place in the list: new ones go to its end. */
export const WISHES = [
  "nothing",
  "run-weak",
  "run-open",
  "run-shorted",
  "start-weak",
  "start-open",
  "switch-open",
  "switch-not-pressed",
  "switch-welded",
  "relay-open",
  "relay-welded",
  "relay-coil",
  "main-winding-open",
  "start-winding-open",
  "shorted-turns",
  "grounded",
  "grounded-high",
  "bearing-worn",
  "bearing-seized",
  "load-heavy",
  "load-jammed",
  "load-noisy",
  "supply-low",
  "supply-sags",
  "supply-absent",
  "feed-lost",
  "joint-loose",
  "control-silent",
  "protector-open",
  "damp",
  "bearing-dry",
  "cover-loose",
  "wired-for-higher",
  "wired-for-lower",
  "turns-backwards",
] as const;
export type Wish = (typeof WISHES)[number];

/** What a case is made from: the same again gives the same motor. */
export interface MockSpec {
  /** 0 to 2^24 − 1 */
  readonly seed: number;
  readonly level: MockLevel;
  /** null: whatever the seed brings */
  readonly wish: Wish | null;
}

/** Seeds that a code can carry. */
export const SEEDS = 2 ** 24;
/** Cases that are looked through for one that was wished for: the rarest is met within some hundreds. */
const MOST_LOOKED_AT = 6000;
const STRIDE = 104_729;

const isAsWished = ({ flaws }: HiddenCase, wish: Wish): boolean =>
  wish === "nothing" ? flaws.length === 0 : flaws.length === 1 && flaws[0]?.id === wish;

/** The wide world alone has these. */
const isWide = (wish: Wish): boolean => ["damp", "bearing-dry", "cover-loose", "wired-for-higher", "wired-for-lower"].includes(wish);

/**
 * The motor of a case.
 * @param spec what it is made from
 * @returns the motor with what is hidden in it
 */
export function mockCase({ seed, level, wish }: MockSpec): HiddenCase {
  const { talk, world } = LEVEL_TABLE[level];
  const made = (turn: number): HiddenCase => {
    const hidden = hiddenCase(seed + turn * STRIDE, talk, wish !== null && isWide(wish) ? "wide" : world);
    // A figure that is misread is the learner's own.
    return { ...hidden, misreads: 0 };
  };
  for (let turn = 0; turn < MOST_LOOKED_AT; turn += 1) {
    const hidden = made(turn);
    const isMet = hidden.motor.foreign === undefined || level === "hard";
    if (isMet && hidden.place.purpose === "fault" && (wish === null || isAsWished(hidden, wish))) return hidden;
  }
  return made(0);
}

/** Digits of a code: none that is read for another. @source D. Crockford, Base 32 */
const DIGITS = "0123456789ABCDEFGHJKMNPQRSTVWXYZ";
const inDigits = (value: number, places: number): string =>
  Array.from({ length: places }, (_, place) => DIGITS[Math.floor(value / 32 ** (places - 1 - place)) % 32]).join("");
const valueOf = (digits: string): number => [...digits].reduce((sum, digit) => sum * 32 + DIGITS.indexOf(digit), 0);
const SEED_PLACES = 5;
/** Twice a digit in the field of 32. @source its usual polynomial, x⁵ + x² + 1 */
const doubled = (digit: number): number => ((digit << 1) ^ (digit & 16 ? 0b100101 : 0)) & 31;
/** Shows any one sign that is wrong, and any two neighbours that are exchanged. */
const checkOf = (body: string): string =>
  // Doubled once more, so that the last sign and its check cannot be exchanged either.
  DIGITS[doubled([...body].reduce((sum, digit) => doubled(sum) ^ DIGITS.indexOf(digit), 7))] ?? "0";

/**
 * A short code of a case, to be said or written down.
 * @param spec what it is made from
 * @returns eight signs and a dash
 */
export function codeOfCase({ seed, level, wish }: MockSpec): string {
  const kind = MOCK_LEVELS.indexOf(level) * 64 + (wish === null ? 0 : WISHES.indexOf(wish) + 1);
  const body = inDigits(seed, SEED_PLACES) + inDigits(kind, 2);
  return `${body.slice(0, 4)}-${body.slice(4)}${checkOf(body)}`;
}

/**
 * Reads a code, as it was typed: small letters, O for 0, I and L for 1, any gaps.
 * @param text as it was typed
 * @returns what the case is made from
 * @errors 'mock-code' where it is none: a sign is wrong, or two are exchanged
 */
export function readCaseCode(text: string): Result<MockSpec, Failure> {
  const typed = text.toUpperCase().replace(/[\s-]/g, "").replace(/O/g, "0").replace(/[IL]/g, "1");
  const refused = fail({ code: "mock-code", text } as const);
  if (typed.length !== SEED_PLACES + 3 || [...typed].some((digit) => !DIGITS.includes(digit))) return refused;
  const body = typed.slice(0, -1);
  if (checkOf(body) !== typed.at(-1)) return refused;
  const [seed, kind] = [valueOf(body.slice(0, SEED_PLACES)), valueOf(body.slice(SEED_PLACES))];
  const level = MOCK_LEVELS[Math.floor(kind / 64)];
  const place = kind % 64;
  const wish = place === 0 ? null : WISHES[place - 1];
  return level === undefined || wish === undefined || seed >= SEEDS ? refused : ok({ seed, level, wish });
}
