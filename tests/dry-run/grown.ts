/*
 * What must hold in a house with one more record type, station, sort of start gear and device. It runs as a test in a copy of the
 * house to which they were added (additions.ts): the names below exist there and only there.
 */
import { bearingSize, geometryOf } from "@/core/bearing";
import { claimsOf } from "@/core/claim";
import { mendsOf, touchedBy, type MendId } from "@/core/job";
import { COMPLAINTS, type Complaint } from "@/core/trade";
import { fieldLabel } from "@/features/stations/field-rows";
import { COMPLAINT_WORDS, PLAIN_COMPLAINTS } from "@/features/vocabulary/complaint-words";
import { MEND_WORDS } from "@/features/vocabulary/mend-words";
import { STATION_LABELS } from "@/features/stations/labels";
import "fake-indexeddb/auto";
import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { toHouseFigures } from "@/core/house";
import { STATION_IDS, stationOf, type StationId } from "@/core/stations";
import { usualGear, type GearSort } from "@/core/startgear";
import { priorsFor } from "@/core/diagnosis";
import { assessTraveller, type StationEntries } from "@/core/traveller";
import * as meters from "@/devices/meter";
import { countWords } from "@/features/ledger/import-words";
import { cautionWords } from "@/features/stations/caution-words";
import { saidAt } from "@/features/stations/registry";
import { startGearView } from "@/features/stations/start-gear";
import { countedNoun } from "@/features/vocabulary/record-words";
import { migrateRecord, outlineOf, PRESENT_VERSIONS, RECORD_TYPES, type RecordTypeName } from "@/records";
import { database } from "@/store/database";
import { exportFile } from "@/store/export-file";
import { applyImport, prepareImport } from "@/store/import-file";
import { NEXT_STATION_VERSION } from "./additions";
import { changeRow } from "@/store/change-row";
import { createTraveller } from "@/store/create-traveller";
import { removeTraveller } from "@/store/write-card";

const FIGURES = toHouseFigures({});
/** where the copy lies */
const HOUSE = process.env.GROWN_HOUSE ?? ".";
const note = "note" as RecordTypeName;
const smell = "smell" as StationId;
const drumTimer = "drum-timer" as GearSort;

async function aRecordType(): Promise<void> {
  const db = database();
  const card = await createTraveller("hums", [], "Ivo Marrable");
  assert(card, "a card was kept");
  await db
    .recordTable(note)
    .put({ id: "n1", travellerId: card, said: "left the belt off", updatedAt: "2026-11-27T10:00:00.000Z" } as never);
  assert.equal(await changeRow(note, "n1", (row) => ({ ...row, said: "left the belt off, twice" })), true);
  const { text, misfits } = await exportFile(card);
  assert.deepEqual(misfits, []);
  assert.match(text, /left the belt off, twice/);
  assert.equal((JSON.parse(text) as { recordVersions: Record<string, number> }).recordVersions.note, 1);
  await removeTraveller(card);
  assert.equal(await db.recordTable(note).count(), 0, "it goes with its card");
  const plan = await prepareImport(text);
  assert(plan.ok);
  assert.equal(plan.value.put[note].length, 1);
  const taken = await applyImport(plan.value);
  assert(taken.ok);
  assert.equal(await db.recordTable(note).count(), 1, "it comes back with the file");
  const undone = await taken.value();
  assert(undone.ok);
  assert.equal(await db.recordTable(note).count(), 0, "the undo takes it away");
  assert.equal(countedNoun(note, 2), "2 notes");
  assert.match(countWords(outlineOf(plan.value)), /1 new/);
  assert.equal(PRESENT_VERSIONS[note], 1);
}

function aStation(): void {
  assert.equal(STATION_IDS.indexOf(smell), STATION_IDS.indexOf("look") + 1, "it stands where its row stands");
  const entries = { [smell]: { data: { isBurnt: true, note: "" }, skippedReason: null } } as unknown as StationEntries;
  const assessment = assessTraveller(entries, FIGURES);
  assert.equal(assessment.stations[smell].stamp, "noted");
  assert.equal((assessment.facts as unknown as { smellsBurnt: boolean }).smellsBurnt, true, "a fact of its own");
  assert.deepEqual(saidAt(smell, { isBurnt: true, note: "" }, assessment, FIGURES), ["Smells of burnt varnish."]);
  assert.match(cautionWords(smell, "fumes"), /air the place/);
  assert.match(cautionWords(smell, "prove-dead"), /./);
  assert.equal(STATION_LABELS[smell].title, "Smell");
  assert.equal(PRESENT_VERSIONS.station, NEXT_STATION_VERSION, "its migration gives the records their next version");
  const row = { stationId: "smell", data: { isBurnt: null } };
  assert.deepEqual(migrateRecord(RECORD_TYPES.station, row, 10), {
    stationId: "smell",
    data: { note: "", isBurnt: null },
    earlier: [],
  });
  const other = { stationId: "look", data: { signs: [] }, earlier: [] };
  assert.deepEqual(migrateRecord(RECORD_TYPES.station, other, 10), other, "no other station's");
  assert.match(
    readFileSync(`${HOUSE}/src/core/stations/smell/frozen/v${NEXT_STATION_VERSION}.json`, "utf8"),
    /"isBurnt": null/,
    "frozen beside it",
  );
  assert.match(readFileSync(`${HOUSE}/tests/fixtures/records/v1/note.json`, "utf8"), /"said": ""/);
  assert(stationOf(smell).schema);
}

