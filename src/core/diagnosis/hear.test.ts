import { COMPLAINTS } from "../trade";
import fc from "fast-check";
import { hear } from "./hear";
import { ASKS, PHRASES } from "./phrase-table";

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

describe("the table", () => {
  test("every complaint has a phrase, and every question two answers or more", () => {
    const spoken = new Set(PHRASES.map(([complaint]) => complaint));
    for (const complaint of COMPLAINTS) expect(spoken).toContain(complaint);
    for (const { options } of ASKS) expect(options.length).toBeGreaterThan(1);
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
