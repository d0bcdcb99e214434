import { NO_RUN_ENTRIES, RUN_FIELDS, type RunField } from "@/core/motor";
import type { StationData } from "@/core/stations";
import { markLikeName } from "@/core/winding";
import type { DemoClock, DemoStory } from "./demo-traveller";
import { condemnedMotor, newBearings, swappedCapacitor } from "./exchanges";
import { bearings, ledger, seenTo, wires } from "./mechanics";

const IVO = "Ivo Marrable";
const SEFA = "Sefa Lindqvist";

/** Isolated, proven live–dead–live, capacitor measured, within a few minutes. */
function madeSafe(clock: DemoClock, from: number, capacitorVolts: string | null): { "make-safe": StationData<"make-safe"> } {
  return {
    "make-safe": {
      round: {
        steps: {
          "control-off": clock.at(from),
          "breaker-locked": clock.at(from + 1),
          unplugged: clock.at(from + 1),
          "rotor-still": clock.at(from + 1),
        },
        provenLive: clock.read("231.2", "voltage", from + 2),
        circuitDead: clock.read("0.3", "voltage", from + 2),
        provenLiveAgain: clock.read("230.9", "voltage", from + 3),
        capacitorVolts: capacitorVolts === null ? null : clock.read(capacitorVolts, "voltage", from + 4),
        hasNoCapacitor: capacitorVolts === null,
        declared: null,
      },
      earlier: [],
    },
  };
}

type Windings = StationData<"windings">;
const TRIANGLE = [
  { x: 0.25, y: 0.26 },
  { x: 0.75, y: 0.26 },
  { x: 0.5, y: 0.76 },
] as const;
const PAIRS = [
  [0, 1],
  [1, 2],
  [0, 2],
] as const;

/** Three leads by name (C, R and S stand on the maker's terminal block), with the readings of the pairs 1–2, 2–3 and 1–3. */
function threeLeads(
  clock: DemoClock,
  minutes: number,
  names: readonly [string, string, string],
  texts: readonly [string, string, string],
): Pick<Windings, "posts" | "pairs"> {
  return {
    posts: names.map((name, post) => ({ name, mark: markLikeName(name), x: TRIANGLE[post]?.x ?? 0.5, y: TRIANGLE[post]?.y ?? 0.5 })),
    pairs: PAIRS.map(([a, b], pair) => ({ a, b, entry: clock.read(texts[pair] ?? "", "resistance", minutes + pair) })),
  };
}

/** Leads where they lie, and the pairs probed so far by the names of their ends. */
function board(
  clock: DemoClock,
  minutes: number,
  places: Readonly<Record<string, readonly [x: number, y: number]>>,
  readings: readonly (readonly [from: string, to: string, text: string])[],
): Pick<Windings, "posts" | "pairs"> {
  const names = Object.keys(places);
  return {
    posts: names.map((name) => ({ name, mark: markLikeName(name), x: places[name]?.[0] ?? 0.5, y: places[name]?.[1] ?? 0.5 })),
    pairs: readings.map(([from, to, text], index) => ({
      a: names.indexOf(from),
      b: names.indexOf(to),
      entry: clock.read(text, "resistance", minutes + index),
    })),
  };
}

/** Tester proven, capacitors off, each cell a figure against the frame. */
function insulation(clock: DemoClock, minutes: number, temperature: string, allToFrame: string): StationData<"insulation"> {
  return {
    together: clock.read("0", "insulation", minutes),
    apart: clock.read("OL", "insulation", minutes),
    testV: "500",
    temperature: clock.read(temperature, "temperature", minutes),
    isDisconnected: true,
    isInVacuum: false,
    joining: null,
    rule: null,
    cells: [{ a: "all", b: "frame", entry: clock.read(allToFrame, "insulation", minutes + 2) }],
    isDischarged: true,
    note: "",
  };
}

const toFrame = (clock: DemoClock, minutes: number, ...texts: readonly [string, string, string]): StationData<"frame">["readings"] => [
  clock.read(texts[0], "resistance", minutes),
  clock.read(texts[1], "resistance", minutes),
  clock.read(texts[2], "resistance", minutes),
];

