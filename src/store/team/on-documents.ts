import { recordKindOf, RECORD_TYPE_NAMES, type DatedRow, type Part, type RecordLists, type RecordTypeName } from "@/records";
import { actorOf, firstBytes, hasWaiting, headsOf, newDocument, openDocument, saveDocument, textsOf } from "@/records/team/document";
import { goneOf, NOTHING_HELD, note, type Held } from "@/records/team/held";
import { textsOfRecords, type Texts } from "@/records/team/registers";
import { recordAt, rootOf } from "@/records/team/shapes";
import { partPhotos, rowOfPhoto } from "../photos";
import { openingOf } from "../stock-moves";
import { deleteRecords, OF_LINES } from "../delete-records";
import { OF_CARDS, putRecords, type VemmickDatabase } from "../vemmick-database";
import type { DocumentRow } from "./document-row";
import { LIFE } from "./engine";

/** A record of a document, with the names of its photos in the place of them. */
export interface DocumentRecord {
  readonly name: RecordTypeName;
  readonly row: DatedRow;
}

/** A document in hand: as it is kept, with what was changed here noted, and the records that are here. */
export interface InHand {
  readonly id: string;
  readonly kept: DocumentRow | undefined;
  readonly held: Held;
  /** something was changed here that nobody else can know of yet */
  readonly isNews: boolean;
  readonly records: readonly DocumentRecord[];
  /** photos of records that keep them in themselves, by name */
  readonly photos: ReadonlyMap<string, string>;
  /** what the records say; null: the record the document is of is not here */
  readonly wanted: Texts | null;
}

/** What is made of a document: held anew, and records that are put and taken away. */
export interface MadeOfDocument {
  readonly held: Held;
  /** what others know of, where they know more than before */
  readonly heard?: readonly string[];
  readonly put?: readonly DocumentRecord[];
  readonly gone?: readonly (readonly [RecordTypeName, string])[];
}

/** Tables of a transaction that changes documents and records. */
const teamTables = (db: VemmickDatabase) => [
  ...db.recordTables,
  db.settings,
  db.photos,
  db.summaries,
  db.deeds,
  db.documents,
  db.marks,
  db.merges,
  db.merged,
];

interface RecordsHere {
  readonly records: ReadonlyMap<string, readonly DocumentRecord[]>;
  /** first countings that are not kept yet */
  readonly openings: ReadonlyMap<string, DocumentRecord>;
  readonly photos: ReadonlyMap<string, string>;
}

/** Everything that belongs to documents, by document. Part of a transaction; where nothing is asked nothing is waited for. */
async function recordsOf(db: VemmickDatabase, ids: readonly string[]): Promise<RecordsHere> {
  const records = new Map<string, DocumentRecord[]>(ids.map((id) => [id, []]));
  const photos = new Map<string, string>();
  const add = (document: string, name: RecordTypeName, whole: DatedRow): void => {
    const [row, parted] = partPhotos(whole);
    for (const photo of parted) photos.set(photo.id, photo.data);
    records.get(document)?.push({ name, row });
  };
  for (const root of RECORD_TYPE_NAMES) {
    const own = ids.filter((id) => rootOf(id)[0] === root).map((id) => rootOf(id)[1]);
    if (own.length === 0) continue;
    const roots = await db.recordTable(root).bulkGet(own);
    for (const row of roots) if (row) add(`${root}/${row.id}`, root, row);
    // Photos that a line had once lie beside it: it may have them again.
    if (root === "part") for (const photo of await db.photos.where("rowId").anyOf(own).toArray()) photos.set(photo.id, photo.data);
    for (const [of, names] of [
      ["traveller", OF_CARDS],
      ["part", OF_LINES],
    ] as const) {
      if (root !== of) continue;
      for (const name of names) {
        const field = recordKindOf(name).cardField ?? recordKindOf(name).lineField ?? "id";
        const rows = await db.recordTable(name).where(field).anyOf(own).toArray();
        for (const row of rows) add(`${of}/${String((row as unknown as Record<string, unknown>)[field])}`, name, row);
      }
    }
  }
  // A line from before there were moves gets its first counting: from now on moves of others may stand beside it.
  const openings = new Map<string, DocumentRecord>();
  for (const [document, all] of records) {
    const line = all.find(({ name }) => name === "part");
    if (line === undefined || all.length > 1) continue;
    const opening: DocumentRecord = { name: "move", row: openingOf(line.row as unknown as Part) };
    openings.set(document, opening);
    records.get(document)?.push(opening);
  }
  return { records, openings, photos };
}

