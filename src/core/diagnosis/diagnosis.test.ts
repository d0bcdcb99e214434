import { ACTION_TABLE, rankActions } from "../decision";
import { toHouseFigures } from "../house";
import { COMPLAINT_TABLE } from "./complaint-table";
import type { Finding } from "./finding";
import { matchComplaints } from "./match-complaints";
import { chooseMove, informationBits } from "./next-move";
import { outcomeProbabilities } from "./outcome-model";
import { priorsFor } from "./priors";
import { weighEvidence } from "./standing";
import { TEST_TABLE } from "./test-table";
import { ACTIONS, COMPLAINTS, SUSPECTS, TESTS, type Complaint, type Suspect } from "./vocabulary";
import { MOTOR_TYPES } from "../motor";

const PSC = { type: "psc", machine: "blower" } as const;
const weigh = (complaints: Complaint[], findings: Finding[]) => weighEvidence(PSC, { complaints, findings });
const p = (standing: ReturnType<typeof weigh>, suspect: Suspect | "no-fault"): number =>
  standing.suspects.find((s) => s.suspect === suspect)?.probability ?? 0;
const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);

describe("the tables", () => {
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
    const cured = new Set(ACTIONS.flatMap((action) => ACTION_TABLE[action].cures));
    expect(SUSPECTS.filter((suspect) => !cured.has(suspect))).toEqual([]);
  });
  test.each(MOTOR_TYPES)("a %s motor has only parts it can have", (type) => {
    const priors = priorsFor(type, "fan");
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

describe("chooseMove", () => {
  const likely = { action: "replace-run-capacitor", checkFirst: ACTION_TABLE["replace-run-capacitor"].checkFirst } as const;
  const dead = { hand: TESTS, power: "dead" } as const;

  test("information is never negative, and none is left when all is settled", () => {
    const { hypotheses } = weigh(["hums-no-start"], []);
    for (const test of TESTS) expect(informationBits(test, hypotheses)).toBeGreaterThanOrEqual(0);
    expect(informationBits("look", [{ faults: ["supply"], probability: 1 }])).toBeCloseTo(0, 9);
  });

  test("starts a hum with a cheap dead test", () => {
    const move = chooseMove(weigh(["hums-no-start"], []).hypotheses, [], dead, likely);
    expect(move.kind === "test" && ["look", "hand-turn", "capacitor-meter"].includes(move.offer.test)).toBe(true);
  });

  test("never runs a motor that does not turn, or that is grounded", () => {
    for (const finding of [
      { test: "hand-turn", weights: { seized: 1 } },
      { test: "frame-ohms", weights: { grounded: 1 } },
    ] satisfies Finding[]) {
      const move = chooseMove(
        weigh(["hums-no-start"], [finding]).hypotheses,
        [finding],
        { hand: ["run-amps", "uncoupled-run"], power: "live" },
        likely,
      );
      expect(move.kind).toBe("decide");
    }
  });

  test("a change of power state is paid for in minutes", () => {
    const { hypotheses } = weigh(["runs-hot"], []);
    const minutes = (power: "dead" | "live"): number => {
      const move = chooseMove(hypotheses, [], { hand: ["run-amps"], power }, likely);
      return move.kind === "test" ? move.offer.minutes : NaN;
    };
    expect(minutes("dead")).toBeGreaterThan(minutes("live"));
  });

  test("asks for the winding check before a failed capacitor is only swapped", () => {
    const findings: Finding[] = [{ test: "capacitor-meter", about: "run-capacitor", weights: { "far-out": 1 } }];
    const move = chooseMove(
      [{ faults: ["run-capacitor"], probability: 1 }],
      findings,
      { hand: ["winding-ohms", "frame-ohms"], power: "dead" },
      likely,
    );
    expect(move).toMatchObject({ kind: "check-first", offer: { test: "winding-ohms" }, before: "replace-run-capacitor" });
  });
});

describe("rankActions", () => {
  const house = toHouseFigures({});
  test("the best is the cheapest on average, and prices move it", () => {
    const hypotheses = [
      { faults: ["bearing-worn"] as const, probability: 0.9 },
      { faults: ["ground-fault"] as const, probability: 0.1 },
    ];
    expect(rankActions(hypotheses, house)[0]?.action).toBe("replace-bearings");
    expect(rankActions(hypotheses, toHouseFigures({ motorPrice: 10, bearingsPrice: 300 }))[0]?.action).toBe("replace-motor");
  });
  test("an action that mends nothing likely is not offered", () => {
    const offered = rankActions([{ faults: ["supply"], probability: 1 }], house).map(({ action }) => action);
    expect(offered).toEqual(["repair-wiring-or-supply"]);
  });
});

test.each([
  ["hums, starts with a push", ["starts-with-push", "hums-no-start"]],
  ["trips the breaker every time", ["trips-at-once"]],
  ["it is dead", ["dead"]],
  ["squeals and runs hot", ["runs-hot", "squeals"]],
  ["stops after ten minutes and comes back", ["cuts-out-and-returns"]],
  ["needs paint", []],
])("“%s”", (said, complaints) => {
  expect(matchComplaints(said)).toEqual(complaints);
});
