import fc from "fast-check";
import { toHouseFigures } from "../house";
import {
  adviseBearing,
  BEARING_SIZES,
  bearingJob,
  bearingSize,
  clearanceRange,
  defectBands,
  defectFrequencies,
  estimateGeometry,
  geometryOf,
  greaseGrams,
  identifyBearing,
  judgeByHand,
  judgeSeat,
  oilDrops,
  orderNumber,
  parseDesignation,
  possibleGeometries,
  pressPath,
  printDesignation,
  readLength,
  repairsFor,
  shouldersOf,
  splitDimensions,
  STAMPED_NUMBERS,
  SUFFIX_CODES,
  suffixSpec,
  upkeepMonths,
  usualField,
  type BearingSize,
  type MeasuredSize,
} from ".";
import { howMany } from "../../../tests/support/how-many";

const HOUSE = toHouseFigures({});
const read = (text: string) => {
  const result = parseDesignation(text);
  if (!result.ok) throw new Error(`${text}: ${result.failure.code}`);
  return result.value;
};
const sizeOf = (number: string): BearingSize => {
  const size = bearingSize(number);
  if (!size) throw new Error(number);
  return size;
};
const sized = (bore: number | null, outside: number | null, width: number | null): MeasuredSize => ({ bore, outside, width });

describe("the table of sizes", () => {
  test("no number stands twice, and every ring has room for balls", () => {
    const numbers = STAMPED_NUMBERS.map(([number]) => number);
    expect(numbers.filter((number, index) => numbers.indexOf(number) !== index)).toEqual([]);
    for (const { number, boreMm, outsideMm, widthMm, closedWidthMm } of BEARING_SIZES) {
      expect([number, outsideMm > boreMm * 1.1, widthMm > 0, (closedWidthMm ?? widthMm) >= widthMm]).toEqual([number, true, true, true]);
    }
  });
  test("within a metric series a larger bore has a larger outside and no smaller width", () => {
    for (const series of ["618", "619", "160", "60", "62", "63"] as const) {
      const rows = BEARING_SIZES.filter((size) => size.series === series);
      rows.slice(1).forEach((size, index) => {
        const before = rows[index] as BearingSize;
        expect([size.number, size.boreMm > before.boreMm, size.outsideMm > before.outsideMm, size.widthMm >= before.widthMm]).toEqual([
          size.number,
          true,
          true,
          true,
        ]);
      });
    }
  });
  test("bore code times five is the bore from code 04 on", () => {
    for (const { number, boreMm } of BEARING_SIZES) {
      const code = /^6(?:0|2|3|18|19)(\d\d)$/.exec(number)?.[1];
      if (code && Number(code) >= 4) expect([number, boreMm]).toEqual([number, 5 * Number(code)]);
    }
  });
  test("inch bores are whole sixteenths or thirty-seconds", () => {
    for (const { number, boreMm } of BEARING_SIZES.filter(({ series }) => series === "inch" || series === "special-bore")) {
      const parts = (boreMm / 25.4) * 32;
      expect([number, Math.abs(parts - Math.round(parts)) < 0.01]).toEqual([number, true]);
    }
  });
  test.each([
    ["6803", "61803"],
    ["6905", "61905"],
    ["618/8", "688"],
    ["62/6", "626"],
  ])("%s is another number of %s", (stamped, number) => expect(bearingSize(stamped)).toBe(bearingSize(number)));
});

