import { NO_FACTS, type Facts } from "@/core/facts";
import { NO_STUDY } from "@/core/study";
import type { EarlierVisit } from "@/core/station";
import { BLANK_CAPACITOR, capacitorStation, type CapacitorRecord } from "@/core/stations/capacitor";
import { DEFAULT_METER, toHouseFigures } from "@/core/house";
import { takeReading, type Quantity } from "@/core/quantity";
import { fitDrift, type Doubt, type Refusal, type Remark } from "@/core/capacitor";
import { dischargeSentences, remainingSentence } from "./discharge-words";
import { doubtSentence } from "./doubt-words";
import { effectSentences } from "./effect-words";
import { refusalWords, REMARK_WORDS, wantedWords } from "./fit-words";
import { BLEED_WORDS, CRUTCH_WORDS, KIT_WORDS } from "./kit-words";
import { labelReadBack } from "./label-read-back";
import { capacitorSentences, type LabelDetail } from "./sentences";
import { trendSentence } from "./trend-words";
import { toWanted } from "@/core/stations/capacitor";
import { readMoments, withAt } from "./words";

const HOUSE = toHouseFigures({});
const AT = "2026-11-23T10:00:00.000Z";
const read = (text: string, quantity: Quantity) => takeReading(text, quantity, DEFAULT_METER, AT).entry;
const FACTS: Facts = { ...NO_FACTS, motorType: "psc", supplyV: 230, frequencyHz: 60 };
const record = (part: Partial<CapacitorRecord>): CapacitorRecord => ({ ...BLANK_CAPACITOR, ...part });
const detailOf = (part: Partial<CapacitorRecord>, facts: Partial<Facts> = {}, earlier: readonly EarlierVisit[] = []): LabelDetail => {
  const { detail } = capacitorStation.assess(record(part), {
    facts: { ...FACTS, ...facts },
    house: HOUSE,
    earlier,
    study: NO_STUDY,
    findings: [],
  });
  if (detail.state !== "label") throw new Error(detail.state);
  return detail;
};

