import type { CautionCode, StationDefinition } from "./definition";
import type { Facts } from "../facts";
import { absenceOf } from "../relevance";

/** Cautions that bite only on some motors; all others always stand. A motor of which nothing is known gets the gravest. */
const ONLY_ON: Readonly<Record<string, (facts: Facts) => boolean>> = {
  "pressurised-terminals": ({ machineKind, motorType }) =>
    machineKind === "hermetic-compressor" || (machineKind === "other" && motorType === "unknown"),
  "oil-filled-can": (facts) => absenceOf("charge", facts) === null,
  "stored-charge": (facts) => absenceOf("charge", facts) === null,
  "press-and-pull": (facts) => absenceOf("balls", facts) === null,
  "flying-key": (facts) => absenceOf("shaft", facts) === null,
  "gas-off": ({ burnsGas }) => burnsGas === true,
  "gas-back": ({ burnsGas }) => burnsGas === true,
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
