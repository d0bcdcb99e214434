import * as v from "valibot";
import { decideConformity } from "./conformity";
import { figureOf, READING_ORIGINS, ReadingSchema, takeReading, type Meter } from "./reading";
import { readingUncertainty, UNLISTED_METER } from "./uncertainty";

const AT = "2026-11-27T10:00:00.000Z";
const RANGES = [{ upTo: 100, percent: 1, digits: 5, resolution: 0.01 }];
const LISTED: Meter = { id: "house", name: "Listed", ranges: { capacitance: RANGES } };
const take = (text: string, meter: Meter = LISTED) => takeReading(text, "capacitance", meter, AT).entry;

describe("the digits typed are the resolution", () => {
  test.each([
    // half-width / √3, worked by hand: percent of reading, and the digits
    ["as the sheet shows it", 16.56, 0.01, false, 0.1656 + 0.05],
    ["typed coarser: the last digit typed", 17, 1, false, 0.17 + 1],
    ["typed a little coarser: the sheet's digits are more", 16.5, 0.02, false, 0.165 + 0.05],
    ["finer than a listed meter shows: its sheet stands", 1.7, 0.001, false, 0.017 + 0.05],
    ["finer than a merely assumed meter shows: a finer meter", 1.7, 0.001, true, 0.017 + 0.005],
  ])("%s", (_, value, step, isAssumed, halfWidth) => {
    expect(readingUncertainty(value, step, { ranges: RANGES, unlisted: UNLISTED_METER, isAssumed })).toBeCloseTo(
      halfWidth / Math.sqrt(3),
      9,
    );
  });
  test("1.7 is less sure than 1.70 from the same meter", () => {
    const [coarse, fine] = ["1.7", "1.70"].map((text) => figureOf(take(text))?.standardUncertainty ?? 0);
    expect(coarse).toBeGreaterThan(fine ?? 0);
  });
});

describe("a meter without a data sheet", () => {
  const nobody: Meter = { id: "x", name: "Unlisted", ranges: {} };
  test("is worse than a listed one, never perfect", () => {
    const listed = figureOf(take("16.46"))?.standardUncertainty ?? 0;
    const unlisted = figureOf(take("16.46", nobody))?.standardUncertainty ?? 0;
    expect(unlisted).toBeCloseTo((0.03 * 16.46 + 0.01) / Math.sqrt(3), 9);
    expect(unlisted).toBeGreaterThan(listed);
  });
  test("makes no verdict certain: 16.46 against 16.45 is too close", () => {
    const figure = figureOf(take("16.46", nobody));
    const verdict = decideConformity({
      value: figure?.value ?? 0,
      standardUncertainty: figure?.standardUncertainty ?? 0,
      limits: { low: 16.45, high: 18.55 },
      guardFactor: 1,
      coverageFactor: 2,
    });
    expect(verdict.decision).toBe("too-close");
    expect(verdict.probabilityWithin).toBeLessThan(0.6);
  });
  test("the house may say otherwise", () => {
    const worse: Meter = { ...nobody, unlisted: { percent: 5, digits: 2 } };
    expect(figureOf(take("10.0", worse))?.standardUncertainty).toBeCloseTo(0.7 / Math.sqrt(3), 9);
  });
  test("a reading kept before every meter had an uncertainty gets one", () => {
    const entry = take("16.46");
    const old = { ...entry, reading: entry.reading && { ...entry.reading, standardUncertainty: null } };
    expect(figureOf(old)?.standardUncertainty).toBeCloseTo((0.03 * 16.46 + 0.01) / Math.sqrt(3), 9);
  });
});

test("a reading says where it came from; a person typed it unless another source is named", () => {
  const meter: Meter = { id: "m", name: "m", ranges: {} };
  expect(takeReading("4.7", "resistance", meter, AT).entry.reading?.origin).toBe("typed");
  for (const origin of READING_ORIGINS) {
    const { reading } = takeReading("4.7", "resistance", meter, AT, origin).entry;
    expect(reading?.origin).toBe(origin);
    expect(v.is(ReadingSchema, reading)).toBe(true);
    expect(v.is(ReadingSchema, { ...reading, origin: "heard" })).toBe(false);
  }
});

describe("what may be kept", () => {
  const reading = (value: number, quantity = "resistance") => ({
    quantity,
    kind: "value",
    value,
    unit: "ohm",
    standardUncertainty: 0.1,
    meter: "m",
    origin: "typed",
    at: AT,
  });
  test.each([
    [reading(8.9), true],
    [reading(1e308), false],
    [reading(-3), false],
    [reading(-12, "temperature"), true],
    [reading(-200, "temperature"), false],
    [reading(1e6, "capacitance"), false],
  ])("%j: %p", (value, isKept) => {
    expect(v.safeParse(ReadingSchema, value).success).toBe(isKept);
  });
  test("over limit and lower bounds have no figure to judge", () => {
    expect(figureOf(take("OL"))).toBeNull();
    expect(figureOf(takeReading(">550M", "insulation", LISTED, AT).entry)).toBeNull();
    expect(figureOf(take("12 5"))).toBeNull();
  });
});
