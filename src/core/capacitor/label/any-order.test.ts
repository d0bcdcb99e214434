import { diceOf } from "../../../../tests/relations/dice";
import { drawLabel, drawTwoParts, type LabelTruth } from "../../../../tests/relations/label-texts";
import { howMany } from "../../../../tests/support/how-many";
import { parseCapacitorLabel } from "./label";
import type { CapacitorLabel } from "./says";
import { parseCapacitorParts } from "./pair";

const saidBy = ({ sections, tolerance, ratedV }: CapacitorLabel): LabelTruth => {
  const [first] = sections;
  const isRange = first?.nominalUf === null;
  return {
    nominalsUf: isRange ? null : sections.map(({ nominalUf }) => nominalUf ?? 0),
    rangeUf: isRange ? [first.lowUf ?? 0, first.highUf ?? 0] : null,
    tolerance,
    ratedV: ratedV ?? 0,
  };
};

test("a label says what its parts say, in any order, spelling and company; and next to none has to be asked about", () => {
  const count = howMany(100_000, 1, 33);
  let asked = 0;
  for (let seed = 1; seed <= count; seed += 1) {
    const { text, truth } = drawLabel(diceOf(seed));
    const read = parseCapacitorLabel(text);
    if (!read.ok) asked += 1;
    else expect({ text, ...saidBy(read.value) }).toEqual({ text, ...truth });
  }
  expect(asked / count).toBeLessThan(0.001);
});

test("two parts in one line are two, each with its own volts, in either order and joined by any sign", () => {
  const count = howMany(20_000, 1, 20);
  for (let seed = 1; seed <= count; seed += 1) {
    const { text, run, start } = drawTwoParts(diceOf(seed));
    const read = parseCapacitorParts(text);
    const said = read.ok ? read.value.map(({ label }) => saidBy(label)) : [];
    expect({ text, said }).toEqual({
      text,
      said: [
        { ...run, rangeUf: null, tolerance: null },
        { ...start, tolerance: null },
      ],
    });
  }
});

test.each([
  ["VOLTS 370 MFD 5", [5], 370],
  ["370 VOLTS 5 MFD", [5], 370],
  ["MFD 5 VOLTS 370", [5], 370],
  ["35uF 440V RH 95%", [35], 440],
  ["35-5-440", [35, 5], 440],
  ["35-5 440", [35, 5], 440],
  ["2u2 450V", [2.2], 450],
  ["35µF AC450V", [35], 450],
  ["60HZ 0521 Mfd 45 370 V", [45], 370],
])("%s", (text, nominals, ratedV) => {
  const read = parseCapacitorLabel(text);
  expect(read.ok && [read.value.sections.map(({ nominalUf }) => nominalUf), read.value.ratedV]).toEqual([nominals, ratedV]);
});

test.each([
  ["35 uF 440V ±5% ±10%", ["±5%", "±10%"]],
  ["35 5 MFD", ["35+5 µF", "5 µF"]],
])("%s could be two things and is asked", (text, readings) => {
  expect(parseCapacitorLabel(text)).toMatchObject({ ok: false, failure: { code: "label-two-ways", readings } });
});

test.each([
  ["RH 95% 12 µF 450 V", null],
  ["12 µF 450 V 110 % Un", null],
  ["12 µF ED 3% 450 V", null],
  ["12 µF 5% ED 3% 450 V", 5],
  ["3% ED 5% 12 µF", 5],
  ["tan δ 0,2 % 12 µF TOL 6 %", 6],
])("a percentage that is not about capacitance is no tolerance: %s", (text, percent) => {
  const read = parseCapacitorLabel(text);
  expect(read.ok && (read.value.tolerance?.highPercent ?? null)).toBe(percent);
});

test.each([
  ["20/130 µF 450/250 V", ["20 µF 450 V", "130 µF 250 V"]],
  ["20+130 µF 450 V / 250 V", ["20 µF 450 V", "130 µF 250 V"]],
])("two parts with their volts: %s", (text, parts) => {
  const read = parseCapacitorParts(text);
  expect(read.ok && read.value.map((part) => part.text)).toEqual(parts);
});
