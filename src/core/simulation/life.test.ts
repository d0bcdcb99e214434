import { ACTIONS } from "../trade";
import { MENDS } from "../job";
import { readFileSync } from "node:fs";
import { casesOf, type CaseFile } from "../../../scripts/reference/case-file";
import { conditionOf, machineOf } from "../../../scripts/reference/motor-case";
import { predict } from "../motor";
import { cooled, FAULT_KINDS, hiddenCase, MENDED_BY, observe, powered, WIDE_KINDS, worked, type HiddenCase } from "./index";
import { doingOf } from "./physics";
import { STATIONS } from "../stations";
import { figureOf } from "../quantity";

const KINDS = [...FAULT_KINDS, ...WIDE_KINDS];
const wide: readonly HiddenCase[] = Array.from({ length: 500 }, (_, index) => hiddenCase(index + 1, null, "wide"));
const withFlaw = (id: string): HiddenCase => {
  const found = wide.find(({ flaws }) => flaws.length === 1 && flaws[0]?.id === id);
  if (!found) throw new Error(`nobody has ${id}`);
  return found;
};

test("every way to fail is put right by something that hands can do", () => {
  for (const { id } of KINDS) expect([id, MENDED_BY[id]?.length ?? 0]).not.toEqual([id, 0]);
  const works = new Set<string>([...ACTIONS, ...MENDS]);
  for (const id of Object.keys(MENDED_BY)) for (const work of MENDED_BY[id] ?? []) expect(works).toContain(work);
  expect(Object.keys(MENDED_BY).filter((id) => !KINDS.some((kind) => kind.id === id))).toEqual([]);
});

test("the right work leaves nothing wrong, another leaves it as it was, a bad part brings its own", () => {
  for (const hidden of wide.filter(({ flaws, motor }) => flaws.length === 1 && !motor.foreign)) {
    const [flaw] = hidden.flaws;
    const [work] = MENDED_BY[flaw?.id ?? ""] ?? [];
    if (!flaw || !work) throw new Error("no work");
    const mended = worked(hidden, work);
    expect([hidden.seed, flaw.id, mended.faults, mended.behaviour]).toEqual([hidden.seed, flaw.id, [], "starts"]);
    expect(worked(hidden, "keep-until").flaws).toEqual(hidden.flaws);
  }
  const bad = worked(withFlaw("run-open"), "replace-run-capacitor", "bad-part");
  expect(bad.flaws.map(({ id }) => id)).toEqual(["run-weak"]);
  expect(worked(withFlaw("run-open"), "replace-run-capacitor", "undone").flaws).toEqual(withFlaw("run-open").flaws);
});

test("power warms what runs and hurts what is tried too often while it stands", () => {
  const running = powered(withFlaw("bearing-dry"));
  expect(running.riseK).toBeGreaterThan(0);
  expect(cooled(running).riseK).toBe(0);
  let standing = withFlaw("bearing-seized");
  for (let tries = 0; tries < 3; tries += 1) standing = powered(standing);
  expect(standing.faults).toEqual(["bearing-seized"]);
  expect(powered(standing).faults).toContain("shorted-turns");
});

test("a whole world is met: types, purposes, volts, plates, sorts, and temperatures", () => {
  const met = (of: (hidden: HiddenCase) => unknown): Set<unknown> => new Set(wide.map(of));
  expect(met(({ motor }) => motor.type)).toEqual(new Set(["psc", "cap-start", "cap-start-run", "split-phase", "shaded-pole"]));
  expect(met(({ place }) => place.purpose)).toEqual(new Set(["fault", "yearly-check", "spare"]));
  expect(met(({ motor }) => motor.printed)).toEqual(new Set(["whole", "worn", "missing"]));
  expect(met(({ motor }) => motor.foreign)).toEqual(new Set([undefined, "three-phase", "electronic"]));
  expect(met(({ motor }) => motor.dual?.inHand)).toEqual(new Set([undefined, "lower", "higher"]));
  const cold = Math.min(...wide.map(({ place }) => place.ambientC));
  const hot = Math.max(...wide.map(({ place }) => place.ambientC));
  expect([cold < -15, hot > 45]).toEqual([true, true]);
  const watts = wide.map(({ motor }) => motor.plate.powerW);
  expect([Math.min(...watts) < 12, Math.max(...watts) > 2500]).toEqual([true, true]);
});

test("ohms follow the copper's temperature, and what is wet reads low whatever the temperature", () => {
  const AT = "2026-11-30T09:00:00.000Z";
  const sound = wide.find(
    ({ flaws, motor }) => flaws.length === 0 && !motor.foreign && !motor.shaded && motor.machine.mainResistanceOhm > 5,
  );
  if (!sound) throw new Error("no sound motor");
  const ohmsAt = (ambientC: number): number => {
    const { data } = observe(
      { ...sound, place: { ...sound.place, ambientC }, riseK: 0 },
      "winding-ohms",
      AT,
      (id) => STATIONS[id].blank as never,
    );
    const { pairs } = data as { pairs: readonly { entry: Parameters<typeof figureOf>[0] }[] };
    return Math.max(...pairs.map(({ entry }) => figureOf(entry)?.value ?? 0));
  };
  // Copper: a fifth more for every fifty degrees (IEEE 112, 5.4.2).
  expect(ohmsAt(50) / ohmsAt(0)).toBeCloseTo((234.5 + 50) / 234.5, 1);
});

describe("it agrees with the machine model's reference cases", () => {
  const cases = casesOf(JSON.parse(readFileSync("tests/reference/cases/motor_faults.open.json", "utf8")) as CaseFile);
  test("there are cases", () => expect(cases.length).toBeGreaterThan(10));
  test.each(cases.map((each) => [each.id, each] as const))("%s", (_id, { inputs }) => {
    const machine = machineOf(inputs.motor as Record<string, unknown>);
    const condition = conditionOf(inputs.modifiers as Record<string, unknown>);
    const motor = { ...wide[0]!.motor, machine, shaded: undefined, dual: undefined };
    const place = { voltageScale: 1, loadScale: 1, ambientC: 20, purpose: "fault" as const };
    const flaw = { id: "as-given", suspect: "wiring" as const, body: { condition } };
    expect(doingOf(motor as never, [flaw], place).prediction).toEqual(predict(machine, condition));
  });
});
