import { saidAt } from "@/features/stations/registry";
import { stampWord } from "@/features/stations/stamp-word";
import { stretchesOf } from "@/core/traveller";
import {
  changeInTime,
  checksBeforePower,
  doneAt,
  doneIn,
  END_TABLE,
  ENDS,
  isWork,
  MENDS,
  PURPOSES,
  readingsIn,
  type EndId,
  type Purpose,
  type TimedStation,
} from "@/core/job";
import { describedBy } from "@/core/station";
import { STATION_IDS, stationOf, STATIONS, type StationData, type StationId } from "@/core/stations";
import { BLANK_EXCHANGE, BLANK_PIECE } from "@/core/stations/out-in";
import { assessTraveller, isReadyToFinish, stateChangeFor, type StationEntries, type TravellerAssessment } from "@/core/traveller";
import { ACTIONS, TESTS, type ActionId } from "@/core/trade";
import { OUTCOME_NAMES } from "@/core/diagnosis";
import { randomFrom } from "../support/parts-list";
import { howMany } from "../support/how-many";
import { changeState, DEFAULT_HOUSE, hiddenMotor, MAKERS, openingEntries, visitClock, type HiddenMotor } from "../support/simulated-visit";
import { readAt } from "../support/partial-card";

/** So many jobs are walked whole, in any order of acts: skips, repeats, works, power. */
const WALKS = howMany(20_000) === 20_000 ? 20_000 : 200;
const MOST_ACTS = 12;
const MOTORS = Array.from({ length: 60 }, (_, index) => hiddenMotor((index % 6) + 1, 700_000 + index));

interface Job {
  readonly motor: HiddenMotor;
  readonly random: () => number;
  readonly clock: ReturnType<typeof visitClock>;
  entries: StationEntries;
  /** whether the motor has power, whatever the card says */
  isLive: boolean;
  /** readings that stood on the card, as they were keyed */
  readonly read: Set<string>;
  /** when each station was last keyed at, ISO 8601 */
  readonly keyedAt: Map<StationId, string>;
}

const pick = <T>({ random }: Job, values: readonly T[]): T => values[Math.floor(random() * values.length)] as T;
const timedOf = (id: StationId): TimedStation => {
  const station = stationOf(id);
  return { reads: station.definition.reads, blank: station.blank, describe: (data) => describedBy(station, data) };
};
const dataOf = <Id extends StationId>({ entries }: Job, id: Id): StationData<Id> =>
  (entries[id] as { data: StationData<Id> } | undefined)?.data ?? (STATIONS[id].blank as StationData<Id>);

/** Keys a record as a hand does at a moment: what is read after a work stands beside what was found. */
function key(job: Job, id: StationId, data: unknown, at: string): void {
  const before = job.entries[id];
  const works = doneIn(dataOf(job, "out-in"));
  const row = { data: before?.data ?? stationOf(id).blank, earlier: before?.earlier ?? [], updatedAt: job.keyedAt.get(id) ?? at };
  job.keyedAt.set(id, at);
  const changed = changeInTime(timedOf(id), row, () => data, works, at);
  job.entries = { ...job.entries, [id]: { skippedReason: before?.skippedReason ?? null, ...changed } } as StationEntries;
}

const set = <Id extends StationId>(job: Job, id: Id, part: Partial<StationData<Id>>): void =>
  key(job, id, { ...(dataOf(job, id) as object), ...part }, job.clock.at());

function measure(job: Job): void {
  const made = pick(job, TESTS);
  const at = job.clock.at();
  const changed = MAKERS[made]({ motor: job.motor, entries: job.entries, shown: pick(job, OUTCOME_NAMES[made]), at });
  for (const [id, entry] of Object.entries(changed)) key(job, id as StationId, entry.data, at);
}

function power(job: Job): void {
  const to = job.random() < 0.5 ? "dead" : "live";
  job.entries = changeState(to, job.entries, job.clock);
  job.isLive = to === "live";
}

function decide(job: Job): void {
  const action = pick<ActionId | null>(job, [...ACTIONS, null]);
  set(job, "decide", {
    action,
    reason: "as found",
    decidedAt: action === null ? null : job.clock.at(),
    recheckOn: job.random() < 0.3 ? "2026-03-01" : null,
  });
}

