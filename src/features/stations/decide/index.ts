import type { StationView } from "../../station/contract";
import { type Detail, sentences } from "./words";

export const decideView: StationView<"decide", Detail> = {
  brief: ({ detail }) => (detail.action ? "Decided" : null),
  say: (record, { detail }) => sentences(record, detail),
};
