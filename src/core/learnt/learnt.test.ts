import fc from "fast-check";
import { ACTION_TABLE, costModel, JUDGED_WORKS, RETURNS_OF, type JudgedWork } from "../decision";
import { priorsFor } from "../diagnosis";
import { HOUSE_RULES, toHouseFigures } from "../house";
import { normalFrom, seriesFrom } from "../numeric";
import { learn, learntShare, offersOf, rateOf, type DatedDeed } from ".";
import { howMany } from "../../../tests/support/how-many";

const HOUSE = toHouseFigures({});
const DAY_MS = 86_400_000;
const NOW = Date.parse("2026-11-28T12:00:00.000Z");
const daysAgo = (days: number): string => new Date(NOW - days * DAY_MS).toISOString();
const WITHIN = HOUSE.callbackDays;

let next = 0;
const deed = (part: Partial<DatedDeed> = {}): DatedDeed => {
  next += 1;
  const createdAt = part.createdAt ?? daysAgo(400);
  return {
    id: `card-${next}`,
    works: ["replace-run-capacitor"],
    maker: "",
    profile: { type: "psc", machine: "fan", ageYears: 8 },
    complaints: [],
    cause: null,
    minutes: null,
    callbackOf: null,
    finishedAt: createdAt,
    ...part,
    createdAt,
  };
};
const backFrom = (of: DatedDeed, days: number): DatedDeed =>
  deed({
    works: [],
    callbackOf: of.id,
    finishedAt: null,
    createdAt: new Date(Date.parse(of.finishedAt ?? "") + days * DAY_MS).toISOString(),
  });

describe("a rate from few cases", () => {
  test.each([
    // 1 − 0.05^(1/8); quantiles of Beta(3, 40) by its binomial sum.
    [0, 7, 0, 0.312],
    [2, 41, 0.0197, 0.1433],
    [7, 7, 0.688, 1],
    [0, 0, 0, 1],
  ])("%d of %d", (hits, cases, low, high) => {
    const rate = rateOf(hits, cases);
    expect(rate.low).toBeCloseTo(low, 2);
    expect(rate.high).toBeCloseTo(high, 2);
  });
  test("the interval holds the share that was seen, and narrows with cases", () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 }), (hits, misses) => {
        const few = rateOf(hits, hits + misses);
        const many = rateOf(hits * 4, (hits + misses) * 4);
        if (hits + misses > 0) {
          expect(few.low).toBeLessThanOrEqual(hits / (hits + misses));
          expect(few.high).toBeGreaterThanOrEqual(hits / (hits + misses));
        }
        expect(many.high - many.low).toBeLessThanOrEqual(few.high - few.low + 1e-9);
      }),
      { seed: 20, numRuns: howMany(150, 20) },
    ));
});

