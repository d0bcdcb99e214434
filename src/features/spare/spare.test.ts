import { toHouseFigures } from "@/core/house";
import { readSheet } from "@/core/match";
import { STATIONS } from "@/core/stations";
import * as v from "valibot";
import { PartSchema, partType } from "@/records";
import { demoCard, demoCards } from "../../../tests/support/demo-cards";
import { photosOf, spareOf } from "./spare";

const HOUSE = toHouseFigures({});
const cards = demoCards(new Date("2026-11-23T18:00:00.000Z"));
const of = (id: string) => demoCard(cards, id);

test("a motor goes with its plate, what each station read of it, the day and its donor", () => {
  const part = spareOf("motor", of("nursery-fan-weak"), HOUSE);
  expect(part).toMatchObject({
    kind: "motor",
    state: "tested",
    tested: { cardId: "demo-nursery-fan-weak", donor: "Circulation fan, bay 3, Brackwater Nursery" },
  });
  expect(part?.sheet && readSheet(part.sheet).spec).toMatchObject({ connections: [{ lowV: 230, highV: 230, fullLoadA: 1.9 }], rpm: 1380 });
  expect(part?.tested?.readings.map(({ what }) => what)).toEqual(expect.arrayContaining(["Windings", "To the frame", "Run test"]));
  expect(JSON.stringify(part)).not.toMatch(/Working it out/);
});
test("its ohms go along as figures, with the temperature they were read at, and the photo that shows most", () => {
  expect(spareOf("motor", of("nursery-fan-weak"), HOUSE)?.windings).toMatchObject({
    mainOhm: expect.closeTo(13.1, 1) as number,
    startOhm: expect.any(Number) as number,
  });
  const card = of("nursery-fan-bearing");
  const [step, ...rest] = card.entries["take-apart"]?.data.steps ?? [];
  if (!step) throw new Error("nothing came off");
  const entries = {
    ...card.entries,
    "take-apart": {
      skippedReason: null,
      data: { ...STATIONS["take-apart"].blank, steps: [{ ...step, part: "bearing" as const, photo: "photo:b" }, ...rest] },
    },
    windings: { skippedReason: null, data: { ...STATIONS.windings.blank, photo: "photo:a" } },
  };
  expect(photosOf("motor", { ...card, entries })).toEqual(["photo:a", "photo:b"]);
  expect(photosOf("bearing", { ...card, entries })).toEqual(["photo:b"]);
  expect(photosOf("capacitor", { ...card, entries })).toEqual([]);
});
test("a grounded motor is for parts, not a spare", () => {
  expect(spareOf("motor", of("cinema-extract"), HOUSE)?.state).toBe("for-parts");
});
test("a capacitor that is out is for parts; a card that names no bearing has none to give", () => {
  expect(spareOf("capacitor", of("nursery-fan-weak"), HOUSE)).toMatchObject({ kind: "capacitor", state: "for-parts" });
  expect(spareOf("bearing", of("nursery-fan-weak"), HOUSE)).toBeNull();
  expect(spareOf("bearing", of("nursery-fan-bearing"), HOUSE)?.label).toBe("6203-2RS");
});
test("a motor is a tested spare by its windings and its frame, not by a shaft that turns", () => {
  const card = of("nursery-fan-weak");
  const without = (...stations: readonly (keyof typeof card.entries)[]) =>
    spareOf(
      "motor",
      { ...card, entries: Object.fromEntries(Object.entries(card.entries).filter(([id]) => !stations.includes(id as never))) },
      HOUSE,
    )?.state;
  expect(without()).toBe("tested");
  expect(without("windings")).toBe("untested");
  expect(without("frame", "insulation")).toBe("untested");
  expect(without("run-test", "prove")).toBe("tested");
});
test("one whose start gear is bad is a used one: it is mended before it goes in", () =>
  expect(spareOf("motor", of("dairy-agitator"), HOUSE)?.state).toBe("used"));
test("whatever a card gives fits on the shelf", () => {
  for (const card of cards)
    for (const spare of ["motor", "capacitor", "bearing"] as const) {
      const part = spareOf(spare, card, HOUSE);
      if (part === null) continue;
      const whole = { ...partType.blank("p-1"), quantity: 1, ...part, updatedAt: "2026-11-23T18:00:00.000Z" };
      expect(v.safeParse(PartSchema, whole).issues).toBeUndefined();
    }
});