function work(job: Job): void {
  const record = dataOf(job, "out-in");
  const action = dataOf(job, "decide").action;
  const at = job.clock.at();
  if (job.random() < 0.5 || action === null || !(action in record.works || action.startsWith("replace"))) {
    const mend = pick(job, action !== null && isWork(action) ? [...MENDS, action as (typeof MENDS)[number]] : MENDS);
    set(job, "out-in", { done: { ...record.done, [mend]: at } });
    return;
  }
  const isIn = job.random() < 0.7;
  const exchange = {
    ...BLANK_EXCHANGE,
    out: { ...BLANK_EXCHANGE.out, label: "old", fate: job.random() < 0.7 ? ("return" as const) : null },
    pieces: [{ ...BLANK_PIECE, label: "new part" }],
    fittedAt: isIn ? at : null,
    isOldKept: !isIn && job.random() < 0.5,
    expectedOn: job.random() < 0.5 ? "2026-02-01" : null,
  };
  set(job, "out-in", { works: { ...record.works, [action]: exchange } });
}

function prove(job: Job): void {
  const at = job.clock.at();
  const after = { ...STATIONS.prove.blank.after, lineAmps: readAt(String(1 + Math.round(job.random() * 40) / 10), "current", at) };
  set(job, "prove", { after, afterBehaviour: pick(job, ["starts", "hums", null] as const), isUnloaded: pick(job, [true, false, null]) });
}

function end(job: Job): void {
  set(job, "end", {
    end: pick<EndId | null>(job, [...ENDS, null]),
    what: pick(job, ["", "a strap"]),
    until: pick(job, ["", "the new bracket"]),
    toWhom: pick(job, ["", "the refrigeration trade"]),
    why: pick(job, ["", "closed until spring"]),
    isInUse: pick(job, [true, false, null]),
    on: pick(job, ["2026-04-01", null]),
    unusableAt: pick(job, [job.clock.at(), null]),
    leftSo: pick(job, ["", "comes with the next visit"]),
  });
}

function apart(job: Job): void {
  const at = job.clock.at();
  const isBack = job.random() < 0.5;
  const blank = STATIONS["take-apart"].blank;
  const cover = {
    id: "c",
    part: "cover" as const,
    name: "",
    count: 1,
    place: null,
    way: "",
    photo: null,
    backAt: isBack ? at : null,
    countBack: 0,
    isNew: false,
  };
  const closed = { after: { ...blank.after, turn: "free" as const }, seenTo: { "ground-restored": at }, closedAt: at };
  set(job, "take-apart", { ...blank, steps: [cover], ...(isBack ? closed : {}) });
}

function skip(job: Job): void {
  const id = pick(job, STATION_IDS);
  job.entries = {
    ...job.entries,
    [id]: { earlier: [], data: stationOf(id).blank, ...job.entries[id], skippedReason: "no access" },
  } as StationEntries;
}

const ACTS: readonly (readonly [share: number, act: (job: Job) => void])[] = [
  [0.4, measure],
  [0.14, power],
  [0.1, decide],
  [0.12, work],
  [0.07, prove],
  [0.06, end],
  [0.06, apart],
  [0.05, skip],
];

function act(job: Job): void {
  let die = job.random();
  for (const [share, make] of ACTS) {
    if (die < share) return make(job);
    die -= share;
  }
  measure(job);
}

/** Words that a motor with power must not be told with. */
const SAYS_DEAD = /\bstretch is open\b|\bProven dead\b|\bDead since\b/;

