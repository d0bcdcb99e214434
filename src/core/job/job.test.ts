import fc from "fast-check";
import { ACTIONS } from "../trade";
import {
  asksFrame,
  beginRound,
  changeInTime,
  checksBeforePower,
  doneAt,
  doneIn,
  END_NEEDS,
  END_TABLE,
  endLacks,
  ENDS,
  endsOf,
  hearPurpose,
  isWork,
  likelyEnd,
  MEND_TABLE,
  MENDS,
  PURPOSES,
  stepInOrder,
  timesOf,
  touchedBy,
  workBetween,
  type EndState,
  type JobState,
  type TimedRow,
  type TimedStation,
} from ".";

const at = (minute: number): string => new Date(Date.UTC(2026, 10, 27, 9, minute)).toISOString();

describe("what a visit is for", () => {
  test.each([
    ["yearly check of the blower", "yearly-check"],
    ["Annual inspection, no complaints", "yearly-check"],
    ["maintenance visit before the season", "yearly-check"],
    ["tested as a spare", "spare"],
    ["used motor, is it good to fit?", "spare"],
    ["motor is on my bench, is it any good", "spare"],
    ["the customer needs a spare part", null],
    ["no spares for it any more", null],
    ["hums and does not start", null],
    ["trips the breaker once a year", null],
    ["smells burnt since yesterday", null],
  ] as const)("%s", (said, purpose) => expect(hearPurpose(said)).toBe(purpose));
});

describe("before the first power", () => {
  test.each([
    ["it hums", { complaints: ["hums-no-start"] as const, mayTrip: false, wasWet: false }, ["look", "frame-ohms"]],
    ["it is dead", { complaints: ["dead"] as const, mayTrip: false, wasWet: false }, ["look", "frame-ohms"]],
    ["it smells", { complaints: ["burning-smell"] as const, mayTrip: false, wasWet: false }, ["look", "frame-ohms"]],
    ["it was wet", { complaints: ["squeals"] as const, mayTrip: false, wasWet: true }, ["look", "frame-ohms"]],
    ["it trips", { complaints: ["trips-at-once"] as const, mayTrip: true, wasWet: false }, ["look", "hand-turn", "frame-ohms"]],
    ["somebody spoke of a trip", { complaints: [] as const, mayTrip: true, wasWet: false }, ["look", "hand-turn", "frame-ohms"]],
    ["it only squeals", { complaints: ["squeals"] as const, mayTrip: false, wasWet: false }, []],
  ])("%s", (_name, known, checks) => expect(checksBeforePower(known)).toEqual(checks));
});

describe("the order of the hands", () => {
  const DONE: JobState = {
    isDecided: true,
    power: "live",
    isToDo: false,
    isToOpen: false,
    isApart: false,
    isGoingBack: false,
    isFrameOpen: false,
    isInsulationOpen: false,
    isToProve: false,
  };
  test.each([
    ["nothing is decided", { isDecided: false }, "decide"],
    ["a part is to go in, and it is live", { isToDo: true, isToProve: true }, "make-safe"],
    ["a part is to go in, and it is dead", { isToDo: true, isToProve: true, power: "dead" }, "out-in"],
    ["bearings, and nothing came off yet", { isToDo: true, isToOpen: true, power: "dead" }, "take-apart"],
    ["it goes back, and nobody noted that it is in", { isToDo: true, isApart: true, isGoingBack: true, power: "dead" }, "take-apart"],
    ["it is in, and lies open", { isApart: true, isToProve: true, power: "dead" }, "take-apart"],
    ["it is closed, and nobody measured to the frame", { isFrameOpen: true, isToProve: true, power: "dead" }, "frame"],
    ["it is measured", { isToProve: true, power: "dead" }, "prove"],
    ["nothing was changed", {}, "end"],
  ] as const)("%s", (_name, part, step) => expect(stepInOrder({ ...DONE, ...part })).toBe(step));

  test("no step gives power while something is to do, open, or not measured to the frame", () => {
    const states = fc.record({
      isDecided: fc.constant(true),
      power: fc.constantFrom("live" as const, "dead" as const),
      isToDo: fc.boolean(),
      isToOpen: fc.boolean(),
      isApart: fc.boolean(),
      isGoingBack: fc.boolean(),
      isFrameOpen: fc.boolean(),
      isInsulationOpen: fc.boolean(),
      isToProve: fc.boolean(),
    });
    fc.assert(
      fc.property(states, (job) => {
        if (stepInOrder(job) === "prove")
          expect([job.isToDo, job.isApart, job.isFrameOpen, job.isInsulationOpen]).toEqual([false, false, false, false]);
      }),
      { seed: 16, numRuns: 300 },
    );
  });
});

