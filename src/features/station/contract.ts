import type { Suspect } from "@/core/trade";
import type { Assessment } from "@/core/station";
import type { Facts } from "@/core/facts";
import type { ReactNode } from "react";
import { UNKNOWN_LIFE, type ActionOffer, type DecisionQuestion, type Life, type RepairSite } from "@/core/decision";
import type { Hypothesis } from "@/core/diagnosis";
import type { StationData, StationId } from "@/core/stations";
import type { HouseFigures } from "@/core/house";
import type { House } from "@/records";
import type { Said } from "./said";

/** A record as it should be, from the record as it is. */
export type ChangeRecord<Record> = (record: Record, at: string) => Record;

/** What an instrument is given: its record, how it is judged, and the one way to change it. */
export interface InstrumentProps<Id extends StationId, Detail> {
  readonly record: StationData<Id>;
  readonly assessment: Assessment<Detail>;
  readonly facts: Facts;
  readonly house: House;
  /** runs once, on the record as it stands in this tab, with the moment of the change, ISO 8601 */
  change(change: ChangeRecord<StationData<Id>>): void;
  /** the way of working in hand, where the station has several */
  readonly method: string | null;
  /** everything known of the traveller, for the stations that weigh it */
  readonly weighed: WeighedCard;
}

/** What the whole traveller comes to, for instruments that propose from it. */
export interface WeighedCard {
  readonly proposals: readonly ActionOffer[];
  readonly reason: string;
  readonly hypotheses: readonly Hypothesis[];
  readonly site: RepairSite;
  readonly life: Life;
  /** what is asked of the simulation; null: nothing is weighed */
  readonly decisionQuestion: DecisionQuestion | null;
  /** who can be at fault, the likeliest first */
  readonly suspects: readonly Suspect[];
  /** day of the visit, `YYYY-MM-DD`; null where there is none */
  readonly visitDay: string | null;
  /** the card, for what is put on the shelf from it; null: there is none */
  readonly card: { readonly id: string; readonly name: string } | null;
}

/** A traveller of which nothing is known, as on the bench. */
export const NOTHING_WEIGHED: WeighedCard = {
  proposals: [],
  reason: "",
  hypotheses: [],
  site: { machine: "other" },
  life: UNKNOWN_LIFE,
  decisionQuestion: null,
  suspects: [],
  visitDay: null,
  card: null,
};

/** An instrument; a method's type, so that any station's is one to the screens that treat all alike. */
export type DrawInstrument<Id extends StationId, Detail> = {
  draw(props: InstrumentProps<Id, Detail>): ReactNode;
}["draw"];

/** What a screen at work shows of a station beside its instrument: the word on its stamp, its methods and cautions. */
export interface StationFace<Detail = unknown> {
  /** names of the station's methods, by their ids */
  readonly methods?: Readonly<Record<string, string>>;
  /** sentences of cautions that bite at this station alone, by their codes */
  readonly cautions?: Readonly<Record<string, string>>;
  /** word on the stamp where the plain one says too little */
  brief?(assessment: Assessment<Detail>): string | null;
  /** what to do next at this station, where it knows better than the name of its test */
  move?(assessment: Assessment<Detail>): { readonly title: string; readonly reason: string } | null;
}

/** How a station is told: its face, and its statements. */
export interface StationView<Id extends StationId = StationId, Detail = unknown> extends StationFace<Detail> {
  /** lines of what was listed, where paper has a table of it: found by their words, read out where there is no table */
  list?(record: StationData<Id>): readonly string[];
  /** what was measured, then what it means; for cards and the printed page */
  say(record: StationData<Id>, assessment: Assessment<Detail>, facts: Facts, house: HouseFigures): readonly Said[];
}
