import { BLANK_EXCHANGE } from "../stations/out-in";
import { dueOn, isStillDue } from "../due";
import { judgeHand, NOTHING_FELT } from "../bearing";
import { assessParts, madeSafe, readAt, type Parts } from "../../../tests/support/partial-card";
import { toHouseFigures } from "../house";
import type { Entry, Quantity } from "../quantity";
import type { TravellerAssessment } from "./assess-traveller";
import type { BearingDetail } from "../stations/bearing";
import { STATIONS, stationOf, type StationData } from "../stations/registry";
import type { TakeApartDetail } from "../stations/take-apart";
import { trapsBefore } from "../stations/take-apart";

const HOUSE = toHouseFigures({});
const AT = "2026-11-25T10:00:00.000Z";
const read = (text: string, quantity: Quantity): Entry => readAt(text, quantity, AT);

const FAN: Parts = {
  complaint: { complaints: ["rumbles"], said: "" },
  plate: { motorType: "psc", machineKind: "fan", volts: "230", hertz: "50", amps: "1.9", rpm: "1380" },
};
const SAFE: Parts = madeSafe(AT);

describe("what the hand feels", () => {
  test.each([
    ["free", { turn: "free", radialPlay: false }, { free: 1 }],
    ["rough with play", { turn: "rough", radialPlay: true }, { "rough-with-play": 1 }],
    ["free, but loose across", { turn: "free", radialPlay: true }, { "rough-with-play": 1 }],
    ["seized, whatever else", { turn: "seized", radialPlay: true }, { seized: 1 }],
    ["rubs", { turn: "free", rubs: true }, { rough: 1 }],
    ["end play", { turn: "free", endPlay: true }, { "end-play": 1 }],
    ["play alone, shaft out of reach", { turn: "cannot-reach", radialPlay: true }, { "rough-with-play": 1 }],
    ["nothing", {}, null],
    ["play at its limit, and nobody turned it", { radialMm: "0.06" }, null],
    ["play beyond it, and nobody turned it", { radialMm: "0.2" }, { "rough-with-play": 1 }],
  ] as const)("%s", (_what, felt, weights) => {
    expect(judgeHand({ ...NOTHING_FELT, ...felt }, HOUSE).weights).toEqual(weights);
  });
  test("an indicator speaks before the hand, and says no play where it does not move", () => {
    expect(judgeHand({ ...NOTHING_FELT, turn: "free", radialPlay: true, radialMm: "0.01" }, HOUSE).outcome).toBe("free");
    expect(judgeHand({ ...NOTHING_FELT, turn: "free", radialMm: "0" }, HOUSE).radial).toMatchObject({ valueMm: 0 });
    expect(judgeHand({ ...NOTHING_FELT, turn: "free", radialPlay: false, radialMm: "0.12" }, HOUSE).outcome).toBe("rough-with-play");
    expect(judgeHand({ ...NOTHING_FELT, turn: "free", endPlay: true, endMm: "0.3" }, HOUSE).outcome).toBe("free");
  });
  test.each(["0", "0.00", "0,0 mm", "000"])("%s is an indicator that stands still", (radialMm) =>
    expect(judgeHand({ ...NOTHING_FELT, radialMm }, HOUSE).radial).toMatchObject({ valueMm: 0, conformity: { decision: "holds" } }),
  );
  test.each([
    [".", "reading-not-a-number"],
    ["mm", "reading-not-a-number"],
    ["-0.1", "reading-negative"],
  ])("%s is no figure", (radialMm, code) =>
    expect(judgeHand({ ...NOTHING_FELT, radialMm }, HOUSE)).toMatchObject({
      radial: null,
      problems: { radial: { code } },
    }),
  );
  test("a figure at the limit splits its weight, and the station says too close", () => {
    const verdict = judgeHand({ ...NOTHING_FELT, turn: "free", radialMm: "0.06" }, HOUSE);
    expect(verdict.weights?.["rough-with-play"]).toBeCloseTo(0.5, 6);
    expect(assessParts({ ...FAN, "hand-turn": { turn: "free", radialMm: "0.06" } }).stations["hand-turn"].stamp).toBe("too-close");
    expect(assessParts({ ...FAN, "hand-turn": { turn: "rough", radialPlay: true, endMm: "0.8" } }).stations["hand-turn"].stamp).toBe("out");
  });
  test("an unreadable figure is told and judged as if it were not there", () => {
    const verdict = judgeHand({ ...NOTHING_FELT, turn: "free", radialMm: "o.1" }, HOUSE);
    expect(verdict.problems.radial).toMatchObject({ code: "reading-not-a-number" });
    expect(verdict.outcome).toBe("free");
  });
});

