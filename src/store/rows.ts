import type { Loose } from "@/core/kept";
import { stationOf, type StationId } from "@/core/stations";
import {
  byType,
  fitRecord,
  PRESENT_VERSIONS,
  RECORD_TYPES,
  recordTypeOf,
  stationRecordId,
  UNSET_HOUSE,
  type Part,
  type RecordLists,
  type RecordTypeName,
  type Traveller,
  type TravellerId,
} from "@/records";
import { BENCH_KEYS } from "./bench-key";
import { toDraft } from "./bench-row";
import type { RowKind } from "./change";
import { followMotor, followsNames } from "./follow-motor";
import { later } from "./later";
import { countLine, whoWorks } from "./stock-moves";
import { putRecords, type VemmickDatabase } from "./vemmick-database";

/** How a row of one kind is read, begun, held against its bounds and kept. Keeping happens inside a transaction. */
interface RowSpec {
  readonly type: RecordTypeName;
  readonly get: (db: VemmickDatabase, key: string) => Promise<Loose | undefined>;
  /** the row before anything was keyed; null: it must be there */
  readonly blank: (key: string) => Loose | null;
  /** the record whose bounds hold */
  readonly asRecord: (row: Loose) => Loose;
  readonly fromRecord: (row: Loose, record: Loose) => Loose;
  readonly put: (db: VemmickDatabase, row: Loose) => PromiseLike<unknown>;
}

/** Raised when a row, or the card it belongs to, is no longer here: what is keyed on it would be kept and never seen. */
export class CardGoneError extends Error {
  override name = "CardGoneError";
}

const stationOfKey = (key: string): StationId => key.slice(key.lastIndexOf("/") + 1) as StationId;

/** A record as a card would have it, for what lies on the bench of no card. */
const ON_NO_CARD = { skippedReason: null, earlier: [], updatedAt: UNSET_HOUSE.updatedAt, travellerId: "bench" as TravellerId };

/** A record of a type with nothing about it of its own. */
const plainRow = (name: RecordTypeName): RowSpec => ({
  type: name,
  get: async (db, key) => (await db.recordTable(name).get(key)) as Loose | undefined,
  blank: (key) => (recordTypeOf(name).isSingle ? recordTypeOf(name).blank(key) : null),
  asRecord: (row) => row,
  fromRecord: (_, record) => record,
  // Held against its schema before it comes here.
  put: (db, row) => putRecords(db, name, [row] as unknown as RecordLists[typeof name]),
});

export const ROWS: Readonly<Record<RowKind, RowSpec>> = {
  ...byType<Readonly<Record<RecordTypeName, RowSpec>>>(plainRow),
  traveller: {
    ...plainRow("traveller"),
    // Nothing is waited for where nothing is asked: an empty turn would end the transaction.
    put: (db, row) => {
      const card = row as Traveller;
      const put = (each: Traveller) => putRecords(db, "traveller", [each]);
      return followsNames(card) ? followMotor(db, card).then(put) : put(card);
    },
  },
  station: {
    ...plainRow("station"),
    blank: RECORD_TYPES.station.blank,
    put: async (db, row) => {
      const updated = await db.travellers.update(row.travellerId as TravellerId, { updatedAt: String(row.updatedAt) });
      if (updated === 0 && (await db.travellers.get(row.travellerId as TravellerId)) === undefined)
        throw new CardGoneError("the card was removed");
      await plainRow("station").put(db, row);
    },
  },
  part: {
    ...plainRow("part"),
    // Another number of pieces is a counting: whoever else takes one meanwhile has taken it too.
    put: (db, row) =>
      db.parts.get(String(row.id)).then((stored) => {
        const part = row as unknown as Part;
        if (stored === undefined || stored.quantity === part.quantity) return db.parts.put(part);
        return whoWorks(db)
          .then((who) => countLine(db, stored, part.quantity, { at: part.updatedAt, who }))
          .then(({ updatedAt }) => db.parts.put({ ...part, updatedAt: later(updatedAt, part.updatedAt) }));
      }),
  },
  bench: {
    type: "station",
    get: async (db, key) => {
      const kept = await db.settings.get(`${BENCH_KEYS}${key}`);
      return kept && { ...toDraft(stationOfKey(key), { ...kept }) };
    },
    blank: (key) => ({ key: `${BENCH_KEYS}${key}`, value: stationOf(key as StationId).blank, version: PRESENT_VERSIONS.station }),
    asRecord: ({ key, value }) => {
      const stationId = stationOfKey(String(key));
      return { ...ON_NO_CARD, id: stationRecordId(ON_NO_CARD.travellerId, stationId), stationId, data: value };
    },
    fromRecord: (row, { data }) => ({ ...row, value: data, version: PRESENT_VERSIONS.station }),
    put: (db, row) => db.settings.put({ ...row, key: String(row.key), value: row.value }),
  },
};

/** Raised when a row does not fit what its record may be: a bug, since the fields have the same bounds. */
class MisfitError extends Error {
  override name = "MisfitError";
  constructor(readonly fault: Extract<ReturnType<typeof fitRecord>, { ok: false }>["fault"]) {
    super("a change that does not fit its record");
  }
}

/** The row within the bounds that its field, the store and the file share. */
export function fitRow(kind: RowKind, row: Loose): Loose {
  const { type, asRecord, fromRecord } = ROWS[kind];
  const fitted = fitRecord(recordTypeOf(type), asRecord(row));
  if (!fitted.ok) throw new MisfitError(fitted.fault);
  return fromRecord(row, fitted.record as Loose);
}
