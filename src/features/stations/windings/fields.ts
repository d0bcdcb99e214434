import { windingsRecord } from "@/core/stations/windings";
import { rowsOf } from "@/features/form/rows";
import { WARMTH_WORDS } from "@/features/vocabulary/run-words";
import type { WindingsProps } from "./props";

/** What the first known figure is of: a board has a main winding, two halves of one, or a single coil. */
const MAIN_LABELS = { main: "Main winding", half: "Main winding, each half", coil: "The coil" } as const;
const mainClass = ({ assessment }: WindingsProps): keyof typeof MAIN_LABELS =>
  assessment.detail.elements.map(({ cls }) => cls).find((cls) => cls === "half" || cls === "coil") ?? "main";

/** Beside the board itself, its pairs and what lies between its speeds. */
export const ROWS = rowsOf<WindingsProps>()(windingsRecord, {
  testLeads: { label: "Test leads together", isAside: true },
  shell: {
    label: "The shell of the motor, felt now",
    words: WARMTH_WORDS,
    when: ({ assessment }) => assessment.detail.asksShell,
  },
  note: { label: "Note", rows: 1 },
  "compare.temperature": { label: "Winding temperature" },
  "compare.referenceOf": { label: "Whose", words: { maker: "Maker or plate", sister: "Sister motor" } },
  "compare.referenceMain": { label: (given) => MAIN_LABELS[mainClass(given)] },
  "compare.referenceStart": { label: "Start winding", when: (given) => mainClass(given) !== "coil" },
  "compare.referenceC": { label: "At", example: "20" },
  "compare.hot": { label: "Reads hot" },
  "compare.ambient": { label: "Air around it" },
});
