import fc from "fast-check";
import { toHouseFigures } from "../house";
import {
  BLANK_PLACE,
  BLANK_SHEET,
  MATCH_LINE_IDS,
  NAMED_TYPES,
  matchMotor,
  readPlace,
  readSheet,
  UNKNOWN_MOTOR,
  UNKNOWN_PLACE,
  type MatchLineId,
  type MotorPlace,
  type MotorSheet,
  type MotorSpec,
} from ".";
import { seenFromShaft } from "../motor";
import { howMany } from "../../../tests/support/how-many";

const HOUSE = toHouseFigures({});
const HP = 745.69987;
const OLD: MotorSpec = {
  ...UNKNOWN_MOTOR,
  connections: [{ lowV: 230, highV: 230, fullLoadA: 2.4 }],
  hertz: [60],
  powerW: HP / 3,
  rpm: 1075,
  poles: 6,
  speeds: 1,
  rotation: "ccw",
  isReversible: false,
  shaftEnds: 1,
  mount: "belly-band",
  bodyDiameterMm: 142,
  bodyLengthMm: 150,
  shaftDiameterMm: 12.7,
  shaftLengthMm: 108,
  shaftForm: "flat",
  enclosure: "open-air-over",
  duty: "continuous",
  bearings: "sleeve",
  capacitor: { kind: "one", uf: 10, ratedV: 370 },
  protection: "auto",
};
const PLACE: MotorPlace = {
  ...UNKNOWN_PLACE,
  roomLengthMm: 200,
  circuitA: 6,
  shaft: "horizontal",
  hasAirOver: true,
  wheelBoreMm: 12.7,
};
const match = (candidate: Partial<MotorSpec>, place: Partial<MotorPlace> = {}, old: Partial<MotorSpec> = {}) =>
  matchMotor({ old: { ...OLD, ...old }, place: { ...PLACE, ...place }, candidate: { ...OLD, ...candidate } }, HOUSE);