describe("a number as stamped", () => {
  test.each([
    ["6203-2RSH/C3", "6203", "seals-both", "C3"],
    ["608ZZ", "608", "shields-both", null],
    ["R8-2RS", "R8", "seals-both", null],
    ["6304", "6304", "open", null],
    ["62032RS", "6203", "seals-both", null],
    ["6203 llu/c3", "6203", "seals-both", "C3"],
    ["62O3 2Z", "6203", "shields-both", null],
    ["6205-2RS1/C3 P6", "6205", "seals-both", "C3"],
    ["6204ZZ P63", "6204", "shields-both", "C3"],
    ["6203-5/8 2RS", "6203-10", "seals-both", null],
    ["6203-10 ZZ", "6203-10", "shields-both", null],
    ["60/22-2RS", "60/22", "seals-both", null],
    ["6206 Z N", "6206", "shield-one", null],
    ["6202 Z RS", "6202", "shield-and-seal", null],
    ["SS6201-2RS", "6201", "seals-both", null],
    ["Kelmore 6203ZZCM", "6203", "shields-both", "CM"],
    ["R188 ZZ", "R188", "shields-both", null],
    ["6000 DDU C4", "6000", "seals-both", "C4"],
    ["6203T1XZZC3", "6203", "shields-both", "C3"],
    ["6203-2ZTN9/C3VT162", "6203", "shields-both", "C3"],
    ["6305E", "6305", "open", null],
    ["6203/5K", "6203", null, null],
    ["I6003", "16003", "open", null],
    ["6207NR", "6207", "open", null],
  ])("%s", (text, number, closure, clearance) => {
    const found = read(text);
    expect(found.candidates.map((each) => each.number)).toEqual([number]);
    expect(found).toMatchObject({ closure, clearance });
  });

  test("a worn one keeps every size and closure it can be", () => {
    const found = read("62?3 2R?");
    expect(found.candidates.map(({ number }) => number)).toEqual(["6203", "6213"]);
    expect(found).toMatchObject({ closure: "seals-both", isWorn: true });
    expect(found.suffixes[0]?.meanings.map((codes) => codes.join())).toEqual(["2RS", "2RZ"]);
  });
  test("a worn suffix that could be seal or shield says neither", () => {
    expect(read("6203 ??").closure).toBeNull();
  });
  test("the usual sizes come first among those a worn number may be", () => {
    expect(read("6?03").candidates.map(({ number }) => number)).toEqual(["6203", "6003", "6303", "6403", "6903", "6803"]);
  });
  test("what no table knows is kept and marked as not understood", () => {
    const found = read("6203-2RS/XQ77");
    expect(found.suffixes.filter(({ meanings }) => meanings.length === 0).map(({ text }) => text)).toEqual(["XQ77"]);
    expect(printDesignation(found)).toBe("6203-2RS/XQ77");
  });
  test.each(["", "  "])("nothing keyed (%j) asks for a number", (text) =>
    expect(parseDesignation(text)).toMatchObject({ ok: false, failure: { code: "bearing-empty" } }),
  );
  test.each(["NU206", "62034", "blower", "17", "?????????"])("%s is no size of the table", (text) =>
    expect(parseDesignation(text)).toMatchObject({ ok: false, failure: { code: "bearing-unknown" } }),
  );

  const suffixes = fc.uniqueArray(fc.constantFrom(...SUFFIX_CODES), { maxLength: 4, selector: (code) => suffixSpec(code).kind });
  test("printing and reading again changes nothing, for every number and any suffixes", () => {
    fc.assert(
      fc.property(fc.constantFrom(...STAMPED_NUMBERS), suffixes, ([number, size], codes) => {
        const stamped = [number, ...codes].join(" ");
        const first = read(stamped);
        expect(first.candidates).toEqual([{ number, size }]);
        const again = read(printDesignation(first));
        expect(printDesignation(again)).toBe(printDesignation(first));
        expect([again.closure, again.clearance, again.candidates]).toEqual([first.closure, first.clearance, first.candidates]);
        expect(new Set(first.suffixes.flatMap(({ meanings }) => meanings.flat()))).toEqual(new Set(codes));
      }),
      { seed: 7, numRuns: howMany(600) },
    );
  });
  test("no text at all makes it throw", () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.string({ maxLength: 40 }), fc.string({ maxLength: 24, unit: fc.constantFrom(..."0123456RZC?2/- SNP") })),
        (text) => {
          const result = parseDesignation(text);
          if (!result.ok) return;
          expect(result.value.candidates.length).toBeGreaterThan(0);
          for (const { size } of result.value.candidates)
            expect(size.boreMm > 0 && size.boreMm < size.outsideMm && size.outsideMm < 1000).toBe(true);
        },
      ),
      { seed: 11, numRuns: howMany(2000) },
    );
  });
});

