import { ACTIONS, COMPLAINTS, SUSPECTS, TESTS, type Complaint, type Suspect, MOTOR_TYPES } from "../trade";
import { ACTION_TABLE, cheapestAction, costModel, isServed, settledCost } from "../decision";
import { toHouseFigures } from "../house";
import { COMPLAINT_TABLE } from "./complaint-table";
import type { Finding } from "./finding";
import { hear } from "../hearing";
import { contradictionsOf } from "./contradictions";
import { chooseMove, informationBitsOf, STATE_CHANGE_MINUTES } from "./next-move";
import { outcomeProbabilities } from "./outcome-model";
import { barOf } from "./permission";
import { priorsFor } from "./priors";
import { weighEvidence, type Hypothesis } from "./standing";
import { LIVE_RUNS, TEST_TABLE, type OutcomeRow } from "./test-table";
import { TOGETHER, togetherFactor } from "./together";

const PSC = { type: "psc", machine: "blower" } as const;
const weigh = (complaints: Complaint[], findings: Finding[]) => weighEvidence(PSC, { complaints, findings });
const p = (standing: ReturnType<typeof weigh>, suspect: Suspect | "no-fault"): number =>
  standing.suspects.find((s) => s.suspect === suspect)?.probability ?? 0;
const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);

describe("the tables", () => {
  test("every row of findings and complaints says why", () => {
    const rows = [...TESTS.flatMap((id) => Object.values<OutcomeRow>(TEST_TABLE[id].outcomes)), ...Object.values(COMPLAINT_TABLE)];
    expect(rows.filter(({ why }) => why.length < 12 || !why.endsWith("."))).toEqual([]);
  });
  test.each(TESTS)("outcomes of %s cover everything that can be seen", (test) => {
    const rows = Object.values<{ base: number }>(TEST_TABLE[test].outcomes);
    expect(sum(rows.map((row) => row.base))).toBeCloseTo(1, 1);
    expect(rows.every((row) => row.base > 0)).toBe(true);
    for (const suspect of SUSPECTS) expect(sum(outcomeProbabilities(test, [suspect]))).toBeCloseTo(1, 9);
  });
  test.each(COMPLAINTS)("%s has a cause, and all its figures are probabilities", (complaint) => {
    const { leak, given } = COMPLAINT_TABLE[complaint];
    expect(Object.keys(given).length).toBeGreaterThan(0);
    expect([leak, ...Object.values(given)].every((value) => value > 0 && value < 1)).toBe(true);
  });
  test("every suspect is mended by some action", () => {
    const cured = new Set<string>(ACTIONS.flatMap((action) => ACTION_TABLE[action].cures));
    expect(SUSPECTS.filter((suspect) => !cured.has(suspect))).toEqual([]);
  });
  test.each(MOTOR_TYPES)("a %s motor has only parts it can have", (type) => {
    const priors = priorsFor({ type, machine: "fan" });
    expect(priors.has("run-capacitor")).toBe(["psc", "cap-start-run", "unknown"].includes(type));
    expect([...priors.values()].every((value) => value > 0 && value < 0.5)).toBe(true);
  });
});

describe("weighEvidence", () => {
  test("probabilities of the fault sets sum to one", () => {
    expect(sum(weigh(["dead"], []).hypotheses.map((h) => h.probability))).toBeCloseTo(1, 9);
  });

  test("a proven fault takes the complaint away from the others", () => {
    const before = weigh(["hums-no-start"], []);
    const after = weigh(["hums-no-start"], [{ test: "capacitor-meter", about: "run-capacitor", weights: { "far-out": 1 } }]);
    expect(p(after, "run-capacitor")).toBeGreaterThan(0.9);
    expect(p(after, "start-winding")).toBeLessThan(p(before, "start-winding") / 2);
  });

  test("the nearer a capacitor is to holding, the less it is suspected", () => {
    const suspicion = [0, 0.2, 0.5, 0.8, 1].map((within) =>
      p(
        weigh(["starts-slow"], [{ test: "capacitor-meter", about: "run-capacitor", weights: { holds: within, out: 1 - within } }]),
        "run-capacitor",
      ),
    );
    expect(suspicion).toEqual([...suspicion].sort((a, b) => b - a));
  });

  test("says what speaks for and against, the strongest first", () => {
    const standing = weigh(["starts-slow"], [{ test: "hand-turn", weights: { free: 1 } }]);
    const bearing = standing.suspects.find((s) => s.suspect === "bearing-worn");
    expect(bearing?.evidence[0]?.logWeight).toBeLessThan(0);
  });

  test("nothing found and an odd complaint leaves room for nothing wrong", () => {
    const clear: Finding[] = [
      { test: "capacitor-meter", about: "run-capacitor", weights: { holds: 1 } },
      { test: "winding-ohms", weights: { good: 1 } },
      { test: "hand-turn", weights: { free: 1 } },
      { test: "run-amps", weights: { "near-plate": 1 } },
    ];
    expect(p(weigh(["intermittent"], clear), "no-fault")).toBeGreaterThan(p(weigh(["intermittent"], []), "no-fault"));
  });
});

