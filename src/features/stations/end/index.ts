import { END_STAMPS } from "@/features/vocabulary/end-words";
import type { StationView } from "../../station/contract";
import { said } from "../../station/said";
import { type Detail, sentences } from "./words";

export const endView: StationView<"end", Detail> = {
  brief: ({ detail, stamp }) => (detail.end === null || stamp === "not-done" || stamp === "open" ? null : END_STAMPS[detail.end]),
  say: (record, { detail, stamp }) => said("means", stamp !== "not-done" && sentences(record, detail)),
};