describe("lengths", () => {
  test.each([
    ["17", "mm", 17],
    ["16,98 mm", "mm", 16.98],
    ["1.7cm", "mm", 17],
    ["5/8", "mm", 15.875],
    ["1 3/8", "mm", 34.925],
    ['1-3/8"', "mm", 34.925],
    ["1½", "mm", 38.1],
    [".669", "inch", 16.9926],
    ["0.5 in", "mm", 12.7],
    ["17 mm", "inch", 17],
  ] as const)("%s in a field of %s is %f mm", (text, unit, valueMm) => {
    const result = readLength(text, unit);
    expect(result.ok && result.value.valueMm).toBeCloseTo(valueMm, 6);
  });
  test.each([
    ["", "reading-empty"],
    ["abc", "reading-not-a-number"],
    ["-3", "reading-negative"],
    ["0", "reading-out-of-range"],
    ["5/0", "reading-wrong-unit"],
    ["1.2.3", "reading-two-points"],
    ["12 V", "reading-wrong-unit"],
  ])("%j is refused", (text, code) => expect(readLength(text, "mm")).toMatchObject({ ok: false, failure: { code } }));
  test("three in one line", () => {
    expect(splitDimensions("17x40 × 12")).toEqual(["17", "40", "12"]);
    expect(splitDimensions("17x40")).toBeNull();
  });
});

describe("a size from a calliper", () => {
  test.each(
    BEARING_SIZES.flatMap((size) => [
      [size.number, size, false] as const,
      ...(size.closedWidthMm ? [[`${size.number} closed`, size, true] as const] : []),
    ]),
  )("%s is found from its own dimensions ± 0.1 mm", (_name, size, isClosed) => {
    const width = isClosed ? (size.closedWidthMm ?? 0) : size.widthMm;
    for (const [a, b, c] of [
      [0, 0, 0],
      [0.1, 0.1, 0.1],
      [-0.1, -0.1, -0.1],
      [0.1, -0.1, 0.1],
      [-0.1, 0.1, -0.1],
      [0.1, 0.1, -0.1],
      [-0.1, -0.1, 0.1],
    ] as const) {
      const found = identifyBearing(sized(size.boreMm + a, size.outsideMm + b, width + c), 0.2);
      // 1621 and 6202-8 lie closer together than a calliper can tell: both are named, and neither is settled.
      const within = found.candidates.filter(({ isWithin }) => isWithin).map(({ size: each }) => each.number);
      expect(within).toContain(size.number);
      expect(found.isSettled).toBe(within.length === 1);
      expect(found.slip).toBeNull();
    }
  });
  test("worn rims still name it, with the misfit of each figure", () => {
    const [best] = identifyBearing(sized(17.05, 39.9, 11.9), 0.2).candidates;
    expect(best?.size.number).toBe("6203");
    expect(best?.misfitMm.bore).toBeCloseTo(0.05, 9);
    expect(best?.misfitMm.outside).toBeCloseTo(-0.1, 9);
  });
  test.each([
    ["cm typed for mm", sized(1.7, 4, 1.2), "cm-for-mm", "6203"],
    ["inches typed for mm", sized(0.669, 1.575, 0.472), "inch-for-mm", "6203"],
    ["mm typed in a field of inches", sized(17 * 25.4, 40 * 25.4, 12 * 25.4), "mm-for-inch", "6203"],
    ["one figure with its point lost", sized(17, 400, 12), "point", "6203"],
    ["one figure in inches", sized(17, 1.575, 12), "inch-for-mm", "6203"],
    ["bore and outside in each other's field", sized(40, 17, 12), "order", "6203"],
    ["width first", sized(12, 40, 17), "order", "6203"],
    ["inch size, keyed in inches", sized(0.5, 1.125, 0.3125), "inch-for-mm", "R8"],
  ] as const)("%s", (_what, measured, slip, number) => {
    const found = identifyBearing(measured, 0.2);
    expect(found.slip).toMatchObject({ slip, best: { size: { number } } });
    expect(found.isSettled).toBe(false);
  });
  test("a unit that was typed is doubted too where its figure leads nowhere, but last", () => {
    const typed = identifyBearing(sized(170, 400, 120), 0.2, ["bore", "outside", "width"]);
    expect(typed.slip).toMatchObject({ slip: "mm-for-cm", best: { size: { number: "6203" } } });
    const one = identifyBearing(sized(17, 400, 12), 0.2, ["outside"]);
    expect(one.slip).toMatchObject({ dimensions: ["outside"], best: { size: { number: "6203" } } });
  });
  test("nothing near: the nearest are told all the same, as misfits", () => {
    const found = identifyBearing(sized(18.5, 43.2, 13.1), 0.2);
    expect(found).toMatchObject({ isSettled: false, slip: null });
    expect(found.candidates.every(({ isWithin }) => !isWithin)).toBe(true);
  });
  test("one figure alone names nothing; two leave what they leave", () => {
    expect(identifyBearing(sized(17, null, null), 0.2).candidates).toEqual([]);
    const two = identifyBearing(sized(17, 35, null), 0.2);
    expect(
      two.candidates
        .filter(({ isWithin }) => isWithin)
        .map(({ size }) => size.number)
        .sort(),
    ).toEqual(["16003", "6003", "63003"]);
    expect(two.isSettled).toBe(false);
  });
});

