import { NO_FACTS } from "../facts";
import type { EarlierVisit } from "../station";
import * as v from "valibot";
import { DEFAULT_METER, toHouseFigures } from "../house";
import { takeReading, type Entry, type Quantity } from "../quantity";
import { assessTraveller, type StationEntries, type TravellerAssessment } from ".";
import { BLANK_INSULATION, insulationStation, type InsulationRecord } from "../stations/insulation";
import { BLANK_START_GEAR, startGearStation, type StartGearRecord } from "../stations/start-gear";
import { STATIONS } from "../stations/registry";
import { studyNow } from "../study/answer";
import { BLANK_WINDINGS, pairsOf, windingsStation, type WindingsRecord } from "../stations/windings";

const HOUSE = toHouseFigures({});
const AT = "2026-11-23T10:00:00.000Z";
const read = (text: string, quantity: Quantity): Entry => takeReading(text, quantity, DEFAULT_METER, AT).entry;
const ohms = (text: string): Entry => read(text, "resistance");

/** Posts by letter, readings as "AB 12.0". */
function board(names: string, readings: readonly string[], rest: Partial<WindingsRecord> = {}): WindingsRecord {
  const posts = [...names].map((name, index) => ({ name, mark: null, x: index / 12, y: 0.5 }));
  const at = (letter: string): number => (letter === "=" ? posts.length : names.indexOf(letter));
  const pairs = readings.map((text) => {
    const [ends = "", shown = ""] = text.split(" ");
    return { a: at(ends[0] ?? ""), b: at(ends[1] ?? ""), entry: shown.endsWith("uF") ? read(shown, "capacitance") : ohms(shown) };
  });
  return { ...BLANK_WINDINGS, posts, pairs, ...rest };
}
const entries = (data: Partial<Record<keyof StationEntries, unknown>>): StationEntries =>
  Object.fromEntries(Object.entries(data).map(([id, each]) => [id, { data: each, skippedReason: null }]));
const assess = (
  windings: WindingsRecord,
  more: Partial<Record<keyof StationEntries, unknown>> = {},
  earlier: readonly EarlierVisit[] = [],
): TravellerAssessment =>
  assessTraveller(
    entries({ windings, ...more, ...(more.plate ? { plate: { ...STATIONS.plate.blank, ...more.plate } } : {}) }),
    HOUSE,
    earlier,
    studyNow,
  );

const BLOWER = ["AB 12.0", "BC 5.4", "CD 5.4", "AC 17.2", "AE 31.2", "AD 22.4"];

describe("windings on any board", () => {
  test("a blower is named, its facts handed on", () => {
    const { stations, facts } = assess(board("ABCDE", [...BLOWER, "BE 43.1", "DE 53.4"]), {
      plate: { motorType: "psc", machineKind: "blower" },
    });
    expect(stations.windings.stamp).toBe("holds");
    expect(stations.windings.detail).toMatchObject({
      measured: 8,
      pairs: 10,
      roles: [["C"], ["HI"], ["MED"], ["LO"], ["CAP"]],
      isWorking: false,
    });
    expect(stations.windings.findings).toEqual([{ test: "winding-ohms", weights: { good: expect.closeTo(1, 1) as number } }]);
    expect(facts).toMatchObject({ leadNames: ["A", "B", "C", "D", "E"], windingGroups: ["all"] });
    expect(stations.windings.working.length).toBeGreaterThan(5);
  });
  test("while the answer is worked out the station is open, and says so", () => {
    const { stations } = assessTraveller(entries({ windings: board("ABCDE", BLOWER) }), HOUSE);
    expect(stations.windings).toMatchObject({ stamp: "not-done", detail: { isWorking: true, board: null } });
  });
  test("windings that share no post are rows of their own in the lattice", () => {
    const separate = board("ABCD", ["AB 3.1", "CD 9.2", "AC OL", "AD OL", "BC OL", "BD OL"]);
    const { facts, stations } = assess(separate, { plate: { motorType: "cap-start", machineKind: "pump" } });
    expect(facts.windingGroups).toEqual(["main", "start"]);
    const cells = stations.insulation.detail.cells.map(({ a, b }) => `${a} ${b}`);
    expect(cells).toEqual(["main start", "main frame", "start frame"]);
  });
  test("a contradiction names its pair, and gives no finding", () => {
    const { stations } = assess(board("ABCDE", [...BLOWER, "BE 24.0", "DE 53.4"]));
    expect(stations.windings).toMatchObject({
      stamp: "contradicts",
      findings: [],
      detail: { board: { state: "contradiction" }, misfits: [[1, 4]] },
    });
  });
  test("a post to the frame is a ground fault", () => {
    const { stations, standing } = assess(
      board("CRS", ["CR 9.0", "CS 22.6", "RS 31.4", "C= 62", "R= 53.1", "S= 84.5"], { hasFrame: true }),
    );
    expect(stations.windings.stamp).toBe("out");
    expect(standing.suspects[0]?.suspect).toBe("ground-fault");
  });
  test.each([
    [[0, 2], false, true],
    [[0, 3], false, false],
    [[0, 3], true, true],
    [[1, 1], true, false],
  ] as const)("a kept pair %j on three posts, frame %s: %s", ([a, b], hasFrame, isGood) => {
    const record = { ...board("ABC", []), hasFrame, pairs: [{ a, b, entry: ohms("9.0") }] };
    expect(v.is(windingsStation.schema, record)).toBe(isGood);
  });
  test("pairs of a board with its frame", () => {
    expect(pairsOf({ posts: board("ABC", []).posts, hasFrame: true })).toEqual([
      [0, 1],
      [0, 2],
      [0, 3],
      [1, 2],
      [1, 3],
      [2, 3],
    ]);
  });
});

