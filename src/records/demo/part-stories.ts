import type { DemoStory } from "./demo-traveller";
import { donorCapacitor, makeshiftMotor } from "./exchanges";
import { cleanLook, madeSafe, powerBack, proof, runTest, threeLeads, toFrame, turnsFree } from "./pieces";

const IVO = "Ivo Marrable";
const SEFA = "Sefa Lindqvist";

const WASH_PUMP = {
  motorType: "cap-start" as const,
  machineKind: "pump" as const,
  volts: "230",
  hertz: "50",
  power: "0.75 kW",
  amps: "5.4",
  rpm: "1430",
  capacitor: "130-156 µF 250 V",
};

/** Stories of parts: a donor that was right and did not hold, its return, and a motor nobody makes any more. */
export const PART_STORIES: readonly DemoStory[] = [
  {
    id: "dairy-wash-pump",
    machine: "Wash-down pump",
    site: "Osier Dairy",
    technician: IVO,
    daysAgo: 24,
    hourUtc: 7,
    finishedAfter: 58,
    end: "repaired",
    stations: (clock) => ({
      complaint: { complaints: ["hums-no-start", "trips-at-start"], said: "Hums, then the breaker goes" },
      plate: WASH_PUMP,
      ...madeSafe(clock, 3, "4.1"),
      look: { signs: ["capacitor-bulged"], nothingFound: false, note: "" },
      "hand-turn": turnsFree,
      capacitor: { label: "130-156 µF 250 VAC start", readings: [clock.read("88", "capacitance", 12)], isIsolated: true },
      windings: {
        ...threeLeads(clock, 15, ["C", "R", "S"], ["2.4", "7.6", "5.4"]),
        testLeads: clock.read("0.2", "resistance", 14),
      },
      frame: { readings: toFrame(clock, 19, "OL", "OL", "OL") },
      decide: {
        action: "replace-start-capacitor",
        reason: "Reads 88 µF of at least 130, can bulged; one of a machine out of service until the new one is here",
        decidedAt: clock.at(25),
      },
      "out-in": donorCapacitor(clock),
      "power-back": powerBack(clock, 40),
      prove: {
        ...proof(clock, [1, {}], [45, { supplyVolts: "229", lineAmps: "4.9" }]),
        afterBehaviour: "starts",
        afterRotation: "cw",
        lines: { "flow-as-it-should": "good", "starts-three-times": "good" },
      },
    }),
  },
  {
    id: "dairy-wash-pump-back",
    callbackOf: "dairy-wash-pump",
    machine: "Wash-down pump",
    site: "Osier Dairy",
    technician: IVO,
    daysAgo: 16,
    hourUtc: 8,
    finishedAfter: 70,
    end: "repaired",
    stations: (clock) => ({
      complaint: { complaints: ["hums-no-start", "intermittent"], said: "Same again, now and then", after: ["repair"] },
      plate: WASH_PUMP,
      ...madeSafe(clock, 3, "2.2"),
      look: cleanLook,
      "hand-turn": turnsFree,
      capacitor: { label: "145 µF 250 V start", readings: [clock.read("151", "capacitance", 11)], isIsolated: true },
      frame: { readings: toFrame(clock, 15, "OL", "OL", "OL") },
      "start-gear": {
        sort: "switch",
        switch: {
          isCoverSeated: true,
          atRest: clock.read("14", "resistance", 20),
          actuated: clock.read("OL", "resistance", 21),
          clicksBack: true,
          travel: "moves",
          contacts: "dirty",
        },
      },
      decide: {
        action: "service-start-switch",
        reason: "14 Ω across contacts that should read near zero; the capacitor holds",
        decidedAt: clock.at(28),
      },
      "power-back": powerBack(clock, 50),
      prove: {
        ...proof(clock, [1, {}], [56, { supplyVolts: "230", lineAmps: "4.8" }]),
        afterBehaviour: "starts",
        afterRotation: "cw",
        lines: { "flow-as-it-should": "good", "starts-three-times": "good" },
        note: "Ten starts in a row.",
      },
    }),
  },
  {
    id: "customs-cellar",
    machine: "Cellar air mover",
    site: "Old Customs House",
    technician: SEFA,
    daysAgo: 13,
    hourUtc: 9,
    finishedAfter: 120,
    end: "repaired",
    stations: (clock) => ({
      complaint: { complaints: ["trips-at-once"], said: "Trips the moment it is switched on; the maker has no motor for it" },
      plate: {
        motorType: "psc",
        machineKind: "blower",
        drive: "direct",
        volts: "230",
        hertz: "50",
        power: "0.25 kW",
        amps: "1.8",
        rpm: "1390",
        capacitor: "8 µF 450 V",
        age: "22",
      },
      ...madeSafe(clock, 3, "0.2"),
      look: cleanLook,
      "hand-turn": turnsFree,
      capacitor: { label: "8 µF ±5 % 450 V", readings: [clock.read("7.9", "capacitance", 12)], isIsolated: true },
      frame: {
        readings: toFrame(clock, 16, "44", "41", "OL"),
        again: { isPartOut: true, reading: clock.read("OL", "resistance", 96) },
      },
      decide: {
        action: "replace-motor",
        also: "replace-run-capacitor",
        reason: "Ground fault, 41 Ω to the frame. No longer made: a tested spare on a made bracket, with the capacitor it asks for.",
        decidedAt: clock.at(30),
      },
      "out-in": makeshiftMotor(clock),
      "power-back": powerBack(clock, 100),
      "run-test": runTest(clock, 102, { behaviour: "starts", noises: ["quiet"] }, { supplyVolts: "231", lineAmps: "1.82", speed: "1391" }),
      prove: {
        ...proof(clock, [1, {}], [104, {}]),
        afterBehaviour: "starts",
        afterRotation: "cw",
        reversedBy: "start-leads",
        lines: { "air-as-it-should": "good", "coin-on-edge": "good" },
      },
    }),
  },
];
