"use client";
import { DayField } from "@/components/DayField";
import { TickMoment } from "@/components/TickMoment";
import { TickTimes } from "@/components/TickTimes";
import type { FieldPath, FieldSet } from "@/core/fields";
import { clockTime } from "@/features/vocabulary/clock";
import { optionsOf } from "./options-of";
import { saidBy, toRows, type DrawTable, type Rows, type RowTable } from "./rows";
import { toggleMoment } from "./toggle-moment";

/** How what takes a time or a tick is drawn. */
const TIMED: DrawTable = {
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
  day: ({ row, given, label, value, set }) => (
    <DayField label={label} day={value as string | null} {...(row.max ? { max: saidBy(row.max, given) } : {})} onDay={set}>
      {row.beside?.(given)}
    </DayField>
  ),
};

/**
 * Rows like those of `rowsOf`, days and ticks among them.
 * @returns what takes the fields of a record and their rows, and puts them together
 */
export const timedRowsOf =
  <Given,>() =>
  <F extends FieldSet, P extends FieldPath<F>>({ fields }: { readonly fields: F }, table: RowTable<Given, F, P>): Rows<Given, P> =>
    toRows(fields, table, TIMED);
