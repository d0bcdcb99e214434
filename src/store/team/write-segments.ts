import { changesSince, openDocument, READER } from "@/records/team/document";
import type { Texts } from "@/records/team/registers";
import { toFold } from "@/records/team/fold";
import { contentSign, segmentFileOf, writeSegment, photoFileOf, wholeFileOf, type DocumentChanges, type TeamName } from "@/records/team";
import { RECORD_TYPE_NAMES, recordKindOf, type Progress } from "@/records";
import { DeviceGoneError } from "./device-gone";
import { checkStamp, type VemmickDatabase } from "../vemmick-database";
import type { DocumentRow, SegmentRow } from "./document-row";
import { isSameState, marked, onDocuments } from "./on-documents";
import { knownDevice, TEAM_KEYS, teamNameOf, thisDevice } from "./team-device";

/** Among the settings once every record was looked at: from then on marks alone tell what was changed. */
const LOOKED_KEY = `${TEAM_KEYS}looked`;
/** Documents are noted, and written into one segment, so many at a time. */
const CHUNK = 400;
const IN_SEGMENT = 400;

/** What documents say that were made just now: nothing was changed of them yet. */
type FirstTexts = ReadonlyMap<string, Texts>;

/** What is to be put into the folder before this device's head lists it. */
export interface ToWrite {
  readonly files: readonly { readonly file: string; readonly content: Blob }[];
  readonly segments: readonly SegmentRow[];
  /** of each document the state that others know of once the segments are written */
  readonly sent: ReadonlyMap<string, readonly string[]>;
}

/** Marks everything that can be shared: a team is used for the first time. */
export async function markAll(db: VemmickDatabase): Promise<void> {
  if ((await db.settings.get(LOOKED_KEY)) !== undefined) return;
  for (const name of RECORD_TYPE_NAMES) {
    const { cardField, lineField } = recordKindOf(name);
    if ((name !== "traveller" && cardField !== undefined) || lineField !== undefined) continue;
    const ids = (await db.recordTable(name).toCollection().primaryKeys()) as string[];
    await db.marks.bulkPut(ids.map((id) => ({ id: `${name}/${id}` })));
  }
  await db.settings.put({ key: LOOKED_KEY, value: true });
}

/**
 * Notes what was changed here since, document by document.
 * @errors throws NewerDataError when a newer program has been here
 */
async function noteHere(
  db: VemmickDatabase,
  onProgress: Progress = () => undefined,
  each: (ids: readonly string[], first: FirstTexts) => Promise<unknown> = () => Promise.resolve(),
): Promise<void> {
  await checkStamp(db);
  const device = await thisDevice(db);
  await markAll(db);
  const all = await db.marks.count();
  for (let done = 0; ;) {
    const ids = await marked(db, CHUNK);
    if (ids.length === 0) return;
    const first = new Map<string, Texts>();
    await onDocuments(db, device.id, ids, null, { onFirst: ({ id }, texts) => void first.set(id, texts) });
    await each(ids, first);
    onProgress((done += ids.length), Math.max(all, done));
  }
}

/** A segment of these documents, as a file of this device. */
async function segmentOf(
  device: TeamName,
  documents: readonly DocumentChanges[],
  of: readonly string[],
): Promise<{ readonly row: SegmentRow; readonly content: Blob }> {
  const content = await writeSegment(device, documents);
  const file = segmentFileOf(device.id, await contentSign(content));
  return {
    content,
    row: { file, device: device.id, isOwn: 1, bytes: content.size, of, documents: documents.map((each) => each.document) },
  };
}

/** Photos as files of their own. */
async function photoFiles(db: VemmickDatabase, names: readonly string[]): Promise<ToWrite["files"]> {
  const rows = await db.photos.bulkGet([...new Set(names)]);
  return rows.flatMap((row) => (row === undefined ? [] : [{ file: photoFileOf(row.id), content: new Blob([row.data]) }]));
}

/**
 * What was changed here and nobody else can know of yet, as files; nothing is noted as written.
 * @param ids of these documents
 * @param first what those say that were made just now
 */
async function unsentFiles(db: VemmickDatabase, ids: readonly string[], first: FirstTexts = new Map()): Promise<ToWrite> {
  const device = teamNameOf(await thisDevice(db));
  const files: { file: string; content: Blob }[] = [];
  const segments: SegmentRow[] = [];
  const sent = new Map<string, readonly string[]>();
  for (let at = 0; at < ids.length; at += IN_SEGMENT) {
    const rows = (await db.documents.bulkGet(ids.slice(at, at + IN_SEGMENT))).filter((row) => row?.unsent === 1) as DocumentRow[];
    if (rows.length === 0) continue;
    const documents = rows.map((row): DocumentChanges => {
      sent.set(row.id, row.heads);
      const changes = row.sent.length === 0 ? row.bytes : changesSince(openDocument(row.bytes, READER), row.sent);
      const texts = row.sent.length === 0 ? first.get(row.id) : undefined;
      return { document: row.id, changes, photos: row.photos, ...(texts ? { whole: { heads: row.heads, texts } } : {}) };
    });
    files.push(
      ...(await photoFiles(
        db,
        documents.flatMap(({ photos }) => photos),
      )),
    );
    const { row, content } = await segmentOf(device, documents, []);
    files.push({ file: row.file, content });
    segments.push(row);
  }
  return { files, segments, sent };
}

