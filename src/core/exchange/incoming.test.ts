import fc from "fast-check";
import { parseDesignation, type FittedBearing } from "../bearing";
import { parseCapacitorLabel } from "../capacitor";
import { DEFAULT_METER, toHouseFigures } from "../house";
import { BLANK_SHEET, UNKNOWN_MOTOR, UNKNOWN_PLACE } from "../match";
import { takeReading, type Quantity } from "../quantity";
import { BLANK_GEAR, type GearMeasures } from "../startgear";
import { inCondition, judgeBearingIn, judgeBearingsIn, judgeCapacitorIn, judgeCapacitorsIn, judgeGearIn, judgeMotorIn, stampsIn } from ".";

const HOUSE = toHouseFigures({});
const read = (text: string, quantity: Quantity) => takeReading(text, quantity, DEFAULT_METER, "2026-11-28T10:00:00.000Z").entry;
const label = (text: string) => {
  const parsed = parseCapacitorLabel(text);
  if (!parsed.ok) throw new Error(text);
  return parsed.value;
};

describe("a part before it goes in", () => {
  const wanted = label("17.5 µF ±6 % 370 V");
  test.each([
    ["17.5 µF ±6 % 440 V", "17.4", wanted, "right"],
    ["17.5 µF ±6 % 440 V", "15.1", wanted, "wrong"],
    ["17.5 µF ±6 % 440 V", "16.5", wanted, "too-close"],
    ["17.5 µF ±6 % 440 V", "OL", wanted, "unsure"],
    ["17.5 µF ±6 % 440 V", "1.74", wanted, "unsure"],
    ["17.5 µF ±6 % 250 V", "17.4", wanted, "wrong"],
    ["20 µF ±6 % 440 V", "20.0", wanted, "wrong"],
    ["189-227 µF 250 V start", "200", wanted, "wrong"],
    ["17.5 µF ±6 %", "17.4", wanted, "unsure"],
    ["17.5 µF ±6 % 440 V", "", wanted, "unmeasured"],
    ["17.5 µF ±6 % 440 V", "17.4", null, "unsure"],
    ["", "", wanted, "unsure"],
  ] as const)("capacitor %s that reads %s", (text, reading, asked, verdict) => {
    const entry = reading === "" ? null : read(reading, "capacitance");
    expect(judgeCapacitorIn(text, entry, asked, HOUSE).verdict).toBe(verdict);
  });
  test("a donor start capacitor is judged by its own printed range", () => {
    const donor = (uf: string) =>
      judgeCapacitorIn("189-227 µF 250 VAC start", read(uf, "capacitance"), label("189-227 µF 250 V start"), HOUSE);
    expect(donor("205").verdict).toBe("right");
    expect(donor("150").verdict).toBe("wrong");
  });
  test.each([
    ["200 µF 165 V start", "right"],
    ["220 µF 165 V start", "right"],
    ["240 µF 165 V start", "wrong"],
    ["161-193 µF 165 V start", "wrong"],
  ])("%s for a printed range of 189 to 227 µF", (text, verdict) => {
    const uf = Number(/^\d+/.exec(text)?.[0]) + 20;
    const asked = label("189-227 µF 125 V start");
    expect(judgeCapacitorIn(text, read(String(uf), "capacitance"), asked, HOUSE).verdict).toBe(verdict);
    expect(judgeCapacitorIn("189-227 µF 165 V start", read("205", "capacitance"), label("200 µF 125 V start"), HOUSE).verdict).toBe(
      "right",
    );
  });
  const fitted = (stamp: string): FittedBearing => {
    const read = parseDesignation(stamp);
    const size = read.ok ? read.value.candidates[0]?.size : undefined;
    if (!read.ok || !size) throw new Error(stamp);
    return { ...size, closure: read.value.closure, clearance: read.value.clearance };
  };
  test.each([
    ["6203-2RS C3", ["6203-2RS C3", "6202-2RS C3"], "right", []],
    ["6203 DDU C3", ["6203-2RS C3"], "right", []],
    ["6204ZZ", ["6203ZZ"], "wrong", []],
    ["6203ZZ", [], "unsure", []],
    ["NU206", ["6203"], "unsure", []],
    ["6203", ["6203-2RS C3"], "wrong", ["open-for-closed", "other-clearance"]],
    ["6203-ZZ C3", ["6203-2RS C3"], "unsure", ["shields-for-seals"]],
    ["6203-2RS C3", ["6203ZZ C3"], "unsure", ["seals-for-shields"]],
    ["6203-2RS", ["6203-2RS C3"], "unsure", ["other-clearance"]],
    ["6203-2RS CM", ["6203-2RS C3"], "right", []],
    ["6203-2RS", ["6203"], "right", []],
    ["620?-2RS", ["6203-2RS"], "unsure", []],
  ])("bearing %s for %s", (text, asked, verdict, differences) => {
    expect(judgeBearingIn(text, asked.map(fitted))).toMatchObject({ verdict, stamps: [{ differences }] });
  });
  test("of one that was named by its figures alone the seals are not known; of a worn stamp the clearance", () => {
    const old = { ...fitted("6203"), closure: null };
    expect(judgeBearingIn("6203-2RS", [old])).toMatchObject({ verdict: "right" });
    expect(judgeBearingIn("6203", [old])).toMatchObject({ verdict: "unsure", stamps: [{ differences: ["closure-unknown"] }] });
    expect(judgeBearingIn("6203-2RS C3", [{ ...fitted("6203-2RS"), isWorn: true }])).toMatchObject({ verdict: "right" });
    expect(judgeBearingIn("6203-2RS C3", [fitted("6203-2RS")])).toMatchObject({ verdict: "unsure" });
  });
  test.each([
    ["6203-2RS C3 and 6202-2RS C3", ["6203-2RS C3", "6202-2RS C3"]],
    ["6203-2RS; 6202-2RS", ["6203-2RS", "6202-2RS"]],
    ["2 × 6203-2RS", ["6203-2RS", "6203-2RS"]],
    ["2x 6203", ["6203", "6203"]],
    ["2 pcs 6203", ["6203", "6203"]],
    ["6203", ["6203"]],
    ["", []],
  ])("“%s” names %j", (line, stamps) => expect(stampsIn(line)).toEqual(stamps));
  test("both ends of a motor: what is missing, and what no end takes", () => {
    const ends = ["6203-2RS C3", "6202-2RS C3"].map(fitted);
    const both = (...lines: readonly string[]) => judgeBearingsIn(lines.map((line) => judgeBearingIn(line, ends)));
    expect(both("6203-2RS C3")).toMatchObject({ verdict: "right", missing: ["6202"], surplus: [] });
    expect(both("6203-2RS C3", "6202-2RS C3")).toMatchObject({ verdict: "right", missing: [], surplus: [] });
    expect(both("6203-2RS C3 + 6202-2RS C3")).toMatchObject({ verdict: "right", missing: [] });
    expect(both("6203-2RS C3", "6203-2RS C3")).toMatchObject({ verdict: "unsure", missing: ["6202"], surplus: ["6203"] });
    expect(both("6203-2RS C3", "6204-2RS C3")).toMatchObject({ verdict: "wrong", missing: ["6202"] });
    expect(judgeBearingsIn([judgeBearingIn("6203", [])])).toBeNull();
  });
  test("a motor with a ground fault of its own is not fitted; unmeasured it is not right either, nor near the limit", () => {
    const place = { old: UNKNOWN_MOTOR, place: UNKNOWN_PLACE };
    const at = (text: string) => judgeMotorIn(BLANK_SHEET, place, read(text, "resistance"), HOUSE);
    expect(at("58")).toMatchObject({ verdict: "wrong", frame: { decision: "out" } });
    expect(at("OL")).toMatchObject({ verdict: "unsure", frame: null, isMeasured: true });
    expect(at(`${HOUSE.frameLimitMegohm}M`).frame?.decision).toBe("too-close");
  });
});

