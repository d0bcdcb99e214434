import { ACTIONS, SUSPECTS, type Suspect, type TestId } from "../trade";
import { assessParts, entriesOf, madeSafe, readAt, type Parts } from "../../../tests/support/partial-card";
import { ACTION_TABLE, costModel, rankActions, soundParts } from "../decision";
import { TIER_TABLE } from "../bearing";
import { HISTORY_TABLE, TEST_TABLE, weighEvidence } from "../diagnosis";
import { toHouseFigures } from "../house";
import type { Quantity } from "../quantity";
import { assessTraveller, type TravellerAssessment } from "./assess-traveller";
import { STATIONS } from "../stations/registry";

const AT = "2026-11-27T09:00:00.000Z";
const read = (text: string, quantity: Quantity) => readAt(text, quantity, AT);
const ohms = (text: string) => read(text, "resistance");
const chance = ({ standing }: TravellerAssessment, suspect: Suspect | "no-fault"): number =>
  standing.suspects.find((each) => each.suspect === suspect)?.probability ?? 0;
const offered = ({ next }: TravellerAssessment): TestId[] =>
  next.kind !== "move" ? [] : [...(next.move.kind === "decide" ? [] : [next.move.offer.test]), ...next.move.others.map(({ test }) => test)];

const FAN: Parts = { plate: { motorType: "psc", machineKind: "fan", volts: "230", hertz: "60", amps: "1.5", rpm: "1075" } };
const DRUM: Parts = { plate: { motorType: "cap-start", machineKind: "drum", volts: "230", hertz: "60", amps: "6", rpm: "1725" } };
const SHELL: Parts = { plate: { motorType: "psc", machineKind: "hermetic-compressor", volts: "230", hertz: "60", amps: "10" } };
const says = (...complaints: (typeof STATIONS)["complaint"]["blank"]["complaints"]): Parts => ({ complaint: { complaints } });

describe("seized and tight", () => {
  const held = (turn: "tight" | "seized", unloaded: "free" | "tight" | "seized" | null, parts: Parts = DRUM): TravellerAssessment =>
    assessParts({ ...parts, ...says("hums-no-start"), "hand-turn": { turn, unloaded } });
  test.each(["tight", "seized"] as const)("%s: turned again with the load off it parts the load from the bearings", (turn) => {
    expect(chance(held(turn, "free"), "driven-load")).toBeGreaterThan(0.5);
    expect(chance(held(turn, "seized"), "bearing-seized")).toBeGreaterThan(0.75);
    expect(held(turn, "seized").actions[0]?.action).toBe("replace-bearings");
    expect(held(turn, "free").actions[0]?.action).toBe("free-load");
  });
  test("it is asked only of what was held, and never of a welded shell", () => {
    expect(offered(held("seized", null))).toContain("hand-turn-unloaded");
    expect(offered(assessParts({ ...DRUM, ...says("hums-no-start"), "hand-turn": { turn: "free" } }))).not.toContain("hand-turn-unloaded");
    expect(offered(held("tight", null, SHELL))).not.toContain("hand-turn-unloaded");
  });
  test("free without its load, it may be run so; with it, not", () => {
    const freed = assessParts({ ...DRUM, ...says("hums-no-start"), "hand-turn": { turn: "seized", unloaded: "free" } });
    expect(offered(freed)).not.toContain("run-amps");
  });
  test.each([
    ["a fan", FAN],
    ["a blower said to sit on its shaft", { plate: { ...DRUM.plate, machineKind: "blower", drive: "direct" } } as Parts],
  ])("%s that is held: bearings, not the load", (_name, parts) => {
    const found = held("seized", null, parts);
    expect(chance(found, "bearing-seized")).toBeGreaterThan(0.8);
    expect(found.actions[0]?.action).toBe("replace-bearings");
  });
  test("a blower on a belt keeps its load in view", () => {
    const belted: Parts = { plate: { ...DRUM.plate, machineKind: "blower", drive: "belt" } };
    expect(chance(held("seized", null, belted), "driven-load")).toBeGreaterThan(0.15);
  });
});

