import { isLoose } from "@/core/kept";
import type { FieldSet, RecordField } from "@/core/fields";
import { STATION_IDS, stationOf } from "@/core/stations";
import type { EndId } from "@/core/job";
import type { HouseFigures } from "@/core/house";
import type { Study } from "@/core/study";
import { paidFor, type Incoming } from "@/core/exchange";
import type { Piece } from "@/core/stations/out-in";
import { readSheet } from "@/core/match";
import { formatQuantity } from "@/core/quantity";
import { endReached, followUps, visitDeed, visitFigures, type TravellerAssessment } from "@/core/traveller";
import type { Derived } from "@/store/derive";
import { toWords } from "@/store/find-words";
import { assessKept, type KeptCard } from "@/store/kept-card";
import type { LineExchange } from "@/store/summary";
import { motorLine } from "../match/sheet-words";
import { STATION_LABELS } from "../stations/labels";
import { listedAt, saidAt } from "../stations/registry";
import { visitDayOf } from "../vocabulary/clock";
import { ACTION_WORDS } from "../vocabulary/list-words";
import { cardFacts } from "./card-facts";

/** Parts of a record of a shape of its own that hold nothing a person wrote or would look for. */
const SILENT_FIELDS = new Set(["id", "at", "origin", "unit", "meter", "quantity", "kind", "photo", "backAt", "closedAt", "name"]);
/** Kinds of fields of which no card is looked for. */
const SILENT_KINDS: readonly RecordField["kind"][] = ["reading", "plain", "yes-no", "flag", "day", "moment", "ticks"];
const LONGEST = 2000;
/** A figure alone is what a meter showed, not what a card is looked for by; four digits and more may number a part. */
const isFigure = (text: string): boolean => /^[<>~≥≤]?\s*[\d.,\s]{0,6}$/.test(text.trim());
const isMoment = (text: string): boolean => /^\d{4}-\d\d-\d\dT/.test(text);

function textsOf(value: unknown): readonly string[] {
  if (typeof value === "string") return value.length > LONGEST || isFigure(value) || isMoment(value) ? [] : [value];
  if (Array.isArray(value)) return value.flatMap(textsOf);
  if (!isLoose(value)) return [];
  return Object.entries(value).flatMap(([key, each]) => (SILENT_FIELDS.has(key) && typeof each === "string" ? [] : textsOf(each)));
}

/** Every text a person wrote on a record, or picked, by the kinds of its fields: labels, designations, notes, choices. */
function writtenIn(fields: FieldSet, record: unknown): readonly string[] {
  if (!isLoose(record)) return [];
  return Object.entries(fields).flatMap(([place, row]) => {
    const value = record[place];
    if (row.kind === "group") return writtenIn(row.fields, value);
    return SILENT_KINDS.includes(row.kind) ? [] : textsOf(value);
  });
}

/** Stamps that are findings: what is said of them is looked for. */
const LOUD = new Set(["out", "contradicts", "too-close", "open"]);

/** Words a card is found by, beside its names: the most telling first. */
function findWords({ entries }: KeptCard, assessment: TravellerAssessment, said: readonly string[], house: HouseFigures): string[] {
  const written = STATION_IDS.flatMap((id) => writtenIn(stationOf(id).fields, entries[id]?.data));
  const loud = STATION_IDS.filter((id) => LOUD.has(assessment.stations[id].stamp));
  const found = loud.flatMap((id) => [
    STATION_LABELS[id].title,
    ...saidAt(id, entries[id]?.data, assessment, house),
    ...listedAt(id, entries[id]?.data),
  ]);
  // A long note must not push out what was found.
  return toWords([...said, ...found, ...written].join(" "));
}

/** Ends that a proof on the motor stands behind. */
const END_PROVED: readonly (EndId | null)[] = ["repaired", "proved-without-load", "tested-spare", "nothing-found", "makeshift"];

/** How a card ended, as far as it says so itself. */
function endOf(card: KeptCard, assessment: TravellerAssessment): string[] {
  const { traveller } = card;
  const { stations } = assessment;
  if (stations["out-in"].detail.works.some(({ isOnOrder }) => isOnOrder)) return ["end:on-order"];
  if (traveller.finishedAt === null) return [];
  const end = endReached(stations, traveller.finishedAt);
  return [
    ...(end === null ? [] : [`end:${end}`]),
    END_PROVED.includes(end) && assessment.stations.prove.stamp === "holds" ? "end:proved" : "end:not-proved",
  ];
}

function marksOf(card: KeptCard, assessment: TravellerAssessment): string[] {
  const { entries } = card;
  const { stations, facts } = assessment;
  const stamped = STATION_IDS.filter((id) => stations[id].stamp !== "not-done");
  const action = entries.decide?.data.action ?? null;
  return [
    ...new Set([
      ...stamped.flatMap((id) => [`${id}:${stations[id].stamp}`, `any:${stations[id].stamp}`, `${id}:any`]),
      ...(action === null ? [] : [`do:${action}`]),
      ...(entries.plate === undefined ? [] : [`on:${facts.machineKind}`]),
      ...endOf(card, assessment),
    ]),
  ];
}

function pieceWords({ label, sheet }: Piece, incoming: Incoming | undefined): string {
  const read = incoming?.kind === "capacitor" && incoming.figure ? formatQuantity("capacitance", incoming.figure.value) : "";
  const motor = sheet === null ? "" : motorLine(readSheet(sheet).spec);
  return [label.trim() || motor, read].filter(Boolean).join(", ");
}

/** Parts out and in, as they were noted. */
const exchangesOf = ({ stations }: TravellerAssessment): LineExchange[] =>
  stations["out-in"].detail.works.flatMap(({ action, exchange, incoming }): LineExchange[] => {
    const { out, pieces, fittedAt } = exchange;
    return out.fate !== null || fittedAt !== null
      ? [
          {
            work: action,
            out: [out.label.trim(), out.reading.trim()].filter(Boolean).join(", "),
            fate: out.fate,
            in: pieces
              .map((piece, index) => pieceWords(piece, incoming.pieces[index]))
              .filter(Boolean)
              .join("; "),
            source: [...new Set(pieces.map(({ source }) => source.trim()))].filter(Boolean).join("; "),
            price: paidFor(action, pieces),
          },
        ]
      : [];
  });

/** What lists show and find of a card. */
export function deriveLine(card: KeptCard, house: HouseFigures, study: Study): Derived {
  const { assessment, isOpen } = assessKept(card, house, study);
  const facts = cardFacts(card, assessment, house);
  const action = card.entries.decide?.data.action ?? null;
  const said = [facts.complaint, facts.stands, facts.stampWord, action === null ? "" : ACTION_WORDS[action]];
  return {
    isOpen,
    line: {
      ...facts,
      due: followUps(card.entries, assessment.stations, visitDayOf(card.traveller), card.traveller.putOff),
      words: findWords(card, assessment, said, house),
      marks: marksOf(card, assessment),
      figures: visitFigures(card.entries, assessment, house),
      exchanges: exchangesOf(assessment),
      deed: visitDeed(card.entries, assessment),
    },
  };
}
