import type { CautionCode } from "@/core/station";
import type { StationId } from "@/core/stations";
import { cautionWordsOf } from "../station/caution-words-of";
import { viewOf } from "./registry";

/** The sentence of a caution at a station: the station's own, else the shared one. */
export const cautionWords = (station: StationId, code: CautionCode): string => cautionWordsOf(viewOf(station), code);
