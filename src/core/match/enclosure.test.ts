import { toHouseFigures } from "../house";
import { UNKNOWN_MOTOR, UNKNOWN_PLACE, type Enclosure } from "./motor-spec";
import { judgeEnclosure } from "./electric-lines";

const judged = (before: Enclosure | null, now: Enclosure | null, hasAirOver: boolean | null = null) =>
  judgeEnclosure(
    {
      old: { ...UNKNOWN_MOTOR, enclosure: before },
      place: { ...UNKNOWN_PLACE, hasAirOver },
      candidate: { ...UNKNOWN_MOTOR, enclosure: now },
    },
    toHouseFigures({}),
  );

test.each<[string, Enclosure | null, Enclosure | null, boolean | null, string, RegExp]>([
  ["air-over where no air passes", "open", "open-air-over", false, "no", /no-air-here/],
  ["air-over where nobody looked, and the old one had its own", "open", "open-air-over", null, "unknown", /place/],
  ["air-over where the old one was air-over too", "open-air-over", "sealed-air-over", null, "fits", /other-cooling/],
  ["air-over where the air passes", "open", "open-air-over", true, "fits", /other-cooling/],
  ["the same", "open", "open", null, "same", /^\[\]$/],
  ["open for sealed", "sealed-fan-cooled", "open", null, "unknown", /open-for-sealed/],
  ["sealed without a fan where an open one sat", "open", "sealed-nonventilated", null, "unknown", /hotter-when-sealed/],
  ["its own fan cools a sealed one as the open one was", "open", "sealed-fan-cooled", null, "fits", /other-cooling/],
  ["sealed with its own fan where the machine's air cooled", "open-air-over", "sealed-fan-cooled", null, "unknown", /hotter-when-sealed/],
  ["nobody knows the candidate's", "open", null, null, "unknown", /candidate/],
  ["nobody knows the old one's", null, "open", null, "unknown", /old/],
])("cooling: %s", (_, before, now, hasAirOver, verdict, said) => {
  const found = judged(before, now, hasAirOver);
  expect(found.fit).toBe(verdict);
  expect(JSON.stringify(found.reasons)).toMatch(said);
});
