import type { StationContext } from "../../station";
import { parseCapacitorLabel, type CapacitorLabel } from "../../capacitor";
import type { Failure } from "../../result";
import { BLANK_CAPACITOR, type CapacitorRecord } from "./record";
import { judgeSection, type SectionVerdict } from "./section";

/** The other capacitor of a motor that has a start and a run part: its label, and what the meter showed. */
export type SecondPart =
  | { readonly state: "none" }
  | { readonly state: "unread"; readonly failure: Failure }
  | { readonly state: "label"; readonly label: CapacitorLabel; readonly section: SectionVerdict };

/** Motors that have two capacitors of two kinds. */
export const hasTwoParts = ({ facts }: Pick<StationContext, "facts">): boolean => facts.motorType === "cap-start-run";

/** Judges the second part by meter against its own label, as the first is. */
export function judgeSecond({ second }: CapacitorRecord, context: StationContext): SecondPart {
  if (second.label.trim() === "") return { state: "none" };
  const parsed = parseCapacitorLabel(second.label);
  if (!parsed.ok) return { state: "unread", failure: parsed.failure };
  const alone: CapacitorRecord = {
    ...BLANK_CAPACITOR,
    label: second.label,
    readings: [second.reading],
    overLimit: second.overLimit,
    isIsolated: true,
  };
  return { state: "label", label: parsed.value, section: judgeSection(parsed.value, 0, alone, context) };
}