describe("a run told by ear and by hand", () => {
  const run = (part: Partial<StationData<"run-test">>, more: Parts = {}) =>
    assessParts({ ...FAN, ...more, "run-test": { behaviour: "starts", ...part } });
  const testsOf = ({ findings }: TravellerAssessment) => findings.map(({ test, weights }) => `${test}:${Object.keys(weights).join("+")}`);
  test("a wheel that stops at once is half a finding of the hand, unless the hand was asked", () => {
    expect(testsOf(run({ coastDown: read("0.8", "duration") }))).toContain("hand-turn:tight+free");
    expect(testsOf(run({ coastDown: read("7", "duration") }))).toEqual([]);
    const both = testsOf(run({ coastDown: read("0.8", "duration") }, { "hand-turn": { turn: "free", radialPlay: false } }));
    expect(both.filter((each) => each.startsWith("hand-turn"))).toEqual(["hand-turn:free"]);
  });
  test("a pump never coasts: its load stops it", () => {
    const pump = assessParts({
      ...FAN,
      plate: { ...FAN.plate, machineKind: "pump" },
      "run-test": { behaviour: "starts", coastDown: read("0.4", "duration") },
    });
    expect(testsOf(pump)).toEqual([]);
  });
  test("heat at one end and a scrape speak for the bearing and against a sound motor", () => {
    const plain = assessParts(FAN).standing.suspects.find(({ suspect }) => suspect === "bearing-worn")?.probability ?? 0;
    const hot = run({ hotPlace: "drive-end", noises: ["scrape"] });
    expect(testsOf(hot)).toEqual(["noise:scrape", "temperature:end-hot"]);
    expect(hot.standing.suspects.find(({ suspect }) => suspect === "bearing-worn")?.probability ?? 0).toBeGreaterThan(plain);
  });
  test("heat over the winding is no bearing", () => {
    expect(testsOf(run({ hotPlace: "middle" }))).toEqual([]);
  });
});