describe("balls and frequencies", () => {
  test("6203 at 1725 rpm, by hand", () => {
    const found = defectFrequencies(geometryOf(sizeOf("6203")), 1725);
    expect(found.outerRingHz).toBeCloseTo(87.776, 2);
    expect(found.innerRingHz).toBeCloseTo(142.224, 2);
    expect(found.outerRingHz + found.innerRingHz).toBeCloseTo(8 * found.shaftHz, 9);
  });
  test("the estimate has the balls of every listed size to one, and their diameter to 10 %", () => {
    const listed = BEARING_SIZES.filter((size) => geometryOf(size).isListed);
    expect(listed.length).toBeGreaterThan(10);
    // 6200 is made with smaller balls than its rings have room for: that is why it is listed.
    for (const size of listed.filter(({ number }) => number !== "6200")) {
      const [known, guess] = [geometryOf(size), estimateGeometry(size)];
      expect([size.number, Math.abs(guess.balls - known.balls) <= 1]).toEqual([size.number, true]);
      expect(Math.abs(guess.ballDiameterMm / known.ballDiameterMm - 1)).toBeLessThan(0.1);
    }
  });
  test("a listed bearing at a known speed has one figure, an estimated one at two speeds a band", () => {
    const [outer] = defectBands(possibleGeometries(sizeOf("6203")), [1725]);
    expect(outer).toMatchObject({ defect: "outer-ring", lowHz: outer?.likelyHz, highHz: outer?.likelyHz });
    for (const { lowHz, likelyHz, highHz } of defectBands(possibleGeometries(sizeOf("6312")), [1450, 1500])) {
      expect(lowHz).toBeLessThan(likelyHz);
      expect(highHz).toBeGreaterThan(likelyHz);
    }
  });
  test("rings keep their order: bore, inner shoulder, outer shoulder, outside", () => {
    for (const size of BEARING_SIZES) {
      const { innerMm, outerMm } = shouldersOf(size);
      expect([size.number, size.boreMm < innerMm, innerMm < outerMm, outerMm < size.outsideMm]).toEqual([size.number, true, true, true]);
    }
  });
});

