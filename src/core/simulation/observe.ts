import type { TestId } from "../trade";
import { type Noise, type RunField, conditionWith, predict, type PredictedRun } from "../motor";
import { type Entry, type Quantity } from "../quantity";
import { STATIONS, type StationData, type StationId } from "../stations";
import { chanceFrom } from "./chance";
import type { HiddenCase } from "./told";
import { frame, insulation, windings } from "./observe-windings";
import { entryOf, figure, keyed, ohm, over, placesFor, shown, type Keyed, type Maker, type Making } from "./keyed";

const OWN = { sd: 0.025, most: 0.055 } as const;
/**
 * A sound part's value over its label's: somewhere within its own tolerance.
 * @param seed of the case
 * @returns part of the nominal value
 * @example ownValue(7) = 1.0275
 */
export function ownValue(seed: number): number {
  const { normal } = chanceFrom(seed);
  for (;;) {
    const apart = OWN.sd * normal();
    if (Math.abs(apart) <= OWN.most) return 1 + apart;
  }
}

/** A capacitor as its meter reads it: open reads next to nothing, shorted reads beyond the range. */
function capacitance(uf: number, scale: number | null | undefined, making: Making): { reading: Entry; overLimit: "shorted" | null } {
  if (scale === 0) return { reading: over("capacitance", making), overLimit: "shorted" };
  if (scale === null) return { reading: entryOf(shown(0.02, 2, making), "capacitance", making), overLimit: null };
  const own = scale === undefined || scale === 1 ? ownValue(making.hidden.seed) : scale;
  return { reading: figure(uf * own, "capacitance", making), overLimit: null };
}

export const labelOf = (uf: number, kind: "run" | "start"): string =>
  kind === "run" ? `${uf} µF ±6 % 440 V run` : `${uf} µF −0 +20 % 250 V start`;

const capacitor: Maker = (making) => {
  const { machine } = making.hidden.motor;
  const { body } = making.hidden;
  const before = making.record("capacitor");
  const [first, second] = [
    machine.runCapacitor && { kind: "run" as const, uf: machine.runCapacitor.capacitanceUf, scale: body.runUfByMeter },
    machine.startCapacitor && { kind: "start" as const, uf: 1.1 * machine.startCapacitor.capacitanceUf, scale: body.startUfByMeter },
  ].filter((part) => part !== null);
  const nominal = (part: NonNullable<typeof first>): number => (part.kind === "start" ? Math.round(part.uf / 1.1) : part.uf);
  if (!first) return keyed("capacitor", { note: "none fitted" });
  if (second && before.label !== "") {
    const { reading, overLimit } = capacitance(second.uf, second.scale, making);
    const label = labelOf(nominal(second), second.kind);
    return keyed("capacitor", { second: { ...STATIONS.capacitor.blank.second, label, readings: [reading], overLimit, isIsolated: true } });
  }
  const { reading, overLimit } = capacitance(first.uf, first.scale, making);
  return keyed("capacitor", { label: labelOf(nominal(first), first.kind), readings: [reading], overLimit, isIsolated: true });
};

const gear: Maker = (making) => {
  const { body, motor } = making.hidden;
  const blank = STATIONS["start-gear"].blank;
  const closed = (): Entry => ohm(0.2, making);
  if (motor.gear === "potential-relay") {
    const coil = body.relay === "coil-open" ? over("resistance", making) : entryOf("9.4k", "resistance", making);
    const contact = body.relay === "contact-open" ? over("resistance", making) : closed();
    return keyed("start-gear", { sort: "potential-relay", relay: { isUnplugged: true, coil, contact } });
  }
  const { contact } = body;
  const isOpen = contact === "open" || contact === "not-pressed";
  return keyed("start-gear", {
    sort: motor.gear,
    switch: {
      ...blank.switch,
      isCoverSeated: contact !== "not-pressed",
      clicksBack: contact === undefined,
      atRest: isOpen ? over("resistance", making) : closed(),
      actuated: contact === "welded" || contact === "not-pressed" ? closed() : over("resistance", making),
    },
  });
};