describe("the bearing station", () => {
  const { blank } = STATIONS.bearing;
  const drive = (end: Partial<StationData<"bearing">["ends"]["drive-end"]>, rest: Partial<StationData<"bearing">> = {}) => {
    const assessment = assessParts({
      ...FAN,
      bearing: { ends: { ...blank.ends, "drive-end": { ...blank.ends["drive-end"], ...end } }, ...rest },
    });
    const detail = assessment.stations.bearing.detail as BearingDetail;
    return { assessment, own: assessment.stations.bearing, detail, end: detail.ends["drive-end"] };
  };
  test.each([
    ["a stamp alone", { stamped: "6203-2RS" }, "named", "6203"],
    ["a calliper alone", { bore: "17", outside: "40", width: "12" }, "named", "6203"],
    ["a worn stamp", { stamped: "62?3" }, "several", null],
    ["a worn stamp and one figure of a calliper more", { stamped: "62?3", bore: "65", outside: "120" }, "named", "6213"],
    ["stamp and calliper apart", { stamped: "6203", bore: "20", outside: "47", width: "14" }, "conflict", null],
    ["a slip of unit", { bore: "1.7", outside: "4", width: "1.2" }, "slip", null],
    ["inches told are no slip", { bore: "1/2 in", outside: "1 1/8", width: "0.25 in" }, "named", "R8"],
    ["nothing near", { bore: "18.5", outside: "43.2", width: "13" }, "misfit", null],
    ["not a bearing", { stamped: "NU206" }, "unread", null],
    ["one figure", { bore: "17" }, "unread", null],
    ["nothing", {}, "nothing", null],
  ] as const)("%s", (_what, end, state, number) => {
    const found = drive(end).end;
    expect(found.state).toBe(state);
    expect(found.size?.number ?? null).toBe(number);
  });
  test.each(["1.698", "169.8", "0.669", "40"])("a shaft of %s mm under 6203 is asked for again, not called worn", (shaft) => {
    const { end, own } = drive({ stamped: "6203", shaft });
    expect(end.seats.shaft).toMatchObject({ verdict: null, failure: { code: "seat-far-off", nominalMm: 17 } });
    expect(own.stamp).toBe("noted");
  });
  test("an unreadable figure says so beside its field", () => {
    expect(drive({ bore: "17", outside: "4o", width: "12" }).end.lengthFailures.outside).toMatchObject({ code: "reading-wrong-unit" });
  });
  test("a loose shaft stamps it out, offers what reaches it, and what is chosen is paid for", () => {
    const { own, end } = drive({ stamped: "6203", shaft: "16.980" });
    expect(own.stamp).toBe("out");
    expect(end.seats.shaft.repairs[0]).toBe("retaining-compound");
    const usual = drive({ stamped: "6203" }, { both: true });
    const mended = drive({ stamped: "6203", shaft: "16.980", shaftRepair: "retaining-compound" }, { both: true });
    expect(mended.detail.job.cost).toBeGreaterThan(usual.detail.job.cost);
    const priceOf = ({ assessment }: typeof usual) =>
      assessment.actions.find(({ action, also }) => action === "replace-bearings" && also === null)?.cost;
    expect(priceOf(mended)).toBeCloseTo(mended.detail.job.cost, 9);
    expect(priceOf(usual)).toBeCloseTo(usual.detail.job.cost, 9);
  });
  test("upkeep: sleeves are oiled, balls listened to; plate before house; counted from the last time", () => {
    const sleeve = drive({ kind: "sleeve", shaft: "12 mm" }, { duty: "intermittent" });
    expect(sleeve.own.due).toEqual([{ kind: "oil-bearings", when: { after: null, months: 24 } }]);
    expect(sleeve.detail.upkeep[0]).toMatchObject({ kind: "sleeve", drops: 6 });
    const ball = drive({ stamped: "6203" }, { duty: "continuous", plateMonths: "6", lastDone: "2026-10-01" });
    expect(ball.own.due).toEqual([{ kind: "listen-bearings", when: { after: "2026-10-01", months: 6 } }]);
    expect(drive({ stamped: "6203" }).own.due).toEqual([]);
  });
  test("grease is told where a side is open or nobody could read it, never for one that is closed", () => {
    const upkeepOf = (end: Parameters<typeof drive>[0]) => drive(end).detail.upkeep[0];
    expect(upkeepOf({ stamped: "6203ZZ" })).toMatchObject({ isClosed: true, greaseG: null });
    expect(upkeepOf({ stamped: "6203 RS" })).toMatchObject({ isClosed: false });
    expect(upkeepOf({ bore: "17", outside: "40", width: "12" })).toMatchObject({ isClosed: null });
    expect(upkeepOf({ stamped: "6203" })?.greaseG).toBeCloseTo(2.4, 9);
  });
  test("tones need a name and a speed: keyed, measured or by the plate, in that order", () => {
    expect(drive({ stamped: "6203" }).detail.speed).toEqual({ source: "plate", rpm: [1380, 1500] });
    expect(drive({ stamped: "6203" }, { rpm: "1402" }).detail.speed).toEqual({ source: "keyed", rpm: [1402] });
    const bands = drive({ stamped: "6203" }, { rpm: "1500" }).detail.bands["drive-end"];
    expect(bands?.find(({ defect }) => defect === "outer-ring")?.likelyHz).toBeCloseTo(76.33, 1);
    expect(drive({}, { rpm: "1500" }).detail.bands["drive-end"]).toBeUndefined();
  });
});

