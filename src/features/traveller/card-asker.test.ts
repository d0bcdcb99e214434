import { demoCards } from "../../../tests/support/demo-cards";
import { ok } from "@/core/result";
import { studyKey, type Study } from "@/core/study";
import { studyNow } from "@/core/study/answer";
import type { StationRecord, TravellerId } from "@/records";
import { answerCard } from "./answer-card";
import { createCardAsker, type CardAnswerer } from "./card-asker";
import { createNews } from "./card-news";
import type { AnsweredStudy, CardAnswer, CardRequest } from "./card-answer";

const CARDS = demoCards(new Date("2026-11-25T12:00:00Z"));
// The clock is the test's own: a worker's patience is no matter of how fast this machine is.
beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());
const settle = (): Promise<void> => jest.advanceTimersByTimeAsync(20);
const requestOf = (id: string): CardRequest => {
  const card = CARDS.find(({ traveller }) => traveller.id === id);
  if (!card) throw new Error(`no card ${id}`);
  const rows = Object.entries(card.entries).map(([stationId, { data, skippedReason, keyedAt }]) => ({
    id: `${id}/${stationId}`,
    travellerId: id,
    stationId,
    data,
    skippedReason,
    updatedAt: keyedAt ?? card.traveller.createdAt,
  })) as unknown as StationRecord[];
  const earlier = card.earlier.map(({ at, records }, index) => ({
    id: `earlier-${index}` as TravellerId,
    at,
    rows: Object.entries(records).map(([stationId, data]) => ({
      id: `earlier-${index}/${stationId}`,
      travellerId: `earlier-${index}`,
      stationId,
      data,
      skippedReason: null,
      updatedAt: at,
    })) as unknown as StationRecord[],
  }));
  return { traveller: card.traveller, rows, earlier, house: {}, leaveOut: [] };
};
const ASKS = "demo-nursery-fan-weak";

/** Answers as a worker does: what goes in and comes out is cloned. */
function anAnswerer(act: (request: CardRequest, answered: readonly AnsweredStudy[], tries: number) => CardAnswer) {
  const asked: CardRequest[] = [];
  let ended = 0;
  const tell = createNews();
  const answerer: CardAnswerer = {
    answer: async (request, answered, have) => {
      asked.push(request);
      await Promise.resolve();
      return ok(structuredClone(tell(act(structuredClone(request), structuredClone(answered), asked.length), have)));
    },
    end: () => {
      ended += 1;
    },
  };
  return { answerer, asked, ended: () => ended };
}

test.each(CARDS.map(({ traveller, assessment }) => [traveller.id, assessment] as const))(
  "%s comes to the same away from the screen, as plain data",
  (id, whole) => {
    const answer = structuredClone(answerCard(requestOf(id), []));
    expect(answer.facts).toEqual(whole.facts);
    expect(answer.at).toBe(whole.next.station);
    expect(Object.entries(answer.places).map(([station, { stamp }]) => [station, stamp])).toEqual(
      Object.entries(whole.stations).map(([station, { stamp }]) => [station, stamp]),
    );
    expect(answer.weighed.proposals).toEqual(whole.actions);
    expect(JSON.stringify(answer.case)).not.toMatch(/undefined|NaN/);
  },
);

test("leaving a finding out changes the line-up, and says how it stood", () => {
  const request = requestOf(ASKS);
  const whole = answerCard(request, []);
  const key = whole.case.lineUp.suspects.flatMap(({ evidence }) => evidence).find((line) => line.key !== null)?.key;
  if (key == null) throw new Error("nothing to leave out");
  const without = answerCard({ ...request, leaveOut: [key] }, []);
  expect(without.case.lineUp.leftOut.map((each) => each.key)).toEqual([key]);
  expect(whole.case.lineUp.suspects.every(({ before }) => before === null)).toBe(true);
  expect(without.case.lineUp.suspects.some(({ before }) => before !== null)).toBe(true);
  // Stamps are verdicts on what was measured, whatever is weighed.
  expect(without.places).toEqual(whole.places);
});

test("long questions go out with the first answer, and the card is assessed again when they come back", async () => {
  const known = new Map<string, unknown>();
  const wanted: string[] = [];
  const study: Study = (kind, question) => {
    const key = studyKey(kind, question);
    if (!known.has(key)) wanted.push(key);
    return (known.get(key) ?? null) as never;
  };
  const { answerer, asked } = anAnswerer(answerCard);
  const asker = createCardAsker(answerer, study);
  asker.ask(requestOf(ASKS));
  await settle();
  // The screen comes first.
  expect(wanted).toEqual([]);
  asker.begin();
  await settle();
  const first = asker.present().answer;
  expect(asked).toHaveLength(1);
  expect(first?.asked.length).toBeGreaterThan(0);
  expect(new Set(wanted)).toEqual(new Set(first?.asked.map(({ kind, question }) => studyKey(kind, question))));
  // Answers to questions of other cards are no news.
  asker.studied();
  await settle();
  expect(asked).toHaveLength(1);
  for (let round = 0; round < 3; round += 1) {
    for (const { kind, question } of asker.present().answer?.asked ?? []) known.set(studyKey(kind, question), studyNow(kind, question));
    asker.studied();
    await settle();
  }
  expect(asker.present().answer?.asked.every(({ isOpen }) => !isOpen)).toBe(true);
  const rounds = asked.length;
  asker.studied();
  await settle();
  expect(asked).toHaveLength(rounds);
});

