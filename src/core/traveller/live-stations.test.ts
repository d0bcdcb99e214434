import { assessTraveller, type StationEntries } from ".";
import { NO_STUDY } from "../study";
import { NO_FACTS, type Facts } from "../facts";
import { DEFAULT_METER, toHouseFigures } from "../house";
import { NO_RUN_ENTRIES, speedBySlipCount } from "../motor";
import { takeReading, type Entry, type Quantity } from "../quantity";
import { STATIONS, type StationData, type StationId } from "../stations";
import { proveStation, type ProveRecord } from "../stations/prove";
import { type RunEntries } from "../motor/run-entries";
import { countedSpeed, suspectLikelihoods } from "../stations/run-test";
import { BLANK_RUN_TEST } from "../stations/run-test/record";
import { withModel } from "../stations/run-test/measured";
import { supplyStation, type SupplyRecord } from "../stations/supply";

const HOUSE = toHouseFigures({});
const AT = "2026-11-25T08:00:00.000Z";
const read = (text: string, quantity: Quantity): Entry => takeReading(text, quantity, DEFAULT_METER, AT).entry;
const context = (facts: Partial<Facts> = {}) => ({
  facts: { ...NO_FACTS, ...facts },
  house: HOUSE,
  earlier: [],
  study: NO_STUDY,
  findings: [],
});

const entriesWith = (data: Partial<Record<StationId, Record<string, unknown>>>) =>
  Object.fromEntries(
    Object.entries(data).map(([id, each]) => [id, { data: { ...STATIONS[id as StationId].blank, ...each }, skippedReason: null }]),
  ) as StationEntries;
const whole = (data: Partial<Record<StationId, Record<string, unknown>>>) => assessTraveller(entriesWith(data), HOUSE);

describe("it does not run, and nobody said whether it hums", () => {
  const plate = { motorType: "psc", machineKind: "fan", volts: "230" };
  const said = (complaints: string[], more: Partial<Record<StationId, Record<string, unknown>>> = {}, words = "") =>
    whole({ complaint: { complaints, said: words }, plate, ...more });
  test("before its first power it is looked at and measured to the frame; then it is switched on once to listen", () => {
    expect(said(["does-not-run"])).toMatchObject({
      next: { kind: "before-power", test: "look", station: "look" },
      stateChange: "make-safe",
    });
    const seen = said(["does-not-run"], { look: { nothingFound: true } });
    expect(seen).toMatchObject({ next: { kind: "before-power", test: "frame-ohms", station: "frame" } });
    const skipped = (id: StationId) => ({ [id]: { data: STATIONS[id].blank, skippedReason: "no access" } });
    const shut = assessTraveller(
      { ...entriesWith({ complaint: { complaints: ["does-not-run"] }, plate }), ...skipped("look"), ...skipped("frame") },
      HOUSE,
    );
    expect(shut).toMatchObject({ next: { kind: "listen", station: "run-test", method: "run" }, stateChange: null });
  });
  test.each([
    ["said with its time", ["does-not-run", "trips-at-start"], ""],
    ["only in the person's words", ["does-not-run"], "not blowing, popped the breaker once"],
  ])("what trips is looked at instead: %s", (_, complaints, words) => {
    expect(said(complaints, {}, words)).toMatchObject({ next: { kind: "look-first", station: "look" }, stateChange: "make-safe" });
  });
  test("what was said more exactly, was listened to, or bears a finding, goes by what tells most", () => {
    expect(said(["hums-no-start"]).next.kind).toBe("move");
    expect(said(["does-not-run"], { "run-test": { behaviour: "hums" } }).next.kind).toBe("move");
    expect(said(["does-not-run"], { "hand-turn": { turn: "seized" } }).next).not.toMatchObject({ kind: "listen" });
  });
  test.each([
    ["hums", "hums-no-start"],
    ["dead", "dead"],
    ["only-pushed", "starts-with-push"],
    ["starts", "does-not-run"],
  ])("what is heard takes its place: %s", (behaviour, complaint) => {
    const { facts, findings } = said(["does-not-run"], { "run-test": { behaviour } });
    expect(facts.complaints).toEqual([complaint]);
    // Heard once, it is not counted twice.
    expect(findings.filter(({ test: id }) => id === "start-time")).toHaveLength(behaviour === "only-pushed" ? 1 : 0);
  });
});