describe("what is stamped out at the shaft reaches the line-up", () => {
  test.each([
    ["rough, like sand", { turn: "rough" }],
    ["end play beyond the washers", { turn: "free", endPlay: true }],
    ["end play beyond its limit by the indicator", { turn: "free", endMm: "2.5" }],
    ["end play, though nobody could turn it", { turn: "cannot-reach", endPlay: true }],
    ["radial play", { turn: "free", radialPlay: true }],
  ] as const)("%s", (_name, felt) => {
    const found = assessParts({ ...FAN, "hand-turn": felt });
    expect(found.stations["hand-turn"].stamp).toBe("out");
    expect(chance(found, "bearing-worn")).toBeGreaterThan(2 * chance(assessParts(FAN), "bearing-worn"));
    expect(found.actions.slice(0, 3).map(({ action }) => action)).toContain("replace-bearings");
  });
});

describe("ruled out by ear or eye", () => {
  const with_ = (reason: string): TravellerAssessment =>
    assessParts({ ...DRUM, ...says("starts-slow"), look: { ruledOut: [{ suspect: "driven-load", reason }] } });
  test("counts with a reason, and not without", () => {
    expect(chance(with_("belt off, drum spins"), "driven-load")).toBeLessThan(0.3 * chance(with_(" "), "driven-load"));
  });
  test("it is no proof: what is measured against it still counts", () => {
    expect(chance(with_("belt off, drum spins"), "driven-load")).toBeGreaterThan(0.005);
  });
  test("it is told as evidence", () => {
    const { evidence = [] } = with_("unloader heard").standing.suspects.find(({ suspect }) => suspect === "driven-load") ?? {};
    expect(evidence.map((each) => each.evidence.kind)).toContain("ruled-out");
  });
});

describe("trips", () => {
  const live = (found: TravellerAssessment): TestId[] => offered(found).filter((test) => TEST_TABLE[test].power === "live");
  const looked: Parts = { look: { nothingFound: true }, "hand-turn": { turn: "free" } };
  const clear: Parts = { frame: { readings: [ohms("OL"), ohms("OL"), ohms("OL")] } };
  test.each(["trips-at-once", "trips-at-start", "trips-running"] as const)("%s: no live move before frame, look and hand", (complaint) => {
    expect(live(assessParts({ ...FAN, ...says(complaint) }))).toEqual([]);
    expect(live(assessParts({ ...FAN, ...says(complaint), ...looked }))).toEqual([]);
    expect(live(assessParts({ ...FAN, ...says(complaint), ...looked, ...clear })).length).toBeGreaterThan(0);
  });
  test("what trips on the run test is the same", () => {
    const found = assessParts({ ...FAN, ...says("does-not-run"), "run-test": { behaviour: "trips" } });
    expect(found.stations["run-test"].stamp).toBe("out");
    expect(found.findings).toContainEqual(expect.objectContaining({ test: "start-time", weights: { trips: 1 } }));
    expect(live(found)).toEqual([]);
    expect(chance(found, "ground-fault")).toBeGreaterThan(chance(assessParts({ ...FAN, ...says("does-not-run") }), "ground-fault"));
  });
  test("what was not made comes before a decision", () => {
    const { next } = assessParts({ ...FAN, ...says("trips-at-once") });
    expect(next.kind === "move" && next.move.kind !== "decide" && TEST_TABLE[next.move.offer.test].power).toBe("dead");
  });
  const back: Parts = {
    ...madeSafe(AT),
    "power-back": {
      steps: { "leads-and-covers": AT, "everyone-clear": AT, "lock-off": AT },
      restoredAt: "2026-11-27T10:00:00.000Z",
    },
  };
  test("power does not return to what trips before it was looked at", () => {
    const trips = { ...FAN, ...says("trips-at-once"), ...madeSafe(AT) };
    expect(assessParts(trips).stations["power-back"].detail.tripChecks).toEqual(["look", "hand-turn", "frame"]);
    expect(assessParts({ ...trips, ...looked, ...clear }).stations["power-back"].detail.tripChecks).toEqual([]);
    // Given all the same it is live, and said to be: nothing makes a motor that has power look dead.
    expect(assessParts({ ...trips, ...back }).facts.power).toBe("live");
    expect(assessParts({ ...trips, ...back, ...looked, ...clear }).facts.power).toBe("live");
    expect(assessParts({ ...FAN, ...says("squeals"), ...back }).facts.power).toBe("live");
  });
  test.each([
    ["nothing more", {}, "barred"],
    ["the part out, and no test", { again: { isPartOut: true, reading: null } }, "barred"],
    ["the part out, and still a path", { again: { isPartOut: true, reading: ohms("800") } }, "barred"],
    ["a clear test, and the part still in", { again: { isPartOut: false, reading: ohms("OL") } }, "barred"],
    ["the part out, and clear", { again: { isPartOut: true, reading: ohms("OL") } }, "given"],
  ] as const)("over a ground fault, with %s, power is %s", (_name, rest, power) => {
    const frame = { readings: [ohms("12"), ohms("OL"), ohms("OL")], ...rest };
    const { isGrounded } = assessParts({ ...FAN, ...says("squeals"), ...looked, ...madeSafe(AT), frame }).stations["power-back"].detail;
    expect(isGrounded ? "barred" : "given").toBe(power);
  });
  test("a failed insulation test holds it back as well", () => {
    const insulation = {
      ...STATIONS.insulation.blank,
      together: read("0", "insulation"),
      apart: read("OL", "insulation"),
      isDisconnected: true,
      isInVacuum: false,
      joining: "joined" as const,
      cells: [{ a: "all" as const, b: "frame" as const, entry: read("0.2", "insulation") }],
      isDischarged: true,
    };
    const found = assessParts({ ...FAN, ...says("squeals"), ...looked, ...madeSafe(AT), insulation });
    expect(found.stations["power-back"].detail.isGrounded).toBe(true);
  });
  test("a switch that nothing presses bars every live test", () => {
    const gear = { ...STATIONS["start-gear"].blank.switch, atRest: ohms("OL"), actuated: ohms("0.2"), isCoverSeated: false };
    expect(live(assessParts({ ...DRUM, ...says("hums-no-start"), "start-gear": { sort: "switch", switch: gear } }))).toEqual([]);
  });
});