describe("ends", () => {
  const EVERYTHING = Object.fromEntries(END_NEEDS.map((need) => [need, true])) as EndState;
  const NOTHING = Object.fromEntries(END_NEEDS.map((need) => [need, false])) as EndState;
  test.each(ENDS)("%s asks for something, and for nothing once all of it is there", (end) => {
    expect(END_TABLE[end].needs.length).toBeGreaterThan(0);
    expect(endLacks(end, NOTHING)).toEqual(END_TABLE[end].needs);
    expect(endLacks(end, EVERYTHING)).toEqual([]);
    for (const need of END_TABLE[end].needs) expect(endLacks(end, { ...EVERYTHING, [need]: false })).toEqual([need]);
  });
  test.each(PURPOSES)("%s: every end can be chosen, the usual ones first", (purpose) => {
    expect([...endsOf(purpose)].sort()).toEqual([...ENDS].sort());
  });
  test.each(PURPOSES)("%s: each decision is on its way to an end", (purpose) => {
    for (const action of ACTIONS)
      expect(likelyEnd({ purpose, action, isOnOrder: false, isMakeshift: false, isProofUnloaded: false })).not.toBeNull();
  });
  test.each([
    ["decided is no end", { action: null }, null],
    ["on order", { isOnOrder: true, action: "replace-motor" }, "waits-for-part"],
    ["done meanwhile", { isMakeshift: true, isOnOrder: true, action: "replace-run-capacitor" }, "makeshift"],
    ["without its load", { isProofUnloaded: true, action: "replace-bearings" }, "proved-without-load"],
    ["a spare that is not worth it", { purpose: "spare", action: "replace-motor" }, "condemned"],
    ["a spare that is good", { purpose: "spare", action: "no-repair" }, "tested-spare"],
    ["nothing to do", { action: "no-repair" }, "nothing-found"],
  ] as const)("%s", (_name, part, end) => {
    const ground = { purpose: "fault", action: null, isOnOrder: false, isMakeshift: false, isProofUnloaded: false } as const;
    expect(likelyEnd({ ...ground, ...part })).toBe(end);
  });
});

describe("works", () => {
  test.each(MENDS)("%s touches something, takes minutes, and carries out a decision that is one", (mend) => {
    const { touches, of } = MEND_TABLE[mend];
    expect(MEND_TABLE[mend].minutes).toBeGreaterThan(0);
    expect(touches).toContain("running");
    expect(of.every(isWork)).toBe(true);
  });
  test("what changes nothing touches nothing, and asks for no frame test", () => {
    for (const action of ACTIONS.filter((each) => !isWork(each))) expect([touchedBy(action), asksFrame(action)]).toEqual([[], false]);
  });
  test("a decision is carried out by itself or by a work that stands for it, never by another", () => {
    const done = doneIn({ works: {}, done: { "clean-contacts": at(5), "grease-bearings": at(3) } });
    expect(done.map(({ work }) => work)).toEqual(["grease-bearings", "clean-contacts"]);
    expect(doneAt("service-start-switch", done)).toBe(at(5));
    // A bearing that was greased is not a bearing that was replaced, nor is a motor that was dried out another motor.
    expect(doneAt("replace-bearings", done)).toBeNull();
    expect(doneAt("replace-motor", doneIn({ works: {}, done: { "dry-out": at(3) } }))).toBeNull();
  });
});

