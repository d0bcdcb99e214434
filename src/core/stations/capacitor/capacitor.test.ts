import { timesLikelier } from "../../diagnosis";
import { NO_FACTS, type Facts } from "../../facts";
import { NO_STUDY } from "../../study";
import type { EarlierVisit } from "../../station";
import { DEFAULT_METER, toHouseFigures } from "../../house";
import { takeReading, type Entry, type Quantity } from "../../quantity";
import { BLANK_CAPACITOR, capacitorStation, workingOfDischarge, type CapacitorDetail, type CapacitorRecord } from ".";

const HOUSE = toHouseFigures({});
const AT = "2026-11-23T10:00:00.000Z";
const read = (text: string, quantity: Quantity, at = AT): Entry => takeReading(text, quantity, DEFAULT_METER, at).entry;
const uf = (text: string, at = AT) => read(text, "capacitance", at);

const FACTS: Facts = { ...NO_FACTS, motorType: "psc", supplyV: 230, frequencyHz: 60 };
const assess = (record: Partial<CapacitorRecord>, facts: Partial<Facts> = {}, earlier: readonly EarlierVisit[] = []) =>
  capacitorStation.assess(
    { ...BLANK_CAPACITOR, ...record },
    { facts: { ...FACTS, ...facts }, house: HOUSE, earlier, study: NO_STUDY, findings: [] },
  );
const labelled = (record: Partial<CapacitorRecord>, facts: Partial<Facts> = {}, earlier: readonly EarlierVisit[] = []) => {
  const { detail } = assess(record, facts, earlier);
  if (detail.state !== "label") throw new Error(detail.state);
  return detail;
};
const running = (amps: string, volts: string, rest: Partial<CapacitorRecord["running"]> = {}): CapacitorRecord["running"] => ({
  sections: [{ amps: read(amps, "current"), volts: read(volts, "voltage") }],
  hertz: "",
  isStartDeviceOut: null,
  ...rest,
});
const swing = (behaviour: "takes-charge" | "stays-low" | "never-dips" | "settles-at-bleed", climbS = "") => ({
  sections: [{ behaviour, climbS }],
  rangeEnd: "",
});

const LABEL = "17.5 µF ±6 % 440 V";

describe("methods together", () => {
  test.each([
    ["meter alone", { readings: [uf("17.4")] }, "holds", { "capacitor-meter": 1 }],
    ["running alone", { running: running("2.32", "352") }, "holds", { "capacitor-running": 1 }],
    ["passes cold, fails running", { readings: [uf("17.4")], running: running("1.62", "338") }, "out", { "capacitor-running": 1 }],
    ["agree: one finding for one value", { readings: [uf("17.4")], running: running("2.32", "352") }, "holds", { "capacitor-running": 1 }],
    ["swing alone proves little", { swing: swing("takes-charge") }, "noted", { "capacitor-swing": 1 }],
    ["swing finds a short", { swing: swing("stays-low") }, "out", { "capacitor-swing": 1 }],
    ["swing finds an open part", { swing: swing("never-dips") }, "out", { "capacitor-swing": 1 }],
    ["a figure counts before the swing", { readings: [uf("17.4")], swing: swing("takes-charge") }, "holds", { "capacitor-meter": 1 }],
  ] as const)("%s", (_, record, stamp, tests) => {
    const assessment = assess({ label: LABEL, ...(record as Partial<CapacitorRecord>) });
    expect(assessment.stamp).toBe(stamp);
    const counted: Record<string, number> = {};
    for (const { test } of assessment.findings) counted[test] = (counted[test] ?? 0) + 1;
    expect(counted).toEqual(tests);
  });

  test("the weights of every finding add up to one", () => {
    for (const reading of ["17.4", "16.5", "16.2", "4.1", "30"]) {
      for (const { weights } of assess({ label: LABEL, readings: [uf(reading)] }).findings)
        expect(Object.values(weights).reduce((sum, weight) => sum + (weight ?? 0), 0)).toBeCloseTo(1, 9);
    }
  });

  test("a too-close cold figure proposes the running method, and nothing once it was made", () => {
    expect(assess({ label: LABEL, readings: [uf("16.5")] }).openTests).toEqual(["capacitor-running"]);
    expect(assess({ label: LABEL, readings: [uf("16.5")], running: running("2.2", "352") }).openTests).toEqual([]);
    expect(assess({ label: LABEL }).openTests).toEqual(["capacitor-meter"]);
    expect(assess({ label: LABEL, readings: [uf("17.4")] }).openTests).toEqual([]);
  });
});

