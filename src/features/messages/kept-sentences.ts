import type { Failure } from "@/core/result";
import { toSentence, type KeptCode } from "./failure-sentences";
import { faultWords } from "./fault-words";

type KeptFailure = Extract<Failure, { readonly code: KeptCode }>;
type Sentences = { readonly [Code in KeptCode]: (failure: Extract<Failure, { code: Code }>) => string };

/** One sentence for whatever goes wrong where work is kept, and with photos. */
const KEPT_SENTENCES: Sentences = {
  "photo-unreadable": () => "This file is not a picture this browser can read. Take a photo, or choose a JPEG or PNG file.",
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
