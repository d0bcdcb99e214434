import type { ActionId, TestId } from "../trade";
import { isSwap, type SwapAction } from "../exchange";
import { isRun, STATE_CHANGE_MINUTES, TEST_TABLE } from "../diagnosis";
import { END_TABLE, type EndId } from "../job";
import { cooled, observe, opening, powered, worked, type HowItWent, type HandWork } from "../simulation";
import { BLANK_EXCHANGE, BLANK_PIECE } from "../stations/out-in";
import { BLANK_TAKE_APART, type Step } from "../stations/take-apart";
import { STATIONS, type StationId } from "../stations";
import { trapsBack } from "../stations/take-apart/traps";
import { NO_RUN_ENTRIES } from "../motor";
import { assess, key, nowOf, read, recordOf, skip, tell, tick, type Job } from "./job";

/** Complaint and plate, as they are heard and read. */
export function open(job: Job, id: "complaint" | "plate"): void {
  tick(job, 1.5);
  const data = opening(job.hidden)[id];
  key(job, id, data);
  tell(
    job,
    id === "complaint"
      ? `heard: ${job.hidden.complaints.join(", ") || job.hidden.place.purpose}`
      : `plate: ${job.hidden.motor.printed ?? "whole"}`,
  );
}

/** Off, locked, proven dead. */
export function makeDead(job: Job): void {
  if (!job.isLive && recordOf(job, "make-safe").round.circuitDead !== null) return;
  tick(job, STATE_CHANGE_MINUTES["to-dead"]);
  job.isLive = false;
  const volts = job.hidden.motor.machine.supplyV.toFixed(0);
  const at = nowOf(job);
  const before = recordOf(job, "make-safe");
  const round = {
    ...STATIONS["make-safe"].blank.round,
    steps: { "breaker-locked": at },
    provenLive: read(job, volts, "voltage"),
    circuitDead: read(job, "0.2", "voltage"),
    provenLiveAgain: read(job, volts, "voltage"),
    capacitorVolts: read(job, "0.3", "voltage"),
  };
  key(job, "make-safe", { round, earlier: before.round.circuitDead === null ? before.earlier : [...before.earlier, before.round] });
  tell(job, "made safe");
}

/** Power back, in its steps. */
export function makeLive(job: Job): void {
  tick(job, STATE_CHANGE_MINUTES["to-live"]);
  const at = nowOf(job);
  const before = recordOf(job, "power-back");
  key(job, "power-back", {
    steps: { "leads-and-covers": at, "everyone-clear": at, "lock-off": at },
    restoredAt: at,
    earlier: before.restoredAt === null ? before.earlier : [...before.earlier, { steps: before.steps, restoredAt: before.restoredAt }],
  });
  job.isLive = true;
  tell(job, "power back");
}

/** Makes one test, and keys what its instrument shows. */
export function measure(job: Job, test: TestId): void {
  tick(job, TEST_TABLE[test].minutes);
  const { station, data } = observe(job.hidden, test, nowOf(job), (id) => recordOf(job, id));
  if ("note" in data && data.note === "none fitted") {
    skip(job, station, "none fitted");
    job.made.push(test);
    return tell(job, `${station}: none fitted`);
  }
  key(job, station, data);
  job.made.push(test);
  standBy(job, station);
  tell(job, `${test}: ${brief(data)}`);
  if (isRun(test)) job.hidden = powered(job.hidden);
}

const sure = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(sure);
  if (typeof value !== "object" || value === null) return value;
  if ("reading" in value && "text" in value) return value.reading === null ? value : { ...value, isSure: true };
  return Object.fromEntries(Object.entries(value).map(([name, each]) => [name, sure(each)]));
};

/** A right figure that is asked about is looked at again, and stands. */
function standBy(job: Job, station: StationId): void {
  if (job.slipped.has(station) || assess(job).stations[station].stamp !== "unsure") return;
  key(job, station, sure(recordOf(job, station)) as object);
  tell(job, "asked whether it is a slip: it stands");
}

/** Texts of what was keyed, for whoever follows. */
const brief = (data: unknown): string => {
  const texts: string[] = [];
  const walk = (value: unknown, name: string): void => {
    if (value === null || value === undefined || value === "") return;
    if (typeof value !== "object") return void texts.push(name === "text" ? String(value) : `${name}=${String(value)}`);
    if ("reading" in value && "text" in value) return void texts.push(`${name} ${String(value.text)}`);
    for (const [key, each] of Object.entries(value)) walk(each, /^\d+$/.test(key) ? name : key);
  };
  walk(data, "");
  return texts.filter((text) => !/^(x|y|name|testV)=/.test(text)).join(", ");
};

/** Decides, with a reason. */
export function decide(job: Job, action: ActionId, also: ActionId | null): void {
  tick(job, 1);
  const isLeft = action === "keep-until" || action === "wait-and-retest";
  key(job, "decide", { action, also, reason: "by what was found", decidedAt: nowOf(job), recheckOn: isLeft ? "2027-03-01" : null });
  job.decided.push(action);
  tell(job, `decided: ${action}${also === null ? "" : ` and ${also}`}`);
}