describe("line by line", () => {
  test("the same motor is the same on every line, and costs nothing to adapt", () => {
    const { overall, lines, minutes, materialCost } = match({});
    expect(MATCH_LINE_IDS.map((id) => [id, lines[id].fit])).toEqual(MATCH_LINE_IDS.map((id) => [id, "same"]));
    expect([overall, minutes, materialCost]).toEqual(["fits", 0, 0]);
  });

  const ROWS: readonly (readonly [string, Partial<MotorSpec>, Partial<MotorPlace>, MatchLineId, string])[] = [
    ["a band of volts around the supply", { connections: [{ lowV: 208, highV: 230, fullLoadA: 2.4 }] }, {}, "volts", "fits"],
    [
      "a dual plate that has the supply",
      {
        connections: [
          { lowV: 115, highV: 115, fullLoadA: 4.8 },
          { lowV: 230, highV: 230, fullLoadA: 2.4 },
        ],
      },
      {},
      "volts",
      "fits",
    ],
    ["240 V on a 230 V supply", { connections: [{ lowV: 240, highV: 240, fullLoadA: 2.4 }] }, {}, "volts", "fits"],
    ["200 V on a 230 V supply", { connections: [{ lowV: 200, highV: 200, fullLoadA: 2.4 }] }, {}, "volts", "no"],
    ["the supply of the place, not of the old plate", {}, { supplyV: 115 }, "volts", "no"],
    ["50 and 60 Hz", { hertz: [50, 60] }, {}, "frequency", "fits"],
    ["three phases", { phases: 3 }, {}, "phase", "no"],
    ["0.25 kW for 1/3 hp", { powerW: 250 }, {}, "power", "same"],
    ["half as much again", { powerW: HP / 2 }, {}, "power", "unknown"],
    [
      "half as much again, over the circuit",
      { powerW: HP / 2, connections: [{ lowV: 230, highV: 230, fullLoadA: 6.5 }] },
      {},
      "power",
      "no",
    ],
    ["other poles at a like speed", { poles: 8, rpm: 1050 }, {}, "speed", "no"],
    ["six per cent slower", { rpm: 1010 }, {}, "speed", "no"],
    ["one speed where three are used", { speeds: 1 }, { speedsUsed: 3 }, "speeds", "no"],
    ["three speeds where one is used", { speeds: 3 }, { speedsUsed: 1 }, "speeds", "can"],
    ["the other way, reversible", { rotation: "cw", isReversible: true }, {}, "rotation", "fits"],
    ["the other way, nobody knows whether it can be reversed", { rotation: "cw", isReversible: null }, {}, "rotation", "unknown"],
    ["the other way, two shaft ends", { rotation: "cw", shaftEnds: 2 }, {}, "rotation", "can"],
    ["a band 3 % smaller", { bodyDiameterMm: 138 }, {}, "mount", "can"],
    ["a band 5 % smaller", { bodyDiameterMm: 135 }, {}, "mount", "no"],
    ["a band 0.7 % larger", { bodyDiameterMm: 143 }, {}, "mount", "fits"],
    ["a band 2 % larger", { bodyDiameterMm: 145 }, {}, "mount", "no"],
    ["a face for a band", { mount: "face" }, {}, "mount", "no"],
    ["studs for a band", { mount: "studs" }, {}, "mount", "can"],
    ["longer than the room", { bodyLengthMm: 210 }, {}, "body", "no"],
    ["longer than before, nobody measured the room", { bodyLengthMm: 170 }, { roomLengthMm: null }, "body", "unknown"],
    ["a shaft 4 mm thinner", { shaftDiameterMm: 8.8 }, {}, "shaft", "can"],
    ["a shaft 5 mm thinner", { shaftDiameterMm: 7.7 }, {}, "shaft", "no"],
    // Shafts of the trade: 1/2 in is 12.70 mm, 5/8 in 15.875 mm ; metric ones 11, 14 and 16 mm (IEC 60072-1).
    ["half an inch as a caliper shows it", { shaftDiameterMm: 12.65 }, {}, "shaft", "same"],
    ["a metric 12 mm for half an inch", { shaftDiameterMm: 12 }, {}, "shaft", "can"],
    ["a metric 14 mm for half an inch", { shaftDiameterMm: 14 }, {}, "shaft", "no"],
    ["a metric 16 mm for 5/8 in", { shaftDiameterMm: 16 }, { wheelBoreMm: 15.875 }, "shaft", "no"],
    ["5/8 in for a metric 16 mm", { shaftDiameterMm: 15.875 }, { wheelBoreMm: 16 }, "shaft", "can"],
    ["a shaft 0.8 mm longer", { shaftLengthMm: 108.8 }, {}, "shaft", "same"],
    ["a shaft 2 mm longer", { shaftLengthMm: 110 }, {}, "shaft", "can"],
    ["a shaft shorter", { shaftLengthMm: 90 }, {}, "shaft", "no"],
    ["a shaft 2 mm shorter", { shaftLengthMm: 106 }, {}, "shaft", "no"],
    ["a keyed shaft for a flat", { shaftForm: "key" }, {}, "shaft", "no"],
    ["two flats for one", { shaftForm: "two-flats" }, {}, "shaft", "fits"],
    ["a second end", { shaftEnds: 2 }, {}, "shaft_ends", "can"],
    ["air-over where no air passes", {}, { hasAirOver: false }, "enclosure", "no"],
    ["sealed with the same air", { enclosure: "sealed-air-over" }, {}, "enclosure", "fits"],
    ["balls for sleeves", { bearings: "ball" }, { shaft: "down" }, "bearings", "fits"],
    ["sleeves with the shaft down", {}, { shaft: "down" }, "bearings", "no"],
    ["another capacitor", { capacitor: { kind: "one", uf: 7.5, ratedV: 370 } }, {}, "capacitor", "can"],
    ["its own capacitor for higher volts", { capacitor: { kind: "one", uf: 10, ratedV: 440 } }, {}, "capacitor", "can"],
    ["no capacitor", { capacitor: { kind: "none" } }, {}, "capacitor", "can"],
    ["no protection", { protection: "none" }, {}, "protection", "no"],
    ["more amps, circuit not known", { connections: [{ lowV: 230, highV: 230, fullLoadA: 2.8 }] }, { circuitA: null }, "amps", "unknown"],
    ["a wider body on a base, nobody measured the room", { bodyDiameterMm: 150, mount: "lugs" }, {}, "body", "unknown"],
    ["a wider body on a base that has the room", { bodyDiameterMm: 150, mount: "lugs" }, { roomDiameterMm: 160 }, "body", "same"],
    ["leads too short", { leadLengthMm: 300 }, { leadLengthMm: 600 }, "leads", "can"],
  ];
  test.each(ROWS)("%s", (_, candidate, place, line, fit) => {
    expect(match(candidate, place).lines[line].fit).toBe(fit);
  });

  const two = [
    { lowV: 115, highV: 115, fullLoadA: 4.8 },
    { lowV: 230, highV: 230, fullLoadA: 2.4 },
  ];
  const one = two[0] ? [two[0]] : [];
  test.each([
    ["one of its volts alone is asked", one, null, "unknown"],
    ["both of its volts go anyway", two, null, "fits"],
    ["at the supply that is there", one, 115, "fits"],
    ["at the other supply", one, 230, "no"],
    ["neither of its volts", [{ lowV: 24, highV: 24, fullLoadA: 20 }], null, "no"],
  ] as const)("for an old motor of two volts whose connection nobody noted: %s", (_, connections, supplyV, fit) => {
    expect(match({ connections }, { supplyV }, { connections: two }).lines.volts.fit).toBe(
      fit === "fits" && supplyV === 115 ? "same" : fit,
    );
  });

  test.each([
    ["a PSC motor for a capacitor-start one in a drum", "cap-start", "psc", "drum", "no"],
    ["in a machine nobody named", "cap-start", "psc", "other", "unknown"],
    ["in a fan", "split-phase", "psc", "fan", "fits"],
    ["a stronger start", "psc", "cap-start", "drum", "fits"],
    ["the same", "psc", "psc", "drum", "same"],
    ["a type that is not known in a drum", "cap-start", null, "drum", "unknown"],
    ["an old one that is not known, for a capacitor-start one", null, "cap-start", "drum", "fits"],
    ["one that is not known in a fan", "psc", null, "fan", "fits"],
    ["one that is not known in a machine nobody named", "cap-start", null, "other", "unknown"],
    ["neither known in a blower", null, null, "blower", "same"],
    ["shaded-pole for PSC in a blower", "psc", "shaded-pole", "blower", "fits"],
  ] as const)("how it starts: %s", (_, old, now, machineKind, fit) => {
    expect(match({ type: now }, { machineKind }, { type: old }).lines.starting.fit).toBe(fit);
  });

  test("minutes and materials are the house's, and add up", () => {
    const { overall, minutes, materialCost, works } = match({ speeds: 3, shaftLengthMm: 152, shaftDiameterMm: 10 }, { speedsUsed: 1 });
    expect(overall).toBe("fits-with-work");
    expect(works.map(({ what }) => what)).toEqual(["cap-leads", "bush-shaft", "cut-shaft"]);
    expect(minutes).toBe(2 * HOUSE.capLeadMinutes + HOUSE.bushMinutes + HOUSE.cutShaftMinutes);
    expect(materialCost).toBe(HOUSE.bushPrice);
  });

  test("what is missing is asked by whose it is", () => {
    const { overall, missing } = match({ shaftLengthMm: null, protection: null });
    expect(overall).toBe("not-known");
    expect(missing).toEqual([
      { line: "shaft", of: "candidate" },
      { line: "protection", of: "candidate" },
    ]);
  });
});