describe("fits", () => {
  const RULES = { guardFactor: 1, coverageFactor: 2 };
  test.each([
    ["sound shaft", "shaft", 17.001, 1, "holds"],
    ["worn shaft", "shaft", 16.985, 1, "out"],
    ["at the limit, by micrometer", "shaft", 16.998, 2, "too-close"],
    ["in the middle, by micrometer", "shaft", 17.003, 2, "holds"],
    ["sound sliding seat", "housing", 40.012, 1, "holds"],
    ["worn seat", "housing", 40.08, 2, "out"],
    ["shaft by calliper", "shaft", 17.0, 30, "too-close"],
  ] as const)("%s", (_what, seat, measured, sd, decision) => {
    expect(judgeSeat(seat, sizeOf("6203"), true, measured, sd, RULES).conformity.decision).toBe(decision);
  });
  test("a worn shaft: how loose, and the play a new bearing would have", () => {
    const verdict = judgeSeat("shaft", sizeOf("6203"), true, 16.985, 1, RULES);
    expect(verdict).toMatchObject({ field: "j6", offUm: -15, looseUm: 12, isLoose: true, play: { lowUm: 7, highUm: 15 } });
    const seat = judgeSeat("housing", sizeOf("6203"), false, 40.08, 2, RULES);
    expect(seat).toMatchObject({ field: "J7", looseUm: 66, play: { lowUm: 80, highUm: 91 } });
  });
  test("an oversize shaft is out, but not loose", () => {
    expect(judgeSeat("shaft", sizeOf("6203"), true, 17.03, 1, RULES)).toMatchObject({
      isLoose: false,
      looseUm: 0,
      conformity: { decision: "out" },
    });
  });
  test.each([
    ["shaft", 17, true, "j6"],
    ["shaft", 25, true, "k6"],
    ["housing", 17, true, "H7"],
    ["housing", 17, false, "J7"],
  ] as const)("%s of %d mm, sliding %s: %s", (seat, bore, slides, field) => expect(usualField(seat, bore, slides)).toBe(field));
  test("ways for a loose seat reach as far as they reach; stopgaps come last", () => {
    expect(repairsFor("shaft", 12)).toEqual(["retaining-compound", "next-part", "punch-marks"]);
    expect(repairsFor("shaft", 400)).toEqual(["sleeve", "build-up", "next-part"]);
    expect(repairsFor("housing", 66)).toEqual(["retaining-compound", "sleeve", "next-part", "shim"]);
  });
});

describe("what to press with", () => {
  test("every pusher stands on its ring only", () => {
    for (const size of BEARING_SIZES) {
      for (const ring of ["inner", "outer"] as const) {
        const path = pressPath(size, ring);
        for (const { insideMm, outsideMm } of path.pushers) {
          if (ring === "inner") expect([insideMm > size.boreMm, outsideMm <= path.faceToMm]).toEqual([true, true]);
          else expect([insideMm >= path.faceFromMm, outsideMm < size.outsideMm]).toEqual([true, true]);
        }
      }
    }
  });
  test.each([
    ["6203", "inner", "22 × 2"],
    ["6204", "inner", "25 × 2"],
    ["6205", "inner", "30 × 2"],
    ["6203", "outer", "38 × 2.5"],
    ["6201", "inner", "15 × 1"],
  ] as const)("%s, %s ring: a tube or socket of %s is among them", (number, ring, label) => {
    expect(pressPath(sizeOf(number), ring).pushers.map((pusher) => pusher.label)).toContain(label);
  });
});

test("a socket whose flats the shaft fills does not pass over it", () => {
  expect(pressPath(sizeOf("6203"), "inner").pushers.map(({ kind, label }) => `${kind} ${label}`)).not.toContain("socket 17");
});

