import type { EarlierVisit } from "../station";
import fc from "fast-check";
import { tallyLowOhms } from "../../../tests/support/board-tally";
import { randomFrom } from "../../../tests/support/simulated-board";
import { DEFAULT_METER, toHouseFigures } from "../house";
import { takeReading, type Entry, type Quantity } from "../quantity";
import { identifyThreeLeads, type PairReading } from "../winding";
import { assessTraveller, type StationEntries, type TravellerAssessment } from ".";
import { BLANK_CAPACITOR, startNewPart, typeLabel, type CapacitorDetail, type CapacitorRecord } from "../stations/capacitor";
import type { InsulationDetail } from "../stations/insulation";
import { STATIONS } from "../stations/registry";
import { studyNow } from "../study/answer";
import { BLANK_WINDINGS, usualName, type WindingsDetail, type WindingsRecord } from "../stations/windings";

/* What readings mean, and what they do not: each case once told more than its readings say. */

const HOUSE = toHouseFigures({});
const AT = "2026-11-27T10:00:00.000Z";
const read = (text: string, quantity: Quantity): Entry => takeReading(text, quantity, DEFAULT_METER, AT).entry;
const ohms = (text: string): Entry => read(text, "resistance");

type Data = Partial<Record<keyof StationEntries, unknown>>;
const assess = (data: Data, earlier: readonly EarlierVisit[] = []): TravellerAssessment =>
  assessTraveller(
    Object.fromEntries(
      Object.entries(data).map(([id, each]) => [
        id,
        { skippedReason: null, data: { ...STATIONS[id as keyof typeof STATIONS].blank, ...(each as object) } },
      ]),
    ),
    HOUSE,
    earlier,
    studyNow,
  );

/** Posts by name, readings as "1-2 8.9"; what is not listed reads OL where `isFull`. */
function board(names: readonly string[], readings: readonly string[], isFull = false): WindingsRecord {
  const given = readings.map((text) => {
    const [ends = "", shown = ""] = text.split(" ");
    const [a = 0, b = 0] = ends.split("-").map((name) => names.indexOf(name));
    return { a: Math.min(a, b), b: Math.max(a, b), entry: shown.endsWith("uF") ? read(shown, "capacitance") : ohms(shown) };
  });
  const rest = names.flatMap((_, a) =>
    names.flatMap((__, b) => (b > a && isFull && !given.some((pair) => pair.a === a && pair.b === b) ? [{ a, b, entry: ohms("OL") }] : [])),
  );
  return { ...BLANK_WINDINGS, posts: names.map((name) => ({ name, mark: null, x: 0.5, y: 0.5 })), pairs: [...given, ...rest] };
}
const three = (one: string, two: string, wide: string): WindingsRecord =>
  board(["1", "2", "3"], [`1-2 ${one}`, `2-3 ${two}`, `1-3 ${wide}`]);
const detailOf = ({ stations }: TravellerAssessment): WindingsDetail => stations.windings.detail as WindingsDetail;
const chanceOf = ({ standing }: TravellerAssessment, suspect: string): number =>
  standing.suspects.find((each) => each.suspect === suspect)?.probability ?? 0;
const COMPRESSOR = { motorType: "psc", machineKind: "hermetic-compressor" };

describe("a name is not a mark", () => {
  test("posts nobody named are numbers, and have no mark", () => {
    expect(BLANK_WINDINGS.posts.map(({ name, mark }) => [name, mark])).toEqual([0, 1, 2].map((index) => [usualName(index), null]));
  });
  test.each([
    ["A", "B", "C"],
    ["1", "2", "3"],
    ["C", "S", "R"],
  ])("an open lead of %s, %s, %s is no common by its name", (...names) => {
    const [a, b, c] = names as [string, string, string];
    const found = assess({
      complaint: { complaints: ["hums-no-start"] },
      windings: board(names, [`${a}-${b} 8.9`, `${b}-${c} OL`, `${a}-${c} OL`]),
    });
    expect(detailOf(found).three).toMatchObject({ kind: "lead-open", role: null });
    expect(chanceOf(found, "protector")).toBeLessThan(0.3);
  });
  test("a sound motor whose third lead is not common contradicts no mark", () => {
    const found = detailOf(assess({ windings: board(["A", "B", "C"], ["A-B 31.4", "B-C 8.9", "A-C 22.6"]) })).three;
    expect(found).toMatchObject({ kind: "named", roles: ["start", "run", "common"], conflicts: [] });
  });
  test("a mark that a person says the maker made counts, and is told where it is wrong", () => {
    const marked = (record: WindingsRecord, marks: readonly ("C" | "R" | "S")[]): WindingsRecord => ({
      ...record,
      posts: record.posts.map((post, index) => ({ ...post, mark: marks[index] ?? null })),
    });
    expect(detailOf(assess({ windings: marked(three("OL", "6.8", "OL"), ["C", "R", "S"]) })).three).toMatchObject({ role: "common" });
    const wrong = marked(board(["1", "2", "3"], ["1-2 31.4", "2-3 8.9", "1-3 22.6"]), ["C", "R", "S"]);
    expect(detailOf(assess({ windings: wrong })).three).toMatchObject({ conflicts: [0, 2] });
  });
});

