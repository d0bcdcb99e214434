import { AGITATOR, DRUM, FAN, plateOf } from "../../../tests/support/motors";
import {
  conditionOfFault,
  FAULT_IDS,
  FAULTS,
  faultsFor,
  predict,
  SOUND,
  TOPOLOGIES,
  understandRun,
  type Fault,
  type Machine,
  type Measured,
  type RunQuestion,
  type RunQuantity,
  type RunUnderstanding,
} from "./index";

const figure = (value: number) => ({ value, standardUncertainty: 0.01 * value });

/** What instruments would show at this motor with this fault. */
function questionFor(machine: Machine, fault: Fault | null, quantities: readonly RunQuantity[]): RunQuestion {
  const shown = predict(machine, fault ? conditionOfFault(fault, machine) : SOUND);
  const figures = shown.running ?? shown.held;
  const measured: Measured = Object.fromEntries(quantities.map((quantity) => [quantity, figure(figures[quantity] ?? 0)]));
  const behaviour = shown.startsAlone ? "starts" : shown.keepsRunning ? "only-pushed" : "hums";
  return { knowledge: plateOf(machine), supply: figure(machine.supplyV), behaviour, measured, capacitorScale: null };
}

function understand(question: RunQuestion): RunUnderstanding {
  const found = understandRun(question);
  if (!found.ok) throw new Error(found.failure.code);
  return found.value;
}
const ALL_THREE = ["lineA", "startA", "capacitorV"] as const;

test.each(FAULT_IDS)("%s is a change from the sound motor, at every degree", (id) => {
  for (const level of FAULTS[id].levels) expect(conditionOfFault({ id, level }, FAN)).not.toEqual(SOUND);
});

test.each(TOPOLOGIES)("a %s motor has only the faults its circuit can have", (topology) => {
  const faults = faultsFor(topology);
  expect(faults.some((id) => id.startsWith("run-capacitor"))).toBe(topology === "psc" || topology === "cscr");
  expect(faults.includes("switch-stuck-open")).toBe(topology !== "psc");
});

test.each([
  ["a fan on a capacitor at 60 %", FAN, { id: "run-capacitor-weak", level: 0.6 }],
  ["a fan with a part twice too large", FAN, { id: "run-capacitor-large", level: 2 }],
  ["a fan with its start winding open", FAN, { id: "start-winding-open", level: 1 }],
  ["a drum whose switch is welded", DRUM, { id: "switch-stuck-closed", level: 1 }],
  ["an agitator on a capacitor at 40 %", AGITATOR, { id: "run-capacitor-weak", level: 0.4 }],
] as const)("%s is told by its figures alone", (_name, machine, fault) => {
  const { explanations } = understand(questionFor(machine, fault, ALL_THREE));
  expect(explanations[0]?.fault?.id).toBe(fault.id);
  if (FAULTS[fault.id].levels.length > 1) expect(explanations[0]?.fault?.level).toBe(fault.level);
});

test.each([FAN, DRUM])("a sound motor is called sound, and its figures lie in their ranges", (machine) => {
  const { explanations, sound } = understand(questionFor(machine, null, ALL_THREE));
  expect(explanations[0]?.fault).toBeNull();
  expect(explanations[0]?.against).toEqual([]);
  expect(sound.startsShare).toBeGreaterThan(0.95);
});

test("faults that look alike at the leads are all named", () => {
  const { explanations } = understand(questionFor(DRUM, { id: "start-winding-open", level: 1 }, ALL_THREE));
  const close = explanations.filter(({ fit }) => fit > 0.9).map(({ fault }) => fault?.id);
  expect(close).toEqual(expect.arrayContaining(["start-winding-open", "start-capacitor-open", "switch-stuck-open"]));
});

test("twice the amps at a plate that says half: the far figure is held against a sound motor", () => {
  const question = questionFor(FAN, null, ["lineA"]);
  const { explanations } = understand({ ...question, measured: { lineA: figure(3) } });
  expect(explanations[0]?.fault).not.toBeNull();
  expect(explanations.find(({ fault }) => fault === null)?.against ?? ["lineA"]).toContain("lineA");
});

test("low volts that were measured move what is expected, and are not offered as a guess", () => {
  const at = (volts: number) => understand({ ...questionFor(FAN, null, ["lineA"]), supply: figure(volts) });
  expect(at(190).sound.held.lineA?.middle).toBeLessThan((at(230).sound.held.lineA?.middle ?? 0) * 0.9);
  expect(at(230).explanations.some(({ fault }) => fault?.id === "supply-low")).toBe(false);
});

test("with a bare plate the ranges are wide, and the entry that narrows them is named", () => {
  const full = plateOf(FAN);
  const bare = { ...full, fullLoadA: null, powerW: null, fullLoadRpm: null, main: null, start: null };
  const question = questionFor(FAN, null, ["lineA"]);
  const width = ({ sound }: RunUnderstanding): number => (sound.running.lineA?.high ?? 0) / (sound.running.lineA?.low ?? 1);
  const known = understand(question);
  const unknown = understand({ ...question, knowledge: bare });
  expect(width(unknown)).toBeGreaterThan(1.5 * width(known));
  expect(unknown.narrowing).toBe("amps");
  expect(known.narrowing).toBeNull();
});

test("nothing measured yet: what to expect, and no explanation", () => {
  const { explanations, sound } = understand({ ...questionFor(FAN, null, []), behaviour: null });
  expect(explanations).toEqual([]);
  expect(sound.running.lineA?.low).toBeGreaterThan(0);
});

test("a heavier wheel takes longer to start", () => {
  const time = (inertiaKgm2: number): number => predict({ ...FAN, inertiaKgm2 }, SOUND).running?.startTimeS ?? NaN;
  expect(time(0.004) / time(0.002)).toBeCloseTo(2, 6);
});

test("a run capacitor that was measured and holds is out of the explanations, in every degree", () => {
  const question = questionFor(FAN, { id: "run-capacitor-weak", level: 0.6 }, ALL_THREE);
  const explained = (capacitorScale: number | null): boolean =>
    understand({ ...question, capacitorScale }).likelihoods.some(({ fault }) => fault?.startsWith("run-capacitor") === true);
  expect([explained(null), explained(1), explained(0.97), explained(0.8)]).toEqual([true, false, false, true]);
});
