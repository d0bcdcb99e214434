import { parseDesignation } from "@/core/bearing";
import { readShelfLabel } from "@/core/capacitor";
import type { PartKind } from "@/core/exchange";
import { readSheet, type MotorSheet } from "@/core/match";
import { readPlain } from "@/core/station";
import type { Failure } from "@/core/result";
import { toMachineSentence } from "../messages/machine-sentences";
import { motorLine } from "../match/sheet-words";

/** A motor or a bearing typed as a capacitor is refused, not stocked as what its figures look like. */
const refusalOf = (failure: Failure): string =>
  failure.code === "label-not-a-capacitor" ? `${toMachineSentence(failure)} Pick its kind above.` : toMachineSentence(failure);

/** Why a line of this kind cannot be kept as it is typed; null: it can. */
function problemOf(kind: PartKind, label: string): string | null {
  if (kind === "capacitor") {
    const read = readShelfLabel(label);
    return read.ok ? null : refusalOf(read.failure);
  }
  if (label.trim() === "") return "Type what it is called, so that it can be found.";
  if (kind !== "bearing") return null;
  const read = parseDesignation(label);
  return read.ok ? null : toMachineSentence(read.failure);
}

/** What a line's own words say more: the kind of a capacitor, the sizes of a bearing, the plate of a motor. */
function moreOf(kind: PartKind, label: string, sheet: MotorSheet | null): string | null {
  if (kind === "capacitor") {
    const read = readShelfLabel(label);
    return read.ok ? `${read.value.kind} part` : null;
  }
  if (kind === "bearing") {
    const read = parseDesignation(label);
    const size = read.ok ? read.value.candidates[0]?.size : undefined;
    return size ? `${size.boreMm} × ${size.outsideMm} × ${size.widthMm} mm` : null;
  }
  return sheet === null ? null : motorLine(readSheet(sheet).spec) || null;
}

/** What reads what is typed on the shelf: long tables of labels and their words. */
export const labelReader = { problemOf, moreOf, readPlain };
export type LabelReader = typeof labelReader;
