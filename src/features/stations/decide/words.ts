import { ACTIONS, type ActionId } from "@/core/diagnosis";
import type { NeededCapacitor } from "@/core/capacitor";
import { formatNumber, formatQuantity } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import { ACTION_WORDS } from "@/features/vocabulary/words";

export type Detail = ReturnType<(typeof STATIONS)["decide"]["assess"]>["detail"];

export const OPTIONS = ACTIONS.map((id) => ({ id, label: ACTION_WORDS[id] }));

export function partSentence(part: NeededCapacitor): string {
  const values = part.sectionsUf.map((uf) => formatNumber(uf, 2)).join(" + ");
  const volts =
    part.atLeastV === null
      ? "volts as on the part taken out or higher"
      : `${formatQuantity("voltage", part.atLeastV)} or higher, never lower`;
  return `${values} µF ${part.kind} capacitor, ${volts}; same hertz; it must fit the strap. Asked by the ${part.asked === "plate" ? "motor plate" : "label of the part taken out"}.`;
}

export function sentences(record: { action: ActionId | null; reason: string }, detail: Detail): string[] {
  if (record.action === null) return [];
  return [
    `${ACTION_WORDS[record.action]}.${record.reason.trim() ? ` ${record.reason.trim()}` : ""}`,
    ...(detail.part ? [`Part: ${partSentence(detail.part)}`] : []),
  ];
}