describe("figures that are no figures", () => {
  test.each([
    ["another path", { readings: [uf("17.4")], isIsolated: false }, "other-path", "not-done"],
    ["unsettled", { readings: [uf("17.4")], settles: false }, "unsettled", "not-done"],
    ["volts typed into amps", { running: running("338", "352") }, "volts-in-amps", "not-done"],
    ["start device in the lead", { running: running("2.3", "352", { isStartDeviceOut: false }) }, "start-device-in-lead", "not-done"],
    ["volts below the line", { running: running("0.99", "150") }, "volts-below-line", "too-close"],
  ])("%s", (_, record, code, stamp) => {
    const assessment = assess({ label: LABEL, ...record });
    expect(assessment.stamp).toBe(stamp);
    const detail = assessment.detail as Extract<CapacitorDetail, { state: "label" }>;
    expect(detail.sections[0]?.doubts.map((doubt) => doubt.code)).toContain(code);
  });

  test.each([
    ["nF typed as µF", "17350", "17350n", 17.35, "out"],
    ["a thousandth: mF, or an open part", "0.0174", "17.4", 17.4, "out"],
    ["the point one place off", "1.74", "17.4", 17.4, "out"],
    ["digits exchanged", "71.4", "17.4", 17.4, "out"],
    ["one digit wrong", "87.4", "17.4", 17.4, "out"],
  ])("%s: %s is asked, %s offered; it stands once somebody says so", (_, typed, text, value, stamp) => {
    const asked = assess({ label: LABEL, readings: [uf(typed)] });
    expect(asked.stamp).toBe("unsure");
    // A tenth may be a dead part: it counts, less than once somebody says that it stands. More than it can be is no figure.
    const [weighed] = asked.findings;
    expect(weighed?.sizes?.map((size) => timesLikelier(size, "run-capacitor") > 20)).toEqual(Number(typed) < value ? [true] : undefined);
    const [section] = (asked.detail as Extract<CapacitorDetail, { state: "label" }>).sections;
    expect(section?.slips.meter).toMatchObject({ text, value: expect.closeTo(value, 9) as number });
    expect(section).toMatchObject({ meter: null, joint: null });
    const declined = assess({ label: LABEL, readings: [{ ...uf(typed), isSure: true }] });
    expect(declined.stamp).toBe(stamp);
    const sure = declined.findings.map(({ sizes: [size] = [] }) => (size ? timesLikelier(size, "run-capacitor") : 0));
    expect(sure[0]).toBeGreaterThan(500);
  });
  test.each(["12", "9.2", "24", "4.1", "5.8", "16.2"])("%s µF on this label is a worn part, not a slip", (typed) => {
    const detail = labelled({ label: LABEL, readings: [uf(typed)] });
    expect(detail.sections[0]?.slips.meter).toBeNull();
  });
  test("tenfold amps while running are asked, and so are volts", () => {
    expect(labelled({ label: LABEL, running: running("23.2", "352") }).sections[0]?.slips.amps).toMatchObject({ text: "2.32" });
    expect(labelled({ label: LABEL, running: running("2.32", "35.2") }).sections[0]?.slips.volts).toMatchObject({ text: "352" });
    expect(assess({ label: LABEL, running: running("23.2", "352") })).toMatchObject({ stamp: "unsure", findings: [] });
  });
  test("OL asks beyond the range or shorted; only a short condemns", () => {
    const ol = { label: LABEL, readings: [uf("OL")] };
    expect(assess(ol)).toMatchObject({ stamp: "unsure", findings: [], openTests: ["capacitor-meter"] });
    expect(assess({ ...ol, overLimit: "beyond-range" })).toMatchObject({
      stamp: "noted",
      findings: [],
      openTests: ["capacitor-swing", "capacitor-running"],
    });
    expect(assess({ ...ol, overLimit: "shorted" })).toMatchObject({
      stamp: "out",
      findings: [{ test: "capacitor-meter", weights: { shorted: 1 } }],
    });
  });

  test("the running method overrules a cold reading with another path across it", () => {
    const detail = labelled({ label: LABEL, readings: [uf("24")], isIsolated: false, running: running("2.32", "352") });
    expect(detail.sections[0]).toMatchObject({ stamp: "holds", meter: null, joint: { agreement: "one" } });
  });

  test("without hertz from plate or person there is no running figure; either gives it", () => {
    const noHertz = { frequencyHz: null };
    expect(labelled({ label: LABEL, running: running("2.32", "352") }, noHertz).sections[0]?.running).toBeNull();
    expect(
      labelled({ label: LABEL, running: running("2.32", "352", { hertz: "60" }) }, noHertz).sections[0]?.running?.found.capacitanceUf,
    ).toBeCloseTo(17.48, 2);
  });

  test("zero volts is a failure in words, not a figure", () => {
    expect(labelled({ label: LABEL, running: running("2.32", "0") }).sections[0]).toMatchObject({
      running: null,
      runningFailure: { code: "running-volts-too-low" },
    });
  });
});

