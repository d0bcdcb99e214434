import type { StationView } from "../../station/contract";
import { type Detail, sentence } from "./words";

export const powerBackView: StationView<"power-back", Detail> = {
  brief: ({ detail }) => (detail.isLive ? "Live" : null),
  say: (_record, { detail }) => (detail.isLive ? [sentence(detail)] : []),
};
