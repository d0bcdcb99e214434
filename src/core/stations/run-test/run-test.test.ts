import { NO_FACTS, type Facts, knownMotor } from "../../facts";
import { NO_STUDY } from "../../study";
import { studyNow } from "../../study/answer";
import { toHouseFigures, DEFAULT_METER } from "../../house";
import { takeReading, type Entry } from "../../quantity";
import { parseCapacitorLabel, type CapacitorLabel } from "../../capacitor";
import { runTestStation } from "./index";
import { BLANK_RUN_TEST, RUN_FIELDS, type RunField, type RunTestRecord } from "./record";

const HOUSE = toHouseFigures({});
const label = (text: string): CapacitorLabel => {
  const parsed = parseCapacitorLabel(text);
  if (!parsed.ok) throw new Error(parsed.failure.code);
  return parsed.value;
};
const FAN: Facts = {
  ...NO_FACTS,
  motorType: "psc",
  machineKind: "fan",
  supplyV: 230,
  frequencyHz: 50,
  fullLoadA: 1.9,
  fullLoadRpm: 1380,
  plateCapacitor: label("12.5 µF 450 V"),
  hotSpotC: 130,
};
const read = (text: string, field: RunField): Entry =>
  takeReading(text, RUN_FIELDS[field], DEFAULT_METER, "2026-11-25T08:00:00.000Z").entry;

function run(keyed: Partial<Record<RunField, string>>, rest: Partial<RunTestRecord> = {}, facts: Facts = FAN, study = studyNow) {
  const figures = Object.fromEntries(Object.entries(keyed).map(([field, text]) => [field, read(text, field as RunField)]));
  const record: RunTestRecord = { ...BLANK_RUN_TEST, behaviour: "starts", ...figures, ...rest };
  return runTestStation.assess(record, { facts, house: HOUSE, earlier: [], study, findings: [] });
}
const best = ({ detail }: ReturnType<typeof run>) => detail.understanding?.explanations[0]?.fault;
const findings = ({ findings: found }: ReturnType<typeof run>) =>
  found.map(({ test, weights }) => `${test}/${Object.keys(weights).join()}`);

test("a wrong capacitor is seen from the figures alone", () => {
  const large = run({ supplyVolts: "231", lineAmps: "2.6", startAmps: "2.5", capacitorVolts: "402" });
  expect(best(large)?.id).toBe("run-capacitor-large");
  expect(large.stamp).toBe("out");
  const weak = run({ supplyVolts: "230", lineAmps: "1.9", startAmps: "0.8", capacitorVolts: "330" });
  expect(best(weak)?.id).toBe("run-capacitor-weak");
  expect(findings(weak)).toContain("start-winding-amps/low");
});

test("sound figures hold, and say nothing against anybody", () => {
  const sound = run({ supplyVolts: "230", lineAmps: "1.84", startAmps: "1.42", capacitorVolts: "366", speed: "1392", startTime: "0.8" });
  expect(sound.stamp).toBe("holds");
  expect(best(sound)).toBeNull();
  expect(findings(sound).sort()).toEqual(
    ["run-amps/near-plate,below", "speed/as-expected", "start-time/quick", "start-winding-amps/as-expected", "supply-voltage/good"].sort(),
  );
});

test("figures of the running capacitor method are figures of the run", () => {
  const running = { amps: { value: 1.4, standardUncertainty: 0.02 }, volts: { value: 365, standardUncertainty: 2 } };
  const { detail } = run({ lineAmps: "1.85" }, {}, { ...FAN, capacitorRunning: running });
  const row = detail.rows.find(({ field }) => field === "startAmps");
  expect(row).toMatchObject({ value: 1.4, isFromCapacitor: true, position: "inside" });
});

test.each([
  ["hums", { behaviour: "hums" }, "start-time/does-not-start"],
  ["only when pushed", { behaviour: "only-pushed" }, "start-time/only-pushed"],
  ["squeals and hums", { noises: ["hum", "squeal"] }, "noise/squeal"],
  ["a hand comes off the shell", { warmth: "hot" }, "temperature/hot"],
] as const)("%s is a finding", (_name, seen, finding) => {
  expect(findings(run({}, seen as Partial<RunTestRecord>))).toContain(finding);
});

test("what the complaint said already is not found a second time", () => {
  const facts: Facts = { ...FAN, complaints: ["hums-no-start", "squeals"] };
  expect(findings(run({}, { behaviour: "hums", noises: ["squeal"] }, facts))).toEqual([]);
});

