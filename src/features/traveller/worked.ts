import type { HouseRuleId } from "@/core/house";
import type { TimedStation } from "@/core/job";
import type { Assessment } from "@/core/station";
import type { CardFacts, StationData, StationId } from "@/core/stations";
import type { ChangeRecord } from "../station/contract";
import type { StationInHand } from "../station/in-hand";

/** The station in hand as it stands: what it takes to work there, and what it comes to. */
export interface Worked {
  readonly hand: StationInHand;
  readonly record: StationData<StationId>;
  readonly assessment: Assessment;
  readonly facts: CardFacts;
  /** house rules it was judged by */
  readonly rules: readonly HouseRuleId[];
}

/** What comes next, in words, and where that is done. */
export interface NextStation {
  readonly title: string;
  readonly target: StationId;
  readonly method: string | null;
}

/** Opens a station, at one of its methods where it has several. */
export type GoTo = (station: StationId, method?: string | null) => void;

/** Changes what is keyed at a station: on the screen at once, and kept. */
export type ChangeStation = (station: StationId, apply: ChangeRecord<StationData<StationId>>, timed?: TimedStation) => void;

/** Sets what stands at a station aside, to read it anew. */
export type ReadAgain = (station: StationId, timed: TimedStation) => void;
