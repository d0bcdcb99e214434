import type { CautionCode, StationDefinition } from "./definition";
import type { Facts } from "../facts";

/** Cautions that bite only on some machines; all others always stand. An unknown machine gets them. */
const ONLY_ON: Readonly<Record<string, (facts: Facts) => boolean>> = {
  "pressurised-terminals": ({ machineKind }) => machineKind === "hermetic-compressor" || machineKind === "other",
};

/**
 * The cautions of a station, or of one of its methods, on this motor, in the order they are told.
 * @param definition of the station, or of one of its methods
 * @param facts what is known of the motor
 * @returns codes of cautions
 */
export function cautionsFor(definition: Pick<StationDefinition, "cautions">, facts: Facts): readonly CautionCode[] {
  return definition.cautions.filter((code) => ONLY_ON[code]?.(facts) ?? true);
}
