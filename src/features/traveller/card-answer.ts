import type { EarlierReading } from "../stations/earlier-readings";
import type { CardFacts, StationId } from "@/core/stations";
import type { CautionCode, EarlierVisit, Stamp, StationMethod, StationPower } from "@/core/station";
import type { Studies, StudyKind } from "@/core/study";
import type { Ground } from "@/core/traveller";
import type { House, TravellerId } from "@/records";
import type { CardRows } from "@/store/card-rows";
import type { Loose } from "@/core/kept";
import type { CaseWords } from "../line-up/case-words";
import type { WeighedCard } from "../station/contract";
import type { Stretch } from "@/core/traveller";

/** A long question of a card. */
export interface AskedStudy<Kind extends StudyKind = StudyKind> {
  readonly kind: Kind;
  readonly question: Studies[Kind]["question"];
  /** no answer came with the request */
  readonly isOpen: boolean;
}

/** The same, with its answer. */
export interface AnsweredStudy extends Omit<AskedStudy, "isOpen"> {
  readonly answer: Studies[StudyKind]["answer"];
}

/** What the whole card is assessed from, as plain data. */
export interface CardRequest extends CardRows {
  /** the house's record, as it is kept */
  readonly house: Loose;
  /** keys of findings that a person leaves out */
  readonly leaveOut: readonly string[];
}

/** A way to work at a station: the state it needs, what has to come first, and where it can hurt. */
export interface WayIn {
  readonly method: StationMethod | null;
  readonly power: StationPower;
  /** station that brings the circuit into that state; null: it is in it */
  readonly gate: StationId | null;
  readonly cautions: readonly CautionCode[];
}

/** A station as it stands on the strip, and how it is opened. */
export interface StationPlace {
  readonly stamp: Stamp;
  readonly stampWord: string;
  readonly stretch: Stretch;
  /** nothing to do here on this motor: why, in a sentence; null: it belongs to it, or something was keyed there */
  readonly beside: string | null;
  /** the usual one first */
  readonly ways: readonly WayIn[];
}

/** What was found and done on the visit before this one, in words: to be read beside what is found now. */
export interface LastVisit {
  readonly id: TravellerId;
  readonly at: string;
  /** this card came back from it */
  readonly isCallback: boolean;
  /** what was decided and done; empty: nothing was */
  readonly repair: readonly string[];
  readonly stations: { readonly [Id in StationId]?: LastStation };
}

/** A station as it stood then. */
export interface LastStation {
  readonly stamp: Stamp;
  readonly stampWord: string;
  readonly said: readonly string[];
  /** names or data addresses of its photos */
  readonly photos: readonly string[];
  /** what of it outlasts the visit, as the record to start with; null: it is taken anew */
  readonly takes: object | null;
}

/** What the whole card comes to, in words where it is only shown: plain data, made away from the screen. */
export interface CardAnswer {
  readonly house: House;
  readonly facts: CardFacts;
  readonly places: { readonly [Id in StationId]: StationPlace };
  /** what the station in hand is assessed on, on the screen itself */
  readonly ground: Ground;
  readonly earlier: readonly EarlierVisit[];
  readonly weighed: Omit<WeighedCard, "visitDay" | "card">;
  readonly case: CaseWords;
  /** null: nobody was here before */
  readonly last: LastVisit | null;
  /** what was set aside at each station before it was read anew, in words */
  readonly rounds: { readonly [Id in StationId]?: readonly EarlierReading[] };
  /** where the work stands */
  readonly at: StationId;
  readonly plate: readonly (readonly [name: string, value: string])[];
  /** every long question, each once */
  readonly asked: readonly AskedStudy[];
}
