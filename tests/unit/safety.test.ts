import { TESTS, type TestId, MACHINE_KINDS, MOTOR_TYPES } from "@/core/trade";
import { assessTraveller, methodsOn, powerOf, stateChangeFor, type StationEntries, type TravellerAssessment } from "@/core/traveller";
import { isRun, LIVE_RUNS, TEST_TABLE } from "@/core/diagnosis";
import { STATION_IDS, STATIONS } from "@/core/stations";
import { TRIP_CHECKS } from "@/core/stations/power-back";
import { randomFrom } from "../support/parts-list";
import { changeState, DEFAULT_HOUSE, hiddenMotor, MAKERS, openingEntries, visitClock, type HiddenMotor } from "../support/simulated-visit";
import { howMany } from "../support/how-many";

/** So many travellers are walked through; each is tested at random, in any order, in either state. */
const WALKS = howMany(3_500);
const MOST_STEPS = 7;
const MOTORS = Array.from({ length: 60 }, (_, index) => hiddenMotor((index % 6) + 1, 900_000 + index));

interface Walk {
  readonly motor: HiddenMotor;
  readonly random: () => number;
  entries: StationEntries;
}

/** Any machine with any type of motor, as people key it, sensible or not. */
function startWalk(seed: number): Walk {
  const random = randomFrom(seed * 31 + 5);
  const of = <T>(values: readonly T[]): T => values[Math.floor(random() * values.length)] as T;
  const motor = of(MOTORS);
  const entries = openingEntries(motor);
  const plate = entries.plate?.data as (typeof STATIONS)["plate"]["blank"];
  const machineKind = of(MACHINE_KINDS);
  return {
    motor,
    random,
    entries: { ...entries, plate: { skippedReason: null, data: { ...plate, motorType: of(MOTOR_TYPES), machineKind } } },
  };
}

/** One thing a person may do next: a test whatever was proposed, a change of state, a skip, an answer about the insulation test. */
function step(walk: Walk, clock: ReturnType<typeof visitClock>): void {
  const { motor, random } = walk;
  const die = random();
  if (die < 0.2) {
    const to = random() < 0.5 ? "dead" : "live";
    // Power is given where nothing stands against it: the button is shut otherwise.
    const { isApart, isGrounded, tripChecks } = assessTraveller(walk.entries, DEFAULT_HOUSE).stations["power-back"].detail;
    if (to === "dead" || !(isApart || isGrounded || tripChecks.length > 0)) walk.entries = changeState(to, walk.entries, clock);
  } else if (die < 0.27) {
    const id = STATION_IDS[Math.floor(random() * STATION_IDS.length)] ?? "look";
    walk.entries = { ...walk.entries, [id]: { data: walk.entries[id]?.data ?? STATIONS[id].blank, skippedReason: "no access" } };
  } else if (die < 0.37) {
    const blank = STATIONS.insulation.blank;
    const answer = (): boolean | null => (random() < 0.3 ? null : random() < 0.5);
    walk.entries = {
      ...walk.entries,
      insulation: { skippedReason: null, data: { ...blank, isDisconnected: answer(), isInVacuum: answer() } },
    };
  } else if (die < 0.43) {
    // Something comes off, or everything is back and closed; perhaps it was decided already.
    // While it has power nothing is taken apart: the station is shut.
    const isDead = assessTraveller(walk.entries, DEFAULT_HOUSE).facts.power === "dead";
    const backAt = random() < 0.5 && isDead ? null : clock.at();
    const cover = {
      id: "cover",
      part: "cover" as const,
      name: "",
      count: 1,
      place: null,
      way: "",
      photo: null,
      backAt,
      countBack: 0,
      isNew: false,
    };
    const after = { ...STATIONS["take-apart"].blank.after, turn: "free" as const };
    const closed = { after, seenTo: { "ground-restored": clock.at() }, closedAt: backAt };
    walk.entries = {
      ...walk.entries,
      "take-apart": { skippedReason: null, data: { ...STATIONS["take-apart"].blank, steps: [cover], ...(backAt ? closed : {}) } },
      ...(random() < 0.3
        ? { decide: { skippedReason: null, data: { ...STATIONS.decide.blank, action: "replace-bearings", reason: "worn" } } }
        : {}),
    };
  } else {
    const test = TESTS[Math.floor(random() * TESTS.length)] ?? "look";
    const outcomes = Object.keys(TEST_TABLE[test].outcomes);
    const shown = outcomes[Math.floor(random() * outcomes.length)] ?? "";
    walk.entries = { ...walk.entries, ...MAKERS[test]({ motor, entries: walk.entries, shown, at: clock.at() }) };
  }
}

