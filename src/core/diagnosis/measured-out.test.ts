import type { Standee } from "../trade";
import type { Evidence, Finding } from "./finding";
import type { MotorProfile } from "./priors";
import { timesLikelier } from "./size";
import { weighEvidence } from "./standing";

const chance = (motor: MotorProfile, suspect: Standee, findings: readonly Finding[], more: Partial<Evidence> = {}): number =>
  weighEvidence(motor, { complaints: [], findings, ...more }).suspects.find((each) => each.suspect === suspect)?.probability ?? 0;

const PUMP: MotorProfile = { type: "cap-start-run", machine: "pump" };
const beyond = (at: number): Finding => ({
  test: "capacitor-meter",
  about: "run-capacitor",
  weights: { out: 1 },
  sizes: [{ of: "capacitor-beyond", at, spread: 0.01 }],
});
/** Everything that a part could show, and does not. */
const RUNS_FINE: readonly Finding[] = [
  { test: "run-amps", weights: { "near-plate": 1 } },
  { test: "noise", weights: { quiet: 1 } },
  { test: "temperature", weights: { usual: 1 } },
  { test: "uncoupled-run", weights: { runs: 1 } },
];

test.each<readonly [string, Standee, Finding, Partial<Evidence>]>([
  ["a run capacitor of 83 % on a yearly check", "run-capacitor", beyond(0.12), { isRoutine: true }],
  [
    "a start switch open at rest and pressed",
    "start-switch",
    { test: "switch-ohms", weights: { "open-at-rest": 1 } },
    { complaints: ["starts-slow"] },
  ],
  [
    "0.3 MΩ on a yearly check",
    "ground-fault",
    { test: "insulation", weights: { bad: 1 }, sizes: [{ of: "insulation", at: 0.3, spread: 0.05 }] },
    { isRoutine: true },
  ],
])("%s stays out, however well it runs", (_, suspect, finding, known) => {
  const before = chance(PUMP, suspect, [finding], known);
  const after = chance(PUMP, suspect, [finding, ...RUNS_FINE], known);
  expect(before).toBeGreaterThan(0.5);
  expect(after).toBeGreaterThan(0.5 * before);
  expect(chance(PUMP, "no-fault", [finding, ...RUNS_FINE], known)).toBeLessThan(0.5);
});

test("what was not measured is spoken against by all that it does not show", () => {
  const known = { complaints: ["starts-slow"] } as const;
  expect(chance(PUMP, "start-switch", RUNS_FINE, known)).toBeLessThan(0.5 * chance(PUMP, "start-switch", [], known));
});

test("a figure that may be off by more than it lies from the limit accuses nobody", () => {
  const size = (at: number, spread: number) => timesLikelier({ of: "capacitor-beyond-running", at, spread }, "run-capacitor");
  // 3.77 µF of 4 ±6 % by a clamp and a voltmeter of 7 %: just within, and nothing more.
  expect(size(-0.004, 0.067)).toBeLessThan(1);
  // By the same meters half of it is out.
  expect(size(0.47, 0.067)).toBeGreaterThan(100);
  // The surer the figure, the more it says.
  expect(size(0.03, 0.005)).toBeGreaterThan(size(0.03, 0.02));
  expect(size(0.03, 0.02)).toBeGreaterThan(size(0.03, 0.05));
});

test("what squeals on the bench has no belt to blame", () => {
  const heard: readonly Finding[] = [
    { test: "noise", weights: { squeal: 1 } },
    { test: "speed", weights: { "as-expected": 1 } },
    { test: "temperature", weights: { usual: 1 } },
  ];
  expect(chance({ ...PUMP, isOnBench: true }, "bearing-worn", heard, { isRoutine: true })).toBeGreaterThan(0.5);
});
