import { typedFigure } from "@/core/quantity";
import type { StationView } from "../../station/contract";
import { noted, said, type Said } from "../../station/said";
import { exchangeParts } from "@/core/stations/capacitor";
import { capacitorFace } from "./face";
import { capacitorSentences, PART_NAMES, percentFigure, type CapacitorDetail, type LabelDetail } from "./sentences";
import { readMoments } from "./words";

type Say = NonNullable<StationView<"capacitor", CapacitorDetail>["say"]>;

/** The other part of a motor with two, with all that its figures mean. */
function otherSaid(record: Parameters<Say>[0], { other }: LabelDetail, house: Parameters<Say>[3]): readonly Said[] {
  if (other?.state !== "label") return [];
  const its = exchangeParts(record);
  const keyed = its.readings.flatMap((entry) => (entry ? [typedFigure(entry)] : []));
  const [first, ...rest] = capacitorSentences(other, readMoments(its), house);
  return [
    ...said("read", `${PART_NAMES[other.label.kind]}, ${its.label.trim()}: ${keyed.length > 0 ? keyed.join(", ") : "not read"}.`),
    ...said("means", first !== undefined && keyed.length > 0 && [first, ...rest]),
  ];
}

export const capacitorView: StationView<"capacitor", CapacitorDetail> = {
  ...capacitorFace,
  say: (record, { detail }, _facts, house) => {
    if (detail.state === "gone") return said("means", capacitorSentences(detail, [], house));
    if (detail.state !== "label") return said("means", detail.state === "none-fitted" && "No capacitor on this type of motor.");
    const figures = detail.sections.map(percentFigure).filter((figure) => figure !== null);
    const keyed = record.readings.flatMap((entry) => (entry ? [typedFigure(entry)] : []));
    const running = record.running.sections
      .map(({ amps, volts }) => (amps && volts ? `${typedFigure(amps)} at ${typedFigure(volts)} running` : ""))
      .filter(Boolean);
    const measured = [...(keyed.length > 0 ? keyed : []), ...running, ...figures];
    return [
      ...said("read", `${record.label.trim()}${measured.length > 0 ? `: ${measured.join(", ")}` : ""}.`),
      ...said("means", capacitorSentences(detail, readMoments(record), house)),
      ...otherSaid(record, detail, house),
      ...said(
        "read",
        record.discharge.remaining && `${typedFigure(record.discharge.remaining)} left on it after discharge.`,
        record.kit && `Hard-start kit: ${record.kit === "ptc" ? "PTC" : "potential relay and start capacitor"}.`,
      ),
      ...noted(record),
    ];
  },
};