const isDemo = ({ row }: DocumentRecord): boolean => (row as { readonly isDemo?: boolean }).isDemo === true;

const heldOf = (kept: DocumentRow | undefined, actor: string): Held =>
  kept === undefined
    ? NOTHING_HELD(newDocument(actor))
    : { document: openDocument(kept.bytes, actor), branch: kept.branch, open: kept.disagreed, left: kept.left, asked: kept.asked };

const QUOTED_PHOTO = /"(photo:[^"]+)"/g;
/** Names of the photos that the records of a document have. */
const photosIn = (texts: Texts): readonly string[] => [
  ...new Set([...texts.values()].flatMap((text) => [...text.matchAll(QUOTED_PHOTO)].map(([, name = ""]) => name))),
];

/** Whether two states are the same. */
export const isSameState = (a: readonly string[], b: readonly string[]): boolean => [...a].sort().join(" ") === [...b].sort().join(" ");

/** What a person knows a document's record by. */
function whatOf(id: string, texts: Texts): string {
  const [root] = rootOf(id);
  const words = ["machine", "site", "label"].map((field) => JSON.parse(texts.get(`${root}|${field}`) ?? '""') as unknown);
  return words.filter((word) => typeof word === "string" && word.trim() !== "").join(", ");
}

/** When a card was begun: a motor has many visits. */
const begunAt = (texts: Texts): string => JSON.parse(texts.get("traveller|createdAt") ?? '""') as string;

/** A document as it is kept. */
function toRow({ id, kept, isNews }: InHand, { held, heard }: MadeOfDocument): DocumentRow {
  const [heads, texts] = [headsOf(held.document), textsOf(held.document)];
  const sent = isNews || heard === undefined ? (kept?.sent ?? []) : heard;
  return {
    id,
    bytes: saveDocument(held.document),
    heads,
    photos: photosIn(texts),
    sent,
    unsent: isSameState(sent, heads) ? 0 : 1,
    branch: held.branch,
    disagreed: held.open,
    open: held.open.length > 0 ? 1 : 0,
    left: held.left,
    asked: held.asked,
    waits: held.asked === null ? 0 : 1,
    gone: goneOf(texts)?.at ?? "",
    what: whatOf(id, texts),
    begunAt: begunAt(texts),
  };
}

/** A document that is made of what is here, and that nobody else knows of yet. */
function firstRow(id: string, actor: string, texts: Texts): DocumentRow {
  const nothing = { sent: [], unsent: 1, branch: null, disagreed: [], open: 0, left: [], asked: null, waits: 0, gone: "" } as const;
  return { id, ...firstBytes(actor, texts), photos: photosIn(texts), what: whatOf(id, texts), begunAt: begunAt(texts), ...nothing };
}

/** A document that is taken as it comes: nothing of it is here. */
export interface Unheld {
  readonly document: Pick<DocumentRow, "bytes" | "heads">;
  readonly texts: Texts;
  readonly left: readonly string[];
  readonly put: readonly DocumentRecord[];
}

/** A document that others have, as this device keeps it from now on. */
function unheldRow(id: string, { document: { bytes, heads }, texts, left }: Unheld): DocumentRow {
  const nothing = { branch: null, disagreed: [], open: 0, asked: null, waits: 0, gone: "" } as const;
  return {
    id,
    bytes,
    heads,
    sent: heads,
    unsent: 0,
    photos: photosIn(texts),
    what: whatOf(id, texts),
    begunAt: begunAt(texts),
    left,
    ...nothing,
  };
}

interface OnDocumentsOptions {
  /** part of the transaction, at its end */
  readonly beside?: () => PromiseLike<unknown>;
  /** of a document of which nothing is here: what it is, where that is known without opening it */
  readonly unheldOf?: (id: string) => Unheld | null;
  /** told of each document that is made here for the first time, with what it says: it need not be opened to be written */
  readonly onFirst?: (row: DocumentRow, texts: Texts) => void;
  /** nothing is written */
  readonly isLook?: boolean;
}