describe("the ledger", () => {
  const step = (id: string, part: "key" | "washer" | "end-bell" | "screw", isBack: boolean) => ({
    id,
    part,
    name: "",
    count: 1,
    place: null,
    way: "",
    photo: null,
    backAt: isBack ? AT : null,
    countBack: isBack ? 1 : 0,
    isNew: false,
  });
  const KEY_TRAPS = { "key-in": AT, "screw-on-flat": AT, "ground-restored": AT };
  const FREE = { ...NOTHING_FELT, turn: "free" as const, radialPlay: false };
  const ledger = (part: Partial<StationData<"take-apart">>, more: Parts = {}) => {
    const assessment = assessParts({ ...FAN, ...SAFE, ...more, "take-apart": part });
    return { assessment, own: assessment.stations["take-apart"], detail: assessment.stations["take-apart"].detail as TakeApartDetail };
  };
  test("walks back from the end", () => {
    const { detail } = ledger({ steps: [step("a", "washer", false), step("b", "key", false), step("c", "end-bell", true)] });
    expect(detail.walk.map(({ id }) => id)).toEqual(["c", "b", "a"]);
    expect(detail).toMatchObject({ state: "apart", left: 2, next: { id: "b" } });
  });
  test.each([
    ["a key left", { steps: [step("a", "key", false)], seenTo: KEY_TRAPS, after: FREE }, ["part"]],
    [
      "a wire left",
      {
        steps: [step("a", "key", true)],
        wires: [{ mark: "brown", post: "Run", backAt: null }],
        seenTo: { ...KEY_TRAPS, "wires-clear": AT },
        after: FREE,
      },
      ["wire"],
    ],
    [
      "a trap not seen to",
      { steps: [step("a", "key", true)], seenTo: { "ground-restored": AT, "screw-on-flat": AT }, after: FREE },
      ["trap"],
    ],
    [
      "three of four screws",
      { steps: [{ ...step("a", "screw", false), count: 4, countBack: 3 }], seenTo: { "ground-restored": AT }, after: FREE },
      ["part"],
    ],
    [
      "two red wires of two posts",
      {
        steps: [step("a", "key", true)],
        wires: ["Run", "Start"].map((post) => ({ mark: "Red", post, backAt: AT })),
        seenTo: { ...KEY_TRAPS, "wires-clear": AT },
        after: FREE,
      },
      ["same-mark"],
    ],
    ["not turned by hand", { steps: [step("a", "key", true)], seenTo: KEY_TRAPS }, ["turn-not-felt"]],
    [
      "does not turn free",
      { steps: [step("a", "key", true)], seenTo: KEY_TRAPS, after: { ...NOTHING_FELT, turn: "rough" as const } },
      ["does-not-turn-free"],
    ],
    ["nothing", { steps: [step("a", "key", true)], seenTo: KEY_TRAPS, after: FREE }, []],
  ] as const)("%s keeps it from closing", (_what, part, kinds) => {
    // A moment of closing in the record does not close it over what is left.
    const { detail, own } = ledger({ ...(part as object), closedAt: AT });
    expect(detail.lacks.map(({ kind }) => kind)).toEqual(kinds);
    expect(detail.state).toBe(kinds.length === 0 ? "closed" : "apart");
    expect(own.stamp).toBe(kinds.length === 0 ? "holds" : "open");
  });
  test("while it lies open power is not given, there is no live test, and putting it back comes next", () => {
    const back: Parts = { "power-back": { steps: {}, restoredAt: "2026-11-25T12:00:00.000Z" } };
    const shut = ledger({ steps: [step("a", "key", false)] }).assessment;
    expect(shut.facts).toMatchObject({ isApart: true, power: "dead" });
    expect(shut.stations["power-back"].detail).toMatchObject({ isApart: true, isLive: false });
    // Given all the same it is live, and said to be.
    const open = ledger({ steps: [step("a", "key", false)] }, back).assessment;
    expect(open.facts).toMatchObject({ isApart: true, power: "live" });
    const next = open.next;
    if (next.kind === "move" && next.move.kind !== "decide") expect(["dead", "either"]).toContain(stationOf(next.station).definition.power);
    const decided = ledger(
      { steps: [step("a", "key", false)] },
      { ...back, decide: { action: "replace-bearings", reason: "x" } },
    ).assessment;
    // Nothing goes back with power on it.
    expect(decided.next.station).toBe("make-safe");
    const closed = ledger(
      { steps: [step("a", "key", true)], seenTo: KEY_TRAPS, after: FREE, closedAt: AT },
      { ...back, decide: { action: "replace-bearings", reason: "x" } },
    ).assessment;
    expect(closed.facts).toMatchObject({ isApart: false, power: "live" });
    // Nothing says that the bearings are in.
    expect(closed.next.station).toBe("make-safe");
    const fitted = { ...STATIONS["out-in"].blank, works: { "replace-bearings": { ...BLANK_EXCHANGE, fittedAt: AT } } };
    const done = ledger(
      { steps: [step("a", "key", true)], seenTo: KEY_TRAPS, after: FREE, closedAt: AT },
      { decide: { action: "replace-bearings", reason: "x" }, "out-in": fitted },
    ).assessment;
    expect(done.next.station).toBe("frame");
  });
  test("work that opens the motor asks for the ledger first; a capacitor does not", () => {
    const after = (action: "replace-bearings" | "replace-run-capacitor") =>
      assessParts({ ...FAN, ...SAFE, decide: { action, reason: "x" } }).next.station;
    expect(after("replace-bearings")).toBe("take-apart");
    expect(after("replace-run-capacitor")).toBe("out-in");
  });
  test("prompts come with the part; oil holes only where a sleeve may be", () => {
    expect(trapsBefore("wheel")).toContain("left-hand-thread");
    expect(trapsBefore("cover")).toEqual([]);
    const { blank } = STATIONS.bearing;
    const balls: Parts = {
      bearing: {
        ends: {
          "drive-end": { ...blank.ends["drive-end"], stamped: "6203" },
          "other-end": { ...blank.ends["other-end"], stamped: "6203" },
        },
      },
    };
    const bell = { steps: [step("a", "end-bell", false)] };
    expect(ledger(bell).detail.during).toContain("oil-hole-up");
    expect(ledger(bell, balls).detail.during).not.toContain("oil-hole-up");
  });
});

