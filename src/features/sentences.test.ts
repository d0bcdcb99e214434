import { STATIONS } from "@/core/stations";
import { assessTraveller } from "@/core/traveller";
import { toHouseFigures } from "@/core/house";
import { nextMoveWords } from "./line-up/next-move-words";
import { RESISTOR_WORDS } from "./stations/capacitor/discharge-words";
import { allWord } from "./stations/frame/words";
import { heatWords } from "./stations/run-test/StartChart";
import { leadsSentence } from "./stations/windings/sentences";
import { boardSentences } from "./stations/windings/board-sentences";
import { inSentence } from "./vocabulary/in-sentence";

test.each([
  ["Replace start relay or PTC", "replace start relay or PTC"],
  ["PTC ohms", "PTC ohms"],
  ["To the frame", "to the frame"],
])("“%s” inside a sentence is “%s”", (words, inside) => {
  expect(inSentence(words)).toBe(inside);
});

test("the way to a station whose name says where is not said twice", () => {
  const card = { complaint: { skippedReason: null, data: { ...STATIONS.complaint.blank, complaints: ["trips-at-once" as const] } } };
  const assessment = assessTraveller(card, toHouseFigures({}));
  const toFrame = { ...assessment, stateChange: null, next: { kind: "station", station: "frame" } as const };
  expect(nextMoveWords(toFrame).button).toBe("Go to the frame");
  expect(nextMoveWords({ ...toFrame, next: { kind: "station", station: "plate" } }).button).toBe("Go to plate");
});

test.each([
  [1, "the one"],
  [2, "both"],
  [3, "all three"],
  [14, "all 14"],
])("of %i leads it is said: %s", (count, words) => {
  expect(allWord({ leadNames: Array.from({ length: count }, () => "x") } as unknown as Parameters<typeof allWord>[0])).toBe(words);
});

test("starts that nobody makes are not counted out", () => {
  expect(heatWords({ asRunningS: 6.6, startsAnHour: 548 })).toBe(
    "One start heats the windings as much as 6.6 s of running: starts alone do not overheat it.",
  );
  expect(heatWords({ asRunningS: 180, startsAnHour: 20 })).toMatch(/20 starts an hour heat them like running without a pause\.$/);
});

test("a resistor that is refused is not the one that is asked for", () => {
  const plan = { resistorW: 2, leastW: 2.04 } as Parameters<(typeof RESISTOR_WORDS)["too-small"]>[0];
  expect(RESISTOR_WORDS["too-small"](plan)).toMatch(/2 W is too small for that: take one of 2\.1 W or more/);
});

test.each([
  [1, "Probe 1 to 2."],
  [3, "Probe 1 to 2, or tap two posts. 3 pairs in all."],
  [28, "Probe 1 to 2, or tap two posts. 28 pairs in all; few of them will be needed."],
])("of %i pairs it says “%s”", (pairs, sentence) => {
  const detail = { board: null, names: ["1", "2"], elements: [], isWorking: false, next: [0, 1], measured: 0, pairs };
  expect(boardSentences(detail as unknown as Parameters<typeof boardSentences>[0])).toEqual([sentence]);
});

test.each([
  [{ testLeadOhm: 0.2, isNulled: false }, /^0\.2 Ω is taken off every reading for the test leads, as the house takes them/],
  [{ testLeadOhm: 0.31, isNulled: true }, /^0\.31 Ω is taken off every reading for the test leads, as measured\.$/],
  [{ testLeadOhm: 0, isNulled: true }, /^Nothing is taken off/],
])("what is taken off for the test leads is told: %j", (leads, sentence) => {
  expect(leadsSentence(leads)).toMatch(sentence);
});
