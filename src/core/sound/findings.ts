import type { DefectFrequencies } from "../bearing";
import { bandsUpTo, envelopeSpectrum } from "./envelope";
import { toneNear, type Spectrum, type Tone, type Transformed } from "./spectrum";

/** What can be heard of a motor's state. */
export type SoundFindingId = "magnetic-hum" | "unbalance" | "rub" | "bearing" | "bearing-outer" | "bearing-inner";

/** One thing that is heard. */
export interface SoundFinding {
  readonly id: SoundFindingId;
  /** how far its tones stand over what is around them [dB]; of several the weakest that it needs */
  readonly prominenceDb: number;
  /** 0 to 1 */
  readonly chance: number;
  readonly isSure: boolean;
}

/** Prominence at which a finding is as likely as not, and at which it is sure [dB]. */
interface Limits {
  readonly evenDb: number;
  readonly sureDb: number;
}
/**
 * Hum is there in every motor; it is told where even its third part is loud. Unbalance is louder than any fan's own turn. What
 * strikes has its own rate and twice that rate in the envelope: by chance, one of many places stands out by ten.
 */
const LIMITS = {
  hum: { evenDb: 18, sureDb: 21 },
  unbalance: { evenDb: 30, sureDb: 36 },
  strikes: { evenDb: 10.5, sureDb: 13 },
} as const satisfies Readonly<Record<string, Limits>>;
const SURE_CHANCE = 0.97;

const LINE_NEAR_HZ = 0.3;

function judged(id: SoundFindingId, prominenceDb: number, { evenDb, sureDb }: Limits): SoundFinding[] {
  if (prominenceDb < evenDb) return [];
  const steepness = Math.log(SURE_CHANCE / (1 - SURE_CHANCE)) / (sureDb - evenDb);
  const chance = 1 / (1 + Math.exp(-steepness * (prominenceDb - evenDb)));
  return [{ id, prominenceDb, chance, isSure: prominenceDb >= sureDb }];
}

/** Every motor hums at twice its line; so many times that is loud only where iron or a stator works loose. */
const HUM_MULTIPLE = 3;

/**
 * Hum of the iron at twice the line, loud up to its third multiple.
 * @param spectrum of the recording
 * @param lineHz of the supply
 * @returns the finding, or none
 * @source Timár, Noise and Vibration of Electrical Machines (1989), ch. 5: forces at twice the line
 */
export function heardHum(spectrum: Spectrum, lineHz: number): SoundFinding[] {
  const third = toneNear(spectrum, 2 * HUM_MULTIPLE * lineHz, LINE_NEAR_HZ).prominenceDb;
  return judged("magnetic-hum", third, LIMITS.hum);
}

/** Once a turn of what is out of balance is heard this near to the rotor's speed, as part of it. */
const TURN_NEAR_PART = 0.003;

/**
 * A rotor or fan out of balance: once a turn far over everything around it.
 * @param spectrum of the recording
 * @param rotorHz turns a second
 * @returns the finding, or none
 * @source ISO 13373-3, annex: unbalance at once a turn
 */
export function heardUnbalance(spectrum: Spectrum, rotorHz: number): SoundFinding[] {
  const { prominenceDb } = toneNear(spectrum, rotorHz, TURN_NEAR_PART * rotorHz);
  return judged("unbalance", prominenceDb, LIMITS.unbalance);
}

/** Something that strikes at a steady rate. */
interface Struck {
  readonly hz: number;
  /** the weaker of once and twice its rate [dB] */
  readonly prominenceDb: number;
}
/** Where a rate is looked for. */
interface Place {
  readonly hz: number;
  /** how far off it may be, as part of it */
  readonly nearPart: number;
}

const nearHz = (hz: number, part: number): number => Math.max(0.15, part * hz);
const standsAt = (envelope: Spectrum, hz: number, nearPart: number) => toneNear(envelope, hz, nearHz(hz, nearPart));

/** Whether a place is a multiple of a rate that is there for another reason. */
const isMultiple = (hz: number, of: number): boolean => Math.abs(hz - of * Math.max(1, Math.round(hz / of))) < Math.max(0.25, 0.004 * of);
/** Multiples of a rate stand this near to where they should, as part of them. */
const MULTIPLE_NEAR_PART = 0.0015;

/** A foot of something much louder beside it is no tone [Hz, dB]. */
const BESIDE_HZ = 1.6;
const LOUDER_DB = 3;
const isFoot = (envelope: Spectrum, { hz, prominenceDb }: Tone): boolean =>
  toneNear(envelope, hz, BESIDE_HZ).prominenceDb > prominenceDb + LOUDER_DB;

