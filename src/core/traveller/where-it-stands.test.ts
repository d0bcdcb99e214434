import { STATION_IDS, type StationId } from "../stations";
import type { Stamp } from "../station";
import type { StationAssessments } from "./entries";
import { cardStanding, endReached, loudestStation } from "./where-it-stands";

const NO_END = { end: null, lacks: [] };
const card = (stamps: Partial<Record<StationId, Stamp>>, end: { end: string | null; lacks: string[] } = NO_END): StationAssessments =>
  Object.fromEntries(
    STATION_IDS.map((id) => [id, { stamp: stamps[id] ?? "not-done", detail: id === "end" ? end : {} }]),
  ) as unknown as StationAssessments;
const DAY = "2026-11-23T12:00:00.000Z";

test.each<[string, Partial<Record<StationId, Stamp>>, StationId | null]>([
  ["nothing read", {}, null],
  ["all is well", { capacitor: "holds", windings: "noted" }, null],
  ["out is louder than too close, wherever it stands", { capacitor: "out", windings: "too-close" }, "capacitor"],
  ["of two alike the later", { capacitor: "out", insulation: "out" }, "insulation"],
  ["contradicting figures are louder than a close one", { capacitor: "too-close", windings: "contradicts" }, "windings"],
  ["an open list is the quietest", { "take-apart": "open", capacitor: "too-close" }, "capacitor"],
  ["making safe is a step", { "make-safe": "open" }, null],
])("who speaks: %s", (_, stamps, station) => expect(loudestStation(card(stamps))).toBe(station));

test("an end is reached once it lacks nothing, and was signed off or proved", () => {
  const repaired = { end: "repaired", lacks: [] };
  expect(endReached(card({ prove: "holds" }, repaired), null)).toBe("repaired");
  expect(endReached(card({}, repaired), DAY)).toBe("repaired");
  expect(endReached(card({}, repaired), null)).toBeNull();
  expect(endReached(card({ prove: "holds" }, { end: "repaired", lacks: ["closed"] }), DAY)).toBeNull();
  expect(endReached(card({ prove: "holds" }), DAY)).toBeNull();
});

test("where a card stands", () => {
  expect(cardStanding(card({ end: "holds", prove: "holds" }, { end: "repaired", lacks: [] }), "replace-bearings", DAY)).toEqual({
    kind: "ended",
    end: "repaired",
    stamp: "holds",
  });
  expect(cardStanding(card({ end: "noted" }, { end: "referred", lacks: [] }), "refer", DAY)).toMatchObject({
    kind: "ended",
    stamp: "noted",
  });
  expect(cardStanding(card({ capacitor: "out" }), "replace-run-capacitor", null)).toEqual({
    kind: "decided",
    stamp: "noted",
    isProofJudged: false,
  });
  expect(cardStanding(card({ prove: "too-close" }), "replace-run-capacitor", null)).toMatchObject({
    stamp: "too-close",
    isProofJudged: true,
  });
  expect(cardStanding(card({ capacitor: "out" }), null, null)).toEqual({ kind: "speaks", station: "capacitor", stamp: "out" });
  expect(cardStanding(card({ look: "holds", capacitor: "holds" }), null, null)).toEqual({ kind: "under-way", done: 2 });
});
