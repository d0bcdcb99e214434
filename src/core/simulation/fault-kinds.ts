import type { Suspect } from "../trade";
import { type Noise, conditionOfFault, type Condition, type Machine } from "../motor";
import type { Sign } from "../stations/look";
import type { Chance } from "./chance";
import type { DrawnMotor } from "./drawn-motor";

/** What is wrong inside, as far as an instrument, an eye or a hand could meet it. Sound where it says nothing. */
export interface Body {
  readonly condition: Partial<Condition>;
  /** as a meter reads the part, over its value; null: open, 0: shorted */
  readonly runUfByMeter?: number | null;
  readonly startUfByMeter?: number | null;
  readonly contact?: "open" | "not-pressed" | "welded";
  readonly relay?: "coil-open" | "contact-open" | "welded";
  readonly open?: "main" | "start" | "common";
  /** turns of the start winding that are left, as a part of all */
  readonly startTurns?: number;
  /** a path to the frame: ohms an ohmmeter sees, or megohms that only a tester does */
  readonly frameOhm?: number;
  readonly frameMegohm?: number;
  readonly volts?: "absent" | "lost" | "no-call" | "low" | "sags";
  /** line amps over those of its condition: halves of the winding in series or side by side */
  readonly lineTimes?: number;
  readonly turn?: "rough" | "tight" | "seized";
  /** held by the load, so free without it */
  readonly isHeldByLoad?: boolean;
  readonly hasPlay?: boolean;
  readonly noise?: Noise;
  readonly sign?: Sign;
  /** works at the moment somebody looks */
  readonly comesAndGoes?: boolean;
  readonly runsBackwards?: boolean;
  /** the shell is hot to the hand, from before */
  readonly isHot?: boolean;
}

/** A way to fail. */
export interface FaultKind {
  readonly id: string;
  readonly suspect: Suspect;
  readonly often: number;
  readonly fits: (motor: DrawnMotor) => boolean;
  readonly body: (chance: Chance, machine: Machine) => Body;
}

export const everywhere = (): boolean => true;
export const isOpenShaft = ({ kind }: DrawnMotor): boolean => kind !== "hermetic-compressor";
const hasRun = ({ machine }: DrawnMotor): boolean => machine.runCapacitor !== null;
const hasStart = ({ machine }: DrawnMotor): boolean => machine.startCapacitor !== null;
const hasSwitch = ({ gear }: DrawnMotor): boolean => gear === "switch";
const hasRelay = ({ gear }: DrawnMotor): boolean => gear === "potential-relay";
export const change = (id: Parameters<typeof conditionOfFault>[0]["id"], level: number, machine: Machine): Partial<Condition> => {
  const made = conditionOfFault({ id, level }, machine);
  const sound = conditionOfFault({ id: "supply-high", level: 1 }, machine);
  return Object.fromEntries(Object.entries(made).filter(([key, value]) => value !== sound[key as keyof Condition]));
};
export const seen = (chance: Chance, sign: Sign, probability: number): Pick<Body, "sign"> => (chance.is(probability) ? { sign } : {});