describe("a plate of two connections", () => {
  const plate = { motorType: "cap-start", volts: "115/208-230", amps: "13.4/6.7", hertz: "60", rpm: "1725" };
  const at = (standing: string, picks: { connection: number | null } = { connection: null }) =>
    whole({ plate: { ...plate, picks: { hertz: null, speed: null, ...picks } }, supply: { standing: read(standing, "voltage") } });
  test.each([
    ["118", 115, 13.4],
    ["236", 219, 6.7],
    ["210", 219, 6.7],
  ])("%s V at the motor tells which, with its amps", (volts, supplyV, fullLoadA) => {
    expect(at(volts).facts).toMatchObject({ supplyV, fullLoadA });
  });
  test.each(["160", "300"])("%s V belongs to neither: nothing is concluded", (volts) => {
    const { facts, stations } = at(volts);
    expect(facts).toMatchObject({ supplyV: null, fullLoadA: null });
    expect(stations.supply).toMatchObject({ findings: [], detail: { outcome: null, isConnectionOpen: true } });
  });
  test("what a person picked stands, and the supply is held against its whole band", () => {
    expect(at("118", { connection: 1 }).stations.supply).toMatchObject({
      stamp: "out",
      detail: { outcome: "low", lowV: expect.closeTo(187.2, 6) as number },
    });
    expect(at("250", { connection: 1 }).stations.supply.detail).toMatchObject({
      outcome: "standing",
      highV: expect.closeTo(253, 6) as number,
    });
    expect(at("196", { connection: 1 }).stations.supply.detail).toMatchObject({ outcome: "standing" });
  });
});

describe("figures of the supply and the run that look like slips", () => {
  const plate = { motorType: "psc", volts: "230", hertz: "60", amps: "4.4", rpm: "1075" };
  test.each([
    ["23.1", "231"],
    ["2310", "231.0"],
  ])("%s V standing: %s", (typed, meant) => {
    const { stations } = whole({ plate, supply: { standing: read(typed, "voltage") } });
    expect(stations.supply).toMatchObject({ stamp: "unsure", findings: [], detail: { slips: { standing: { text: meant } } } });
  });
  test.each(["0.4", "2", "196", "118"])("%s V is a finding", (typed) => {
    expect(whole({ plate, supply: { standing: read(typed, "voltage") } }).stations.supply.stamp).toBe("out");
  });
  test.each([
    ["lineAmps", "43", "current", "starts", "4.3"],
    ["lineAmps", "0.43", "current", "starts", "4.3"],
    ["lineAmps", "180", "current", "hums", "18.0"],
    ["speed", "10750", "speed", "starts", "1075.0"],
    ["speed", "1400", "speed", "starts", "1040"],
    ["speed", "2400", "speed", "starts", "2400"],
  ] as const)("%s %s, %s, on a motor that %s: %s", (field, typed, quantity, behaviour, meant) => {
    const { stations } = whole({ plate, "run-test": { behaviour, [field]: read(typed, quantity) } });
    expect(stations["run-test"].stamp).toBe("unsure");
    expect((stations["run-test"].detail as { slips: Record<string, { text: string }> }).slips[field]?.text).toBe(meant);
  });
  test.each([
    ["9.8", "starts"],
    ["2", "starts"],
    ["24", "hums"],
  ] as const)("%s A on a motor that %s is believed", (typed, behaviour) => {
    const { stations } = whole({ plate, "run-test": { behaviour, lineAmps: read(typed, "current") } });
    expect((stations["run-test"].detail as { slips: object }).slips).toEqual({});
  });
  test("a relay coil without its k", () => {
    const relay = { isUnplugged: true, coil: read("8.7", "resistance"), contact: read("0.2", "resistance") };
    const { stations } = whole({ plate, "start-gear": { sort: "potential-relay", relay } });
    expect(stations["start-gear"]).toMatchObject({ stamp: "unsure", findings: [], detail: { coilSlip: { text: "8.7k" } } });
    const sure = { ...relay, coil: { ...relay.coil, isSure: true } };
    expect(whole({ plate, "start-gear": { sort: "potential-relay", relay: sure } }).stations["start-gear"].stamp).toBe("out");
  });
  test("three leads: the figure that would add up", () => {
    const posts = STATIONS.windings.blank.posts;
    const pairs = [
      [0, 1, "10.2"],
      [1, 2, "46"],
      [0, 2, "25.8"],
    ].map(([a, b, text]) => ({ a, b, entry: read(String(text), "resistance") }));
    const { stations } = whole({ plate, windings: { posts, pairs } });
    expect(stations.windings).toMatchObject({ stamp: "unsure", findings: [] });
    expect(stations.windings.detail.slips).toMatchObject([
      { pair: [0, 1], slip: { text: "20.2", kind: "digit" } },
      { pair: [1, 2], slip: { text: "36", kind: "digit" } },
      { pair: [0, 2], slip: { text: "35.8", kind: "digit" } },
    ]);
  });
});

