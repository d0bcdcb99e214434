import type { StationView } from "../../station/contract";
import { noted, said } from "../../station/said";
import { type Detail, sentences } from "./words";

export const proveView: StationView<"prove", Detail> = {
  brief: ({ detail, stamp }) =>
    stamp === "open" ? "Not proved yet" : stamp === "noted" && detail.before ? "Before noted" : stamp === "holds" ? "Proved" : null,
  say: (record, { detail }) => [
    ...said(
      "means",
      (detail.before || detail.after || record.afterRotation || Object.keys(record.lines).length > 0) && sentences(detail, record),
    ),
    ...noted(record),
  ],
};
