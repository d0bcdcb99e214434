import FFT from "fft.js";
import { spectrumOf, type Spectrum, type Transformed } from "./spectrum";

/** A band something may ring in [Hz]. */
export interface Band {
  readonly fromHz: number;
  readonly toHz: number;
}

const WIDE_HZ = 1000;
const STEP_HZ = 500;
const HIGHEST_HZ = 10_000;

/**
 * Bands that are looked at, each overlapping the next by half.
 * @param sampleRateHz of the recording: nothing is above half of it
 * @returns bands from 500 Hz on
 */
export function bandsUpTo(sampleRateHz: number): readonly Band[] {
  const last = Math.min(HIGHEST_HZ, sampleRateHz / 2 - 150);
  const count = Math.max(1, Math.floor((last - STEP_HZ - WIDE_HZ) / STEP_HZ) + 1);
  return Array.from({ length: count }, (_, at) => ({ fromHz: STEP_HZ * (at + 1), toHz: STEP_HZ * (at + 1) + WIDE_HZ }));
}

/**
 * How the loudness of one band goes up and down, as a spectrum: what strikes at a steady rate stands as a tone at that rate.
 * @param whole transform of the recording
 * @param seconds its length without what was filled up
 * @param band the band
 * @returns spectrum of the squared envelope
 * @source Randall, Vibration-based Condition Monitoring (2011), 5.5: envelope analysis through the analytic signal of a band
 */
export function envelopeSpectrum({ stepHz, values }: Transformed, seconds: number, { fromHz, toHz }: Band): Spectrum {
  const [from, to] = [Math.round(fromHz / stepHz), Math.round(toHz / stepHz)];
  // The band alone, moved down to 0 Hz: its envelope stays, and far fewer samples carry it. Squared it is twice as wide.
  const size = 2 ** Math.ceil(Math.log2(2 * (to - from)));
  const fft = new FFT(size);
  const [moved, turned] = [fft.createComplexArray().fill(0), fft.createComplexArray()];
  for (let at = from; at < to; at += 1) {
    moved[2 * (at - from)] = values[2 * at] ?? 0;
    moved[2 * (at - from) + 1] = values[2 * at + 1] ?? 0;
  }
  fft.inverseTransform(turned, moved);
  const rateHz = size * stepHz;
  const count = Math.min(size, Math.round(seconds * rateHz));
  const envelope = Float32Array.from({ length: count }, (_, at) => (turned[2 * at] ?? 0) ** 2 + (turned[2 * at + 1] ?? 0) ** 2);
  const mean = envelope.reduce((sum, value) => sum + value, 0) / Math.max(1, count);
  return spectrumOf(
    envelope.map((value) => value / Math.max(mean, Number.MIN_VALUE) - 1),
    rateHz,
  );
}
