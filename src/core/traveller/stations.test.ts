import { presentRound } from "../stations/power-back";
import { cautionsFor } from "../station";
import { NO_FACTS } from "../facts";
import { NO_STUDY } from "../study";
import { NO_RUN_ENTRIES } from "../motor";
import * as v from "valibot";
import { assessParts, readAt, type Parts } from "../../../tests/support/partial-card";
import { findingKey } from "../diagnosis";
import { toHouseFigures } from "../house";
import type { Entry, Quantity } from "../quantity";
import { assessTraveller, stateChangeFor, type StationEntries } from ".";
import { STATION_IDS, STATIONS, stationOf, type StationData, type StationId } from "../stations";

const HOUSE = toHouseFigures({});
const AT = "2026-11-23T10:00:00.000Z";
const read = (text: string, quantity: Quantity, at = AT): Entry => readAt(text, quantity, at);
const ohms = (text: string) => read(text, "resistance");

const ROUND: StationData<"make-safe">["round"] = {
  ...STATIONS["make-safe"].blank.round,
  steps: { "breaker-locked": AT },
  provenLive: read("231", "voltage"),
  circuitDead: read("0.2", "voltage"),
  provenLiveAgain: read("230", "voltage"),
  capacitorVolts: read("0.4", "voltage", "2026-11-23T10:05:00.000Z"),
};
const SAFE: Parts = { "make-safe": { round: ROUND, earlier: [] } };

