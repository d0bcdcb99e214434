import fc from "fast-check";
import { bruteCombinations } from "../../../tests/support/brute-combinations";
import { partsList } from "../../../tests/support/parts-list";
import { joinParallel, type Joinable, type JoinTarget } from "./combination";
import { enumerateCombinations } from "./enumerate-combinations";
import { searchCombinations } from "./search-combinations";

const targetOf = (ratedUf: number, tolerance = 0.06, atLeastV = 370): JoinTarget => ({
  ratedUf,
  lowUf: ratedUf * (1 - tolerance),
  highUf: ratedUf * (1 + tolerance),
  atLeastV,
});

const part = (id: string, nominalUf: number, rest: Partial<Joinable> = {}): Joinable => ({
  id,
  nominalUf,
  lowUf: nominalUf * 0.95,
  highUf: nominalUf * 1.05,
  ratedV: 440,
  price: 10,
  quantity: 1,
  ...rest,
});

describe("searchCombinations", () => {
  test("45 µF from what is here: exact pairs first, the cheaper before the dearer", () => {
    const list = [part("a", 40), part("b", 5), part("c", 25), part("d", 20, { price: 2 }), part("e", 15), part("f", 30)];
    const [first, second, third] = searchCombinations(list, targetOf(45));
    expect(first).toMatchObject({ ids: ["c", "d"], nominalUf: 45, price: 12, isSureWithin: true });
    expect([second?.ids, third?.ids]).toEqual([
      ["a", "b"],
      ["f", "e"],
    ]);
  });

  test("never a part with too few volts, and the lowest of the volts governs", () => {
    const list = [part("a", 40, { ratedV: 370 }), part("b", 5), part("c", 5, { ratedV: 250, price: 1 })];
    expect(searchCombinations(list, targetOf(45))).toMatchObject([{ ids: ["a", "b"], lowestV: 370 }]);
    expect(searchCombinations(list, targetOf(45, 0.06, 440))).toEqual([]);
  });

  test("a line is used as often as there are pieces, no oftener", () => {
    expect(searchCombinations([part("a", 10, { quantity: 3 })], targetOf(30))).toMatchObject([{ ids: ["a", "a", "a"] }]);
    expect(searchCombinations([part("a", 10, { quantity: 2 })], targetOf(30))).toEqual([]);
  });

  test("finds what a search of every set finds, in the same order", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 1e6 }),
        fc.integer({ min: 4, max: 14 }),
        fc.constantFrom(12, 17.5, 35, 45, 60, 80),
        fc.boolean(),
        (seed, lines, ratedUf, isOdd) => {
          const list = partsList(lines, seed, isOdd);
          const target = targetOf(ratedUf, 0.1);
          expect(searchCombinations(list, target, 8)).toEqual(bruteCombinations(list, target, 8));
        },
      ),
      { seed: 31, numRuns: 120 },
    );
  });

  test("joint limits are the worst cases over every end of every tolerance", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.integer({ min: 2, max: 4 }), (seed, count) => {
        const parts = partsList(count, seed, true);
        const sums = Array.from({ length: 2 ** count }, (_, corner) =>
          parts.reduce((sum, each, index) => sum + (corner & (1 << index) ? each.highUf : each.lowUf), 0),
        );
        const joined = joinParallel(parts, targetOf(40));
        expect(joined.jointLowUf).toBeCloseTo(Math.min(...sums), 9);
        expect(joined.jointHighUf).toBeCloseTo(Math.max(...sums), 9);
      }),
      { seed: 32, numRuns: 200 },
    );
  });
});

describe("enumerateCombinations", () => {
  const stock = [
    { id: "a", capacitanceUf: 30, ratedV: 250 },
    { id: "b", capacitanceUf: 60, ratedV: 250 },
  ];

  test("in series the smaller part bears the more volts: 30 and 60 µF at 300 V share 200 and 100", () => {
    const [found] = enumerateCombinations(stock, { capacitanceUf: 20, lowest: -0.01, highest: 0.01, workingV: 300 });
    expect(found).toMatchObject({ kind: "series", ids: ["a", "b"] });
    expect(found?.capacitanceUf).toBeCloseTo(20, 9);
    expect(found?.voltsV).toEqual([expect.closeTo(200, 9), expect.closeTo(100, 9)]);
  });

  test("a part that would bear more than its rating is refused", () => {
    expect(enumerateCombinations(stock, { capacitanceUf: 20, lowest: -0.01, highest: 0.01, workingV: 400 })).toEqual([]);
  });

  test("volts of the branches add up to the working volts", () => {
    const three = [...stock, { id: "c", capacitanceUf: 10, ratedV: 900 }];
    for (const { kind, voltsV } of enumerateCombinations(three, { capacitanceUf: 20, lowest: -1, highest: 9, workingV: 200 })) {
      const [a = 0, b = 0, c = 0] = voltsV;
      const across = { single: a, parallel: b, series: a + b + c, "(series)parallel": a + b, "(parallel)series": a + c }[kind];
      expect(across).toBeCloseTo(kind === "series" && voltsV.length === 2 ? a + b : 200, 9);
    }
  });
});
