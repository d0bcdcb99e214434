import type { StationView } from "../../station/contract";
import { noted, said } from "../../station/said";
import { type Detail, sentences, brief } from "./words";

export const lookView: StationView<"look", Detail> = {
  brief: ({ detail }) => brief(detail),
  say: (record, { detail }) => [...said("means", detail.state !== "not-done" && sentences(detail)), ...noted(record)],
};
