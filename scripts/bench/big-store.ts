import { seriesFrom } from "@/core/numeric";
import { demoParts, demoRecords } from "@/records/demo";
import type { Part, StationRecord, Traveller, TravellerId } from "@/records";

/** A store of a busy house: cards, what was keyed on them, and the shelf. */
export interface BigStore {
  readonly travellers: readonly Traveller[];
  readonly stations: readonly StationRecord[];
  readonly parts: readonly Part[];
}

export interface BigStoreSize {
  readonly cards: number;
  readonly parts: number;
}

const SITES = [
  "Brackwater Nursery",
  "Pell Street Bakery",
  "Lantern Row Laundrette",
  "Minnow Lido",
  "Old Customs House",
  "Tollgate Cinema",
  "Osier Dairy",
];
const PLACES = ["bay", "hall", "roof", "cellar", "line", "room"];
const HOUR_MS = 3_600_000;
/** Visits to one motor, on the average; the first motor has eight. */
const VISITS = 4;
/** One card in so many is still on the rack. */
const OPEN_EACH = 20;

/** Moves every moment of a record by so many milliseconds. */
function moved<T>(value: T, byMs: number): T {
  const text = JSON.stringify(value, (_, each: unknown) =>
    typeof each === "string" && /^\d{4}-\d\d-\d\dT[\d:.]+Z$/.test(each) ? new Date(Date.parse(each) + byMs).toISOString() : each,
  );
  return JSON.parse(text) as T;
}

/** In a store of so many cards one motor has forty visits. */
const LONG_HISTORY_FROM = 10_000;

/**
 * Cards like those of the demo, over years, at many places, several visits to most motors.
 * @param size how many cards and shelf lines
 * @param now the present moment: the newest card is an hour old
 * @param seed the same seed gives the same store
 */
export function makeBigStore({ cards, parts }: BigStoreSize, now: Date, seed = 17): BigStore {
  const random = seriesFrom(seed);
  const demo = demoRecords(now);
  const templates = demo.travellers.map((traveller) => ({
    traveller,
    stations: demo.stations.filter(({ travellerId }) => travellerId === traveller.id),
  }));
  const motors = Math.max(1, Math.floor(cards / VISITS));
  const travellers: Traveller[] = [];
  const stations: StationRecord[] = [];
  for (let index = 0; index < cards; index += 1) {
    const motor = index < 8 ? 0 : cards >= LONG_HISTORY_FROM && index < 48 ? 1 : Math.floor(random() * motors);
    const { traveller, stations: rows } = templates[motor % templates.length] ?? templates[0]!;
    const id = `big-${String(index).padStart(6, "0")}` as TravellerId;
    // The newest first: about ten cards a working day.
    const byMs = now.getTime() - HOUR_MS - Math.floor(index * 2.4 * HOUR_MS) - Date.parse(traveller.createdAt);
    const isOpen = index % OPEN_EACH === 0;
    const card = moved(traveller, byMs);
    travellers.push({
      ...card,
      id,
      machine: `${traveller.machine}, ${PLACES[motor % PLACES.length] ?? ""} ${Math.floor(motor / PLACES.length) + 1}`,
      site: SITES[motor % SITES.length] ?? "",
      finishedAt: isOpen ? null : card.updatedAt,
      isDemo: false,
    });
    for (const row of rows) stations.push({ ...moved(row, byMs), id: `${id}/${row.stationId}`, travellerId: id });
  }
  const shelf = demoParts(now);
  const lines = Array.from({ length: parts }, (_, index): Part => {
    const part = shelf[index % shelf.length]!;
    return { ...part, id: `big-part-${String(index)}`, place: `${part.place} ${String(index)}`.slice(0, 80), isDemo: false };
  });
  return { travellers, stations, parts: lines };
}
