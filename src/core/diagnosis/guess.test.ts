import { cheapestAction, costModel, isServed, settledCost } from "../decision";
import { toHouseFigures } from "../house";
import { TESTS, type Suspect, type TestId } from "../trade";
import type { Finding } from "./finding";
import { chooseMove } from "./next-move";
import { independentFindings } from "./one-fact";
import { barOf } from "./permission";
import { priorsFor } from "./priors";
import { weighEvidence, type Hypothesis } from "./standing";
import { LIVE_RUNS } from "./test-table";

const MODEL = costModel(toHouseFigures({}), { machine: "fan" });
const best = {
  now: (hypotheses: readonly Hypothesis[]) => cheapestAction(hypotheses, MODEL),
  settled: (faults: readonly Suspect[]) => settledCost(faults, MODEL),
  serves: isServed,
};
const likely = { action: "no-repair", checkFirst: [] } as const;
const at = { hand: TESTS, power: "live", machine: "fan" } as const;

describe("a guess is no decision", () => {
  const open: readonly Hypothesis[] = [
    { faults: [], probability: 0.55 },
    { faults: ["driven-load"], probability: 0.25 },
    { faults: ["bearing-worn"], probability: 0.2 },
  ];
  test("tests go on while the way that stands first is as likely wrong as right", () => {
    expect(chooseMove(open, [], at, best, likely).kind).toBe("test");
  });
  test("they end where one stands clear, where nothing tells more, and where a test costs more than is at stake", () => {
    expect(
      chooseMove(
        [
          { faults: [], probability: 0.97 },
          { faults: ["wiring"], probability: 0.03 },
        ],
        [],
        at,
        best,
        likely,
      ).kind,
    ).toBe("decide");
    expect(chooseMove(open, [], { ...at, hand: [] }, best, likely).kind).toBe("decide");
    expect(chooseMove(open, [], { ...at, hourlyRate: 100_000 }, best, likely).kind).toBe("decide");
  });
});

test.each([
  ["nothing wrong, left alone", "no-repair", null, [], true],
  ["nothing wrong, a part changed", "replace-run-capacitor", null, [], false],
  ["the one that is wrong", "replace-run-capacitor", null, ["run-capacitor"], true],
  ["one of two", "replace-run-capacitor", null, ["run-capacitor", "bearing-worn"], true],
  ["one of two works for nothing", "replace-run-capacitor", "free-load", ["run-capacitor"], false],
  ["another", "free-load", null, ["run-capacitor"], false],
] as const)("%s: right is %s", (_, action, also, faults, isRight) => {
  expect(isServed({ action, also }, faults)).toBe(isRight);
});

test("nothing is run where no volts arrive, and what starts by itself is not pushed", () => {
  for (const outcome of ["absent", "lost", "no-call"] as const) {
    const findings: Finding[] = [{ test: "supply-voltage", weights: { [outcome]: 1 } }];
    for (const test of LIVE_RUNS) expect([test, barOf(test, { machine: "fan", findings })?.kind]).toEqual([test, "finding"]);
  }
  const { hypotheses } = weighEvidence({ type: "psc", machine: "fan" }, { complaints: ["hums-no-start"], findings: [] });
  const offered = (startsByItself: boolean): readonly string[] => {
    const move = chooseMove(hypotheses, [], { ...at, startsByItself }, best, likely);
    return [...(move.kind === "decide" ? [] : [move.offer]), ...move.others].map(({ test }) => test);
  };
  expect(offered(false)).toContain("push-start");
  expect(offered(true)).not.toContain("push-start");
});

test("of what is asked first, that which can be made in the state the circuit is in", () => {
  const settled = [{ faults: [], probability: 1 }];
  const asked = { action: "no-repair", checkFirst: ["look", "run-amps"] } as const;
  for (const [power, test] of [
    ["live", "run-amps"],
    ["dead", "look"],
  ] as const)
    expect(chooseMove(settled, [], { ...at, power }, best, asked)).toMatchObject({ kind: "check-first", offer: { test } });
});

test("before the power changes, what is asked for in any case is made in the state that it is in", () => {
  const pushed: readonly Hypothesis[] = [
    { faults: [], probability: 0.25 },
    { faults: ["driven-load"], probability: 0.6 },
    { faults: ["bearing-worn"], probability: 0.15 },
  ];
  const halves: readonly Hypothesis[] = [
    { faults: [], probability: 0.4 },
    { faults: ["driven-load"], probability: 0.35 },
    { faults: ["bearing-worn"], probability: 0.25 },
  ];
  const dead = { hand: ["uncoupled-run", "frame-ohms", "insulation"], power: "dead", machine: "fan" } as const;
  const asked = (always: readonly TestId[], checkFirst: readonly TestId[], hypotheses = pushed) => {
    const move = chooseMove(hypotheses, [], dead, best, { action: "free-load", checkFirst, always });
    return move.kind === "decide" ? move.kind : `${move.kind} ${move.offer.test}`;
  };
  expect(asked([], [])).toBe("test uncoupled-run");
  expect(asked(["insulation"], ["insulation"])).toBe("while-here insulation");
  expect(asked([], ["frame-ohms"])).toBe("while-here frame-ohms");
  // What only one unlikely way asks for waits for it.
  expect(asked([], ["frame-ohms"], halves)).toBe("test uncoupled-run");
});

test("a motor on the bench has no feed, no control and no load that could be at fault", () => {
  const onBench = priorsFor({ type: "psc", machine: "fan", isOnBench: true });
  for (const suspect of ["supply", "control", "driven-load"] as const) expect(onBench.has(suspect)).toBe(false);
  expect(priorsFor({ type: "psc", machine: "fan" }).has("supply")).toBe(true);
});

test("that it starts by itself counts once for the start side, seen with the load on and off", () => {
  const quick: Finding = { test: "start-time", weights: { quick: 1 } };
  const free: Finding = { test: "uncoupled-run", weights: { runs: 1 } };
  const chance = (findings: readonly Finding[], suspect: Suspect): number =>
    weighEvidence({ type: "cap-start", machine: "drum" }, { complaints: ["starts-slow"], findings }).suspects.find(
      (each) => each.suspect === suspect,
    )?.probability ?? 0;
  // Counted twice it would fall to a fifth.
  expect(chance([quick, free], "start-capacitor")).toBeGreaterThan(0.6 * chance([quick], "start-capacitor"));
  expect(independentFindings([free])).toEqual([free]);
  expect(chance([quick, free], "driven-load")).toBeGreaterThan(
    chance([quick, { test: "uncoupled-run", weights: { "runs-rough": 1 } }], "driven-load"),
  );
});

test("what trips gets no power before a single check that is still to be made; dead tests stay", () => {
  expect(barOf("run-amps", { machine: "fan", findings: [], tripChecks: ["look"] })).toEqual({ kind: "trips", first: ["look"] });
  expect(barOf("winding-ohms", { machine: "fan", findings: [], tripChecks: ["look"] })).toBeNull();
  expect(barOf("run-amps", { machine: "fan", findings: [], tripChecks: [] })).toBeNull();
});