describe("follow-ups", () => {
  test.each([
    [{ on: "2027-02-01" }, "2027-02-01"],
    [{ after: null, months: 6 }, "2027-05-25"],
    [{ after: "2026-01-31", months: 1 }, "2026-02-28"],
    [{ after: "2026-08-31", months: 6 }, "2027-02-28"],
    [{ after: "2027-12-15", months: 1 }, "2028-01-15"],
    [{ after: "2026-10-20", days: 14 }, "2026-11-03"],
    [{ after: null, days: 90 }, "2027-02-23"],
  ])("%j falls on %s", (when, on) => expect(dueOn({ kind: "oil-bearings", when }, "2026-11-25")).toBe(on));
  test("a capacitor that was replaced is not looked at again; bearings are kept all the same", () => {
    const recheck = { kind: "recheck-capacitor", when: { after: null, days: 90 } } as const;
    expect(isStillDue(recheck, [null, "replace-run-capacitor"])).toBe(false);
    expect(isStillDue(recheck, ["no-repair", null])).toBe(true);
    expect(isStillDue({ ...recheck, kind: "oil-bearings" }, ["replace-run-capacitor"])).toBe(true);
    expect(isStillDue({ ...recheck, kind: "oil-bearings" }, ["replace-motor"])).toBe(false);
  });
  test("a too-close capacitor asks by the house's days; a house that replaces it asks nothing", () => {
    const close: Parts = {
      ...FAN,
      ...SAFE,
      capacitor: { label: "17.5 µF ±6 % 440 V", readings: [read("16.56", "capacitance")], isIsolated: true },
    };
    expect(assessParts(close).stations.capacitor.due).toEqual([{ kind: "recheck-capacitor", when: { after: null, days: 90 } }]);
    expect(assessParts(close, toHouseFigures({ tooCloseReplace: "replace" })).stations.capacitor.due).toEqual([]);
  });
});
