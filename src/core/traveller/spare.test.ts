import { DEFAULT_METER } from "../house";
import { takeReading } from "../quantity";
import { STATION_IDS, STATIONS, type StationId } from "../stations";
import type { Stamp } from "../station";
import type { StationAssessments } from "./entries";
import { speakOf, spareState, type SpareState, type Spare } from "./spare";

const stampedAs = (stamps: Partial<Record<StationId, Stamp>>): StationAssessments =>
  Object.fromEntries(STATION_IDS.map((id) => [id, { stamp: stamps[id] ?? "not-done" }])) as unknown as StationAssessments;
const SOUND: Partial<Record<StationId, Stamp>> = { windings: "holds", insulation: "holds" };

test.each<[string, Spare, Partial<Record<StationId, Stamp>>, SpareState]>([
  ["windings and insulation hold", "motor", SOUND, "tested"],
  ["the ohmmeter to the frame will do for insulation", "motor", { windings: "holds", frame: "holds" }, "tested"],
  ["windings alone are half of it", "motor", { windings: "holds" }, "untested"],
  ["nothing read", "motor", {}, "untested"],
  ["an open winding", "motor", { ...SOUND, windings: "out" }, "for-parts"],
  ["a ground fault", "motor", { ...SOUND, frame: "out" }, "for-parts"],
  ["it will not turn", "motor", { ...SOUND, "hand-turn": "out" }, "for-parts"],
  ["a bad start switch is mended", "motor", { ...SOUND, "start-gear": "out" }, "used"],
  ["a loose seat is mended", "motor", { ...SOUND, bearing: "out" }, "used"],
  ["it ran badly, and nothing was proved since", "motor", { ...SOUND, "run-test": "out" }, "used"],
  ["it ran badly, and was proved afterwards", "motor", { ...SOUND, "run-test": "out", prove: "holds" }, "tested"],
  ["rough without its load too", "motor", { ...SOUND, "uncoupled-run": "out" }, "used"],
  ["the proof speaks against it", "motor", { ...SOUND, prove: "out" }, "used"],
  ["a reading in doubt leaves it untested", "motor", { ...SOUND, frame: "unsure" }, "untested"],
  ["figures that contradict each other", "motor", { ...SOUND, "start-gear": "contradicts" }, "untested"],
  ["condemned stands before mended", "motor", { windings: "out", "start-gear": "out" }, "for-parts"],
  ["a capacitor within its limits", "capacitor", { capacitor: "holds" }, "tested"],
  ["a capacitor too close to call", "capacitor", { capacitor: "too-close" }, "untested"],
  ["a capacitor out", "capacitor", { capacitor: "out" }, "for-parts"],
  ["a bearing that turned free", "bearing", { "hand-turn": "holds" }, "tested"],
  ["its seat is not the bearing", "bearing", { "hand-turn": "holds", bearing: "out" }, "tested"],
  ["a rough bearing", "bearing", { "hand-turn": "out" }, "for-parts"],
])("%s", (_, spare, stamps, state) => expect(spareState(spare, stampedAs(stamps), {})).toBe(state));

test("what a simulated motor gave makes no spare tested", () => {
  const { entry } = takeReading("30.1", "capacitance", DEFAULT_METER, "2026-03-02T08:00:00Z", "simulation");
  const data = { ...STATIONS.capacitor.blank, readings: [entry] };
  expect(spareState("capacitor", stampedAs({ capacitor: "holds" }), { capacitor: { data, skippedReason: null } })).toBe("untested");
});

test("stations that speak of a spare come in working order", () => {
  expect(speakOf("capacitor")).toEqual(["capacitor"]);
  expect(speakOf("bearing")).toEqual(["hand-turn", "bearing"]);
  expect(speakOf("motor")[0]).toBe("hand-turn");
});
