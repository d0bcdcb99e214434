"use client";
import type { ReactNode } from "react";
import { PickOne, TickList } from "@/components/Choice";
import { FigureField } from "@/components/FigureField";
import { LineField, NoteField } from "@/components/LineField";
import type { RecordField } from "@/core/fields";
import type { Entry } from "@/core/quantity";
import { assert } from "@/core/result";
import type { House } from "@/records";
import { EntryField } from "./EntryField";
import { PlainField } from "./PlainField";
import { optionsOf, type Choosing } from "./options-of";
import { saidBy, valueAt, withValue, type DrawnRow, type DrawProps, type DrawTable, type Form, type Rows } from "./rows";

/** Choices side by side, as many as there is room for. */
const LAYOUTS = {
  row: "flex flex-wrap gap-x-8 gap-y-4",
  "two-columns": "grid grid-cols-2 items-end gap-x-5 gap-y-3",
  "three-columns": "grid grid-cols-2 gap-x-5 gap-y-4 md:grid-cols-3",
  "four-columns": "grid grid-cols-2 items-end gap-x-5 gap-y-3 sm:grid-cols-4",
} as const;

type AnyForm = Form<object>;

interface FieldsProps<Given, Path extends string, Shown extends Path> {
  readonly of: Rows<Given, Path>;
  /** which of them, in this order; absent: all */
  readonly show?: readonly Shown[];
  readonly given: Given;
  readonly in?: keyof typeof LAYOUTS;
  readonly onFocusField?: (path: Shown) => void;
}

/** The plain fields of a record, each drawn by its kind, labelled and shown as its row says; what is keyed goes to its place. */
export function Fields<Given, Path extends string, Shown extends Path = Path>({
  of,
  show,
  given,
  in: layout,
  onFocusField,
}: FieldsProps<Given, Path, Shown>) {
  const rows = (show ?? of.paths).map((path) => of.at[path]).filter(({ row }) => row.when?.(given) ?? true);
  if (rows.length === 0) return null;
  const drawn = rows.map((row) => (
    <OneField key={row.path} {...(row as DrawnRow)} given={given as AnyForm} onFocusField={() => onFocusField?.(row.path as Shown)} />
  ));
  return layout ? <div className={LAYOUTS[layout]}>{drawn}</div> : drawn;
}

interface OneFieldProps extends DrawnRow {
  readonly given: AnyForm;
  readonly onFocusField: () => void;
}

function OneField({ path, field, row, draws, given, onFocusField }: OneFieldProps) {
  const kept = valueAt(given.record, path);
  const put = (next: (value: unknown, at: string) => unknown) =>
    given.change((record, at) => {
      const value = next(valueAt(record, path), at);
      return { ...withValue(record as Readonly<Record<string, unknown>>, path, value), ...row.with?.(value, at, given) };
    });
  const shown = kept === field.blank && row.shown ? row.shown(given) : kept;
  const draw = (draws?.[field.kind] ?? DRAWN[field.kind]) as ((props: DrawProps<RecordField>) => ReactNode) | undefined;
  assert(draw !== undefined, `a field that a form draws, got ${field.kind} at ${path}`);
  return draw({ field, row, given, label: saidBy(row.label, given), value: shown, put, set: (value) => put(() => value), onFocusField });
}

/** An id of a list as it is kept: some are figures. */
const keptId = ({ options }: Choosing, id: string | null): string | number | null => options.find((each) => String(each) === id) ?? null;

const drawText = ({ row, given, label, value, set, onFocusField }: DrawProps<unknown>) =>
  row.isKeyed ? (
    <FigureField
      label={label}
      text={value as string}
      unit={saidBy(row.unit, given) ?? ""}
      problem={row.problem?.(given) ?? null}
      onFocusField={onFocusField}
      onText={set}
    />
  ) : (
    <LineField
      label={label}
      text={value as string}
      unit={saidBy(row.unit, given)}
      example={saidBy(row.example, given)}
      placeholder={saidBy(row.placeholder, given)}
      known={saidBy(row.known, given)}
      problem={row.problem?.(given) ?? null}
      hint={row.hint?.(given) ?? null}
      isFigure={row.isFigure ?? false}
      size={row.size ?? "normal"}
      onText={set}
    />
  );

/** Figures are read with the meter of the house. */
function houseOf({ house }: AnyForm): House {
  assert(house !== undefined, "a form with readings has the house whose meter they are read with");
  return house;
}

const YES_NO = ["yes", "no"] as const;

/** How each kind of field is drawn. */
const DRAWN: DrawTable = {
  reading: ({ field, row, given, label, value, set, onFocusField }) => (
    <EntryField
      label={label}
      quantity={field.quantity}
      entry={value as Entry | null}
      house={houseOf(given)}
      slip={row.slip?.(given) ?? null}
      {...(row.slipWhy ? { slipWhy: row.slipWhy } : {})}
      size={row.size ?? "normal"}
      isAutoFocused={row.isFirst ?? false}
      isAside={row.isAside ?? false}
      onFocusField={onFocusField}
      onEntry={set}
    />
  ),
  one: ({ field, row, given, label, value, set }) => (
    <PickOne
      legend={label}
      options={optionsOf(field, row, given)}
      picked={value === null ? null : String(value as string | number)}
      onPick={(id) => (id === null && row.stays ? undefined : set(keptId(field, id)))}
    />
  ),
  always: ({ field, row, given, label, value, set }) => (
    <PickOne
      legend={label}
      options={optionsOf(field, row, given)}
      picked={String(value as string | number)}
      onPick={(id) => (id === null && row.stays ? undefined : set(keptId(field, id) ?? (field.options.includes("") ? "" : field.blank)))}
    />
  ),
  some: ({ field, row, given, label, value, put }) => (
    <TickList
      legend={label}
      options={optionsOf(field, row, given)}
      ticked={value as readonly string[]}
      onToggle={(id) => put((list) => (row.press ?? pressed)(list as readonly string[], id))}
    />
  ),
  "yes-no": ({ row, given, label, value, set }) => (
    <PickOne
      legend={label}
      options={YES_NO.map((id) => ({ id, label: (saidBy(row.words, given) ?? { yes: "Yes", no: "No" })[id] ?? "" }))}
      picked={value === null ? null : value ? "yes" : "no"}
      onPick={(id) => (id === null && row.stays ? undefined : set(id === null ? null : id === "yes"))}
    />
  ),
  note: ({ row, label, value, set }) => <NoteField label={label} text={value as string} rows={row.rows ?? 2} onText={set} />,
  printed: drawText,
  plain: ({ field, row, given, label, value, set }) => (
    <PlainField
      label={label}
      field={field.plain}
      text={value as string}
      example={saidBy(row.example, given)}
      known={saidBy(row.known, given)}
      unit={saidBy(row.unit, given)}
      onText={set}
    />
  ),
};

const pressed = (list: readonly string[], id: string): string[] => (list.includes(id) ? list.filter((each) => each !== id) : [...list, id]);