const cleanLook = { signs: [], nothingFound: true, note: "" };
const turnsFree = { turn: "free" as const, radialPlay: false, endPlay: false, rubs: false, note: "" };
const feltFree = { turn: "free" as const, radialPlay: false, endPlay: false, rubs: false, radialMm: "", endMm: "" };
const powerBack = (clock: DemoClock, minutes: number): StationData<"power-back"> => ({
  steps: { "leads-and-covers": clock.at(minutes), "everyone-clear": clock.at(minutes), "lock-off": clock.at(minutes) },
  restoredAt: clock.at(minutes),
});

/** Switched on for a moment, or left running: what it did, and the figures of it. */
function runTest(
  clock: DemoClock,
  minutes: number,
  seen: Pick<StationData<"run-test">, "behaviour"> & Partial<StationData<"run-test">>,
  figures: Readonly<Partial<Record<RunField, string>>>,
): Partial<StationData<"run-test">> {
  const read = Object.entries(figures).map(([field, text]) => [field, clock.read(text, RUN_FIELDS[field as RunField], minutes)]);
  return { ...seen, ...Object.fromEntries(read) };
}

type Figures = Readonly<Partial<Record<RunField, string>>>;

/** Figures before and after, each set read within a minute. */
function proof(
  clock: DemoClock,
  ...[before, after]: readonly [readonly [minutes: number, figures: Figures], readonly [minutes: number, figures: Figures]]
): Pick<StationData<"prove">, "before" | "after"> {
  const read = ([minutes, figures]: readonly [number, Figures]): StationData<"prove">["after"] => ({
    ...NO_RUN_ENTRIES,
    ...Object.fromEntries(
      Object.entries(figures).map(([field, text]) => [field, clock.read(text, RUN_FIELDS[field as RunField], minutes)]),
    ),
  });
  return { before: read(before), after: read(after) };
}