describe("readings worth a second look", () => {
  const doubts = (record: WindingsRecord) => assess(record).stations.windings.detail;
  test.each([
    ["a k too many", board("ABC", ["AB 8.9", "BC 31.4k", "AC 22.6"]), "thousand-times", [1, 2]],
    ["a capacitor still connected", board("ABC", ["AB 8.9", "BC 400k", "AC 22.6"]), "capacitor-or-coil", [1, 2]],
    ["less than the test leads", board("ABC", ["AB 0.1", "BC 31.4", "AC 22.6"], { testLeads: ohms("0.9") }), "below-leads", [0, 1]],
    ["the same figure twice", board("ABC", ["AB 8.9", "BC 22.6", "AC 22.6"]), null, null],
    ["a figure keyed on a second pair", board("ABCDE", [...BLOWER, "BE 31.2", "DE 53.4"]), "same-figure", [1, 4]],
  ] as const)("%s", (_, record, code, pair) => {
    const found = doubts(record).doubts;
    if (code === null) expect(found.map((each) => each.code)).not.toContain("thousand-times");
    else expect(found).toContainEqual(expect.objectContaining({ code, pair }));
  });
});

describe("at one temperature", () => {
  const now = (ohm: string, temperature = "20"): WindingsRecord =>
    board("CRS", ["CR 9.0", `CS ${ohm}`, "RS 31.4"], {
      compare: { ...BLANK_WINDINGS.compare, temperature: read(temperature, "temperature") },
    });
  const before: EarlierVisit[] = [{ at: "2025-11-23T10:00:00.000Z", records: { windings: now("22.6") } }];
  test("each winding is compared with the last visit", () => {
    const detail = assess(now("22.5"), {}, before).stations.windings.detail;
    expect(detail.comparisons).toHaveLength(2);
    expect(detail.comparisons.every((found) => found.with === "earlier" && found.shortedTurns === "none")).toBe(true);
  });
  test("a winding that lost a tenth is out, and speaks for shorted turns", () => {
    const lost = board("CRS", ["CR 9.0", "CS 20.1", "RS 28.9"], {
      compare: { ...BLANK_WINDINGS.compare, temperature: read("20", "temperature") },
    });
    const { stations, standing } = assess(lost, {}, before);
    expect(stations.windings.stamp).toBe("out");
    expect(stations.windings.findings).toEqual([{ test: "winding-ohms", weights: { shorted: 1 } }]);
    expect(standing.suspects[0]?.suspect).toBe("shorted-turns");
  });
  test("the maker's figure is compared by role", () => {
    const compare = {
      ...BLANK_WINDINGS.compare,
      temperature: read("20", "temperature"),
      referenceOf: "maker" as const,
      referenceMain: "8.8",
      referenceC: "20",
    };
    const detail = assess(board("CRS", ["CR 9.0", "CS 22.6", "RS 31.4"], { compare })).stations.windings.detail;
    expect(detail).toMatchObject({ comparisons: [{ with: "maker", what: "main", shortedTurns: "none" }] });
  });
  test("rise by resistance, against the class of the plate", () => {
    const compare = {
      ...BLANK_WINDINGS.compare,
      temperature: read("20", "temperature"),
      hot: ohms("12.9"),
      ambient: read("24", "temperature"),
    };
    const hot = board("CRS", ["CR 9.0", "CS 22.6", "RS 31.4"], { compare });
    const { stations } = assess(hot, { plate: { motorType: "psc", machineKind: "fan", insulationClass: "A" } });
    expect(stations.windings.detail).toMatchObject({
      hotRun: { windingC: expect.closeTo(133, 0) as number, riseK: expect.closeTo(109, 0) as number, limitC: 105 },
    });
    expect(stations.windings.stamp).toBe("out");
  });
  // The class limits the hot spot; a winding is 10 K hotter there than its mean by resistance.
  test.each([
    ["A", 94, "usual"],
    ["A", 96, "hot"],
    ["B", 119, "usual"],
    ["B", 121, "hot"],
    ["H", 169, "usual"],
    ["H", 171, "hot"],
  ] as const)("class %s at a mean of %d °C is %s", (insulationClass, meanC, outcome) => {
    const lead = HOUSE.leadResistanceOhm;
    const hotOhm = lead + ((9 - lead) * (234.5 + meanC)) / (234.5 + 20);
    const compare = { ...BLANK_WINDINGS.compare, temperature: read("20", "temperature"), hot: ohms(hotOhm.toFixed(3)) };
    const { stations } = assess(board("CRS", ["CR 9.0", "CS 22.6", "RS 31.4"], { compare }), {
      plate: { motorType: "psc", machineKind: "fan", insulationClass },
    });
    expect(stations.windings.findings).toContainEqual({ test: "temperature", weights: { [outcome]: 1 } });
    expect(stations.windings.stamp === "out").toBe(outcome === "hot");
  });
});

