import type { Connection } from "@/core/winding";
import { ELEMENT_WORDS } from "./board-sentences";
import { postName } from "./words";

const PART_WORDS = {
  "run-capacitor": "run capacitor",
  "start-capacitor": "start capacitor",
  switch: "switch or relay",
  protector: "protector",
} as const;

/** The drawing in words, for a screen reader and for the printed page. */
export function describe({ rungs }: Connection, names: readonly string[]): string {
  return rungs
    .map((rung) => {
      const parts = rung.map((part) =>
        part.kind === "post" ? postName(names, part.post) : part.kind === "winding" ? ELEMENT_WORDS[part.cls] : PART_WORDS[part.kind],
      );
      return `L1, ${parts.join(", ")}, L2`;
    })
    .join(". ");
}
