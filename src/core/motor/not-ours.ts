/** Sorts of motor as a person names them at the plate. Persisted: do not change without a migration. */
export const MOTOR_SORTS = ["induction", "three-phase", "electronic", "brushes"] as const;
export type MotorSort = (typeof MOTOR_SORTS)[number];

/** Sorts that this program cannot judge; `direct`: direct volts, which two sorts have. */
export type ForeignSort = Exclude<MotorSort, "induction"> | "direct";

/** A motor that is none of those judged here, and what says so. */
export interface NotOurs {
  readonly sort: ForeignSort;
  readonly by: "said" | "picked" | "seen" | "volts" | "phases" | "power" | "speed" | "plate-words" | "ohms";
}

interface SaidRow {
  readonly sort: ForeignSort;
  readonly phrase: RegExp;
}

/** What people call such motors. */
const SAID: readonly SaidRow[] = [
  {
    sort: "three-phase",
    phrase:
      /\b(?:three|3)[- ]?(?:phase|ph)\b|\b3 ?~|\bvfd\b|\b(?:frequency|variable[- ]speed|variable[- ]frequency) (?:drive|converter|inverter)\b|\binverter[- ](?:drive|driven|fed)\b|\bstar[- /]delta\b/i,
  },
  {
    sort: "electronic",
    phrase:
      /\b(?:ecm|bldc|brushless|electronically commutated|ec[- ](?:motor|fan|blower|pump|circulator))\b|\b(?:motor|fan|blower|pump) (?:is )?(?:an )?ec\b/i,
  },
  {
    sort: "brushes",
    phrase:
      /\b(?:carbon brush(?:es)?|(?:worn|new|motor|its|the) brushes|brushes (?:spark|worn|are|gone)|commutator|universal motor|brushed motor|dc motor|d\.c\. motor|permanent[- ]magnet motor|armature)\b/i,
  },
];

/** Words that say it, for whoever shows what was understood. */
export const FOREIGN_PHRASES: readonly RegExp[] = SAID.map(({ phrase }) => phrase);

