import fc from "fast-check";
import { diceOf } from "../../../tests/relations/dice";
import { drawPlateField } from "../../../tests/relations/plate-texts";
import { howMany } from "../../../tests/support/how-many";
import { connectionOfSupply, plateInHand, type PlateFigures } from "./plate-choice";
import { hertzBeside, PLATE_FIELDS, readPlateField, type PlateFieldId } from "./plate-field";

const read = (field: PlateFieldId, text: string) => {
  const found = readPlateField(field, text);
  return found.ok ? found.value.map((value) => (value.kind === "value" ? value.value : [value.low, value.high])) : found.failure.code;
};

describe("a plate field as stamped", () => {
  test.each<[PlateFieldId, string, unknown]>([
    ["volts", "115V/230V", [115, 230]],
    ["volts", "1~ 230V", [230]],
    ["volts", "230V ±10%", [230]],
    [
      "volts",
      "110-120/220-240",
      [
        [110, 120],
        [220, 240],
      ],
    ],
    ["volts", "230 or 115", [230, 115]],
    ["volts", "0.23 kV", [230]],
    ["volts", "230-208 V", [[208, 230]]],
    ["amps", "RLA 13.5", [13.5]],
    ["amps", "RLA 13.5 LRA 72", [13.5]],
    ["amps", "FLA 7.7 SFA 8.1", [7.7]],
    ["amps", "7.7 FLA 8.1 SFA", [7.7]],
    ["amps", "7.7 A SFA 8.1", [7.7]],
    ["amps", "8.1 SFA 7.7", [7.7]],
    ["amps", "LRA 72 RLA 13.5", [13.5]],
    ["amps", "13.5 RLA, 72 LRA", [13.5]],
    ["amps", "13.5RLA", [13.5]],
    ["amps", "3.6/1.8 FLA", [3.6, 1.8]],
    ["amps", "full load amps 6.2", [6.2]],
    ["amps", "In 2.4 A", [2.4]],
    ["volts", "265 VAC 1PH", [265]],
    ["volts", "1 PH 265", [265]],
    ["volts", "220…240 V", [[220, 240]]],
    ["volts", "220~240V", [[220, 240]]],
    ["volts", "115V 60Hz", [115]],
    ["volts", "50/60 Hz 230 V", [230]],
    ["volts", "AC 120", [120]],
    ["volts", "120 V AC", [120]],
    ["volts", "230V~", [230]],
    ["rpm", "1425 tr/min", [1425]],
    ["rpm", "n 2800 min-1", [2800]],
    ["rpm", "825 RPM 3 SPD", [825]],
    ["rpm", "3 speed 1075/950/825", [1075, 950, 825]],
    ["amps", "13,4/6,7 A", [13.4, 6.7]],
    ["amps", "1.3-1.2", [[1.2, 1.3]]],
    ["amps", "450 mA", [0.45]],
    ["rpm", "1425 1/min", [1425]],
    ["rpm", "1075/3SPD", [1075]],
    ["rpm", "1,725/1,140", [1725, 1140]],
    ["rpm", "1075, 950, 825", [1075, 950, 825]],
    ["power", "370/250 W", [370, 250]],
    ["power", "kW 0.37", [370]],
    ["hertz", "50/60 Hz", [50, 60]],
    ["hertz", "HZ 60", [60]],
    ["volts", "", []],
  ])("%s %s", (field, text, expected) => expect(read(field, text)).toEqual(expected));

  test.each<[string, number]>([
    ["1/3 hp", 248.57],
    ["0.5 HP", 372.85],
    ["1 1/2 hp", 1118.55],
    ["1-1/2 HP", 1118.55],
    ["1½ HP", 1118.55],
    ["HP 1/3", 248.57],
    ["0,37 kW", 370],
    ["370 watts", 370],
    ["1.5CV", 1103.25],
    ["1/2", 372.85],
    ["1 1/2", 1118.55],
    ["250 W P2", 250],
    ["P2 0.25 kW", 250],
  ])("%s", (text, watts) => expect(read("power", text)).toEqual([expect.closeTo(watts, 1)]));

  test.each<[PlateFieldId, string, string]>([
    ["volts", "23O", "reading-wrong-unit"],
    ["volts", "2300", "reading-out-of-range"],
    ["volts", "230 A", "reading-wrong-unit"],
    ["volts", "115-230", "reading-not-a-number"],
    ["amps", "LRA 72", "plate-locked-amps"],
    ["amps", "60 LRA", "plate-locked-amps"],
    ["amps", "60 A locked rotor", "plate-locked-amps"],
    ["amps", "locked rotor amps 60", "plate-locked-amps"],
    ["amps", "SFA 7.2", "plate-service-amps"],
    ["amps", "7.2 SFA", "plate-service-amps"],
    ["volts", "230/400 V 3~", "plate-not-ours"],
    ["volts", "3 PH 208-230/460", "plate-not-ours"],
    ["volts", "310 V DC", "plate-not-ours"],
    ["volts", "24VDC", "plate-not-ours"],
    ["volts", "12 V", "reading-out-of-range"],
    ["rpm", "1.725", "plate-speed-point"],
    ["rpm", "172.5", "plate-speed-point"],
    ["power", "11/2 HP", "plate-fraction"],
    ["power", "HP 11/2", "plate-fraction"],
    ["power", "5/4", "plate-fraction"],
    ["amps", "6.2.6", "reading-two-points"],
    ["rpm", "9 999 999", "reading-out-of-range"],
    ["power", "0.5", "reading-unit-needed"],
    ["power", "900 kW", "reading-out-of-range"],
    ["power", "1/0 hp", "reading-wrong-unit"],
    ["hertz", "400", "reading-out-of-range"],
  ])("%s %s is asked again", (field, text, code) => expect(read(field, text)).toBe(code));

  test("a field says what its figures say, whatever name or unit stands before or behind them, and what stands beside them", () => {
    const count = howMany(100_000, 1, 50);
    for (let seed = 1; seed <= count; seed += 1) {
      const { field, text, figures } = drawPlateField(diceOf(seed));
      const found = read(field, text);
      const flat = [found].flat(2).map((each) => (typeof each === "number" ? Number(each.toPrecision(4)) : each));
      expect({ text, flat }).toEqual({ text, flat: figures.flat().map((each) => Number(each.toPrecision(4))) });
    }
  });

  test("whatever is typed: no exception, and only figures a plate can carry", () => {
    const signs = fc.constantFrom(..."0123456789.,-/ AVWhpHzkrmFLS½".split(""));
    fc.assert(
      fc.property(fc.constantFrom(...PLATE_FIELDS), fc.array(signs, { maxLength: 14 }), (field, typed) => {
        const found = readPlateField(field, typed.join(""));
        if (!found.ok) return true;
        return found.value.every((value) => (value.kind === "value" ? value.value > 0 && value.value <= 10_000 : value.low < value.high));
      }),
      { seed: 3, numRuns: 3000 },
    );
  });
});

