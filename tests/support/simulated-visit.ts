import { COMPLAINTS, type Complaint, type Suspect, type TestId, type MachineKind, type MotorType } from "@/core/trade";
import { assessTraveller, type StationEntries, type TravellerAssessment } from "@/core/traveller";
import type { Study } from "@/core/study";
import type { GearSort } from "@/core/startgear";
import {
  COMPLAINT_TABLE,
  isOnMachine,
  outcomeProbabilities,
  OUTCOME_NAMES,
  STATE_CHANGE_MINUTES,
  TEST_TABLE,
  weighEvidence,
} from "@/core/diagnosis";
import { DEFAULT_METER, toHouseFigures, type HouseFigures } from "@/core/house";
import { conditionOfFault, conditionWith, predict, SOUND, type Condition, type FaultId, type Machine, type Prediction } from "@/core/motor";
import { takeReading, type Entry, type Quantity } from "@/core/quantity";
import { STATIONS, type StationId } from "@/core/stations";
import { plateOf, randomMotor } from "./motors";
import { randomFrom } from "./parts-list";

/** A motor with hidden faults, and what it would show to whoever tests it. */
export interface HiddenMotor {
  readonly machine: Machine;
  readonly type: MotorType;
  readonly kind: MachineKind;
  readonly gear: GearSort;
  readonly faults: readonly Suspect[];
  readonly complaints: readonly Complaint[];
  /** what each test would show */
  readonly shows: ReadonlyMap<TestId, string>;
  /** what the meter would show of the start capacitor of a motor with two */
  readonly secondShows: string;
  /** what the machine model has it do */
  readonly prediction: Prediction;
  readonly condition: Condition;
}

const KINDS: Record<Machine["topology"], { readonly type: MotorType; readonly kinds: readonly MachineKind[] }> = {
  psc: { type: "psc", kinds: ["fan", "blower", "fan", "hermetic-compressor", "pump"] },
  csir: { type: "cap-start", kinds: ["drum", "belt-compressor", "pump"] },
  cscr: { type: "cap-start-run", kinds: ["agitator", "pump", "belt-compressor"] },
  split: { type: "split-phase", kinds: ["drum", "fan"] },
};

/** Faults of the machine model that a suspect may show as, at random. */
const MODEL_FAULTS: Partial<Record<Suspect, readonly (readonly [FaultId, number])[]>> = {
  "start-switch": [
    ["switch-stuck-open", 1],
    ["switch-stuck-open", 1],
    ["switch-stuck-closed", 1],
  ],
  "start-relay": [
    ["switch-stuck-open", 1],
    ["switch-stuck-closed", 1],
  ],
  "main-winding": [["main-winding-open", 1]],
  "start-winding": [["start-winding-open", 1]],
  "shorted-turns": [
    ["shorted-turns", 0.05],
    ["shorted-turns", 0.12],
  ],
  "bearing-worn": [
    ["bearings-tight", 0.1],
    ["bearings-tight", 0.3],
  ],
  "bearing-seized": [["jammed", 1]],
  "driven-load": [
    ["load-heavy", 1.4],
    ["load-gone", 1],
    ["load-heavy", 1.1],
  ],
};
/** Capacitor as it is, by what its meter would show. */
const CAPACITOR_FAULTS: Record<string, readonly (readonly [FaultId, number])[]> = {
  holds: [["run-capacitor-weak", 0.85]],
  out: [
    ["run-capacitor-weak", 0.8],
    ["run-capacitor-weak", 0.62],
  ],
  "far-out": [
    ["run-capacitor-weak", 0.3],
    ["run-capacitor-open", 1],
  ],
  shorted: [["run-capacitor-shorted", 1]],
};

/** Tests that find one fault when they are made: drawn from the finding table for the faults that are there. */
function drawOutcome(test: TestId, faults: readonly Suspect[], random: () => number, about?: "run-capacitor" | "start-capacitor"): string {
  const names = OUTCOME_NAMES[test];
  const probabilities = outcomeProbabilities(test, faults, about);
  let at = random();
  for (let index = 0; index < names.length; index += 1) {
    at -= probabilities[index] ?? 0;
    if (at <= 0) return names[index] ?? "";
  }
  return names[0] ?? "";
}

