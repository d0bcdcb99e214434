import type { StationView } from "../contract";
import { capacitorSentences, percentFigure, type CapacitorDetail } from "./sentences";

export const capacitorView: StationView<"capacitor", CapacitorDetail> = {
  title: "Capacitor",
  letter: "u",
  brief: ({ detail }) =>
    detail.state === "none-fitted" ? "None fitted" : detail.state === "label" && detail.mismatches.length > 0 ? "Wrong part" : null,
  say: (record, { detail }, _facts, house) => {
    if (detail.state !== "label") return detail.state === "none-fitted" ? ["No capacitor on this type of motor."] : [];
    const figures = detail.sections.map(percentFigure).filter((figure) => figure !== null);
    return [
      `${record.label.trim()}${figures.length > 0 ? `: ${record.readings.map((entry) => entry?.text ?? "").join(", ")} µF, ${figures.join(", ")}` : ""}.`,
      ...capacitorSentences(detail, house.recheckDays),
      ...(record.note.trim() ? [record.note.trim()] : []),
    ];
  },
  instrument: () => import("./Instrument"),
};
