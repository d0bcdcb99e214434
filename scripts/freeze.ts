/**
 * Freezes what is not frozen yet: for each record type the records of its present version (from the last frozen ones), and
 * beside each older set what the next migration makes of it. What is there is never written again: read it before it is committed.
 */
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { migrateStep, RECORD_TYPES, type RecordTypeName } from "@/records";

const folder = (version: number): string => `tests/fixtures/records/v${version}`;
type Loose = Record<string, unknown>;
const read = (path: string): Loose[] => JSON.parse(readFileSync(path, "utf8")) as Loose[];

function freeze(path: string, records: readonly Loose[]): void {
  if (existsSync(path)) return;
  writeFileSync(path, `${JSON.stringify(records, null, 2)}\n`);
  console.log(`frozen: ${path}`);
}

for (const name of Object.keys(RECORD_TYPES) as RecordTypeName[]) {
  const type = RECORD_TYPES[name];
  for (let version = 1; version < type.version; version += 1) {
    const next = read(`${folder(version)}/${name}.json`).map((record) => migrateStep(type, record, version));
    mkdirSync(folder(version + 1), { recursive: true });
    freeze(`${folder(version)}/${name}.next.json`, next);
    freeze(`${folder(version + 1)}/${name}.json`, next);
  }
}
