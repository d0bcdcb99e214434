import type { StationView } from "../../station/contract";
import { type Detail, sentences, SORT_WORDS } from "./words";

export const startGearView: StationView<"start-gear", Detail> = {
  title: "Start gear",
  letter: "e",
  bench: { letter: "s", question: "Does the start gear work?" },
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
      `${SORT_WORDS[detail.sort]}${read.length > 0 ? `: ${read.join(", ")}` : ""}.`,
      ...sentences(detail),
      ...(record.note.trim() ? [record.note.trim()] : []),
    ];
  },
  instrument: () => import("./Instrument"),
};