describe("insulation", () => {
  const PROVEN = {
    together: read("0", "insulation"),
    apart: read("OL", "insulation"),
    isDisconnected: true,
    temperature: read("40", "temperature"),
  };
  const cell = (text: string, record: Partial<InsulationRecord> = {}, facts = {}, earlier: readonly EarlierVisit[] = []) =>
    insulationStation.assess(
      { ...BLANK_INSULATION, ...PROVEN, cells: [{ a: "all", b: "frame", entry: read(text, "insulation") }], ...record },
      { facts: { ...NO_FACTS, ...facts }, house: HOUSE, earlier, study: studyNow, findings: [] },
    );
  test.each([
    ["42", "holds"],
    ["42M", "holds"],
    [">550M", "holds"],
    ["OL", "holds"],
    ["∞", "holds"],
    ["2.2G", "holds"],
    ["0.3", "out"],
    ["300k", "out"],
    ["1.02", "too-close"],
    [">0.5", "too-close"],
  ])("%s MΩ at 40 °C: %s", (text, stamp) => expect(cell(text).stamp).toBe(stamp));
  test.each([
    ["a compressor in a vacuum", { isInVacuum: true }, "in-vacuum", "not-done"],
    ["electronics still connected", { isDisconnected: false }, "not-disconnected", "not-done"],
    ["a tester that does not read zero", { together: read("3", "insulation") }, "tester-faulty", "not-done"],
    ["a tester that reads little when apart", { apart: read("12", "insulation") }, "tester-faulty", "not-done"],
    ["a tester nobody proved", { together: null }, "tester-unproven", "noted"],
    ["nobody said that capacitors are off", { isDisconnected: null }, "not-asked", "noted"],
  ] as const)("%s", (_, record, bar, stamp) => {
    const found = cell("42", record);
    expect(found.detail.bars).toContain(bar);
    expect(found.stamp).toBe(stamp);
    if (stamp === "not-done") expect(found.findings).toEqual([]);
  });
  test("windings that stand apart are picked by hand where nothing says so", () => {
    expect(cell("42", { joining: "halves" }).detail.groups).toEqual(["half-1", "half-2", "start"]);
    expect(cell("42", { joining: "halves" }).detail.cells).toHaveLength(6);
  });
  test("in a vacuum the test is not proposed either", () => expect(cell("42", { isInVacuum: true }).openTests).toEqual([]));
  test("a fall to a fifth is told however high the figure still is", () => {
    const before: EarlierVisit[] = [
      {
        at: "2025-11-23T10:00:00.000Z",
        records: { insulation: { ...BLANK_INSULATION, ...PROVEN, cells: [{ a: "all", b: "frame", entry: read("300", "insulation") }] } },
      },
    ];
    const found = cell("21", {}, {}, before);
    expect(found.stamp).toBe("too-close");
    expect(found.detail.worst).toMatchObject({ trend: "collapsing", verdict: { decision: "holds" } });
    expect(found.findings).toEqual([{ test: "insulation", weights: { watch: 1 } }]);
  });
  test("a hermetic motor has its own bands unless another rule is taken", () => {
    const facts = { machineKind: "hermetic-compressor" };
    expect(cell("9", { isInVacuum: false }, facts)).toMatchObject({ stamp: "too-close", detail: { rule: "hermetic", limitMegohm: 2 } });
    expect(cell("9", { isInVacuum: false, rule: "plain" }, facts)).toMatchObject({
      stamp: "holds",
      detail: { rule: "plain", limitMegohm: 1 },
    });
  });
});

