import { COMPLAINTS } from "../trade";
import fc from "fast-check";
import { hear } from "./hear";
import { goneBySaid } from "../capacitor";
import { foreignBySaid } from "../motor";
import { saidAsSo } from "./turn";
import { saysItTrips } from "./trips";
import { ASKS, PHRASES } from "./index";

const unheard = (text: string) => hear(text).unheard.map(({ from, to }) => text.slice(from, to));

describe("what people say", () => {
  test.each([
    ["won't start", ["does-not-run"]],
    ["AC not working", ["does-not-run"]],
    ["no air", ["does-not-run"]],
    ["runs but no air", ["slow-or-weak"]],
    ["not blowing hard", ["slow-or-weak"]],
    ["hums loudly but won't start", ["hums-no-start"]],
    ["hums when it runs", ["noisy-hum"]],
    ["growls and takes ages to get going", ["starts-slow"]],
    ["hums, slow to start, sometimes will not start at all", ["hums-no-start", "intermittent", "starts-slow"]],
    ["won't start without a push", ["starts-with-push"]],
    ["sometimes won't start", ["does-not-run", "intermittent"]],
    ["doesn't start every time", ["intermittent"]],
    ["runs ten minutes then trips", ["trips-running"]],
    ["trips as soon as I switch it on", ["trips-at-once"]],
    ["shuts off when hot", ["cuts-out-and-returns", "runs-hot"]],
    ["not running right", []],
    ["won't turn off", []],
    ["14 A on a 6 A plate", ["high-current"]],
    ["silent", ["dead"]],
    ["runs silent", []],
    ["yearly check", []],
  ])("“%s”", (said, complaints) => {
    expect([...hear(said).heard].sort()).toEqual([...complaints].sort());
  });
  test.each([
    ["no burning smell, runs fine", ["burning-smell"]],
    ["it's not running hot", ["runs-hot"]],
    ["doesn't vibrate but squeals", ["vibrates"]],
    ["not dead, just slow", ["dead"]],
  ])("“%s” denies", (said, complaints) => {
    const { denied, heard } = hear(said);
    expect(denied).toEqual(complaints);
    for (const complaint of complaints) expect(heard).not.toContain(complaint);
  });
  test.each([
    ["trips the breaker", "trips-when"],
    ["blew a fuse", "trips-when"],
    ["noisy", "which-noise"],
  ])("“%s” is asked, not guessed", (said, id) => {
    expect(hear(said)).toMatchObject({ heard: [], asks: [{ id }] });
  });
  test("a motor that growls and gets going: when it trips is asked", () => {
    expect(hear("growls, takes ages to get going and tripped twice")).toMatchObject({
      heard: ["starts-slow"],
      asks: [{ id: "trips-when" }],
    });
    expect(hear("growls, then trips").heard).toEqual(expect.arrayContaining(["hums-no-start", "trips-at-start"]));
  });
  test("what is said with it answers the question", () => {
    expect(hear("trips at once").asks).toEqual([]);
    expect(hear("humming noise, fan not turning").asks).toEqual([]);
    expect(hear("never trips").asks).toEqual([]);
  });
  test("nothing is dropped without a word: what was not understood is pointed at", () => {
    expect(unheard("stopped working last night")).toEqual(["last night"]);
    expect(unheard("Won’t start, lights dim")).toEqual(["lights dim"]);
    expect(unheard("ist tot")).toEqual(["ist tot"]);
    expect(unheard("won't start, no smell")).toEqual([]);
  });
});

describe("what is not today's complaint, or not the motor's", () => {
  test.each([
    ["used to squeal, quiet now", { heard: [], over: ["squeals"] }],
    ["burning smell last week, gone now", { heard: [], over: ["burning-smell"] }],
    ["noise gone after oiling", { heard: [], asks: [] }],
    ["has not tripped since I reset it", { heard: [], asks: [] }],
    ["would not start this morning, fine now", { heard: [], over: ["does-not-run"] }],
    ["vibration is not the issue, it gets hot", { heard: ["runs-hot"], denied: ["vibrates"] }],
    ["the last man said it hums", { heard: [], guessed: ["hums-no-start"] }],
    ["customer says it hums", { heard: ["hums-no-start"], guessed: [] }],
    ["never squeals until it is warm", { heard: ["squeals"], course: ["only-hot"] }],
    ["it neither hums nor turns", { heard: ["dead"] }],
    ["works on high only", { heard: [] }],
    ["won't run on low", { heard: [] }],
    ["low speed dead", { heard: [] }],
    ["stopped dead", { heard: ["dead"], over: [] }],
    ["no hum no spin", { heard: ["dead"] }],
    ["smelled burnt yesterday, ok today", { heard: [], over: ["burning-smell"] }],
    ["restarts on its own after cooling", { heard: ["cuts-out-and-returns"] }],
    ["gets going if you push it", { heard: ["starts-with-push"] }],
    ["pulls 14 of 6", { heard: ["high-current"] }],
    ["trips only when it rains", { heard: [], after: ["water"] }],
    ["does not reverse", { heard: [] }],
    ["keeps running after the thermostat stops", { heard: [] }],
    ["motor runs but the drum does not turn", { heard: [] }],
    ["motor hums but the fan does not turn", { heard: ["hums-no-start"] }],
    ["humming but turning", { heard: ["noisy-hum"] }],
  ])("“%s”", (said, expected) => {
    expect(hear(said)).toMatchObject(expected);
  });
});

