import type { ComponentType } from "react";
import type { Assessment } from "@/core/station";
import type { Facts } from "@/core/facts";
import type { StationData, StationId } from "@/core/stations";
import type { HouseFigures } from "@/core/house";

/** What a station puts on paper beside its sentences. */
export interface PaperProps<Id extends StationId = StationId, Detail = unknown> {
  readonly record: StationData<Id>;
  readonly assessment: Assessment<Detail>;
  readonly facts: Facts;
  readonly house: HouseFigures;
}

/** A drawing, a table or photos for paper; nothing to press. */
export type Paper = ComponentType<PaperProps>;