describe("since when, and after what", () => {
  const told = (more: Partial<(typeof STATIONS)["complaint"]["blank"]>, parts: Parts = FAN): TravellerAssessment =>
    assessParts({ ...parts, complaint: { complaints: ["hums-no-start"], ...more } });
  test.each([
    [{ course: ["growing"] }, "bearing-worn"],
    [{ after: ["standstill"] }, "bearing-seized"],
    [{ after: ["water"] }, "ground-fault"],
    [{ after: ["repair"] }, "wiring"],
    [{ after: ["storm"] }, "supply"],
    [{ course: ["only-hot"] }, "protector"],
    [{ course: ["better-once-run"] }, "bearing-seized"],
  ] as const)("%j speaks for %s", (more, suspect) => {
    const history = { course: [...("course" in more ? more.course : [])], after: [...("after" in more ? more.after : [])] };
    expect(chance(told(history), suspect)).toBeGreaterThan(1.15 * chance(told({}), suspect));
  });
  test("it is shown as evidence", () => {
    const { evidence = [] } = told({ after: ["standstill"] }).standing.suspects.find(({ suspect }) => suspect === "bearing-seized") ?? {};
    expect(evidence).toContainEqual(expect.objectContaining({ evidence: { kind: "history", history: "standstill" } }));
  });
  test("no tap is no evidence", () => {
    expect(told({ course: [], after: [] }).standing).toEqual(told({}).standing);
  });
  test("every row has a reason, and speaks of suspects that there are", () => {
    for (const { why, base, given } of Object.values(HISTORY_TABLE)) {
      expect(why.length).toBeGreaterThan(20);
      for (const value of [base, ...Object.values(given)]) expect(value > 0 && value < 1).toBe(true);
      expect(Object.keys(given).every((each) => (SUSPECTS as readonly string[]).includes(each))).toBe(true);
    }
  });
  const visit = (action: string, at: string) => ({ at, records: { decide: { ...STATIONS.decide.blank, action } } });
  const later = (earlier: ReturnType<typeof visit>[]) =>
    assessTraveller(entriesOf({ ...FAN, ...says("cuts-out-and-returns") }), toHouseFigures({}), earlier, () => null, { at: AT });
  test.each([
    ["replace-bearings", "2026-11-01T09:00:00.000Z", true],
    ["replace-run-capacitor", "2026-10-01T09:00:00.000Z", true],
    ["replace-bearings", "2024-11-01T09:00:00.000Z", false],
    ["no-repair", "2026-11-01T09:00:00.000Z", false],
    ["keep-until", "2026-11-01T09:00:00.000Z", false],
  ])("%s on %s counts as a repair by itself: %s", (action, at, counts) => {
    expect(later([visit(action, at)]).facts.history.includes("repair")).toBe(counts);
  });
  test("waited for once, the same is not advised again", () => {
    const actions = (earlier: ReturnType<typeof visit>[]) => later(earlier).actions.map(({ action }) => action);
    expect(actions([])).toContain("wait-and-retest");
    expect(actions([visit("wait-and-retest", "2026-11-26T09:00:00.000Z")])).not.toContain("wait-and-retest");
  });
});