function aSortOfStartGear(): void {
  assert.deepEqual(usualGear("shaded-pole"), [drumTimer, "none"]);
  const contact = {
    text: "0.3",
    reading: {
      quantity: "resistance",
      kind: "value",
      value: 0.3,
      unit: "ohm",
      standardUncertainty: 0.1,
      meter: "m",
      origin: "typed",
      at: "2026-11-27T10:00:00.000Z",
    },
  };
  const data = { ...(stationOf("start-gear").blank as object), sort: drumTimer, relay: { isUnplugged: true, coil: null, contact } };
  const assessment = assessTraveller({ "start-gear": { data, skippedReason: null } } as unknown as StationEntries, FIGURES);
  const { stamp, findings, detail } = assessment.stations["start-gear"];
  assert.equal(stamp, "holds");
  assert.deepEqual(findings, [{ test: "relay-ohms", weights: { works: 1 } }]);
  assert.match(
    startGearView.say(data as never, assessment.stations["start-gear"], assessment.facts, FIGURES)[0]?.text ?? "",
    /^Drum timer: contacts 0.3\sΩ/,
  );
  assert.equal(detail.verdict, "works");
  assert.equal(priorsFor({ type: "cap-start", machine: "pump", gear: drumTimer }).has("start-switch"), false, "what it rules out");
}

async function aDevice(): Promise<void> {
  const { listedMeter } = meters as typeof meters & { listedMeter: (samples: readonly meters.MeterSample[]) => meters.MeterLink };
  const read: string[] = [];
  const link = listedMeter([{ display: "4.7 kΩ", function: "resistance", atMs: 0, line: "4.7 kohm" }]);
  await link.open({
    onSample: ({ display }) => read.push(display),
    onUnread: (line) => read.push(line),
    onLost: () => read.push("lost"),
  });
  assert.deepEqual(read, ["4.7 kΩ", "lost"]);
}

function aField(): void {
  const supply = stationOf("supply");
  assert.equal((supply.blank as { sparks?: unknown }).sparks, null);
  assert.equal(fieldLabel("supply", "sparks"), "Sparks at the disconnect");
  const row = { stationId: "supply", data: { call: null }, earlier: [] };
  assert.deepEqual((migrateRecord(RECORD_TYPES.station, row, NEXT_STATION_VERSION - 1) as { data: unknown }).data, {
    sparks: null,
    call: null,
  });
}

function aComplaint(): void {
  const drips = "drips" as Complaint;
  assert(COMPLAINTS.includes(drips));
  assert.equal(COMPLAINT_WORDS[drips], "Drips");
  assert.equal(PLAIN_COMPLAINTS[drips], "Water drips from it.");
  const data = { ...(stationOf("complaint").blank as object), complaints: [drips] };
  const { facts, standing } = assessTraveller({ complaint: { data, skippedReason: null } } as unknown as StationEntries, FIGURES);
  assert.deepEqual(facts.complaints, [drips]);
  assert(standing.suspects.some(({ suspect }) => suspect === "ground-fault"));
}

function aSeriesOfBearings(): void {
  const size = bearingSize("69904");
  assert(size, "it is read as stamped");
  assert.deepEqual(geometryOf(size), { balls: 13, ballDiameterMm: 4.762, pitchDiameterMm: 29, contactAngleDeg: 0, isListed: true });
}

function aWork(): void {
  const bonded = "bond-magnet" as MendId;
  assert.deepEqual(touchedBy(bonded), ["running"]);
  assert(mendsOf("make-it-hold").includes(bonded));
  assert.equal(MEND_WORDS[bonded], "Magnet bonded");
}

function aClaim(): void {
  const data = { ...(stationOf("hand-turn").blank as object), turn: "free" };
  const assessment = assessTraveller({ "hand-turn": { data, skippedReason: null } } as unknown as StationEntries, FIGURES);
  assert(claimsOf(assessment).some(({ code }) => (code as string) === "turns-free"));
}

test("a field", aField);
test("a complaint", aComplaint);
test("a series of bearings", aSeriesOfBearings);
test("a work", aWork);
test("a claim", aClaim);
test("a record type", aRecordType);
test("a station", aStation);
test("a sort of start gear", aSortOfStartGear);
test("a device", aDevice);
