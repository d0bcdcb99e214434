import type { StationContext } from "../../station";
import { knownMotor, plateCapacitorFor, sectionFor } from "../../facts";
import { ratedUfOf, type CapacitorLabel } from "../../capacitor";
import type { EffectQuestion } from "../../motor";
import type { SectionVerdict } from "./section";

/** A value this close to the one it should be does what it should. */
const AS_IT_SHOULD = 0.04;

/** What the machine model is asked about a value; null while there is none, it is as it should be, or there is no model. */
export function effectQuestionOf(
  label: CapacitorLabel,
  sections: readonly SectionVerdict[],
  own: number | null,
  { facts }: StationContext,
): EffectQuestion | null {
  const section = own === null ? undefined : label.sections[own];
  const verdict = own === null ? undefined : sections[own];
  // Without a figure of the plate there is no motor to speak of.
  if (facts.fullLoadA === null && facts.powerW === null) return null;
  const foundUf = verdict?.joint?.capacitanceUf;
  if (!section || foundUf === undefined) return null;
  // The plate's value is what the motor was made for, whatever part was fitted since.
  const asked = plateCapacitorFor(facts, label.kind);
  const wanted = asked?.kind === label.kind ? sectionFor(asked, facts.machineKind) : undefined;
  const wantedUf = ratedUfOf(wanted ?? section);
  const scale = foundUf / wantedUf;
  if (!(Math.abs(scale - 1) > AS_IT_SHOULD)) return null;
  const known = knownMotor({ ...facts, fittedCapacitor: facts.fittedCapacitor ?? label });
  return known.ok ? { knowledge: known.value.knowledge, scale } : null;
}
