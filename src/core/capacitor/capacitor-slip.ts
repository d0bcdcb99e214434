import { byBands, type SlipJudge, type SlipKind } from "../quantity";

/* What a part shows, sound or faulty, as parts of its rating; beyond it a slip of the finger is likelier. Trade judgement. */

/** A part that lost half its value is common; one that gained half is not. */
const CAPACITOR_SEEN = { low: 0.55, high: 1.5 } as const;
/** No part reads three times its rating, however it failed. */
const CAPACITOR_MOST = 3;

/**
 * A capacitance against the limits of its section. A low figure is a weak part sooner than two digits exchanged.
 * @param limits limits it is held against
 * @param readingUf what the meter showed [µF]
 * @returns what is plausible at all, and what the rest asks for
 */
export function capacitorJudge(
  limits: { readonly lowUf: number; readonly highUf: number; readonly ratedUf: number },
  readingUf: number,
): SlipJudge {
  const kinds: readonly SlipKind[] = readingUf > limits.ratedUf ? ["point", "prefix", "exchanged", "digit"] : ["point", "prefix"];
  return byBands(
    { low: CAPACITOR_SEEN.low * limits.ratedUf, high: CAPACITOR_SEEN.high * limits.ratedUf },
    { low: limits.lowUf, high: limits.highUf },
    kinds,
    CAPACITOR_MOST * limits.ratedUf,
  );
}
