import type { StationView } from "../../station/contract";
import { said } from "../../station/said";
import { type Detail, sentences } from "./words";

export const decideView: StationView<"decide", Detail> = {
  brief: ({ detail }) => (detail.action ? "Decided" : null),
  say: (record, { detail }) => said("means", sentences(record, detail)),
};