const supply: Maker = (making) => {
  const { motor, body, condition, place } = making.hidden;
  // Wired for the other volts it gets what the feed gives all the same.
  const fed = body.lineTimes === undefined ? condition.voltageScale : place.voltageScale;
  const volts = motor.machine.supplyV * (body.volts === "sags" ? 0.97 : fed);
  const isThere = body.volts !== "absent" && body.volts !== "lost" && body.volts !== "no-call";
  const none = (): Entry => figure(0.4, "voltage", making, 1);
  return keyed("supply", {
    call: body.volts === "no-call" ? "no-call" : "calls",
    standing: isThere ? figure(volts, "voltage", making, 1) : none(),
    starting: isThere ? figure(motor.machine.supplyV * fed * 0.98, "voltage", making, 1) : null,
    atDisconnect: isThere ? null : body.volts === "absent" ? none() : figure(motor.machine.supplyV, "voltage", making, 1),
  });
};

const FIGURE_OF: Partial<Record<TestId, readonly [field: RunField, quantity: Quantity, of: keyof PredictedRun]>> = {
  "run-amps": ["lineAmps", "current", "lineA"],
  "start-winding-amps": ["startAmps", "current", "startA"],
  speed: ["speed", "speed", "speedRpm"],
};

/** Figures of the run, whatever was asked for: it is switched on, and what it does is seen. */
const run =
  (test: TestId): Maker =>
  (making) => {
    const { behaviour, prediction } = making.hidden;
    const isTurning = behaviour === "starts" || behaviour === "only-pushed";
    const figures = isTurning ? (prediction.running ?? prediction.held) : prediction.held;
    const [field, quantity, of] = FIGURE_OF[test] ?? [];
    const value = field && of && behaviour !== "trips" && behaviour !== "dead" ? figures[of] : null;
    const timed = test === "start-time" && behaviour === "starts" ? figures.startTimeS : null;
    return keyed("run-test", {
      behaviour,
      ...(field && quantity && value != null ? { [field]: figure(value, quantity, making, field === "speed" ? 0 : placesFor(value)) } : {}),
      ...(timed !== null ? { startTime: figure(Math.max(0.1, timed), "duration", making, 1) } : {}),
    });
  };

const noise: Maker = (making) => {
  const { body, behaviour } = making.hidden;
  const heard: Noise = behaviour === "hums" ? "hum" : behaviour === "dead" || behaviour === "trips" ? "quiet" : (body.noise ?? "quiet");
  // One ear in ten hears nothing where there is something.
  return keyed("run-test", { behaviour, noises: [making.chance.is(0.1) ? "quiet" : heard] });
};

const warmth: Maker = (making) => {
  const { prediction, sound, behaviour } = making.hidden;
  const times = (prediction.running?.lineA ?? prediction.held.lineA ?? 0) / (sound.running?.lineA ?? 1);
  const isHot = behaviour !== "dead" && behaviour !== "trips" && times * making.chance.between(0.9, 1.1) > 1.22;
  return keyed("run-test", { behaviour, warmth: behaviour === "dead" ? "cool" : isHot ? "hot" : "warm" });
};

const uncoupled: Maker = (making) => {
  const { motor, condition, body, behaviour } = making.hidden;
  const isDead = behaviour === "dead" || behaviour === "trips";
  const load = body.isHeldByLoad ? { isJammed: false } : {};
  const alone = motor.shaded
    ? { startsAlone: body.isHeldByLoad === true || behaviour === "starts" }
    : predict(motor.machine, { ...conditionWith({}), ...condition, ...load, loadScale: 0.08 });
  const isRough = body.noise === "squeal" || body.noise === "rumble" || body.noise === "hum";
  const result = isDead || !alone.startsAlone ? "does-not-run" : isRough ? "runs-rough" : "runs";
  return keyed("uncoupled-run", { freedAt: making.at, result });
};

const push: Maker = (making) => {
  const keeps = making.hidden.prediction.keepsRunning && making.hidden.behaviour !== "dead" && making.hidden.behaviour !== "trips";
  return keyed("uncoupled-run", {
    push: { readyAt: making.at, result: keeps ? "keeps-running" : "does-not-run", way: keeps ? "either-way" : null },
  });
};

