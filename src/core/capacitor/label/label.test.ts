import fc from "fast-check";
import { compareWithPlate } from "../fitted-part";
import { parseCapacitorLabel } from "./label";
import type { CapacitorLabel } from "./says";
import { limitsOfSection } from "../limits";
import { neededCapacitor } from "../replacement";

const HOUSE = { runLowPercent: -6, runHighPercent: 6, startLowPercent: 0, startHighPercent: 20 };

function labelOf(text: string): CapacitorLabel {
  const parsed = parseCapacitorLabel(text);
  if (!parsed.ok) throw new Error(`${text}: ${parsed.failure.code}`);
  return parsed.value;
}

describe("parseCapacitorLabel", () => {
  test.each([
    ["30 ± 5 % µF 400 V", [30], 400, "run"],
    ["35/5 440", [35, 5], 440, "run"],
    ["17.5 440", [17.5], 440, "run"],
    ["HERM 45 FAN 5 µF 440V", [45, 5], 440, "run"],
    ["µF 12", [12], null, "run"],
    ["1000 µF 125 VAC start", [1000], 125, "start"],
    ["RUN 30 MFD 370VAC 60HZ", [30], 370, "run"],
    ["20uF 450V -25/+85°C 40/085/21", [20], 450, "run"],
    ["12.5 µF 450 VAC 50/60Hz ±5% -40…+85 °C", [12.5], 450, "run"],
    ["80 µF 250 V", [80], 250, "start"],
    ["80 µF 440 V", [80], 440, "run"],
  ])("%s", (text, nominals, ratedV, kind) => {
    const label = labelOf(text);
    expect(label.sections.map((section) => section.nominalUf)).toEqual(nominals);
    expect(label).toMatchObject({ ratedV, kind });
  });

  test("words it does not know are kept, never dropped", () => {
    expect(labelOf("20uF 450V class B made in Quillhaven").notes).toEqual(["class", "b", "made", "in", "quillhaven"]);
  });

  test.each([
    ["", "label-empty"],
    ["abc", "label-no-capacitance"],
    ["440 V", "label-no-capacitance"],
    ["0 µF", "label-no-capacitance"],
    ["227-189 mfd", "label-range-reversed"],
  ])("refuses %s", (text, code) => {
    expect(parseCapacitorLabel(text)).toMatchObject({ ok: false, failure: { code } });
  });

  test("whatever is typed, limits enclose what is rated and nothing is NaN", () => {
    const part = fc.constantFrom("35", "µF", "±6%", "440V", "-", "+", "/", "5", "mfd", "HERM", "FAN", "50Hz", "189-227", "%", ".", "C");
    fc.assert(
      fc.property(fc.array(part, { maxLength: 8 }), (parts) => {
        const parsed = parseCapacitorLabel(parts.join(" "));
        if (!parsed.ok) return true;
        return parsed.value.sections.every(({ nominalUf, lowUf, highUf }) => {
          if (lowUf === null || highUf === null) return nominalUf !== null && nominalUf > 0;
          return lowUf <= highUf && (nominalUf === null || (lowUf <= nominalUf && nominalUf <= highUf));
        });
      }),
      { seed: 11, numRuns: 1500 },
    );
  });
});

describe("limitsOfSection", () => {
  test.each([
    ["35 µF ±6% 440V", 32.9, 37.1, 35, "label-tolerance"],
    ["189-227 mfd 250 VAC", 189, 227, 208, "printed-range"],
    ["12.5uF", 11.75, 13.25, 12.5, "house-rule"],
    ["200 µF 250 V", 200, 240, 200, "house-rule"],
  ])("%s", (text, lowUf, highUf, ratedUf, origin) => {
    const label = labelOf(text);
    const section = label.sections[0];
    const limits = section ? limitsOfSection(section, label.kind, HOUSE) : null;
    expect(limits?.lowUf).toBeCloseTo(lowUf, 9);
    expect(limits?.highUf).toBeCloseTo(highUf, 9);
    expect(limits).toMatchObject({ ratedUf, origin });
  });
});

describe("the part that is fitted against the plate", () => {
  test.each([
    ["12.5 µF 450 V", "12.5 µF 450 V", []],
    ["12.5 µF 450 V", "20 µF 400 V", ["wrong-value", "lower-volts"]],
    ["35 µF 370 V", "35+5 µF 440 V", []],
    ["16 µF 450 V", "189-227 MFD 250 V", ["wrong-value", "lower-volts", "wrong-kind"]],
  ])("%s asked, %s fitted", (plate, fitted, codes) => {
    expect(compareWithPlate(labelOf(plate), labelOf(fitted)).map(({ code }) => code)).toEqual(codes);
  });

  test("a replacement takes the plate's value and the higher of the voltages", () => {
    expect(neededCapacitor(labelOf("12.5 µF 400 V"), labelOf("20 µF 450 V"))).toEqual({
      sectionsUf: [12.5],
      atLeastV: 450,
      kind: "run",
      asked: "plate",
    });
    expect(neededCapacitor(null, labelOf("20 µF"))).toEqual({ sectionsUf: [20], atLeastV: null, kind: "run", asked: "label" });
    expect(neededCapacitor(null, null)).toBeNull();
  });
});
