import type { StationView } from "../../station/contract";
import { noted, said } from "../../station/said";
import { GEAR_VIEWS } from "@/features/gear/gear-views";
import { gearReadings } from "@/features/gear/gear-readings";
import { type Detail, sentences } from "./words";

export const startGearView: StationView<"start-gear", Detail> = {
  brief: ({ detail, stamp }) =>
    stamp === "noted" ? "None fitted" : detail.verdict === "not-pressed" ? "Not pressed" : detail.verdict === "welded" ? "Welded" : null,
  say: (record, { detail }) => {
    if (detail.sort === null) return [];
    const readings = gearReadings(record);
    return [
      ...said("read", `${GEAR_VIEWS[detail.sort].name}${readings === "" ? "" : `: ${readings}`}.`),
      ...said("means", sentences(detail)),
      ...noted(record),
    ];
  },
};
