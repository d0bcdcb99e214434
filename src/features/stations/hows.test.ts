import { NO_FACTS, type Facts } from "@/core/facts";
import { HOUSE_RULE_IDS, houseRule, toHouseFigures, type HouseFigures } from "@/core/house";
import type { Quantity } from "@/core/quantity";
import { stationOf, STATION_IDS, type StationData, type StationId } from "@/core/stations";
import { GEAR_SORTS } from "@/core/startgear";
import { NO_STUDY } from "@/core/study";
import type { How } from "../station/how";
import { readAt } from "../../../tests/support/partial-card";
import { HOWS, topicAt } from "./hows";

const HOUSE = toHouseFigures({});
const AT = "2026-11-23T10:00:00.000Z";
const read = (text: string, quantity: Quantity) => readAt(text, quantity, AT);

const ALL = STATION_IDS.flatMap((station) =>
  Object.entries(HOWS[station].topics).map(([topic, how]) => ({ station, topic, how, name: `${station} ${topic}` })),
);
const wordsOf = ({ steps, good, bad, doubtful, mistake, scene, said, title }: How) =>
  [
    title,
    said,
    ...steps,
    good.shows,
    good.means,
    bad.shows,
    bad.means,
    doubtful.shows,
    doubtful.means,
    mistake,
    JSON.stringify(scene),
  ].join("\n");

describe("every station and every way of working there has its topic", () => {
  test.each(STATION_IDS)("%s", (station) => {
    const methods = stationOf(station).definition.methods ?? [];
    for (const { id } of methods) expect(topicAt(station, id, null)).toBe(id);
    expect(HOWS[station].topics[topicAt(station, null, stationOf(station).blank)]).toBeDefined();
  });
  test("start gear opens at the sort that is fitted", () => {
    for (const sort of GEAR_SORTS) expect(topicAt("start-gear", null, { sort })).toBe(sort);
  });
});

describe.each(ALL)("$name", ({ how }) => {
  const done = how(HOUSE);
  test("three to six short lines, three looks, one mistake, and a drawing that is told in words", () => {
    expect(done.steps.length).toBeGreaterThanOrEqual(3);
    expect(done.steps.length).toBeLessThanOrEqual(6);
    for (const step of done.steps) expect(step.length).toBeLessThanOrEqual(130);
    for (const text of [done.said, done.mistake, done.good.means, done.bad.means, done.doubtful.means])
      expect(text.length).toBeGreaterThan(10);
    expect(new Set([done.good.shows, done.bad.shows, done.doubtful.shows]).size).toBe(3);
  });
  test("stays inside its box", () => {
    for (const piece of done.scene) {
      const points = [
        ...("at" in piece ? [piece.at] : []),
        ...("from" in piece ? [piece.from, piece.to] : []),
        ...(piece.is === "meter" && piece.to ? piece.to : []),
      ];
      for (const [x, y] of points) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(320);
        expect(y).toBeGreaterThanOrEqual(0);
        expect(y).toBeLessThanOrEqual(150);
      }
    }
  });
});

/** Rules of the house that a topic's lines are to follow. */
const FOLLOWS: Readonly<Record<string, readonly (keyof HouseFigures)[]>> = {
  "make-safe dead": ["safeVolts", "dischargeResistorOhm"],
  "hand-turn turn": ["shortCoastS", "radialPlayUm", "endPlayMm"],
  "out-in match": ["matchBushMm", "matchMorePowerPercent", "matchSpeedPercent"],
  "out-in quotes": ["hourlyRate"],
  "capacitor meter": ["runLowPercent", "runHighPercent"],
  "capacitor swing": ["swingRangeOhm"],
  "capacitor discharge": ["dischargeResistorOhm", "safeVolts", "shortUpToUf"],
  "capacitor start-parts": ["startsAnHour", "startSeconds"],
  "windings sketch": ["lowOhmCaution", "leadResistanceOhm"],
  "windings pairs": ["lowOhmCaution"],
  "frame leads": ["frameLimitMegohm"],
  "insulation tester": ["insulationLeastMegohm", "testerRangeMegohm", "hermeticWatchMegohm"],
  "start-gear switch": ["contactOhm"],
  "start-gear potential-relay": ["relayCoilLowOhm", "relayCoilHighOhm"],
  "start-gear current-relay": ["contactOhm"],
  "start-gear time-relay": ["contactOhm"],
  "start-gear solid-state-kit": ["contactOhm"],
  "start-gear ptc": ["ptcColdLowOhm", "ptcColdHighOhm", "ptcHotOhm"],
  "bearing name": ["calliperMm"],
  "bearing fit": ["micrometerUm"],
  "bearing upkeep": ["oilContinuousMonths", "inspectContinuousMonths"],
  "supply volts": ["supplyPercent", "supplyDropPercent"],
  "run-test run": ["overloadPercent", "underloadPercent", "slowStartS"],
  "prove prove": ["overloadPercent"],
};

