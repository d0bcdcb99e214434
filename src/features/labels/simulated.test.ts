import { STATIONS } from "@/core/stations";
import { takeReading, type ReadingOrigin } from "@/core/quantity";
import { DEFAULT_METER } from "@/core/house";
import { stationRecordId, type StationRecord, type Traveller, type TravellerId } from "@/records";
import { toEntries, toVisit } from "@/store/kept-card";
import { labelsOfCard } from "./label-words";

const AT = "2026-12-02T10:00:00.000Z";
const CARD = "card" as TravellerId;
const rowOf = <Id extends "supply" | "out-in">(stationId: Id, data: object): StationRecord =>
  ({
    id: stationRecordId(CARD, stationId),
    travellerId: CARD,
    stationId,
    skippedReason: null,
    earlier: [],
    updatedAt: AT,
    data: { ...STATIONS[stationId].blank, ...data },
  }) as StationRecord;
const supplyBy = (origin: ReadingOrigin): StationRecord =>
  rowOf("supply", { standing: takeReading("231", "voltage", DEFAULT_METER, AT, origin).entry });

test("what a simulated motor gave is no evidence for a later visit; what was measured stays", () => {
  expect(Object.keys(toVisit(AT, [supplyBy("typed"), rowOf("out-in", {})]).records)).toEqual(["supply", "out-in"]);
  expect(Object.keys(toVisit(AT, [supplyBy("simulation"), rowOf("out-in", {})]).records)).toEqual(["out-in"]);
});

test.each([
  ["typed", false],
  ["simulation", true],
] as const)("a label of a card with %s figures says that they were not measured: %s", (origin, says) => {
  const exchange = { out: { label: "12.5 µF", reading: "3 µF", fate: "scrap", why: "" } };
  const rows = [supplyBy(origin), rowOf("out-in", { works: { "replace-run-capacitor": exchange } })];
  const traveller = { id: CARD, machine: "Fan", site: "Brackwater Nursery", createdAt: AT, finishedAt: null } as Traveller;
  const [label] = labelsOfCard({ traveller, entries: toEntries(rows), earlier: [] });
  expect(label?.lines.includes("Simulated, not measured")).toBe(says);
});