function drawComplaints(faults: readonly Suspect[], random: () => number): Complaint[] {
  return COMPLAINTS.filter((complaint) => {
    const { leak, given } = COMPLAINT_TABLE[complaint];
    return random() > faults.reduce((none, fault) => none * (1 - (given[fault] ?? 0)), 1 - leak);
  });
}

/** The part a capacitor test looks at first: the run part where there is one. */
const aboutOf = (test: TestId, machine: Machine): "run-capacitor" | undefined =>
  test.startsWith("capacitor-") && machine.runCapacitor ? "run-capacitor" : undefined;

/** Start gear this motor has; anybody can see it. */
function gearOf(type: MotorType, seed: number): GearSort {
  if (type === "psc" || type === "shaded-pole") return "none";
  return seed % 4 === 0 ? "potential-relay" : "switch";
}

/** A motor with at least one fault, drawn from the priors of its type, and everything it would show. */
export function hiddenMotor(motorSeed: number, seed: number): HiddenMotor {
  const random = randomFrom(seed * 104_729 + 7);
  const pick = <T>(values: readonly T[]): T => values[Math.floor(random() * values.length)] as T;
  const machine = randomMotor(motorSeed);
  const { type, kinds } = KINDS[machine.topology];
  const kind = kinds[motorSeed % kinds.length] ?? "fan";
  const gear = gearOf(type, seed);
  const sets = weighEvidence({ type, machine: kind, gear }, { complaints: [], findings: [] }).hypotheses.filter(
    ({ faults }) => faults.length > 0,
  );
  const total = sets.reduce((sum, { probability }) => sum + probability, 0);
  const drawn = (): { faults: readonly Suspect[]; complaints: Complaint[] } => {
    for (;;) {
      let at = random() * total;
      const { faults } = sets.find(({ probability }) => (at -= probability) <= 0) ?? sets[0] ?? { faults: [] };
      const complaints = drawComplaints(faults, random);
      // Nobody calls about nothing.
      if (complaints.length > 0) return { faults, complaints };
    }
  };
  const { faults, complaints } = drawn();
  const shows = new Map<TestId, string>(
    (Object.keys(TEST_TABLE) as TestId[])
      .filter((test) => isOnMachine(test, kind))
      .map((test) => [test, drawOutcome(test, faults, random, aboutOf(test, machine))]),
  );
  const changes: (readonly [FaultId, number])[] = faults.flatMap((fault) => {
    if (fault === "run-capacitor") return [pick(CAPACITOR_FAULTS[shows.get("capacitor-meter") ?? "out"] ?? [["run-capacitor-weak", 0.7]])];
    if (fault === "start-capacitor") return [["start-capacitor-weak", 0.4] as const];
    // Volts that are good for the moment leave the figures alone.
    if (fault === "supply") return shows.get("supply-voltage") === "low" ? [["supply-low", 0.8] as const] : [];
    const rows = MODEL_FAULTS[fault];
    return rows ? [pick(rows)] : [];
  });
  const condition = changes.reduce<Condition>((all, [id, level]) => ({ ...all, ...changedBy(conditionOfFault({ id, level }, machine)) }), {
    ...conditionWith({}),
    loadScale: 0.9 + 0.15 * random(),
    voltageScale: 0.97 + 0.05 * random(),
  });
  return {
    machine,
    type,
    kind,
    faults,
    complaints,
    gear,
    secondShows: drawOutcome("capacitor-meter", faults, random, "start-capacitor"),
    shows,
    condition,
    prediction: predict(machine, condition),
  };
}

/** What of a condition is not as in a sound motor. */
const changedBy = (condition: Condition): Partial<Condition> =>
  Object.fromEntries(Object.entries(condition).filter(([key, value]) => value !== SOUND[key as keyof Condition]));

