import type { CapacitorLabel } from "./label/says";

/** What a replacement must be: same µF and kind, volts the same or higher. */
export interface NeededCapacitor {
  readonly sectionsUf: readonly number[];
  /** null when neither plate nor label says; then the part taken out decides */
  readonly atLeastV: number | null;
  readonly kind: CapacitorLabel["kind"];
  /** whose word it is: the plate rules, the fitted part may be the last visitor's mistake */
  readonly asked: "plate" | "label";
}

/**
 * The capacitor to fetch: what the plate asks for, else what the fitted label says; of both voltages the higher.
 * @param plate what the plate asks for; null: not known
 * @param fitted what is fitted; null: not known
 * @returns null when neither names a capacitance
 */
export function neededCapacitor(plate: CapacitorLabel | null, fitted: CapacitorLabel | null): NeededCapacitor | null {
  const source = plate ?? fitted;
  if (source === null) return null;
  const volts = [plate?.ratedV, fitted?.ratedV].filter((volt): volt is number => typeof volt === "number");
  return {
    sectionsUf: source.sections.map((s) => s.nominalUf ?? ((s.lowUf ?? 0) + (s.highUf ?? 0)) / 2),
    atLeastV: volts.length > 0 ? Math.max(...volts) : null,
    kind: source.kind,
    asked: plate ? "plate" : "label",
  };
}