describe("a match never accepts what the trade refuses", () => {
  const number = (low: number, high: number) => fc.double({ min: low, max: high, noNaN: true });
  const maybe = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: null, freq: 6 });
  const spec: fc.Arbitrary<MotorSpec> = fc.record({
    type: maybe(fc.constantFrom(...NAMED_TYPES)),
    connections: fc.array(
      fc.record({ lowV: fc.constantFrom(115, 208, 230), highV: fc.constantFrom(230, 240), fullLoadA: maybe(number(0.5, 12)) }),
      { maxLength: 2 },
    ),
    hertz: fc.constantFrom([60], [50], [50, 60], []),
    phases: fc.constantFrom(1, 3, null),
    powerW: maybe(number(50, 1500)),
    rpm: maybe(number(800, 1800)),
    poles: maybe(fc.constantFrom(4, 6, 8)),
    speeds: maybe(fc.constantFrom(1, 2, 3)),
    rotation: fc.constantFrom("cw", "ccw", null),
    isReversible: fc.constantFrom(true, false, null),
    shaftEnds: maybe(fc.constantFrom(1, 2)),
    mount: fc.constantFrom("belly-band", "lugs", "studs", "face", null),
    bodyDiameterMm: maybe(number(100, 200)),
    bodyLengthMm: maybe(number(80, 300)),
    shaftDiameterMm: maybe(number(6, 20)),
    shaftLengthMm: maybe(number(40, 200)),
    shaftForm: fc.constantFrom("round", "flat", "key", null),
    enclosure: fc.constantFrom("open", "open-air-over", "sealed-nonventilated", null),
    duty: fc.constantFrom("continuous", "intermittent", null),
    bearings: fc.constantFrom("sleeve", "ball", null),
    capacitor: fc.constantFrom({ kind: "none" } as const, { kind: "one", uf: 10, ratedV: 370 } as const, null),
    protection: fc.constantFrom("auto", "manual", "none", null),
    leadLengthMm: maybe(number(100, 1000)),
  });
  const place: fc.Arbitrary<MotorPlace> = fc.record({
    machineKind: fc.constantFrom("fan", "blower", "drum", "agitator", "belt-compressor", "other"),
    supplyV: maybe(fc.constantFrom(115, 230)),
    roomLengthMm: maybe(number(100, 300)),
    roomDiameterMm: maybe(number(100, 220)),
    circuitA: maybe(number(1, 15)),
    shaft: fc.constantFrom("horizontal", "up", "down", null),
    hasAirOver: fc.constantFrom(true, false, null),
    wheelBoreMm: maybe(number(6, 20)),
    speedsUsed: maybe(fc.constantFrom(1, 2, 3)),
    leadLengthMm: maybe(number(100, 1000)),
  });

  /** Written apart from the judges: what refuses a motor outright, in the plainest words. */
  const isRefused = (old: MotorSpec, at: MotorPlace, now: MotorSpec): boolean =>
    (old.powerW !== null && now.powerW !== null && now.powerW < 0.96 * old.powerW) ||
    (old.hertz[0] !== undefined && now.hertz.length > 0 && !now.hertz.includes(old.hertz[0])) ||
    (old.poles !== null && now.poles !== null && old.rpm !== null && now.rpm !== null && old.poles !== now.poles) ||
    (at.speedsUsed !== null && now.speeds !== null && now.speeds < at.speedsUsed) ||
    (old.shaftEnds === 2 && now.shaftEnds === 1) ||
    (old.shaftLengthMm !== null && now.shaftLengthMm !== null && now.shaftLengthMm < old.shaftLengthMm - 2) ||
    (at.wheelBoreMm !== null && now.shaftDiameterMm !== null && now.shaftDiameterMm > at.wheelBoreMm + 0.2) ||
    (now.bearings === "sleeve" && (at.shaft === "up" || at.shaft === "down")) ||
    (old.duty === "continuous" && now.duty === "intermittent") ||
    (old.protection !== null && old.protection !== "none" && now.protection === "none") ||
    (at.hasAirOver === false && now.enclosure === "open-air-over") ||
    (at.circuitA !== null &&
      now.connections.length === 1 &&
      (now.connections[0]?.fullLoadA ?? 0) > at.circuitA &&
      wanted(old, at) !== null) ||
    (at.roomLengthMm !== null && now.bodyLengthMm !== null && now.bodyLengthMm > at.roomLengthMm) ||
    (["drum", "agitator", "belt-compressor"].includes(at.machineKind) &&
      (old.type === "cap-start" || old.type === "cap-start-run") &&
      (now.type === "psc" || now.type === "shaded-pole" || now.type === "split-phase")) ||
    (now.phases === 3) !== (old.phases === 3);
  const wanted = (old: MotorSpec, at: MotorPlace): number | null => at.supplyV ?? old.connections[0]?.lowV ?? null;

  test("one line that refuses refuses it", () => {
    fc.assert(
      fc.property(spec, place, spec, (old, at, candidate) => {
        const { overall } = matchMotor({ old, place: at, candidate }, HOUSE);
        if (isRefused(old, at, candidate)) expect(overall).toBe("does-not-fit");
      }),
      { seed: 19, numRuns: howMany(3000) },
    );
  });

  test("what is not known never makes it fit: with a figure less it is asked or refused, never accepted", () => {
    const fields: readonly (keyof MotorSpec)[] = [
      "powerW",
      "rpm",
      "speeds",
      "mount",
      "shaftDiameterMm",
      "shaftLengthMm",
      "enclosure",
      "duty",
      "bearings",
      "protection",
      "capacitor",
    ];
    fc.assert(
      fc.property(spec, place, fc.constantFrom(...fields), (old, at, field) => {
        const { overall } = matchMotor({ old, place: at, candidate: { ...old, [field]: null } }, HOUSE);
        expect(["not-known", "does-not-fit"]).toContain(overall);
      }),
      { seed: 20, numRuns: howMany(1500) },
    );
  });

  test("minutes and money are never negative or missing", () => {
    fc.assert(
      fc.property(spec, place, spec, (old, at, candidate) => {
        const { minutes, materialCost } = matchMotor({ old, place: at, candidate }, HOUSE);
        expect(minutes).toBeGreaterThanOrEqual(0);
        expect(materialCost).toBeGreaterThanOrEqual(0);
      }),
      { seed: 21, numRuns: howMany(500) },
    );
  });
});