describe("advice, clearance and upkeep", () => {
  test.each([
    [[], "shields-both", "C3"],
    [["dusty"], "seals-both", "C3"],
    [["hot"], "shields-both", "C3"],
    [["hot", "dusty"], "seals-both", "C3"],
    [["quiet"], "shields-both", "CN"],
    [["wet", "quiet"], "seals-both", "CN"],
  ] as const)("at %j: %s, %s", (around, closure, clearance) => expect(adviseBearing(around, null)).toMatchObject({ closure, clearance }));
  test.each([
    [["dusty"], "6203-2RS/C3"],
    [["hot"], "6203-2Z/C3"],
    [["quiet"], "6203-2Z"],
  ] as const)("at %j the counter is asked for %s, which reads back as advised", (around, order) => {
    const advice = adviseBearing(around, null);
    expect(orderNumber(sizeOf("6203"), advice)).toBe(order);
    const again = read(order);
    expect([again.closure, again.clearance ?? "CN"]).toEqual([advice.closure, advice.clearance]);
  });
  test("says where the fitted one departs", () => {
    expect(adviseBearing(["dusty"], { closure: "shields-both", clearance: null }).departs).toEqual(["closure", "clearance"]);
    expect(adviseBearing(["dusty"], { closure: "seals-both", clearance: "C3" }).departs).toEqual([]);
  });
  test.each([
    [17, "C3", { lowUm: 11, highUm: 25 }],
    [17, null, { lowUm: 3, highUm: 18 }],
    [25, "C4", { lowUm: 23, highUm: 41 }],
    [17, "CM", null],
    [120, null, null],
  ] as const)("clearance at %d mm, %s", (bore, clearance, range) => expect(clearanceRange(bore, clearance)).toEqual(range));
  test("intervals by duty", () => {
    expect(upkeepMonths("sleeve", "continuous", HOUSE)).toBe(12);
    expect(upkeepMonths("sleeve", "intermittent", HOUSE)).toBe(24);
    expect(upkeepMonths("sleeve", "occasional", HOUSE)).toBe(60);
    expect(upkeepMonths("ball", "occasional", HOUSE)).toBe(36);
  });
  test("a thicker shaft takes more oil, never none", () => {
    const drops = [4, 8, 10, 14, 18, 30].map(oilDrops);
    expect([...drops].sort((a, b) => a - b)).toEqual(drops);
    expect(oilDrops(null)).toBeGreaterThan(0);
    expect(greaseGrams(40, 12)).toBeCloseTo(2.4, 9);
  });
});

describe("the whole job", () => {
  test("both, good, nothing loose, at the house's defaults", () => {
    expect(bearingJob({ both: true, tier: "good", repairs: [], quotedPrice: null }, HOUSE)).toMatchObject({
      partCost: 24,
      minutes: 75,
      cost: 99,
    });
  });
  test("one costs less now and holds less well; a stopgap holds least", () => {
    const both = bearingJob({ both: true, tier: "good", repairs: [], quotedPrice: null }, HOUSE);
    const one = bearingJob({ both: false, tier: "good", repairs: [], quotedPrice: null }, HOUSE);
    const punched = bearingJob({ both: true, tier: "good", repairs: ["punch-marks"], quotedPrice: null }, HOUSE);
    expect(one.cost).toBeLessThan(both.cost);
    expect(one.holds).toBeLessThan(both.holds);
    expect(punched.holds).toBeLessThan(one.holds);
    expect(punched.losses).toContain("shaft-marked");
  });
  test("a quoted price takes the place of the house's, and lathe work brings its minutes and tool", () => {
    const job = bearingJob({ both: true, tier: "best", repairs: ["sleeve"], quotedPrice: 9 }, HOUSE);
    expect(job).toMatchObject({ partCost: 18, minutes: 135 });
    expect(job.tools).toContain("lathe");
    expect(job.overMotor).toBeCloseTo((18 + 135) / 310, 9);
  });
});

test.each<[Parameters<typeof judgeByHand>, "holds" | "out"]>([
  [["shaft", "holds", true], "holds"],
  [["shaft", "slides", true], "out"],
  [["shaft", "turns", false], "out"],
  [["housing", "slides", true], "holds"],
  [["housing", "slides", false], "out"],
  [["housing", "turns", true], "out"],
])("a ring as the hand finds it: %j is %s", ([seat, fit, slides], decision) =>
  expect(judgeByHand(seat, fit, slides)).toMatchObject({ fit, decision }),
);

test.each([
  ["6230-2RS", ["6203", "6320"]],
  ["2603", ["6203"]],
  ["NU206", []],
])("a number that is none, with two digits exchanged: %s", (text, meant) =>
  expect(parseDesignation(text)).toMatchObject({ ok: false, failure: { code: "bearing-unknown", meant } }),
);

test.each([
  ["6203-2RS, rough", "6203-2RS"],
  ["6203 ZZ, dry and noisy", "6203-2Z"],
  ["6203,2RS", "6203-2RS"],
])("what is noted behind a comma is no suffix: %s", (text, shown) => {
  const read = parseDesignation(text);
  expect(read.ok && printDesignation(read.value)).toBe(shown);
});
