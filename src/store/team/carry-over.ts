import * as v from "valibot";
import { signOf, textSchema } from "@/core/kept";
import { fail, ok, type Failure, type RecordFault, type Result } from "@/core/result";
import { MAX_FILE_BYTES, parseJson, readVemmickValue, RECORD_TYPE_NAMES, type DatedRow, type Part, type RecordTypeName } from "@/records";
import { actorOf, changesSince, newDocument, setTexts } from "@/records/team/document";
import { textsOfRecords } from "@/records/team/registers";
import { placeOf } from "@/records/team/shapes";
import { partPhotos } from "../photos";
import { openingOf } from "../stock-moves";
import { toStorageFailure } from "../storage-status";
import type { VemmickDatabase } from "../vemmick-database";
import type { MergeCounts } from "./document-row";
import { takeChangesIn } from "./take";
import { TEAM_KEYS } from "./team-device";

/** What was carried over from the file of a device whose program still writes the first form of team files. */
export interface OldOutline {
  readonly from: { readonly id: string; readonly name: string };
  readonly counts: MergeCounts;
  readonly faults: readonly RecordFault[];
  readonly isTaken: boolean;
}

const WriterSchema = v.object({ team: v.object({ id: v.pipe(v.string(), v.regex(/^[a-z0-9]{4,16}$/)), name: textSchema("person") }) });
const CARRIED_KEY = `${TEAM_KEYS}carried:`;

interface OldRecord {
  readonly name: RecordTypeName;
  readonly row: DatedRow;
}

const LIFE_DIGITS = 16;
/** The same for the same content: two devices that carry the same file over do the same, once. */
const lifeOf = (texts: ReadonlyMap<string, string>): string =>
  [...signOf(JSON.stringify([...texts]))]
    .map((letter) => letter.charCodeAt(0).toString(16))
    .join("")
    .slice(0, LIFE_DIGITS)
    .padEnd(LIFE_DIGITS, "0");

/** Documents as somebody has them who knows of no other: what differs here stands beside it, and is asked about. */
function changesOf(device: string, records: readonly OldRecord[]): ReadonlyMap<string, readonly Uint8Array[]> {
  const byDocument = new Map<string, OldRecord[]>();
  for (const record of records) {
    const { document } = placeOf(record.name, record.row);
    byDocument.set(document, [...(byDocument.get(document) ?? []), record]);
  }
  return new Map(
    [...byDocument].map(([id, all]) => {
      const texts = textsOfRecords(all);
      const document = setTexts(newDocument(actorOf(device, lifeOf(texts))), new Map(texts), "keyed");
      return [id, [changesSince(document, [])]] as const;
    }),
  );
}

/** Records with their photos apart, and lines with the counting that such a file has in the place of moves. */
function apart(records: readonly OldRecord[]): { readonly records: readonly OldRecord[]; readonly photos: ReadonlyMap<string, string> } {
  const photos = new Map<string, string>();
  const parted = records.flatMap(({ name, row }): OldRecord[] => {
    const [slim, own] = partPhotos(row);
    for (const { id, data } of own) photos.set(id, data);
    const opening: OldRecord[] = name === "part" ? [{ name: "move", row: openingOf(row as unknown as Part) }] : [];
    return [{ name, row: slim }, ...opening];
  });
  return { records: parted, photos };
}

/**
 * Carries over what a file of the first form of team files has that was not carried over before: new records are taken, and
 * what differs from what is here is asked about; nothing is taken away by it.
 * @errors 'file-too-large' before it is read, those of parseJson, 'file-no-team', and those of the store
 */
export async function carryOver(db: VemmickDatabase, file: Blob, isLook: boolean): Promise<Result<OldOutline, Failure>> {
  if (file.size > MAX_FILE_BYTES) return fail({ code: "file-too-large", bytes: file.size, maxBytes: MAX_FILE_BYTES });
  const parsed = parseJson(await file.text());
  if (!parsed.ok) return parsed;
  const read = readVemmickValue(parsed.value);
  if (!read.ok) return read;
  const writer = v.safeParse(WriterSchema, parsed.value);
  if (!writer.success) return fail({ code: "file-no-team" });
  const from = writer.output.team;
  try {
    const key = `${CARRIED_KEY}${from.id}`;
    const before = ((await db.settings.get(key))?.value ?? {}) as Readonly<Record<string, string>>;
    const all = RECORD_TYPE_NAMES.flatMap((name) => (read.value.records[name] as readonly DatedRow[]).map((row) => ({ name, row })));
    const news = all.filter(({ name, row }) => before[`${name} ${row.id}`] !== row.updatedAt);
    const { records, photos } = apart(news);
    const taken = await takeChangesIn(db, { from, documents: changesOf(from.id, records), photos }, { isLook });
    if (!taken.ok) return taken;
    if (!isLook)
      await db.settings.put({
        key,
        value: { ...before, ...Object.fromEntries(news.map(({ name, row }) => [`${name} ${row.id}`, row.updatedAt])) },
      });
    return ok({ from, counts: taken.value.counts, faults: [...read.value.faults, ...taken.value.faults], isTaken: !isLook });
  } catch (error) {
    return fail(toStorageFailure(error));
  }
}
