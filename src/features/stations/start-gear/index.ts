import { typedFigure } from "@/core/quantity";
import type { StationView } from "../../station/contract";
import { GEAR_VIEWS } from "./gear-views";
import { type Detail, sentences } from "./words";

export const startGearView: StationView<"start-gear", Detail> = {
  brief: ({ detail, stamp }) =>
    stamp === "noted" ? "None fitted" : detail.verdict === "not-pressed" ? "Not pressed" : detail.verdict === "welded" ? "Welded" : null,
  say: (record, { detail }) => {
    if (detail.sort === null) return [];
    const { switch: gear, relay, ptc } = record;
    const read = [
      ["at rest", gear.atRest],
      ["actuated", gear.actuated],
      ["coil", relay.coil],
      ["contacts", relay.contact],
      ["cold", ptc.cold],
      ["hot", ptc.hot],
    ] as const;
    const said = read.flatMap(([name, entry]) => (entry?.reading ? [`${name} ${typedFigure(entry)}`] : []));
    return [
      `${GEAR_VIEWS[detail.sort].name}${said.length > 0 ? `: ${said.join(", ")}` : ""}.`,
      ...sentences(detail),
      ...(record.note.trim() ? [record.note.trim()] : []),
    ];
  },
};
