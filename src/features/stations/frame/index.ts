import { typedFigure } from "@/core/quantity";
import type { StationView } from "../../station/contract";
import { noted, said } from "../../station/said";
import { type Detail, nameOf, sentences } from "./words";

export const frameView: StationView<"frame", Detail> = {
  brief: ({ detail, stamp }) =>
    stamp === "not-done" && detail.measured > 0
      ? `${detail.measured} of ${detail.leadNames.length}`
      : detail.state === "grounded" || detail.state === "beeped"
        ? "Grounded"
        : null,
  say: (record, { detail }) => {
    if (detail.measured === 0) return said("means", record.beeps !== null && sentences(detail));
    const readings = record.readings.flatMap((entry, lead) => (entry?.reading ? [`${nameOf(detail, lead)} ${typedFigure(entry)}`] : []));
    return [...said("read", `To the frame: ${readings.join(", ")}.`), ...said("means", sentences(detail)), ...noted(record)];
  },
};
