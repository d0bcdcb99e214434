import { COMPLAINT_WORDS } from "@/features/vocabulary/words";
import type { StationView } from "../contract";
import { type Detail } from "./words";

export const complaintView: StationView<"complaint", Detail> = {
  title: "Complaint",
  letter: "c",
  brief: ({ detail }) => (detail.complaints.length > 0 ? `${detail.complaints.length} noted` : null),
  say: (record) => [
    ...(record.complaints.length > 0 ? [`${record.complaints.map((id) => COMPLAINT_WORDS[id]).join(". ")}.`] : []),
    ...(record.said.trim() ? [`“${record.said.trim()}”`] : []),
  ],
  instrument: () => import("./Instrument"),
};
