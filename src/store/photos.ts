import type { DBCore, DBCoreMutateRequest, Middleware } from "dexie";
import { isLoose, signOf } from "@/core/kept";

/*
 * Photos lie in a table of their own: a row of a station holds the name of each instead, so that reading, judging and changing
 * a card need not carry pictures about. Whatever writes a row may write its photos with it: they are parted here, in the same
 * transaction. Files have them in their records again.
 */

/** A photo apart from its row. */
export interface KeptPhoto {
  /** `photo:` and the row it belongs to, with a sign of its content: the same photo is kept once. Persisted. */
  readonly id: string;
  readonly rowId: string;
  /** data address */
  readonly data: string;
}

const NAME = "photo:";
const PICTURE = "data:image/";
export const isPhotoName = (value: string): boolean => value.startsWith(NAME);
/** Whether a text is a photo, by its name or by its data address. */
export const isPhoto = (value: string): boolean => isPhotoName(value) || value.startsWith(PICTURE);

/** The same value with every text replaced that `swap` has another for; itself where there is none. */
export function swapTexts(value: unknown, swap: (text: string) => string | null | undefined): unknown {
  if (typeof value === "string") {
    const other = swap(value);
    return other === undefined ? value : other;
  }
  if (Array.isArray(value)) {
    const swapped = value.map((each) => swapTexts(each, swap));
    return swapped.some((each, index) => each !== value[index]) ? swapped : value;
  }
  if (!isLoose(value)) return value;
  const swapped = Object.entries(value).map(([key, each]) => [key, swapTexts(each, swap)] as const);
  return swapped.some(([key, each]) => each !== value[key]) ? Object.fromEntries(swapped) : value;
}

/** The row a photo belongs to, by its name. */
export const rowOfPhoto = (name: string): string => name.slice(NAME.length, name.lastIndexOf("/"));

/** A row without its photos, and the photos. */
export function partPhotos<Row extends object>(row: Row & { readonly id?: unknown }): readonly [Row, readonly KeptPhoto[]] {
  const photos: KeptPhoto[] = [];
  const rowId = String(row.id);
  const slim = swapTexts(row, (text) => {
    if (!text.startsWith(PICTURE)) return undefined;
    const id = `${NAME}${rowId}/${signOf(text)}`;
    photos.push({ id, rowId, data: text });
    return id;
  });
  return [slim as Row, photos];
}

/** Names of the photos of a row. */
export function photoNames(row: object): readonly string[] {
  const names: string[] = [];
  swapTexts(row, (text) => {
    if (isPhotoName(text)) names.push(text);
    return undefined;
  });
  return names;
}

type Put = Extract<DBCoreMutateRequest, { type: "put" | "add" }>;

/**
 * The request without the photos of its rows, which are put at the same time. Nobody waits for them: one more turn, and a
 * transaction may end before its time; where one is refused, nothing of the transaction is kept.
 */
function parting(core: DBCore, request: Put): Put {
  const parted = request.values.map((row) => partPhotos(row as object));
  const photos = parted.flatMap(([, of]) => of);
  if (photos.length === 0) return request;
  const { trans } = request;
  const refuse = () => (trans as Partial<IDBTransaction>).abort?.();
  core
    .table("photos")
    .mutate({ type: "put", trans, values: photos })
    .then(({ numFailures }) => {
      if (numFailures > 0) refuse();
    }, refuse);
  return { ...request, values: parted.map(([row]) => row) };
}

/** Parts photos from rows of stations, whoever writes them. */
export const partingPhotos: Middleware<DBCore> = {
  stack: "dbcore",
  name: "photos",
  create: (core) => ({
    ...core,
    transaction: (stores, mode, options) =>
      core.transaction(mode === "readwrite" && stores.includes("stations") ? [...new Set([...stores, "photos"])] : stores, mode, options),
    table: (name) => {
      const table = core.table(name);
      if (name !== "stations") return table;
      return {
        ...table,
        mutate: (request) => table.mutate(request.type === "put" || request.type === "add" ? parting(core, request) : request),
      };
    },
  }),
};
