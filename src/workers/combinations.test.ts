import { searchInWorker } from "./combinations";

/** A worker that never answers, and one that cannot start: what a screen must survive. */
class DeafWorker extends EventTarget {
  static made: DeafWorker[] = [];
  isTerminated = false;
  constructor() {
    super();
    DeafWorker.made.push(this);
  }
  postMessage(): void {
    /* swallows everything */
  }
  terminate(): void {
    this.isTerminated = true;
  }
}

const target = { ratedUf: 45, lowUf: 42.3, highUf: 47.7, atLeastV: 370 };
const last = (): DeafWorker => {
  const worker = DeafWorker.made.at(-1);
  if (!worker) throw new Error("no worker was started");
  return worker;
};

beforeEach(() => {
  jest.useFakeTimers();
  Object.assign(globalThis, { Worker: DeafWorker });
});
afterEach(() => jest.useRealTimers());

test("a worker that does not answer is told as such, and ended", async () => {
  const { answer } = searchInWorker([], target, 6);
  jest.advanceTimersByTime(10_000);
  expect(await answer).toEqual({ ok: false, failure: { code: "search-failed", detail: "no answer" } });
  expect(last().isTerminated).toBe(true);
});

test("a worker that breaks is told with what it said, and ended", async () => {
  const { answer } = searchInWorker([], target, 6);
  last().dispatchEvent(Object.assign(new Event("error"), { message: "cannot load" }));
  expect(await answer).toEqual({ ok: false, failure: { code: "search-failed", detail: "cannot load" } });
  expect(last().isTerminated).toBe(true);
});

test("a search that is no longer wanted ends its worker at once", () => {
  const { stop } = searchInWorker([], target, 6);
  stop();
  expect(last().isTerminated).toBe(true);
});
