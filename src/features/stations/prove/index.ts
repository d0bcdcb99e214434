import type { StationView } from "../../station/contract";
import { type Detail, sentences } from "./words";

export const proveView: StationView<"prove", Detail> = {
  brief: ({ detail, stamp }) => (stamp === "noted" && detail.before ? "Before noted" : stamp === "holds" ? "Proved" : null),
  say: (record, { detail }) => [
    ...(detail.before || detail.after ? sentences(detail) : []),
    ...(record.note.trim() ? [record.note.trim()] : []),
  ],
};
