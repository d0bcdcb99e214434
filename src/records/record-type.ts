import type * as v from "valibot";
import type { Loose } from "@/core/kept";
import { recordKindOf, type RecordKind, type RecordTypeName } from "./record-kinds";

/** One step from version `to - 1` to `to`. Deterministic; never edited once released. */
export interface Migration {
  readonly to: number;
  readonly migrate: (record: Loose) => Loose;
}

/** What is told of a type of record beside its kind. */
export interface RecordSpec<Schema extends v.GenericSchema> {
  readonly schema: Schema;
  /** the part of the schema that holds for a record as it is: the same outcome sooner; null: the whole has to say */
  readonly narrow?: (record: Loose) => v.GenericSchema | null;
  readonly migrations: readonly Migration[];
  /** one of it with nothing on it: stands in for what of a damaged row cannot be read */
  readonly blank: (id: string) => Loose;
}

/** A type of record that is kept: its schema at the present version, and the way there from every older one. */
export interface RecordType<Schema extends v.GenericSchema = v.GenericSchema, Name extends RecordTypeName = RecordTypeName>
  extends RecordSpec<Schema>, RecordKind {
  /** what one is called, in files and in words. Persisted: do not change without a migration. */
  readonly name: Name;
}

/**
 * Ties a record type to its kind. Its migrations must run 2, 3, 4 … without a gap, up to the version its kind says.
 * @errors throws when a migration is missing or out of order, or leads elsewhere (a bug)
 */
export function defineRecordType<const Name extends RecordTypeName, Schema extends v.GenericSchema>(
  name: Name,
  spec: RecordSpec<Schema>,
): RecordType<Schema, Name> {
  const kind = recordKindOf(name);
  spec.migrations.forEach((migration, index) => {
    if (migration.to !== index + 2)
      throw new Error(`${name}: migration ${index + 1} must lead to version ${index + 2}, not ${migration.to}`);
  });
  const last = spec.migrations.length + 1;
  if (last !== kind.version) throw new Error(`${name}: the migrations lead to version ${last}, record-kinds.ts says ${kind.version}`);
  return { ...kind, ...spec, name };
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
