/**
 * Freezes what is not frozen yet: for each record type the records of its present version (from the last frozen ones; a new
 * type begins with its blank), beside each older set what the next migration makes of it, and beside each station that no
 * frozen record shows its own. What is there is never written again: read it before it is committed.
 */
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { dirname } from "node:path";
import type { Loose } from "@/core/kept";
import { STATION_IDS } from "@/core/stations";
import { demoRecords } from "@/records/demo";
import { migrateStep, PRESENT_VERSIONS, RECORD_TYPE_NAMES, RECORD_TYPES, recordTypeOf } from "@/records";

const folder = (version: number): string => `tests/fixtures/records/v${version}`;
const read = (path: string): Loose[] => JSON.parse(readFileSync(path, "utf8")) as Loose[];

function freeze(path: string, records: readonly Loose[]): void {
  if (existsSync(path)) return;
  mkdirSync(dirname(path), { recursive: true });
  writeFileSync(path, `${JSON.stringify(records, null, 2)}\n`);
  console.log(`frozen: ${path}`);
}

for (const name of RECORD_TYPE_NAMES) {
  const type = recordTypeOf(name);
  if (!existsSync(`${folder(1)}/${name}.json`)) freeze(`${folder(type.version)}/${name}.json`, [type.blank("frozen")]);
  for (let version = 1; version < type.version; version += 1) {
    if (!existsSync(`${folder(version)}/${name}.json`)) continue;
    const next = read(`${folder(version)}/${name}.json`).map((record) => migrateStep(type, record, version));
    freeze(`${folder(version)}/${name}.next.json`, next);
    freeze(`${folder(version + 1)}/${name}.json`, next);
  }
}

const shown = new Set(read(`${folder(PRESENT_VERSIONS.station)}/station.json`).map(({ stationId }) => stationId));
const demo = demoRecords(new Date("2026-11-23T18:00:00.000Z")).stations;
for (const id of STATION_IDS.filter((each) => !shown.has(each) && !existsSync(`src/core/stations/${each}/frozen`))) {
  // The fullest record of the demo shows most of a station; one that the demo does not have begins with its blank.
  const [fullest] = demo.filter(({ stationId }) => stationId === id).sort((a, b) => JSON.stringify(b).length - JSON.stringify(a).length);
  freeze(`src/core/stations/${id}/frozen/v${PRESENT_VERSIONS.station}.json`, [
    fullest ? { ...fullest } : RECORD_TYPES.station.blank(`frozen/${id}`),
  ]);
}
