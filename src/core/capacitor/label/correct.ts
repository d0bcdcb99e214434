import { ok, type Failure, type Result } from "../../result";
import type { CapacitorKind } from "../kind";
import { parseCapacitorLabel } from "./label";
import { LABEL_PARTS, labelParts, type LabelPart } from "./print";
import type { CapacitorLabel } from "./says";

/** What a person put right: text of single parts as a label would print it (empty: not on the label), and the kind. */
export interface LabelCorrections {
  readonly parts: Readonly<Partial<Record<LabelPart, string>>>;
  readonly kind: CapacitorKind | null;
}

/** Hertz are two choices on every motor label; a bare number in that part means them. */
const UNIT_OF_PART: Partial<Record<LabelPart, string>> = { capacitance: "µF", tolerance: "%", volts: "V", hertz: "Hz", temperature: "°C" };
const UNIT_PRESENT: Partial<Record<LabelPart, RegExp>> = {
  capacitance: /f|mfd|mf/i,
  tolerance: /%/,
  volts: /v/i,
  hertz: /hz/i,
  temperature: /c/i,
};

/** A corrected part is keyed without its unit as often as with it. */
function withUnit(part: LabelPart, text: string): string {
  const unit = UNIT_OF_PART[part];
  return text === "" || unit === undefined || UNIT_PRESENT[part]?.test(text) ? text : `${text} ${unit}`;
}

/**
 * Lays a person's corrections over what was read. The text itself is kept as it was keyed.
 * @param label what the label says
 * @param corrections what a person corrected by hand
 * @returns the corrected label, or why a correction cannot be read
 * @errors those of parseCapacitorLabel, when a corrected part cannot be read
 */
export function correctLabel(label: CapacitorLabel, corrections: LabelCorrections): Result<CapacitorLabel, Failure> {
  const changed = LABEL_PARTS.filter((part) => corrections.parts[part] !== undefined);
  let corrected = label;
  if (changed.length > 0) {
    const parts = labelParts(label);
    for (const part of changed) parts[part] = withUnit(part, (corrections.parts[part] ?? "").trim());
    const parsed = parseCapacitorLabel([...Object.values(parts), ...label.notes].filter(Boolean).join(" "));
    if (!parsed.ok) return parsed;
    corrected = parsed.value;
  }
  return corrections.kind === null ? ok(corrected) : ok({ ...corrected, kind: corrections.kind, kindReason: "chosen by hand" });
}
