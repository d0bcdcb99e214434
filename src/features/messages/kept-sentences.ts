import type { Failure } from "@/core/result";
import { toSentence, type KeptCode } from "./failure-sentences";
import { faultWords } from "./fault-words";

type KeptFailure = Extract<Failure, { readonly code: KeptCode }>;
type Sentences = { readonly [Code in KeptCode]: (failure: Extract<Failure, { code: Code }>) => string };

/** One sentence for whatever goes wrong where work is kept, and with photos. */
const KEPT_SENTENCES: Sentences = {
  "photo-unreadable": () => "This file is not a picture this browser can read. Take a photo, or choose a JPEG or PNG file.",
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
  "text-reader-missing": () =>
    "What reads the letters is not on this device yet, and cannot be fetched now. Read a photo once while there is a connection, or type what the plate says.",
  "text-reader-failed": ({ detail }) =>
    `This browser cannot run what reads the letters (${detail}). Type what the plate says; the photo can stay with the card.`,
  "storage-blocked": () =>
    "This browser does not let Vemmick keep data here (a private window, or storage is switched off). Readings are lost when the tab closes: open it in a normal window.",
  "storage-full": () => "The device is full. Free some space, then try again; what is not kept yet goes into every export.",
  "storage-newer": () =>
    "A newer Vemmick has been at the data on this device, and this page is of the old one. Nothing is changed. Reload to get the newer one.",
  "storage-failed": ({ detail }) =>
    `The device did not take it${detail ? ` (${detail.slice(0, 80)})` : ""}. Try again, or export your data and reload.`,
  "card-gone": () => "It was removed, here or in another tab: what was keyed on it last is not kept.",
  "change-misfit": ({ fault }) => `This cannot be kept as it is. The ${faultWords(fault)}. Change it, and it is kept.`,
};

const isOfKeeping = (failure: Failure): failure is KeptFailure => Object.hasOwn(KEPT_SENTENCES, failure.code);

/** The sentence for a failure of what is kept, or of a figure or label. */
export const toKeptSentence = (failure: Failure): string =>
  isOfKeeping(failure) ? (KEPT_SENTENCES[failure.code] as (failure: KeptFailure) => string)(failure) : toSentence(failure);