describe("a sound washer motor is not condemned", () => {
  const washer = board(
    ["grey", "orange", "violet", "brown", "pink"],
    ["grey-orange 0.2", "orange-violet 1.5", "grey-violet 1.7", "brown-pink 4.1"],
    true,
  );
  test("protector in one end of the main winding, start winding apart", () => {
    const found = assess({ plate: { motorType: "split-phase", machineKind: "drum" }, windings: washer });
    const { elements } = detailOf(found);
    expect(found.stations.windings.findings).toEqual([{ test: "winding-ohms", weights: { good: 1 } }]);
    expect(elements.map(({ cls, posts }) => [cls, [...posts].sort((a, b) => a - b)])).toEqual(
      expect.arrayContaining([
        ["protector", [0, 1]],
        ["aux", [3, 4]],
      ]),
    );
    expect(found.actions[0]?.action).not.toBe("replace-motor");
  });
  test.each(["unknown", "psc", "cap-start"])("nor on a plate that says %s", (motorType) => {
    const { stations } = assess({ plate: { motorType, machineKind: "drum" }, windings: washer });
    expect(stations.windings.stamp).not.toBe("out");
    expect(stations.windings.findings.flatMap(({ weights }) => Object.keys(weights))).not.toContain("main-open");
  });
});

describe("low ohms", () => {
  test("0.5, 1.5 and 1.2 Ω of a five-ton compressor add up: named, and no turns shorted", () => {
    const found = assess({ plate: COMPRESSOR, complaint: { complaints: ["hums-no-start"] }, windings: three("0.5", "1.5", "1.2") });
    expect(detailOf(found).three).toMatchObject({ kind: "named", roles: ["common", "run", "start"] });
    expect(chanceOf(found, "shorted-turns")).toBeLessThan(0.1);
  });
  test("1.9, 1.6 and 3.3 Ω on a compressor: probably, with the chance; never equal on purpose", () => {
    const found = detailOf(assess({ plate: COMPRESSOR, windings: three("1.9", "3.3", "1.6") })).three;
    expect(found).toMatchObject({ kind: "order-unclear", common: 0, run: 2, equalChance: 0 });
    expect(found?.kind === "order-unclear" && found.chance).toBeGreaterThan(0.8);
  });
  test("the same figures on a fan may be equal on purpose", () => {
    const fan = detailOf(assess({ plate: { motorType: "psc", machineKind: "fan" }, windings: three("12.1", "23.9", "12.0") })).three;
    expect(fan).toMatchObject({ kind: "order-unclear" });
    expect(fan?.kind === "order-unclear" && fan.equalChance).toBeGreaterThan(0.5);
  });
  test("nor with the frame as one more post", () => {
    const frame = (record: WindingsRecord): WindingsRecord => ({
      ...record,
      hasFrame: true,
      pairs: [...record.pairs, ...[0, 1, 2].map((a) => ({ a, b: 3, entry: ohms("OL") }))],
    });
    const alike = detailOf(assess({ plate: COMPRESSOR, windings: frame(three("1.9", "3.3", "1.6")) }));
    expect(alike.board?.answers.map(({ structure }) => structure.layout.id)).not.toContain("equal_windings");
    expect(alike.isSettled).toBe(false);
    const low = assess({ plate: COMPRESSOR, windings: frame(three("0.5", "1.5", "1.2")) });
    expect(low.stations.windings.findings).toEqual([{ test: "winding-ohms", weights: { good: 1 } }]);
  });
  test("finer digits settle what coarse ones leave open", () => {
    const meter = (pair: string, standardUncertainty: number): PairReading => ({ kind: "ohms", ohm: Number(pair), standardUncertainty });
    const named = (u: number) =>
      identifyThreeLeads({
        pairs: [meter("1.90", u), meter("3.30", u), meter("1.60", u)],
        marks: [null, null, null],
        leadOhm: 0.2,
        leadStandardOhm: 0.02,
        nearZeroOhm: 0.5,
        coverageFactor: 2,
        mayBeEqual: false,
      }).kind;
    expect([named(0.13), named(0.01)]).toEqual(["order-unclear", "named"]);
  });
  test("2,000 sound motors with mains of 0.3 to 1.5 Ω: none is called shorted, none named wrongly", () => {
    const tally = tallyLowOhms(2000, randomFrom(71));
    expect(tally.shorted ?? 0).toBe(0);
    expect((tally.wrong ?? 0) / 2000).toBeLessThanOrEqual(0.002);
    expect(tally.named).toBeGreaterThan(1000);
  });
  test.each([
    ["0.2", "8.9", "9.0"],
    ["0.3", "22.1", "22.0"],
    ["0.2", "4.1", "4.2"],
  ])("%s, %s and %s Ω are a short all the same", (...texts) => {
    expect(detailOf(assess({ windings: three(...(texts as [string, string, string])) })).three).toMatchObject({ kind: "shorted" });
  });
});