/** The best of a rate over all envelopes; places that stand there for another reason are passed over. */
function bestOf(envelopes: readonly Spectrum[], { hz, nearPart }: Place, isOther: (hz: number, envelope: Spectrum) => boolean): Struck {
  return envelopes.reduce<Struck>(
    (best, envelope) => {
      const once = standsAt(envelope, hz, nearPart);
      const twice = standsAt(envelope, 2 * once.hz, MULTIPLE_NEAR_PART);
      const prominenceDb = Math.min(once.prominenceDb, twice.prominenceDb);
      return prominenceDb > best.prominenceDb && !isFoot(envelope, once) && !isOther(once.hz, envelope)
        ? { hz: once.hz, prominenceDb }
        : best;
    },
    { hz, prominenceDb: 0 },
  );
}

/** Own marks of a ring stand out by this [dB]. */
const MARK_DB = 13;
/** Rates of a bearing are off by slip of its balls and by what its geometry is not known to. */
const BEARING_NEAR_PART = 0.012;
const ROTOR_NEAR_PART = 0.004;

/** The shaft's rate in an envelope, by itself or beside another: an inner ring turns through the load. */
const turnsWith = (envelopes: readonly Spectrum[], hz: number, rotorHz: number): boolean =>
  envelopes.some((envelope) =>
    [rotorHz, hz - rotorHz, hz + rotorHz].some((place) => standsAt(envelope, place, 2 * MULTIPLE_NEAR_PART).prominenceDb >= MARK_DB),
  );

/** How fast the rotor turns, and how far that may be off, as part of it. */
export interface Turning {
  readonly rotorHz: number;
  readonly offPart: number;
}

/** Of a rub every multiple of the turn is there: the turn itself tells it from a bearing, also where the speed is not known. */
const MOST_TURNS = 8;
function isOfTurn(hz: number, envelope: Spectrum, { rotorHz, offPart }: Turning): boolean {
  if (offPart === 0) return isMultiple(hz, rotorHz);
  const turns = Array.from({ length: MOST_TURNS }, (_, at) => at + 1).filter(
    (count) => Math.abs(hz / count - rotorHz) <= (offPart + ROTOR_NEAR_PART) * rotorHz,
  );
  return turns.some((count) => count === 1 || standsAt(envelope, hz / count, MULTIPLE_NEAR_PART).prominenceDb >= MARK_DB);
}

/** What is needed of a recording beside its transform. */
export interface Recorded {
  readonly seconds: number;
  readonly sampleRateHz: number;
  readonly lineHz: number;
}

/** Looked for over a whole range of speeds, a place stands out by chance a little further [dB]. */
const WHERE_SPEED_IS_OPEN_DB = 2.5;

/**
 * What strikes: a rub once a turn, and balls over a damaged ring. A ring is named only by its own marks: the outer by its rate
 * without the inner's, the inner by its rate with the shaft's turns in it; else the bearing is named.
 * @param whole transform of the recording
 * @param recorded its length [s], its sample rate and the line
 * @param turning turns a second, and how far they may be off
 * @param rates defect rates of the bearing at that speed; null: not known
 * @returns findings, or none
 * @source Randall & Antoni, Rolling element bearing diagnostics: a tutorial (2011): outer ring without, inner ring with side bands at shaft speed
 */
export function heardStrikes(
  whole: Transformed,
  { seconds, sampleRateHz, lineHz }: Recorded,
  turning: Turning,
  rates: Pick<DefectFrequencies, "outerRingHz" | "innerRingHz"> | null,
): SoundFinding[] {
  const { rotorHz, offPart } = turning;
  const envelopes = bandsUpTo(sampleRateHz).map((band) => envelopeSpectrum(whole, seconds, band));
  const more = offPart === 0 ? 0 : WHERE_SPEED_IS_OPEN_DB;
  const limits = { evenDb: LIMITS.strikes.evenDb + more, sureDb: LIMITS.strikes.sureDb + more };
  const isOther = (hz: number, envelope: Spectrum): boolean => isMultiple(hz, 2 * lineHz) || isOfTurn(hz, envelope, turning);
  const ring = (hz: number): Struck => bestOf(envelopes, { hz, nearPart: BEARING_NEAR_PART + offPart }, isOther);
  const [outer, inner] = rates ? [ring(rates.outerRingHz), ring(rates.innerRingHz)] : [null, null];
  const isStruck = (heard: Struck | null): heard is Struck => heard !== null && heard.prominenceDb >= limits.evenDb;
  const turn = bestOf(envelopes, { hz: rotorHz, nearPart: ROTOR_NEAR_PART + offPart }, (hz) => isMultiple(hz, 2 * lineHz));
  // An inner ring has the turn in it too, but not twice the turn as loud as itself.
  if (turn.prominenceDb >= Math.max(outer?.prominenceDb ?? 0, inner?.prominenceDb ?? 0)) return judged("rub", turn.prominenceDb, limits);
  if (isStruck(inner) && inner.prominenceDb >= (outer?.prominenceDb ?? 0)) {
    const isInner = offPart === 0 && turnsWith(envelopes, inner.hz, rotorHz);
    return judged(isInner ? "bearing-inner" : "bearing", inner.prominenceDb, limits);
  }
  if (isStruck(outer)) return judged(isStruck(inner) ? "bearing" : "bearing-outer", outer.prominenceDb, limits);
  return [];
}