test.each(ALL)("$name says the limits of the house, and no others", ({ name, how }) => {
  const before = wordsOf(how(HOUSE));
  const moved = HOUSE_RULE_IDS.filter((id) => {
    const rule = houseRule(id);
    if (rule.kind !== "number") return false;
    return [rule.min, rule.max].some((value) => wordsOf(how({ ...HOUSE, [id]: value })) !== before);
  });
  expect([...moved].sort()).toEqual([...(FOLLOWS[name] ?? [])].sort());
});

const FACTS: Facts = { ...NO_FACTS, motorType: "psc", supplyV: 115, frequencyHz: 60 };
const stampOf = <Id extends StationId>(
  station: Id,
  part: object,
  facts: Partial<Facts> = {},
  blank: object = stationOf(station).blank as object,
): string =>
  stationOf(station).assess({ ...blank, ...part } as StationData<Id>, {
    facts: { ...FACTS, ...facts },
    house: HOUSE,
    earlier: [],
    study: NO_STUDY,
    findings: [],
  }).stamp;
const capacitorLabel = "35 µF ±6 % 440 V";
const running = (shows: string) => {
  const [amps = "", volts = ""] = shows.split(", ");
  return {
    label: capacitorLabel,
    running: { sections: [{ amps: read(amps, "current"), volts: read(volts, "voltage") }], hertz: "", isStartDeviceOut: null },
  };
};
const swing = (behaviour: string) => ({ label: capacitorLabel, swing: { sections: [{ behaviour, climbS: "" }], rangeEnd: "" } });
const round = (part: object) => ({ round: { ...(stationOf("make-safe").blank as { round: object }).round, ...part } });
const gear = (sort: string, part: object) => ({ sort, ...part });
const firstOhm = (shows: string): string => shows.split(",")[0]?.replace(/ (coil|contacts|at rest|in a hermetic).*/, "") ?? "";
const cells = (megohm: string) => ({
  cells: [{ a: "all", b: "frame", entry: read(megohm, "insulation") }],
  together: read("0", "insulation"),
  apart: read("OL", "insulation"),
});