describe("readings that contradict each other have a stamp of their own", () => {
  test.each([
    ["three that do not add up", three("8.9", "41.3", "22.6")],
    ["an open pair between two that read", three("8.9", "OL", "22.6")],
  ])("%s", (_, windings) => {
    const { stations } = assess({ windings });
    expect(stations.windings.findings).toEqual([]);
    expect(["contradicts", "unsure"]).toContain(stations.windings.stamp);
  });
  test("far from what any slip explains it contradicts", () => {
    expect(assess({ windings: three("8.9", "77.7", "22.6") }).stations.windings.stamp).toBe("contradicts");
  });
});

describe("figures of another day or another motor", () => {
  const at = (record: WindingsRecord, temperature: string): WindingsRecord => ({
    ...record,
    compare: { ...record.compare, temperature: read(temperature, "temperature") },
  });
  test("leads with other names are compared winding by winding", () => {
    const before = [
      { at: "2025-11-27T10:00:00.000Z", records: { windings: at(board(["A", "B", "C"], ["A-B 31.4", "B-C 9.0", "A-C 22.6"]), "20") } },
    ];
    const { comparisons } = detailOf(assess({ windings: at(board(["1", "2", "3"], ["1-2 9.0", "2-3 31.4", "1-3 22.6"]), "20") }, before));
    expect(comparisons.map(({ what, shortedTurns }) => [what, shortedTurns]).sort()).toEqual([
      ["aux", "none"],
      ["main", "none"],
    ]);
  });
  test("numbers and letters in their place are no names: their pairs are not compared", () => {
    const before = [{ at: "2025-11-27T10:00:00.000Z", records: { windings: board(["1", "2", "3"], ["1-2 22.6"]) } }];
    expect(detailOf(assess({ windings: board(["1", "2", "3"], ["1-2 9.0"]) }, before)).comparisons).toEqual([]);
  });
  test("in a freezer, below zero", () => {
    const coil = (temperature: string): WindingsRecord => at(board(["1", "2"], ["1-2 69.0"]), temperature);
    const record = {
      ...coil("-18"),
      compare: { ...coil("-18").compare, referenceOf: "sister" as const, referenceMain: "81.0", referenceC: "20" },
    };
    const { comparisons } = detailOf(assess({ plate: { motorType: "shaded-pole", machineKind: "fan" }, windings: record }));
    expect(comparisons).toMatchObject([{ with: "sister", what: "coil", shortedTurns: "none", areTemperaturesKnown: true }]);
  });
  test("every section of a blower", () => {
    const record = board(
      ["1", "2", "3", "4", "5"],
      ["1-2 12.0", "2-3 5.4", "3-4 5.4", "1-3 17.2", "1-5 31.2", "1-4 22.4", "2-5 43.1", "4-5 53.4"],
    );
    const compare = { ...record.compare, referenceOf: "maker" as const, referenceMain: "11.8", referenceSections: ["5.2", "7.9"] };
    const { comparisons } = detailOf(assess({ plate: { motorType: "psc", machineKind: "blower" }, windings: { ...record, compare } }));
    expect(comparisons.map(({ what, shortedTurns }) => `${what} ${shortedTurns}`).sort()).toEqual([
      "main none",
      "section none",
      "section strong",
    ]);
  });
});

