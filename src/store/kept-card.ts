import { assessTraveller, type StationEntries, type TravellerAssessment } from "@/core/traveller";
import { isSimulated } from "@/core/job";
import type { EarlierVisit } from "@/core/station";
import type { Study } from "@/core/study";
import type { HouseFigures } from "@/core/house";
import type { StationRecord, Traveller, TravellerId } from "@/records";
import type { CardRows } from "./card-rows";
import { readEarlierRows, type EarlierRows, type VisitOf } from "./earlier-rows";
import { motorOf, type Summary } from "./summary";
import type { VemmickDatabase } from "./vemmick-database";
import { soundStations } from "./sound";

/** A card as it is kept: what was keyed on it, and the visits to the same motor before it. */
export interface KeptCard {
  readonly traveller: Traveller;
  readonly entries: StationEntries;
  /** the oldest first */
  readonly earlier: readonly EarlierVisit[];
}

/** Rows by their stations; each was held against its station's schema, or salvaged, when it was read. */
export const toEntries = (rows: readonly StationRecord[]): StationEntries =>
  Object.fromEntries(
    rows.map((row) => [row.stationId, { data: row.data, skippedReason: row.skippedReason, earlier: row.earlier, keyedAt: row.updatedAt }]),
  ) as StationEntries;

/** What was keyed on a visit, as evidence for later ones: what a simulated motor gave is none. */
export const toVisit = (at: string, rows: readonly StationRecord[]): EarlierVisit => ({
  at,
  records: Object.fromEntries(rows.flatMap((row) => (isSimulated(row.data) ? [] : [[row.stationId, row.data]]))),
});

/** A card of rows as they are kept, with everything of them that can be read. */
export const toKeptCard = ({ traveller, rows, earlier }: CardRows): KeptCard => ({
  traveller,
  entries: toEntries(soundStations(rows)),
  earlier: toVisits(earlier),
});

/** Visits to a card's motor before it, the oldest first. */
export async function readEarlier(db: VemmickDatabase, card: VisitOf): Promise<readonly EarlierVisit[]> {
  return toVisits(await readEarlierRows(db, card));
}

/**
 * Visits before each of several cards, as readEarlier has them. What visits to one motor share is read and held against its
 * schema once: card by card, the tenth visit would read nine visits again that the ninth had just read.
 */
export async function readEarlierOfMany(db: VemmickDatabase, cards: readonly VisitOf[]): Promise<readonly (readonly EarlierVisit[])[]> {
  const known = new Map<TravellerId, EarlierVisit>();
  const named = await visitsByMotor(db, [...new Set(cards.map(motorOf))]);
  const cameBackFrom = cards.flatMap(({ callbackOf }) => (callbackOf === null ? [] : [callbackOf]));
  const others = (await db.summaries.bulkGet([...new Set(cameBackFrom)])).filter((row) => row !== undefined);
  const found = cards.map((card) => {
    const before = (named.get(motorOf(card)) ?? []).filter(({ createdAt }) => createdAt < card.createdAt);
    const from = before.some(({ id }) => id === card.callbackOf) ? undefined : others.find(({ id }) => id === card.callbackOf);
    return from ? [...before, from].sort((a, b) => (a.createdAt < b.createdAt ? -1 : 1)) : before;
  });
  const ids = [...new Set(found.flat().map(({ id }) => id))];
  const rows = soundStations(await db.stations.where("travellerId").anyOf(ids).toArray());
  const byCard = new Map<TravellerId, StationRecord[]>(ids.map((id) => [id, []]));
  for (const row of rows) byCard.get(row.travellerId)?.push(row);
  for (const { id, createdAt } of found.flat()) if (!known.has(id)) known.set(id, toVisit(createdAt, byCard.get(id) ?? []));
  return found.map((visits) => visits.flatMap(({ id }) => known.get(id) ?? []));
}

/** Every visit to each motor, the oldest first. */
async function visitsByMotor(db: VemmickDatabase, motors: readonly string[]): Promise<Map<string, readonly Summary[]>> {
  const visits = await Promise.all(
    motors.map((motor) => db.summaries.where("[motor+createdAt]").between([motor, ""], [motor, "\uffff"]).toArray()),
  );
  return new Map(motors.map((motor, index) => [motor, visits[index] ?? []]));
}

/** Earlier visits with everything of their rows that can be read. */
export const toVisits = (earlier: readonly EarlierRows[]): readonly EarlierVisit[] =>
  earlier.map(({ at, rows }) => toVisit(at, soundStations(rows)));

interface Assessed {
  readonly figures: HouseFigures;
  readonly study: Study;
  readonly assessment: TravellerAssessment;
  /** a long question is not answered yet: another answer may change it */
  readonly isOpen: boolean;
}

// Assessing is pure, so one answer a version of a card and a set of figures is enough.
const memory = new WeakMap<KeptCard, Assessed>();

/**
 * The one way to assess a kept card, for every screen, page and print: with its earlier visits, as of the day it was made.
 * @param study who answers the questions that take long
 */
export function assessCard(card: KeptCard, figures: HouseFigures, study: Study): TravellerAssessment {
  return assessKept(card, figures, study).assessment;
}

/** The same, saying whether a long question is still open. */
export function assessKept(card: KeptCard, figures: HouseFigures, study: Study): Pick<Assessed, "assessment" | "isOpen"> {
  const known = memory.get(card);
  // Answers to other cards' questions change nothing here.
  if (known?.figures === figures && (!known.isOpen || known.study === study)) return known;
  let isOpen = false;
  const watched: Study = (station, question) => {
    const answer = study(station, question);
    isOpen ||= answer === null;
    return answer;
  };
  const assessment = assessTraveller(card.entries, figures, card.earlier, watched, { at: card.traveller.createdAt });
  const made = { figures, study, assessment, isOpen };
  memory.set(card, made);
  return made;
}

/** The same with findings left out, to see what changes; not remembered. */
export function assessWithout(card: KeptCard, figures: HouseFigures, study: Study, leaveOut: ReadonlySet<string>): TravellerAssessment {
  if (leaveOut.size === 0) return assessCard(card, figures, study);
  return assessTraveller(card.entries, figures, card.earlier, study, { at: card.traveller.createdAt, leaveOut });
}