describe("found, work, now", () => {
  const BLANK = { label: "", figure: null, other: null, note: "" };
  const STATION: TimedStation = {
    reads: ["start-gear"],
    blank: BLANK,
    describe: (data) => ({ ...BLANK, label: (data as typeof BLANK).label }),
  };
  const read = (text: string, minute: number) => ({ text, reading: { at: at(minute), value: Number(text) } });
  const row = (data: object, minute: number, earlier: TimedRow["earlier"] = []): TimedRow => ({ data, earlier, updatedAt: at(minute) });
  const CLEANED = [{ work: "clean-contacts" as const, at: at(10) }];
  const FOUND = { ...BLANK, label: "switch", figure: read("900", 5) };

  test("what is read after the work stands beside what was found", () => {
    const change = (data: unknown) => ({ ...(data as object), figure: read("0.2", 20) });
    const { data, earlier } = changeInTime(STATION, row(FOUND, 5), change, CLEANED, at(20));
    expect(data).toEqual({ ...BLANK, label: "switch", figure: read("0.2", 20) });
    expect(earlier).toEqual([{ why: "work", at: at(20), data: FOUND }]);
    expect(timesOf(earlier, data)).toEqual({ found: [FOUND], now: [data] });
    // Keys that follow belong to the same time.
    const next = changeInTime(
      STATION,
      row(data as object, 5, earlier),
      (each) => ({ ...(each as object), other: read("3", 20) }),
      CLEANED,
      at(20),
    );
    expect(next.earlier).toBe(earlier);
  });
  test("a second work makes a third time; what was found stays the first", () => {
    const once = changeInTime(STATION, row(FOUND, 5), (data) => ({ ...(data as object), figure: read("4", 20) }), CLEANED, at(20));
    const again = [...CLEANED, { work: "free-governor" as const, at: at(30) }];
    const twice = changeInTime(
      STATION,
      row(once.data as object, 20, once.earlier),
      (data) => ({ ...(data as object), figure: read("0.1", 40) }),
      again,
      at(40),
    );
    expect(timesOf(twice.earlier, twice.data).found).toEqual([FOUND]);
    expect(twice.earlier.map(({ why }) => why)).toEqual(["work", "work"]);
  });
  test("a work elsewhere lies between nothing", () => {
    expect(workBetween(STATION, row(FOUND, 5), [{ work: "replace-run-capacitor", at: at(10) }])).toBeNull();
    expect(workBetween(STATION, row(BLANK, 5), CLEANED)).toBeNull();
    expect(workBetween(STATION, row({ ...FOUND, figure: read("900", 15) }, 15), CLEANED)).toBeNull();
    // A record of taps alone says by its row when it was last changed.
    expect(workBetween(STATION, row({ ...BLANK, other: "rough" }, 15), CLEANED)).toBeNull();
    expect(workBetween(STATION, row(FOUND, 5), CLEANED)?.work).toBe("clean-contacts");
  });
  test("a note or a label begins no new time", () => {
    const change = (data: unknown) => ({ ...(data as object), note: "burnt smell" });
    expect(changeInTime(STATION, row(FOUND, 5), change, CLEANED, at(20)).earlier).toEqual([]);
  });
  test("a repeat belongs to the time of what it repeats", () => {
    const { data, earlier } = beginRound(STATION, row(FOUND, 5), "repeat", [], at(7));
    expect(timesOf(earlier, data)).toEqual({ found: [FOUND, { ...BLANK, label: "switch" }], now: [] });
  });
  test("a figure that stood for a while and is replaced stays on the card; one that is being typed does not", () => {
    const change = (text: string, minute: number) => (data: unknown) => ({ ...(data as object), figure: read(text, minute) });
    expect(changeInTime(STATION, row(FOUND, 5), change("91", 8), [], at(8)).earlier).toEqual([{ why: "replaced", at: at(8), data: FOUND }]);
    expect(changeInTime(STATION, row(FOUND, 5), change("9001", 5), [], at(5)).earlier).toEqual([]);
    expect(changeInTime(STATION, row(FOUND, 5), (data) => ({ ...(data as object), figure: null }), [], at(8)).earlier).toHaveLength(1);
  });
  test("another part is described anew; one that was only cleaned keeps its description", () => {
    const relay = [{ work: "replace-start-relay" as const, at: at(10) }];
    expect(beginRound(STATION, row(FOUND, 5), "work", relay, at(20)).data).toEqual(BLANK);
    expect(beginRound(STATION, row(FOUND, 5), "work", CLEANED, at(20)).data).toEqual({ ...BLANK, label: "switch" });
  });
  test("a station that reads nothing has one time", () => {
    const { data, earlier } = changeInTime({ ...STATION, reads: undefined }, row(FOUND, 5), () => BLANK, CLEANED, at(20));
    expect([data, earlier]).toEqual([BLANK, []]);
  });
});
