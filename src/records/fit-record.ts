import * as v from "valibot";
import { cutText, isLoose } from "@/core/kept";
import type { FaultReason, RecordFault } from "@/core/result";
import type { RecordType } from "./record-type";
import { withValueAt } from "./value-at";

/** A record as the schema has it, what of it had to be shortened to fit, or why it cannot be kept. */
export type Fitted<T> =
  | { readonly ok: true; readonly record: T; readonly shortened: readonly RecordFault[] }
  | { readonly ok: false; readonly fault: RecordFault };

type Issue = v.BaseIssue<unknown>;

/** What each check of the schemas means; every other one says that the field is of another kind. */
const REASONS: Readonly<Record<string, FaultReason>> = {
  max_length: "too-long",
  max_entries: "too-many",
  min_value: "out-of-bounds",
  max_value: "out-of-bounds",
  finite: "out-of-bounds",
  integer: "out-of-bounds",
  check: "out-of-bounds",
  picklist: "unknown-word",
  variant: "unknown-word",
  literal: "unknown-word",
  iso_timestamp: "no-moment",
  iso_date: "no-moment",
  raw_transform: "no-moment",
};

function reasonOf(issue: Issue): FaultReason {
  if (issue.input === undefined) return "missing";
  if (issue.type === "max_length" && Array.isArray(issue.input)) return "too-many";
  return REASONS[issue.type] ?? "wrong-kind";
}

const SHOWN_NAME = 40;

/** A name as it stands in a sentence. */
const shownName = (name: string): string => cutText(name.trim(), SHOWN_NAME).trim();

/** What a person knows a record by, as far as it can be read. */
function nameOf(record: unknown): string | null {
  if (!isLoose(record)) return null;
  const words = [record.machine, record.label, record.id].find((word) => typeof word === "string" && word.trim() !== "");
  return typeof words === "string" ? shownName(words) : null;
}

/** Path without list numbers and without the envelope: the words of a field. */
const fieldOf = (issue: Issue | null): string | null =>
  issue?.path
    ?.map(({ key }) => key)
    .filter((key): key is string => typeof key === "string" && key !== "data")
    .slice(0, 3)
    .map((key) => cutText(key, 24))
    .join(" ") || null;

/** Names a record that does not fit. */
export function faultOf(type: RecordType, record: unknown, reason: FaultReason, issue: Issue | null = null): RecordFault {
  const station = isLoose(record) && typeof record.stationId === "string" ? cutText(record.stationId, 24) : null;
  const most = issue !== null && typeof issue.requirement === "number" ? issue.requirement : null;
  return { recordType: type.name, name: nameOf(record), station, field: fieldOf(issue), reason, most };
}

/** What a person knows each card by, for the records of its stations, which have only its id. */
export const machinesOf = (cards: readonly unknown[]): ReadonlyMap<unknown, string> =>
  new Map(
    cards
      .filter(isLoose)
      .flatMap(({ id, machine }) => (typeof machine === "string" && machine.trim() !== "" ? [[id, shownName(machine)] as const] : [])),
  );

/** The fault of a record that belongs to a card, named by the card's machine; of any other record as it is. */
export function onCard(type: RecordType, fault: RecordFault, record: unknown, machines: ReadonlyMap<unknown, string>): RecordFault {
  const { cardField } = type;
  if (cardField === undefined || cardField === "id") return fault;
  return { ...fault, name: (isLoose(record) ? machines.get(record[cardField]) : undefined) ?? null };
}

/** A text with more characters than its field takes; a picture is not a text to be shortened. */
const isLongText = (issue: Issue): boolean => issue.type === "max_length" && typeof issue.input === "string" && issue.path !== undefined;

function shorten(record: unknown, issue: Issue): unknown {
  const text = String(issue.input);
  const fitting = text.startsWith("data:") ? null : cutText(text, Number(issue.requirement));
  return withValueAt(
    record,
    (issue.path ?? []).map(({ key }) => key),
    fitting,
  );
}

/**
 * Holds a record against the bounds that field, store and file share. Texts that are too long are shortened, and named;
 * everything else that does not fit is a fault.
 * @param record at the present version of its type
 */
export function fitRecord(type: RecordType, record: unknown): Fitted<unknown> {
  const schema = (isLoose(record) && type.narrow?.(record)) || type.schema;
  const first = v.safeParse(schema, record);
  if (first.success) return { ok: true, record: first.output, shortened: [] };
  const other = first.issues.find((issue) => !isLongText(issue));
  if (other) return { ok: false, fault: faultOf(type, record, reasonOf(other), other) };
  const issues: readonly Issue[] = first.issues;
  const second = v.safeParse(schema, issues.reduce(shorten, record));
  if (!second.success) return { ok: false, fault: faultOf(type, record, reasonOf(second.issues[0]), second.issues[0]) };
  return { ok: true, record: second.output, shortened: issues.map((issue) => faultOf(type, record, "too-long", issue)) };
}
