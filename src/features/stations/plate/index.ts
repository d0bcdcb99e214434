import { formatNumber, formatQuantity } from "@/core/quantity";
import { notOursSentence } from "@/features/vocabulary/not-ours-words";
import { MOTOR_TYPE_WORDS } from "@/features/vocabulary/words";
import type { StationView } from "../../station/contract";
import { said } from "../../station/said";
import { type Detail, polesHint } from "./words";

export const plateView: StationView<"plate", Detail> = {
  brief: ({ detail, stamp }) =>
    stamp === "not-done" || stamp === "unsure" ? null : detail.filled >= detail.total ? "Complete" : `${detail.filled} of ${detail.total}`,
  say: (record, { detail, facts }) => {
    const parts = [
      record.motorType === "unknown" ? null : MOTOR_TYPE_WORDS[record.motorType],
      detail.supplyV === null ? null : formatQuantity("voltage", detail.supplyV),
      detail.frequencyHz === null ? null : `${formatNumber(detail.frequencyHz, 1)} Hz`,
      record.power.trim() || null,
      detail.fullLoadA === null ? null : formatQuantity("current", detail.fullLoadA),
      detail.fullLoadRpm === null ? null : `${formatNumber(detail.fullLoadRpm, 0)} rpm`,
      record.capacitor.trim() ? `capacitor ${record.capacitor.trim()}` : null,
      record.insulationClass === "" ? null : `class ${record.insulationClass}`,
      record.duty || null,
    ].filter((part) => part !== null);
    const hint = polesHint(detail);
    const { notOurs } = detail;
    // What stands on a plate that is none of ours is told as it stands there.
    const printed = notOurs ? [record.volts, record.rpm && `${record.rpm} rpm`].filter((text) => text.trim() !== "") : [];
    return [
      ...said("means", notOurs && notOursSentence(notOurs)),
      ...said("read", printed.length > 0 && `As printed: ${printed.join(", ")}.`, parts.length > 0 && `${parts.join(", ")}.`),
      ...said("means", hint && `${hint}.`),
      ...said("read", facts.printedAs && `On the plate: ${facts.printedAs}.`),
    ];
  },
};
