import type { StationView } from "../../station/contract";
import { said } from "../../station/said";
import { INCOMING_WORDS } from "@/features/vocabulary/swap-words";
import { sentences, type Detail } from "./words";

export const outInView: StationView<"out-in", Detail> = {
  cautions: { "swap-dead": "Nothing comes out or goes in before the circuit is off, locked and proven dead." },
  methods: { parts: "Out and in", match: "Match", quotes: "Quotes" },
  brief: ({ detail, stamp }) => {
    if (stamp === "out") return INCOMING_WORDS.wrong;
    if (detail.works.some(({ isOnOrder }) => isOnOrder)) return "On order";
    return stamp === "holds" ? INCOMING_WORDS.right : null;
  },
  say: (record, { detail }) => said("means", sentences(record, detail)),
};