describe("start gear", () => {
  const gear = (record: Partial<StartGearRecord>, facts = {}) =>
    startGearStation.assess(
      { ...BLANK_START_GEAR, ...record },
      { facts: { ...NO_FACTS, ...facts }, house: HOUSE, earlier: [], study: studyNow, findings: [] },
    );
  const SWITCH = { ...BLANK_START_GEAR.switch, atRest: ohms("0.3"), actuated: ohms("OL") };
  test.each([
    ["works", { switch: SWITCH }, "holds", "works"],
    ["no click on stopping", { switch: { ...SWITCH, clicksBack: false } }, "too-close", null],
    ["welded", { switch: { ...SWITCH, actuated: ohms("0.3") } }, "out", "welded"],
    ["cover not seated", { switch: { ...SWITCH, atRest: ohms("OL"), isCoverSeated: false } }, "out", "not-pressed"],
  ] as const)("switch %s", (_, record, stamp, outcome) => {
    const found = gear({ sort: "switch", ...record });
    expect(found.stamp).toBe(stamp);
    expect(found.findings).toEqual(outcome ? [{ test: "switch-ohms", weights: { [outcome]: 1 } }] : []);
  });
  test("a relay measured in its circuit is not sound yet", () => {
    const relay = { coil: ohms("8.2k"), contact: ohms("0.3"), isUnplugged: false };
    expect(gear({ sort: "potential-relay", relay })).toMatchObject({ stamp: "not-done", findings: [], detail: { isPluggedIn: true } });
    // Nor one of which nobody said whether it was unplugged, however it reads.
    const unsaid = gear({ sort: "potential-relay", relay: { coil: ohms("OL"), contact: ohms("OL"), isUnplugged: null } });
    expect(unsaid).toMatchObject({ stamp: "not-done", findings: [], detail: { isUnplugAsked: true } });
    expect(gear({ sort: "potential-relay", relay: { ...relay, isUnplugged: true } })).toMatchObject({
      stamp: "holds",
      findings: [{ test: "relay-ohms", weights: { works: 1 } }],
    });
  });
  test.each([
    ["2.9k", "0.3", "coil-low"],
    ["3.1k", "0.3", "works"],
    ["19.9k", "0.3", "works"],
    ["20.1k", "0.3", "coil-high"],
    ["199k", "0.3", "coil-high"],
    ["210k", "0.3", "coil-open"],
    ["8.2k", "1.0", "works"],
    ["8.2k", "1.4", "contact-open"],
  ])("by the usual house rules a potential relay with a coil of %s and contacts of %s is %s", (coil, contact, verdict) => {
    const relay = { coil: ohms(coil), contact: ohms(contact), isUnplugged: true };
    expect(gear({ sort: "potential-relay", relay }).detail).toMatchObject({ verdict });
  });
  test.each([
    ["psc", "noted", []],
    ["shaded-pole", "noted", []],
    ["cap-start", "not-done", ["switch-ohms", "relay-ohms"]],
    ["split-phase", "not-done", ["switch-ohms", "relay-ohms", "ptc-ohms"]],
    ["unknown", "not-done", ["switch-ohms"]],
  ] as const)("on a %s motor nothing picked yet: %s", (motorType, stamp, tests) => {
    const found = gear({}, { motorType });
    expect(found.stamp).toBe(stamp);
    expect(found.openTests).toEqual(tests);
  });
});

test("a figure ten times off on a board is offered as it is meant, though the test leads are not known", () => {
  const { slips } = assess(board("ABCD", ["AB 17", "BC 2.1", "AC 3.8", "AD 7.4", "BD 9.1", "CD 11.2"])).stations.windings.detail;
  expect(slips.map(({ pair, slip }) => [pair.join(), slip.value])).toContainEqual(["0,1", 1.7]);
});
