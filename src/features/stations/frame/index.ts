import type { StationView } from "../contract";
import { type Detail, LEADS, nameOf, sentences } from "./words";

export const frameView: StationView<"frame", Detail> = {
  title: "To the frame",
  letter: "f",
  brief: ({ detail, stamp }) =>
    stamp === "not-done" && detail.measured > 0 ? `${detail.measured} of 3` : detail.state === "grounded" ? "Grounded" : null,
  say: (record, { detail }) => {
    if (detail.measured === 0) return [];
    const readings = LEADS.filter((lead) => record.readings[lead]?.reading).map(
      (lead) => `${nameOf(detail, lead)} ${record.readings[lead]?.text ?? ""}`,
    );
    return [`To the frame: ${readings.join(", ")}.`, ...sentences(detail), ...(record.note.trim() ? [record.note.trim()] : [])];
  },
  instrument: () => import("./Instrument"),
};
