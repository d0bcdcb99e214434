import { BLANK_SHEET, readSheet, sisterhood, type MotorSheet } from ".";

const spec = (sheet: Partial<MotorSheet>) => readSheet({ ...BLANK_SHEET, ...sheet }).spec;
const FAN = spec({ volts: "230", power: "0.37 kW", rpm: "1400" });

test.each([
  ["the same plate", { volts: "230", power: "0.37 kW", rpm: "1400" }, "alike", []],
  ["1/2 hp is 0.37 kW, 208-230 V holds 230", { volts: "208-230", power: "1/2 hp", rpm: "1380" }, "alike", []],
  ["another winding", { volts: "115", power: "0.37 kW", rpm: "1400" }, "other", ["volts"]],
  ["another size at another speed", { volts: "230", power: "0.25 kW", rpm: "900" }, "other", ["power", "speed"]],
  ["no power on its plate", { volts: "230", rpm: "1400" }, "unsure", []],
] as const)("%s", (_what, sheet, kind, differs) => {
  const found = sisterhood(FAN, spec(sheet));
  expect(found.kind).toBe(kind);
  expect(found.differs).toEqual(differs);
});
test("a motor of which nothing is known is nobody's sister for certain", () =>
  expect(sisterhood(FAN, spec({}))).toEqual({ kind: "unsure", differs: [], unknown: ["volts", "power", "speed"] }));