/** A sentence a person can act on: no gaps, no raw numbers, no exclamation. */
function expectPlain(sentence: string): void {
  expect(sentence).not.toMatch(/undefined|NaN|null|Infinity|\[object|!|\d\.\d{5}/);
  expect(sentence.trim().length).toBeGreaterThan(10);
}

const DOUBTS: { readonly [Code in Doubt["code"]]: Extract<Doubt, { code: Code }> } = {
  "thousand-high": { code: "thousand-high", readingUf: 17350, ratedUf: 17.5 },
  "thousand-low": { code: "thousand-low", readingUf: 0.01735, ratedUf: 17.5 },
  "other-path": { code: "other-path" },
  unsettled: { code: "unsettled" },
  "volts-in-amps": { code: "volts-in-amps", amps: 338 },
  "amps-in-volts": { code: "amps-in-volts", volts: 1.9 },
  "volts-below-line": { code: "volts-below-line", volts: 120, supplyV: 230 },
  "start-device-in-lead": { code: "start-device-in-lead" },
  "frequency-unknown": { code: "frequency-unknown" },
};
test.each(Object.values(DOUBTS).map((doubt) => [doubt.code, doubt] as const))("%s says what happened and what to do", (_, doubt) => {
  const sentence = doubtSentence(doubt);
  expectPlain(sentence);
  expect(sentence).toMatch(/[Tt]ype|read again|Clamp|Check|choose|Take one lead off|fingers off/);
});

const REFUSALS: { readonly [Code in Refusal["code"]]: Extract<Refusal, { code: Code }> } = {
  "another-value": { code: "another-value", wantedUf: 10, ratedUf: 12.5, percent: 25 },
  "section-missing": { code: "section-missing", wantedUf: [40, 5], ratedUf: [40] },
  "lower-volts": { code: "lower-volts", wantedV: 440, ratedV: 370 },
  "volts-unknown": { code: "volts-unknown", wantedV: 440 },
  "other-kind": { code: "other-kind", wanted: "run", fitted: "start" },
  "other-hertz": { code: "other-hertz", wantedHz: 50, ratedHz: [60] },
  "too-cool": { code: "too-cool", ambientC: 80, maxC: 70 },
  "not-cold-enough": { code: "not-cold-enough", coldestC: -40, minC: -25 },
  "too-wide": { code: "too-wide", strapMm: 40, diameterMm: 50 },
  "too-tall": { code: "too-tall", spaceMm: 60, heightMm: 72 },
  "too-few-terminals": { code: "too-few-terminals", wanted: 6, terminals: 4 },
  "none-left": { code: "none-left" },
};
test.each(Object.values(REFUSALS).map((refusal) => [refusal.code, refusal] as const))("%s is a reason in words", (_, refusal) => {
  expect(refusalWords(refusal)).not.toMatch(/undefined|NaN/);
  expect(refusalWords(refusal).length).toBeGreaterThan(5);
});

test("remarks, kits, crutches and bleeds all have their words", () => {
  const all = [
    ...Object.values<string>(REMARK_WORDS as Record<Remark, string>),
    ...Object.values(KIT_WORDS).flat(),
    ...Object.values(CRUTCH_WORDS),
    ...Object.values(BLEED_WORDS),
  ];
  all.forEach(expectPlain);
});

const LABEL = "17.5 µF ±6 % 440 V";
const running = (amps: string, volts: string): CapacitorRecord["running"] => ({
  sections: [{ amps: read(amps, "current"), volts: read(volts, "voltage") }],
  hertz: "",
  isStartDeviceOut: null,
});
const swing = (behaviour: CapacitorRecord["swing"]["sections"][number]["behaviour"]) => ({
  sections: [{ behaviour, climbS: "1.4" }],
  rangeEnd: "",
});

describe("sentences of the part", () => {
  test.each<readonly [string, Partial<CapacitorRecord>, RegExp]>([
    ["nothing keyed", {}, /fingers off the tips/],
    ["holds", { readings: [read("17.4", "capacitance")] }, /inside the low limit.*It holds/],
    ["out high", { readings: [read("20", "capacitance")] }, /above the high limit.*It is out/],
    ["too close", { readings: [read("16.5", "capacitance")] }, /Chance that it is within limits/],
    ["OL", { readings: [read("OL", "capacitance")] }, /beyond this meter's range, or shorted/],
    [
      "disagree low",
      { readings: [read("17.4", "capacitance")], running: running("1.62", "338") },
      /^The methods disagree: .*It loses value/,
    ],
    [
      "disagree high",
      { readings: [read("12", "capacitance")], running: running("2.3", "350") },
      /^The methods disagree: .*The cold reading was low/,
    ],
    ["over its volts", { running: running("3.07", "465") }, /bears 465 V while running; its label allows 440 V/],
    ["swing", { swing: swing("takes-charge") }, /takes a charge.*weak part swings like a good one/],
    ["swing short", { swing: swing("stays-low") }, /Stays near zero: shorted/],
    ["swing open", { swing: swing("never-dips") }, /Never dips: open/],
    ["bulged", { looksBad: true, readings: [read("17.4", "capacitance")] }, /^Bulged, vented, leaking or burnt/],
  ])("%s", (_, part, expected) => {
    const sentences = capacitorSentences(detailOf({ label: LABEL, ...part }), readMoments(record(part)), HOUSE);
    sentences.forEach(expectPlain);
    expect(sentences.join(" ")).toMatch(expected);
  });

  test("a house that replaces at once says so", () => {
    const detail = detailOf({ label: LABEL, readings: [read("16.5", "capacitance")] });
    const say = (tooCloseReplace: "leave" | "replace") => capacitorSentences(detail, [AT], { ...HOUSE, tooCloseReplace }).join(" ");
    expect(say("replace")).toContain("the house rule says: replace it now");
    expect(say("leave")).toContain("leave it and look again by 21 Feb 2027");
  });

  test("the label is read back whole", () => {
    expect(labelReadBack(detailOf({ label: "189-227 mfd 250 VAC made here" }))).toBe(
      "Start capacitor (a printed range is usual on start parts) · 189 to 227 µF · 250\u00a0V · kept as a note: made here",
    );
  });
});

describe("what a value does", () => {
  test.each<readonly [string, Partial<CapacitorRecord>, RegExp | null]>([
    ["weak", { readings: [read("12", "capacitance")] }, /less starting torque.*At 345 V \(about 1.5 × line, an estimate\).*−31/],
    ["high", { readings: [read("22", "capacitance")] }, /start winding draws over its amps/],
    ["open", { swing: swing("never-dips") }, /pushed, it may run either way/],
    ["shorted", { readings: [read("OL", "capacitance")], overLimit: "shorted" as const }, /straight on the line/],
    ["as rated", { readings: [read("17.4", "capacitance")] }, null],
    ["too close to call", { readings: [read("16.4", "capacitance")] }, null],
  ])("%s", (_, part, expected) => {
    const section = detailOf({ label: LABEL, ...part }).sections[0];
    const sentences = section ? effectSentences(section, "run") : [];
    sentences.forEach(expectPlain);
    if (expected) expect(sentences.join(" ")).toMatch(expected);
    else expect(sentences).toEqual([]);
  });
  test("of a start part other things are told", () => {
    const section = detailOf({ label: "189-227 µF 250 V", readings: [read("120", "capacitance")] }).sections[0];
    expect(section && effectSentences(section, "start").join(" ")).toMatch(/does not always mean a weak start/);
  });
});

describe("discharge in words", () => {
  test.each([
    ["50 µF 440 V", "resistor", /15 kΩ brings it to 30 V in .* s; hold it/],
    ["50 µF 440 V", "short", /a short arcs/],
    ["100 µF 440 V", "short", /Never short a part above 80 µF/],
    ["189-227 µF 250 V", "short", /Never short a start part/],
  ] as const)("%s by %s", (label, school, expected) => {
    const sentences = dischargeSentences(detailOf({ label }).discharge, school);
    sentences.forEach(expectPlain);
    expect(sentences.join(" ")).toMatch(expected);
  });
  test("what is left is told either way, and its absence too", () => {
    const left = (remaining: string | null) =>
      remainingSentence(
        detailOf({
          label: "50 µF",
          discharge: { ...BLANK_CAPACITOR.discharge, remaining: remaining === null ? null : read(remaining, "voltage") },
        }).discharge,
      );
    expect(left(null)).toMatch(/Time alone proves nothing/);
    expect(left("2")).toMatch(/counts as discharged/);
    expect(left("80")).toMatch(/not discharged/);
  });
});

describe("the trend in words", () => {
  const limits = { lowUf: 5.64, highUf: 6.36 };
  const from = Date.parse("2022-11-20") / 86_400_000;
  const say = (values: readonly number[], u = 0.03) => {
    const drift = fitDrift(
      values.map((capacitanceUf, year) => ({ day: from + year * 365, capacitanceUf, standardUncertaintyUf: u })),
      limits,
    );
    return drift ? trendSentence(drift, new Date("2026-11-23")) : "";
  };
  test.each([
    ["a sure fall", [6.1, 6.0, 5.9, 5.8], /^It loses 0.1 ± .* It reaches the limit of 5.64 µF about Jun 2027 \(between/],
    ["already past", [6.0, 5.7, 5.4, 5.1], /It passed the limit of 5.64 µF between/],
    ["nothing to tell", [6.0, 6.01, 5.99, 6.0], /no date can be told/],
    ["a rise", [6.0, 6.1, 6.2, 6.3], /^It gains/],
  ])("%s", (_, values, expected) => {
    const sentence = say(values);
    expectPlain(sentence);
    expect(sentence).toMatch(expected);
  });
});

test("wanted: the plate's value, the higher of all volts", () => {
  const detail = detailOf(
    { label: "20 µF 400 V", running: running("1.5", "430") },
    { plateCapacitor: detailOf({ label: "12.5 µF 370 V" }).label },
  );
  const wanted = toWanted(record({ place: { strapMm: "45", heightMm: "", ambientC: "50 °C", coldestC: "", terminals: "4" } }), detail, {
    ...FACTS,
    plateCapacitor: detailOf({ label: "12.5 µF 370 V" }).label,
  });
  expect(wanted).toMatchObject({ strapDiameterMm: 45, spaceHeightMm: null, ambientC: 50, terminals: 4, frequencyHz: 60, atLeastV: 430 });
  expect(wantedWords(wanted, true)).toBe("Wanted: run part, 12.5 µF, 430 V or more, 60 Hz (by the plate).");
});

test("a list with one place changed keeps the others", () => {
  expect(withAt([1], 2, 9, 0)).toEqual([1, 0, 9]);
  expect(withAt([1, 2, 3], 1, 9, 0)).toEqual([1, 9, 3]);
});
