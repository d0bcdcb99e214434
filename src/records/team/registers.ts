import { isLoose, signOf, type Loose } from "@/core/kept";
import { RECORD_TYPE_NAMES, type RecordTypeName } from "../record-kinds";
import { recordTypeOf, type DatedRow } from "../record-types";
import { placeOf, recordAt, shapeOf } from "./shapes";

/** What a document says: a text of JSON by the name of each register. */
export type Texts = ReadonlyMap<string, string>;

/** When the record of a document was taken away; absent: it is there. */
export const GONE = "gone";
/** Between the beginning of a register's name and its field. */
const MARK = "|";
const WHOLE = "*";
const CHANGED_AT = "updatedAt";

export const prefixOf = (register: string): string => register.slice(0, register.indexOf(MARK));
/** Whether a register says when, and nothing else: two moments are no two opinions. */
export const isMoment = (register: string): boolean => register.endsWith(`${MARK}${CHANGED_AT}`);
/** The version of a type that a document was last written in stands beside its records. */
const FORM = "form";
const isType = (prefix: string): boolean => RECORD_TYPE_NAMES.some((name) => name === /^[a-z]+/.exec(prefix)?.[0]);
/** Whether a register is of a record of a type that this program knows, or tells its version: the others are a newer program's. */
export const isShared = (register: string): boolean => register.includes(MARK) && (isType(register) || prefixOf(register) === FORM);
/** Beginnings of the records that a document has, as far as this program knows their types. */
export const prefixesIn = (texts: Texts): readonly string[] =>
  [...new Set([...texts.keys()].filter((register) => register.includes(MARK)).map(prefixOf))].filter(isType);
/** Whether a register is a record that was made once and stands: an act of somebody, which nobody else can have not done. */
export const isAct = (register: string): boolean => register.endsWith(`${MARK}${WHOLE}`);

/** Whether the beginning of a record's registers is that of the record its document is of. */
export const isRoot = (prefix: string): boolean => !/[/:]/.test(prefix);

/** The version of a type that a document was last written in; the present one where it does not say. */
export const formIn = (texts: Texts, name: RecordTypeName): number => {
  const text = texts.get(`${FORM}${MARK}${name}`);
  return text === undefined ? recordTypeOf(name).version : Number(text);
};

/** Registers of everything that belongs to one document. */
export const textsOfRecords = (records: readonly { readonly name: RecordTypeName; readonly row: DatedRow }[]): Texts =>
  new Map(
    records.flatMap(({ name, row }) => [...toTexts(name, row), [`${FORM}${MARK}${name}`, String(recordTypeOf(name).version)] as const]),
  );
/** The field of a record that a register is of, as a path; a whole record has none. */
export const fieldsOf = (register: string): readonly string[] =>
  register
    .slice(register.indexOf(MARK) + 1)
    .split("#", 1)[0]!
    .split(".")
    .filter((field) => field !== WHOLE);

/** Registers of one record. */
export function toTexts(name: RecordTypeName, row: DatedRow): readonly (readonly [string, string])[] {
  const { prefix } = placeOf(name, row);
  const { split, sets, own, isWhole } = shapeOf(name);
  const at = (field: string): string => `${prefix}${MARK}${field}`;
  const shared = Object.entries(row).filter(([field]) => field !== "id" && !own.includes(field));
  if (isWhole) return [[at(WHOLE), JSON.stringify(Object.fromEntries(shared))]];
  return shared.flatMap(([field, value]): (readonly [string, string])[] => {
    if (value === undefined) return [];
    if (field in sets && Array.isArray(value))
      return value.map((entry) => [at(`${field}#${signOf(JSON.stringify(entry))}`), JSON.stringify(entry)] as const);
    if (split.includes(field) && isLoose(value))
      return Object.entries(value).flatMap(([key, each]) =>
        each === undefined ? [] : [[at(`${field}.${key}`), JSON.stringify(each)] as const],
      );
    return [[at(field), JSON.stringify(value)]];
  });
}

const momentOf = (entry: unknown): string => String(isLoose(entry) ? entry.at : entry);
const byMoment = (a: unknown, b: unknown): number =>
  momentOf(a) === momentOf(b) ? (JSON.stringify(a) < JSON.stringify(b) ? -1 : 1) : momentOf(a) < momentOf(b) ? -1 : 1;

/**
 * A record from its registers.
 * @param texts registers of its document; those of others are left alone
 * @param mine the row that is here: what is each device's own stays as it is on it
 * @returns null: there is no such record in the document
 */
export function fromTexts(document: string, prefix: string, texts: Texts, mine: DatedRow | undefined): DatedRow | null {
  const [name, id] = recordAt(document, prefix);
  const { split, sets, own } = shapeOf(name);
  const found = [...texts].filter(([register]) => register.startsWith(`${prefix}${MARK}`));
  if (found.length === 0) return null;
  const blank: Loose = recordTypeOf(name).blank(id);
  const row: Loose = { id };
  for (const field of split) row[field] = {};
  for (const field of Object.keys(sets)) row[field] = [];
  for (const [register, text] of found) {
    const value: unknown = JSON.parse(text);
    const [field = WHOLE, key] = fieldsOf(register);
    if (field === WHOLE) Object.assign(row, value);
    else if (field in sets) (row[field] as unknown[]).push(value);
    else if (key !== undefined && isLoose(row[field])) row[field][key] = value;
    else row[field] = value;
  }
  for (const [field, most] of Object.entries(sets)) row[field] = (row[field] as unknown[]).sort(byMoment).slice(-most);
  for (const field of own) if (field in blank) row[field] = (mine as Loose | undefined)?.[field] ?? blank[field];
  return row as unknown as DatedRow;
}
