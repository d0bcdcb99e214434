import type { ReactNode } from "react";
import { fieldAt, type FieldPath, type FieldSet, type FieldValue, type RecordField } from "@/core/fields";
import type { Slip } from "@/core/quantity";
import { assert } from "@/core/result";
import type { House } from "@/records";
import type { ChangeRecord } from "../station/contract";

/** A record on the screen: what is kept, and the one way to change it. */
export interface Form<R> {
  readonly record: R;
  /** its meter is the one figures are read with; absent: the form has no readings */
  readonly house?: House;
  change(change: ChangeRecord<R>): void;
}

/** What a form says, fixed or by what else is known. */
type By<Given, T> = T | ((given: Given) => T);

/** How a field is told and drawn, whatever its kind. */
interface AnyRow<Given, Value> {
  readonly label: By<Given, string>;
  /** shown only then; absent: always */
  readonly when?: (given: Given) => boolean;
  /** what stands there while nothing is keyed */
  readonly shown?: (given: Given) => Value;
  /** what changes with it */
  readonly with?: (value: Value, at: string, given: Given) => object;
}
interface ReadingRow {
  readonly size?: "normal" | "large";
  readonly isFirst?: true;
  /** what a slip is held against: "the plate" */
  readonly slipWhy?: string;
  /** beside what the station asks for */
  readonly isAside?: true;
}
interface TextRow<Given> {
  readonly unit?: By<Given, string | undefined>;
  readonly example?: By<Given, string | undefined>;
  readonly placeholder?: By<Given, string | undefined>;
  /** what counts while nothing is typed, taken from elsewhere */
  readonly known?: By<Given, string | undefined>;
  readonly problem?: (given: Given) => string | null;
  readonly hint?: (given: Given) => string | null;
  readonly isFigure?: true;
  readonly size?: "normal" | "large";
  /** keyed on the pad, as a meter or an indicator shows it */
  readonly isKeyed?: true;
}

/** What the row of a field says beside its label, by the field's kind. */
type OwnRow<Given, F> = F extends { readonly kind: "reading" }
  ? ReadingRow & { readonly slip?: (given: Given) => Slip | null | undefined }
  : F extends { readonly options: readonly (infer O extends string | number)[] }
    ? {
        readonly words: By<Given, Readonly<Record<Exclude<O, "">, string>>>;
        /** which of them, in their order; absent: all that have words */
        readonly offers?: (given: Given) => readonly O[];
        /** one that is picked again stays */
        readonly stays?: true;
        /** a list with one of it pressed; absent: it goes in, or out */
        readonly press?: (list: readonly O[], id: O) => O[];
      }
    : F extends { readonly kind: "ticks" }
      ? { readonly words: By<Given, Readonly<Record<string, string>>>; readonly offers?: (given: Given) => readonly string[] }
      : F extends { readonly kind: "note" }
        ? { readonly rows?: number }
        : F extends { readonly kind: "printed" | "plain" }
          ? TextRow<Given>
          : F extends { readonly kind: "day" }
            ? { readonly max?: By<Given, string>; readonly beside?: (given: Given) => ReactNode }
            : F extends { readonly kind: "yes-no" }
              ? { readonly words?: By<Given, Readonly<Record<"yes" | "no", string>>>; readonly stays?: true }
              : object;
type RowOf<Given, F> = AnyRow<Given, F extends { readonly blank: infer Blank } ? Blank : never> & OwnRow<Given, F>;

/** Kinds that take a time or a tick: what draws them comes with the rows that have them (`timed-rows`). */
export type TimedKind = "day" | "ticks" | "moment" | "flag";
/** Rows by the ways to their fields. */
export type RowTable<Given, F extends FieldSet, P extends FieldPath<F>> = {
  readonly [K in P]: RowOf<Given, FieldValue<F, K>>;
};
/** The same, of fields that take no time and no tick. */
type PlainTable<Given, F extends FieldSet, P extends FieldPath<F>> = {
  readonly [K in P]: FieldValue<F, K> extends { readonly kind: TimedKind } ? never : RowOf<Given, FieldValue<F, K>>;
};

/** A row with its field, as the form draws it. */
export interface DrawnRow<Given = unknown> {
  readonly path: string;
  readonly field: RecordField;
  /** how kinds are drawn that the form does not draw by itself */
  readonly draws?: DrawTable;
  readonly row: AnyRow<Given, unknown> &
    ReadingRow &
    TextRow<Given> & {
      readonly slip?: (given: Given) => Slip | null | undefined;
      readonly words?: By<Given, Readonly<Record<string, string>>>;
      readonly offers?: (given: Given) => readonly (string | number)[];
      readonly stays?: true;
      readonly press?: (list: readonly string[], id: string) => string[];
      readonly rows?: number;
      readonly max?: By<Given, string>;
      readonly beside?: (given: Given) => ReactNode;
    };
}

/** Fields of a record with their rows, in the order they are written. */
export interface Rows<Given, Path extends string = string> {
  readonly paths: readonly Path[];
  readonly at: Readonly<Record<Path, DrawnRow<Given>>>;
}

/** What draws a field is given. */
export interface DrawProps<F> {
  readonly field: F;
  readonly row: DrawnRow["row"];
  readonly given: Form<object>;
  readonly label: string;
  readonly value: unknown;
  readonly put: (next: (value: unknown, at: string) => unknown) => void;
  readonly set: (value: unknown) => void;
  readonly onFocusField: () => void;
}
/** How kinds of fields are drawn. */
export type DrawTable = {
  readonly [K in RecordField["kind"]]?: (props: DrawProps<Extract<RecordField, { readonly kind: K }>>) => ReactNode;
};

/** Puts fields and rows together. */
export function toRows<Given, P extends string>(fields: FieldSet, table: Readonly<Record<P, object>>, draws?: DrawTable): Rows<Given, P> {
  const paths = Object.keys(table) as P[];
  const drawn = paths.map((path): [P, DrawnRow<Given>] => {
    const field = fieldAt(fields, path);
    assert(field !== undefined, `a row stands at a field of the record, got ${path}`);
    return [path, { path, field, row: table[path] as DrawnRow<Given>["row"], ...(draws ? { draws } : {}) }];
  });
  return { paths, at: Object.fromEntries(drawn) as Record<P, DrawnRow<Given>> };
}

/**
 * Rows of a record's fields: how each is called, what it offers and when it is shown. Given twice, for what a form knows
 * beside the record: `rowsOf<Props>()(fields, { … })`. Days and ticks: `timedRowsOf`.
 * @returns what takes the fields of a record and their rows, and puts them together
 */
export const rowsOf =
  <Given>() =>
  <F extends FieldSet, P extends FieldPath<F>>({ fields }: { readonly fields: F }, table: PlainTable<Given, F, P>): Rows<Given, P> =>
    toRows(fields, table);

/** What is said, with what is known put in. */
export const saidBy = <Given, T>(said: T | ((given: Given) => T), given: Given): T =>
  typeof said === "function" ? (said as (given: Given) => T)(given) : said;

type Nested = Readonly<Record<string, unknown>>;

/** What stands at the end of a way. */
export const valueAt = (record: unknown, path: string): unknown =>
  path.split(".").reduce<unknown>((value, step) => (value as Nested | undefined)?.[step], record);

/** The record with another value at the end of a way. */
export function withValue(record: Nested, path: string, value: unknown): Nested {
  const [first = "", ...rest] = path.split(".");
  return { ...record, [first]: rest.length === 0 ? value : withValue(record[first] as Nested, rest.join("."), value) };
}
