import { HOUSE_RULE_IDS, houseRule, type HouseFigures, type HouseRuleId } from "@/core/house";
import { isLoose } from "@/core/kept";
import { NO_STUDY } from "@/core/study";
import type { StationId } from "@/core/stations";
import { assessTraveller } from "@/core/traveller";
import type { DatedRow, HouseRecord, Part, StationRecord, Traveller } from "@/records";
import type { Disagreement } from "@/store/team/disagreements";
import type { KeptCard } from "@/store/queries";
import { STATION_LABELS } from "../stations/labels";
import { saidAt } from "../stations/registry";
import { recordNoun } from "../vocabulary/record-words";
import { clockDay, fullMoment } from "../vocabulary/clock";
import { valueWords } from "../vocabulary/rule-words";

/** One line of what is disagreed about: what it is, and what each side says, in their order. */
export interface ConflictLine {
  readonly what: string;
  readonly said: readonly string[];
}

const NOTHING = "nothing";
/** Fields are told one by one up to here; the rest is counted. */
const MOST_LINES = 12;

const plain = (value: unknown): string => {
  if (value === null || value === undefined || value === "") return NOTHING;
  if (typeof value === "string") return /^(data|photo):/.test(value) ? "a photo" : value;
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

const show = (value: unknown): string => (typeof value === "string" && /^\d{4}-\d\d-\d\dT/.test(value) ? fullMoment(value) : plain(value));
const valueAt = (row: DatedRow, path: readonly string[]): unknown =>
  path.reduce<unknown>((value, field) => (isLoose(value) ? value[field] : undefined), row);

/** Fields one by one. */
const fieldLines = ({ fields, sides }: Disagreement): ConflictLine[] =>
  fields
    .slice(0, MOST_LINES)
    .map((path) => ({ what: fieldWord(path.at(-1) ?? "record"), said: sides.map(({ row }) => show(valueAt(row, path))) }));

const isRule = (id: string | undefined): id is HouseRuleId => (HOUSE_RULE_IDS as readonly (string | undefined)[]).includes(id);

/** Rules by their names, and as their values are said elsewhere. */
const ruleLines = ({ fields, sides }: Disagreement): ConflictLine[] =>
  fields.slice(0, MOST_LINES).flatMap((path) => {
    const id = path.at(-1);
    if (!isRule(id)) return [];
    const said = sides.map(({ row }) => valueWords(houseRule(id), (row as unknown as HouseRecord).figures[id] ?? null));
    return [{ what: houseRule(id).label, said }];
  });

/** What a station would say on this card with each side's record: what not all of them say. */
function stationLine({ sides }: Disagreement, card: KeptCard, house: HouseFigures): ConflictLine {
  const id: StationId = (sides[0]?.row as unknown as StationRecord).stationId;
  const say = (row: StationRecord): readonly string[] => {
    const entries = { ...card.entries, [id]: { data: row.data, skippedReason: row.skippedReason } };
    const assessment = assessTraveller(entries, house, card.earlier, NO_STUDY, { at: card.traveller.createdAt });
    return [...saidAt(id, row.data, assessment, house), ...(row.skippedReason ? [`Skipped: ${row.skippedReason}`] : [])];
  };
  const said = sides.map(({ row }) => say(row as unknown as StationRecord));
  const isCommon = (line: string): boolean => said.every((lines) => lines.includes(line));
  return { what: STATION_LABELS[id].title, said: said.map((lines) => lines.filter((line) => !isCommon(line)).join(" ") || NOTHING) };
}

/**
 * What is disagreed about, side by side: at a station what it would say, elsewhere the fields.
 * @param card the card it belongs to, as it is here; null: it belongs to none
 */
export function conflictLines(disagreement: Disagreement, card: KeptCard | null, house: HouseFigures): readonly ConflictLine[] {
  const { name } = disagreement;
  if (name === "house") return ruleLines(disagreement);
  if (name === "station" && card !== null) {
    const line = stationLine(disagreement, card, house);
    // What differs and is not said is told by its fields.
    if (new Set(line.said).size > 1) return [line];
  }
  return fieldLines(disagreement);
}

/** A motor has many visits: the day tells which. */
const cardTitle = ({ machine, site, createdAt }: Traveller): string =>
  `${machine || "Machine not named"}, ${site || "no site"}, ${clockDay(createdAt)}`;

/** What is disagreed about, in a few words. */
export function conflictTitle({ name, sides }: Disagreement, card: KeptCard | null): string {
  const row = sides[0]?.row;
  if (card !== null) return cardTitle(card.traveller);
  if (name === "house") return "House rules";
  if (name === "part") return `Shelf: ${(row as unknown as Part).label || "a line without a label"}`;
  if (name === "traveller") return cardTitle(row as unknown as Traveller);
  return upperFirst(recordNoun(name));
}

const upperFirst = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