/** A clock that ticks a minute a step, for moments in the records. */
export interface VisitClock {
  readonly at: () => string;
}
export function visitClock(): VisitClock {
  let minutes = 0;
  return { at: () => new Date(Date.UTC(2026, 0, 1, 8, (minutes += 1))).toISOString() };
}

const read = (text: string, quantity: Quantity, at: string): Entry => takeReading(text, quantity, DEFAULT_METER, at).entry;
/** A record as a hand would leave it, put together from what was seen. */
const entryOf = (data: object): { skippedReason: null; data: never } => ({ skippedReason: null, data: data as never });

/** Records of complaint and plate: what is known when the visit begins. */
export function openingEntries({ machine, type, kind, complaints, gear }: HiddenMotor): StationEntries {
  const plate = plateOf(machine);
  const capacitor = machine.runCapacitor ?? machine.startCapacitor;
  const volts = plate.capacitorRatedV ?? 250;
  return {
    complaint: entryOf({ ...STATIONS.complaint.blank, complaints }),
    ...(gear === "none" ? {} : { "start-gear": entryOf({ ...STATIONS["start-gear"].blank, sort: gear }) }),
    plate: entryOf({
      ...STATIONS.plate.blank,
      motorType: type,
      machineKind: kind,
      volts: String(machine.supplyV),
      hertz: String(machine.frequencyHz),
      power: `${((plate.powerW ?? 100) / 1000).toFixed(3)} kW`,
      amps: String(plate.fullLoadA),
      rpm: String(plate.fullLoadRpm),
      capacitor: capacitor ? `${capacitor.capacitanceUf.toFixed(1)} µF ±6 % ${volts} V ${machine.runCapacitor ? "run" : "start"}` : "",
    }),
  };
}

const SIGN_OF: Record<string, string> = {
  "capacitor-damaged": "capacitor-bulged",
  "winding-burnt": "varnish-burnt",
  "wiring-damaged": "lead-loose",
  "cover-loose": "cover-not-seated",
  "dust-clogged": "dust-clogged",
};
const TURN_OF: Record<string, Partial<(typeof STATIONS)["hand-turn"]["blank"]>> = {
  free: { turn: "free", radialPlay: false, endPlay: false, rubs: false },
  "end-play": { turn: "free", radialPlay: false, endPlay: true, rubs: false },
  rough: { turn: "rough", radialPlay: false, rubs: false },
  "rough-with-play": { turn: "rough", radialPlay: true, rubs: false },
  tight: { turn: "tight", radialPlay: false },
  seized: { turn: "seized" },
};

interface Making {
  readonly motor: HiddenMotor;
  readonly entries: StationEntries;
  readonly shown: string;
  readonly at: string;
}
type Maker = (making: Making) => StationEntries;

const kept = <Id extends StationId>({ entries }: Making, id: Id): (typeof STATIONS)[Id]["blank"] =>
  ((entries[id]?.data as (typeof STATIONS)[Id]["blank"] | undefined) ?? STATIONS[id].blank) as (typeof STATIONS)[Id]["blank"];

const labelOf = ({ motor: { machine } }: Making): { label: string; uf: number } => {
  const part = machine.runCapacitor ?? machine.startCapacitor;
  const uf = part?.capacitanceUf ?? 10;
  return { uf, label: `${uf.toFixed(1)} µF ±6 % ${plateOf(machine).capacitorRatedV ?? 250} V ${machine.runCapacitor ? "run" : "start"}` };
};