describe("several capacitors for one place", () => {
  const asked = label("12.5 µF ±5 % 450 V");
  const judge = (wanted: ReturnType<typeof label> | null, ...pieces: readonly (readonly [string, string])[]) => {
    const judged = pieces.map(([text, uf]) => judgeCapacitorIn(text, uf === "" ? null : read(uf, "capacitance"), wanted, HOUSE));
    return judgeCapacitorsIn(judged, wanted, HOUSE);
  };
  test.each([
    [
      "they make the value and read so",
      [
        ["10 µF ±5 % 450 V", "9.98"],
        ["2.5 µF ±5 % 450 V", "2.51"],
      ],
      "right",
    ],
    [
      "not read yet",
      [
        ["10 µF ±5 % 450 V", ""],
        ["2.5 µF ±5 % 450 V", "2.51"],
      ],
      "unmeasured",
    ],
    [
      "each within its own limits, and together too low for the place",
      [
        ["9 µF ±10 % 450 V", "8.2"],
        ["3 µF ±10 % 450 V", "2.75"],
      ],
      "wrong",
    ],
    [
      "one is out by itself",
      [
        ["10 µF ±5 % 450 V", "8.4"],
        ["2.5 µF ±5 % 450 V", "2.51"],
      ],
      "wrong",
    ],
    [
      "too much",
      [
        ["10 µF ±5 % 450 V", "10"],
        ["5 µF ±5 % 450 V", "5"],
      ],
      "wrong",
    ],
    [
      "one bears too few volts",
      [
        ["10 µF ±5 % 450 V", "9.98"],
        ["2.5 µF ±5 % 250 V", "2.51"],
      ],
      "wrong",
    ],
    [
      "one is a start part",
      [
        ["10 µF ±5 % 450 V", "9.98"],
        ["2.5 µF 450 V start", "2.51"],
      ],
      "wrong",
    ],
    [
      "volts of one are not said",
      [
        ["10 µF ±5 % 450 V", "9.98"],
        ["2.5 µF ±5 %", "2.51"],
      ],
      "unsure",
    ],
    [
      "one label is not read",
      [
        ["10 µF ±5 % 450 V", "9.98"],
        ["blue one", "2.51"],
      ],
      "unsure",
    ],
    [
      "which value of a dual is joined is not said",
      [
        ["10+2.5 µF ±5 % 450 V", "9.98"],
        ["2.5 µF ±5 % 450 V", "2.51"],
      ],
      "unsure",
    ],
    [
      "over limit says nothing",
      [
        ["10 µF ±5 % 450 V", "OL"],
        ["2.5 µF ±5 % 450 V", "2.51"],
      ],
      "unsure",
    ],
  ] as const)("%s", (_, pieces, verdict) => expect(judge(asked, ...pieces)?.verdict).toBe(verdict));
  test("two that are each too small are wrong alone and right together", () => {
    expect(judgeCapacitorIn("10 µF ±5 % 450 V", read("9.98", "capacitance"), asked, HOUSE).verdict).toBe("wrong");
    expect(judge(asked, ["10 µF ±5 % 450 V", "9.98"])).toBeNull();
  });
  test("for a dual that is asked for, one part for each value; the other is missing until it is there", () => {
    const dual = label("40+5 µF ±6 % 440 V");
    expect(judge(dual, ["40 µF ±6 % 440 V", "39.6"])).toMatchObject({ verdict: "unsure", as: "sections", missingUf: [5], mismatches: [] });
    expect(judge(dual, ["40 µF ±6 % 440 V", "39.6"], ["5 µF ±6 % 440 V", "5.02"])).toMatchObject({ verdict: "right", missingUf: [] });
    expect(judge(dual, ["40 µF ±6 % 440 V", "39.6"], ["10 µF ±6 % 440 V", "10.1"])).toMatchObject({ verdict: "wrong" });
    expect(judge(dual, ["40 µF ±6 % 370 V", "39.6"], ["5 µF ±6 % 440 V", "5.02"])).toMatchObject({ verdict: "wrong" });
  });
  test("however a value is parted, its parts are judged as the whole is by its labels", () => {
    const half = fc.integer({ min: 2, max: 90 });
    fc.assert(
      fc.property(half, half, fc.integer({ min: 40, max: 140 }), (a, b, percent) => {
        const [x, y] = [a / 2, b / 2];
        const place = label(`${(((x + y) * 100) / percent).toFixed(2)} µF ±6 % 440 V`);
        const together = judge(place, [`${x} µF ±6 % 440 V`, ""], [`${y} µF ±6 % 440 V`, ""]);
        expect(together?.mismatches.length === 0).toBe(Math.abs(percent - 100) <= 6);
      }),
      { seed: 19, examples: [[20, 5, 100]] },
    );
  });
});

