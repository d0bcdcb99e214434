import { change, everywhere, isOpenShaft, seen, type FaultKind } from "./fault-kinds";

/** Ways to fail that whole jobs meet beside the plain ones. */
export const WIDE_KINDS: readonly FaultKind[] = [
  // Parts wear through their limits slowly: as many lie just outside as just within.
  {
    id: "run-worn",
    suspect: "run-capacitor",
    often: 6,
    fits: ({ machine }) => machine.runCapacitor !== null,
    body: (chance, machine) => {
      const scale = chance.between(0.89, 0.94);
      return { condition: change("run-capacitor-weak", scale, machine), runUfByMeter: scale };
    },
  },
  {
    id: "start-worn",
    suspect: "start-capacitor",
    often: 2,
    fits: ({ machine }) => machine.startCapacitor !== null,
    body: (chance, machine) => {
      const scale = chance.between(0.84, 0.908);
      return { condition: change("start-capacitor-weak", scale, machine), startUfByMeter: scale };
    },
  },
  // The start winding of a motor whose switch stayed in: turns burnt together.
  {
    id: "start-winding-burnt",
    suspect: "start-winding",
    often: 6,
    fits: ({ type }) => type === "split-phase",
    body: (chance) => {
      const startTurns = chance.between(0.3, 0.6);
      return { condition: {}, startTurns, noise: "hum", ...seen(chance, "smell-burnt", 0.6) };
    },
  },
  {
    id: "damp",
    suspect: "ground-fault",
    often: 4,
    fits: ({ kind }) => kind !== "hermetic-compressor",
    body: (chance) => ({ condition: {}, frameMegohm: Math.exp(chance.between(Math.log(0.15), Math.log(0.8))) }),
  },
  // Dry, and not worn: it squeals, and turns free.
  {
    id: "bearing-dry",
    suspect: "bearing-worn",
    often: 4,
    fits: isOpenShaft,
    body: (chance, machine) => ({ condition: change("bearings-tight", chance.between(0.03, 0.1), machine), noise: "squeal" }),
  },
  {
    id: "cover-loose",
    suspect: "driven-load",
    often: 2,
    fits: isOpenShaft,
    body: (chance) => ({ condition: {}, noise: "rattle", ...seen(chance, "cover-not-seated", 0.8) }),
  },
  {
    id: "wired-for-higher",
    suspect: "wiring",
    often: 6,
    fits: ({ dual, type }) => dual?.inHand === "lower" && type !== "shaded-pole",
    body: (_, machine) => ({ condition: change("wired-for-higher", 0.5, machine), lineTimes: 0.5 }),
  },
  {
    id: "wired-for-lower",
    suspect: "wiring",
    often: 6,
    fits: ({ dual, type }) => dual?.inHand === "higher" && type !== "shaded-pole",
    body: (_, machine) => ({ condition: change("wired-for-lower", 2, machine), lineTimes: 2 }),
  },
  // The old one's leads went back at other posts.
  {
    id: "turns-other-way",
    suspect: "wiring",
    often: 1,
    fits: (motor) => isOpenShaft(motor) && motor.type !== "shaded-pole",
    body: () => ({ condition: {}, runsBackwards: true }),
  },
  // Opened on heat, and closes again when it has cooled.
  {
    id: "protector-hot",
    suspect: "protector",
    often: 5,
    fits: ({ shaded }) => shaded === undefined,
    body: () => ({ condition: {}, open: "common", isHot: true }),
  },
  {
    id: "grounded-hard",
    suspect: "ground-fault",
    often: 2,
    fits: everywhere,
    body: (chance) => ({ condition: {}, frameOhm: Math.exp(chance.between(-1, 4)), ...seen(chance, "smell-burnt", 0.3) }),
  },
];
