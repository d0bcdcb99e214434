import type { StationView } from "../../station/contract";
import { noted, said } from "../../station/said";
import { ledgerLines, sentences, STATE_WORDS, type Detail } from "./words";

export const takeApartView: StationView<"take-apart", Detail> = {
  methods: { off: "Take apart", back: "Put back" },
  brief: ({ detail }) => STATE_WORDS[detail.state],
  move: ({ detail }) =>
    detail.state === "nothing-off"
      ? { title: "Take it apart", reason: "List each part as it comes off, with its place: the way back is the same list from its end." }
      : { title: "Put it back, and close it", reason: "It lies open. No power until every part and wire is back and it turns free." },
  list: ledgerLines,
  say: (record, { detail, stamp }) => [
    ...said("means", stamp !== "not-done" && detail.state !== "nothing-off" && sentences(detail)),
    ...noted(record),
  ],
};