/** The part that goes in, by its work. */
function pieceFor(job: Job, action: SwapAction): { label: string; reading: string | null } {
  const { machine, plate, type } = job.hidden.motor;
  const run = machine.runCapacitor?.capacitanceUf ?? 10;
  const start = machine.startCapacitor?.capacitanceUf ?? 100;
  const pieces: Partial<Record<SwapAction, { label: string; reading: string | null }>> = {
    "replace-run-capacitor": { label: `${run} µF ±6 % 440 V run`, reading: (run * 1.01).toFixed(2) },
    "replace-start-capacitor": { label: `${start} µF −0 +20 % 250 V start`, reading: (start * 1.1).toFixed(1) },
    "replace-bearings": { label: "6203-2RS, two", reading: null },
    "replace-motor": { label: `${type} motor ${plate.volts} V ${plate.powerW} W`, reading: null },
  };
  return pieces[action] ?? { label: "relay, as the old one", reading: null };
}

/** Does one decided work: the part in and the old one's fate, or the mend ticked. */
export function doWork(job: Job, action: ActionId, outcome: HowItWent = "good"): void {
  tick(job, 15);
  const record = recordOf(job, "out-in");
  const at = nowOf(job);
  const swaps = isSwap(action) && action !== "service-start-switch" && action !== "repair-control";
  if (swaps) {
    const { label, reading } = pieceFor(job, action);
    const isMotor = action === "replace-motor";
    const exchange = {
      ...BLANK_EXCHANGE,
      out: { ...BLANK_EXCHANGE.out, label: "the old one", fate: "scrap" as const, why: "as found", unusableAt: isMotor ? at : null },
      pieces: [
        {
          ...BLANK_PIECE,
          label,
          reading: reading === null ? null : read(job, reading, action.endsWith("capacitor") ? "capacitance" : "resistance"),
        },
      ],
      fittedAt: at,
    };
    key(job, "out-in", { works: { ...record.works, [action]: exchange } });
  } else {
    key(job, "out-in", { done: { ...record.done, [action]: at } });
  }
  job.hidden = cooled(worked(job.hidden, action, outcome));
  tell(job, `work: ${action}${outcome === "good" ? "" : ` (${outcome})`}`);
}

/** A work without a part, before or beside what is decided. */
export function mend(job: Job, work: HandWork): void {
  tick(job, 10);
  const record = recordOf(job, "out-in");
  key(job, "out-in", { done: { ...record.done, [work]: nowOf(job) } });
  job.hidden = worked(job.hidden, work);
  tell(job, `work: ${work}`);
}

const step = (id: string, part: Step["part"], backAt: string | null): Step => ({
  id,
  part,
  name: "",
  count: 1,
  place: null,
  way: "",
  photo: null,
  backAt,
  countBack: 0,
  isNew: false,
});

/** Takes the cover off, or puts it back and closes. */
export function takeApart(job: Job): void {
  const record = recordOf(job, "take-apart");
  const isOpen = record.steps.length > 0 && record.closedAt === null;
  tick(job, isOpen ? 10 : 8);
  const at = nowOf(job);
  if (!isOpen) {
    key(job, "take-apart", { ...BLANK_TAKE_APART, steps: [step("a", "cover", null), step("b", "end-bell", null)] });
    tell(job, "taken apart");
    return;
  }
  const steps = [step("a", "cover", at), step("b", "end-bell", at)];
  const turns = job.hidden.body.turn;
  const seenTo = Object.fromEntries(trapsBack({ steps, wires: [] }, true).map((trap) => [trap, at]));
  // What does not turn free is not closed: a hand that finds it so stops there.
  key(job, "take-apart", { steps, seenTo, after: { ...BLANK_TAKE_APART.after, turn: turns ?? "free" }, closedAt: at });
  tell(job, `put back together, turns ${turns ?? "free"}`);
}

/** The same figures after the work, read as the run gives them. */
export function prove(job: Job, parts: { readonly hasFigures: boolean } = { hasFigures: true }): void {
  tick(job, 4);
  const at = nowOf(job);
  const figures = observe(job.hidden, "run-amps", at, (id) => recordOf(job, id)).data as Partial<typeof NO_RUN_ENTRIES>;
  const noise = observe(job.hidden, "noise", at, (id) => recordOf(job, id)).data as { noises?: readonly never[] };
  const { behaviour } = job.hidden;
  key(job, "prove", {
    after: { ...NO_RUN_ENTRIES, ...(parts.hasFigures && figures.lineAmps ? { lineAmps: figures.lineAmps } : {}) },
    afterBehaviour: behaviour,
    afterNoises: [...(noise.noises ?? [])],
    afterRotation: job.hidden.body.runsBackwards ? "ccw" : "cw",
  });
  standBy(job, "prove");
  job.hidden = powered(job.hidden);
  tell(job, `proof: ${behaviour}${figures.lineAmps ? `, ${figures.lineAmps.text} A` : ""}`);
}

/** Notes the end with all that it asks for. */
export function end(job: Job, how: EndId | null): void {
  tick(job, 1);
  const needs = how === null ? [] : END_TABLE[how].needs;
  key(job, "end", {
    end: how,
    endedAt: nowOf(job),
    what: needs.includes("what") ? "a strap round the cover" : "",
    until: needs.includes("until") ? "the new bracket is here" : "",
    toWhom: needs.includes("to-whom") ? "the refrigeration trade" : "",
    why: needs.includes("why") ? "closed until spring" : "",
    isInUse: needs.includes("in-use") ? false : null,
    on: needs.includes("day") ? "2027-03-01" : null,
    unusableAt: needs.includes("unusable") ? nowOf(job) : null,
  });
  tell(job, `end: ${how ?? "as it follows"}`);
}
