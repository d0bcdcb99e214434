import type { Failure } from "@/core/result";
import type { PhotoCode } from "./failure-sentences";
import { toKeptSentence } from "./kept-sentences";

type PhotoFailure = Extract<Failure, { readonly code: PhotoCode }>;
type Sentences = { readonly [Code in PhotoCode]: (failure: Extract<Failure, { code: Code }>) => string };

/** One sentence for whatever goes wrong when a plate or label is read from a photo. */
const PHOTO_SENTENCES: Sentences = {
  "photo-not-a-picture": ({ sort }) =>
    sort === "film"
      ? "This is a film. Choose a single photo: a JPEG or PNG file."
      : sort === "heic"
        ? "This browser cannot open HEIC photos. Set the phone's camera to JPEG, or send the photo to yourself as JPEG, and choose that."
        : "This file is not a picture. Take a photo, or choose a JPEG or PNG file.",
  "photo-nothing-on-it": () =>
    "No letters can be made out on this picture. Come closer, turn the light so that it does not shine back, or wipe the plate, and try again; or put the corners onto it by hand.",
  "photo-work-failed": ({ detail }) =>
    `The picture could not be worked on here${detail === "" ? "" : ` (${detail})`}. Try again, with a smaller picture or after closing other tabs; or type what the plate says.`,
  "photo-reader-missing": () =>
    "What reads the letters is not on this device yet, and cannot be fetched now. Read a photo once while there is a connection, or type what the plate says.",
  "photo-reader-failed": ({ detail }) =>
    `This browser cannot run what reads the letters (${detail}). Type what the plate says; the photo can stay with the card.`,
};

const isOfPhoto = (failure: Failure): failure is PhotoFailure => Object.hasOwn(PHOTO_SENTENCES, failure.code);

/** The sentence for a failure of reading a photo, or of keeping it. */
export const toPhotoSentence = (failure: Failure): string =>
  isOfPhoto(failure) ? (PHOTO_SENTENCES[failure.code] as (failure: PhotoFailure) => string)(failure) : toKeptSentence(failure);
