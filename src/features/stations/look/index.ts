import type { StationView } from "../../station/contract";
import { type Detail, sentences, brief } from "./words";

export const lookView: StationView<"look", Detail> = {
  brief: ({ detail }) => brief(detail),
  say: (record, { detail }) => [
    ...(detail.state === "not-done" ? [] : sentences(detail)),
    ...(record.note.trim() ? [record.note.trim()] : []),
  ],
};