/** How each test is made on such a case, and keyed as a person would. */
const MAKERS: Record<TestId, Maker> = {
  look: ({ hidden: { body, motor }, chance }) => {
    const shown = motor.foreign === "electronic" ? (["electronics-inside"] as const) : [];
    const signs = [...shown, ...(body.sign ? [body.sign] : []), ...(chance.is(0.05) ? (["dust-clogged"] as const) : [])];
    return keyed("look", { signs: [...new Set(signs)], nothingFound: signs.length === 0 });
  },
  "hand-turn": ({ hidden: { body }, chance }) => {
    const turn = body.turn ?? (chance.is(0.03) ? "rough" : "free");
    return keyed("hand-turn", { turn, radialPlay: body.hasPlay ?? false, endPlay: chance.is(0.03), rubs: body.noise === "scrape" });
  },
  "hand-turn-unloaded": ({ hidden: { body } }) =>
    keyed("hand-turn", { unloaded: body.isHeldByLoad || body.turn === undefined ? "free" : body.turn }),
  "capacitor-meter": capacitor,
  "capacitor-swing": (making) => {
    const scale = making.hidden.body.runUfByMeter ?? making.hidden.body.startUfByMeter;
    const behaviour = scale === 0 ? "stays-low" : scale === null ? "never-dips" : "takes-charge";
    const { label } = making.record("capacitor");
    const part = making.hidden.motor.machine.runCapacitor ?? making.hidden.motor.machine.startCapacitor;
    return keyed("capacitor", {
      label: label || labelOf(part?.capacitanceUf ?? 10, making.hidden.motor.machine.runCapacitor ? "run" : "start"),
      swing: { sections: [{ behaviour, climbS: "" }], rangeEnd: "" },
    });
  },
  "capacitor-running": (making) => {
    const { machine } = making.hidden.motor;
    // What stands has amps and volts at its capacitor all the same.
    const { running, held } = making.hidden.prediction;
    const figures = running ?? held;
    const uf = machine.runCapacitor?.capacitanceUf ?? 10;
    const scale = making.hidden.body.runUfByMeter;
    const amps = (figures.startA ?? 0) * (scale === undefined || scale === 1 ? ownValue(making.hidden.seed) : 1);
    const volts = figures.capacitorV ?? machine.supplyV;
    return keyed("capacitor", {
      label: making.record("capacitor").label || labelOf(uf, "run"),
      running: {
        sections: [{ amps: figure(amps, "current", making), volts: figure(volts, "voltage", making, 0) }],
        hertz: making.hidden.motor.printed === "whole" ? "" : making.hidden.motor.plate.hertz === 50 ? "50" : "60",
        // A motor that stands has its start part in.
        isStartDeviceOut: running !== null || machine.startCapacitor === null,
      },
    });
  },
  "winding-ohms": windings,
  "frame-ohms": frame,
  insulation,
  "switch-ohms": gear,
  "relay-ohms": gear,
  "ptc-ohms": gear,
  "supply-voltage": supply,
  "run-amps": run("run-amps"),
  "start-winding-amps": run("start-winding-amps"),
  speed: run("speed"),
  "start-time": run("start-time"),
  noise,
  temperature: warmth,
  "uncoupled-run": uncoupled,
  "push-start": push,
};

/**
 * Makes one test on a hidden case: what its instrument shows, keyed at its station.
 * @param hidden the case with its hidden faults
 * @param test which test
 * @param at moment of the test, ISO 8601
 * @param record what each station has so far
 * @returns the fields that change
 */
export function observe(hidden: HiddenCase, test: TestId, at: string, record: <Id extends StationId>(id: Id) => StationData<Id>): Keyed {
  const chance = chanceFrom(hidden.seed * 131 + [...test].reduce((sum, letter) => sum * 31 + letter.charCodeAt(0), 7));
  return MAKERS[test]({ hidden, chance, at, record });
}
