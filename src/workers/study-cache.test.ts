import type { Studies } from "@/core/study";
import { createStudyCache, type Answerer, type Asked } from "./study-cache";

type Board = Studies["board"]["question"];
/** Questions are told apart by their content; what they ask is of no matter here. */
const question = (name: string) => ({ name }) as unknown as Board;
const board = (name: string): Asked => ({ kind: "board", question: question(name) });
const nameOf = ({ question: asked }: Asked): string => (asked as unknown as { name: string }).name;
// The clock is the test's own: a worker's patience is no matter of how fast this machine is.
beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());
const settle = (): Promise<void> => jest.advanceTimersByTimeAsync(200);

/** Answers by what the test says of each question; notes what it was asked. */
function aCache(act: (name: string, tries: number) => unknown, patienceMs = 1000) {
  const asked: string[] = [];
  let ended = 0;
  const answerer: Answerer = {
    ask: (async (each: Asked) => {
      asked.push(nameOf(each));
      return act(nameOf(each), asked.filter((name) => name === nameOf(each)).length);
    }) as Answerer["ask"],
    end: () => {
      ended += 1;
    },
  };
  const changes: number[] = [];
  const cache = createStudyCache({ onChange: () => changes.push(1), answerer, patienceMs, retryDelayMs: 1 });
  return { cache, asked, ended: () => ended, changes };
}

test("a question is answered once, and the answer is kept by its content", async () => {
  const { cache, asked, changes } = aCache((name) => `answer to ${name}`);
  expect(cache.answer(board("a"))).toBeNull();
  cache.request(board("a"));
  cache.request(board("a"));
  await settle();
  expect(cache.answer(board("a"))).toBe("answer to a");
  expect([asked, changes.length]).toEqual([["a"], 1]);
});

test("one that throws is tried once more in a fresh worker; one that throws again costs itself alone", async () => {
  const { cache, asked, ended } = aCache((name, tries) => {
    if (name === "bad" || (name === "shy" && tries === 1)) throw new Error("no");
    return name;
  });
  cache.request(board("shy"));
  await settle();
  expect([cache.answer(board("shy")), cache.failures(), ended()]).toEqual(["shy", 0, 1]);
  cache.request(board("bad"));
  await settle();
  expect([cache.answer(board("bad")), cache.failures(), ended()]).toEqual([null, 1, 3]);
  // It is not asked at every look; the next question is.
  cache.request(board("bad"));
  cache.request(board("good"));
  await settle();
  expect(cache.answer(board("good"))).toBe("good");
  expect(asked).toEqual(["shy", "shy", "bad", "bad", "good"]);
});

test("what was given up is asked again when a person says so", async () => {
  let isWell = false;
  const { cache } = aCache((name) => {
    if (!isWell) throw new Error("no");
    return name;
  });
  cache.request(board("a"));
  await settle();
  expect(cache.failures()).toBe(1);
  isWell = true;
  cache.retry();
  await settle();
  expect([cache.answer(board("a")), cache.failures()]).toEqual(["a", 0]);
});

test("a worker that never answers is ended, and the others go on", async () => {
  const { cache, ended } = aCache((name) => (name === "stuck" ? new Promise(() => undefined) : name), 5);
  cache.request(board("stuck"));
  await settle();
  expect([cache.failures(), ended()]).toEqual([1, 2]);
  cache.request(board("b"));
  await settle();
  expect(cache.answer(board("b"))).toBe("b");
});

test("of those that wait only the newest is worth an answer; another kind does not wait", async () => {
  let letGo = (): void => undefined;
  const first = new Promise<void>((resolve) => {
    letGo = resolve;
  });
  const { cache, asked } = aCache((name) => (name === "1" ? first.then(() => name) : name));
  for (const name of ["1", "2", "3"]) cache.request(board(name));
  cache.request({ kind: "decision", question: question("other") as never });
  await settle();
  expect(asked).toEqual(["1", "other"]);
  letGo();
  await settle();
  expect(asked).toEqual(["1", "other", "3"]);
  expect([cache.answer(board("2")), cache.answer(board("3"))]).toEqual([null, "3"]);
});

test("so many answers are kept, and the oldest go first", async () => {
  const { cache } = aCache((name) => name);
  for (let index = 0; index < 205; index += 1) {
    cache.request(board(String(index)));
    while (cache.answer(board(String(index))) === null) await jest.advanceTimersByTimeAsync(2);
  }
  await settle();
  expect([cache.answer(board("0")), cache.answer(board("204"))]).toEqual([null, "204"]);
});
