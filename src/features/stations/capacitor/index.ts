import { typedFigure } from "@/core/quantity";
import type { StationView } from "../../station/contract";
import { capacitorSentences, percentFigure, type CapacitorDetail } from "./sentences";
import { readMoments } from "./words";

export const capacitorView: StationView<"capacitor", CapacitorDetail> = {
  methods: {
    meter: "By meter",
    running: "Running",
    swing: "Ohmmeter swing",
    discharge: "Discharge",
    "start-parts": "Starts and kits",
  },
  brief: ({ detail }) =>
    detail.state === "none-fitted" ? "None fitted" : detail.state === "label" && detail.mismatches.length > 0 ? "Wrong part" : null,
  say: (record, { detail }, _facts, house) => {
    if (detail.state !== "label") return detail.state === "none-fitted" ? ["No capacitor on this type of motor."] : [];
    const figures = detail.sections.map(percentFigure).filter((figure) => figure !== null);
    const keyed = record.readings.flatMap((entry) => (entry ? [typedFigure(entry)] : []));
    const running = record.running.sections
      .map(({ amps, volts }) => (amps && volts ? `${typedFigure(amps)} at ${typedFigure(volts)} running` : ""))
      .filter(Boolean);
    const measured = [...(keyed.length > 0 ? keyed : []), ...running, ...figures];
    return [
      `${record.label.trim()}${measured.length > 0 ? `: ${measured.join(", ")}` : ""}.`,
      ...capacitorSentences(detail, readMoments(record), house),
      ...(detail.second.state === "label"
        ? [`The other: ${record.second.label.trim()}: ${record.second.reading ? typedFigure(record.second.reading) : "not read"}.`]
        : []),
      ...(record.discharge.remaining ? [`${typedFigure(record.discharge.remaining)} left on it after discharge.`] : []),
      ...(record.kit ? [`Hard-start kit: ${record.kit === "ptc" ? "PTC" : "potential relay and start capacitor"}.`] : []),
      ...(record.note.trim() ? [record.note.trim()] : []),
    ];
  },
};
