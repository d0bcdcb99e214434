import { areThreeAlike, foreignByPlate, foreignBySaid, type PlateSays } from "./not-ours";

test.each([
  ["three-phase motor trips at start", "three-phase"],
  ["3 ph pump hums", "three-phase"],
  ["fan on a VFD whines", "three-phase"],
  ["EC fan does not run", "electronic"],
  ["ECM blower dead after a storm", "electronic"],
  ["brushes spark, vacuum motor", "brushes"],
  ["universal motor smells", "brushes"],
  ["fan hums, does not start", null],
  ["single-phase motor on a three-phase panel trips", null],
  ["not three phase, just a pump", null],
  ["trips the three-phase breaker", null],
  ["brushes against the guard", null],
])("%s: %s", (said, sort) => expect(foreignBySaid(said)).toBe(sort));

const PLATE: PlateSays = { printed: "", voltsPrinted: "", rpmPrinted: "", volts: [], amps: [], powerW: null };

test.each<[string, Partial<PlateSays>, ReturnType<typeof foreignByPlate>]>([
  ["star and delta", { volts: [230, 400] }, { sort: "three-phase", by: "volts" }],
  ["star and delta, the other way", { volts: [690, 400] }, { sort: "three-phase", by: "volts" }],
  ["two connections of one phase", { volts: [115, 230] }, null],
  ["a supply's band", { volts: [208] }, null],
  ["phases printed", { printed: "230 V 3~ 50 Hz" }, { sort: "three-phase", by: "phases" }],
  ["phase: 1", { printed: "115 V PH 1 60 HZ" }, null],
  ["more power than one phase gives", { volts: [400], amps: [3.4], powerW: 1500 }, { sort: "three-phase", by: "power" }],
  ["an ordinary one", { volts: [230], amps: [6.8], powerW: 746 }, null],
  ["amps that slipped a place are no third phase", { volts: [230], amps: [0.68], powerW: 746 }, null],
  ["no three phases on so few volts", { volts: [115], amps: [5], powerW: 746 }, null],
  ["direct volts", { voltsPrinted: "310 VDC" }, { sort: "direct", by: "volts" }],
  ["direct and fast", { voltsPrinted: "90 V DC", rpmPrinted: "4,200" }, { sort: "brushes", by: "volts" }],
  ["faster than 60 Hz turns", { rpmPrinted: "22 000" }, { sort: "brushes", by: "speed" }],
  ["two poles", { rpmPrinted: "3450" }, null],
  ["speeds of a blower", { rpmPrinted: "1075/900/750" }, null],
])("plate, %s", (_, says, found) => expect(foreignByPlate({ ...PLATE, ...says })).toEqual(found));

const delta = (ohms: readonly [number, number, number]) => [
  { a: 0, b: 1, ohm: ohms[0] },
  { a: 1, b: 2, ohm: ohms[1] },
  { a: 0, b: 2, ohm: ohms[2] },
];

test.each<[string, readonly [number, number, number], boolean]>([
  ["three alike", [24.1, 24.0, 24.2], true],
  ["two in a row and their sum", [12, 12, 24], false],
  ["a start and a run winding", [4.1, 10.2, 14.3], false],
  ["shorts, or a meter that shows too little", [0.3, 0.3, 0.3], false],
])("three pairs, %s", (_, ohms, alike) => expect(areThreeAlike(delta(ohms))).toBe(alike));

test("three alike over four or five posts are no star", () => {
  expect(areThreeAlike([delta([24, 24, 24])[0], delta([24, 24, 24])[1], { a: 2, b: 3, ohm: 24 }].flatMap((pair) => pair ?? []))).toBe(
    false,
  );
  expect(areThreeAlike(delta([24, 24, 24]).slice(0, 2))).toBe(false);
});