describe("what came back, what held", () => {
  test("by its first callback, within the house's days; what is younger is not counted yet", () => {
    const [held, back, late, young] = [deed(), deed(), deed(), deed({ createdAt: daysAgo(10) })];
    const cards = [
      held,
      back,
      backFrom(back, 20),
      backFrom(back, 300),
      late,
      backFrom(late, WITHIN + 1),
      young,
      deed({ finishedAt: null }),
    ];
    const { byWork, cards: judged } = learn(cards, NOW, WITHIN);
    expect(byWork["replace-run-capacitor"]).toMatchObject({ done: 4, held: 2, back: 1, young: 1, returns: { hits: 1, cases: 3 } });
    expect(judged).toBe(4);
  });
  test("in any order of the cards", () => {
    const back = deed();
    const cards = [back, backFrom(back, 20), backFrom(back, 5), deed(), deed({ maker: "Kelvane" })];
    expect(learn(cards.toReversed(), NOW, WITHIN)).toEqual({ ...learn(cards, NOW, WITHIN), clear: expect.anything() as unknown });
  });
  test("two works on one visit both count; leaving it is no work", () => {
    const { byWork, byMaker } = learn(
      [deed({ works: ["replace-run-capacitor", "replace-bearings"], maker: "Dosbrook" }), deed({ works: ["keep-until"] })],
      NOW,
      WITHIN,
    );
    expect(Object.keys(byWork).sort()).toEqual(["replace-bearings", "replace-run-capacitor"]);
    expect(byMaker).toMatchObject([{ maker: "Dosbrook" }, { maker: "Dosbrook" }]);
  });
  test("complaint to cause: of clear cards alone, and not of one that came back", () => {
    const clear = (cause: DatedDeed["cause"]) => deed({ complaints: ["starts-slow"], cause });
    const back = clear("bearing-worn");
    const { causes } = learn(
      [clear("run-capacitor"), clear("run-capacitor"), clear("start-winding"), clear(null), back, backFrom(back, 3)],
      NOW,
      WITHIN,
    );
    expect(causes.map(({ cause, rate }) => [cause, rate.hits, rate.cases])).toEqual([
      ["run-capacitor", 2, 3],
      ["start-winding", 1, 3],
    ]);
  });
  test("minutes of a work alone: the middle, and the middle half", () => {
    const minutes = [10, 20, 30, 40, 50].map((each) => deed({ minutes: each }));
    const both = deed({ works: ["replace-run-capacitor", "replace-bearings"], minutes: 500 });
    expect(learn([...minutes, both], NOW, WITHIN).minutes).toEqual({
      "replace-run-capacitor": { cases: 5, median: 30, lower: 20, upper: 40 },
    });
  });
});

describe("what it would change", () => {
  test("nothing from few cases, nothing from cases that say what the table says", () => {
    expect(offersOf(learn([deed({ minutes: 500 }), deed(), deed(), deed()], NOW, WITHIN), HOUSE)).toEqual([]);
    const rate = HOUSE_RULES.returnsStartSwitch.fallback / 100;
    const many = Array.from({ length: 100 }, () => deed({ works: ["service-start-switch"], minutes: HOUSE.switchMinutes }));
    const backs = many.slice(0, Math.round(rate * 100)).map((each) => backFrom(each, 5));
    expect(offersOf(learn([...many, ...backs], NOW, WITHIN), HOUSE)).toEqual([]);
  });
  test("what was taken stands as taken, and is not counted twice", () => {
    const many = Array.from({ length: 30 }, () => deed({ minutes: 35 }));
    const [first] = offersOf(learn(many, NOW, WITHIN), HOUSE).filter(({ kind }) => kind === "minutes");
    expect(first).toMatchObject({ rule: "capacitorMinutes", now: 20, to: 33, cases: 30, isTaken: false });
    const taken = { ...HOUSE, capacitorMinutes: 33 };
    expect(offersOf(learn(many, NOW, WITHIN), taken).find(({ rule }) => rule === "capacitorMinutes")).toMatchObject({
      to: 33,
      isTaken: true,
    });
  });
  test("a rate that was taken moves the costs of that work alone", () => {
    const holds = (house: typeof HOUSE) =>
      Object.fromEntries(costModel(house, {} as never).actions.map(({ action, holds: each }) => [action, each]));
    const before = holds(HOUSE);
    for (const work of JUDGED_WORKS) if (before[work] !== undefined) expect(before[work]).toBeCloseTo(ACTION_TABLE[work].holds, 9);
    const after = holds({ ...HOUSE, returnsMotor: 8, returnsBearings: 14 });
    expect(after["replace-motor"]).toBeCloseTo(0.92, 9);
    expect(after["replace-bearings"]).toBeCloseTo(0.86, 9);
    expect(after["replace-run-capacitor"]).toBe(before["replace-run-capacitor"]);
  });
  test("defaults of the rules are what the table of works says", () => {
    for (const work of JUDGED_WORKS) expect(HOUSE_RULES[RETURNS_OF[work]].fallback).toBeCloseTo(100 * (1 - ACTION_TABLE[work].holds), 9);
  });
});