const T11 = "2026-11-23T11:00:00.000Z";
const T12 = "2026-11-23T12:00:00.000Z";
/** The same round, all of it at a later moment. */
const laterBy = <T>(round: T, at: string): T =>
  JSON.parse(JSON.stringify(round).replace(/"\d{4}-\d\d-\d\dT[^"]*Z"/g, JSON.stringify(at))) as T;

describe("every station", () => {
  test.each(STATION_IDS)("%s: its blank is valid, not done, and needs nothing from others", (id) => {
    const station = stationOf(id);
    expect(v.safeParse(station.schema, station.blank).success).toBe(true);
    expect(station.definition.id).toBe(id);
    expect(station.assess(station.blank, { facts: NO_FACTS, house: HOUSE, earlier: [], study: NO_STUDY, findings: [] }).stamp).toBe(
      "not-done",
    );
  });
  test("a card with nothing on it asks for the complaint first, then the plate", () => {
    expect(assessParts({}).next).toEqual({ kind: "station", station: "complaint" });
    expect(assessParts({ complaint: { complaints: ["dead"] } }).next).toEqual({ kind: "station", station: "plate" });
  });
  test("a skipped station is said to be skipped and is not proposed again", () => {
    const entries: StationEntries = { complaint: { skippedReason: "nobody there", data: STATIONS.complaint.blank } };
    const assessment = assessTraveller(entries, HOUSE);
    expect(assessment.stations.complaint.stamp).toBe("skipped");
    expect(assessment.next.station).toBe("plate");
  });
});

describe("make safe", () => {
  const stateOf = (round: Partial<typeof ROUND>) => assessParts({ "make-safe": { round: { ...ROUND, ...round }, earlier: [] } });
  test("opens the dead stretch only when all is measured", () => {
    expect(assessParts(SAFE).facts).toMatchObject({ power: "dead", deadSince: "2026-11-23T10:05:00.000Z" });
    for (const lacking of [
      { steps: {} },
      { provenLive: null },
      { circuitDead: null },
      { provenLiveAgain: null },
      { capacitorVolts: null },
    ]) {
      expect(stateOf(lacking)).toMatchObject({ facts: { power: "live" }, stations: { "make-safe": { stamp: "not-done" } } });
    }
  });
  test.each([
    [{ circuitDead: read("118", "voltage") }, "still-live"],
    [{ capacitorVolts: read("212", "voltage") }, "charged"],
  ])("voltage that is left keeps it shut", (round, state) => {
    expect(stateOf(round)).toMatchObject({ facts: { power: "live" }, stations: { "make-safe": { stamp: "out", detail: { state } } } });
  });
  const LATER = "2026-11-23T10:10:00.000Z";
  test("volts keyed before it was isolated prove nothing: they are taken once more", () => {
    const hasty = { steps: { unplugged: LATER } };
    expect(stateOf(hasty)).toMatchObject({
      facts: { power: "live" },
      stations: { "make-safe": { stamp: "not-done", detail: { lacks: ["circuit-before-isolated", "capacitor-before-isolated"] } } },
    });
    const circuitDead = read("0.2", "voltage", LATER);
    expect(stateOf({ ...hasty, circuitDead }).stations["make-safe"].detail.lacks).toEqual(["capacitor-before-isolated"]);
    expect(stateOf({ ...hasty, circuitDead, capacitorIs: "removed" }).facts.power).toBe("dead");
    expect(stateOf({ ...hasty, circuitDead, capacitorVolts: read("0.4", "voltage", LATER) }).facts.power).toBe("dead");
    // The first of two ways to isolate counts: pulling the plug as well takes nothing back.
    expect(stateOf({ steps: { "breaker-locked": AT, unplugged: LATER } }).facts.power).toBe("dead");
  });
  test("a meter that shows nothing on the live source proves nothing", () => {
    expect(stateOf({ provenLive: read("0.1", "voltage") }).facts.power).toBe("live");
  });
  test("a declaration opens it and stays for ever, also once it is measured", () => {
    const declared = { at: AT, by: "" };
    expect(stateOf({ circuitDead: null, declared })).toMatchObject({
      facts: { power: "dead" },
      stations: { "make-safe": { detail: { state: "declared", declaredAt: [AT] } } },
    });
    expect(stateOf({ declared }).stations["make-safe"].detail).toMatchObject({ state: "measured", declaredAt: [AT] });
    const later = assessParts({ "make-safe": { round: ROUND, earlier: [{ ...ROUND, declared }] } });
    expect(later.stations["make-safe"].detail).toMatchObject({ declaredAt: [AT] });
  });
  test("power comes back by its own station, and making safe again takes it away", () => {
    const live = assessParts({ ...SAFE, "power-back": { restoredAt: "2026-11-23T11:00:00.000Z" } });
    expect(live.facts.power).toBe("live");
    const stale = assessParts({ ...SAFE, "power-back": { restoredAt: "2026-11-23T09:00:00.000Z" } });
    expect(stale.facts.power).toBe("dead");
  });
  test("what was safe is told in the past once power is back, and a second time begins with nothing ticked", () => {
    const steps = { "leads-and-covers": T11, "everyone-clear": T11, "lock-off": T11 };
    const live = assessParts({ ...SAFE, "power-back": { steps, restoredAt: T11 } });
    expect(live.stations["make-safe"]).toMatchObject({ stamp: "noted", detail: { state: "over", stretches: [{ to: T11 }] } });
    expect(live.stations["power-back"].detail).toMatchObject({ isLive: true, missing: [] });
    // The round before is kept, a new one is begun: not safe yet, so it still has power.
    const begun = assessParts({ "make-safe": { earlier: [ROUND] }, "power-back": { steps, restoredAt: T11 } });
    expect(begun.facts).toMatchObject({ power: "live", restoredAt: T11 });
    expect(begun.stations["make-safe"]).toMatchObject({ stamp: "not-done", detail: { state: "open", stretches: [{ to: T11 }] } });
    // Safe once more, after power: the checks of before count for nothing now, and are kept.
    const again = assessParts({ "make-safe": { earlier: [ROUND], round: laterBy(ROUND, T12) }, "power-back": { steps, restoredAt: T11 } });
    expect(again.facts).toMatchObject({ power: "dead", deadSince: T12 });
    expect(again.stations["power-back"].detail).toMatchObject({ isLive: false, steps: {}, restoredAt: null, before: [T11] });
    expect(again.stations["power-back"].detail.missing).toHaveLength(3);
    expect(presentRound({ steps, restoredAt: T11, earlier: [] }, T12)).toEqual({
      steps: {},
      restoredAt: null,
      earlier: [{ steps, restoredAt: T11 }],
    });
  });
  test.each<[StationId, "live" | "dead", StationId | null]>([
    ["capacitor", "live", "make-safe"],
    ["capacitor", "dead", null],
    ["prove", "dead", "power-back"],
    ["prove", "live", null],
    ["decide", "dead", null],
  ])("%s while the circuit is %s needs %s first", (station, power, change) => {
    expect(stateChangeFor(station, power)).toBe(change);
  });
});

describe("plate", () => {
  const plate = (part: Partial<StationData<"plate">>) =>
    assessParts({ plate: part }).stations.plate.detail as {
      failures: Record<string, { code: string }>;
      speed: { poles: number } | null;
      supplyV: number | null;
    };
  test("reads what plates print", () => {
    expect(plate({ volts: "208-230 V", hertz: "60 Hz", rpm: "1075 rpm" })).toMatchObject({
      supplyV: 219,
      speed: { poles: 6 },
      failures: {},
    });
  });
  test("hertz that stand with the volts are taken where their own field is empty", () => {
    expect(plate({ volts: "115V 60Hz 1PH", rpm: "1725" })).toMatchObject({ supplyV: 115, frequencyHz: 60, speed: { poles: 4 } });
    expect(plate({ volts: "115V 60Hz", hertz: "50", rpm: "1425" })).toMatchObject({ frequencyHz: 50 });
  });
  test("what it is ordered by is kept as printed, in one line", () => {
    expect(assessParts({ plate: { maker: " Orlane", model: "52-118", serial: "4471" } }).facts.printedAs).toBe(
      "Orlane 52-118, serial no. 4471",
    );
    expect(assessParts({ plate: { volts: "230" } }).facts.printedAs).toBe("");
  });
  test.each([
    [{ volts: "99999" }, "volts", "reading-out-of-range"],
    [{ amps: "lots" }, "amps", "reading-not-a-number"],
    [{ hertz: "50", rpm: "3100" }, "rpm", "rpm-above-synchronous"],
    [{ rpm: "3800" }, "rpm", "reading-out-of-range"],
    [{ power: "0.3" }, "power", "reading-unit-needed"],
    [{ capacitor: "big" }, "capacitor", "label-no-capacitance"],
  ])("refuses %o and keeps the rest", (part, field, code) => {
    expect(plate(part).failures[field]?.code).toBe(code);
  });
});

describe("plate amps against power and volts", () => {
  const plate = (amps: string, areAmpsSure = false) =>
    assessParts({ plate: { motorType: "psc", volts: "230", power: "1/3 hp", amps, areAmpsSure } });
  test.each([
    ["24", "2.4"],
    ["0.24", "2.4"],
    ["240", null],
  ])("%s A for 1/3 hp at 230 V", (amps, meant) => {
    const { stations, facts } = plate(amps);
    const { ampsSlip } = stations.plate.detail as { ampsSlip: { text: string } | null };
    expect(ampsSlip?.text ?? null).toBe(meant);
    if (meant) expect([stations.plate.stamp, facts.fullLoadA]).toEqual(["unsure", null]);
  });
  test.each([
    ["115", "25", "2.5"],
    ["115", "0.6", null],
    ["230", "2.5", null],
    ["115", "6", null],
  ])("a shaded-pole motor for %s V, %s A", (volts, amps, meant) => {
    const { stations } = assessParts({ plate: { motorType: "shaded-pole", volts, amps } });
    const { ampsSlip } = stations.plate.detail as { ampsSlip: { text: string } | null };
    expect(ampsSlip?.text ?? null).toBe(meant);
  });
  test.each(["2.4", "1.4", "5.8", "7"])("%s A is believed", (amps) => {
    expect(plate(amps)).toMatchObject({ facts: { fullLoadA: Number(amps) }, stations: { plate: { stamp: "noted" } } });
  });
  test("once somebody says so it stands", () => {
    expect(plate("24", true)).toMatchObject({ facts: { fullLoadA: 24 }, stations: { plate: { stamp: "noted" } } });
  });
});

describe("capacitor", () => {
  const stamp = (label: string, reading: string, plate = "") =>
    assessParts({ plate: { capacitor: plate }, capacitor: { label, readings: [read(reading, "capacitance")] } }).stations.capacitor;
  test.each([
    ["17.5 µF ±6 % 440 V", "17.4", "holds"],
    ["17.5 µF ±6 % 440 V", "16.56", "too-close"],
    ["17.5 µF ±6 % 440 V", "4.1", "out"],
    ["17.5 µF ±6 % 440 V", "20.5", "out"],
    ["17.5 µF ±6 % 440 V", "OL", "unsure"],
    ["189-227 mfd 250 VAC", "204", "holds"],
  ])("%s reading %s: %s", (label, reading, expected) => {
    expect(stamp(label, reading).stamp).toBe(expected);
  });
  test("a good reading of the wrong part is out, and says what is wrong", () => {
    const assessment = stamp("20 µF ±5% 400V", "20.1", "12.5 µF 450 V");
    expect(assessment).toMatchObject({ stamp: "out", detail: { mismatches: [{ code: "wrong-value" }, { code: "lower-volts" }] } });
  });
  test("a dual waits for its second section, and the worse one speaks", () => {
    const label = "40+5 µF ±6% 440 V";
    const dual = (readings: (Entry | null)[]) => assessParts({ capacitor: { label, readings } }).stations.capacitor.stamp;
    expect(dual([read("40", "capacitance")])).toBe("not-done");
    expect(dual([read("40", "capacitance"), read("3.1", "capacitance")])).toBe("out");
  });
  test("working shows the sum with its source", () => {
    const { working } = stamp("17.5 µF ±6 % 440 V", "16.56");
    expect(working.map(({ what }) => what)).toEqual(["Limits", "Uncertainty of the meter", "Percent of rated", "Guard band and chance"]);
    expect(working.every(({ source }) => source !== "")).toBe(true);
  });
  test("a motor without a capacitor is not asked for one", () => {
    expect(assessParts({ plate: { motorType: "shaded-pole" } }).stations.capacitor).toMatchObject({
      stamp: "noted",
      detail: { state: "none-fitted" },
    });
  });
});

describe("windings and frame", () => {
  const three = (ab: string, bc: string, ac: string): Pick<StationData<"windings">, "posts" | "pairs"> => ({
    posts: (["C", "R", "S"] as const).map((name, post) => ({ name, mark: name, x: 0.2 + 0.3 * post, y: 0.5 })),
    pairs: [
      { a: 0, b: 1, entry: ohms(ab) },
      { a: 1, b: 2, entry: ohms(bc) },
      { a: 0, b: 2, entry: ohms(ac) },
    ],
  });
  test("readings under 2 Ω ask for nulled test leads; once measured they are subtracted", () => {
    const low = assessParts({ windings: three("1.2", "4.9", "3.9") }).stations.windings.detail;
    expect(low).toMatchObject({ nullBelowOhm: 2, testLeadOhm: 0.2 });
    const nulled = assessParts({ windings: { ...three("1.2", "4.9", "3.9"), testLeads: ohms("0.1") } }).stations.windings.detail;
    expect(nulled).toMatchObject({ nullBelowOhm: null, testLeadOhm: 0.1 });
  });
  test("an open common on a machine that cuts out points to the protector", () => {
    const { standing } = assessParts({
      complaint: { complaints: ["cuts-out-and-returns"] },
      windings: three("OL", "6.8", "OL"),
    });
    expect(standing.suspects[0]?.suspect).toBe("protector");
  });
  test.each([
    [["OL", "OL", "OL"], "holds", "clear"],
    [["OL", "58", "OL"], "out", "grounded"],
    [["OL", "2.3M", "OL"], "out", "grounded"],
    [["OL", "2.2G", "OL"], "noted", "leaks"],
    [["OL", ">550M", "OL"], "holds", "clear"],
  ])("to the frame %j: %s", (texts, stamp, state) => {
    const [a = "", b = "", c = ""] = texts;
    expect(assessParts({ frame: { readings: [ohms(a), ohms(b), ohms(c)] } }).stations.frame).toMatchObject({ stamp, detail: { state } });
  });
  test.each([
    [true, [], "out", "beeped"],
    [true, ["OL", "OL", "OL"], "out", "beeped"],
    [false, [], "noted", "no-beep"],
    [false, ["OL", "OL", "OL"], "holds", "clear"],
    [false, ["OL", "58", "OL"], "out", "grounded"],
  ])("a beeper that beeps: %s, readings %j: %s", (beeps, texts, stamp, state) => {
    expect(assessParts({ frame: { beeps, readings: texts.map(ohms) } }).stations.frame).toMatchObject({ stamp, detail: { state } });
  });
  test("one grounded lead is enough, before the others are measured", () => {
    const { stations, standing } = assessParts({ frame: { readings: [ohms("60"), null, null] } });
    expect(stations.frame.stamp).toBe("out");
    expect(standing.suspects[0]?.suspect).toBe("ground-fault");
  });
});

describe("prove and decide", () => {
  test.each([
    ["2.4", "holds"],
    ["2.62", "too-close"],
    ["4.9", "out"],
  ])("%s A after, on a plate of 2.4 A: %s", (after, stamp) => {
    expect(
      assessParts({ plate: { amps: "2.4" }, prove: { after: { ...NO_RUN_ENTRIES, lineAmps: read(after, "current") } } }).stations.prove
        .stamp,
    ).toBe(stamp);
  });
  test("only the amps before speak of the fault", () => {
    const { findings } = assessParts({
      plate: { amps: "2.4" },
      prove: {
        before: { ...NO_RUN_ENTRIES, lineAmps: read("4.9", "current") },
        after: { ...NO_RUN_ENTRIES, lineAmps: read("2.4", "current") },
      },
    });
    expect(findings).toEqual([
      {
        test: "run-amps",
        from: "prove",
        sizes: [expect.objectContaining({ of: "amps-part", at: expect.closeTo(4.9 / 2.4, 6) as number })],
        weights: { "near-plate": expect.any(Number) as number, "far-above": expect.any(Number) as number },
      },
    ]);
  });
  test("the part needed is the plate's, never at lower volts", () => {
    const { detail } = assessParts({
      plate: { capacitor: "12.5 µF 450 V" },
      capacitor: { label: "20 µF 400 V" },
      decide: { action: "replace-run-capacitor", reason: "" },
    }).stations.decide;
    expect(detail).toMatchObject({ isReasonMissing: true, part: { sectionsUf: [12.5], atLeastV: 450, asked: "plate" } });
  });
});

test("the compressor caution is told on compressors and where the machine is not known", () => {
  const { definition } = STATIONS.windings;
  expect(cautionsFor(definition, { ...NO_FACTS, machineKind: "hermetic-compressor" })).toContain("pressurised-terminals");
  expect(cautionsFor(definition, NO_FACTS)).toContain("pressurised-terminals");
  expect(cautionsFor(definition, { ...NO_FACTS, machineKind: "fan" })).not.toContain("pressurised-terminals");
});

test("of several findings that say the same, leaving out one leaves the others in, and each has a key of its own", () => {
  const entry = <Data>(data: Data) => ({ data, skippedReason: null });
  const windings = {
    ...STATIONS.windings.blank,
    pairs: [
      { a: 0, b: 1, entry: ohms("9.0") },
      { a: 1, b: 2, entry: ohms("31.4") },
      { a: 0, b: 2, entry: ohms("22.6") },
    ],
    compare: { ...STATIONS.windings.blank.compare, temperature: read("20", "temperature"), hot: ohms("14") },
  };
  const entries: StationEntries = {
    complaint: entry({ ...STATIONS.complaint.blank, complaints: ["slow-or-weak"] }),
    plate: entry({ ...STATIONS.plate.blank, motorType: "psc", machineKind: "fan", insulationClass: "A" }),
    windings: entry(windings),
    "run-test": entry({ ...STATIONS["run-test"].blank, behaviour: "starts", warmth: "hot", shell: read("128", "temperature") }),
  };
  const whole = assessTraveller(entries, HOUSE);
  const keys = whole.findings.map(findingKey);
  expect(new Set(keys).size).toBe(keys.length);
  expect(whole.findings.filter(({ test: id }) => id === "temperature").map(({ from, ordinal }) => [from, ordinal])).toEqual([
    ["windings", undefined],
    ["run-test", 1],
  ]);
  for (const finding of whole.findings) {
    const { findings, leftOut } = assessTraveller(entries, HOUSE, [], undefined, { leaveOut: new Set([findingKey(finding)]) });
    expect(leftOut).toEqual([finding]);
    expect(findings).toHaveLength(whole.findings.length - 1);
  }
});

describe("before a doubtful motor gets power", () => {
  const asked = (parts: Parts) => assessParts(parts).stations["power-back"].detail.asked;
  test.each([
    ["it hums: look, and leads to the frame", { complaint: { complaints: ["hums-no-start"] } }, ["look", "frame"]],
    ["looked at: the frame is left", { complaint: { complaints: ["dead"] }, look: { nothingFound: true } }, ["frame"]],
    ["a motor on the bench", { complaint: { said: "used motor, good as a spare?" } }, ["look", "frame"]],
    ["it squeals: nothing", { complaint: { complaints: ["squeals"] } }, []],
    // What trips is barred until then, and asked for there.
    ["it trips: barred, not only asked", { complaint: { complaints: ["trips-at-once"] } }, []],
    ["power came back before: nothing", { complaint: { complaints: ["dead"] }, "power-back": { restoredAt: AT } }, []],
  ] as const)("%s", (_name, parts, stations) => expect(asked(parts as Parts)).toEqual(stations));
});