/** What a look says, judged by the core: the topic, which look, what it is as a record, and the stamp it must come to. */
const JUDGED: readonly (readonly [string, "good" | "bad" | "doubtful", (shows: string) => string, string])[] = [
  ["capacitor meter", "good", (shows) => stampOf("capacitor", { label: capacitorLabel, readings: [read(shows, "capacitance")] }), "holds"],
  ["capacitor meter", "bad", (shows) => stampOf("capacitor", { label: capacitorLabel, readings: [read(shows, "capacitance")] }), "out"],
  [
    "capacitor meter",
    "doubtful",
    (shows) => stampOf("capacitor", { label: capacitorLabel, readings: [read(shows, "capacitance")] }),
    "too-close",
  ],
  ["capacitor running", "good", (shows) => stampOf("capacitor", running(shows)), "holds"],
  ["capacitor running", "bad", (shows) => stampOf("capacitor", running(shows)), "out"],
  ["capacitor running", "doubtful", (shows) => stampOf("capacitor", running(shows)), "too-close"],
  ["capacitor swing", "good", () => stampOf("capacitor", swing("takes-charge")), "noted"],
  ["capacitor swing", "bad", () => stampOf("capacitor", swing("stays-low")), "out"],
  ["frame leads", "good", (shows) => stampOf("frame", { readings: [0, 1, 2].map(() => read(shows, "resistance")) }), "holds"],
  ["frame leads", "bad", (shows) => stampOf("frame", { readings: [read(shows, "resistance")] }), "out"],
  ["frame leads", "doubtful", () => stampOf("frame", { beeps: false }), "noted"],
  ["insulation tester", "bad", (shows) => stampOf("insulation", cells(firstOhm(shows))), "out"],
  [
    "start-gear switch",
    "good",
    () =>
      stampOf(
        "start-gear",
        gear("switch", {
          switch: {
            isCoverSeated: true,
            atRest: read("0.3", "resistance"),
            actuated: read("OL", "resistance"),
            clicksBack: true,
            travel: null,
            contacts: null,
          },
        }),
      ),
    "holds",
  ],
  [
    "start-gear switch",
    "bad",
    (shows) =>
      stampOf(
        "start-gear",
        gear("switch", {
          switch: {
            isCoverSeated: true,
            atRest: read(firstOhm(shows), "resistance"),
            actuated: read("OL", "resistance"),
            clicksBack: null,
            travel: null,
            contacts: null,
          },
        }),
      ),
    "out",
  ],
  [
    "start-gear potential-relay",
    "good",
    (shows) =>
      stampOf(
        "start-gear",
        gear("potential-relay", {
          relay: { isUnplugged: true, coil: read(firstOhm(shows), "resistance"), contact: read("0.2", "resistance") },
        }),
      ),
    "holds",
  ],
  [
    "start-gear potential-relay",
    "bad",
    () =>
      stampOf(
        "start-gear",
        gear("potential-relay", { relay: { isUnplugged: true, coil: read("OL", "resistance"), contact: read("0.2", "resistance") } }),
      ),
    "out",
  ],
  [
    "start-gear potential-relay",
    "doubtful",
    () =>
      stampOf(
        "start-gear",
        gear("potential-relay", { relay: { isUnplugged: false, coil: read("9.8k", "resistance"), contact: read("0.2", "resistance") } }),
      ),
    "not-done",
  ],
  [
    "start-gear current-relay",
    "good",
    () =>
      stampOf(
        "start-gear",
        gear("current-relay", { relay: { isUnplugged: true, coil: read("0.2", "resistance"), contact: read("OL", "resistance") } }),
      ),
    "holds",
  ],
  [
    "start-gear current-relay",
    "bad",
    () =>
      stampOf(
        "start-gear",
        gear("current-relay", { relay: { isUnplugged: true, coil: read("0.2", "resistance"), contact: read("0.2", "resistance") } }),
      ),
    "out",
  ],
  [
    "start-gear ptc",
    "good",
    (shows) => stampOf("start-gear", gear("ptc", { ptc: { isCold: true, cold: read(shows, "resistance"), hot: null } })),
    "holds",
  ],
  [
    "start-gear ptc",
    "bad",
    (shows) => stampOf("start-gear", gear("ptc", { ptc: { isCold: true, cold: read(shows, "resistance"), hot: null } })),
    "out",
  ],
  [
    "start-gear ptc",
    "doubtful",
    (shows) => stampOf("start-gear", gear("ptc", { ptc: { isCold: null, cold: read(shows, "resistance"), hot: null } })),
    "too-close",
  ],
  ["hand-turn turn", "good", (shows) => stampOf("hand-turn", { turn: shows }), "holds"],
  ["hand-turn turn", "bad", (shows) => stampOf("hand-turn", { turn: shows.split(",")[0] }), "out"],
  [
    "make-safe dead",
    "good",
    (shows) =>
      stampOf(
        "make-safe",
        round({
          circuitDead: read(shows.replace(" or less", ""), "voltage"),
          capacitorVolts: read(shows.replace(" or less", ""), "voltage"),
        }),
      ),
    "not-done",
  ],
  [
    "make-safe dead",
    "bad",
    (shows) =>
      stampOf("make-safe", round({ circuitDead: read(`${Number.parseFloat(shows.replace("more than ", "")) + 20} V`, "voltage") })),
    "out",
  ],
  [
    "supply volts",
    "bad",
    (shows) =>
      stampOf("supply", { call: "calls", standing: read(shows, "voltage") }, { plateVolts: [{ lowV: 115, highV: 115 }] } as Partial<Facts>),
    "out",
  ],
];
test.each(JUDGED)("%s: what is %s is so to the core", (name, look, judge, stamp) => {
  const topic = ALL.find((each) => each.name === name);
  if (!topic) throw new Error(`no topic ${name}`);
  expect(judge(topic.how(HOUSE)[look].shows.replaceAll("\u00a0", " "))).toBe(stamp);
});