describe("a sheet as it is keyed", () => {
  const sheet = (part: Partial<MotorSheet>) => readSheet({ ...BLANK_SHEET, ...part });

  test("volts and amps belong together by their place; inches are lengths; none is no capacitor", () => {
    const { spec, failures } = sheet({
      volts: "115/230",
      amps: "5.4/2.7",
      hertz: "60",
      rpm: "1075",
      power: "1/3 hp",
      shaftDiameter: "1/2 in",
      bodyDiameter: '5 5/8"',
      capacitor: "none",
    });
    expect(failures).toEqual({});
    expect(spec.connections).toEqual([
      { lowV: 115, highV: 115, fullLoadA: 5.4 },
      { lowV: 230, highV: 230, fullLoadA: 2.7 },
    ]);
    expect(spec.poles).toBe(6);
    expect(spec.shaftDiameterMm).toBeCloseTo(12.7, 6);
    expect(spec.bodyDiameterMm).toBeCloseTo(142.875, 6);
    expect(spec.capacitor).toEqual({ kind: "none" });
  });
  test("several speeds on a plate are so many speeds, the highest of them its speed", () => {
    expect(sheet({ rpm: "1075/950/800", hertz: "60" }).spec).toMatchObject({ rpm: 1075, speeds: 3 });
  });
  test("what cannot be read is told by its field, and taken as not known", () => {
    const { spec, failures } = sheet({ volts: "blue", shaftLength: "-4", speeds: "many", capacitor: "big" });
    expect(Object.keys(failures).sort()).toEqual(["capacitor", "shaftLength", "speeds", "volts"]);
    expect(spec).toMatchObject({ connections: [], shaftLengthMm: null, speeds: null, capacitor: null });
  });
  test("rotation counts from the shaft end, wherever it was named from", () => {
    expect(sheet({ rotation: "cw", seenFrom: "lead-end" }).spec.rotation).toBe("ccw");
    expect(seenFromShaft(null, "lead-end")).toBeNull();
  });
  test("a blank sheet knows nothing, and fits nothing", () => {
    const blank = sheet({}).spec;
    expect(matchMotor({ old: OLD, place: PLACE, candidate: blank }, HOUSE).overall).toBe("not-known");
    expect(readPlace(BLANK_PLACE)).toEqual(UNKNOWN_PLACE);
  });
});
