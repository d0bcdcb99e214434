/** Prints a big store for the browser: a JSON line a chunk of rows, with what is derived of each card as the program derives it. */
import { rememberStudy } from "@/core/study";
import { studyNow } from "@/core/study/answer";
import { deriveLine } from "@/features/cards/card-line";
import { toHouse, UNSET_HOUSE, type StationRecord, type TravellerId } from "@/records";
import { toEntries, toVisit } from "@/store/kept-card";
import { toDeedRow } from "@/store/deed-row";
import { toSummary, withLine } from "@/store/summary";
import { makeBigStore } from "./big-store";

const [cards = 20_000, parts = 500] = process.argv.slice(2).map(Number);
/** Put in place of what the page's own program derives by; the page says what that is. */
const BY = "{{derivedBy}}";
const CHUNK = 250;

const { travellers, stations, parts: shelf } = makeBigStore({ cards, parts }, new Date());
const rowsOf = new Map<TravellerId, StationRecord[]>();
for (const row of stations) rowsOf.set(row.travellerId, [...(rowsOf.get(row.travellerId) ?? []), row]);
const study = rememberStudy(studyNow);
const { figures } = toHouse(UNSET_HOUSE);
/** Visits so far to each motor, the oldest first. */
const visits = new Map<string, ReturnType<typeof toVisit>[]>();

const summaries = [...travellers]
  .sort((a, b) => (a.createdAt < b.createdAt ? -1 : 1))
  .map((traveller) => {
    const summary = toSummary(traveller);
    const rows = rowsOf.get(traveller.id) ?? [];
    const earlier = visits.get(summary.motor) ?? [];
    visits.set(summary.motor, [...earlier, toVisit(traveller.createdAt, rows)]);
    const { line } = deriveLine({ traveller, entries: toEntries(rows), earlier }, figures, study);
    return { summary, line };
  });
const last = new Map(summaries.map(({ summary }) => [summary.motor, summary.id]));

function print(table: string, rows: readonly unknown[]): void {
  for (let from = 0; from < rows.length; from += CHUNK) console.log(JSON.stringify({ table, rows: rows.slice(from, from + CHUNK) }));
}
print("travellers", travellers);
print("stations", stations);
print("parts", shelf);
const derived = summaries.map(({ summary, line }) => withLine(summary, line, BY, last.get(summary.motor) === summary.id));
print("summaries", derived);
print("deeds", derived.map(toDeedRow));
