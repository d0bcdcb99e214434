import fc from "fast-check";
import { printBesideKind } from "./beside-kind";
import { correctLabel, type LabelCorrections } from "./correct";
import { parseCapacitorLabel } from "./label";
import { labelParts, printCapacitorLabel } from "./print";
import type { CapacitorLabel } from "./says";
import { START_RANGES_UF, suggestStartRanges } from "../start-ranges";
import { howMany } from "../../../../tests/support/how-many";

function labelOf(text: string): CapacitorLabel {
  const parsed = parseCapacitorLabel(text);
  if (!parsed.ok) throw new Error(`${text}: ${parsed.failure.code}`);
  return parsed.value;
}

const NONE: LabelCorrections = { parts: {}, kind: null };

/* Labels as makers print them: every part in its usual spellings, in any order. */
const value = fc.constantFrom("1.5", "2", "4", "5", "7.5", "12.5", "12,5", "17.5", "20", "35", "45", "60", "80");
const unit = fc.constantFrom("µF", "uF", "MFD", "mfd", "MF", "μF");
const single = fc.tuple(value, unit).map(([v, u]) => `${v} ${u}`);
// A stroke between a smaller and a somewhat larger figure could be a range: that is asked, and tested by itself.
const dual = fc
  .tuple(value, value, unit, fc.constantFrom("+", "/"))
  .map(([a, b, u, joint]) => `${a}${parseFloat(a) < parseFloat(b) ? "+" : joint}${b} ${u}`);
const named = fc.tuple(value, value, unit).map(([a, b, u]) => `C ${a} HERM ${b} FAN ${u}`);
const range = fc.tuple(fc.constantFrom(...START_RANGES_UF), unit).map(([[low, high], u]) => `${low}-${high} ${u}`);
const capacitance = fc.oneof(single, dual, named, range);
const maybe = (...texts: readonly string[]) => fc.constantFrom("", ...texts);
const label = fc
  .tuple(
    capacitance,
    maybe("±5%", "±6 %", "+/-10%", "-0 +20%", "+10% -5%", "5%"),
    maybe("370V", "440 VAC", "450 V~", "250 vac", "370/440 V"),
    maybe("50Hz", "60 HZ", "50/60 Hz"),
    maybe("-40/+70 °C", "-25...85C", "40/085/21", "70 °C"),
    maybe("P0", "P2", "S3"),
    maybe("red dot", "●"),
    maybe("class B", "made in Quillhaven", "start", "RUN", "No PCB"),
  )
  .map((parts) => parts.filter(Boolean).join(" "));

describe("a label, printed and read again", () => {
  test.each([
    ["35 µF ±6% 440V", "35 µF ±6 % 440 V"],
    ["C 45 HERM 5 FAN µF 440", "45 HERM 5 FAN µF 440 V"],
    ["130 uF -0 +20% 330VAC", "130 µF −0 +20 % 330 V"],
    ["189-227 MFD 250VAC 60HZ", "189–227 µF 250 V 60 Hz"],
    ["12,5 µF ±5 % 450 V~ 50 Hz -25/+85°C P2 ●", "12.5 µF ±5 % 450 V 50 Hz −25/+85 °C P2 ●"],
  ])("%s", (text, printed) => {
    expect(printCapacitorLabel(labelOf(text))).toBe(printed);
  });

  test("is the same over thousands of generated labels", () => {
    fc.assert(
      fc.property(label, (text) => {
        const first = labelOf(text);
        const printed = printCapacitorLabel(first);
        const second = labelOf(printed);
        expect(second).toEqual(first);
        expect(printCapacitorLabel(second)).toBe(printed);
      }),
      { seed: 17, numRuns: howMany(4000) },
    );
  });
});

test("beside its kind a label is printed without the words for it", () => {
  expect(printBesideKind(labelOf("START 88-108 MFD 330V"))).toBe("88–108 µF 330 V");
  expect(printBesideKind(labelOf("run 20 µF 450 V class b"))).toBe("20 µF 450 V class b");
});

describe("what else a label says", () => {
  test.each([
    ["20uF 450V -25/+85°C", { temperature: { minC: -25, maxC: 85 } }],
    ["20uF 450V 40/085/21", { temperature: { minC: -40, maxC: 85 } }],
    ["20uF 450V 70 °C", { temperature: { minC: null, maxC: 70 } }],
    ["20uF 450V class B P2", { protection: "P2", notes: ["class", "b"] }],
    ["20uF 450V red dot", { hasLineMark: true, notes: [] }],
    ["20uF 370/440 VAC", { ratedV: 440, notes: [] }],
    ["20 µF 450 V made in Quillhaven", { notes: ["made", "in", "quillhaven"] }],
  ])("%s", (text, expected) => {
    expect(labelOf(text)).toMatchObject(expected);
  });
});

describe("corrections", () => {
  const read = labelOf("35 µF ±6 % 440 V");

  test("one part is put right, the others stay", () => {
    const corrected = correctLabel(read, { ...NONE, parts: { volts: "370", hertz: "50/60" } });
    expect(corrected).toMatchObject({
      ok: true,
      value: { ratedV: 370, frequencyHz: [50, 60], sections: [{ nominalUf: 35, lowUf: 32.9 }] },
    });
  });

  test("a part that is not on the label is emptied", () => {
    expect(correctLabel(read, { ...NONE, parts: { tolerance: "" } })).toMatchObject({
      value: { tolerance: null, sections: [{ lowUf: null }] },
    });
  });

  test("the kind is overridden and says so", () => {
    expect(correctLabel(read, { ...NONE, kind: "start" })).toMatchObject({ value: { kind: "start", kindReason: "chosen by hand" } });
  });

  test("a part that cannot be read is refused", () => {
    expect(correctLabel(read, { ...NONE, parts: { capacitance: "227-189" } })).toMatchObject({
      ok: false,
      failure: { code: "label-range-reversed" },
    });
  });

  test("without corrections nothing changes, and each part prints as it reads", () => {
    expect(correctLabel(read, NONE)).toEqual({ ok: true, value: read });
    expect(labelParts(read)).toMatchObject({ capacitance: "35 µF", tolerance: "±6 %", volts: "440 V", hertz: "" });
  });
});

describe("standard printed ranges", () => {
  test.each([
    ["189", [189, 227]],
    ["210", [200, 240]],
    ["13", [130, 156]],
  ])("%s offers them", (text, expected) => {
    expect(suggestStartRanges(text)).toContainEqual(expected);
  });
  test.each(["", "5", "189-227 µF", "35 440", "9999"])("%p offers none", (text) => {
    expect(suggestStartRanges(text)).toEqual([]);
  });
  test("each range lies 15 to 26 % wide, in rising order", () => {
    START_RANGES_UF.forEach(([low, high], index) => {
      expect(high / low).toBeGreaterThan(1.15);
      expect(high / low).toBeLessThan(1.26);
      expect(low).toBeGreaterThan(START_RANGES_UF[index - 1]?.[0] ?? 0);
    });
  });
});