test.each([
  ["supply far too low", { supplyVolts: "188", lineAmps: "1.9" }, "supply-voltage/sags"],
  ["amps far above the plate", { supplyVolts: "230", lineAmps: "3.6" }, "run-amps/near-plate,far-above"],
  ["a shell hotter than its class lets it", { shell: "121" }, "temperature/hot"],
  ["far below its speed", { speed: "900" }, "speed/far-below"],
] as const)("%s is out", (_name, keyed, finding) => {
  const found = run(keyed);
  expect(findings(found)).toContain(finding);
  expect(found.stamp).toBe("out");
});

test("a meter on the wrong posts does not reach the model; the motor is judged at its plate's volts", () => {
  expect(run({ supplyVolts: "12", lineAmps: "1.85" }).detail.question?.supply).toBeNull();
});

test("while the model works nothing is claimed, and the plate still counts", () => {
  const early = run({ lineAmps: "3.6" }, {}, FAN, NO_STUDY);
  expect(early.detail).toMatchObject({ isWorking: true, understanding: null });
  expect(early.stamp).toBe("out");
  const blank = runTestStation.assess(BLANK_RUN_TEST, { facts: FAN, house: HOUSE, earlier: [], study: studyNow, findings: [] });
  expect(blank).toMatchObject({ stamp: "not-done", findings: [], openTests: ["run-amps"] });
});

describe("what is known of the motor", () => {
  test.each([
    ["a run capacitor", { plateCapacitor: label("6 µF 450 V") }, "psc"],
    ["a start capacitor", { plateCapacitor: label("130-156 µF 125 VAC") }, "cap-start"],
    ["nothing but a drum", { machineKind: "drum" }, "cap-start"],
  ] as const)("of an unknown type, %s decides", (_name, facts, type) => {
    const known = knownMotor({ ...NO_FACTS, ...(facts as Partial<Facts>) });
    expect(known.ok && known.value.assumedType).toBe(type);
  });
  test("a shaded-pole motor has no model, and the plate still judges its amps", () => {
    const shaded = run({ lineAmps: "2.5" }, {}, { ...FAN, motorType: "shaded-pole", plateCapacitor: null });
    expect(shaded.detail.failure).toEqual({ code: "motor-without-model", motorType: "shaded-pole" });
    expect(shaded.stamp).toBe("out");
  });
  test.each([
    ["amps too low for the power", { powerW: 900 }, "motor-amps-too-low"],
    ["ohms that eat the power", { mainWinding: { ohm: 200, standardOhm: 1, temperatureC: 20 } }, "motor-ohms-too-high"],
    ["nothing at all", { fullLoadA: null, plateCapacitor: null }, "motor-hardly-known"],
  ] as const)("a plate with %s is said to be so, and no figure is made up", (_name, facts, code) => {
    const { detail, stamp } = run({ supplyVolts: "230", lineAmps: "1.85" }, {}, { ...FAN, ...(facts as Partial<Facts>) });
    expect(detail.failure?.code).toBe(code);
    expect(detail.rows.filter(({ field }) => field !== "supplyVolts").every(({ expected }) => expected === null)).toBe(true);
    expect(stamp).not.toBe("not-done");
  });
  test("with little on the plate the entry that helps most is named", () => {
    const bare: Facts = {
      ...NO_FACTS,
      motorType: "psc",
      machineKind: "fan",
      supplyV: 230,
      frequencyHz: 50,
      plateCapacitor: label("12.5 µF"),
    };
    expect(run({ lineAmps: "1.85" }, {}, bare).detail.narrowing).not.toBeNull();
  });
});

describe("figures that are no pass", () => {
  test.each([
    ["half the plate amps", { supplyVolts: "230", lineAmps: "0.95" }, "out"],
    ["a third of them", { supplyVolts: "230", lineAmps: "0.62" }, "out"],
    ["the usual load", { supplyVolts: "230", lineAmps: "1.7" }, "holds"],
    ["capacitor volts that nothing makes", { supplyVolts: "230", lineAmps: "1.8", capacitorVolts: "950" }, "unsure"],
  ] as const)("%s: %s", (_name, keyed, stamp) => {
    const found = run(keyed);
    expect(found.stamp).toBe(stamp);
    if (stamp !== "holds") expect(best(found) === null && found.detail.understanding?.unexplained.length === 0).toBe(false);
  });
  test("low amps are a finding, told from near the plate by the meter's own doubt", () => {
    expect(findings(run({ supplyVolts: "230", lineAmps: "0.8" }))).toContain("run-amps/near-plate,below");
    const [amps] = run({ supplyVolts: "230", lineAmps: "0.8" }).findings;
    expect(amps?.weights).toMatchObject({ below: expect.closeTo(1, 2) as number });
  });
  test("what nothing known makes weighs for nobody", () => {
    const { findings: found } = run({ supplyVolts: "230", lineAmps: "1.8", capacitorVolts: "950" });
    expect(found.every(({ measured }) => measured === undefined)).toBe(true);
  });
});
