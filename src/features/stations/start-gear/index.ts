import type { StationView } from "../../station/contract";
import { GEAR_VIEWS } from "./gear-views";
import { gearReadings } from "./gear-readings";
import { type Detail, sentences } from "./words";

export const startGearView: StationView<"start-gear", Detail> = {
  brief: ({ detail, stamp }) =>
    stamp === "noted" ? "None fitted" : detail.verdict === "not-pressed" ? "Not pressed" : detail.verdict === "welded" ? "Welded" : null,
  say: (record, { detail }) => {
    if (detail.sort === null) return [];
    const said = gearReadings(record);
    return [
      `${GEAR_VIEWS[detail.sort].name}${said === "" ? "" : `: ${said}`}.`,
      ...sentences(detail),
      ...(record.note.trim() ? [record.note.trim()] : []),
    ];
  },
};