describe("weighing what a model says of measured figures", () => {
  const figures = (measured: Finding["measured"]): Finding[] => [
    { test: "run-amps", weights: { "near-plate": 1 }, ...(measured ? { measured } : {}) },
  ];
  test("takes the place of the table", () => {
    const plain = p(weigh(["runs-hot"], figures(undefined)), "run-capacitor");
    const convicted = p(weigh(["runs-hot"], figures({ "no-fault": 0.02, "run-capacitor": 1, "shorted-turns": 0.05 })), "run-capacitor");
    expect(convicted).toBeGreaterThan(plain);
    expect(convicted).toBeGreaterThan(0.75);
  });
  test("a suspect the model does not know leaves the figures of a sound motor", () => {
    const odds = (standing: ReturnType<typeof weigh>) => p(standing, "control") / p(standing, "wiring");
    const measured = { "no-fault": 0.1, "run-capacitor": 1 };
    expect(odds(weigh(["intermittent"], figures(measured)))).toBeCloseTo(odds(weigh(["intermittent"], [])), 2);
  });
  test("no figure convicts beyond a hundred to one", () => {
    const standing = weigh([], figures({ "no-fault": 1e-12, "run-capacitor": 1 }));
    expect(p(standing, "no-fault")).toBeGreaterThan(0.005);
  });
});

describe("two faults at once", () => {
  const both: Finding[] = [
    { test: "capacitor-meter", about: "run-capacitor", weights: { "far-out": 1 } },
    { test: "hand-turn", weights: { "rough-with-play": 1 } },
  ];
  test("are both shown, and the pair leads the sets", () => {
    const standing = weigh(["starts-slow", "rumbles"], both);
    expect(p(standing, "run-capacitor")).toBeGreaterThan(0.9);
    expect(p(standing, "bearing-worn")).toBeGreaterThan(0.8);
    const [first] = [...standing.hypotheses].sort((x, y) => y.probability - x.probability);
    expect([...(first?.faults ?? [])].sort()).toEqual(["bearing-worn", "run-capacitor"]);
  });
  test.each(TOGETHER)("$pair come together oftener than strangers: $why", ({ pair: [first, second], factor, why }) => {
    expect(togetherFactor([first, second])).toBe(factor);
    expect(togetherFactor([second, first])).toBe(factor);
    expect(factor).toBeGreaterThan(togetherFactor(["control", "start-relay"]));
    expect(why.length).toBeGreaterThan(10);
  });
});

describe("contradictions", () => {
  const passes: Finding = { test: "capacitor-meter", about: "run-capacitor", weights: { holds: 1 } };
  const starved: Finding = { test: "start-winding-amps", weights: { low: 1 } };
  test("passes cold, the current says otherwise: named once", () => {
    const found = contradictionsOf(weigh(["starts-slow"], [passes, starved]));
    expect(found).toHaveLength(1);
    expect(found[0]).toMatchObject({
      suspect: "run-capacitor",
      speaksFor: { test: "start-winding-amps" },
      speaksAgainst: { test: "capacitor-meter" },
    });
  });
  test.each([[[passes]], [[starved]], [[] as Finding[]]])("none without two that quarrel: %j", (findings) => {
    expect(contradictionsOf(weigh(["starts-slow"], findings))).toEqual([]);
  });
});

describe("what a motor can have", () => {
  test.each([
    ["switch", "start-relay"],
    ["potential-relay", "start-switch"],
    ["none", "start-switch"],
  ] as const)("start gear %s rules out %s", (gear, absent) => {
    expect(priorsFor({ type: "cap-start", machine: "drum", gear }).has(absent)).toBe(false);
  });
  test("wear grows with age, within bounds; the house's own view multiplies", () => {
    const worn = (ageYears: number | null, factor = 1) =>
      priorsFor({ type: "psc", machine: "fan", ageYears }, { "bearing-worn": factor }).get("bearing-worn") ?? 0;
    expect([worn(0), worn(4), worn(8), worn(20)]).toEqual([worn(0), worn(4), worn(8), worn(20)].sort((x, y) => x - y));
    expect(worn(8)).toBe(worn(null));
    expect(worn(8, 2)).toBeCloseTo(2 * worn(8), 9);
    expect(worn(40, 10)).toBeLessThanOrEqual(0.6);
  });
});