describe("start gear before it goes in", () => {
  const relay = (coil: string, contact: string, isUnplugged: boolean | null = true): GearMeasures => ({
    ...BLANK_GEAR,
    sort: "potential-relay",
    relay: { isUnplugged, coil: read(coil, "resistance"), contact: read(contact, "resistance") },
  });
  test.each([
    ["works", relay("5.2k", "0.2"), "right"],
    ["coil open", relay("OL", "0.2"), "wrong"],
    ["contacts open", relay("5.2k", "OL"), "wrong"],
    ["measured in its circuit", relay("5.2k", "0.2", false), "unmeasured"],
    ["nobody said whether it was", relay("5.2k", "0.2", null), "unmeasured"],
    ["a coil without its k", relay("5.2", "0.2"), "unsure"],
    ["nothing measured", null, "unmeasured"],
    [
      "another sort",
      { ...BLANK_GEAR, sort: "ptc", ptc: { isCold: true, cold: read("25", "resistance"), hot: read("20k", "resistance") } },
      "unsure",
    ],
  ] as const)("%s", (_, measures, verdict) => expect(judgeGearIn(measures, "potential-relay", true, HOUSE).verdict).toBe(verdict));
  test("what is not named is not right, however it reads", () =>
    expect(judgeGearIn(relay("5.2k", "0.2"), "potential-relay", false, HOUSE).verdict).toBe("unsure"));
});

test("what eye or hand found bad stays out, whatever it reads", () => {
  const sound = judgeCapacitorIn("10 µF ±5 % 450 V", read("9.98", "capacitance"), label("10 µF ±5 % 450 V"), HOUSE);
  expect(sound.verdict).toBe("right");
  expect(inCondition(sound, "bad").verdict).toBe("wrong");
  expect(inCondition(sound, "good").verdict).toBe("right");
});