describe("parts of a board", () => {
  const names = ["1", "2", "3", "4", "5", "6", "7", "8"];
  const windings = board(names, ["1-6 0.3", "2-7 17.9", "5-8 6.2", "3-4 187uF"], true);
  const plate = { motorType: "cap-start", machineKind: "pump" };
  test("microfarads between two posts are a capacitor there, and reach its station", () => {
    const found = assess({ plate, windings, capacitor: { label: "161-193 uF 250V start" } });
    expect(detailOf(found).elements.filter(({ cls }) => cls === "capacitor")).toMatchObject([{ posts: [2, 3], capacitanceUf: 187 }]);
    expect(detailOf(found).roles.slice(2, 4)).toEqual([["capacitor"], ["capacitor"]]);
    expect(found.stations.capacitor).toMatchObject({ stamp: "holds", detail: { fromPosts: ["3", "4"], sections: [{ readingUf: 187 }] } });
    // A reading of its own comes before it.
    const own = assess({ plate, windings, capacitor: { label: "161-193 uF 250V start", readings: [read("120", "capacitance")] } });
    expect(own.stations.capacitor).toMatchObject({ stamp: "out", detail: { fromPosts: null } });
    expect(assess({ plate, windings }).stations.capacitor.detail).toMatchObject({ state: "no-label", fromBoard: [{ posts: ["3", "4"] }] });
  });
  test("even where the rest of the board is not known yet", () => {
    const early = assess({ plate, windings: board(names, ["3-4 187uF"]) });
    expect(detailOf(early).roles.slice(2, 4)).toEqual([["capacitor"], ["capacitor"]]);
  });
  test("switch and capacitor are rows of the lattice; only the windings are asked for", () => {
    const { groups } = assess({ plate, windings }).stations.insulation.detail as InsulationDetail;
    expect(groups).toEqual(["main", "start", "switch", "capacitor"]);
    const cells = [
      ["main", "start"],
      ["main", "frame"],
      ["start", "frame"],
    ].map(([a, b]) => ({ a, b, entry: read("500", "insulation") }));
    const record = {
      cells,
      together: read("0", "insulation"),
      apart: read("OL", "insulation"),
      isDisconnected: true,
      temperature: read("20", "temperature"),
    };
    expect(assess({ plate, windings, insulation: record }).stations.insulation.stamp).toBe("holds");
  });
});

