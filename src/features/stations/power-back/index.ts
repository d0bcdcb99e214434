import type { StationView } from "../../station/contract";
import { said } from "../../station/said";
import { type Detail, sentence } from "./words";

export const powerBackView: StationView<"power-back", Detail> = {
  brief: ({ detail }) => (detail.isLive ? "Live" : null),
  say: (_record, { detail }) => said("means", detail.isLive && sentence(detail)),
};