/** Said of the building, or taken back: “a single-phase motor on a three-phase panel”, “not three phase”. */
const NOT_OF_THE_MOTOR =
  /\b(?:single|one|1)[- ]?(?:phase|ph)\b|\b(?:not|no|isn['’]?t) (?:a |an )?(?:three|3)[- ]?(?:phase|ph)\b|\b(?:three|3)[- ]?(?:phase|ph) (?:supply|panel|board|service|feed|mains|building|breaker)\b/i;

type Counts = (from: number, to: number) => boolean;

const saidSort = (text: string, counts: Counts = () => true): ForeignSort | null => {
  const row = SAID.find(({ phrase }) => {
    const found = phrase.exec(text);
    return found !== null && counts(found.index, found.index + found[0].length);
  });
  const sort = row?.sort ?? null;
  return sort === "three-phase" && NOT_OF_THE_MOTOR.test(text) ? null : sort;
};

/**
 * A sort of motor that is not judged here, as people speak of it.
 * @param text in the person's own words
 * @param counts whether what stands at these places is said as being so, and not supposed by somebody else
 * @returns the sort; null: none is named
 * @example foreignBySaid("EC fan does not run") -> "electronic"
 */
export const foreignBySaid = (text: string, counts?: Counts): ForeignSort | null => saidSort(text, counts);

/** What a plate says, as printed and as read; null: not read. */
export interface PlateSays {
  /** every field as printed, joined */
  readonly printed: string;
  readonly voltsPrinted: string;
  readonly rpmPrinted: string;
  /** volts of each connection [V] */
  readonly volts: readonly number[];
  readonly amps: readonly number[];
  readonly powerW: number | null;
}

const PHASES = /\b3 ?~|~ ?3\b|\b3 ?(?:ph|phase|phases)\b|\bph(?:ase)?s?[ .:=]*3\b|\bthree[- ]phase\b|[ΔY] ?\/ ?[ΔY]/i;
const DIRECT = /\bv? ?d\.?c\.?\b|\d ?vdc\b|⎓|\d ?v ?=/i;
/** Above it no motor on 60 Hz turns without brushes [rpm]. */
const MOST_INDUCTION_RPM = 4000;
/** Star and delta volts of one plate are so many times one another. @source √3 */
const STAR_OVER_DELTA = { low: 1.66, high: 1.81 } as const;
/** Shaft power over volts times amps: more than this is no single phase, and no more than √3 of it three. */
const MOST_OF_ONE_PHASE = 0.95;

/**
 * Phases or direct volts that a field of volts names.
 * @param voltsPrinted the field as printed
 * @returns the sort of supply; null: nothing but what alternates in one phase
 * @example foreignByVolts("230/400 V 3~") -> "three-phase"
 */
export function foreignByVolts(voltsPrinted: string): "three-phase" | "direct" | null {
  if (PHASES.test(voltsPrinted)) return "three-phase";
  return DIRECT.test(voltsPrinted) ? "direct" : null;
}

const speedOf = (printed: string): number =>
  Math.max(0, ...[...printed.replace(/(\d)[ ,.'](?=\d{3}\b)/g, "$1").matchAll(/\d+(?:\.\d+)?/g)].map(([text]) => Number(text)));

/**
 * A sort of motor that is not judged here, as its plate shows it.
 * @param plate what the plate says
 * @returns the sort with what shows it; null: nothing does
 * @source √3 between star and delta, P = √3 U I cos φ (Fitzgerald, Electric Machinery, appendix A); 3600 rpm synchronous at 60 Hz
 * @example volts 230/400 -> three phases, by its volts; 400 V, 3.4 A, 1.5 kW -> three phases, by its power
 */
export function foreignByPlate({ printed, voltsPrinted, rpmPrinted, volts, amps, powerW }: PlateSays): NotOurs | null {
  if (PHASES.test(printed)) return { sort: "three-phase", by: "phases" };
  const worded = saidSort(printed);
  if (worded !== null) return { sort: worded, by: "plate-words" };
  const isFast = speedOf(rpmPrinted) > MOST_INDUCTION_RPM;
  if (DIRECT.test(voltsPrinted)) return { sort: isFast ? "brushes" : "direct", by: "volts" };
  if (isFast) return { sort: "brushes", by: "speed" };
  const [low, high] = [Math.min(...volts), Math.max(...volts)];
  const ratio = volts.length === 2 ? high / low : 1;
  if (ratio > STAR_OVER_DELTA.low && ratio < STAR_OVER_DELTA.high) return { sort: "three-phase", by: "volts" };
  // The amps of the same connection: the lower volts draw the more.
  const voltAmps = volts.length === amps.length && amps.length > 0 ? high * Math.min(...amps) : null;
  const use = powerW === null || voltAmps === null ? 0 : powerW / voltAmps;
  return use > MOST_OF_ONE_PHASE && use < MOST_OF_ONE_PHASE * Math.sqrt(3) && low >= LEAST_THREE_PHASE_V
    ? { sort: "three-phase", by: "power" }
    : null;
}
/** Three phases come with no less; below it amps that are too few are a slip [V]. */
const LEAST_THREE_PHASE_V = 200;

/** Ohms between two posts. */
export interface PairOhms {
  readonly a: number;
  readonly b: number;
  readonly ohm: number;
}

/** Three windings of one motor are as alike as this: largest over smallest. */
const ALIKE = 1.06;
/** Below this the meter's last digit makes any three alike [Ω]. */
const LEAST_ALIKE_OHM = 1;

/**
 * Whether three pairs read the same: windings in star or delta, or three apart. Of one phase two windings in a row read
 * their sum.
 * @param pairs every pair that read ohms
 * @returns true for three phases
 * @source series law of resistance: with two windings the third pair is their sum
 */
export function areThreeAlike(pairs: readonly PairOhms[]): boolean {
  if (pairs.length !== 3) return false;
  const ohms = pairs.map(({ ohm }) => ohm);
  const posts = new Set(pairs.flatMap(({ a, b }) => [a, b])).size;
  return (posts === 3 || posts === 6) && Math.min(...ohms) >= LEAST_ALIKE_OHM && Math.max(...ohms) <= ALIKE * Math.min(...ohms);
}