describe("what may be tested", () => {
  const nothing = { findings: [] };
  test.each([
    ["push-start", "hermetic-compressor", false],
    ["push-start", "belt-compressor", false],
    ["push-start", "drum", false],
    ["push-start", "pump", false],
    ["push-start", "other", false],
    ["push-start", "fan", true],
    ["push-start", "blower", true],
    ["uncoupled-run", "hermetic-compressor", false],
    ["hand-turn", "hermetic-compressor", false],
    ["capacitor-meter", "hermetic-compressor", true],
  ] as const)("%s on a %s: %s", (id, machine, isAllowed) => {
    expect(barOf(id, { machine, ...nothing }) === null).toBe(isAllowed);
  });
  test.each([
    { test: "hand-turn", weights: { seized: 1 } },
    { test: "frame-ohms", weights: { grounded: 1 } },
    { test: "insulation", weights: { bad: 1 } },
    { test: "switch-ohms", weights: { welded: 1 } },
    { test: "relay-ohms", weights: { welded: 1 } },
    { test: "winding-ohms", weights: { shorted: 1 } },
  ] satisfies Finding[])("%j bars every run", (finding) => {
    for (const id of LIVE_RUNS) expect(barOf(id, { machine: "fan", findings: [finding] })).toMatchObject({ kind: "finding" });
    expect(barOf("look", { machine: "fan", findings: [finding] })).toBeNull();
  });
  test("an instrument the house does not own is not asked for", () => {
    expect(barOf("insulation", { machine: "fan", findings: [], owned: ["clamp"] })).toEqual({
      kind: "instrument",
      instrument: "insulation-tester",
    });
    expect(barOf("run-amps", { machine: "fan", findings: [], owned: ["clamp"] })).toBeNull();
  });
});

describe("chooseMove", () => {
  const MODEL = costModel(toHouseFigures({}), { machine: "blower" });
  const best = {
    now: (hypotheses: readonly Hypothesis[]) => cheapestAction(hypotheses, MODEL),
    settled: (faults: readonly Suspect[]) => settledCost(faults, MODEL),
    serves: isServed,
  };
  const likely = { action: "replace-run-capacitor", checkFirst: ACTION_TABLE["replace-run-capacitor"].checkFirst } as const;
  const dead = { hand: TESTS, power: "dead", machine: "blower" } as const;

  test("information is never negative, and none is left when all is settled", () => {
    const { hypotheses } = weigh(["hums-no-start"], []);
    for (const test of TESTS) expect(informationBitsOf(test, hypotheses)).toBeGreaterThanOrEqual(0);
    expect(informationBitsOf("look", [{ faults: ["supply"], probability: 1 }])).toBeCloseTo(0, 9);
  });

  test("starts a hum with a cheap dead test, and says what each outcome would mean", () => {
    const move = chooseMove(weigh(["hums-no-start"], []).hypotheses, [], dead, best, likely);
    if (move.kind !== "test") throw new Error(move.kind);
    expect(["look", "hand-turn", "capacitor-meter"]).toContain(move.offer.test);
    expect(sum(move.offer.outcomes.map(({ probability }) => probability))).toBeGreaterThan(0.9);
    for (const { leadsProbability } of move.offer.outcomes) expect(leadsProbability).toBeLessThanOrEqual(1);
    expect(move.others.map(({ test: id }) => id)).not.toContain(move.offer.test);
  });

  test("never runs a motor that does not turn, or that is grounded", () => {
    for (const finding of [
      { test: "hand-turn", weights: { seized: 1 } },
      { test: "frame-ohms", weights: { grounded: 1 } },
    ] satisfies Finding[]) {
      const { hypotheses } = weigh(["hums-no-start"], [finding]);
      const move = chooseMove(hypotheses, [finding], { hand: ["run-amps", "uncoupled-run"], power: "live", machine: "fan" }, best, likely);
      expect(move.kind).toBe("decide");
    }
  });

  test("a change of power state is paid for in minutes", () => {
    const { hypotheses } = weigh(["runs-hot"], []);
    const minutes = (power: "dead" | "live"): number => {
      const move = chooseMove(hypotheses, [], { hand: ["run-amps"], power, machine: "fan" }, best, likely);
      return (move.kind === "test" ? move.offer : move.others[0])?.minutes ?? NaN;
    };
    expect(minutes("dead")).toBe(minutes("live") + STATE_CHANGE_MINUTES["to-live"]);
  });

  test("asks for the winding check before a failed capacitor is only swapped", () => {
    const findings: Finding[] = [{ test: "capacitor-meter", about: "run-capacitor", weights: { "far-out": 1 } }];
    const settled = [{ faults: ["run-capacitor"] as const, probability: 1 }];
    const move = chooseMove(settled, findings, { hand: ["winding-ohms", "frame-ohms"], power: "dead", machine: "blower" }, best, likely);
    expect(move).toMatchObject({ kind: "check-first", offer: { test: "winding-ohms" }, before: "replace-run-capacitor" });
  });

  test("stops where no outcome would change what is done, and where a test costs more than it saves", () => {
    const settled = [{ faults: ["ground-fault"] as const, probability: 1 }];
    expect(chooseMove(settled, [], dead, best, { action: "replace-motor", checkFirst: [] }).kind).toBe("decide");
    const open = weigh(["runs-hot"], []).hypotheses;
    const dear = chooseMove(open, [], { ...dead, hourlyRate: 100_000 }, best, { action: "replace-motor", checkFirst: [] });
    expect(dear.kind).toBe("decide");
  });
});

test.each([
  ["hums, starts with a push", ["hums-no-start", "starts-with-push"]],
  ["trips the breaker every time", ["trips-at-once"]],
  ["it is dead", ["dead"]],
  ["squeals and runs hot", ["runs-hot", "squeals"]],
  ["stops after ten minutes and comes back", ["cuts-out-and-returns"]],
  ["needs paint", []],
])("“%s”", (said, complaints) => {
  expect(hear(said).heard).toEqual(complaints);
});
