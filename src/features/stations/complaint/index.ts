import { COMPLAINT_WORDS } from "@/features/vocabulary/list-words";
import { clockDay } from "@/features/vocabulary/clock";
import type { StationView } from "../../station/contract";
import { historySentences, type Detail } from "./words";

export const complaintView: StationView<"complaint", Detail> = {
  brief: ({ detail }) => (detail.complaints.length > 0 ? `${detail.complaints.length} noted` : null),
  say: (record, { detail }) => [
    ...(record.complaints.length > 0 ? [`${record.complaints.map((id) => COMPLAINT_WORDS[id]).join(". ")}.`] : []),
    ...historySentences(detail, clockDay),
    ...(record.said.trim() ? [`“${record.said.trim()}”`] : []),
  ],
};
