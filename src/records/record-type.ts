import type * as v from "valibot";

/** One step from version `to - 1` to `to`. Deterministic; never edited once released. */
export interface Migration {
  readonly to: number;
  readonly migrate: (record: Record<string, unknown>) => Record<string, unknown>;
}

/** A kind of record that is kept: its schema at the present version, and the way there from every older one. */
export interface RecordType<Schema extends v.GenericSchema = v.GenericSchema> {
  readonly name: string;
  /** the list of the file, and the table of the store, that hold it */
  readonly list: string;
  readonly schema: Schema;
  /** 1 for the first release; each migration adds one */
  readonly version: number;
  readonly migrations: readonly Migration[];
}

/**
 * Ties a record type's version to its migrations, which must run 2, 3, 4 … without a gap.
 * @errors throws when a migration is missing or out of order (a bug)
 */
export function defineRecordType<Schema extends v.GenericSchema>(type: {
  readonly name: string;
  readonly list: string;
  readonly schema: Schema;
  readonly migrations: readonly Migration[];
}): RecordType<Schema> {
  type.migrations.forEach((migration, index) => {
    if (migration.to !== index + 2)
      throw new Error(`${type.name}: migration ${index + 1} must lead to version ${index + 2}, not ${migration.to}`);
  });
  return { ...type, version: type.migrations.length + 1 };
}

/** The one step from a version to the next. */
export function migrateStep(type: RecordType, record: Record<string, unknown>, from: number): Record<string, unknown> {
  return type.migrations.find(({ to }) => to === from + 1)?.migrate(record) ?? record;
}

/**
 * Brings one record from an older version to the present one.
 * @param from version the record was written with, 1 ≤ from ≤ type.version
 */
export function migrateRecord(type: RecordType, record: Record<string, unknown>, from: number): Record<string, unknown> {
  return type.migrations.filter(({ to }) => to > from).reduce((current, { migrate }) => migrate(current), record);
}