/**
 * Takes documents in hand, notes what was changed here of each, and does something with them, all in one transaction.
 * @param act what is made of each; null for one, or for all: nothing but what was noted
 */
export async function onDocuments(
  db: VemmickDatabase,
  device: string,
  ids: readonly string[],
  act: ((inHand: InHand) => MadeOfDocument | null) | null,
  { beside, unheldOf, onFirst, isLook = false }: OnDocumentsOptions = {},
): Promise<void> {
  const actor = actorOf(device, LIFE);
  await db.transaction("rw", teamTables(db), async () => {
    const rows = await db.documents.bulkGet([...ids]);
    const { records, openings, photos } = await recordsOf(db, ids);
    const at = new Date().toISOString();
    const documents: DocumentRow[] = [];
    const put: DocumentRecord[] = [];
    const gone: (readonly [RecordTypeName, string])[] = [];
    ids.forEach((id, index) => {
      const [kept, own] = [rows[index], records.get(id) ?? []];
      // Demo cards and parts are each device's own.
      if (own.some(isDemo)) return;
      const opening = openings.get(id);
      if (opening !== undefined) put.push(opening);
      const isThere = own.some(({ name }) => name === rootOf(id)[0]);
      const wanted = isThere ? textsOfRecords(own) : null;
      if (kept === undefined && wanted !== null && act === null) {
        const row = firstRow(id, actor, wanted);
        onFirst?.(row, wanted);
        documents.push(row);
        return;
      }
      const unheld = kept === undefined && own.length === 0 ? (unheldOf?.(id) ?? null) : null;
      if (unheld !== null) {
        documents.push(unheldRow(id, unheld));
        put.push(...unheld.put);
        return;
      }
      const before = heldOf(kept, actor);
      const noted = note(before, wanted, at);
      const isNews = kept?.unsent === 1 || noted.document !== before.document;
      const inHand: InHand = { id, kept, held: noted, isNews, records: own, photos, wanted };
      const outcome = act?.(inHand) ?? null;
      const held = outcome?.held ?? inHand.held;
      const heads = headsOf(held.document);
      // What waits for changes that have not come yet is kept too: its segment is not read again.
      const waits = hasWaiting(held.document);
      const isChanged = held !== before && (waits || held.asked !== before.asked || !isSameState(heads, kept?.heads ?? []));
      if (isChanged && (waits || heads.length > 0)) documents.push(toRow(inHand, outcome ?? { held }));
      put.push(...(outcome?.put ?? []));
      gone.push(...(outcome?.gone ?? []));
    });
    if (isLook) return;
    for (const name of RECORD_TYPE_NAMES) {
      const all = put.filter((each) => each.name === name).map(({ row }) => row);
      if (all.length > 0) await putRecords(db, name, all as unknown as RecordLists[typeof name]);
    }
    // What goes, goes last: a card takes what is on it along.
    for (const name of [...RECORD_TYPE_NAMES].reverse()) {
      const all = gone.filter(([each]) => each === name).map(([, id]) => id);
      if (all.length > 0) await deleteRecords(db, name, all);
    }
    await db.documents.bulkPut(documents);
    const own = [...photos].map(([id, data]) => ({ id, rowId: rowOfPhoto(id), data }));
    if (own.length > 0) await db.photos.bulkPut(own);
    if (beside) await beside();
    // What was written here just now is known: nobody need look for it again.
    await db.marks.bulkDelete([...ids]);
  });
}

/** Type and id of the records of a document that are no longer in it. */
export const missingIn = (
  records: readonly DocumentRecord[],
  prefixes: readonly string[],
  document: string,
): (readonly [RecordTypeName, string])[] => {
  const there = new Set(prefixes.map((prefix) => recordAt(document, prefix).join(" ")));
  return records.filter(({ name, row }) => !there.has(`${name} ${row.id}`)).map(({ name, row }) => [name, row.id] as const);
};

/** Documents that were changed by whatever wrote them, some at a time. */
export const marked = (db: VemmickDatabase, most: number): Promise<readonly string[]> => db.marks.limit(most).primaryKeys();
