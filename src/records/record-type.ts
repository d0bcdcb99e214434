import type * as v from "valibot";
import type { Loose } from "@/core/kept";

/** One step from version `to - 1` to `to`. Deterministic; never edited once released. */
export interface Migration {
  readonly to: number;
  readonly migrate: (record: Loose) => Loose;
}

/** What is told of a kind of record; its version follows from its migrations. */
export interface RecordSpec<Name extends string, List extends string, Schema extends v.GenericSchema> {
  /** what one is called, in files and in words. Persisted: do not change without a migration. */
  readonly name: Name;
  /** the list of the file, and the table of the store, that hold it. Persisted likewise. */
  readonly list: List;
  readonly schema: Schema;
  readonly migrations: readonly Migration[];
  /** its table: the version of the store that brought it, and its indexes. Persisted likewise. */
  readonly table: { readonly since: number; readonly indexes: string };
  /** the file has one of it or none, and the store makes it when something is first keyed on it */
  readonly isSingle?: true;
  /** field with the id of the card it belongs to: it comes, goes and is exported with its card; absent: it stands for itself */
  readonly cardField?: string;
  /** one of it with nothing on it: stands in for what of a damaged row cannot be read */
  readonly blank: (id: string) => Loose;
}

/** A kind of record that is kept: its schema at the present version, and the way there from every older one. */
export interface RecordType<
  Schema extends v.GenericSchema = v.GenericSchema,
  Name extends string = string,
  List extends string = string,
> extends RecordSpec<Name, List, Schema> {
  /** 1 for the first release; each migration adds one */
  readonly version: number;
}

/**
 * Ties a record type's version to its migrations, which must run 2, 3, 4 … without a gap.
 * @errors throws when a migration is missing or out of order (a bug)
 */
export function defineRecordType<const Name extends string, const List extends string, Schema extends v.GenericSchema>(
  type: RecordSpec<Name, List, Schema>,
): RecordType<Schema, Name, List> {
  type.migrations.forEach((migration, index) => {
    if (migration.to !== index + 2)
      throw new Error(`${type.name}: migration ${index + 1} must lead to version ${index + 2}, not ${migration.to}`);
  });
  return { ...type, version: type.migrations.length + 1 };
}

/** The one step from a version to the next. */
export function migrateStep(type: RecordType, record: Loose, from: number): Loose {
  return type.migrations.find(({ to }) => to === from + 1)?.migrate(record) ?? record;
}

/**
 * Brings one record from an older version to the present one.
 * @param from version the record was written with, 1 ≤ from ≤ type.version
 */
export function migrateRecord(type: RecordType, record: Loose, from: number): Loose {
  return type.migrations.filter(({ to }) => to > from).reduce((current, { migrate }) => migrate(current), record);
}
