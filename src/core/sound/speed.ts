import { toneNear, type Spectrum, type Tone } from "./spectrum";

/** What is known of the motor that is listened to. */
export interface Listened {
  readonly lineHz: number;
  readonly poles: number;
  /** blades of its fan; null: none, or not known */
  readonly blades: number | null;
}

/** A speed that tones agree on. */
export interface HeardSpeed {
  readonly rpm: number;
  /** standard uncertainty (k = 1) [rpm] */
  readonly rpmU: number;
  /** how far the strongest of its tones stands out [dB] */
  readonly prominenceDb: number;
}

/** Slip of a motor that runs: below it is as good as synchronous, above it does not run as it should. */
export const SLIPS = { least: 0.002, most: 0.14 } as const;
const STEP = 2e-4;
/** A tone is looked for this near to where it should be, as part of its frequency, and never nearer than this [Hz]. */
const NEAR_PART = 0.0006;
const NEAREST_HZ = 0.06;
/** More than this adds nothing: one very loud tone is still one tone. */
const MOST_DB = 30;
/** Below this a tone is no tone: of many places that are looked at, one stands so far out by chance. */
const LEAST_DB = 10;
/** A line of the supply is as wide as this [Hz], and no speed is read off it. */
const LINE_WIDE_HZ = 0.35;
/** Speeds further apart than this are two. */
const SAME_PART = 0.004;
/** A motor under load keeps its mean speed over some seconds to about this part. */
const WANDERS_PART = 0.001;
/** The strongest tone has to stand out by this, and the best speed to be better than any other by this [dB]. */
const STRONGEST_DB = 13;
const AHEAD_DB = 6;
/** One tone alone has to be further ahead: where the speed wanders, it has a second top beside it. */
const AHEAD_ALONE_DB = 12;

const isOfSupply = (hz: number, lineHz: number): boolean => Math.abs(hz - lineHz * Math.round(hz / lineHz)) < LINE_WIDE_HZ;

/** Orders of the rotor that are heard: once a turn, and blades as they pass. */
const ordersOf = (blades: number | null): readonly number[] => (blades === null ? [1] : [1, blades, 2 * blades]);

interface Candidate {
  readonly rotorHz: number;
  readonly scoreDb: number;
  readonly strongest: Tone & { readonly order: number };
}

function candidateAt(spectrum: Spectrum, rotorHz: number, { lineHz, blades }: Listened): Candidate {
  const tones = ordersOf(blades).map((order) => {
    const hz = order * rotorHz;
    const tone = toneNear(spectrum, hz, Math.max(NEAREST_HZ, NEAR_PART * hz));
    const isHeard = !isOfSupply(tone.hz, lineHz) && hz < spectrum.stepHz * (spectrum.levelsDb.length - 1);
    return { ...tone, order, prominenceDb: isHeard ? tone.prominenceDb : 0 };
  });
  const strongest = tones.reduce((best, tone) => (tone.prominenceDb > best.prominenceDb ? tone : best));
  // What a place has by chance counts for nothing.
  const scoreDb = tones.reduce((sum, { prominenceDb }) => sum + Math.max(0, Math.min(MOST_DB, prominenceDb) - LEAST_DB / 2), 0);
  return { rotorHz, scoreDb, strongest };
}

/** Whether the strongest tone is twice another that has no place in this speed: a motor at half of it would sound so. */
function isOfSlower(spectrum: Spectrum, { strongest }: Candidate, { lineHz, blades }: Listened): boolean {
  const half = toneNear(spectrum, strongest.hz / 2, Math.max(NEAREST_HZ, NEAR_PART * strongest.hz));
  return half.prominenceDb >= STRONGEST_DB && !isOfSupply(half.hz, lineHz) && !ordersOf(blades).includes(strongest.order / 2);
}

/**
 * Speed of the motor by the tones of its rotor and its blades, between the slips a running motor has.
 * @param spectrum of the whole recording
 * @param listened supply, poles, and blades where they are known
 * @returns the speed; null where no tone tells it, or two speeds would do
 * @source Randall, Vibration-based Condition Monitoring (2011), 2.2: shaft order and blade pass frequency
 */
export function speedBySound(spectrum: Spectrum, listened: Listened): HeardSpeed | null {
  const synchronousHz = (2 * listened.lineHz) / listened.poles;
  const count = Math.round((SLIPS.most - SLIPS.least) / STEP);
  const candidates = Array.from({ length: count + 1 }, (_, at) =>
    candidateAt(spectrum, synchronousHz * (1 - SLIPS.least - at * STEP), listened),
  ).sort((a, b) => b.scoreDb - a.scoreDb || b.strongest.prominenceDb - a.strongest.prominenceDb);
  const [best] = candidates;
  if (!best || best.strongest.prominenceDb < STRONGEST_DB) return null;
  const { hz, order, prominenceDb } = best.strongest;
  const rotorHz = hz / order;
  const turnOf = ({ strongest }: Candidate): number => strongest.hz / strongest.order;
  const isSame = (candidate: Candidate): boolean =>
    Math.abs(turnOf(candidate) - rotorHz) <= Math.max(SAME_PART * rotorHz, spectrum.apartHz / candidate.strongest.order);
  const other = candidates.find((candidate) => !isSame(candidate));
  const isAlone = listened.blades === null;
  if (other && best.scoreDb - other.scoreDb < (isAlone ? AHEAD_ALONE_DB : AHEAD_DB)) return null;
  if (isOfSlower(spectrum, best, listened)) return null;
  // A top is found to about a tenth of the width that the length of the recording gives it; the speed itself wanders more.
  const topHz = spectrum.apartHz / 20 / order;
  return { rpm: 60 * rotorHz, rpmU: 60 * Math.hypot(topHz, WANDERS_PART * rotorHz), prominenceDb };
}