/** A house whose works come back, and whose parts fail, as often as it is told. */
function simulatedHouse(seed: number, cards: number, comesBack: number, capacitorShare: number): DatedDeed[] {
  const random = seriesFrom(seed);
  const normal = normalFrom(random);
  return Array.from({ length: cards }, () => {
    const isCapacitor = random() < capacitorShare;
    const work: JudgedWork = isCapacitor ? "replace-run-capacitor" : "replace-bearings";
    const card = deed({
      works: [work],
      cause: isCapacitor ? "run-capacitor" : "bearing-worn",
      complaints: ["starts-slow"],
      minutes: Math.max(5, Math.round(40 + 6 * normal())),
    });
    return random() < comesBack ? [card, backFrom(card, 1 + Math.floor(random() * (WITHIN - 2)))] : [card];
  }).flat();
}

test("learning from simulated houses moves what is stated toward the truth, and never out of the bounds of its rule", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 1e6 }),
      fc.double({ min: 0, max: 0.5, noNaN: true }),
      fc.double({ min: 0.1, max: 0.9, noNaN: true }),
      (seed, comesBack, capacitorShare) => {
        const learnt = learn(simulatedHouse(seed, 400, comesBack, capacitorShare), NOW, WITHIN);
        const offers = offersOf(learnt, HOUSE);
        for (const { rule, to } of offers) {
          expect(to).toBeGreaterThanOrEqual(HOUSE_RULES[rule].min);
          expect(to).toBeLessThanOrEqual(HOUSE_RULES[rule].max);
        }
        // What the table says is far off by more than chance: then the offer is nearer to the truth than the table.
        const table = HOUSE_RULES.returnsRunCapacitor.fallback / 100;
        const seen = learnt.byWork["replace-run-capacitor"]?.returns.cases ?? 0;
        const spread = 3 * Math.sqrt((comesBack * (1 - comesBack)) / Math.max(1, seen));
        if (seen >= 40 && Math.abs(comesBack - table) > spread + 0.02) {
          const offer = offers.find(({ rule }) => rule === "returnsRunCapacitor");
          expect(Math.abs((offer?.to ?? 100 * table) / 100 - comesBack)).toBeLessThan(Math.abs(table - comesBack));
        }
        // Parts: the learnt factor brings the share of the capacitor nearer to what this house finds.
        const profile = { type: "psc", machine: "fan", ageYears: 8 } as const;
        const share = (factor: number): number => {
          const priors = [...priorsFor(profile)].map(
            ([suspect, prior]) => [suspect, suspect === "run-capacitor" ? prior * factor : prior] as const,
          );
          const total = priors.reduce((sum, [, prior]) => sum + prior, 0);
          return (priors.find(([suspect]) => suspect === "run-capacitor")?.[1] ?? 0) / total;
        };
        const usual = share(1);
        if (Math.abs(usual - capacitorShare) > 0.12) {
          const factor = offers.find(({ rule }) => rule === "priorRunCapacitor")?.to ?? 1;
          expect(Math.abs(share(factor) - capacitorShare)).toBeLessThan(Math.abs(usual - capacitorShare));
        }
      },
    ),
    { seed: 20, numRuns: howMany(60, 10) },
  );
});
test("a share is between the table's and the house's own, whatever the counts", () =>
  fc.assert(
    fc.property(fc.double({ min: 0, max: 1, noNaN: true }), fc.nat(500), fc.nat(500), (table, hits, misses) => {
      const cases = hits + misses;
      const own = cases === 0 ? table : hits / cases;
      const share = learntShare(table, hits, cases);
      expect(share).toBeGreaterThanOrEqual(Math.min(table, own) - 1e-12);
      expect(share).toBeLessThanOrEqual(Math.max(table, own) + 1e-12);
    }),
    { seed: 20 },
  ));
