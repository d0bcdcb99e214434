import { HOUSE_RULE_IDS, houseRule, type HouseFigures } from "@/core/house";
import { NO_STUDY } from "@/core/study";
import type { StationId } from "@/core/stations";
import { assessTraveller } from "@/core/traveller";
import { sharedPart, type Conflict, type DatedRow, type HouseRecord, type Part, type StationRecord, type Traveller } from "@/records";
import type { KeptCard } from "@/store/queries";
import { STATION_LABELS } from "../stations/labels";
import { saidAt } from "../stations/registry";
import { clockDay, fullMoment } from "../vocabulary/clock";
import { valueWords } from "../vocabulary/rule-words";

/** One line of a conflict: what it is about, and what either side says. */
export interface ConflictLine {
  readonly what: string;
  readonly mine: string;
  readonly theirs: string;
}

const NOTHING = "nothing";
/** Fields are told one by one up to here; the rest is counted. */
const MOST_LINES = 12;

const plain = (value: unknown): string => {
  if (value === null || value === undefined || value === "") return NOTHING;
  if (typeof value === "string") return value.startsWith("data:") ? "a photo" : value;
  if (typeof value === "number") return String(value);
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (Array.isArray(value)) return value.length === 0 ? NOTHING : value.map(plain).join(", ");
  return (
    Object.values(value)
      .map(plain)
      .filter((text) => text !== NOTHING)
      .join(", ") || NOTHING
  );
};

const FIELD_WORDS: Readonly<Record<string, string>> = {
  machine: "Machine",
  site: "Site",
  technician: "Technician",
  finishedAt: "Signed off",
  cameBackAt: "Came back",
  callbackOf: "Came back from",
  label: "Label",
  maker: "Maker",
  place: "Place",
  quantity: "Pieces",
  lowest: "Lowest number to hold",
  price: "Price",
  note: "Note",
  state: "State",
  kind: "Kind",
  sheet: "Plate",
  tested: "Readings",
  photo: "Photo",
  windings: "Windings",
  skippedReason: "Skipped, because",
  earlier: "Read before",
};
const fieldWord = (field: string): string => FIELD_WORDS[field] ?? field.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);

/** Fields in which two rows differ, one line each. */
function fieldLines(name: Conflict["name"], mine: DatedRow, theirs: DatedRow): ConflictLine[] {
  const [a, b] = [Object.fromEntries(sharedPart(name, mine)), Object.fromEntries(sharedPart(name, theirs))];
  const fields = [...new Set([...Object.keys(a), ...Object.keys(b)])].filter(
    (field) => JSON.stringify(a[field]) !== JSON.stringify(b[field]),
  );
  const show = (value: unknown): string =>
    typeof value === "string" && /^\d{4}-\d\d-\d\dT/.test(value) ? fullMoment(value) : plain(value);
  return fields.slice(0, MOST_LINES).map((field) => ({ what: fieldWord(field), mine: show(a[field]), theirs: show(b[field]) }));
}

/** Rules that differ, by their names, and as their values are said elsewhere. */
function ruleLines(mine: HouseRecord, theirs: HouseRecord): ConflictLine[] {
  const differ = HOUSE_RULE_IDS.filter((id) => JSON.stringify(mine.figures[id]) !== JSON.stringify(theirs.figures[id]));
  const show = (id: (typeof HOUSE_RULE_IDS)[number], of: HouseRecord): string => valueWords(houseRule(id), of.figures[id] ?? null);
  return differ.slice(0, MOST_LINES).map((id) => ({ what: houseRule(id).label, mine: show(id, mine), theirs: show(id, theirs) }));
}

/** What a station would say on this card with either side's record. */
function stationLines(card: KeptCard, mine: StationRecord, theirs: StationRecord, house: HouseFigures): ConflictLine[] {
  const id: StationId = mine.stationId;
  const say = (row: StationRecord): readonly string[] => {
    const entries = { ...card.entries, [id]: { data: row.data, skippedReason: row.skippedReason } };
    const assessment = assessTraveller(entries, house, card.earlier, NO_STUDY, { at: card.traveller.createdAt });
    return [...saidAt(id, row.data, assessment, house), ...(row.skippedReason ? [`Skipped: ${row.skippedReason}`] : [])];
  };
  const [here, there] = [say(mine), say(theirs)];
  const only = (one: readonly string[], other: readonly string[]): string => one.filter((line) => !other.includes(line)).join(" ");
  return [{ what: STATION_LABELS[id].title, mine: only(here, there) || NOTHING, theirs: only(there, here) || NOTHING }];
}

/**
 * A conflict side by side: at a station what it would say, elsewhere the fields in which the two differ.
 * @param card the card it belongs to, as it is here; null: it belongs to none
 */
export function conflictLines({ name, mine, theirs }: Conflict, card: KeptCard | null, house: HouseFigures): readonly ConflictLine[] {
  const [a, b] = [mine.row, theirs.row];
  if (a === null || b === null)
    return [{ what: "Record", mine: a === null ? "taken away" : "there", theirs: b === null ? "taken away" : "there" }];
  if (name === "house") return ruleLines(a as unknown as HouseRecord, b as unknown as HouseRecord);
  if (name === "station" && card !== null) {
    const lines = stationLines(card, a as StationRecord, b as StationRecord, house);
    // What differs and is not said is told by its fields.
    return lines.some((line) => line.mine !== line.theirs) ? lines : fieldLines(name, a, b);
  }
  return fieldLines(name, a, b);
}

/** A motor has many visits: the day tells which. */
const cardTitle = ({ machine, site, createdAt }: Traveller): string =>
  `${machine || "Machine not named"}, ${site || "no site"}, ${clockDay(createdAt)}`;

/** What a conflict is about, in a few words. */
export function conflictTitle({ name, mine, theirs }: Conflict, card: KeptCard | null): string {
  const row = mine.row ?? theirs.row;
  if (name === "house") return "House rules";
  if (name === "part") return `Shelf: ${(row as unknown as Part).label || "a line without a label"}`;
  if (name === "station") return card === null ? "A card" : cardTitle(card.traveller);
  return cardTitle(row as unknown as Traveller);
}
