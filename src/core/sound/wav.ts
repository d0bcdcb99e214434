import { fail, ok, type Failure, type Result } from "../result";

/** A recording of one place, as the microphone gave it. */
export interface Recording {
  readonly sampleRateHz: number;
  /** −1 to 1; several channels are their mean */
  readonly samples: Float32Array;
}

/** Shorter than this tells no tone from its neighbour; longer is no look at one motor. */
const SHORTEST_S = 1;
const LONGEST_S = 120;
const LEAST_RATE_HZ = 8000;

const PCM = 1;
const FLOAT = 3;
const EXTENSIBLE = 0xfffe;

interface Format {
  readonly sort: number;
  readonly channels: number;
  readonly sampleRateHz: number;
  readonly bytesASample: number;
}

type ReadSample = (view: DataView, at: number) => number;
/** How one sample is read, by what it is and its bytes. */
const SAMPLES: Readonly<Record<string, ReadSample>> = {
  [`${PCM}/1`]: (view, at) => (view.getUint8(at) - 128) / 128,
  [`${PCM}/2`]: (view, at) => view.getInt16(at, true) / 32768,
  [`${PCM}/3`]: (view, at) => (view.getUint8(at) + view.getUint8(at + 1) * 256 + view.getInt8(at + 2) * 65536) / 8388608,
  [`${PCM}/4`]: (view, at) => view.getInt32(at, true) / 2147483648,
  [`${FLOAT}/4`]: (view, at) => view.getFloat32(at, true),
  [`${FLOAT}/8`]: (view, at) => view.getFloat64(at, true),
};

const wordAt = (view: DataView, at: number): string => String.fromCharCode(...[0, 1, 2, 3].map((place) => view.getUint8(at + place)));

/** Parts of the file by their names, each where it begins and how long it is. */
function partsOf(view: DataView): ReadonlyMap<string, { readonly at: number; readonly bytes: number }> {
  const parts = new Map<string, { at: number; bytes: number }>();
  for (let at = 12; at + 8 <= view.byteLength;) {
    const bytes = view.getUint32(at + 4, true);
    const name = wordAt(view, at);
    // A recorder that was cut off leaves a length that is not there.
    if (!parts.has(name)) parts.set(name, { at: at + 8, bytes: Math.min(bytes, view.byteLength - at - 8) });
    at += 8 + bytes + (bytes % 2);
  }
  return parts;
}

function formatAt(view: DataView, at: number, bytes: number): Format {
  const sort = view.getUint16(at, true);
  return {
    sort: sort === EXTENSIBLE && bytes >= 26 ? view.getUint16(at + 24, true) : sort,
    channels: view.getUint16(at + 2, true),
    sampleRateHz: view.getUint32(at + 4, true),
    bytesASample: Math.ceil(view.getUint16(at + 14, true) / 8),
  };
}

/**
 * Reads a WAV file: whole numbers of 8, 16, 24 or 32 bits, floating point of 32 or 64, any number of channels.
 * @param bytes the whole file
 * @returns one channel, the mean of all
 * @errors 'sound-not-wav' for anything else, 'sound-too-coarse' below 8 kHz, 'sound-too-short' below a second, 'sound-too-long' above two minutes
 * @source Microsoft, IBM, Multimedia Programming Interface and Data Specifications 1.0 (1991), Waveform Audio File Format
 */
export function readWav(bytes: Uint8Array): Result<Recording, Failure> {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  if (view.byteLength < 44 || wordAt(view, 0) !== "RIFF" || wordAt(view, 8) !== "WAVE") return fail({ code: "sound-not-wav" });
  const parts = partsOf(view);
  const [head, data] = [parts.get("fmt "), parts.get("data")];
  if (!head || !data || head.bytes < 16) return fail({ code: "sound-not-wav" });
  const { sort, channels, sampleRateHz, bytesASample } = formatAt(view, head.at, head.bytes);
  const readSample = SAMPLES[`${sort}/${bytesASample}`];
  if (!readSample || channels < 1) return fail({ code: "sound-not-wav" });
  if (sampleRateHz < LEAST_RATE_HZ) return fail({ code: "sound-too-coarse", sampleRateHz });
  const count = Math.floor(data.bytes / (bytesASample * channels));
  const seconds = count / sampleRateHz;
  if (seconds < SHORTEST_S) return fail({ code: "sound-too-short", seconds });
  if (seconds > LONGEST_S) return fail({ code: "sound-too-long", seconds });
  const samples = new Float32Array(count);
  for (let place = 0; place < count; place += 1) {
    let sum = 0;
    for (let channel = 0; channel < channels; channel += 1) sum += readSample(view, data.at + (place * channels + channel) * bytesASample);
    const mean = sum / channels;
    samples[place] = Number.isFinite(mean) ? mean : 0;
  }
  return ok({ sampleRateHz, samples });
}

/** A sample this near to the loudest one stands at the limit. */
const AT_LIMIT = 0.995;
/** So many of them are no chance: the microphone could not follow. */
const CLIPPED_PART = 4e-4;

/**
 * Whether the loudest parts were cut off: then tones of twice and three times a tone are of the cut, not of the motor.
 * @param recording as it was made
 * @returns true when more samples stand at the limit than a sound leaves there
 */
export function isClipped({ samples }: Recording): boolean {
  const peak = samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0);
  if (peak === 0) return false;
  const atLimit = samples.reduce((count, sample) => count + (Math.abs(sample) >= AT_LIMIT * peak ? 1 : 0), 0);
  return atLimit / samples.length > CLIPPED_PART;
}