const byMeter: Maker = (making) => {
  const { uf, label } = labelOf(making);
  const before = kept(making, "capacitor");
  if (before.label !== "") {
    const part = making.motor.machine.startCapacitor?.capacitanceUf ?? 100;
    const found = { holds: part * 1.02, out: part * 0.75, "far-out": part * 0.2, shorted: null }[making.motor.secondShows] ?? null;
    const reading = read(found === null ? "OL" : found.toFixed(1), "capacitance", making.at);
    return {
      capacitor: entryOf({
        ...before,
        second: {
          ...STATIONS.capacitor.blank.second,
          label: `${part.toFixed(0)} µF ±10 % 250 V start`,
          readings: [reading],
          isIsolated: true,
        },
      }),
    };
  }
  const scale = making.motor.condition[making.motor.machine.runCapacitor ? "runCapacitanceScale" : "startCapacitanceScale"];
  const reading = { holds: uf * 1.01, out: uf * (scale < 0.9 ? scale : 0.8), "far-out": uf * 0.25, shorted: null }[making.shown] ?? null;
  return {
    capacitor: entryOf({
      ...kept(making, "capacitor"),
      label,
      readings: [read(reading === null ? "OL" : reading.toFixed(2), "capacitance", making.at)],
      isIsolated: true,
    }),
  };
};

/** Figures of the run as the machine model has them, keyed with the rest of the run test. */
const byRun =
  (field: "lineAmps" | "startAmps" | "speed" | null): Maker =>
  (making) => {
    const { prediction } = making.motor;
    const record = kept(making, "run-test");
    const isDead = (prediction.held.lineA ?? 0) < 0.02;
    const behaviour = prediction.startsAlone ? "starts" : prediction.keepsRunning ? "only-pushed" : isDead ? "dead" : "hums";
    const figures = behaviour === "hums" || behaviour === "dead" ? prediction.held : (prediction.running ?? prediction.held);
    const wanted = { lineAmps: figures.lineA, startAmps: figures.startA, speed: figures.speedRpm };
    const value = field === null ? null : wanted[field];
    const text = value === null ? null : value.toFixed(field === "speed" ? 0 : 2);
    const entry = text === null || field === null ? null : read(text, field === "speed" ? "speed" : "current", making.at);
    return { "run-test": entryOf({ ...record, behaviour, ...(entry && field ? { [field]: entry } : {}) }) };
  };

