import { fitRecord, migrateRecord, recordTypeOf, type DatedRow, type PartMove, type RecordTypeName } from "@/records";
import type { RecordFault } from "@/core/result";
import type { Loose } from "@/core/kept";
import { formIn, fromTexts, isMoment, isRoot, prefixesIn, toTexts, type Texts } from "@/records/team/registers";
import { recordAt, rootOf } from "@/records/team/shapes";
import { countOf } from "@/core/stock";
import { isPhotoName, partPhotos, swapTexts } from "../photos";
import { missingIn, type DocumentRecord, type InHand } from "./on-documents";

/** Photos by the names that records have for them. */
export type Photos = ReadonlyMap<string, string>;

/** Records as a document has them: what is to be put, what is gone, and what could not be read. */
export interface Materialised {
  readonly put: readonly DocumentRecord[];
  readonly gone: ReturnType<typeof missingIn>;
  /** beginnings of records that do not fit what they may be: they stay as they are here */
  readonly left: readonly string[];
  readonly faults: readonly RecordFault[];
}

/** Whether two rows say the same, their fields in whatever order: that one was touched later is no change of it. */
function isSameRow(name: RecordTypeName, a: DatedRow, b: DatedRow): boolean {
  const said = (row: DatedRow): Texts => new Map(toTexts(name, row).filter(([register]) => !isMoment(register)));
  const [one, other] = [said(a), said(b)];
  const pieces = (row: DatedRow): unknown => (row as { readonly quantity?: unknown }).quantity;
  return one.size === other.size && [...one].every(([register, text]) => other.get(register) === text) && pieces(a) === pieces(b);
}

/** Pieces of a line are what its moves come to. */
function withPieces(records: readonly DocumentRecord[]): readonly DocumentRecord[] {
  const moves = records.filter(({ name }) => name === "move").map(({ row }) => row as unknown as PartMove);
  if (moves.length === 0) return records;
  return records.map((record) =>
    record.name === "part" ? { ...record, row: { ...record.row, quantity: Math.max(0, countOf(moves)) } as DatedRow } : record,
  );
}

/**
 * Makes records of what a document says, each held against the bounds that field and store have too: a bad one is left as it
 * is here, and named; the others are taken.
 * @param photos of records that keep their photos in themselves
 */
export function materialise(
  { id, records, photos: own }: Pick<InHand, "id" | "records" | "photos">,
  target: Texts,
  photos: Photos,
): Materialised {
  const here = new Map(records.map((record) => [`${record.name} ${record.row.id}`, record.row]));
  const prefixes = prefixesIn(target);
  const left: string[] = [];
  const faults: RecordFault[] = [];
  const made = prefixes.flatMap((prefix): DocumentRecord[] => {
    const [name, recordId] = recordAt(id, prefix);
    const mine = here.get(`${name} ${recordId}`);
    const type = recordTypeOf(name);
    const row = fromTexts(id, prefix, target, mine) as Loose | null;
    const raw = row && formIn(target, name) < type.version ? migrateRecord(type, row, formIn(target, name)) : row;
    const whole = swapTexts(raw, (text) =>
      name !== "station" && isPhotoName(text) ? (photos.get(text) ?? own.get(text) ?? null) : undefined,
    );
    const fitted = fitRecord(type, whole);
    if (fitted.ok) return [{ name, row: fitted.record as DatedRow }];
    left.push(prefix);
    faults.push(fitted.fault);
    return [];
  });
  // What belongs to a record that cannot be read, and is not here, has nowhere to be.
  const [root, rootId] = rootOf(id);
  const isHomeless = left.some(isRoot) && !here.has(`${root} ${rootId}`);
  const put = (isHomeless ? [] : withPieces(made)).filter(({ name, row }) => {
    const mine = here.get(`${name} ${row.id}`);
    return mine === undefined || !isSameRow(name, mine, partPhotos(row)[0]);
  });
  return { put, gone: missingIn(records, prefixes, id), left, faults };
}