describe("supply and frame", () => {
  const plate = { motorType: "psc", machineKind: "fan", volts: "230", hertz: "60" };
  const complaint = { complaints: ["slow-or-weak", "starts-slow"] };
  test("standing volts are not the volts while it starts", () => {
    const standing = assess({ plate, complaint, supply: { call: "calls", standing: read("231", "voltage") } });
    expect(standing.stations.supply).toMatchObject({ stamp: "noted", detail: { outcome: "standing" }, openTests: ["supply-voltage"] });
    const both = assess({
      plate,
      complaint,
      supply: { call: "calls", standing: read("231", "voltage"), starting: read("228", "voltage") },
    });
    expect(both.stations.supply).toMatchObject({ stamp: "holds", detail: { outcome: "good" } });
    expect(chanceOf(standing, "supply")).toBeGreaterThan(3 * chanceOf(both, "supply"));
  });
  const insulation = (megohm: string): object => ({
    cells: [{ a: "all", b: "frame", entry: read(megohm, "insulation") }],
    together: read("0", "insulation"),
    apart: read("OL", "insulation"),
    isDisconnected: true,
    temperature: read("24", "temperature"),
  });
  const frame = (...texts: string[]): object => ({ readings: texts.map(ohms) });
  test("the insulation tester decides over an ohmmeter that shows nothing", () => {
    const both = assess({ plate, insulation: insulation("0.18"), frame: frame("OL", "OL", "OL") });
    expect(chanceOf(both, "ground-fault")).toBeGreaterThan(0.7);
    expect(chanceOf(both, "ground-fault")).toBeCloseTo(chanceOf(assess({ plate, insulation: insulation("0.18") }), "ground-fault"), 6);
    expect(both.actions[0]?.action).toBe("dry-out");
    expect(both.contradictions).toEqual([]);
  });
  test("a plain ground fault counts once, and one against a good tester is told as a contradiction", () => {
    const plain = assess({ plate, frame: frame("12", "14", "OL") });
    const twice = assess({ plate, frame: frame("12", "14", "OL"), insulation: insulation("0.02") });
    expect(chanceOf(twice, "ground-fault")).toBeCloseTo(chanceOf(plain, "ground-fault"), 6);
    expect(assess({ plate, frame: frame("12", "14", "OL"), insulation: insulation("500") }).contradictions).toHaveLength(1);
  });
  test("every lead that reads is handed on", () => {
    expect(assess({ frame: frame("62", "OL", "53") }).stations.frame.detail).toMatchObject({
      reads: [
        { lead: 2, ohm: 53 },
        { lead: 0, ohm: 62 },
      ],
    });
  });
});

describe("a start switch that nothing presses", () => {
  test("open at rest, closes when pressed, cover not seated: good, and seated before anything is replaced", () => {
    const gear = { ...STATIONS["start-gear"].blank.switch, atRest: ohms("OL"), actuated: ohms("0.2"), isCoverSeated: false };
    const found = assess({ plate: { motorType: "cap-start", machineKind: "pump" }, "start-gear": { sort: "switch", switch: gear } });
    expect(found.stations["start-gear"].detail).toMatchObject({ verdict: "not-pressed", repair: "seat" });
    expect(found.stations["start-gear"].findings).toEqual([{ test: "switch-ohms", weights: { "not-pressed": 1 } }]);
  });
});