/** How each test is keyed so that it shows what it shows. */
export const MAKERS: Record<TestId, Maker> = {
  look: (making) => ({
    look: entryOf({
      signs: making.shown === "clean" ? [] : [SIGN_OF[making.shown]],
      nothingFound: making.shown === "clean",
      ruledOut: [],
      note: "",
    }),
  }),
  "hand-turn": (making) => ({ "hand-turn": entryOf({ ...kept(making, "hand-turn"), ...TURN_OF[making.shown] }) }),
  "hand-turn-unloaded": (making) => ({
    "hand-turn": entryOf({ ...kept(making, "hand-turn"), unloaded: making.shown === "held" ? "tight" : making.shown }),
  }),
  "supply-voltage": (making) => {
    const { supplyV } = making.motor.machine;
    const figures: Record<string, readonly [standing: number, starting: number | null, call: string]> = {
      good: [supplyV, supplyV * 0.97, "calls"],
      low: [supplyV * 0.8, supplyV * 0.78, "calls"],
      sags: [supplyV * 0.96, supplyV * 0.72, "calls"],
      absent: [0.4, null, "calls"],
      "no-call": [0.4, null, "no-call"],
      lost: [0.4, null, "calls"],
    };
    const [standing, starting, call] = figures[making.shown] ?? [supplyV, null, "calls"];
    return {
      supply: entryOf({
        ...kept(making, "supply"),
        call,
        standing: read(standing.toFixed(1), "voltage", making.at),
        starting: starting === null ? null : read(starting.toFixed(1), "voltage", making.at),
        atDisconnect: making.shown === "lost" ? read(supplyV.toFixed(1), "voltage", making.at) : null,
      }),
    };
  },
  "capacitor-meter": byMeter,
  "capacitor-swing": (making) => ({
    capacitor: entryOf({
      ...kept(making, "capacitor"),
      label: labelOf(making).label,
      swing: {
        sections: [{ behaviour: { charges: "charges", shorted: "stays-low", open: "never-dips" }[making.shown] ?? "charges", climbS: "" }],
        rangeEnd: "",
      },
    }),
  }),
  "capacitor-running": (making) => {
    const { uf, label } = labelOf(making);
    const found = uf * ({ holds: 1, out: 0.8, "far-out": 0.3 }[making.shown] ?? 1);
    const volts = 1.6 * making.motor.machine.supplyV;
    const amps = 2 * Math.PI * making.motor.machine.frequencyHz * volts * found * 1e-6;
    return {
      capacitor: entryOf({
        ...kept(making, "capacitor"),
        label,
        running: {
          sections: [{ amps: read(amps.toFixed(2), "current", making.at), volts: read(volts.toFixed(0), "voltage", making.at) }],
          hertz: "",
          isStartDeviceOut: true,
        },
      }),
    };
  },
  "winding-ohms": (making) => {
    const { main, start } = plateOf(making.motor.machine);
    const [m, s] = [main?.ohm ?? 5, start?.ohm ?? 12];
    const texts: Record<string, readonly [string, string, string]> = {
      good: [m.toFixed(1), (m + s).toFixed(1), s.toFixed(1)],
      "main-open": ["OL", "OL", s.toFixed(1)],
      "start-open": [m.toFixed(1), "OL", "OL"],
      "common-open": ["OL", (m + s).toFixed(1), "OL"],
      shorted: ["0.2", (s + 0.2).toFixed(1), s.toFixed(1)],
    };
    const [ab, bc, ac] = texts[making.shown] ?? ["OL", "OL", "OL"];
    const pair = (a: number, b: number, text: string) => ({ a, b, entry: read(text, "resistance", making.at) });
    const marked = ["C", "R", "S"].map((name, post) => ({ name, x: 0.2 + 0.3 * post, y: 0.5 }));
    return { windings: entryOf({ ...kept(making, "windings"), posts: marked, pairs: [pair(0, 1, ab), pair(1, 2, bc), pair(0, 2, ac)] }) };
  },
  "frame-ohms": (making) => {
    const text = { clear: "OL", leaks: "25M", grounded: "62" }[making.shown] ?? "OL";
    return {
      frame: entryOf({ ...kept(making, "frame"), readings: [text, "OL", "OL"].map((each) => read(each, "resistance", making.at)) }),
    };
  },
  insulation: (making) => {
    const text = { good: "220", watch: "1.05", bad: "0.2" }[making.shown] ?? "220";
    return {
      insulation: entryOf({
        ...kept(making, "insulation"),
        together: read("0", "insulation", making.at),
        apart: read("OL", "insulation", making.at),
        testV: "500",
        temperature: read("40", "temperature", making.at),
        isDisconnected: true,
        isInVacuum: false,
        joining: "joined",
        cells: [{ a: "all", b: "frame", entry: read(text, "insulation", making.at) }],
      }),
    };
  },
  "switch-ohms": (making) => {
    const [rest, actuated] = { works: ["0.3", "OL"], "open-at-rest": ["OL", "OL"], welded: ["0.2", "0.2"] }[making.shown] ?? ["0.3", "OL"];
    const blank = STATIONS["start-gear"].blank;
    const contact = (text: string | undefined) => read(text ?? "OL", "resistance", making.at);
    return {
      "start-gear": entryOf({
        ...blank,
        sort: "switch",
        switch: { ...blank.switch, isCoverSeated: true, clicksBack: true, atRest: contact(rest), actuated: contact(actuated) },
      }),
    };
  },
  "relay-ohms": (making) => {
    // A potential relay is closed at rest, sound or welded: only one whose contacts rest open shows that they stick.
    const isWelded = making.shown === "welded";
    const [coil, contact] =
      { works: ["8k", "0.3"], "coil-open": ["OL", "0.3"], "contact-open": ["8k", "OL"], welded: ["0.3", "0.3"] }[making.shown] ?? [];
    const blank = STATIONS["start-gear"].blank;
    return {
      "start-gear": entryOf({
        ...blank,
        sort: isWelded ? "current-relay" : "potential-relay",
        relay: {
          isUnplugged: true,
          coil: read(coil ?? "8k", "resistance", making.at),
          contact: read(contact ?? "0.3", "resistance", making.at),
        },
      }),
    };
  },
  "ptc-ohms": (making) => {
    const text = { works: "25", open: "OL", low: "0.6" }[making.shown] ?? "25";
    const blank = STATIONS["start-gear"].blank;
    return {
      "start-gear": entryOf({ ...blank, sort: "ptc", ptc: { isCold: true, cold: read(text, "resistance", making.at), hot: null } }),
    };
  },
  "run-amps": byRun("lineAmps"),
  "start-winding-amps": byRun("startAmps"),
  speed: byRun("speed"),
  "start-time": byRun(null),
  noise: (making) => ({ "run-test": entryOf({ ...kept(making, "run-test"), noises: [making.shown] }) }),
  temperature: (making) => ({ "run-test": entryOf({ ...kept(making, "run-test"), warmth: making.shown === "hot" ? "hot" : "warm" }) }),
  "uncoupled-run": (making) => ({
    "uncoupled-run": entryOf({ ...kept(making, "uncoupled-run"), freedAt: making.at, result: making.shown }),
  }),
  "push-start": (making) => ({
    "uncoupled-run": entryOf({
      ...kept(making, "uncoupled-run"),
      push: { readyAt: making.at, result: making.shown, way: "either-way" },
    }),
  }),
};

