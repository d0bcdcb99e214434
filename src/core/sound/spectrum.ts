import FFT from "fft.js";

/** Levels over frequency, evenly spaced from 0 Hz. */
export interface Spectrum {
  readonly stepHz: number;
  /** [dB], against nothing in particular: only differences count */
  readonly levelsDb: Float32Array;
  /** tones nearer to one another than this are one [Hz] */
  readonly apartHz: number;
  /** what is around a frequency, in the middle [dB] */
  readonly floorDb: (hz: number) => number;
}

/** Complex values of the whole recording, as the transform gives them: real and imaginary part in turn. */
export interface Transformed {
  readonly stepHz: number;
  readonly size: number;
  readonly values: readonly number[];
}

const powerOfTwo = (least: number): number => 2 ** Math.ceil(Math.log2(least));
const SILENT = 1e-12;

const hann = (at: number, count: number): number => 0.5 - 0.5 * Math.cos((2 * Math.PI * at) / (count - 1));

/**
 * Fourier transform of a whole recording, without a window.
 * @param samples evenly spaced
 * @param sampleRateHz how many a second
 * @returns the lower half, its length filled up with silence to a power of two
 */
export function transform(samples: ArrayLike<number>, sampleRateHz: number): Transformed {
  const size = powerOfTwo(samples.length);
  const fft = new FFT(size);
  const input = new Array<number>(size).fill(0);
  for (let at = 0; at < samples.length; at += 1) input[at] = samples[at] ?? 0;
  const values = fft.createComplexArray();
  fft.realTransform(values, input);
  return { stepHz: sampleRateHz / size, size, values };
}

/** How far the surroundings of a place reach [Hz], and how far apart their middles are taken anew. */
const SURROUNDINGS_HZ = 8;
const FLOOR_STEP_HZ = 1;

/** The middle of the levels around a frequency: tones among them are too few to move it. */
function floorOf(levelsDb: Float32Array, stepHz: number): Spectrum["floorDb"] {
  const known = new Map<number, number>();
  return (hz) => {
    const place = Math.round(hz / FLOOR_STEP_HZ);
    const before = known.get(place);
    if (before !== undefined) return before;
    const middle = place * FLOOR_STEP_HZ;
    const around = levelsDb
      .slice(Math.max(1, Math.round((middle - SURROUNDINGS_HZ) / stepHz)), Math.round((middle + SURROUNDINGS_HZ) / stepHz) + 1)
      .sort();
    const floor = around[around.length >> 1] ?? 0;
    known.set(place, floor);
    return floor;
  };
}

/**
 * Spectrum of a whole recording: one long window, since what is looked for are steady tones.
 * @param samples evenly spaced
 * @param sampleRateHz how many a second
 * @returns levels up to half the sample rate
 * @source Harris, On the Use of Windows for Harmonic Analysis (1978): Hann window
 */
export function spectrumOf(samples: ArrayLike<number>, sampleRateHz: number): Spectrum {
  const count = samples.length;
  const windowed = Float32Array.from(samples, (sample, at) => sample * hann(at, count));
  // Twice as long as it is: the top of a tone is met between two steps as well.
  const padded = new Float32Array(2 * powerOfTwo(count));
  padded.set(windowed);
  const { stepHz, size, values } = transform(padded, sampleRateHz);
  const levelsDb = new Float32Array(size / 2);
  for (let at = 0; at < levelsDb.length; at += 1)
    levelsDb[at] = 10 * Math.log10((values[2 * at] ?? 0) ** 2 + (values[2 * at + 1] ?? 0) ** 2 + SILENT);
  // The foot of a tone under this window is two steps of its own length to either side.
  return { stepHz, levelsDb, apartHz: (2 * sampleRateHz) / count, floorDb: floorOf(levelsDb, stepHz) };
}

/** A tone and how far it stands over what is around it. */
export interface Tone {
  readonly hz: number;
  readonly prominenceDb: number;
}

/**
 * The strongest place near a frequency, against the middle of its surroundings.
 * @param spectrum levels
 * @param hz where it is looked for
 * @param withinHz how far off it may stand
 * @returns its frequency, between the steps by a parabola through three of them, and its prominence [dB]
 * @source Smith, Spectral Audio Signal Processing (2011): quadratic interpolation of peaks
 */
export function toneNear({ stepHz, levelsDb, floorDb }: Spectrum, hz: number, withinHz: number): Tone {
  const levelAt = (at: number): number => levelsDb[at] ?? -Infinity;
  const from = Math.max(1, Math.ceil((hz - withinHz) / stepHz));
  const to = Math.min(levelsDb.length - 2, Math.max(from, Math.floor((hz + withinHz) / stepHz)));
  let top = from;
  for (let at = from; at <= to; at += 1) if (levelAt(at) > levelAt(top)) top = at;
  const [before, here, after] = [levelAt(top - 1), levelAt(top), levelAt(top + 1)];
  const bend = before - 2 * here + after;
  const shift = here >= before && here >= after && bend < 0 ? (0.5 * (before - after)) / bend : 0;
  return { hz: (top + shift) * stepHz, prominenceDb: here - floorDb(top * stepHz) };
}
