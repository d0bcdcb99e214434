import type { CautionCode } from "@/core/station";
import { CAUTION_WORDS } from "../vocabulary/caution-words";
import type { StationView } from "./contract";

/** The sentence of a caution: the station's own, else the shared one. */
export function cautionWordsOf({ cautions }: Pick<StationView, "cautions">, code: CautionCode): string {
  const shared: Readonly<Record<string, string>> = CAUTION_WORDS;
  return cautions?.[code] ?? shared[code] ?? "";
}
