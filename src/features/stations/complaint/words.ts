import { COMPLAINTS } from "@/core/diagnosis";
import type { STATIONS } from "@/core/stations";
import { COMPLAINT_WORDS } from "@/features/vocabulary/words";

export type Detail = ReturnType<(typeof STATIONS)["complaint"]["assess"]>["detail"];

export const OPTIONS = COMPLAINTS.map((id) => ({ id, label: COMPLAINT_WORDS[id] }));
