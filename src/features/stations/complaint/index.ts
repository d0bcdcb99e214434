import { PURPOSE_WORDS } from "@/features/vocabulary/end-words";
import { clockDay } from "@/features/vocabulary/clock";
import type { StationView } from "../../station/contract";
import { said } from "../../station/said";
import { historySentences, type Detail } from "./words";
import { COMPLAINT_WORDS } from "@/features/vocabulary/complaint-words";

export const complaintView: StationView<"complaint", Detail> = {
  brief: ({ detail }) =>
    detail.complaints.length > 0 ? `${detail.complaints.length} noted` : detail.purpose === "fault" ? null : PURPOSE_WORDS[detail.purpose],
  say: (record, { detail }) => [
    ...said(
      "read",
      detail.purpose !== "fault" && `${PURPOSE_WORDS[detail.purpose]}.`,
      record.complaints.length > 0 && `${record.complaints.map((id) => COMPLAINT_WORDS[id]).join(". ")}.`,
      historySentences(detail, clockDay),
    ),
    ...said("note", record.said.trim() && `“${record.said.trim()}”`),
  ],
};
