import type { DBCore, DBCoreMutateRequest, Middleware } from "dexie";
import { documentOf, RECORD_TYPE_NAMES, recordKindOf, type RecordTypeName } from "@/records";
import type { Mark } from "./document-row";

/*
 * Whatever changes a record marks its document, below Dexie's tables and in the same transaction, so that no writer needs to
 * know of teams, and an exchange need not look through everything for what was changed.
 */

const TYPE_OF_LIST = new Map<string, RecordTypeName>(RECORD_TYPE_NAMES.map((name) => [recordKindOf(name).list, name]));
const MARKS = "marks";

/** Documents of rows that are put, or of keys that are deleted as far as a key tells. */
function documentsOf(name: RecordTypeName, request: DBCoreMutateRequest): readonly string[] {
  if (request.type === "put" || request.type === "add") return request.values.map((row: { readonly id: string }) => documentOf(name, row));
  if (request.type !== "delete") return [];
  const { cardField, lineField } = recordKindOf(name);
  // What belongs to a line goes with it, or is put anew in the same transaction.
  if (lineField !== undefined) return [];
  const ofCard = name !== "traveller" && cardField !== undefined;
  return request.keys.map((key: string) => (ofCard ? `traveller/${key.split("/", 1)[0] ?? key}` : `${name}/${key}`));
}

function marking(core: DBCore, name: RecordTypeName, request: DBCoreMutateRequest): void {
  const documents = [...new Set(documentsOf(name, request))];
  if (documents.length === 0) return;
  const { trans } = request;
  const values = documents.map((id): Mark => ({ id }));
  const refuse = () => (trans as Partial<IDBTransaction>).abort?.();
  core
    .table(MARKS)
    .mutate({ type: "put", trans, values })
    .then(({ numFailures }) => {
      if (numFailures > 0) refuse();
    }, refuse);
}

/** Marks documents of records, whoever writes them. */
export const markingDocuments: Middleware<DBCore> = {
  stack: "dbcore",
  name: "marks",
  create: (core) => ({
    ...core,
    transaction: (stores, mode, options) =>
      core.transaction(
        mode === "readwrite" && stores.some((store) => TYPE_OF_LIST.has(store)) ? [...new Set([...stores, MARKS])] : stores,
        mode,
        options,
      ),
    table: (list) => {
      const table = core.table(list);
      const name = TYPE_OF_LIST.get(list);
      if (name === undefined) return table;
      return {
        ...table,
        mutate: (request) => {
          marking(core, name, request);
          return table.mutate(request);
        },
      };
    },
  }),
};
