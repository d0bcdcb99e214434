import { endReached } from "@/core/traveller";
import { plainFound } from "@/features/print/plain-found";
import { causeSentences, doneOn, doneSentences, nowSentences } from "@/features/print/report-words";
import { saidAt } from "@/features/stations/registry";
import { stampWord } from "@/features/stations/stamp-word";
import { readingsIn } from "@/core/job";
import { STATION_IDS } from "@/core/stations";
import { isReadyToFinish, type TravellerAssessment } from "@/core/traveller";
import type { KeptCard } from "@/store/kept-card";
import { assess, HOUSE, nowOf, recordOf, type Job } from "@/core/technicians/job";
import type { Broken } from "./rules";

/** A job that came to its end is signed off. */
export const signedOffAt = (job: Job): string | null => (job.keyedAt.has("end") && isReadyToFinish(assess(job)) ? nowOf(job) : null);

/** The card as it is kept, for the papers. */
export const cardOf = (job: Job): KeptCard =>
  ({
    traveller: {
      id: `walk-${job.seed}`,
      machine: "fan",
      site: "yard",
      createdAt: "2026-11-30T08:00:00.000Z",
      finishedAt: signedOffAt(job),
      updatedAt: "",
    },
    entries: job.entries,
    earlier: [],
  }) as unknown as KeptCard;

/** What a customer reads. */
export function customerReads(job: Job, assessment: TravellerAssessment): readonly string[] {
  const card = cardOf(job);
  const end = endReached(assessment.stations, card.traveller.finishedAt);
  const works = doneOn(assessment, end);
  return [
    ...plainFound(assessment, true),
    ...causeSentences(assessment),
    ...doneSentences(works),
    ...nowSentences(card, assessment, end, works),
  ];
}

/** What the card itself says, station by station. */
export const cardSays = (job: Job, assessment: TravellerAssessment): readonly string[] =>
  STATION_IDS.flatMap((id) => [stampWord(id, assessment), ...saidAt(id, job.entries[id]?.data, assessment, HOUSE)]);

const FIGURE = /(\d[\d\u2009\u202f ]*(?:\.\d+)?)[\s\u00a0\u202f](A|µF|V|Ω|kΩ|MΩ|GΩ|rpm|s)\b/g;

/** Figures of a text with their units. */
const figuresIn = (text: string): readonly string[] =>
  [...text.matchAll(FIGURE)].map(([, number = "", unit = ""]) => `${Number(number.replaceAll(/[\s\u2009\u202f]/g, ""))} ${unit}`);

/** What the papers say that the card does not, or that nobody measured. */
export function paperFaults(job: Job, assessment: TravellerAssessment): readonly Broken[] {
  const paper = customerReads(job, assessment);
  const holes = paper.filter((sentence) => /undefined|NaN|null|\{|\}/.test(sentence));
  const keyed = readingsIn(job.entries).map(({ text }) => Number.parseFloat(text));
  const spoken = new Set(cardSays(job, assessment).flatMap(figuresIn));
  const isKnown = (figure: string): boolean => {
    const value = Number.parseFloat(figure);
    return spoken.has(figure) || keyed.some((each) => each === value || Math.abs(each / value - 1) < 0.006);
  };
  const unmeasured = paper.filter(
    (sentence) =>
      /\b(?:drew|draws|reads|turned|turns at|took|takes|got|gets)\b/.test(sentence) &&
      figuresIn(sentence)
        .slice(0, 1)
        .some((figure) => !isKnown(figure)),
  );
  const isDone = recordOf(job, "prove").afterBehaviour === "starts";
  const saysWorks = paper.some((sentence) => /^It (?:works again|runs as it should):/.test(sentence));
  return [
    ...holes.map((what) => ({ code: "paper-has-a-hole", what })),
    ...unmeasured.map((what) => ({ code: "paper-figure-nobody-measured", what })),
    ...(saysWorks && !isDone ? [{ code: "paper-says-it-works-unproved", what: paper.join(" ") }] : []),
  ];
}
