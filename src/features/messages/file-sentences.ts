import type { Failure } from "@/core/result";
import { toSentence, type FileCode } from "./failure-sentences";
import { toKeptSentence } from "./kept-sentences";
import { toMachineSentence } from "./machine-sentences";

type FileFailure = Extract<Failure, { readonly code: FileCode }>;
type Sentences = { readonly [Code in FileCode]: (failure: Extract<Failure, { code: Code }>) => string };

/** One sentence for every way in which a file, or the folder of a team, can fail: what was wrong, and what to do instead. */
const FILE_SENTENCES: Sentences = {
  "file-too-large": ({ maxBytes }) =>
    `The file is too large to be a Vemmick export. The limit is ${Math.round(maxBytes / 1048576)} MB; choose a *.vemmick.json file.`,
  "file-not-json": () => "The file is cut short, or is no Vemmick export. Nothing was changed. Export it again, and choose the new file.",
  "file-foreign": () =>
    "This is not a Vemmick file: it does not say “format”: “vemmick”. Nothing was changed. Choose a *.vemmick.json file.",
  "file-newer": ({ recordType, found, known }) =>
    `The file was written by a newer Vemmick (${recordType} version ${found}; this one reads up to ${known}). Nothing was changed. Update this one first.`,
  "file-no-team": () =>
    "This file does not say which device wrote it. Choose one whose name begins with team-; any other export goes in through the Ledger.",
  "file-own": () => "This is the file of this very device: there is nothing new in it. Choose the file of another one.",
  "folder-failed": ({ detail }) =>
    detail === "NotAllowedError"
      ? "The browser does not let this page into the folder. Choose “Open the folder again”, and allow it."
      : detail === "NotFoundError"
        ? "The folder is not there any more. Choose it again, or another one."
        : detail === "QuotaExceededError"
          ? "The disk of the folder is full. Make room on it, then press Read now."
          : `The folder could not be read or written (${detail}). Nothing here was lost; press Read now to try again.`,
  "file-no-versions": () =>
    "The file does not say which program wrote it, so its records cannot be read safely. Nothing was changed. Export it again, and choose the new file.",
  "import-cancelled": () => "Stopped. Nothing of the file was taken in; choose it again to start over.",
  "export-cancelled": () => "Stopped. No file was written. Export again to start over.",
};

const isOfFile = (failure: Failure): failure is FileFailure => Object.hasOwn(FILE_SENTENCES, failure.code);

/** The sentence for a failure of whatever was done with a file, or of anything else. */
export function toFileSentence(failure: Failure): string {
  if (isOfFile(failure)) return (FILE_SENTENCES[failure.code] as (failure: FileFailure) => string)(failure);
  const ofMachine = toMachineSentence(failure);
  // What the one table does not know says so by the plain words for anything at all.
  return ofMachine === toSentence(failure) ? toKeptSentence(failure) : ofMachine;
}
