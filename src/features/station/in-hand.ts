import type * as v from "valibot";
import type { ComponentType } from "react";
import type { TimedStation } from "@/core/job";
import { describedBy, type Assessment, type Station, type StationContext, type StationDefinition } from "@/core/station";
import type { StationData, StationId } from "@/core/stations";
import type { DrawInstrument, InstrumentProps, StationFace } from "./contract";

/** A station with all it takes to work at it on a screen, without its own types: screens treat all alike. */
export interface StationInHand {
  readonly definition: StationDefinition<StationId>;
  readonly schema: v.GenericSchema;
  readonly blank: StationData<StationId>;
  /** what of it bears on as found and now */
  readonly timed: TimedStation;
  readonly assess: (record: StationData<StationId>, context: StationContext) => Assessment;
  /** what it says is told where it is read: on cards, lists and paper */
  readonly view: StationFace;
  readonly Instrument: ComponentType<InstrumentProps<StationId, unknown>>;
}

/** Brings together what a station is, how it is shown, and its instrument; parts of different stations do not compile. */
export function toHand<Id extends StationId, Schema extends v.GenericSchema<StationData<Id>>, Detail, Own extends object>(
  station: Station<Id, Schema, Detail, Own>,
  view: StationFace<Detail>,
  Instrument: DrawInstrument<Id, Detail>,
): StationInHand {
  const { definition, schema, blank } = station;
  const timed: TimedStation = { reads: definition.reads, blank, describe: (record) => describedBy(station as never, record) };
  const assess = station.assess.bind(station) as StationInHand["assess"];
  return { definition, schema, blank, timed, assess, view: view as StationFace, Instrument: Instrument as never };
}
