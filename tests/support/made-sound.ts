import { normalFrom, seriesFrom } from "../../src/core/numeric";
import type { Recording } from "../../src/core/sound";

/** A motor as it sounds, every part by its level beside noise of 1 in each sample. */
export interface MadeSound {
  readonly seed: number;
  readonly sampleRateHz?: number;
  readonly seconds?: number;
  readonly lineHz: number;
  readonly rpm: number;
  /** level of the hum at twice the line; its multiples fall by a half each, or by a quarter where it is not `isHumRich` */
  readonly hum?: number;
  readonly isHumRich?: boolean;
  readonly turn?: number;
  readonly blades?: { readonly count: number; readonly level: number };
  /** strikes at a rate, ringing at a frequency; those of an inner ring swell once a turn */
  readonly strikes?: { readonly rateHz: number; readonly ringHz: number; readonly level: number; readonly swellsWithTurn?: boolean };
  /** everything is cut off at so many times the noise */
  readonly cutAt?: number;
}

const RING_S = 0.0015;
/** Balls slip a little: strikes come early or late by this part. */
const JITTER = 0.01;

/**
 * A recording of which everything is known.
 * @param made what sounds in it
 * @returns one place, loudest at 0.9
 */
export function makeSound(made: MadeSound): Recording {
  const { sampleRateHz = 16_000, seconds = 4, seed, lineHz, rpm, cutAt } = made;
  const next = seriesFrom(seed);
  const noise = normalFrom(next);
  const samples = Float32Array.from({ length: Math.round(sampleRateHz * seconds) }, () => noise());
  const add = (hz: number, level: number): void => {
    const phase = next() * 2 * Math.PI;
    for (let at = 0; at < samples.length; at += 1)
      samples[at] = (samples[at] ?? 0) + level * Math.sin((2 * Math.PI * hz * at) / sampleRateHz + phase);
  };
  const turnHz = rpm / 60;
  for (let multiple = 1; multiple <= 4; multiple += 1)
    if (made.hum) add(2 * lineHz * multiple, made.hum * (made.isHumRich ? 2 : 4) ** (1 - multiple));
  if (made.turn) add(turnHz, made.turn);
  if (made.blades) {
    add(made.blades.count * turnHz, made.blades.level);
    add(2 * made.blades.count * turnHz, made.blades.level / 4);
  }
  if (made.strikes) {
    const { rateHz, ringHz, level, swellsWithTurn = false } = made.strikes;
    for (let strikeS = 0.01; strikeS < seconds; strikeS += (1 + JITTER * (next() - 0.5)) / rateHz) {
      const swell = swellsWithTurn ? 0.5 + 0.5 * Math.cos(2 * Math.PI * turnHz * strikeS) : 1;
      const from = Math.round(strikeS * sampleRateHz);
      for (let at = from; at < Math.min(samples.length, from + 8 * RING_S * sampleRateHz); at += 1) {
        const afterS = (at - from) / sampleRateHz;
        samples[at] = (samples[at] ?? 0) + level * swell * Math.exp(-afterS / RING_S) * Math.sin(2 * Math.PI * ringHz * afterS);
      }
    }
  }
  const cut = cutAt === undefined ? samples : samples.map((sample) => Math.max(-cutAt, Math.min(cutAt, sample)));
  const peak = cut.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0);
  return { sampleRateHz, samples: cut.map((sample) => (0.9 * sample) / peak) };
}

/** How a WAV file holds each sample. */
const FORMS = {
  "8 bit": { sort: 1, bytes: 1, write: (view: DataView, at: number, sample: number) => view.setUint8(at, Math.round(128 + 127 * sample)) },
  "16 bit": {
    sort: 1,
    bytes: 2,
    write: (view: DataView, at: number, sample: number) => view.setInt16(at, Math.round(32767 * sample), true),
  },
  "24 bit": {
    sort: 1,
    bytes: 3,
    write: (view: DataView, at: number, sample: number) => {
      const whole = Math.round(8388607 * sample);
      view.setUint8(at, whole & 255);
      view.setUint8(at + 1, (whole >> 8) & 255);
      view.setInt8(at + 2, whole >> 16);
    },
  },
  "32 bit": {
    sort: 1,
    bytes: 4,
    write: (view: DataView, at: number, sample: number) => view.setInt32(at, Math.round(2147483647 * sample), true),
  },
  float: { sort: 3, bytes: 4, write: (view: DataView, at: number, sample: number) => view.setFloat32(at, sample, true) },
} as const;
export type WavForm = keyof typeof FORMS;

/** A WAV file of a recording, the same in every channel. */
export function wavOf({ samples, sampleRateHz }: Recording, form: WavForm = "16 bit", channels = 1): Uint8Array {
  const { sort, bytes, write } = FORMS[form];
  const length = samples.length * bytes * channels;
  const view = new DataView(new ArrayBuffer(44 + length));
  const word = (at: number, text: string): void => [...text].forEach((sign, place) => view.setUint8(at + place, sign.charCodeAt(0)));
  word(0, "RIFF");
  view.setUint32(4, 36 + length, true);
  word(8, "WAVEfmt ");
  view.setUint32(16, 16, true);
  view.setUint16(20, sort, true);
  view.setUint16(22, channels, true);
  view.setUint32(24, sampleRateHz, true);
  view.setUint32(28, sampleRateHz * bytes * channels, true);
  view.setUint16(32, bytes * channels, true);
  view.setUint16(34, 8 * bytes, true);
  word(36, "data");
  view.setUint32(40, length, true);
  samples.forEach((sample, at) => {
    for (let channel = 0; channel < channels; channel += 1) write(view, 44 + (at * channels + channel) * bytes, sample);
  });
  return new Uint8Array(view.buffer);
}
