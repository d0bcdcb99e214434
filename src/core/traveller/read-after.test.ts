import { NO_FACTS, type Facts } from "../facts";
import type { DoneWork } from "../job";
import { asFound } from "./after-repair";
import { isReadAfter, judgedBy, renewedAt, type Reader } from "./read-after";

const CAPACITOR: Reader = { id: "capacitor", reads: ["capacitor"] };
const RUN: Reader = { id: "run-test", reads: ["capacitor", "bearings"] };
const FRAME: Reader = { id: "frame", reads: ["windings"] };
const AT = (minute: number): string => `2026-11-30T09:${String(minute).padStart(2, "0")}:00.000Z`;
const read = (minute: number) => ({ text: "8", reading: { value: 8, at: AT(minute) } });
const swapped = (minute: number, work: DoneWork["work"] = "replace-run-capacitor"): DoneWork => ({ work, at: AT(minute) });
const works = (...worksDone: readonly DoneWork[]): Pick<Facts, "worksDone"> => ({ worksDone });

test.each<readonly [string, object | undefined, string | undefined, boolean]>([
  ["nothing was exchanged", { a: read(20) }, undefined, false],
  ["nothing was read", { a: null }, AT(10), false],
  ["read before", { a: read(5) }, AT(10), false],
  ["read in that very moment", { a: read(10) }, AT(10), false],
  ["read after", { a: read(20) }, AT(10), true],
  ["one of two read after", { a: read(5), b: read(20) }, AT(10), false],
  ["both read after", { a: read(15), b: read(20) }, AT(10), true],
  ["no record", undefined, AT(10), false],
])("read once the part was exchanged: %s", (_, data, since, isAfter) => expect(isReadAfter(data, since)).toBe(isAfter));

test.each<readonly [string, Reader, Pick<Facts, "worksDone">, string | null]>([
  ["nothing was done", CAPACITOR, works(), null],
  ["its part", CAPACITOR, works(swapped(10)), AT(10)],
  ["another part", CAPACITOR, works(swapped(10, "replace-bearings")), null],
  ["the first of two works at what it reads", RUN, works(swapped(30), swapped(10, "replace-bearings")), AT(10)],
  ["a frame test weighs whenever it was made", FRAME, works(swapped(10, "replace-motor")), null],
])("renewed: %s", (_, station, done, at) => expect(renewedAt(station, done)).toBe(at));

test.each<readonly [string, object, object | null]>([
  ["read before", { a: read(5) }, { a: read(5) }],
  ["read in that very moment", { a: read(10) }, { a: read(10) }],
  ["all of it read later", { a: read(20), b: read(21) }, null],
  ["some of it read later", { a: read(5), b: read(20) }, { a: read(5), b: null }],
  ["a pair read later is gone", { pairs: [{ entry: read(5) }, { entry: read(20) }] }, { pairs: [{ entry: read(5) }] }],
  ["nothing read", { note: "dusty" }, { note: "dusty" }],
])("as found: %s", (_, data, found) => expect(asFound(CAPACITOR, data, works(swapped(10)))).toEqual(found));

test("what was read of another motor is held against that motor's plate, what was read before against the old one's", () => {
  const facts: Facts = {
    ...NO_FACTS,
    fullLoadA: 1.9,
    supplyV: 230,
    worksDone: [swapped(10, "replace-motor")],
    fittedMotor: { connections: [{ lowV: 230, highV: 230, fullLoadA: 2.6 }], frequencyHz: 50, powerW: 250, fullLoadRpm: 1400 } as never,
  };
  expect(judgedBy(CAPACITOR, { a: read(20) }, facts).fullLoadA).toBe(2.6);
  expect(judgedBy(CAPACITOR, { a: read(5) }, facts).fullLoadA).toBe(1.9);
});
