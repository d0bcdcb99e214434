import fc from "fast-check";
import {
  afterFitting,
  compareQuotes,
  priceOf,
  proofLinesFor,
  quotedPrices,
  quoteInForce,
  readCode,
  readLabelText,
  readPrice,
  readQuote,
  shortCode,
  writeLabelText,
  type Quote,
} from ".";

describe("a price as it was said", () => {
  test.each([
    ["18", 18, "all"],
    ["$38.40 for the pair", 38.4, "pair"],
    ["38,40 the pair", 38.4, "pair"],
    ["€12.50 each", 12.5, "piece"],
    ["7.10 a piece", 7.1, "piece"],
    ["60 for both", 60, "pair"],
    ["only 9 USD", 9, "all"],
    ["38.40/pair", 38.4, "pair"],
    ["38.40 the two", 38.4, "pair"],
    ["38.40 for 2", 38.4, "pair"],
    ["7.10/ea", 7.1, "piece"],
    ["$7.10 per bearing", 7.1, "piece"],
    ["7.10 each x2", 7.1, "piece"],
    ["2 x 7.10", 14.2, "all"],
    ["7.10 × 2", 14.2, "all"],
    ["100 for 4", 100, "all"],
    ["about 40", 40, "all"],
    ["~40", 40, "all"],
    ["60 now", 60, "all"],
    ["38.40 incl. VAT", 38.4, "all"],
    ["free", 0, "all"],
    ["0", 0, "all"],
  ])("%s", (text, amount, of) => {
    expect(readPrice(text)).toEqual({ ok: true, value: { amount, of } });
  });
  test.each([
    ["cheap", "reading-not-a-number"],
    ["40-45", "reading-not-a-number"],
    ["38.40 plus tax", "reading-wrong-unit"],
    ["38.40 + 5 post", "reading-not-a-number"],
    ["-5", "reading-negative"],
    ["38 for the pair, 20 each", "price-of-both"],
    ["9000000", "reading-out-of-range"],
  ])("%s is asked again", (text, code) => {
    expect(readPrice(text)).toMatchObject({ ok: false, failure: { code } });
  });
  test("a pair is bought whole", () => {
    expect(priceOf({ amount: 38.4, of: "pair" }, 2)).toBeCloseTo(38.4, 9);
    expect(priceOf({ amount: 38.4, of: "pair" }, 1)).toBeCloseTo(38.4, 9);
    expect(priceOf({ amount: 7.1, of: "piece" }, 2)).toBeCloseTo(14.2, 9);
  });
});

describe("quotes", () => {
  const quote = (part: Partial<Quote>): Quote => ({
    id: part.supplier ?? "q",
    of: "motor",
    supplier: "",
    price: "",
    postage: "",
    minutes: "",
    days: "",
    isTaken: false,
    ...part,
  });
  const known = (part: Partial<Quote>, standstill = 0) => readQuote(quote(part), 60, standstill);

  test("part, postage, the way and the wait add up", () => {
    expect(known({ price: "118", postage: "9", minutes: "40", days: "2" }, 0.5).terms).toEqual({
      partCost: 127,
      minutes: 40,
      wayCost: 40,
      days: 2,
      waitCost: 24,
      total: 191,
    });
    expect(known({ of: "bearings", price: "7.10 each" }).terms?.partCost).toBeCloseTo(14.2, 9);
    expect(known({ price: "118", minutes: "1.5 h", days: "1 week" }, 0.1).terms).toMatchObject({ wayCost: 90, days: 7 });
  });
  test("without a price there are no terms; what cannot be read is told by its field", () => {
    expect(known({ days: "2" })).toMatchObject({ terms: null, failures: {} });
    expect(Object.keys(known({ price: "118", days: "soon", minutes: "-3" }).failures).sort()).toEqual(["days", "minutes"]);
  });
  test("11 in three days against 60 now: the second is the cheaper from 16.33 a day", () => {
    const comparison = compareQuotes([known({ supplier: "post", price: "11", days: "3" }), known({ supplier: "colleague", price: "60" })]);
    expect(comparison?.cheaper.quote.supplier).toBe("post");
    expect(comparison?.quicker?.quote.supplier).toBe("colleague");
    expect(comparison?.breakEvenADay).toBeCloseTo(49 / 3, 9);
  });
  test("the break-even is where both cost the same, whatever the prices", () => {
    const money = fc.integer({ min: 1, max: 500 });
    fc.assert(
      fc.property(money, money, fc.integer({ min: 1, max: 20 }), (slow, quick, days) => {
        const [a, b] = [{ price: String(slow), days: String(days) }, { price: String(quick) }];
        const at = compareQuotes([known(a), known(b)])?.breakEvenADay ?? null;
        if (quick <= slow) return expect(at).toBeNull();
        const [x, y] = [known(a, (at ?? 0) / 24), known(b, (at ?? 0) / 24)];
        expect(x.terms?.total).toBeCloseTo(y.terms?.total ?? NaN, 6);
      }),
      { seed: 5 },
    );
  });
  test.each([
    ["80 + 95", 175],
    ["38.40 + 6.50", 44.9],
    ["80 plus 95", 175],
  ])("fixed sums beside a price: %s", (said, amount) => {
    expect(readPrice(said)).toEqual({ ok: true, value: { amount: expect.closeTo(amount, 9) as number, of: "all" } });
  });
  test("the one that was taken counts, else all of them; a whole unit stands for itself and for another motor", () => {
    const quotes = [
      quote({ supplier: "a", price: "118" }),
      quote({ supplier: "b", price: "90", of: "motor" }),
      quote({ supplier: "c", price: "400", of: "whole-unit" }),
    ];
    expect(quotedPrices(quotes, 0)).toEqual({
      "replace-motor": [
        { partCost: 118, minutes: 0, waitCost: 0 },
        { partCost: 90, minutes: 0, waitCost: 0 },
        { partCost: 400, minutes: 0, waitCost: 0 },
      ],
      "whole-unit": [{ partCost: 400, minutes: 0, waitCost: 0 }],
    });
    const taken = quotes.map((each) => ({ ...each, isTaken: each.supplier === "a" }));
    expect(quotedPrices(taken, 0)["replace-motor"]?.[0]).toEqual({ partCost: 118, minutes: 0, waitCost: 0 });
    expect(
      quoteInForce(
        taken.map((each) => readQuote(each, 60, 0)),
        "motor",
      )?.quote.supplier,
    ).toBe("a");
    expect(
      quoteInForce(
        quotes.map((each) => readQuote(each, 60, 0)),
        "motor",
      )?.quote.supplier,
    ).toBe("b");
  });
});