/** The town of Quillhaven: every site, person and maker here is made up. */
export const STORIES: readonly DemoStory[] = [
  {
    id: "bakery-proofer",
    machine: "Proofing-cabinet blower",
    site: "Pell Street Bakery",
    technician: IVO,
    daysAgo: 0,
    hourUtc: 14,
    finishedAfter: null,
    stations: (clock) => ({
      complaint: {
        complaints: ["starts-slow", "slow-or-weak"],
        said: "Dough takes twice as long, the fan creeps up to speed",
      },
      plate: {
        motorType: "psc",
        machineKind: "blower",
        volts: "230",
        hertz: "60",
        power: "1/3 hp",
        amps: "2.4",
        rpm: "1075",
        capacitor: "17.5 µF 440 V",
        duty: "continuous",
        insulationClass: "B",
      },
      ...madeSafe(clock, 2, "0.4"),
      look: cleanLook,
      "hand-turn": turnsFree,
      capacitor: { label: "17.5 µF ±6 % 440 V", readings: [clock.read("16.56", "capacitance", 10)], isIsolated: true },
      windings: {
        ...threeLeads(clock, 14, ["white", "brown", "black"], ["8.9", "31.3", "22.6"]),
        testLeads: clock.read("0.2", "resistance", 13),
      },
      frame: { readings: toFrame(clock, 18, "OL", "OL", "OL") },
    }),
  },
  {
    id: "bakery-condenser",
    machine: "Retarder condenser fan",
    site: "Pell Street Bakery",
    technician: SEFA,
    daysAgo: 0,
    hourUtc: 7,
    finishedAfter: null,
    stations: (clock) => ({
      complaint: { complaints: ["slow-or-weak", "runs-hot"], said: "Cabinet does not hold its cold, fan warm" },
      plate: { motorType: "psc", machineKind: "fan", volts: "230", hertz: "50", amps: "0.9", rpm: "1350", capacitor: "10 µF 450 V" },
      ...madeSafe(clock, 20, "0.7"),
      look: cleanLook,
      "hand-turn": turnsFree,
      capacitor: {
        label: "10 µF ±5 % 450 V 50/60 Hz −25/+85 °C P2",
        readings: [clock.read("9.86", "capacitance", 26)],
        isIsolated: true,
        running: {
          sections: [{ amps: clock.read("0.85", "current", 5), volts: clock.read("352", "voltage", 5) }],
          hertz: "",
          isStartDeviceOut: true,
        },
        note: "Holds cold, low while it runs",
      },
    }),
  },
  ...[
    { visit: 1, daysAgo: 1096, microfarads: "6.03", isLast: false },
    { visit: 2, daysAgo: 731, microfarads: "5.90", isLast: false },
    { visit: 3, daysAgo: 366, microfarads: "5.77", isLast: false },
    { visit: 4, daysAgo: 1, microfarads: "5.61", isLast: true },
  ].map(({ visit, daysAgo, microfarads, isLast }): DemoStory => ({
    id: `lido-fan-${visit}`,
    machine: "Pool-hall fan",
    site: "Minnow Lido",
    technician: IVO,
    daysAgo,
    hourUtc: 10,
    finishedAfter: isLast ? null : 35,
    stations: (clock) => ({
      complaint: { complaints: ["slow-or-weak"], said: isLast ? "Yearly check; a little weaker than last year" : "Yearly check" },
      plate: { motorType: "psc", machineKind: "fan", volts: "230", hertz: "50", amps: "0.62", rpm: "1350", capacitor: "6 µF 450 V" },
      ...madeSafe(clock, 2, "0.2"),
      look: cleanLook,
      "hand-turn": turnsFree,
      capacitor: { label: "6 µF ±6 % 450 V", readings: [clock.read(microfarads, "capacitance", 8)], isIsolated: true },
      ...(isLast
        ? {}
        : {
            decide: { action: "keep-until" as const, reason: "Holds, falling slowly; look again in a year", decidedAt: clock.at(12) },
            "power-back": powerBack(clock, 20),
            prove: proof(clock, [1, { lineAmps: "0.61" }], [30, { lineAmps: "0.61" }]),
          }),
    }),
  })),
  {
    id: "ventilator-interrupted",
    machine: "Heat-recovery ventilator",
    site: "Old Customs House",
    technician: SEFA,
    daysAgo: 0,
    hourUtc: 9,
    finishedAfter: null,
    stations: (clock) => ({
      complaint: { complaints: ["hums-no-start"], said: "Hums, stopped on Sunday night" },
      plate: {
        motorType: "psc",
        machineKind: "blower",
        volts: "230",
        hertz: "50",
        amps: "1.1",
        rpm: "1350",
        capacitor: "6 µF 450 V",
      },
      ...madeSafe(clock, 3, "1.1"),
      look: cleanLook,
      "hand-turn": turnsFree,
      capacitor: { label: "6 µF ±5% 450V", readings: [clock.read("5.98", "capacitance", 12)], isIsolated: true },
      windings: {
        ...board(clock, 20, { brown: [0.22, 0.2], blue: [0.72, 0.16], white: [0.14, 0.62], red: [0.84, 0.66], black: [0.48, 0.84] }, [
          ["black", "blue", "12.0"],
          ["black", "red", "17.1"],
          ["blue", "red", "5.4"],
          ["white", "black", "22.5"],
        ]),
        testLeads: clock.read("0.2", "resistance", 19),
        note: "Called away to the front desk; the brown lead still to do",
      },
    }),
  },
  {
    id: "laundrette-exhaust",
    machine: "Exhaust blower",
    site: "Lantern Row Laundrette",
    technician: IVO,
    daysAgo: 0,
    hourUtc: 11,
    finishedAfter: null,
    stations: (clock) => ({
      complaint: {
        complaints: ["runs-hot", "noisy-hum"],
        said: "Hot and loud since somebody changed a part in spring",
        after: ["repair"],
      },
      plate: {
        motorType: "psc",
        machineKind: "blower",
        volts: "230",
        hertz: "50",
        power: "0.25 kW",
        amps: "1.9",
        rpm: "1380",
        capacitor: "12.5 µF 450 V",
        insulationClass: "F",
      },
      ...madeSafe(clock, 2, "3.2"),
      look: cleanLook,
      "hand-turn": turnsFree,
      capacitor: {
        label: "20 µF ±5% 400V 50Hz",
        readings: [clock.read("20.1", "capacitance", 9)],
        isIsolated: true,
        note: "Dosbrook part, newer than the motor",
      },
      "run-test": runTest(
        clock,
        1,
        { behaviour: "starts", noises: ["hum"], warmth: "hot" },
        { supplyVolts: "232", lineAmps: "2.61", startAmps: "2.5", capacitorVolts: "399", speed: "1408" },
      ),
    }),
  },
  {
    id: "lido-dehumidifier",
    machine: "Pool-hall dehumidifier",
    site: "Minnow Lido",
    technician: SEFA,
    daysAgo: 1,
    hourUtc: 15,
    finishedAfter: null,
    stations: (clock) => ({
      complaint: { complaints: ["cuts-out-and-returns"], said: "Stops after ten minutes, comes back by itself later" },
      plate: {
        motorType: "psc",
        machineKind: "hermetic-compressor",
        volts: "230",
        hertz: "50",
        amps: "5.9",
        rpm: "2850",
        capacitor: "30 µF 440 V",
      },
      ...madeSafe(clock, 2, "0.9"),
      look: { signs: ["dust-clogged"], nothingFound: false, note: "Coil half blocked with lint" },
      windings: { ...threeLeads(clock, 16, ["C", "R", "S"], ["OL", "6.8", "OL"]), note: "Shell too hot to touch" },
      insulation: insulation(clock, 24, "62", "9.4"),
    }),
  },
  {
    id: "lido-dehumidifier-spring",
    machine: "Pool-hall dehumidifier",
    site: "Minnow Lido",
    technician: SEFA,
    daysAgo: 214,
    hourUtc: 10,
    finishedAfter: 40,
    stations: (clock) => ({
      complaint: { complaints: [], said: "Yearly look before the season" },
      plate: { motorType: "psc", machineKind: "hermetic-compressor", volts: "230", hertz: "50", amps: "5.9", capacitor: "30 µF 440 V" },
      ...madeSafe(clock, 2, "0.7"),
      windings: threeLeads(clock, 14, ["C", "R", "S"], ["1.9", "6.7", "5.1"]),
      frame: { readings: toFrame(clock, 18, "OL", "OL", "OL") },
      insulation: insulation(clock, 22, "28", "160"),
      decide: { action: "no-repair", reason: "Sound; insulation 160 MΩ at 28 °C", decidedAt: clock.at(34) },
    }),
  },
  {
    id: "dairy-agitator",
    machine: "Milk-tank agitator",
    site: "Osier Dairy",
    technician: IVO,
    daysAgo: 1,
    hourUtc: 8,
    finishedAfter: null,
    stations: (clock) => ({
      complaint: {
        complaints: ["hums-no-start", "starts-with-push"],
        said: "Hums, goes if the paddle is moving already",
      },
      plate: {
        motorType: "cap-start-run",
        machineKind: "agitator",
        volts: "230",
        hertz: "50",
        power: "3/4 hp",
        amps: "4.6",
        rpm: "1425",
        capacitor: "16 µF 450 V",
      },
      ...madeSafe(clock, 3, "12"),
      look: cleanLook,
      "hand-turn": turnsFree,
      capacitor: { label: "16 µF ±5% 450V", readings: [clock.read("15.9", "capacitance", 11)], isIsolated: true },
      windings: {
        ...threeLeads(clock, 15, ["C", "R", "S"], ["3.1", "12.5", "9.6"]),
        testLeads: clock.read("0.2", "resistance", 14),
      },
      frame: { readings: toFrame(clock, 19, "OL", "OL", "OL") },
      "start-gear": {
        sort: "potential-relay",
        relay: { isUnplugged: true, coil: clock.read("8.2k", "resistance", 22), contact: clock.read("OL", "resistance", 23) },
      },
    }),
  },
  {
    id: "laundrette-dryer",
    machine: "Dryer drum motor",
    site: "Lantern Row Laundrette",
    technician: SEFA,
    daysAgo: 2,
    hourUtc: 10,
    finishedAfter: null,
    stations: (clock) => ({
      complaint: { complaints: ["hums-no-start"], said: "New belt fitted last week, now it only hums", after: ["repair"] },
      plate: {
        motorType: "cap-start",
        machineKind: "drum",
        volts: "120",
        hertz: "60",
        power: "1/3 hp",
        amps: "6.2",
        rpm: "1725",
        capacitor: "130-156 µF 125 VAC",
      },
      ...madeSafe(clock, 2, "0.2"),
      look: {
        signs: ["cover-not-seated"],
        nothingFound: false,
        note: "End cover stands off 3 mm: the switch is never pressed",
      },
      "hand-turn": turnsFree,
      capacitor: { label: "130-156 MFD 125 VAC", readings: [clock.read("141.2", "capacitance", 9)], isIsolated: true },
    }),
  },
  {
    id: "cinema-foyer",
    machine: "Foyer fan",
    site: "Tollgate Cinema",
    technician: IVO,
    daysAgo: 1,
    hourUtc: 17,
    finishedAfter: null,
    stations: (clock) => ({
      complaint: { complaints: ["slow-or-weak", "starts-slow"], said: "Weak since the stage lights were renewed" },
      plate: {
        motorType: "psc",
        machineKind: "fan",
        volts: "230",
        hertz: "50",
        power: "0.18 kW",
        amps: "1.4",
        rpm: "1380",
        capacitor: "8 µF 450 V",
        age: "5",
      },
      ...madeSafe(clock, 3, "0.5"),
      look: cleanLook,
      "hand-turn": turnsFree,
      capacitor: { label: "8 µF ±5 % 450 V", readings: [clock.read("8.03", "capacitance", 12)], isIsolated: true },
      "power-back": powerBack(clock, 20),
      supply: {
        call: "calls",
        interlock: "none",
        standing: clock.read("221", "voltage", 24),
        starting: clock.read("178", "voltage", 25),
        atDisconnect: clock.read("219", "voltage", 27),
        note: "Shares a long branch with the dimmers",
      },
    }),
  },
  {
    id: "dairy-coldstore",
    machine: "Cold-store fan",
    site: "Osier Dairy",
    technician: SEFA,
    daysAgo: 2,
    hourUtc: 7,
    finishedAfter: null,
    stations: (clock) => ({
      complaint: { complaints: ["starts-slow", "rumbles"], said: "Groans, and takes its time" },
      plate: {
        motorType: "psc",
        machineKind: "fan",
        volts: "230",
        hertz: "50",
        power: "0.12 kW",
        amps: "1.0",
        rpm: "1350",
        capacitor: "5 µF 450 V",
        age: "11",
      },
      ...madeSafe(clock, 2, "0.3"),
      look: cleanLook,
      "hand-turn": { turn: "rough" as const, radialPlay: true, endPlay: false, rubs: false, note: "Gritty on the wheel side" },
      capacitor: { label: "5 µF ±5 % 450 V", readings: [clock.read("3.1", "capacitance", 9)], isIsolated: true },
      windings: threeLeads(clock, 12, ["C", "R", "S"], ["24.1", "66.0", "42.2"]),
      frame: { readings: toFrame(clock, 16, "OL", "OL", "OL") },
      "power-back": powerBack(clock, 22),
      "uncoupled-run": {
        freedAt: clock.at(20),
        result: "runs-rough",
        amps: clock.read("0.71", "current", 26),
        note: "Wheel off: the same groan",
      },
    }),
  },
  {
    id: "nursery-fan-weak",
    machine: "Circulation fan, bay 3",
    site: "Brackwater Nursery",
    technician: IVO,
    daysAgo: 3,
    hourUtc: 9,
    finishedAfter: 52,
    stations: (clock) => ({
      complaint: { complaints: ["starts-slow", "runs-hot"], said: "Slow to come up, warm to the hand" },
      plate: {
        motorType: "psc",
        machineKind: "fan",
        volts: "230",
        hertz: "50",
        amps: "1.9",
        rpm: "1380",
        capacitor: "12.5 µF 450 V",
        insulationClass: "F",
      },
      ...madeSafe(clock, 3, "0.6"),
      look: cleanLook,
      "hand-turn": turnsFree,
      capacitor: { label: "12,5 µF ±5 % 450 V", readings: [clock.read("8.91", "capacitance", 11)], isIsolated: true },
      windings: {
        ...threeLeads(clock, 14, ["C", "R", "S"], ["13.3", "35.6", "22.6"]),
        testLeads: clock.read("0.2", "resistance", 13),
      },
      frame: { readings: toFrame(clock, 18, "OL", "OL", "OL") },
      decide: {
        action: "replace-run-capacitor",
        reason: "Reads 71 % of rated, windings sound",
        decidedAt: clock.at(22),
      },
      "power-back": powerBack(clock, 40),
      "run-test": runTest(
        clock,
        1,
        { behaviour: "starts", warmth: "warm", noises: ["hum"] },
        { supplyVolts: "229", lineAmps: "2.04", startAmps: "0.93", capacitorVolts: "338", speed: "1366", startTime: "2.4" },
      ),
      prove: {
        ...proof(
          clock,
          [1, {}],
          [45, { supplyVolts: "230", lineAmps: "1.84", startAmps: "1.29", capacitorVolts: "352", speed: "1392", startTime: "1.1" }],
        ),
        afterBehaviour: "starts",
        afterNoises: ["quiet"],
        lines: { "air-as-it-should": "good" },
        note: "Up to speed at once. Kelvane 12.5 µF 450 V fitted.",
      },
      "out-in": swappedCapacitor(clock),
    }),
  },
  {
    id: "cinema-extract",
    machine: "Extract fan",
    site: "Tollgate Cinema",
    technician: SEFA,
    daysAgo: 6,
    hourUtc: 13,
    finishedAfter: 65,
    skipped: { prove: "Motor condemned; a new one is on order" },
    stations: (clock) => ({
      complaint: { complaints: ["trips-at-once", "burning-smell"], said: "Trips the moment the breaker goes in" },
      plate: {
        motorType: "psc",
        machineKind: "fan",
        volts: "230",
        hertz: "50",
        amps: "2.8",
        rpm: "1400",
        capacitor: "16 µF 450 V",
      },
      ...madeSafe(clock, 2, "0.1"),
      look: { signs: ["varnish-burnt", "smell-burnt"], nothingFound: false, note: "" },
      "hand-turn": turnsFree,
      frame: { readings: toFrame(clock, 15, "62", "58", "OL") },
      decide: {
        action: "replace-motor",
        reason: "Ground fault, 58 Ω to the frame: the motor is finished and the trips are explained. Fan wheel and capacitor kept.",
        decidedAt: clock.at(30),
      },
      "out-in": condemnedMotor(clock),
    }),
  },
  {
    id: "nursery-fan-bearing",
    machine: "Circulation fan, bay 7",
    site: "Brackwater Nursery",
    technician: IVO,
    daysAgo: 8,
    hourUtc: 7,
    finishedAfter: 80,
    stations: (clock) => ({
      complaint: { complaints: ["squeals", "rumbles"], said: "Screams on cold mornings" },
      plate: {
        motorType: "psc",
        machineKind: "fan",
        volts: "230",
        hertz: "50",
        amps: "1.9",
        rpm: "1380",
        capacitor: "12.5 µF 450 V",
      },
      "make-safe": {
        round: {
          steps: { "breaker-locked": clock.at(3) },
          provenLive: null,
          circuitDead: null,
          provenLiveAgain: null,
          capacitorVolts: null,
          hasNoCapacitor: false,
          declared: { at: clock.at(4), by: IVO },
        },
        earlier: [],
      },
      "hand-turn": {
        turn: "rough",
        radialPlay: true,
        endPlay: false,
        rubs: false,
        radialMm: "0.11",
        feltAt: "drive-end",
        note: "Like sand on the wheel side",
      },
      capacitor: { label: "12.5uF 5% 450", readings: [clock.read("12.44", "capacitance", 14)], isIsolated: true },
      decide: {
        action: "replace-bearings",
        reason: "Rough with play on the wheel side; capacitor holds. Both changed while it was open.",
        decidedAt: clock.at(20),
      },
      bearing: {
        ...bearings(
          { kind: "ball", stamped: "62?3 2RS", bore: "17.0", outside: "39.9", width: "12.0", shaft: "17.002", slides: false },
          { kind: "ball", stamped: "6202-2RS/C3", slides: true },
        ),
        around: ["dusty", "wet"],
        both: true,
        tier: "good",
        duty: "continuous",
      },
      "take-apart": {
        steps: ledger(
          clock,
          56,
          [
            ["wheel", 1, "shaft", "set screw towards the motor"],
            ["key", 1, "shaft"],
            ["screw", 4, "housing"],
            ["end-bell", 1, "other-end", "punch mark at 12 o'clock"],
            ["spring-washer", 1, "other-end", "hollow towards the bearing"],
            ["rotor", 1, null],
            ["bearing", 2, "shaft"],
          ],
          7,
        ),
        wires: wires({ white: "Common", brown: "Run", black: "Capacitor" }, clock.at(65)),
        seenTo: seenTo(
          clock.at(66),
          "oil-hole-up",
          "inner-ring-only",
          "spring-washer-in",
          "marks-meet",
          "crosswise",
          "even-gap",
          "key-in",
          "screw-on-flat",
          "wires-clear",
          "ground-restored",
        ),
        after: { ...feltFree, radialMm: "0.02" },
        closedAt: clock.at(68),
      },
      "power-back": powerBack(clock, 70),
      "out-in": newBearings(clock),
      prove: {
        ...proof(clock, [1, { lineAmps: "2.05", coastDown: "3.1" }], [75, { lineAmps: "1.86", coastDown: "9.4" }]),
        afterBehaviour: "starts",
        afterNoises: ["quiet"],
        afterRotation: "ccw",
        lines: { "air-as-it-should": "good", "coin-on-edge": "good" },
        note: "Runs silent",
      },
    }),
  },
  {
    id: "laundrette-folding",
    machine: "Folding-table blower",
    site: "Lantern Row Laundrette",
    technician: SEFA,
    daysAgo: 1,
    hourUtc: 9,
    finishedAfter: null,
    stations: (clock) => ({
      complaint: { complaints: ["rumbles"], said: "Rumbles, louder every week" },
      plate: {
        motorType: "psc",
        machineKind: "blower",
        volts: "230",
        hertz: "50",
        power: "0.37 kW",
        amps: "2.7",
        rpm: "1390",
        capacitor: "16 µF 450 V",
        age: "8",
      },
      ...madeSafe(clock, 3, "0.4"),
      look: { signs: ["dust-clogged"], nothingFound: false, note: "Lint behind the guard" },
      "hand-turn": { turn: "rough", radialPlay: true, endPlay: false, rubs: false, radialMm: "0.14", feltAt: "drive-end", note: "" },
      capacitor: { label: "16 µF ±5 % 450 V", readings: [clock.read("15.8", "capacitance", 12)], isIsolated: true },
      windings: {
        ...threeLeads(clock, 14, ["blue", "brown", "black"], ["11.8", "33.4", "21.7"]),
        testLeads: clock.read("0.2", "resistance", 13),
      },
      frame: { readings: toFrame(clock, 18, "OL", "OL", "OL") },
      decide: {
        action: "replace-bearings",
        reason: "Rough with play at the drive end; windings and capacitor hold.",
        decidedAt: clock.at(22),
      },
      bearing: {
        ...bearings(
          { kind: "ball", stamped: "6203ZZ", shaft: "16.988", slides: false, shaftRepair: "retaining-compound" },
          { kind: "ball", stamped: "62?2 ZZ", slides: true },
        ),
        around: ["dusty"],
        duty: "continuous",
      },
      "take-apart": {
        steps: ledger(
          clock,
          40,
          [
            ["cover", 1, "housing"],
            ["set-screw", 1, "shaft", "on the flat"],
            ["wheel", 1, "shaft", "open side out"],
            ["key", 1, "shaft"],
            ["screw", 4, "housing"],
            ["end-bell", 1, "drive-end", "mark at 12 o'clock"],
            ["spring-washer", 1, "other-end", "hollow towards the bearing"],
            ["rotor", 1, null],
            ["bearing", 2, "shaft"],
          ],
          2,
        ),
        wires: wires({ blue: "Common", brown: "Run", black: "Start" }, null),
        note: "Waiting for the compound to set",
      },
    }),
  },
  {
    id: "cinema-screen",
    machine: "Screen two extract fan",
    site: "Tollgate Cinema",
    technician: IVO,
    daysAgo: 363,
    hourUtc: 10,
    finishedAfter: 30,
    stations: (clock) => ({
      complaint: { complaints: ["squeals"], said: "Squeals when it starts cold", course: ["only-cold"] },
      plate: { motorType: "shaded-pole", machineKind: "fan", volts: "230", hertz: "50", amps: "0.45", rpm: "1300" },
      ...madeSafe(clock, 2, null),
      look: cleanLook,
      "hand-turn": { turn: "free", radialPlay: false, endPlay: false, rubs: false, endMm: "0.4", note: "Dry sleeves" },
      bearing: {
        ...bearings({ kind: "sleeve", shaft: "8 mm" }, { kind: "sleeve", shaft: "8 mm" }),
        duty: "intermittent",
        plateOil: "turbine oil ISO VG 32",
        plateMonths: "12",
      },
      decide: { action: "no-repair", reason: "Sleeves oiled: quiet at once. Oil again in a year.", decidedAt: clock.at(15) },
      "power-back": powerBack(clock, 18),
      prove: {
        ...proof(clock, [1, { lineAmps: "0.47" }], [22, { lineAmps: "0.43" }]),
        afterBehaviour: "starts",
        afterNoises: ["quiet"],
        note: "",
      },
    }),
  },
];
