import fc from "fast-check";
import { AGITATOR, DRUM, FAN, plateOf, randomMotor } from "../../../tests/support/motors";
import { capacitorEffect, capacitorOf, FAULTS, faultsFor, noticesOf, whatIf, type Fault, type Machine, type Notice } from "./index";
import { howMany } from "../../../tests/support/how-many";

const plain = (machine: Machine) => whatIf(machine, { capacitanceUf: null, supplyV: machine.supplyV, fault: null });
const kinds = (notices: readonly Notice[]): string[] => notices.map(({ kind }) => kind);
function noticed(machine: Machine, change: { capacitanceUf?: number; supplyV?: number; fault?: Fault }): string[] {
  const fault = change.fault ?? null;
  const found = whatIf(machine, { capacitanceUf: change.capacitanceUf ?? null, supplyV: change.supplyV ?? machine.supplyV, fault });
  return kinds(noticesOf(machine, found, plain(machine), fault, 450));
}

test("the plate's own motor goes unnoticed", () => {
  for (const machine of [FAN, DRUM, AGITATOR]) expect(noticed(machine, {})).toEqual([]);
});

test.each([
  ["half the capacitor", FAN, { capacitanceUf: 2.5 }, ["slower-start", "slower"]],
  ["twice the capacitor", FAN, { capacitanceUf: 10 }, ["hotter"]],
  ["no capacitor", FAN, { capacitanceUf: 0 }, ["stands"]],
  ["low volts", FAN, { supplyV: 180 }, ["slower"]],
  ["an open start winding", DRUM, { fault: { id: "start-winding-open", level: 1 } }, ["stands"]],
  ["the start winding the wrong way round", FAN, { fault: { id: "start-winding-reversed", level: 1 } }, ["backwards"]],
  ["a welded switch", DRUM, { fault: { id: "switch-stuck-closed", level: 1 } }, ["hotter"]],
  ["a lost load", FAN, { fault: { id: "load-gone", level: 1 } }, ["faster"]],
  ["tight bearings", FAN, { fault: { id: "bearings-tight", level: 0.5 } }, ["slower", "hotter"]],
] as const)("%s is noticed by what it does", (_name, machine, change, expected) => {
  expect(noticed(machine, change)).toEqual(expect.arrayContaining([...expected]));
});

test("both windings open is a dead motor, and only that", () => {
  const found = whatIf({ ...DRUM, topology: "csir" }, { capacitanceUf: null, supplyV: 110, fault: { id: "main-winding-open", level: 1 } });
  expect(kinds(noticesOf(DRUM, found, plain(DRUM), null, null))[0]).toBe("stands");
  const dead = whatIf(
    { ...FAN, runCapacitor: { capacitanceUf: 5, resistanceOhm: 1 } },
    { capacitanceUf: 0, supplyV: 230, fault: { id: "main-winding-open", level: 1 } },
  );
  expect(kinds(noticesOf(FAN, dead, plain(FAN), null, null))).toEqual(["dead"]);
});

test("the capacitor that matters is the run one where there is one", () => {
  expect(capacitorOf(AGITATOR)?.which).toBe("run");
  expect(capacitorOf(DRUM)?.which).toBe("start");
  expect(capacitorOf({ ...DRUM, topology: "split", startCapacitor: null })).toBeNull();
});

test("nothing anybody can choose brings a figure that is none", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 60 }),
      fc.double({ min: 0, max: 3, noNaN: true }),
      fc.double({ min: 0.5, max: 1.3, noNaN: true }),
      fc.integer({ min: 0, max: 200 }),
      (seed, capacitorScale, voltageScale, pick) => {
        const machine = randomMotor(seed);
        const faults = faultsFor(machine.topology).flatMap((id) => FAULTS[id].levels.map((level): Fault => ({ id, level })));
        const fault = faults[pick % (faults.length + 1)] ?? null;
        const own = capacitorOf(machine);
        const found = whatIf(
          machine,
          {
            capacitanceUf: own ? own.capacitanceUf * capacitorScale : null,
            supplyV: machine.supplyV * voltageScale,
            fault,
          },
          12,
        );
        for (const notice of noticesOf(machine, found, plain(machine), fault, 450))
          for (const value of Object.values(notice)) if (typeof value === "number") expect(value).not.toBeNaN();
        expect(Number.isNaN(found.heatW + found.breakdownNm + (found.startTimeS ?? 0))).toBe(false);
      },
    ),
    { numRuns: howMany(120, 20), seed: 21 },
  );
});

test("a weak capacitor's effect: less in the start winding, more in the line, both with a range", () => {
  const found = capacitorEffect({ knowledge: plateOf(FAN), scale: 0.6 });
  if (!found.ok) throw new Error(found.failure.code);
  const { asRated, asFound, notices } = found.value;
  expect(asFound.running.startA?.high).toBeLessThan(asRated.running.startA?.low ?? 0);
  expect(asFound.running.lineA?.middle).toBeGreaterThan(asRated.running.lineA?.middle ?? Infinity);
  expect(kinds(notices)).toContain("slower");
});