/** What of a card breaks a rule; empty: nothing does. */
function broken(job: Job, assessment: TravellerAssessment): string[] {
  const { stations, facts, next } = assessment;
  const faults: string[] = [];
  if (facts.power !== (job.isLive ? "live" : "dead")) faults.push(`said to be ${facts.power}`);
  if (job.isLive) {
    if (Object.values(stretchesOf(assessment)).some((stretch) => stretch === "dead" || stretch === "to-dead-done"))
      faults.push("strip drawn dead");
    const words = [stampWord("make-safe", assessment), ...saidAt("make-safe", job.entries["make-safe"]?.data, assessment, DEFAULT_HOUSE)];
    if (words.some((word) => SAYS_DEAD.test(word))) faults.push(`told as dead: ${words.join(" ")}`);
    if (stations["make-safe"].stamp === "holds") faults.push("stamped as dead");
  }
  const method = "method" in next ? next.method : null;
  if (stateChangeFor(next.station, "dead", method) !== null) {
    const isShown = stations.prove.stamp !== "not-done" && stations.prove.stamp !== "skipped";
    const spec = stations.end.detail.isChosen && stations.end.detail.end ? END_TABLE[stations.end.detail.end] : null;
    const pending = [facts.action, facts.also].filter((each): each is ActionId => each !== null && isWork(each));
    const isOut = pending.filter(
      (each) =>
        doneAt(each, facts.worksDone) === null &&
        !(facts.isOnOrder && stations["out-in"].detail.works.some(({ action, isOnOrder }) => action === each && isOnOrder)),
    );
    if (isOut.length > 0 && !isShown && (spec === null || spec.isWorkDone) && stations["out-in"].stamp !== "skipped")
      faults.push(`power before ${isOut.join()} is in: ${next.station}`);
    if (facts.isApart && next.kind === "order") faults.push("power while it lies open");
    const hadPower =
      facts.restoredAtAll.length > 0 ||
      (["supply", "run-test", "uncoupled-run", "prove"] as const).some(
        (id) => stations[id].stamp !== "not-done" && stations[id].stamp !== "skipped",
      );
    const asked = checksBeforePower({ complaints: facts.complaints, mayTrip: facts.mayTrip, wasWet: facts.history.includes("water") });
    if (!hadPower && asked.includes("frame-ohms") && stations.frame.stamp === "not-done" && next.kind !== "order")
      faults.push(`power before the frame test: ${next.station}`);
  }
  const text = JSON.stringify(job.entries);
  for (const reading of job.read) if (!text.includes(reading)) faults.push(`gone: ${reading}`);
  if (isReadyToFinish(assessment)) {
    const { end: how, lacks } = stations.end.detail;
    if (how === null || lacks.length > 0) faults.push("signed off without an end");
    if (how !== null && END_TABLE[how].needs.includes("closed") && facts.isApart) faults.push("signed off while it lies open");
    if (how !== null && END_TABLE[how].isWorkDone && facts.proof !== "there") faults.push("signed off as done without a proof");
  }
  return faults;
}

test(`${WALKS} random orders of acts: nothing says dead while it is live, no power too soon, no reading is lost, no end without its needs`, () => {
  const faults: string[] = [];
  for (let seed = 0; seed < WALKS; seed += 1) {
    const random = randomFrom(seed * 17 + 3);
    const motor = MOTORS[Math.floor(random() * MOTORS.length)] as HiddenMotor;
    const job: Job = {
      motor,
      random,
      clock: visitClock(),
      entries: openingEntries(motor),
      isLive: true,
      read: new Set(),
      keyedAt: new Map(),
    };
    const acts = 1 + Math.floor(random() * MOST_ACTS);
    for (let index = 0; index < acts; index += 1) {
      // More than a minute lies between two acts: what was keyed stood.
      job.clock.at();
      act(job);
      for (const { text } of readingsIn(job.entries)) job.read.add(`"text":${JSON.stringify(text)}`);
    }
    const found = broken(job, assessTraveller(job.entries, DEFAULT_HOUSE));
    if (found.length > 0) faults.push(`seed ${seed}: ${found.join("; ")}`);
  }
  expect(faults.slice(0, 10)).toEqual([]);
});

