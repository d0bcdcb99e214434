/** @jest-environment node */
import * as v from "valibot";
import { toHouseFigures } from "@/core/house";
import { learn, offersOf } from "@/core/learnt";
import { NO_STUDY } from "@/core/study";
import { StationRecordSchema, TravellerSchema } from "@/records";
import { deriveLine } from "@/features/cards/card-line";
import { stripsOf } from "@/features/motor/strips";
import { toSummary, withLine } from "@/store/summary";
import { joinCards } from "../support/join-cards";
import { townRecords } from "../support/town";

const HOUSE = toHouseFigures({});
const NOW = new Date("2026-11-28T18:00:00.000Z");
const { travellers, stations } = townRecords(3, 7, NOW);
const summaries = joinCards(travellers, stations).map((card) =>
  withLine(toSummary(card.traveller), deriveLine(card, HOUSE, NO_STUDY).line, "", true),
);
const visitsOf = (machine: string) =>
  summaries.filter((each) => each.machine === machine).sort((a, b) => (a.createdAt < b.createdAt ? -1 : 1));

test("three years of the town are records as the program keeps them, the same for the same seed", () => {
  for (const card of travellers) expect(v.safeParse(TravellerSchema, card).issues).toBeUndefined();
  for (const row of stations) expect(v.safeParse(StationRecordSchema, row).issues).toBeUndefined();
  expect(travellers.length).toBeGreaterThan(50);
  expect(townRecords(3, 7, NOW)).toEqual(townRecords(3, 7, NOW));
});
test("every motor has its figures over time; a capacitor that was renewed has a point after it, and is good again", () => {
  for (const machine of new Set(travellers.map((each) => each.machine))) {
    const strips = stripsOf(visitsOf(machine));
    expect(strips.map(({ of }) => of)).toEqual(
      expect.arrayContaining(["capacitor", "main-winding", "start-winding", "insulation", "line-amps", "coast-down"]),
    );
    // Windings do not age: brought to one temperature they stay where they are.
    const main = strips.find(({ of }) => of === "main-winding");
    expect(main?.isMixed).toBe(false);
    const values = main?.points.map(({ value }) => value) ?? [];
    expect(Math.max(...values) / Math.min(...values)).toBeLessThan(1.05);
  }
  const renewed = summaries.filter(({ line }) => (line?.exchanges.length ?? 0) > 0);
  expect(renewed.length).toBeGreaterThan(4);
  for (const { line } of renewed) {
    const [found, after] = (line?.figures ?? []).filter(({ of }) => of === "capacitor");
    expect([found?.when, after?.when]).toEqual(["found", "after"]);
    expect(after?.value ?? 0).toBeGreaterThan(after?.low ?? Infinity);
    expect(line?.exchanges).toEqual([
      {
        work: "replace-run-capacitor",
        out: expect.stringMatching(/µF/) as string,
        fate: "scrap",
        in: expect.stringMatching(/^(Kelvane|Dosbrook)/) as string,
        source: "Truck",
        price: 9.6,
      },
    ]);
  }
});
test("what the town teaches: works, callbacks, makers, causes and minutes; and what would follow", () => {
  const deeds = summaries.flatMap(({ id, createdAt, finishedAt, callbackOf, line }) =>
    line?.deed ? [{ ...line.deed, id, createdAt, finishedAt, callbackOf }] : [],
  );
  const learnt = learn(deeds, NOW.getTime(), HOUSE.callbackDays);
  const back = new Set(travellers.flatMap(({ callbackOf }) => callbackOf ?? []));
  const outcome = learnt.byWork["replace-run-capacitor"];
  expect(outcome?.back).toBe(back.size);
  expect(back.size).toBeGreaterThan(0);
  expect(learnt.byMaker.map(({ maker }) => maker).sort()).toEqual(["Dosbrook", "Kelvane"]);
  expect(learnt.causes[0]).toMatchObject({ complaint: "starts-slow", cause: "run-capacitor" });
  expect(learnt.minutes["replace-run-capacitor"]?.median).toBeGreaterThan(25);
  const offers = offersOf(learnt, HOUSE);
  expect(offers.map(({ rule }) => rule)).toContain("returnsRunCapacitor");
});
