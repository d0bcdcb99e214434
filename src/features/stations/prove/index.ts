import type { StationView } from "../../station/contract";
import { type Detail, sentences } from "./words";

export const proveView: StationView<"prove", Detail> = {
  brief: ({ detail, stamp }) =>
    stamp === "open" ? "Not proved yet" : stamp === "noted" && detail.before ? "Before noted" : stamp === "holds" ? "Proved" : null,
  say: (record, { detail }) => [
    ...(detail.before || detail.after || record.afterRotation || Object.keys(record.lines).length > 0 ? sentences(detail, record) : []),
    ...(record.note.trim() ? [record.note.trim()] : []),
  ],
};
