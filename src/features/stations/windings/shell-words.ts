import { SHELL_FEELS } from "@/core/stations/windings";
import { WARMTH_WORDS } from "@/features/vocabulary/run-words";

export const SHELL_OPTIONS = SHELL_FEELS.map((id) => ({ id, label: WARMTH_WORDS[id] }));