describe("how it came about", () => {
  test.each([
    [
      "trips the breaker at start, for months now and then, now always, since the new cover",
      ["trips-at-start"],
      ["sometimes-then-always"],
      ["repair"],
    ],
    ["sometimes hums, now every time", ["hums-no-start"], ["sometimes-then-always"], []],
    ["won't start since the outage", ["does-not-run"], [], ["storm"]],
    ["breaker trips after rain", [], [], ["water"]],
    ["got wet, trips at once", ["trips-at-once"], [], ["water"]],
    ["hums after standing all winter", ["hums-no-start"], [], ["standstill"]],
    ["vibrates since it was moved", ["vibrates"], [], ["moved-or-cleaned"]],
    ["slower every week", ["slow-or-weak"], ["growing"], []],
    ["squeals when cold, fine once warm", ["squeals"], ["only-cold", "better-once-run"], []],
    ["suddenly dead", ["dead"], ["sudden"], []],
  ])("“%s”", (said, heard, course, after) => {
    expect(hear(said)).toMatchObject({ heard, course, after });
  });
});

describe("machine, drive and what somebody found", () => {
  test.each([
    ["belt driven compressor hums", "belt-compressor", "belt"],
    ["fan does not start", "fan", null],
    ["washer pump hums", "pump", null],
    ["pump in the washer hums", "pump", null],
    ["direct drive blower squeals", "blower", "direct"],
    ["compressor trips", null, null],
    ["fan and pump dead", null, null],
  ])("“%s”", (said, machineKind, drive) => {
    expect(hear(said)).toMatchObject({ machineKind, drive });
  });
  test.each([
    ["pump seized", ["seized"]],
    ["wheel is loose on the shaft", ["wheel-loose"]],
    ["somebody bypassed the start switch", ["gear-bypassed"]],
    ["overload has been bridged", ["protector-bypassed"]],
    ["relay replaced", []],
  ])("“%s” is told", (said, told) => {
    expect(hear(said).told).toEqual(told);
  });
});

describe("the table", () => {
  test("every complaint has a phrase, and every question two answers or more", () => {
    const spoken = new Set(PHRASES.map(({ of }) => of));
    for (const complaint of COMPLAINTS) expect(spoken).toContain(complaint);
    for (const { options } of ASKS) expect(options.length).toBeGreaterThan(1);
  });
  test("is rows of words: no phrase is longer than a person reads at a glance, and none is an expression", () => {
    for (const { say } of PHRASES)
      for (const phrase of say) {
        expect(phrase).toMatch(/^[\w' *|[\],.-]+$/);
        expect(phrase.split(" ").length).toBeLessThanOrEqual(12);
      }
  });
  test("whatever is typed: no exception, and places that lie in the text", () => {
    const words = fc.constantFrom(
      "won't",
      "start",
      "hums",
      "trips",
      "no",
      "not",
      "hot",
      "and",
      "but",
      "breaker",
      ",",
      "the",
      "fan",
      "after",
      "10",
      "minutes",
      "push",
      "smell",
      "’",
      "ß",
    );
    const text = fc.oneof(
      fc.string({ maxLength: 60 }),
      fc.array(words, { maxLength: 14 }).map((all) => all.join(" ")),
    );
    fc.assert(
      fc.property(text, (said) => {
        const { heard, unheard: spans } = hear(said);
        return (
          new Set(heard).size === heard.length &&
          spans.every(({ from, to }, index) => from < to && to <= said.length && from >= (spans[index - 1]?.to ?? 0))
        );
      }),
      { seed: 9, numRuns: 2000 },
    );
  });
});

test.each([
  ["the neighbour thinks the capacitor was taken out", false],
  ["the last man said the capacitor is bridged", false],
  ["somebody took out the capacitor", true],
  ["owner says the capacitor was taken out", true],
])("“%s”: a guess is no finding", (said, counts) => {
  expect(goneBySaid(said, saidAsSo(said)) !== null).toBe(counts);
});

test("what somebody supposes is not told as found, and no sort of motor", () => {
  expect(hear("the neighbour thinks the pump is seized").told).toEqual([]);
  expect(hear("pump is seized").told).toEqual(["seized"]);
  const said = "the last man said it is a three-phase motor";
  expect(foreignBySaid(said, saidAsSo(said))).toBeNull();
  expect(foreignBySaid("it is a three-phase motor", saidAsSo("it is a three-phase motor"))).toBe("three-phase");
});

test.each([
  ["trips the breaker", true],
  ["blew a fuse", true],
  ["trips at once", true],
  ["never trips", false],
  ["used to trip", false],
  ["has not tripped since I reset it", false],
  ["hums", false],
  ["", false],
])("“%s”: it trips today: %p", (said, trips) => {
  expect(saysItTrips(said)).toBe(trips);
});