describe("supply", () => {
  const at = (
    volts: Partial<Record<"standing" | "starting" | "atDisconnect", string>>,
    rest: Partial<SupplyRecord> = {},
    supplyV: number | null = 230,
  ) => {
    const figures = Object.fromEntries(Object.entries(volts).map(([field, text]) => [field, read(text, "voltage")]));
    return supplyStation.assess({ ...supplyStation.blank, ...figures, ...rest }, context({ supplyV }));
  };
  test.each([
    ["good", { standing: "229", starting: "224" }, {}, "holds", "good"],
    ["low standing", { standing: "196" }, {}, "out", "low"],
    ["falls below its band", { standing: "212", starting: "171" }, {}, "out", "sags"],
    ["falls too far, though still in its band", { standing: "250", starting: "214" }, {}, "out", "sags"],
    ["nothing there", { standing: "0.4" }, {}, "out", "absent"],
    ["nothing there, and nothing asks", { standing: "0.4" }, { call: "no-call" }, "out", "no-call"],
    ["an interlock is open", {}, { interlock: "open" }, "out", "no-call"],
    ["lost on the way", { standing: "1", atDisconnect: "231" }, {}, "out", "lost"],
  ] as const)("%s", (_, volts, rest, stamp, outcome) => {
    const found = at(volts, rest as Partial<SupplyRecord>);
    expect([found.stamp, found.detail.outcome]).toEqual([stamp, outcome]);
    expect(found.findings[0]).toMatchObject({ test: "supply-voltage", weights: { [outcome]: expect.closeTo(1, 6) as number } });
  });
  test("a figure at the edge of the band splits its weight", () => {
    const { stamp, findings } = at({ standing: "207" });
    expect(stamp).toBe("too-close");
    expect(Object.keys(findings[0]?.weights ?? {}).sort()).toEqual(["good", "low"]);
  });
  test("volts above the band are out, and no fault of the motor", () => {
    expect(at({ standing: "262" })).toMatchObject({ stamp: "out", findings: [] });
  });
  test("a bridged interlock is out, whatever the volts", () => {
    expect(at({ standing: "230" }, { interlock: "defeated" }).stamp).toBe("out");
  });
  test("without a plate only what is absent is judged", () => {
    expect(at({ standing: "118" }, {}, null)).toMatchObject({ stamp: "noted" });
    expect(at({ standing: "3" }, {}, null).detail.outcome).toBe("absent");
  });
  test("control alone is noted, and the volts stay open", () => {
    expect(at({}, { call: "calls" })).toMatchObject({ stamp: "noted", openTests: ["supply-voltage"], findings: [] });
  });
});

describe("proof", () => {
  const figures = (texts: Partial<Record<"lineAmps" | "startAmps", string>>): RunEntries => ({
    ...NO_RUN_ENTRIES,
    ...Object.fromEntries(Object.entries(texts).map(([field, text]) => [field, read(text, "current")])),
  });
  const prove = (record: Partial<ProveRecord>, facts: Partial<Facts> = {}) =>
    proveStation.assess({ ...proveStation.blank, ...record }, context({ fullLoadA: 2, action: "replace-run-capacitor", ...facts }));
  test.each([
    ["amps still out", { after: figures({ lineAmps: "2.6" }) }, {}, ["amps-out"]],
    [
      "too high before, no lower now",
      { before: figures({ lineAmps: "2.4" }), after: figures({ lineAmps: "2.38" }) },
      {},
      ["amps-out", "no-better"],
    ],
    ["does not start", { afterBehaviour: "hums" }, {}, ["does-not-start"]],
    [
      "the start winding does not notice",
      { before: figures({ startAmps: "0.9" }), after: figures({ startAmps: "0.91" }) },
      {},
      ["capacitor-not-felt"],
    ],
    [
      "it still squeals after new bearings",
      { afterNoises: ["squeal"] },
      { action: "replace-bearings", complaints: ["squeals"] },
      ["noise-stays"],
    ],
    ["another noise is another matter", { afterNoises: ["hum"] }, { action: "replace-bearings", complaints: ["squeals"] }, []],
    ["better", { before: figures({ lineAmps: "2.6", startAmps: "0.8" }), after: figures({ lineAmps: "1.9", startAmps: "1.3" }) }, {}, []],
  ] as const)("%s", (_, record, facts, doubts) => {
    const { detail, stamp } = prove(record as unknown as Partial<ProveRecord>, facts as unknown as Partial<Facts>);
    expect(detail.doubts).toEqual(doubts);
    expect(stamp === "out").toBe(doubts.length > 0);
  });
  test("the run test's figures stand before, unless others are keyed", () => {
    const runFound = { lineAmps: read("2.6", "current"), speed: read("1380", "speed") };
    const { detail } = prove({ after: figures({ lineAmps: "1.9" }) }, { runFound });
    expect(detail.rows.find(({ field }) => field === "speed")).toMatchObject({ before: 1380, isFromRunTest: true, change: null });
    expect(detail.rows.find(({ field }) => field === "lineAmps")).toMatchObject({ before: 2.6, after: 1.9, change: "less" });
  });
});

