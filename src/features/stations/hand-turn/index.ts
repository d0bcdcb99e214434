import type { StationView } from "../contract";
import { type Detail, sentences } from "./words";

export const handTurnView: StationView<"hand-turn", Detail> = {
  title: "Turn by hand",
  letter: "t",
  brief: ({ detail }) => (detail.state === "welded-shell" ? "Welded shell" : null),
  say: (record, { detail, stamp }) => [
    ...(stamp === "not-done" ? [] : sentences(detail)),
    ...(record.endPlay ? ["End play beyond the washers."] : []),
    ...(record.note.trim() ? [record.note.trim()] : []),
  ],
  instrument: () => import("./Instrument"),
};
