import {
  decisionQuestion,
  pricesInForce,
  rankActions,
  type ActionOffer,
  type DecisionQuestion,
  type Life,
  type RepairSite,
} from "../decision";
import { contradictionsOf, findingKey, houseWeights, weighEvidence, type Contradiction, type Finding, type Standing } from "../diagnosis";
import type { HouseFigures } from "../house";
import type { EarlierVisit } from "../station";
import type { CardFacts, StationId } from "../stations";
import { NO_STUDY, type Study } from "../study";
import { assessStations, type Rounds } from "./assess-stations";
import { modelFor, siteOf } from "./costs";
import type { StationAssessments, StationEntries } from "./entries";
import type { Ground } from "./ground";
import { jobState } from "./job-state";
import { openedAgainBy, standingLeft } from "./reopened";
import { nextStep, type NextStep } from "./next-step";
import { stateChangeFor } from "./ways";

export interface TravellerAssessment {
  readonly stations: StationAssessments;
  /** what each station hands on to those after it */
  readonly handed: Ground["stations"];
  /** what was set aside at each station before it was read anew */
  readonly rounds: Rounds;
  readonly facts: CardFacts;
  readonly findings: readonly Finding[];
  /** what was found, weighed; once a proof spoke against a work, what is left beside it */
  readonly standing: Standing;
  /** what was decided is done, and the proof says that it was not that: tests and decision come once more */
  readonly isOpenAgain: boolean;
  /** findings that cannot both be the whole truth */
  readonly contradictions: readonly Contradiction[];
  /** findings a person left out to see what changes; they are not weighed */
  readonly leftOut: readonly Finding[];
  readonly next: NextStep;
  /** what it would cost, and cure, to stop now; the best first */
  readonly actions: readonly ActionOffer[];
  /** what the actions were weighed with */
  readonly site: RepairSite;
  readonly life: Life;
  /** what is asked of the simulation: what each way on may cost in all, and what the choice hinges on */
  readonly decisionQuestion: DecisionQuestion;
  /** station that would have to come first if the next one needs the other power state */
  readonly stateChange: StationId | null;
}

const NOTHING_WEIGHED: Standing = { hypotheses: [{ faults: [], probability: 1 }], suspects: [] };

export interface AssessOptions {
  /** keys of findings that a person leaves out, to see what changes */
  readonly leaveOut?: ReadonlySet<string>;
  /** when the card was made, ISO 8601: how long ago an earlier repair was */
  readonly at?: string | null;
}

/**
 * Everything derived from one traveller's records: each station's assessment in working order (facts handed on from one
 * to the next), the line-up, the next move, and what the actions would cost.
 * Pure: the same records and house rules give the same answer.
 * @param entries what was keyed at each station
 * @param house house rules in force
 * @param earlier visits to the same motor, the oldest first
 * @param study who answers the questions that take long; what they decide is open until then
 * @param options findings left out, and the day of the card
 * @returns every station's assessment, the line-up, the next step, and what the actions cost
 */
export function assessTraveller(
  entries: StationEntries,
  house: HouseFigures,
  earlier: readonly EarlierVisit[] = [],
  study: Study = NO_STUDY,
  { leaveOut = new Set(), at = null }: AssessOptions = {},
): TravellerAssessment {
  const { stations, facts, findings: all, handed, rounds } = assessStations(entries, house, earlier, study, at);
  const leftOut = all.filter((finding) => leaveOut.has(findingKey(finding)));
  const findings = all.filter((finding) => !leaveOut.has(findingKey(finding)));
  // Of a motor that is none of ours nothing is accused, and nothing acquitted.
  const weighed =
    facts.notOurs !== null
      ? NOTHING_WEIGHED
      : weighEvidence(
          {
            type: facts.motorType,
            machine: facts.machineKind,
            ageYears: facts.ageYears,
            gear: facts.startGear,
            drive: facts.drive,
            isOnBench: facts.purpose === "spare",
          },
          { complaints: facts.complaints, isRoutine: facts.isRoutine, findings, history: facts.history, ruledOut: facts.ruledOut },
          houseWeights(house),
        );
  const job = jobState(entries, stations, facts);
  const openedBy = openedAgainBy(job, stations, facts);
  const standing = openedBy === "proof" || openedBy === "hand" ? standingLeft(weighed, facts, stations) : weighed;
  const { machineYearsLeft } = stations.decide.detail;
  const life: Life = { motorAgeYears: facts.ageYears, machineYearsLeft };
  const site = siteOf(facts, findings);
  const model = modelFor(house, site, life, facts);
  const actions = facts.notOurs !== null ? [] : rankActions(standing.hypotheses, model);
  // What was found stays a bar to running the motor, whatever a person leaves out of the weighing.
  const next = nextStep({ stations, facts, standing, findings: all, actions, house, model, job, isOpenAgain: openedBy !== null });
  const method = "method" in next ? next.method : null;
  return {
    stations,
    handed,
    rounds,
    facts,
    findings,
    leftOut,
    standing,
    isOpenAgain: openedBy !== null,
    contradictions: contradictionsOf(weighed),
    next,
    actions,
    site,
    life,
    decisionQuestion: decisionQuestion({
      hypotheses: standing.hypotheses,
      offers: actions,
      house,
      site,
      life,
      job: facts.bearingJob,
      prices: pricesInForce(facts.quotedPrices, house.hourlyRate),
    }),
    stateChange: stateChangeFor(next.station, facts.power, method),
  };
}