/** What of an assessment breaks a rule of safety; empty: nothing does. */
function broken(entries: StationEntries, { next, facts, stateChange, stations, findings }: TravellerAssessment): string[] {
  const faults: string[] = [];
  // A station in the other power state is never the next step itself: the change of state stands before it.
  const method = next.kind === "move" ? next.method : null;
  const needed = powerOf(next.station, method);
  const target = stateChange ?? next.station;
  if ((needed === "dead" || needed === "live") && needed !== facts.power && stateChange === null)
    faults.push(`${next.station} offered while ${facts.power}`);
  if (powerOf(target, stateChange ? null : method) === (facts.power === "dead" ? "live" : "dead"))
    faults.push(`${target} is for the other state`);
  for (const id of STATION_IDS) {
    const power = powerOf(id);
    if ((power === "dead" || power === "live") && power !== facts.power && stateChangeFor(id, facts.power) === null)
      faults.push(`${id} open while ${facts.power}`);
  }
  const offered: TestId[] =
    next.kind === "move" && next.move.kind !== "decide"
      ? [next.move.offer.test, ...next.move.others.map(({ test }) => test)]
      : next.kind === "move"
        ? next.move.others.map(({ test }) => test)
        : [];
  const isOpenWheel = facts.machineKind === "fan" || facts.machineKind === "blower";
  if (offered.includes("push-start") && (!isOpenWheel || facts.turnsFree !== true)) faults.push(`push on a ${facts.machineKind}`);
  if (!isOpenWheel && methodsOn("uncoupled-run", facts).some(({ id }) => id === "push"))
    faults.push(`push shown on a ${facts.machineKind}`);
  if (!isOpenWheel && findings.some(({ test }) => test === "push-start")) faults.push(`push counted on a ${facts.machineKind}`);
  if (facts.machineKind === "hermetic-compressor" && offered.some((test) => test === "hand-turn" || test === "uncoupled-run"))
    faults.push("a welded shell opened");
  const isFreed = findings.some(({ test, weights }) => test === "hand-turn-unloaded" && "free" in weights);
  const condemned = findings.some(({ test, weights }) =>
    Object.entries(weights).some(
      ([outcome, weight]) =>
        (weight ?? 0) > 0.5 &&
        ((TEST_TABLE[test].outcomes as Record<string, { blocks?: readonly TestId[] }>)[outcome]?.blocks ?? []).length > 0,
    ),
  );
  // What turns freely without its load may be run without it.
  const runs = offered.filter((test) => isRun(test) && !(isFreed && test === "uncoupled-run"));
  if (condemned && runs.length > 0) faults.push(`a run offered on a condemned motor: ${runs.join()}`);
  const isUnlooked = TRIP_CHECKS.some((id) => stations[id].stamp === "not-done");
  if (facts.mayTrip && isUnlooked && offered.some((test) => TEST_TABLE[test].power === "live"))
    faults.push(`a live test on a motor that trips, before look, hand and frame: ${offered.join()}`);
  if (facts.isGrounded && !facts.isGroundCleared && facts.deadSince !== null && facts.power === "live")
    faults.push("power over a ground fault");
  const asked = entries.insulation?.data as { isInVacuum?: boolean | null; isDisconnected?: boolean | null } | undefined;
  if (offered.includes("insulation") && (asked?.isInVacuum === true || asked?.isDisconnected === false))
    faults.push("insulation test with a bar standing");
  if (stations.insulation.findings.length > 0 && (asked?.isInVacuum === true || asked?.isDisconnected === false))
    faults.push("barred insulation figures counted");
  // What lies open is neither powered nor tested live, whatever was keyed.
  if (facts.isApart) {
    if (facts.deadSince !== null && facts.power === "live") faults.push("power on an open motor");
    if (offered.some((test) => TEST_TABLE[test].power === "live")) faults.push("a live test on an open motor");
    if (target === "power-back" || target === "prove") faults.push(`${target} offered on an open motor`);
  }
  if (facts.deadSince === null && offered.some((test) => test === "uncoupled-run" || test === "push-start"))
    faults.push("uncoupled before it was ever dead");
  return faults;
}

test("over random walks through thousands of travellers nothing unsafe is ever offered", () => {
  const found: string[] = [];
  let looked = 0;
  let offeredRuns = 0;
  let openMotors = 0;
  for (let seed = 1; seed <= WALKS; seed += 1) {
    const walk = startWalk(seed);
    const clock = visitClock();
    const steps = 1 + Math.floor(walk.random() * MOST_STEPS);
    for (let index = 0; index < steps; index += 1) step(walk, clock);
    const assessment = assessTraveller(walk.entries, DEFAULT_HOUSE);
    const faults = broken(walk.entries, assessment);
    looked += 1;
    if (faults.length > 0) found.push(`walk ${seed}: ${faults.join("; ")}`);
    const { next, facts } = assessment;
    if (facts.isApart && facts.deadSince !== null) openMotors += 1;
    if (next.kind === "move" && next.move.kind === "test" && LIVE_RUNS.includes(next.move.offer.test)) offeredRuns += 1;
  }
  expect(found.slice(0, 10)).toEqual([]);
  expect(looked).toBe(WALKS);
  // A walk that never comes near a run would prove nothing.
  expect(offeredRuns).toBeGreaterThan(WALKS / 50);
  expect(openMotors).toBeGreaterThan(WALKS / 100);
});

test.each(["fan", "hermetic-compressor"] as const)("a push is keyed on a %s only where it may be", (machineKind) => {
  const entries: StationEntries = {
    plate: { skippedReason: null, data: { ...STATIONS.plate.blank, motorType: "psc", machineKind } },
    "uncoupled-run": {
      skippedReason: null,
      data: {
        ...STATIONS["uncoupled-run"].blank,
        push: { readyAt: "2026-01-01T08:00:00.000Z", result: "keeps-running", way: "either-way" },
      },
    },
  };
  const { findings } = assessTraveller(entries, DEFAULT_HOUSE);
  expect(findings.some(({ test: id }) => id === "push-start")).toBe(machineKind === "fan");
});
