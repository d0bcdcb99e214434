import { readShelfLabel } from "@/core/capacitor";
import { readPlain } from "@/core/station";
import type { Failure } from "@/core/result";
import { toSentence } from "../messages/failure-sentences";

/** The Shelf keeps capacitors: a motor or a bearing typed as one is refused, not stocked as what its figures look like. */
const refusalOf = (failure: Failure): string =>
  failure.code === "label-not-a-capacitor" ? `${toSentence(failure)} The Shelf keeps capacitors.` : toSentence(failure);

/** What reads what is typed on the shelf: long tables of labels and their words. */
export const labelReader = { readShelfLabel, readPlain, toSentence, refusalOf };
export type LabelReader = typeof labelReader;