test.each([
  ["115V 60Hz 1PH", "60"],
  ["230 V 50/60 Hz", "50/60"],
  ["HZ 60 115 V", "60"],
  ["230 V", ""],
  ["60 V", ""],
])("hertz beside the volts: %s", (volts, hertz) => expect(hertzBeside(volts)).toBe(hertz));

const NOBODY = { connection: null, hertz: null, speed: null };
function plate(texts: Partial<Record<PlateFieldId, string>>, picks: Partial<typeof NOBODY> | Record<string, number> = {}) {
  const figures = Object.fromEntries(
    PLATE_FIELDS.map((field) => {
      const found = readPlateField(field, texts[field] ?? "");
      return [field, found.ok ? found.value : []];
    }),
  ) as unknown as PlateFigures;
  return plateInHand(figures, { ...NOBODY, ...picks });
}
const value = (v: number) => ({ kind: "value", value: v });

describe("the plate for the connection in hand", () => {
  test("two voltages: nothing is taken until one is said, then each has its own amps", () => {
    const texts = { volts: "115/230", amps: "13.4/6.7", rpm: "1725", hertz: "60" };
    expect(plate(texts)).toMatchObject({ volts: null, amps: null, connection: null, unmatched: [] });
    expect(plate(texts, { connection: 0 })).toMatchObject({ volts: value(115), amps: value(13.4) });
    expect(plate(texts, { connection: 1 })).toMatchObject({ volts: value(230), amps: value(6.7), rpm: 1725, hertz: 60 });
  });
  test("a band is one connection for any supply in it", () => {
    expect(plate({ volts: "208-230", amps: "6.8" })).toMatchObject({ connection: 0, volts: { low: 208, high: 230 }, amps: value(6.8) });
  });
  test("one figure of amps for two voltages is told and counts for nothing", () => {
    expect(plate({ volts: "115/230", amps: "6.7" }, { connection: 1 })).toMatchObject({ amps: null, unmatched: ["amps"] });
    expect(plate({ volts: "230", amps: "4.1/3.3" })).toMatchObject({ amps: null, unmatched: ["amps"] });
  });
  test("several speeds: the fastest is in hand, with its own amps and power", () => {
    const texts = { volts: "230", rpm: "1075/950/825", amps: "4.1/3.3/2.8", power: "1/2, 1/3, 1/4 hp" };
    expect(plate(texts)).toMatchObject({ speed: 0, rpm: 1075, amps: value(4.1) });
    expect(plate(texts, { speed: 2 })).toMatchObject({ rpm: 825, amps: value(2.8) });
    expect(plate({ rpm: "825/1075" })).toMatchObject({ rpm: 1075 });
  });
  test.each([
    ["1725", 60],
    ["1425", 50],
    ["1075", 60],
    ["2850", 50],
    ["950", 50],
  ])("two hertz: %s rpm is that of %d Hz", (rpm, hertz) => {
    expect(plate({ hertz: "50/60", rpm })).toMatchObject({ hertz, isHertzInferred: true });
  });
  test("a speed for each hertz: neither is taken until one is said", () => {
    expect(plate({ hertz: "50/60", rpm: "1425/1725" })).toMatchObject({ hertz: null, rpm: null, speeds: [] });
    expect(plate({ hertz: "50/60", rpm: "1425/1725", amps: "2.4/2.2" }, { hertz: 1 })).toMatchObject({
      hertz: 60,
      rpm: 1725,
      amps: value(2.2),
    });
  });
  test.each([
    [118, 0],
    [236, 1],
    [160, null],
    [0.4, null],
  ])("%d V at the motor point to connection %p", (volts, place) => {
    expect(connectionOfSupply(plate({ volts: "115/208-230" }).connections, volts, 0.1)).toBe(place);
  });
});
