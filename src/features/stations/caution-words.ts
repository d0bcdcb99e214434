import type { CautionCode } from "@/core/station";
import type { StationId } from "@/core/stations";
import { CAUTION_WORDS } from "../vocabulary/words";
import { viewOf } from "./registry";

/** The sentence of a caution at a station: the station's own, else the shared one. */
export function cautionWords(station: StationId, code: CautionCode): string {
  const shared: Readonly<Record<string, string>> = CAUTION_WORDS;
  return viewOf(station).cautions?.[code] ?? shared[code] ?? "";
}