describe("every purpose has ends that can be reached, and none without what it asks for", () => {
  const AT = "2026-01-01T09:00:00.000Z";
  const entry = (data: object) => ({ skippedReason: null, data });
  /** A job on which everything was done that any end may ask for. */
  const whole = (purpose: Purpose, how: EndId, part: Partial<StationData<"end">> = {}): StationEntries =>
    ({
      complaint: entry({ ...STATIONS.complaint.blank, complaints: purpose === "fault" ? ["squeals"] : [], purpose }),
      plate: entry({ ...STATIONS.plate.blank, motorType: "psc", machineKind: "fan", volts: "230", amps: "1.9" }),
      "hand-turn": entry({ ...STATIONS["hand-turn"].blank, turn: "free" }),
      decide: entry({ ...STATIONS.decide.blank, action: "service-bearings", reason: "dry" }),
      "out-in": entry({ ...STATIONS["out-in"].blank, done: { "grease-bearings": AT } }),
      prove: entry({
        ...STATIONS.prove.blank,
        after: { ...STATIONS.prove.blank.after, lineAmps: readAt("1.6", "current", "2026-01-01T09:30:00.000Z") },
        afterBehaviour: "starts",
        isUnloaded: how === "proved-without-load" || how === "tested-spare",
      }),
      end: entry({
        ...STATIONS.end.blank,
        end: how,
        endedAt: AT,
        what: "a strap",
        until: "the bracket is here",
        toWhom: "a licensed trade",
        why: "closed until spring",
        isInUse: false,
        on: "2026-03-01",
        unusableAt: AT,
        ...part,
      }),
    }) as unknown as StationEntries;
  const ASKED: Partial<Record<EndId, Partial<StationData<"end">>>> = {
    condemned: { unusableAt: null },
    "left-as-is": { on: null },
    makeshift: { until: "" },
    "waits-for-part": { isInUse: null },
    referred: { toWhom: " " },
  };
  test.each(PURPOSES.flatMap((purpose) => ENDS.map((how) => [purpose, how] as const)))("%s: %s", (purpose, how) => {
    expect(isReadyToFinish(assessTraveller(whole(purpose, how), DEFAULT_HOUSE))).toBe(true);
    const less = ASKED[how];
    if (less) expect(isReadyToFinish(assessTraveller(whole(purpose, how, less), DEFAULT_HOUSE))).toBe(false);
    const unshown = Object.fromEntries(Object.entries(whole(purpose, how)).filter(([id]) => id !== "prove" && id !== "hand-turn"));
    const needs = END_TABLE[how].needs;
    const isShown = needs.includes("proof") || needs.includes("idle-proof") || needs.includes("tested");
    expect(isReadyToFinish(assessTraveller(unshown, DEFAULT_HOUSE))).toBe(!isShown);
  });
});

test.each(ACTIONS)("%s: signed off with the end that follows from it, the card asks for nothing more than before", (action) => {
  const lacks = (end: EndId | null, isOnOrder: boolean) => {
    const works = isOnOrder ? { "replace-run-capacitor": { ...BLANK_EXCHANGE, isOldKept: true, expectedOn: "2026-02-01" } } : {};
    const entries = {
      decide: { skippedReason: null, data: { ...STATIONS.decide.blank, action, reason: "as found" } },
      "out-in": { skippedReason: null, data: { ...STATIONS["out-in"].blank, works } },
      end: { skippedReason: null, data: { ...STATIONS.end.blank, end } },
    } as unknown as StationEntries;
    return assessTraveller(entries, DEFAULT_HOUSE).stations.end.detail;
  };
  for (const isOnOrder of [false, true]) {
    const before = lacks(null, isOnOrder);
    expect(lacks(before.likely, isOnOrder)).toMatchObject({ end: before.end, lacks: before.lacks, on: before.on });
  }
});

test("read once more with nothing done between: two that differ contradict one another, and neither decides alone", () => {
  const AT = "2026-01-01T09:00:00.000Z";
  const record = (text: string) => ({
    ...STATIONS.capacitor.blank,
    label: "12.5 µF ±5 % 450 V",
    isIsolated: true,
    readings: [readAt(text, "capacitance", AT)],
  });
  const card = (...texts: readonly [string, ...string[]]): TravellerAssessment => {
    const earlier = texts.slice(0, -1).map((text) => ({ why: "repeat" as const, at: AT, data: record(text) }));
    const plate = { ...STATIONS.plate.blank, motorType: "psc" as const, machineKind: "fan" as const };
    return assessTraveller(
      {
        plate: { skippedReason: null, data: plate },
        capacitor: { skippedReason: null, data: record(texts.at(-1) ?? ""), earlier },
      } as unknown as StationEntries,
      DEFAULT_HOUSE,
    );
  };
  const chance = ({ standing }: TravellerAssessment): number =>
    standing.suspects.find(({ suspect }) => suspect === "run-capacitor")?.probability ?? 0;
  const [bad, good, both] = [card("7.9"), card("12.4"), card("7.9", "12.4")];
  expect([bad.stations.capacitor.stamp, good.stations.capacitor.stamp, both.stations.capacitor.stamp]).toEqual([
    "out",
    "holds",
    "contradicts",
  ]);
  expect(chance(both)).toBeLessThan(chance(bad));
  expect(chance(both)).toBeGreaterThan(chance(good));
  // The order in which they were read says nothing.
  expect(chance(card("12.4", "7.9"))).toBeCloseTo(chance(both), 9);
  // Two that agree count once.
  expect(chance(card("7.9", "7.9"))).toBeCloseTo(chance(bad), 9);
});
