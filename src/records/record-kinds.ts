/** What the store, the file and the words need to know of a kind of record without reading one. */
export interface RecordKind {
  /** the list of the file, and the table of the store, that hold it. Persisted: do not change without a migration. */
  readonly list: string;
  /** 1 for the first release; each migration adds one, and its type says so */
  readonly version: number;
  /** its table: the version of the store that brought it, and its indexes. Persisted likewise. */
  readonly table: { readonly since: number; readonly indexes: string };
  /** the file has one of it or none, and the store makes it when something is first keyed on it */
  readonly isSingle?: true;
  /** field with the id of the card it belongs to: it comes, goes and is exported with its card; absent: it stands for itself */
  readonly cardField?: string;
  /** field with the id of the line of the shelf it belongs to: it comes and goes with the line */
  readonly lineField?: string;
}

/**
 * Every kind of record, cards before what belongs to them: apart from the schemas, which a list need not load. A new kind is
 * one row here, and one in record-types.ts.
 */
const RECORD_KINDS = {
  traveller: { list: "travellers", version: 5, table: { since: 1, indexes: "id, updatedAt" }, cardField: "id" },
  station: { list: "stations", version: 19, table: { since: 1, indexes: "id, travellerId" }, cardField: "travellerId" },
  house: { list: "house", version: 4, table: { since: 1, indexes: "id" }, isSingle: true },
  part: { list: "parts", version: 5, table: { since: 2, indexes: "id" } },
  move: { list: "moves", version: 1, table: { since: 8, indexes: "id, partId" }, lineField: "partId" },
  meter: { list: "meters", version: 1, table: { since: 9, indexes: "id" } },
} as const satisfies Readonly<Record<string, RecordKind>>;

export type RecordTypeName = keyof typeof RECORD_KINDS;
export const RECORD_TYPE_NAMES = Object.keys(RECORD_KINDS) as RecordTypeName[];

/** A kind without its own types, for code that treats all alike. */
export const recordKindOf = (name: RecordTypeName): RecordKind => RECORD_KINDS[name];

/** Something of every type of record. */
export function byType<T extends { readonly [Name in RecordTypeName]: unknown }>(
  make: <Name extends RecordTypeName>(name: Name) => T[Name],
): T {
  // One entry a name of the table: what is returned has exactly the fields that T asks for.
  return Object.fromEntries(RECORD_TYPE_NAMES.map((name) => [name, make(name)])) as T;
}

export type RecordVersions = Readonly<Record<RecordTypeName, number>>;

/** Versions this program writes. */
export const PRESENT_VERSIONS = byType<RecordVersions>((name) => RECORD_KINDS[name].version);

/** First record type that was written by a newer program; null when all can be read. */
export function findNewer(versions: Readonly<Record<string, number>>): { recordType: string; found: number; known: number } | null {
  for (const [recordType, found] of Object.entries(versions)) {
    const known = Object.hasOwn(RECORD_KINDS, recordType) ? recordKindOf(recordType as RecordTypeName).version : 0;
    if (found > known) return { recordType, found, known };
  }
  return null;
}

const idIn = (record: object, field: string | undefined): string | null => {
  const id: unknown = field === undefined ? null : (record as Record<string, unknown>)[field];
  return typeof id === "string" ? id : null;
};

/** Id of the card a record belongs to; null: it belongs to none. */
export const cardOf = (name: RecordTypeName, record: object): string | null => idIn(record, recordKindOf(name).cardField);

/** Id of the line of the shelf a record belongs to; null: it belongs to none. */
export const lineOf = (name: RecordTypeName, record: object): string | null => idIn(record, recordKindOf(name).lineField);

/** The document a team knows a record in, `type/id`: that of its card, of its line of the shelf, or its own. */
export function documentOf(name: RecordTypeName, record: { readonly id: string }): string {
  const [card, line] = [cardOf(name, record), lineOf(name, record)];
  return card !== null ? `traveller/${card}` : line !== null ? `part/${line}` : `${name}/${record.id}`;
}
