import type { StationView } from "../../station/contract";
import { noted, said } from "../../station/said";
import { cellName, type Detail, sentences } from "./words";

export const insulationView: StationView<"insulation", Detail> = {
  brief: ({ detail, stamp }) => (stamp === "not-done" && detail.measured > 0 ? `${detail.measured} of ${detail.cells.length}` : null),
  say: (record, { detail }) => {
    if (detail.measured === 0) return [];
    const read = detail.cells.flatMap((cell) =>
      cell.entry?.reading ? [`${cellName(cell)} ${cell.entry.text.trim()}${/\d$/.test(cell.entry.text.trim()) ? " MΩ" : ""}`] : [],
    );
    return [
      ...said("read", `${read.join(", ")}${record.testV ? ` at ${record.testV} V` : ""}.`),
      ...said("means", sentences(detail)),
      ...said("read", record.isDischarged === true && "Discharged afterwards."),
      ...noted(record),
    ];
  },
};