describe("lines by machine", () => {
  const place = { works: [], machineKind: "blower", drive: "direct", burnsGas: null, spareLeads: 0, isAdapted: false } as const;
  test("a motor in a furnace blower: leads capped, gas by whoever may; no belt", () => {
    const lines = afterFitting({ ...place, works: ["replace-motor"], burnsGas: true, spareLeads: 2 });
    expect(lines).toEqual(
      expect.arrayContaining([
        "ground-to-bare-metal",
        "leads-capped",
        "screw-on-flat",
        "wheel-centred",
        "cover-and-flue",
        "gas-by-licensed",
      ]),
    );
    expect(lines).not.toContain("belt-tension");
  });
  test("a capacitor asks for its strap and no set screw; a belt for its tension and no wheel", () => {
    expect(afterFitting({ ...place, works: ["replace-run-capacitor"] })).toEqual(["strap-holds", "terminals-covered"]);
    const belt = afterFitting({ ...place, works: ["replace-bearings"], machineKind: "drum", drive: "belt" });
    expect(belt).toContain("belt-tension");
    expect(belt).not.toContain("screw-on-flat");
  });
  test("the proof fits the machine and what was complained of", () => {
    const machine = { machineKind: "hermetic-compressor", drive: null, burnsGas: null, complaints: ["trips-at-start"] } as const;
    expect(proofLinesFor(machine)).toEqual(["restarts-against-pressure", "pressures-or-temperature", "no-trip-in-starts"]);
    expect(proofLinesFor({ ...machine, machineKind: "blower", burnsGas: true, complaints: [] })).toEqual([
      "air-as-it-should",
      "flame-steady",
      "coin-on-edge",
    ]);
  });
});

describe("a label", () => {
  test("its code comes from the record alone, and is typed in any way", () => {
    const code = shortCode("demo-part-1");
    expect(code).toMatch(/^[2-9A-Z]{3}-[2-9A-Z]{3}$/);
    expect(shortCode("demo-part-1")).toBe(code);
    expect(readCode(` ${code.toLowerCase().replace("-", " ")} `)).toBe(code);
    for (const text of ["", "ABC", "ABC-DE0", "ABC-DEFG", "https://x.y"]) expect(readCode(text)).toBeNull();
  });
  test("codes of many records differ", () => {
    const codes = new Set(Array.from({ length: 20_000 }, (_, index) => shortCode(`part-${index}`)));
    expect(codes.size).toBeGreaterThan(19_995);
  });
  test("what its square carries comes back; of anything else it is said that it is none", () => {
    const label = { code: shortCode("x"), lines: ["Tested spare", "1/3 hp 1075 rpm 230 V, 10 µF"] };
    expect(readLabelText(writeLabelText(label))).toEqual(label);
    for (const text of ["", "https://example.org", "Vemmick", "WIFI:S:shop;;"]) expect(readLabelText(text)).toBeNull();
  });
});