describe("the right part", () => {
  const plate = (text: string): Partial<Facts> => {
    const detail = labelled({ label: text });
    return { plateCapacitor: detail.label };
  };
  test("volts measured above the rating condemn the choice of part, whatever the value", () => {
    expect(assess({ label: LABEL, readings: [uf("17.4")], running: running("3.07", "465") })).toMatchObject({
      stamp: "out",
      detail: { sections: [{ volts: { conformity: { decision: "out" } } }] },
    });
  });
  test("a dual on the wrong terminal is named with the right one", () => {
    const record = { label: "40+5 µF ±6 % 440 V", feeds: "section 1" };
    expect(labelled(record, plate("5 µF 440 V")).mismatches).toEqual([
      { code: "wrong-terminal", terminal: "section 1", terminalUf: 40, askedUf: 5, right: "section 2" },
    ]);
    expect(labelled({ ...record, feeds: "section 2" }, plate("5 µF 440 V")).mismatches).toEqual([]);
  });
  test("a start part where the plate asks for a run part", () => {
    expect(labelled({ label: "189-227 µF 250 V" }, plate("40 µF 440 V")).mismatches.map(({ code }) => code)).toEqual([
      "wrong-value",
      "lower-volts",
      "wrong-kind",
    ]);
  });
  test("exchanged readings of a dual are recognised", () => {
    const dual = (...texts: string[]) => labelled({ label: "40+5 µF ±6 % 440 V", readings: texts.map((text) => uf(text)) });
    expect(dual("5.02", "39.8").areReadingsSwapped).toBe(true);
    expect(dual("39.8", "5.02").areReadingsSwapped).toBe(false);
    expect(dual("5.02", "3").areReadingsSwapped).toBe(false);
  });
  test("bulged is out without a meter, and counts once even where it was seen before", () => {
    expect(assess({ looksBad: true })).toMatchObject({ stamp: "out", findings: [{ test: "look" }] });
    expect(assess({ looksBad: true }, { isCapacitorDamaged: true }).findings).toEqual([]);
  });
});