/** Records that bring the circuit into a state. */
export function changeState(to: "dead" | "live", entries: StationEntries, clock: VisitClock): StationEntries {
  const at = clock.at();
  const volts = (text: string): Entry => read(text, "voltage", at);
  if (to === "live") {
    const steps = { "leads-and-covers": at, "everyone-clear": at, "lock-off": at };
    const kept = entries["power-back"]?.data ?? STATIONS["power-back"].blank;
    const earlier = kept.restoredAt === null ? kept.earlier : [...kept.earlier, { steps: kept.steps, restoredAt: kept.restoredAt }];
    return { ...entries, "power-back": entryOf({ steps, restoredAt: at, earlier }) };
  }
  const round = {
    ...STATIONS["make-safe"].blank.round,
    steps: { "breaker-locked": at },
    provenLive: volts("231"),
    circuitDead: volts("0.2"),
    provenLiveAgain: volts("230"),
    capacitorVolts: volts("0.3"),
  };
  const kept = entries["make-safe"]?.data ?? STATIONS["make-safe"].blank;
  const earlier = kept.round.circuitDead === null ? kept.earlier : [...kept.earlier, kept.round];
  return { ...entries, "make-safe": entryOf({ round, earlier }) };
}

/** A visit under way. */
export interface Visit {
  readonly motor: HiddenMotor;
  entries: StationEntries;
  minutes: number;
  readonly made: TestId[];
  readonly clock: VisitClock;
}

export const startVisit = (motor: HiddenMotor): Visit => ({
  motor,
  entries: openingEntries(motor),
  minutes: 3,
  made: [],
  clock: visitClock(),
});

/** Makes a test at the motor, with the change of state it needs; keys what it shows. */
export function makeTest(visit: Visit, test: TestId, power: "dead" | "live"): void {
  const needed = TEST_TABLE[test].power;
  if (needed !== power) {
    visit.entries = changeState(needed, visit.entries, visit.clock);
    visit.minutes += STATE_CHANGE_MINUTES[needed === "dead" ? "to-dead" : "to-live"];
  }
  const shown = visit.motor.shows.get(test) ?? "";
  visit.entries = { ...visit.entries, ...MAKERS[test]({ motor: visit.motor, entries: visit.entries, shown, at: visit.clock.at() }) };
  visit.minutes += TEST_TABLE[test].minutes;
  visit.made.push(test);
}

export const DEFAULT_HOUSE: HouseFigures = toHouseFigures({});

export const assessVisit = (visit: Visit, study: Study): TravellerAssessment => assessTraveller(visit.entries, DEFAULT_HOUSE, [], study);