describe("what is not said", () => {
  test("who says that it squeals would have said that it stands", () => {
    const found = (unsaid: number) => weighEvidence({ type: "psc", machine: "fan" }, { complaints: ["squeals"], findings: [] }, { unsaid });
    const of = (unsaid: number, suspect: Suspect) => found(unsaid).suspects.find((each) => each.suspect === suspect)?.probability ?? 0;
    expect(of(0.6, "main-winding")).toBeLessThan(0.8 * of(0, "main-winding"));
    expect(of(0.6, "bearing-worn")).toBeGreaterThan(of(0, "bearing-worn"));
  });
  test("nothing said at all says nothing; a routine visit says that nothing was wrong", () => {
    const none = assessParts(FAN);
    expect(weighEvidence({ type: "psc", machine: "fan" }, { complaints: [], findings: [] }, { unsaid: 1 })).toEqual(
      weighEvidence({ type: "psc", machine: "fan" }, { complaints: [], findings: [] }, { unsaid: 0 }),
    );
    const yearly = assessParts({ ...FAN, complaint: { complaints: [], said: "Yearly look before the season" } });
    expect(chance(yearly, "no-fault")).toBeGreaterThan(1.3 * chance(none, "no-fault"));
    expect(yearly.actions[0]?.action).toBe("no-repair");
  });
});