describe("discharge", () => {
  test.each([
    ["label", { label: "50 µF ±5 % 440 V" }, 440, "label"],
    ["line", { label: "50 µF ±5 %" }, 1.8 * 230, "line"],
    ["keyed", { label: "50 µF ±5 % 440 V", discharge: { ...BLANK_CAPACITOR.discharge, chargedFrom: "380 V" } }, 380, "keyed"],
  ])("charged from the %s", (_, record, chargedFromV, chargeOrigin) => {
    const { discharge } = labelled(record);
    expect(discharge.chargeOrigin).toBe(chargeOrigin);
    expect(discharge.chargedFromV).toBeCloseTo(chargedFromV, 9);
    expect(discharge.holdS).toBeGreaterThanOrEqual(discharge.sum.timeToSafeS);
  });
  test.each([
    ["50 µF 440 V", null],
    ["100 µF 440 V", "too-large"],
    ["189-227 µF 250 V", "start-part"],
  ])("%s: the screwdriver is refused as %s", (label, code) => {
    expect(labelled({ label }).discharge.shortRefused?.code ?? null).toBe(code);
  });
  test("what is left decides by the house's safe volts", () => {
    const left = (volts: string) =>
      labelled({ label: "50 µF", discharge: { ...BLANK_CAPACITOR.discharge, remaining: read(volts, "voltage") } }).discharge.remaining;
    expect(left("29")).toEqual({ volts: 29, isSafe: true });
    expect(left("31")).toEqual({ volts: 31, isSafe: false });
  });
  test("its working has every sum with a source", () => {
    const steps = workingOfDischarge(labelled({ label: "50 µF 440 V" }).discharge);
    expect(steps.map(({ what }) => what)).toEqual(["Discharge through the resistor", "What the resistor takes"]);
    expect(steps.every(({ source, numbers }) => source !== "" && !numbers.includes("NaN"))).toBe(true);
  });
});

describe("earlier visits to the same motor", () => {
  const visit = (at: string, text: string, more: Record<string, unknown> = {}): EarlierVisit => ({
    at,
    records: { capacitor: { ...BLANK_CAPACITOR, label: "6 µF ±6% 450V", readings: [uf(text, at)] }, ...more },
  });
  const years = [
    visit("2023-11-20T10:00:00.000Z", "6.03"),
    visit("2024-11-20T10:00:00.000Z", "5.90"),
    visit("2025-11-20T10:00:00.000Z", "5.77"),
  ];
  const now = { label: "6 µF ±6 % 450 V", readings: [uf("5.61")] };

  test("a falling part has its rate and its date", () => {
    const trend = labelled(now, {}, years).trends[0];
    expect(trend?.earlier).toHaveLength(3);
    expect(trend?.drift).toMatchObject({ isSure: true });
    expect(trend?.drift?.perYearUf).toBeCloseTo(-0.14, 2);
  });
  test("nothing is told from too few", () => {
    expect(labelled(now, {}, years.slice(2)).trends[0]?.drift).toBeNull();
  });
  test("a part that was replaced starts anew", () => {
    const replaced = [
      years[0],
      { ...years[1], records: { ...years[1]?.records, decide: { action: "replace-run-capacitor" } } },
      years[2],
    ] as EarlierVisit[];
    expect(labelled(now, {}, replaced).trends[0]?.earlier).toHaveLength(1);
  });
  test("another label is another part, however it is spelled the same one", () => {
    const other = visit("2025-06-01T10:00:00.000Z", "9.8");
    const changed = { ...other, records: { capacitor: { ...(other.records.capacitor as CapacitorRecord), label: "10 µF 450 V" } } };
    expect(labelled(now, {}, [...years.slice(0, 2), changed]).trends[0]?.earlier).toHaveLength(0);
  });
  test("a record of an unknown shape is passed over", () => {
    expect(labelled(now, {}, [{ at: AT, records: { capacitor: { nonsense: true } } }, ...years]).trends[0]?.earlier).toHaveLength(3);
  });
});
