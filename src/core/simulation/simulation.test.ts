import { TESTS, type TestId } from "../trade";
import { NO_STUDY } from "../study";
import { assessWorldVisit, makeWorldTest, startWorldVisit } from "../../../tests/support/world-visit";
import { TEST_TABLE, isOnMachine } from "../diagnosis";
import { drawMotor, FAULT_KINDS, hiddenCase, observe, chanceFrom, type HiddenCase } from "./index";
import { STATIONS, stationOf, type StationId } from "../stations";
import * as v from "valibot";

const AT = "2026-11-27T09:00:00.000Z";
const cases: readonly HiddenCase[] = Array.from({ length: 240 }, (_, index) => hiddenCase(index + 1));
const share = (holds: (each: HiddenCase) => boolean): number => cases.filter(holds).length / cases.length;

test("the same seed is the same case, to the last figure of every test", () => {
  const [first, again] = [hiddenCase(77), hiddenCase(77)];
  expect(again).toEqual(first);
  for (const test of TESTS) {
    const made = (hidden: HiddenCase) => observe(hidden, test, AT, (id) => STATIONS[id].blank as never);
    expect(made(again)).toEqual(made(first));
  }
});

test("a tenth have two faults, a few none, and every way to fail comes", () => {
  expect(share(({ faults }) => faults.length === 2)).toBeGreaterThan(0.04);
  expect(share(({ faults }) => faults.length === 2)).toBeLessThan(0.17);
  expect(share(({ faults }) => faults.length === 0)).toBeGreaterThan(0.01);
  const met = new Set(cases.flatMap(({ faults }) => faults));
  for (const { suspect } of FAULT_KINDS) expect(met).toContain(suspect);
});

test("talkative customers say more than terse ones, and nobody calls about nothing", () => {
  const said = (talk: number): number =>
    Array.from({ length: 80 }, (_, index) => hiddenCase(index + 1, talk).complaints.length).reduce((sum, count) => sum + count, 0);
  expect(said(0.95)).toBeGreaterThan(1.15 * said(0.05));
  expect(cases.every(({ complaints }) => complaints.length > 0)).toBe(true);
});

test("what a test shows can be kept as it is keyed, on every case it can be made on", () => {
  for (const hidden of cases.slice(0, 60)) {
    for (const test of TESTS.filter((each) => isOnMachine(each, hidden.motor.kind))) {
      const { station, data } = observe(hidden, test, AT, (id) => STATIONS[id].blank as never);
      const record = { ...(STATIONS[station].blank as object), ...data };
      const parsed = v.safeParse(stationOf(station as StationId).schema, record);
      if (test !== "capacitor-meter" || hidden.motor.type !== "split-phase") expect([test, parsed.success]).toEqual([test, true]);
    }
  }
});

test("motors draw about what their plate says, and start their load", () => {
  const chance = chanceFrom(5);
  for (let index = 0; index < 30; index += 1) {
    const { plate } = drawMotor(chance);
    const use = plate.powerW / (plate.volts * plate.amps);
    expect(use).toBeGreaterThan(0.12);
    expect(use).toBeLessThan(0.85);
  }
  expect(share(({ sound }) => sound.startsAlone)).toBeGreaterThan(0.97);
});

/** Follows the next move without the model: what is offered is a matter of rules, not of figures. */
function offeredLive(hidden: HiddenCase): TestId[] {
  const visit = startWorldVisit(hidden, NO_STUDY);
  const wrong: TestId[] = [];
  for (let step = 0; step < 18; step += 1) {
    const assessment = assessWorldVisit(visit);
    const { next, facts } = assessment;
    const test = next.kind === "look-first" ? "look" : next.kind === "move" && next.move.kind !== "decide" ? next.move.offer.test : null;
    if (test === null) break;
    const isUnlooked = (["look", "hand-turn", "frame-ohms"] as const).some(
      (each) => !visit.made.includes(each) && isOnMachine(each, hidden.motor.kind),
    );
    if (TEST_TABLE[test].power === "live" && (facts.isGrounded || (facts.mayTrip && isUnlooked))) wrong.push(test);
    makeWorldTest(visit, test, facts.power);
  }
  return wrong;
}

test("no live move on what trips unlooked at, nor on what is grounded", () => {
  const tripping = cases.filter(
    ({ complaints, body }) => complaints.some((each) => each.startsWith("trips")) || body.frameOhm !== undefined,
  );
  expect(tripping.length).toBeGreaterThan(15);
  for (const hidden of tripping) expect([hidden.seed, offeredLive(hidden)]).toEqual([hidden.seed, []]);
});
