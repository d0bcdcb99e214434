import { BLANK_EXCHANGE, BLANK_PIECE } from "../stations/out-in";
import { BLANK_TAKE_APART } from "../stations/take-apart";
import { NO_RUN_ENTRIES } from "../motor";
import { assessParts, readAt, type Parts } from "../../../tests/support/partial-card";

const at = (minute: number): string => `2026-01-01T09:${String(minute).padStart(2, "0")}:00.000Z`;

/** A fan that hums, whose capacitor measured out and was changed at ten past nine. */
const CHANGED: Parts = {
  complaint: { complaints: ["hums-no-start"] },
  plate: {
    motorType: "psc",
    machineKind: "fan",
    volts: "230",
    hertz: "50",
    amps: "1.9",
    rpm: "1380",
    power: "250 W",
    capacitor: "8 µF 450 V",
  },
  capacitor: { label: "8 µF ±5 % 450 V", readings: [readAt("5.1", "capacitance", at(2))], isIsolated: true },
  decide: { action: "replace-run-capacitor", reason: "out", decidedAt: at(5) },
  "out-in": {
    works: {
      "replace-run-capacitor": {
        ...BLANK_EXCHANGE,
        out: { ...BLANK_EXCHANGE.out, label: "8 µF", fate: "scrap", why: "out" },
        pieces: [{ ...BLANK_PIECE, label: "8 µF 450 V", reading: readAt("8.0", "capacitance", at(9)) }],
        fittedAt: at(10),
      },
    },
  },
};
const proof = (minute: number, behaviour: "hums" | "starts"): Parts["prove"] => ({
  after: { ...NO_RUN_ENTRIES, lineAmps: readAt(behaviour === "hums" ? "3.1" : "1.8", "current", at(minute)) },
  afterBehaviour: behaviour,
});

describe("a proof that speaks against what was done", () => {
  const failed = assessParts({ ...CHANGED, prove: proof(15, "hums") });

  test("opens the question again: a test or another decision comes, and not the same proof", () => {
    expect(failed.isOpenAgain).toBe(true);
    expect(failed.next.kind).toBe("move");
    expect(failed.next.station).not.toBe("prove");
  });

  test("what was put right is passed over, and who is left stands where it stood", () => {
    const before = assessParts(CHANGED);
    const chance = (of: typeof failed, suspect: string): number =>
      of.standing.suspects.find((each) => each.suspect === suspect)?.probability ?? 0;
    expect(chance(before, "run-capacitor")).toBeGreaterThan(0.9);
    expect(chance(failed, "run-capacitor")).toBeLessThan(0.5);
    expect(failed.actions[0]?.action).not.toBe("replace-run-capacitor");
    expect(chance(failed, "bearing-seized")).toBeGreaterThan(chance(before, "bearing-seized"));
    expect(failed.standing.suspects.some(({ suspect }) => suspect === "no-fault")).toBe(true);
  });

  test("what is decided since is to be done, though the proof of before stands on the card", () => {
    const anew = assessParts({
      ...CHANGED,
      prove: proof(15, "hums"),
      decide: { action: "replace-bearings", reason: "tight", decidedAt: at(20) },
    });
    expect(anew.isOpenAgain).toBe(false);
    expect(anew.next).toMatchObject({ kind: "order" });
    expect(["make-safe", "take-apart", "out-in"]).toContain(anew.next.station);
  });

  test("the same work decided once more is done once more", () => {
    const again = assessParts({
      ...CHANGED,
      prove: proof(15, "hums"),
      decide: { action: "replace-run-capacitor", reason: "bad part", decidedAt: at(20) },
    });
    expect(again.isOpenAgain).toBe(false);
    expect(["make-safe", "out-in"]).toContain(again.next.station);
  });

  test("an end that needs no proof is not held up by it", () => {
    const referred = assessParts({ ...CHANGED, prove: proof(15, "hums"), end: { end: "referred", toWhom: "the trade", endedAt: at(30) } });
    expect(referred.isOpenAgain).toBe(false);
  });
});

describe("a proof shows what was done before it", () => {
  const SECOND: Parts = { ...CHANGED, "out-in": { ...CHANGED["out-in"], done: { "tighten-terminal": at(20) } } };

  test("work that was done since asks for it anew", () => {
    const stale = assessParts({ ...SECOND, prove: proof(15, "starts") });
    expect(stale.facts.proof).toBe("none");
    expect(stale.stations.prove.stamp).toBe("not-done");
    expect(assessParts({ ...CHANGED, prove: proof(15, "starts") }).facts.proof).toBe("there");
    expect(assessParts({ ...SECOND, prove: proof(25, "starts") }).facts.proof).toBe("there");
  });

  test("nor does a run between two works show the second", () => {
    const ran: Parts = { ...SECOND, "run-test": { behaviour: "starts", lineAmps: readAt("1.8", "current", at(15)) } };
    expect(assessParts(ran).facts.proof).toBe("none");
    const later: Parts = { ...SECOND, "run-test": { behaviour: "starts", lineAmps: readAt("1.8", "current", at(25)) } };
    expect(assessParts(later).stations.prove.detail.after?.amps).toBeCloseTo(1.8, 6);
  });
});

test("a path to the frame that what was decided does not mend opens it again; a new motor is measured instead", () => {
  const grounded: Parts = { ...CHANGED, frame: { readings: ["31", "39", "39"].map((text) => readAt(text, "resistance", at(12))) } };
  const found = assessParts(grounded);
  expect(found.isOpenAgain).toBe(true);
  expect(found.next.station).not.toBe("prove");
  expect(found.actions.map(({ action }) => action)).not.toContain("no-repair");
});

test("all is back and it does not turn: no ledger closes over that, and what comes is a decision", () => {
  const step = {
    id: "a",
    part: "cover",
    name: "",
    count: 1,
    place: null,
    way: "",
    photo: null,
    backAt: at(12),
    countBack: 1,
    isNew: false,
  } as const;
  const stuck = assessParts({
    ...CHANGED,
    "take-apart": { steps: [step], seenTo: { "ground-restored": at(13) }, after: { ...BLANK_TAKE_APART.after, turn: "seized" } },
  });
  expect(stuck.isOpenAgain).toBe(true);
  expect(stuck.next.station).not.toBe("take-apart");
  const finding = stuck.findings.find(({ from }) => from === "take-apart");
  expect(finding?.weights).toEqual({ seized: 1 });
});
