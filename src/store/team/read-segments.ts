import type { Failure } from "@/core/result";
import { readSegment, contentSign, segmentFileOf, type Head, type TeamName } from "@/records/team";
import type { VemmickDatabase } from "../vemmick-database";
import type { SegmentRow } from "./document-row";
import type { Changes, WholeDocument } from "./take";

/** A device's segments as far as they were opened: what they say, and what they still want. */
export interface Opened extends Changes {
  /** segments that are read once this is taken in */
  readonly rows: readonly SegmentRow[];
  readonly wantedPhotos: readonly string[];
  /** lines that cannot be read */
  readonly bad: number;
  /** files that are not whole yet, or are none */
  readonly failed: readonly { readonly file: string; readonly failure: Failure }[];
}

const rowOf = (device: string, { file, bytes, of }: Pick<SegmentRow, "file" | "bytes" | "of">): SegmentRow => ({
  file,
  device,
  isOwn: 0,
  bytes,
  of: [...of],
  documents: [],
});

/**
 * Files of a device that were not read here yet. One that stands for others that were all read is read too; what its device
 * lists no more is forgotten.
 */
export async function unreadOf(
  db: VemmickDatabase,
  { device, segments }: Pick<Head, "device" | "segments">,
): Promise<readonly SegmentRow[]> {
  return db.transaction("rw", db.segments, async () => {
    const rows = await db.segments.toArray();
    const known = new Set(rows.map(({ file }) => file));
    const listed = new Set(segments.map(({ file }) => file));
    const missing = segments.filter(({ file }) => !known.has(file));
    const isCovered = (of: readonly string[]): boolean => of.length > 0 && of.every((file) => known.has(file));
    const covered = missing.filter(({ of }) => isCovered(of));
    await db.segments.bulkPut(covered.map((each) => rowOf(device.id, each)));
    const forgotten = rows.filter((row) => row.isOwn === 0 && row.device === device.id && !listed.has(row.file));
    await db.segments.bulkDelete(forgotten.map(({ file }) => file));
    return missing.filter((each) => !covered.includes(each)).map((each) => rowOf(device.id, each));
  });
}

/**
 * Opens files of a device: each must be what its name says, or it is not whole yet and is left for the next time.
 * @param isByHand whether a file travels by itself, and bears no sign of its content
 */
export async function openSegments(
  db: VemmickDatabase,
  from: TeamName,
  files: readonly { readonly row: SegmentRow; readonly content: Blob }[],
  isByHand = false,
): Promise<Opened> {
  const documents = new Map<string, Uint8Array[]>();
  const photos = new Map<string, string>();
  const wholes = new Map<string, WholeDocument>();
  const names = new Set<string>();
  const rows: SegmentRow[] = [];
  const failed: { file: string; failure: Failure }[] = [];
  let bad = 0;
  for (const { row, content } of files) {
    const sign = isByHand ? null : await contentSign(content);
    const isWhole = sign === null || row.file.endsWith(segmentFileOf("", sign).slice("team-".length));
    const read = isWhole ? await readSegment(content) : null;
    if (read === null || !read.ok) {
      failed.push({ file: row.file, failure: read?.failure ?? { code: "file-not-json" } });
      continue;
    }
    rows.push(row);
    bad += read.value.bad;
    for (const [name, data] of read.value.photos) photos.set(name, data);
    for (const each of read.value.documents) {
      const isFirst = !documents.has(each.document);
      documents.set(each.document, [...(documents.get(each.document) ?? []), each.changes]);
      // What comes on top of it is not in what it said as a whole.
      if (each.whole && isFirst) wholes.set(each.document, { bytes: each.changes, ...each.whole });
      else wholes.delete(each.document);
      for (const name of each.photos) names.add(name);
    }
  }
  const there = new Set(
    await db.photos
      .where("id")
      .anyOf([...names])
      .primaryKeys(),
  );
  return {
    from,
    documents,
    wholes,
    photos,
    rows,
    wantedPhotos: [...names].filter((name) => !there.has(name) && !photos.has(name)),
    bad,
    failed,
  };
}

/** Notes that segments were read: they need not be read again. */
export const noteRead = (db: VemmickDatabase, rows: readonly SegmentRow[]): PromiseLike<unknown> => db.segments.bulkPut([...rows]);