test("an answer that was there all the time is used, though the card asks for it only now", async () => {
  const { answerer, asked } = anAnswerer(answerCard);
  const asker = createCardAsker(answerer, studyNow);
  asker.begin();
  asker.ask(requestOf(ASKS));
  await settle();
  await settle();
  expect(asker.present().answer?.asked.every(({ isOpen }) => !isOpen)).toBe(true);
  expect(asked.length).toBeLessThanOrEqual(3);
});

test("of several that wait only the newest is assessed", async () => {
  const { answerer, asked } = anAnswerer(answerCard);
  const asker = createCardAsker(answerer, () => null);
  const request = requestOf(ASKS);
  const keys = ["a", "b", "c"].map((key) => ({ ...request, leaveOut: [key] }));
  for (const each of keys) asker.ask(each);
  await settle();
  expect(asked.map(({ leaveOut }) => leaveOut.join())).toEqual(["a", "c"]);
});

test("what did not change is not assessed again, and keeps its place; what did is told", async () => {
  const { answerer, asked } = anAnswerer(answerCard);
  const asker = createCardAsker(answerer, () => null);
  const request = requestOf(ASKS);
  asker.ask(request);
  await settle();
  const first = asker.present().answer;
  // Written and read again: another row, saying the same.
  asker.ask({ ...request, rows: request.rows.map((row) => ({ ...row, updatedAt: "2026-11-26T08:00:00.000Z" })) as typeof request.rows });
  await settle();
  expect(asked).toHaveLength(1);
  expect(asker.present().answer).toBe(first);
  const plate = request.rows.find(({ stationId }) => stationId === "plate");
  const renamed = { ...plate, data: { ...(plate?.data as object), duty: "intermittent" } } as (typeof request.rows)[number];
  asker.ask({ ...request, rows: request.rows.map((row) => (row === plate ? renamed : row)) });
  await settle();
  const second = asker.present().answer;
  expect(asked).toHaveLength(2);
  expect(second).toEqual(structuredClone(answerCard({ ...request, rows: request.rows.map((row) => (row === plate ? renamed : row)) }, [])));
  // The line-up is the same: it need not be drawn again.
  expect(second?.case).toBe(first?.case);
  expect(second?.weighed).toBe(first?.weighed);
});

test("an answer of another worker is taken whole", () => {
  const [one, other] = [createNews(), createNews()];
  const answer = answerCard(requestOf(ASKS), []);
  const first = one(answer, null);
  expect(Object.keys(first.changed).sort()).toEqual(Object.keys(answer).sort());
  expect(one(answer, first.name).changed).toEqual({});
  expect(Object.keys(other(answer, first.name).changed).sort()).toEqual(Object.keys(answer).sort());
});

test("what fails once is tried again by a fresh worker; what fails twice is told, and what was known stands", async () => {
  let fails = 1;
  const { answerer, ended } = anAnswerer((request, answered) => {
    fails -= 1;
    if (fails >= 0) throw new Error("broken");
    return answerCard(request, answered);
  });
  const asker = createCardAsker(answerer, () => null);
  asker.ask(requestOf(ASKS));
  await settle();
  expect(ended()).toBe(1);
  expect(asker.present()).toMatchObject({ failure: null, answer: { at: expect.any(String) as string } });
  const before = asker.present().answer;
  fails = 2;
  asker.ask({ ...requestOf(ASKS), leaveOut: ["x"] });
  await settle();
  expect(asker.present()).toEqual({ answer: before, failure: { code: "study-failed", detail: "broken" } });
  asker.retry();
  await settle();
  expect(asker.present().failure).toBeNull();
});

test("a worker that never answers is ended, and told", async () => {
  let ended = 0;
  const deaf: CardAnswerer = {
    answer: () => new Promise(() => undefined),
    end: () => {
      ended += 1;
    },
  };
  const asker = createCardAsker(deaf, () => null, 3);
  asker.ask(requestOf(ASKS));
  await settle();
  expect([ended, asker.present().failure]).toEqual([2, { code: "study-failed", detail: "no answer" }]);
});