/** Notes what was changed here, and makes files of it and of what is still unsent from before. */
export async function changedFiles(db: VemmickDatabase, onProgress: Progress): Promise<ToWrite> {
  const made: ToWrite[] = [];
  // Lot by lot: what a document says is at hand while it is being made.
  await noteHere(db, onProgress, async (ids, first) => made.push(await unsentFiles(db, ids, first)));
  const done = new Set(made.flatMap(({ sent }) => [...sent.keys()]));
  const ids = await db.documents.where("unsent").equals(1).primaryKeys();
  made.push(
    await unsentFiles(
      db,
      ids.filter((id) => !done.has(id)),
    ),
  );
  return {
    files: made.flatMap(({ files }) => files),
    segments: made.flatMap(({ segments }) => segments),
    sent: new Map(made.flatMap(({ sent }) => [...sent])),
  };
}

/** Notes that files lie in the folder: what they say need not be written again. */
export async function noteWritten(db: VemmickDatabase, { segments, sent }: Pick<ToWrite, "segments" | "sent">): Promise<void> {
  const ids = [...sent.keys()];
  await db.transaction("rw", [db.documents, db.segments, db.settings], async () => {
    // Cleared meanwhile: it is another device now.
    const device = await knownDevice(db);
    if (device === null) throw new DeviceGoneError("the device was cleared");
    const rows = await db.documents.bulkGet(ids);
    const known = rows.flatMap((row): DocumentRow[] => {
      const heads = row && sent.get(row.id);
      if (row === undefined || heads === undefined) return [];
      return [{ ...row, sent: heads, unsent: isSameState(heads, row.heads) ? 0 : 1 }];
    });
    await db.documents.bulkPut(known);
    await db.segments.bulkPut([...segments]);
  });
}

/** This device's own segments. */
export const ownSegments = async (db: VemmickDatabase): Promise<readonly SegmentRow[]> =>
  (await db.segments.toArray()).filter(({ isOwn }) => isOwn === 1);

/** Own segments that are to be folded into one another, by the names of their files. */
export async function foldable(db: VemmickDatabase): Promise<readonly string[]> {
  return toFold(await ownSegments(db)).map(({ file }) => file);
}

/**
 * Folds segments: of each document either the changes as they lie in them, or the whole document, whichever is shorter.
 * @param read their content, by file; one that is missing is made good by whole documents
 */
export async function foldedFiles(
  db: VemmickDatabase,
  files: readonly string[],
  read: readonly (readonly DocumentChanges[])[],
): Promise<ToWrite> {
  const device = teamNameOf(await thisDevice(db));
  const own = (await ownSegments(db)).filter(({ file }) => files.includes(file));
  const ids = [...new Set(own.flatMap(({ documents }) => documents))].sort();
  const parts = new Map<string, DocumentChanges[]>();
  for (const each of read.flat()) parts.set(each.document, [...(parts.get(each.document) ?? []), each]);
  const isWhole = read.length === files.length;
  const made: { file: string; content: Blob }[] = [];
  const segments: SegmentRow[] = [];
  for (let at = 0; at < ids.length; at += IN_SEGMENT) {
    const rows = (await db.documents.bulkGet(ids.slice(at, at + IN_SEGMENT))).filter((row) => row !== undefined);
    const documents = rows.map((row): DocumentChanges => {
      const pieces = parts.get(row.id) ?? [];
      const [only] = pieces;
      if (isWhole && only !== undefined && pieces.length === 1) return only;
      const loose = pieces.map(({ changes }) => changes);
      const bytes = loose.reduce((sum, each) => sum + each.length, 0);
      const { bytes: whole, photos } = row;
      if (!isWhole || loose.length === 0 || bytes > whole.length) return { document: row.id, changes: whole, photos };
      const changes = new Uint8Array(bytes);
      let offset = 0;
      for (const each of loose) {
        changes.set(each, offset);
        offset += each.length;
      }
      return { document: row.id, changes, photos };
    });
    const { row, content } = await segmentOf(device, documents, files);
    made.push({ file: row.file, content });
    segments.push(row);
  }
  return { files: made, segments, sent: new Map() };
}

/** The folded ones are in the folder, and listed: those they stand for are this device's no more. */
export async function noteFolded(db: VemmickDatabase, files: readonly string[], segments: readonly SegmentRow[]): Promise<void> {
  await db.transaction("rw", db.segments, async () => {
    await db.segments.bulkDelete([...files]);
    await db.segments.bulkPut([...segments]);
  });
}

/** Segments of this device are missing in the folder: what they said is to be written again. */
export async function writeAgain(db: VemmickDatabase, files: readonly string[]): Promise<void> {
  await db.transaction("rw", [db.segments, db.documents], async () => {
    const own = (await db.segments.bulkGet([...files])).filter((row) => row !== undefined);
    const ids = [...new Set(own.flatMap(({ documents }) => documents))];
    const rows = (await db.documents.bulkGet(ids)).filter((row) => row !== undefined);
    await db.documents.bulkPut(rows.map((row): DocumentRow => ({ ...row, sent: [], unsent: 1 })));
    await db.segments.bulkDelete([...files]);
  });
}

/** Everything this device knows, with photos, as one file that is carried by hand. */
export async function wholeFile(db: VemmickDatabase): Promise<{ readonly file: string; readonly content: Blob }> {
  await noteHere(db);
  const device = teamNameOf(await thisDevice(db));
  const documents: DocumentChanges[] = [];
  await db.documents.each((row) => {
    documents.push({ document: row.id, changes: row.bytes, photos: row.photos });
  });
  const names = [...new Set(documents.flatMap(({ photos }) => photos))];
  const rows = await db.photos.bulkGet(names);
  const photos = new Map(rows.flatMap((row) => (row === undefined ? [] : [[row.id, row.data] as const])));
  return { file: wholeFileOf(device.id), content: await writeSegment(device, documents, photos) };
}
