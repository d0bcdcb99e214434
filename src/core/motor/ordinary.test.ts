import { ordinaryPlate } from "../../../tests/support/ordinary-plates";
import { FAN, plateOf } from "../../../tests/support/motors";
import {
  estimateMotor,
  noticesOf,
  plateStates,
  TOPOLOGIES,
  understandRun,
  USUAL_EFFICIENCY,
  usualEfficiency,
  WATTS_PER_HORSEPOWER,
  whatIf,
  type MotorKnowledge,
} from "./index";
import { howMany } from "../../../tests/support/how-many";

const NO_PART = { runCapacitor: null, startCapacitor: null, capacitorRatedV: null, main: null, start: null, lockedRotorA: null } as const;
const plate = (rest: Partial<MotorKnowledge>): MotorKnowledge => ({ ...plateOf(FAN), ...NO_PART, frequencyHz: 60, ...rest });
const part = (capacitanceUf: number) => ({ capacitanceUf, toleranceFraction: 0.06, resistanceOhm: null });

function conflictOf(knowledge: MotorKnowledge) {
  const found = estimateMotor(knowledge, 2);
  if (!found.ok) return found.failure.code;
  return found.value.conflict;
}

describe("ordinary plates of the trade belong to one motor", () => {
  test.each(TOPOLOGIES)("%s: none of many is doubted", (topology) => {
    const doubted = Array.from({ length: howMany(50, 10) }, (_, index) => ordinaryPlate(topology, 31 * index + 5).knowledge).filter(
      (knowledge) => conflictOf(knowledge) !== null,
    );
    expect(doubted).toEqual([]);
  });

  test.each([
    [
      "a six-pole fan on 115 V",
      plate({ supplyV: 115, powerW: 249, fullLoadRpm: 1075, fullLoadA: 5.8, runCapacitor: part(7.5), capacitorRatedV: 370 }),
    ],
    ["1.5 hp on 120 V", plate({ topology: "csir", supplyV: 120, powerW: 1119, fullLoadRpm: 3450, fullLoadA: 12 })],
    ["1/25 hp", plate({ supplyV: 115, powerW: 30, fullLoadRpm: 1550, fullLoadA: 0.9, runCapacitor: part(3) })],
    ["1/40 hp at 50 Hz", plate({ supplyV: 230, frequencyHz: 50, powerW: 19, fullLoadRpm: 1300, fullLoadA: 0.3, runCapacitor: part(1.5) })],
  ])("%s", (_name, knowledge) => expect(conflictOf(knowledge)).toBeNull());

  test.each([
    ["a point lost in the amps", { fullLoadA: 58 }, "amps"],
    ["amps of another size", { fullLoadA: 24 }, "amps"],
    ["volts of the other connection", { supplyV: 230 }, "amps"],
    ["a capacitor ten times too large", { runCapacitor: part(75) }, "run-capacitor"],
    ["a thirtieth of a horsepower at 5.8 A", { powerW: 25 }, "power"],
  ] as const)("%s is doubted", (_name, change, entry) => {
    const knowledge = plate({
      supplyV: 115,
      powerW: 249,
      fullLoadRpm: 1075,
      fullLoadA: 5.8,
      runCapacitor: part(7.5),
      capacitorRatedV: 370,
      ...change,
    });
    expect(conflictOf(knowledge)).toMatchObject({ entry });
  });
});

test("efficiency rises with size, and every size has a range", () => {
  const watts = USUAL_EFFICIENCY.map(({ hp }) => hp * WATTS_PER_HORSEPOWER);
  const middles = watts.map((powerW) => usualEfficiency(powerW).middle);
  expect([...middles].sort((a, b) => a - b)).toEqual(middles);
  for (const powerW of [5, ...watts, 9000]) expect(usualEfficiency(powerW).logSd).toBeGreaterThan(0.05);
});

describe("hermetic compressors", () => {
  const compressor = plate({
    machineKind: "hermetic-compressor",
    loadLaw: "equalised",
    supplyV: 230,
    fullLoadA: 9,
    runCapacitor: part(40),
  });
  test("have two poles where the plate says no speed", () => {
    const found = estimateMotor({ ...compressor, fullLoadRpm: null, powerW: null }, 4);
    expect(found.ok && found.value.machine.poles).toBe(2);
  });
  test("start with their pressures equal, on what little torque a run capacitor gives", () => {
    const found = understandRun({
      knowledge: { ...compressor, fullLoadRpm: 3350, powerW: 1350 },
      supply: null,
      behaviour: null,
      measured: {},
      capacitorScale: null,
    });
    expect(found.ok && found.value.sound.startsShare).toBeGreaterThan(0.95);
  });
});

describe("absolute fit", () => {
  const figure = (value: number) => ({ value, standardUncertainty: 0.01 * value });
  const understand = (measured: object, behaviour: "starts" | "hums" = "starts") => {
    const found = understandRun({ knowledge: plateOf(FAN), supply: figure(230), behaviour, measured, capacitorScale: null });
    if (!found.ok) throw new Error(found.failure.code);
    return found.value;
  };
  /** A sound motor makes these figures, and nothing makes them better. */
  const isSound = (measured: object): boolean => {
    const { unexplained, explanations } = understand(measured);
    return unexplained.length === 0 && explanations[0]?.fault === null;
  };
  const rated = plateStates(FAN).rated;
  test.each([
    ["two minutes to start", { lineA: figure(1.05), startTimeS: figure(120) }, false],
    ["under a second to start", { lineA: figure(1.05), startTimeS: figure(0.8) }, true],
    ["ten times the line amps", { lineA: figure(10 * rated.lineA) }, false],
    ["the plate's amps", { lineA: figure(rated.lineA) }, true],
    ["half the plate's amps", { lineA: figure(rated.lineA / 2) }, false],
    ["ten times the capacitor's volts", { capacitorV: figure(10 * rated.capacitorV) }, false],
    ["a third of the speed", { speedRpm: figure(470) }, false],
  ])("%s", (_name, measured, expected) => expect(isSound(measured)).toBe(expected));
  test("what nothing makes is named", () => {
    expect(understand({ capacitorV: figure(10 * rated.capacitorV) }).unexplained).toEqual(["capacitorV"]);
  });
});

test("a shorted run capacitor: twice the amps at least, and luck decides whether it starts", () => {
  const fault = { id: "run-capacitor-shorted", level: 1 } as const;
  const found = whatIf(FAN, { capacitanceUf: null, supplyV: 230, fault });
  const reference = whatIf(FAN, { capacitanceUf: null, supplyV: 230, fault: null });
  const ratedA = reference.operating?.lineA ?? 0;
  expect(found.byLuck?.low).toBeCloseTo(2 * ratedA, 1);
  expect(found.byLuck?.high).toBeGreaterThan(2.5 * ratedA);
  expect(noticesOf(FAN, found, reference, fault, null).map(({ kind }) => kind)).toEqual(["by-luck"]);
  const knowledge = plateOf(FAN);
  for (const behaviour of ["starts", "hums"] as const) {
    const asked = understandRun({
      knowledge,
      supply: null,
      behaviour,
      measured: { lineA: { value: 2.2 * ratedA, standardUncertainty: 0.02 } },
      capacitorScale: null,
    });
    expect(asked.ok && asked.value.explanations.map((each) => each.fault?.id)).toContain("run-capacitor-shorted");
  }
});
