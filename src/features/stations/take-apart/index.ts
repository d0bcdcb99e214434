import type { StationView } from "../contract";
import { ledgerLines, sentences, type Detail } from "./words";

export const takeApartView: StationView<"take-apart", Detail> = {
  title: "Take apart",
  letter: "z",
  methods: { off: "Take apart", back: "Put back" },
  bench: { letter: "z", question: "What came off?" },
  brief: ({ detail }) => ({ "nothing-off": null, apart: "Open", ready: "All back", closed: "Closed" })[detail.state],
  say: (record, { detail, stamp }) => [
    ...(stamp === "not-done" || detail.state === "nothing-off" ? [] : sentences(detail)),
    ...ledgerLines(record),
    ...(record.note.trim() ? [record.note.trim()] : []),
  ],
  instrument: () => import("./Instrument"),
};
