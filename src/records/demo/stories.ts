import type { StationData } from "@/core/stations";
import type { DemoClock, DemoStory } from "./demo-traveller";

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

const ohms = (clock: DemoClock, minutes: number, ab: string, bc: string, ac: string): StationData<"windings">["pairs"] => [
  clock.read(ab, "resistance", minutes),
  clock.read(bc, "resistance", minutes + 1),
  clock.read(ac, "resistance", minutes + 2),
];

const toFrame = (clock: DemoClock, minutes: number, ...texts: readonly [string, string, string]): StationData<"frame">["readings"] => [
  clock.read(texts[0], "resistance", minutes),
  clock.read(texts[1], "resistance", minutes),
  clock.read(texts[2], "resistance", minutes),
];

const cleanLook = { signs: [], nothingFound: true, note: "" };
const turnsFree = { turn: "free" as const, radialPlay: false, endPlay: false, rubs: false, note: "" };
const powerBack = (clock: DemoClock, minutes: number): StationData<"power-back"> => ({
  steps: { "leads-and-covers": clock.at(minutes), "everyone-clear": clock.at(minutes), "lock-off": clock.at(minutes) },
  restoredAt: clock.at(minutes),
});

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
        leads: ["white", "brown", "black"],
        pairs: ohms(clock, 14, "8.9", "31.3", "22.6"),
        testLeads: clock.read("0.2", "resistance", 13),
      },
      frame: { readings: toFrame(clock, 18, "OL", "OL", "OL") },
    }),
  },
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
        leads: ["blue", "brown", "grey"],
        pairs: [clock.read("38.2", "resistance", 20), clock.read("61.4", "resistance", 21), null],
        note: "Called away to the front desk; blue to grey still to do",
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
      prove: { before: clock.read("2.6", "current", 1) },
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
      windings: { leads: ["C", "R", "S"], pairs: ohms(clock, 16, "OL", "6.8", "OL"), note: "Shell too hot to touch" },
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
        leads: ["C", "R", "S"],
        pairs: ohms(clock, 15, "3.1", "12.5", "9.6"),
        testLeads: clock.read("0.2", "resistance", 14),
      },
      frame: { readings: toFrame(clock, 19, "OL", "OL", "OL") },
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
      complaint: { complaints: ["hums-no-start"], said: "New belt fitted last week, now it only hums" },
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
        leads: ["C", "R", "S"],
        pairs: ohms(clock, 14, "13.3", "35.6", "22.6"),
        testLeads: clock.read("0.2", "resistance", 13),
      },
      frame: { readings: toFrame(clock, 18, "OL", "OL", "OL") },
      decide: {
        action: "replace-run-capacitor",
        reason: "Reads 71 % of rated, windings sound",
        decidedAt: clock.at(22),
      },
      "power-back": powerBack(clock, 40),
      prove: {
        before: clock.read("2.16", "current", 1),
        after: clock.read("1.84", "current", 45),
        note: "Up to speed at once. Kelvane 12.5 µF 450 V fitted.",
      },
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
        note: "Like sand on the wheel side",
      },
      capacitor: { label: "12.5uF 5% 450", readings: [clock.read("12.44", "capacitance", 14)], isIsolated: true },
      decide: {
        action: "replace-bearings",
        reason: "Rough with play on the wheel side; capacitor holds. Both changed while it was open.",
        decidedAt: clock.at(20),
      },
      "power-back": powerBack(clock, 70),
      prove: {
        before: clock.read("2.05", "current", 1),
        after: clock.read("1.86", "current", 75),
        note: "Runs silent",
      },
    }),
  },
];
