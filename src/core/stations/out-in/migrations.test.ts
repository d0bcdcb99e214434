import { readFileSync } from "node:fs";
import * as v from "valibot";
import { outInRecord } from "./record";
import { outInMigrations } from "./migrations";

type Loose = Record<string, unknown>;
interface OldPart extends Loose {
  readonly fittedAt: string | null;
}
interface Row {
  readonly data: { readonly works: Record<string, Loose & { readonly in: OldPart }> } & Loose;
}
const rows = JSON.parse(readFileSync("src/core/stations/out-in/frozen/v13.json", "utf8")) as readonly Row[];
const step = (to: number) => outInMigrations[to] as (data: Loose) => Loose;
const migrate = (data: Loose): Loose => step(16)(step(14)(data));

const withType = (sheet: unknown): unknown => (sheet === null ? null : { type: null, ...(sheet as Loose) });

test("the one part of a work becomes its one piece, and the moment it went in is the work's", () => {
  expect(rows.length).toBeGreaterThan(2);
  for (const { data } of rows) {
    const record = v.parse(outInRecord.schema, migrate(data));
    for (const [action, { in: old, ...rest }] of Object.entries(data.works)) {
      const { fittedAt, ...part } = old;
      expect(record.works[action as keyof typeof record.works]).toEqual({
        ...rest,
        pieces: [{ ...part, condition: null, gear: null, sheet: withType(part.sheet) }],
        fittedAt,
      });
    }
    const candidates = (data.candidates as readonly Loose[]).map((each) => ({ ...each, sheet: withType(each.sheet) }));
    expect({ ...record, works: null }).toEqual({ ...data, works: null, done: {}, old: withType(data.old), candidates });
  }
});

test("a record without works, or with something else there, is left to its schema", () => {
  expect(migrate({ works: {}, note: "x" })).toMatchObject({ works: {}, note: "x" });
  expect(migrate({ works: { "replace-motor": null } })).toMatchObject({ works: { "replace-motor": null } });
});
