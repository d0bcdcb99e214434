import type { StationView } from "../../station/contract";
import { GEAR_VIEWS } from "./gear-views";
import { type Detail, sentences } from "./words";

export const startGearView: StationView<"start-gear", Detail> = {
  brief: ({ detail, stamp }) =>
    stamp === "noted" ? "None fitted" : detail.verdict === "not-pressed" ? "Not pressed" : detail.verdict === "welded" ? "Welded" : null,
  say: (record, { detail }) => {
    if (detail.sort === null) return [];
    const read = [
      record.switch.atRest,
      record.switch.actuated,
      record.relay.coil,
      record.relay.contact,
      record.ptc.cold,
      record.ptc.hot,
    ].flatMap((entry) => (entry?.reading ? [`${entry.text.trim()}${/\d$/.test(entry.text.trim()) ? " Ω" : ""}`] : []));
    return [
      `${GEAR_VIEWS[detail.sort].name}${read.length > 0 ? `: ${read.join(", ")}` : ""}.`,
      ...sentences(detail),
      ...(record.note.trim() ? [record.note.trim()] : []),
    ];
  },
};
