import { formatNumber } from "@/core/quantity";
import type { Failure } from "@/core/result";
import { toSentence, type SoundCode } from "./failure-sentences";

type SoundFailure = Extract<Failure, { readonly code: SoundCode }>;
type Sentences = { readonly [Code in SoundCode]: (failure: Extract<Failure, { code: Code }>) => string };

/** One sentence for whatever is wrong with a recording. */
const SOUND_SENTENCES: Sentences = {
  "sound-not-wav": () => "This is no WAV file that can be read. Choose one without compression, or record it here.",
  "sound-too-coarse": ({ sampleRateHz }) =>
    `This recording has ${formatNumber(sampleRateHz, 0)} samples a second, too few to hear a bearing in. Choose one of 16,000 or more.`,
  "sound-too-short": ({ seconds }) =>
    `This recording lasts ${formatNumber(seconds, 2)} s, too short to tell tones apart. Choose one of some ten seconds.`,
  "sound-too-long": ({ seconds }) =>
    `This recording lasts ${formatNumber(seconds / 60, 0)} min. Choose some ten seconds of it, of one motor at one place.`,
};

const isOfSound = (failure: Failure): failure is SoundFailure => Object.hasOwn(SOUND_SENTENCES, failure.code);

/** The sentence for a failure of a recording. */
export const toSoundSentence = (failure: Failure): string =>
  isOfSound(failure) ? (SOUND_SENTENCES[failure.code] as (failure: SoundFailure) => string)(failure) : toSentence(failure);
