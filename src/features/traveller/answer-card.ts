import { absenceOf } from "@/core/relevance";
import { cautionsFor } from "@/core/station";
import { STATION_IDS, stationOf, type StationId } from "@/core/stations";
import { studyKey, type Studies, type Study } from "@/core/study";
import {
  earlyFacts,
  methodsOn,
  powerOf,
  stateChangeFor,
  type Ground,
  type StationEntries,
  type TravellerAssessment,
} from "@/core/traveller";
import { toHouse, UNSET_HOUSE, type HouseRecord } from "@/records";
import { assessWithout, toKeptCard, type KeptCard } from "@/store/kept-card";
import { soundRecord } from "@/store/sound";
import { caseWords } from "../line-up/case-words";
import { reasonFor } from "../line-up/evidence";
import { absenceSentence } from "../vocabulary/absence-words";
import { allEarlierReadings } from "../stations/earlier-readings";
import { stampWord } from "../stations/stamp-word";
import type { AnsweredStudy, AskedStudy, CardAnswer, CardRequest, StationPlace, WayIn } from "./card-answer";
import { lastVisit } from "./last-visit";
import { plateCells } from "./plate-cells";
import { stretchesOf } from "@/core/traveller";

/** Answers that came with the request, and a list of every question that was asked. */
function studyOf(answered: readonly AnsweredStudy[]): { readonly study: Study; readonly asked: Map<string, AskedStudy> } {
  const answers = new Map(answered.map(({ kind, question, answer }) => [studyKey(kind, question), answer]));
  const asked = new Map<string, AskedStudy>();
  const study: Study = (kind, question) => {
    const key = studyKey(kind, question);
    const answer = answers.get(key) ?? null;
    asked.set(key, { kind, question, isOpen: answer === null });
    // The key begins with the kind, so that what lies under it is that kind's answer.
    return answer as Studies[typeof kind]["answer"] | null;
  };
  return { study, asked };
}

const groundOf = ({ entries }: KeptCard, { handed }: TravellerAssessment): Ground => ({ early: earlyFacts(entries), stations: handed });

function waysInto(station: StationId, { facts }: TravellerAssessment): readonly WayIn[] {
  const methods = methodsOn(station, facts);
  return (methods.length === 0 ? [null] : methods).map((method) => ({
    method,
    power: powerOf(station, method?.id ?? null),
    gate: stateChangeFor(station, facts.power, method?.id ?? null),
    cautions: cautionsFor(method ?? stationOf(station).definition, facts),
  }));
}

/** What was keyed stays in sight whatever the motor turns out to be. */
function besideOf(id: StationId, { facts }: TravellerAssessment, entries: StationEntries): StationPlace["beside"] {
  const { needs } = stationOf(id).definition;
  const absence = needs === undefined || entries[id] !== undefined ? null : absenceOf(needs, facts);
  return absence && absenceSentence(absence);
}

/** Every station as it stands on the strip. */
export function placesOf(assessment: TravellerAssessment, entries: StationEntries): CardAnswer["places"] {
  const stretches = stretchesOf(assessment);
  const place = (id: StationId): StationPlace => ({
    stamp: assessment.stations[id].stamp,
    stampWord: stampWord(id, assessment),
    stretch: stretches[id],
    beside: besideOf(id, assessment, entries),
    ways: waysInto(id, assessment),
  });
  return Object.fromEntries(STATION_IDS.map((id) => [id, place(id)])) as CardAnswer["places"];
}

const weighedOf = ({ actions, standing, site, life, decisionQuestion }: TravellerAssessment): CardAnswer["weighed"] => ({
  proposals: actions,
  reason: reasonFor(standing, actions[0]),
  hypotheses: standing.hypotheses,
  site,
  life,
  decisionQuestion,
  suspects: standing.suspects.flatMap(({ suspect }) => (suspect === "no-fault" ? [] : [suspect])),
});

/**
 * Assesses a whole card and puts what is only shown into words. Part of a worker; where a browser has none, fetched to the page.
 * @param answered answers to its long questions, as far as they are known
 */
export function answerCard(request: CardRequest, answered: readonly AnsweredStudy[]): CardAnswer {
  const card = toKeptCard(request);
  const house = toHouse(soundRecord("house", { ...UNSET_HOUSE, ...request.house } as HouseRecord));
  const { study, asked } = studyOf(answered);
  const leaveOut = new Set(request.leaveOut);
  const assessment = assessWithout(card, house.figures, study, leaveOut);
  const whole = leaveOut.size === 0 ? null : assessWithout(card, house.figures, study, new Set());
  return {
    house,
    facts: assessment.facts,
    places: placesOf(assessment, card.entries),
    ground: groundOf(card, assessment),
    earlier: card.earlier,
    weighed: weighedOf(assessment),
    case: caseWords(assessment, whole),
    rounds: allEarlierReadings(assessment, house.figures),
    last: lastVisit(request, house.figures, study),
    at: assessment.next.station,
    plate: plateCells(card.entries, assessment),
    asked: [...asked.values()],
  };
}
