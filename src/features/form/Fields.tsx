"use client";
import type { ReactNode } from "react";
import { PickOne, TickList } from "@/components/Choice";
import { DayField } from "@/components/DayField";
import { FigureField } from "@/components/FigureField";
import { LineField, NoteField } from "@/components/LineField";
import { TickMoment } from "@/components/TickMoment";
import { TickTimes } from "@/components/TickTimes";
import type { RecordField } from "@/core/fields";
import type { Entry } from "@/core/quantity";
import { clockTime } from "@/features/vocabulary/clock";
import { assert } from "@/core/result";
import type { House } from "@/records";
import { EntryField } from "./EntryField";
import { PlainField } from "./PlainField";
import { saidBy, valueAt, withValue, type DrawnRow, type Form, type Rows } from "./rows";
import { toggleMoment } from "./toggle-moment";

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

function OneField({ path, field, row, given, onFocusField }: OneFieldProps) {
  const kept = valueAt(given.record, path);
  const put = (next: (value: unknown, at: string) => unknown) =>
    given.change((record, at) => {
      const value = next(valueAt(record, path), at);
      return { ...withValue(record as Readonly<Record<string, unknown>>, path, value), ...row.with?.(value, at, given) };
    });
  const shown = kept === field.blank && row.shown ? row.shown(given) : kept;
  const draw = DRAWN[field.kind] as (props: DrawProps<RecordField>) => ReactNode;
  return draw({ field, row, given, label: saidBy(row.label, given), value: shown, put, set: (value) => put(() => value), onFocusField });
}

interface DrawProps<F> {
  readonly field: F;
  readonly row: DrawnRow["row"];
  readonly given: AnyForm;
  readonly label: string;
  readonly value: unknown;
  readonly put: (next: (value: unknown, at: string) => unknown) => void;
  readonly set: (value: unknown) => void;
  readonly onFocusField: () => void;
}
type Kind = RecordField["kind"];
type Draw = { [K in Kind]: (props: DrawProps<Extract<RecordField, { readonly kind: K }>>) => ReactNode };

interface Choosing {
  readonly options: readonly (string | number)[];
}
function optionsOf({ options }: Choosing, { words: said, offers }: DrawnRow["row"], given: AnyForm) {
  const words = saidBy(said, given);
  return (offers?.(given) ?? options.filter((id) => words?.[id] !== undefined)).map((id) => ({ id: String(id), label: words?.[id] ?? "" }));
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
const DRAWN: Draw = {
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
  flag: ({ label, value, set }) => <TickMoment label={label} isOn={value as boolean} onToggle={(isOn) => set(isOn)} />,
  moment: ({ label, value, put }) => (
    <TickMoment
      label={label}
      isOn={value !== null}
      when={value === null ? "" : clockTime(value as string)}
      onToggle={() => put((before, at) => (before === null ? at : null))}
    />
  ),
  ticks: ({ row, given, label, value, put }) => (
    <TickTimes
      legend={label}
      steps={optionsOf({ options: Object.keys(saidBy(row.words, given) ?? {}) }, row, given)}
      times={value as Readonly<Record<string, string>>}
      show={clockTime}
      onToggle={(id) => put((times, at) => toggleMoment(times as Readonly<Record<string, string>>, id, at))}
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
  day: ({ row, given, label, value, set }) => (
    <DayField label={label} day={value as string | null} {...(row.max ? { max: saidBy(row.max, given) } : {})} onDay={set}>
      {row.beside?.(given)}
    </DayField>
  ),
  group: () => null,
  own: () => null,
};

const pressed = (list: readonly string[], id: string): string[] => (list.includes(id) ? list.filter((each) => each !== id) : [...list, id]);