/** Ways to fail in this world, each with its own rate: not those of the line-up. */
export const FAULT_KINDS: readonly FaultKind[] = [
  {
    id: "run-weak",
    suspect: "run-capacitor",
    often: 24,
    fits: hasRun,
    body: (chance, machine) => {
      const scale = chance.between(0.3, 0.93);
      return { condition: change("run-capacitor-weak", scale, machine), runUfByMeter: scale, ...seen(chance, "capacitor-bulged", 0.25) };
    },
  },
  {
    id: "run-open",
    suspect: "run-capacitor",
    often: 10,
    fits: hasRun,
    body: (chance, machine) => ({
      condition: change("run-capacitor-open", 1, machine),
      runUfByMeter: null,
      ...seen(chance, "capacitor-bulged", 0.4),
    }),
  },
  {
    id: "run-shorted",
    suspect: "run-capacitor",
    often: 1.5,
    fits: hasRun,
    body: (chance, machine) => ({
      condition: change("run-capacitor-shorted", 1, machine),
      runUfByMeter: 0,
      ...seen(chance, "capacitor-bulged", 0.5),
    }),
  },
  // Passes cold, and gives way under volts and heat.
  {
    id: "run-fades",
    suspect: "run-capacitor",
    often: 1.5,
    fits: hasRun,
    body: (chance, machine) => ({ condition: change("run-capacitor-weak", chance.between(0.45, 0.75), machine), runUfByMeter: 1 }),
  },
  // The last visitor's part.
  {
    id: "run-wrong",
    suspect: "run-capacitor",
    often: 2,
    fits: hasRun,
    body: (chance, machine) => {
      const scale = chance.of([0.5, 0.67, 1.5, 1.75, 2]);
      return { condition: { ...change("run-capacitor-weak", 1, machine), runCapacitanceScale: scale }, runUfByMeter: scale };
    },
  },
  {
    id: "start-weak",
    suspect: "start-capacitor",
    often: 16,
    fits: hasStart,
    body: (chance, machine) => {
      const scale = chance.between(0.1, 0.6);
      return {
        condition: change("start-capacitor-weak", scale, machine),
        startUfByMeter: scale,
        ...seen(chance, "capacitor-leaking", 0.3),
      };
    },
  },
  {
    id: "start-open",
    suspect: "start-capacitor",
    often: 9,
    fits: hasStart,
    body: (chance, machine) => ({
      condition: change("start-capacitor-open", 1, machine),
      startUfByMeter: null,
      ...seen(chance, "capacitor-leaking", 0.45),
    }),
  },
  {
    id: "switch-open",
    suspect: "start-switch",
    often: 9,
    fits: hasSwitch,
    body: (_, machine) => ({ condition: change("switch-stuck-open", 1, machine), contact: "open" }),
  },
  {
    id: "switch-not-pressed",
    suspect: "start-switch",
    often: 3,
    fits: hasSwitch,
    body: (chance, machine) => ({
      condition: change("switch-stuck-open", 1, machine),
      contact: "not-pressed",
      ...seen(chance, "cover-not-seated", 0.6),
    }),
  },
  {
    id: "switch-welded",
    suspect: "start-switch",
    often: 4,
    fits: hasSwitch,
    body: (chance, machine) => ({
      condition: change("switch-stuck-closed", 1, machine),
      contact: "welded",
      noise: "hum",
      ...seen(chance, "smell-burnt", 0.3),
    }),
  },
  {
    id: "relay-open",
    suspect: "start-relay",
    often: 6,
    fits: hasRelay,
    body: (_, machine) => ({ condition: change("switch-stuck-open", 1, machine), relay: "contact-open" }),
  },
  {
    id: "relay-welded",
    suspect: "start-relay",
    often: 3,
    fits: hasRelay,
    body: (_, machine) => ({ condition: change("switch-stuck-closed", 1, machine), relay: "welded", noise: "hum" }),
  },
  {
    id: "relay-coil",
    suspect: "start-relay",
    often: 2,
    fits: hasRelay,
    body: (_, machine) => ({ condition: change("switch-stuck-closed", 1, machine), relay: "coil-open", noise: "hum" }),
  },
  {
    id: "main-winding-open",
    suspect: "main-winding",
    often: 5,
    fits: everywhere,
    body: (chance, machine) => ({
      condition: change("main-winding-open", 1, machine),
      open: "main",
      ...seen(chance, "varnish-burnt", 0.25),
    }),
  },
  {
    id: "start-winding-open",
    suspect: "start-winding",
    often: 4,
    fits: everywhere,
    body: (chance, machine) => ({
      condition: change("start-winding-open", 1, machine),
      open: "start",
      ...seen(chance, "varnish-burnt", 0.3),
    }),
  },
  {
    id: "shorted-turns",
    suspect: "shorted-turns",
    often: 5,
    fits: everywhere,
    body: (chance, machine) => ({
      condition: change("shorted-turns", chance.between(0.05, 0.2), machine),
      ...(chance.is(0.4) ? { noise: "hum" as const } : {}),
      ...seen(chance, "smell-burnt", 0.45),
    }),
  },
  {
    id: "grounded",
    suspect: "ground-fault",
    often: 3.5,
    fits: everywhere,
    body: (chance) => ({ condition: {}, frameOhm: Math.exp(chance.between(0, 9)), ...seen(chance, "varnish-burnt", 0.3) }),
  },
  // Only volts find it.
  {
    id: "grounded-high",
    suspect: "ground-fault",
    often: 2,
    fits: everywhere,
    body: (chance) => ({ condition: {}, frameMegohm: Math.exp(chance.between(Math.log(0.02), Math.log(0.6))) }),
  },
  { id: "protector-open", suspect: "protector", often: 5, fits: everywhere, body: () => ({ condition: {}, open: "common" }) },
  {
    id: "bearing-worn",
    suspect: "bearing-worn",
    often: 13,
    fits: isOpenShaft,
    body: (chance, machine) => ({
      condition: change("bearings-tight", chance.between(0.02, 0.35), machine),
      ...(chance.is(0.6) ? { turn: "rough" as const } : {}),
      hasPlay: chance.is(0.45),
      ...(chance.is(0.8) ? { noise: chance.of(["squeal", "rumble", "rumble"] as const) } : {}),
    }),
  },
  {
    id: "bearing-seized",
    suspect: "bearing-seized",
    often: 5,
    fits: everywhere,
    body: (chance, machine) => ({ condition: change("jammed", 1, machine), turn: chance.is(0.8) ? "seized" : "tight" }),
  },
  {
    id: "load-heavy",
    suspect: "driven-load",
    often: 6,
    fits: everywhere,
    body: (chance, machine) => ({
      condition: change("load-heavy", chance.between(1.3, 1.9), machine),
      ...(chance.is(0.35) ? { turn: "tight" as const, isHeldByLoad: true } : {}),
      ...seen(chance, "dust-clogged", 0.4),
    }),
  },
  {
    id: "load-jammed",
    suspect: "driven-load",
    often: 2.5,
    fits: isOpenShaft,
    body: (chance, machine) => ({
      condition: change("jammed", 1, machine),
      turn: "seized",
      isHeldByLoad: true,
      ...seen(chance, "wheel-fouled", 0.4),
    }),
  },
  {
    id: "load-noisy",
    suspect: "driven-load",
    often: 3,
    fits: isOpenShaft,
    body: (chance) => ({ condition: {}, noise: chance.of(["rattle", "scrape"] as const), ...seen(chance, "wheel-fouled", 0.4) }),
  },
  {
    id: "load-gone",
    suspect: "driven-load",
    often: 1.5,
    fits: isOpenShaft,
    body: (_, machine) => ({ condition: change("load-gone", 1, machine) }),
  },
  {
    id: "supply-low",
    suspect: "supply",
    often: 3,
    fits: everywhere,
    body: (chance, machine) => ({ condition: change("supply-low", chance.between(0.7, 0.87), machine), volts: "low" }),
  },
  {
    id: "supply-sags",
    suspect: "supply",
    often: 2,
    fits: everywhere,
    body: (chance, machine) => ({ condition: change("supply-low", chance.between(0.6, 0.8), machine), volts: "sags" }),
  },
  { id: "supply-absent", suspect: "supply", often: 2, fits: everywhere, body: () => ({ condition: {}, volts: "absent" }) },
  {
    id: "feed-lost",
    suspect: "wiring",
    often: 4,
    fits: everywhere,
    body: (chance) => ({ condition: {}, volts: "lost", ...seen(chance, "lead-burnt", 0.5) }),
  },
  {
    id: "joint-loose",
    suspect: "wiring",
    often: 2,
    fits: everywhere,
    body: (chance) => ({ condition: {}, comesAndGoes: true, ...seen(chance, "lead-loose", 0.5) }),
  },
  { id: "turns-backwards", suspect: "wiring", often: 1, fits: isOpenShaft, body: () => ({ condition: {}, runsBackwards: true }) },
  { id: "control-silent", suspect: "control", often: 4.5, fits: everywhere, body: () => ({ condition: {}, volts: "no-call" }) },
  { id: "control-sometimes", suspect: "control", often: 1, fits: everywhere, body: () => ({ condition: {}, comesAndGoes: true }) },
];
