import { defectFrequencies, type BallGeometry } from "../bearing";
import { heardHum, heardStrikes, heardUnbalance, type SoundFinding } from "./findings";
import { speedBySound, SLIPS, type HeardSpeed, type Listened } from "./speed";
import { spectrumOf, transform } from "./spectrum";
import { isClipped, type Recording } from "./wav";

/** What is known of the motor that was recorded. */
export interface ListenedMotor extends Listened {
  /** balls of its bearing; null: not known */
  readonly bearing: BallGeometry | null;
}

/** What a recording says. */
export interface HeardMotor {
  /** null: no tone tells it */
  readonly speed: HeardSpeed | null;
  readonly findings: readonly SoundFinding[];
  readonly isClipped: boolean;
}

/** What the cut of a clipped recording makes by itself: multiples of whatever is loud. */
const MADE_BY_CLIPPING = new Set<SoundFinding["id"]>(["magnetic-hum"]);
/** Loud enough that no clipping of an ordinary hum makes it [dB]. */
const BEYOND_CLIPPING_DB = 22;

/**
 * Listens to a recording of a running motor: its speed, and what is heard of its state.
 * @param recording one place, at least a second
 * @param motor supply, poles, blades and bearing as far as they are known
 * @returns speed by its tones, findings with their prominence [dB] and chance; of a clipped recording nothing is sure that the cut may have made
 */
export function listenTo(recording: Recording, motor: ListenedMotor): HeardMotor {
  const { samples, sampleRateHz } = recording;
  const spectrum = spectrumOf(samples, sampleRateHz);
  const speed = speedBySound(spectrum, motor);
  const synchronousHz = (2 * motor.lineHz) / motor.poles;
  const middle = (SLIPS.least + SLIPS.most) / 2;
  const turning =
    speed === null
      ? { rotorHz: synchronousHz * (1 - middle), offPart: (SLIPS.most - SLIPS.least) / 2 }
      : { rotorHz: speed.rpm / 60, offPart: 0 };
  const rates = motor.bearing ? defectFrequencies(motor.bearing, 60 * turning.rotorHz) : null;
  const recorded = { seconds: samples.length / sampleRateHz, sampleRateHz, lineHz: motor.lineHz };
  const isCut = isClipped(recording);
  const findings = [
    ...heardHum(spectrum, motor.lineHz),
    ...(speed === null ? [] : heardUnbalance(spectrum, turning.rotorHz)),
    ...heardStrikes(transform(samples, sampleRateHz), recorded, turning, rates),
  ];
  return {
    speed,
    isClipped: isCut,
    findings: findings.map((finding) =>
      isCut && MADE_BY_CLIPPING.has(finding.id) && finding.prominenceDb < BEYOND_CLIPPING_DB ? { ...finding, isSure: false } : finding,
    ),
  };
}