describe("capacitors", () => {
  const run = { motorType: "psc", machineKind: "fan", volts: "230", hertz: "60", amps: "1.5", rpm: "1075", power: "186 W" };
  const capacitor = (record: Partial<CapacitorRecord>, plate: object = run): TravellerAssessment =>
    assess({ plate, complaint: { complaints: ["hums-no-start"] }, capacitor: record });
  const label = (found: TravellerAssessment) => found.stations.capacitor.detail as Extract<CapacitorDetail, { state: "label" }>;
  const uf = (text: string): Entry => read(text, "capacitance");
  test("a dual's section that feeds another motor accuses nobody here", () => {
    const dual = { label: "40+5 uF 6% 440V C HERM FAN", readings: [uf("40.1"), uf("2.1")] };
    const compressor = capacitor(dual, { motorType: "psc", machineKind: "hermetic-compressor", volts: "230", hertz: "60" });
    expect(compressor.stations.capacitor.stamp).toBe("out");
    expect(label(compressor).ownSection).toBe(0);
    expect(chanceOf(compressor, "run-capacitor")).toBeLessThan(0.2);
    const fan = capacitor(dual);
    expect(label(fan).ownSection).toBe(1);
    expect(chanceOf(fan, "run-capacitor")).toBeGreaterThan(0.8);
    // Nobody can say which: neither accuses.
    const unsaid = capacitor(dual, { motorType: "psc", machineKind: "other" });
    expect(label(unsaid).ownSection).toBeNull();
    expect(unsaid.findings).toEqual([]);
    expect(label(capacitor({ ...dual, feeds: "section 2" }, { motorType: "psc", machineKind: "other" })).ownSection).toBe(1);
  });
  test("amps in a start part's lead while it runs are a contradiction, and no capacitance", () => {
    const running = {
      sections: [{ amps: read("2.1", "current"), volts: read("230", "voltage") }],
      hertz: "60" as const,
      isStartDeviceOut: true,
    };
    const found = capacitor(
      { label: "189-227 uF 250V start", readings: [uf("205")], running },
      { motorType: "cap-start", machineKind: "pump" },
    );
    expect(found.stations.capacitor).toMatchObject({ stamp: "contradicts", findings: [] });
    expect(label(found).sections[0]).toMatchObject({ contradictions: [{ code: "start-part-running" }], joint: { capacitanceUf: 205 } });
  });
  test.each([
    ["stays-low", "34.8", true],
    ["never-dips", "34.8", true],
    ["takes-charge", "34.8", false],
    ["never-dips", "0.3", false],
  ] as const)("a swing that %s beside %s µF: contradiction %s", (behaviour, text, isOne) => {
    const found = capacitor({
      label: "35 uF 6% 440V",
      readings: [uf(text)],
      swing: { sections: [{ behaviour, climbS: "" }], rangeEnd: "" },
    });
    expect(label(found).sections[0]?.contradictions.length).toBe(isOne ? 1 : 0);
    expect(found.stations.capacitor.stamp === "contradicts").toBe(isOne);
  });
  test("another label over readings: asked, and the old readings stay with the old label", () => {
    const first: CapacitorRecord = { ...BLANK_CAPACITOR, label: "35 uF 6% 440V", readings: [uf("27.1")], looksBad: true };
    const typed = typeLabel(typeLabel(first, ""), "40 uF 6% 440V");
    const asked = capacitor(typed);
    expect(asked.stations.capacitor).toMatchObject({ stamp: "unsure", detail: { relabelledFrom: "35 uF 6% 440V" } });
    expect(label(asked).sections[0]?.readingUf).toBeNull();
    const anew = startNewPart(typed);
    expect(anew).toMatchObject({ readings: [], looksBad: null, previous: [{ label: "35 uF 6% 440V", readings: [{ text: "27.1" }] }] });
    expect(capacitor(anew).stations.capacitor.stamp).toBe("not-done");
    // The same part written otherwise asks nothing.
    expect(label(capacitor(typeLabel(first, "35 µF ±6 % 440 V"))).relabelledFrom).toBeNull();
  });
  test("a part that measures right is no part of a wrong value, in any degree", () => {
    const found = capacitor({ label: "35 uF 6% 440V", readings: [uf("35.0")] }, { ...run, capacitor: "35 uF 440V" });
    expect(chanceOf(found, "run-capacitor")).toBeLessThan(0.15);
  });
  test("far beyond a limit with a small chance is no part to leave in", () => {
    // 38.4 of 35 µF +10 %: above the limit, near enough that the meter cannot say so for sure.
    const found = capacitor({ label: "35 uF 10% 440V", readings: [uf("38.75")] });
    const p = label(found).sections[0]?.joint?.conformity.probabilityWithin ?? 1;
    expect(found.stations.capacitor.stamp).toBe("too-close");
    expect(p).toBeLessThan(0.25);
    expect(found.stations.capacitor.due).toEqual([]);
  });
  test("without a plate nothing is said of this motor", () => {
    expect(label(assess({ capacitor: { label: "35 uF 6% 440V", readings: [uf("20.1")] } })).effectQuestion).toBeNull();
    expect(label(capacitor({ label: "5 uF 6% 440V", readings: [uf("2.9")] })).effectQuestion).not.toBeNull();
  });
  test("no resistor is asked for that was just refused", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 900 }),
        fc.integer({ min: 110, max: 475 }),
        fc.constantFrom("5k", "10k", "15k", "20k"),
        fc.constantFrom("0.25", "0.5", "2", "5", "25"),
        (capacitanceUf, volts, resistor, resistorW) => {
          const discharge = { ...BLANK_CAPACITOR.discharge, resistor, resistorW };
          const plan = label(assess({ capacitor: { label: `${capacitanceUf} uF ${volts}V`, discharge } })).discharge;
          if (plan.resistor !== "too-small") return true;
          return plan.leastW === null || plan.leastW > Number(resistorW);
        },
      ),
      { seed: 17, numRuns: 200 },
    );
  });
  test("two watts empty a usual run part; a tenth of that does not", () => {
    const plan = (resistorW: string, text = "35 uF 440V") =>
      label(assess({ capacitor: { label: text, discharge: { ...BLANK_CAPACITOR.discharge, resistor: "15k", resistorW } } })).discharge
        .resistor;
    expect([plan("30"), plan("5"), plan("0.25")]).toEqual(["bears", "bears-briefly", "too-small"]);
  });
});
