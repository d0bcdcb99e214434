import { ratedUfOf } from "@/core/capacitor";
import { formatNumber, formatQuantity } from "@/core/quantity";
import type { LabelDetail } from "./sentences";

/** What was understood of the label, in words; the drawing shows the same. */
export function labelReadBack({ label, sections }: LabelDetail): string {
  const values = label.sections.map(
    (s) =>
      (s.nominalUf === null ? `${formatNumber(s.lowUf ?? 0, 2)} to ${formatNumber(s.highUf ?? 0, 2)}` : formatNumber(ratedUfOf(s), 3)) +
      (s.terminal ? ` (${s.terminal})` : ""),
  );
  return [
    `${label.kind === "run" ? "Run" : "Start"} capacitor (${label.kindReason})`,
    `${values.join(" + ")} µF`,
    label.ratedV === null ? "no volts given" : formatQuantity("voltage", label.ratedV),
    sections[0]?.limits?.origin === "house-rule" ? "no tolerance on the label: house rule" : null,
    label.notes.length > 0 ? `kept as a note: ${label.notes.join(" ")}` : null,
  ]
    .filter((part) => part !== null)
    .join(" · ");
}
