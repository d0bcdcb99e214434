import type { TravellerAssessment } from "@/core/traveller";
import type { StationId } from "@/core/stations";
import { stampWordOf } from "../station/stamp-word-of";
import { viewOf } from "./registry";

/** The word on a station's stamp: its own where it has one. */
export const stampWord = (id: StationId, { stations }: TravellerAssessment): string => stampWordOf(viewOf(id), stations[id]);