describe("money", () => {
  const standing = (parts: Partial<Record<Suspect, number>>) => {
    const sum = Object.values(parts).reduce((all, p) => all + p, 0);
    return [
      { faults: [], probability: 1 - sum },
      ...Object.entries(parts).map(([suspect, probability]) => ({ faults: [suspect as Suspect], probability })),
    ];
  };
  const first = (machine: "fan" | "hermetic-compressor", parts: Partial<Record<Suspect, number>>) =>
    rankActions(standing(parts), costModel(toHouseFigures({}), { machine, motorType: "psc", gear: null }))[0];
  test("shorted turns in a welded shell are not met with a capacitor", () => {
    expect(first("hermetic-compressor", { "shorted-turns": 0.96, "run-capacitor": 0.02 })?.action).toBe("refer");
  });
  test.each([
    ["fan", { "main-winding": 0.5, "bearing-worn": 0.46 }],
    ["hermetic-compressor", { "ground-fault": 0.73, control: 0.1 }],
    ["fan", { "run-capacitor": 0.4, control: 0.3, supply: 0.26 }],
  ] as const)("%s: no repair is not first where something is wrong for certain", (machine, parts) => {
    expect(first(machine, parts)?.action).not.toBe("no-repair");
  });
  test("a welded shell has no gear unless it was seen, no load, no bearings", () => {
    const of = (gear: "potential-relay" | null, motorType: "psc" | "cap-start-run") =>
      costModel(toHouseFigures({}), { machine: "hermetic-compressor", motorType, gear }).actions.map(({ action }) => action);
    expect(of(null, "psc")).not.toContain("replace-start-relay");
    expect(of("potential-relay", "psc")).toContain("replace-start-relay");
    expect(of(null, "cap-start-run")).toContain("replace-start-relay");
    for (const none of ["free-load", "replace-bearings", "service-start-switch", "replace-motor"])
      expect(of(null, "psc")).not.toContain(none);
  });
  test("capacitor and bearings are weighed together once both stand above a quarter", () => {
    const hypotheses = [
      { faults: [], probability: 0.2 },
      { faults: ["run-capacitor"] as Suspect[], probability: 0.35 },
      { faults: ["bearing-worn"] as Suspect[], probability: 0.3 },
      { faults: ["run-capacitor", "bearing-worn"] as Suspect[], probability: 0.15 },
    ];
    const works = rankActions(hypotheses, costModel(toHouseFigures({}), { machine: "fan" })).map(({ action, also }) =>
      [action, also].sort(),
    );
    expect(works).toContainEqual(["replace-bearings", "replace-run-capacitor"]);
  });
  test("a part that was measured and holds is not changed first while something else is likelier", () => {
    const site = { machine: "hermetic-compressor", motorType: "psc", gear: null, sound: ["run-capacitor"] } as const;
    const belief = standing({ "bearing-seized": 0.6, "driven-load": 0.2, "run-capacitor": 0.12 });
    expect(rankActions(belief, costModel(toHouseFigures({}), site))[0]?.action).toBe("refer");
    expect(rankActions(belief, costModel(toHouseFigures({}), { ...site, sound: [] }))[0]?.action).toBe("replace-run-capacitor");
    const found = assessParts({
      ...FAN,
      capacitor: { label: "5 µF ±6 % 440 V run", readings: [read("5.02", "capacitance")], isIsolated: true },
    });
    expect(soundParts(found.findings)).toEqual(["run-capacitor"]);
    expect(found.site.sound).toEqual(["run-capacitor"]);
  });
  test("once the shell is cool, waiting is over", () => {
    const open = (shell: "cool" | "hot"): string[] =>
      assessParts({
        ...SHELL,
        ...says("dead"),
        windings: {
          shell,
          pairs: [
            { a: 0, b: 1, entry: ohms("OL") },
            { a: 1, b: 2, entry: ohms("OL") },
            { a: 0, b: 2, entry: ohms("9.1") },
          ],
        },
      }).actions.map(({ action }) => action);
    expect(open("hot")).toContain("wait-and-retest");
    expect(open("cool")).not.toContain("wait-and-retest");
  });
  test("every chance to hold says why", () => {
    for (const action of ACTIONS) expect(ACTION_TABLE[action].why.length).toBeGreaterThan(20);
    for (const { why } of Object.values(TIER_TABLE)) expect(why.length).toBeGreaterThan(20);
  });
});

test("two capacitors: the second is asked for though the first is too close to call", () => {
  const two: Parts = {
    plate: { motorType: "cap-start-run", machineKind: "pump", volts: "230", capacitor: "10 µF run", secondCapacitor: "189-227 µF start" },
    capacitor: { label: "10 µF ±6 % 440 V run", readings: [read("9.41", "capacitance")], isIsolated: true },
  };
  const { stamp, openTests } = assessParts(two).stations.capacitor;
  expect([stamp, openTests]).toEqual(["too-close", ["capacitor-meter", "capacitor-running"]]);
});

describe("one open winding of three, without marks", () => {
  const left = (ohm: string) =>
    assessParts({
      ...FAN,
      ...says("hums-no-start"),
      windings: {
        pairs: [
          { a: 0, b: 1, entry: ohms("OL") },
          { a: 1, b: 2, entry: ohms("OL") },
          { a: 0, b: 2, entry: ohms(ohm) },
        ],
      },
    });
  test("the ohms that are left say which is the likelier, by what such a plate usually has", () => {
    expect(chance(left("17"), "start-winding")).toBeGreaterThan(chance(left("17"), "main-winding"));
    expect(chance(left("75"), "main-winding")).toBeGreaterThan(2 * chance(left("75"), "start-winding"));
  });
  test("it never convicts by that alone", () => {
    for (const ohm of ["4", "17", "75", "300"]) {
      expect(Math.max(chance(left(ohm), "main-winding"), chance(left(ohm), "start-winding"))).toBeLessThan(0.98);
    }
  });
});