describe("figures weighed by the model", () => {
  const likelihoods = [
    { fault: null, likelihood: 0.1 },
    { fault: "run-capacitor-weak", likelihood: 1 },
    { fault: "run-capacitor-large", likelihood: 0.2 },
    { fault: "bearings-tight", likelihood: 0.5 },
  ] as const;
  test("a suspect's faults are averaged by how often it is each, and mixed with what does not show", () => {
    const found = suspectLikelihoods({ likelihoods });
    expect(found?.["no-fault"]).toBe(0.1);
    expect(found?.["run-capacitor"]).toBeCloseTo(0.95 * ((5 * 1 + 0.2) / 6) + 0.05 * 0.1, 9);
    expect(found?.["bearing-worn"]).toBeCloseTo(0.4 * 0.5 + 0.6 * 0.1, 9);
    expect(found?.control).toBeUndefined();
  });
  test("the most telling figure carries the weight, the others are told and weigh nothing", () => {
    const weighed = withModel(
      [
        { test: "run-amps", weights: { "near-plate": 1 } },
        { test: "start-winding-amps", weights: { low: 1 } },
        { test: "noise", weights: { hum: 1 } },
      ],
      { likelihoods, unexplained: [] } as unknown as Parameters<typeof withModel>[1],
    );
    expect(weighed.find(({ test: id }) => id === "start-winding-amps")?.measured).toMatchObject({ "no-fault": 0.1 });
    expect(weighed.find(({ test: id }) => id === "run-amps")?.measured).toEqual({});
    expect(weighed.find(({ test: id }) => id === "noise")?.measured).toBeUndefined();
  });
});

describe("speed by slip count", () => {
  test.each([
    [25, 20, 50, 4, 1425],
    [30, 20, 60, 4, 1710],
    [0, 10, 50, 6, 1000],
    [900, 10, 50, 4, null],
    [5, 0, 50, 4, null],
  ])("%d turns in %d s at %d Hz, %d poles: %s rpm", (turns, seconds, hz, poles, rpm) => {
    expect(speedBySlipCount(turns, seconds, hz, poles)).toBe(rpm);
  });
  test("needs the plate for its poles", () => {
    const record = { ...BLANK_RUN_TEST, slipTurns: "25", slipSeconds: "20" };
    expect(countedSpeed(record, { ...NO_FACTS, fullLoadRpm: 1420, frequencyHz: 50 })?.value).toBe(1425);
    expect(countedSpeed(record, NO_FACTS)).toBeNull();
  });
});

describe("the second capacitor, the decision and the age", () => {
  const entries = (data: { readonly [Id in StationId]?: Partial<StationData<Id>> }): StationEntries =>
    Object.fromEntries(
      Object.entries(data).map(([id, part]) => [
        id,
        { skippedReason: null, data: { ...(STATIONS[id as StationId].blank as object), ...part } },
      ]),
    ) as StationEntries;
  test("a motor with two parts asks for both, and each speaks for itself", () => {
    const first = { label: "16 µF ±5% 450 V", readings: [read("15.9", "capacitance")], isIsolated: true };
    const plate = { motorType: "cap-start-run" as const, volts: "230" };
    const one = assessTraveller(entries({ plate, capacitor: first }), HOUSE);
    expect(one.stations.capacitor.openTests).toContain("capacitor-meter");
    const second = {
      ...STATIONS.capacitor.blank.second,
      label: "189-227 µF 250 V",
      readings: [read("92", "capacitance")],
      isIsolated: true,
    };
    const both = assessTraveller(entries({ plate, capacitor: { ...first, second } }), HOUSE);
    expect(both.stations.capacitor).toMatchObject({ stamp: "out", openTests: [] });
    expect(both.standing.suspects[0]?.suspect).toBe("start-capacitor");
  });
  test("a burnt winding beside a failed capacitor asks for insulation before it is only swapped", () => {
    const found = assessTraveller(
      entries({
        complaint: { complaints: ["burning-smell"] },
        plate: { motorType: "psc" },
        capacitor: { label: "16 µF ±5% 450 V", readings: [read("3", "capacitance")], isIsolated: true },
        decide: { action: "replace-run-capacitor", reason: "far out" },
      }),
      HOUSE,
    );
    expect(found.stations.decide.detail.unchecked).toEqual(["winding-ohms", "frame-ohms", "insulation"]);
  });
  test.each([
    ["8", 8],
    ["12 years", 12],
    ["", null],
    ["old", null],
  ])("age “%s” is %s", (age, years) => {
    expect(assessTraveller(entries({ plate: { motorType: "psc", age } }), HOUSE).facts.ageYears).toBe(years);
  });
});
