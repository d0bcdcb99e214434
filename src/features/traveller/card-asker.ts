import { wrap, type Remote } from "comlink";
import { fail, ok, type Failure, type Result } from "@/core/result";
import { studyKey, type Study } from "@/core/study";
import type { AnsweredStudy, CardAnswer, CardRequest } from "./card-answer";
import { withNews, type CardNews, type TellNews } from "./card-news";
import type { CardWorker } from "./card.worker";

/** What assesses a whole card; ending it drops what it is at. */
export interface CardAnswerer {
  /** `have`: name of the answer that is here: what is the same in the next one is left out of it */
  readonly answer: (request: CardRequest, answered: readonly AnsweredStudy[], have: string | null) => Promise<Result<CardNews, Failure>>;
  readonly end: () => void;
}

/** A worker of its own, made at once: it loads while the card is being read. */
export function createWorkerAnswerer(): CardAnswerer {
  const start = () => {
    const worker = new Worker(new URL("./card.worker.ts", import.meta.url), { type: "module" });
    let giveUp: (reason: unknown) => void = () => undefined;
    const broken = new Promise<never>((_, reject) => {
      giveUp = reject;
    });
    broken.catch(() => undefined);
    worker.addEventListener("error", (event) => giveUp(new Error(event.message ?? "")));
    return { worker, broken, remote: wrap<CardWorker>(worker) as Remote<CardWorker> };
  };
  let running: ReturnType<typeof start> | null = start();
  return {
    answer: (request, answered, have) => {
      running ??= start();
      return Promise.race([running.remote.answer(request, answered, have) as Promise<Result<CardNews, Failure>>, running.broken]);
    },
    end: () => {
      running?.worker.terminate();
      running = null;
    },
  };
}

/** Where a browser has no workers the card is assessed on the page. */
export function createPageAnswerer(): CardAnswerer {
  let tell: TellNews | null = null;
  return {
    answer: async (request, answered, have) => {
      const [{ answerCard }, { createNews }] = await Promise.all([import("./answer-card"), import("./card-news")]);
      tell ??= createNews();
      return ok(tell(answerCard(request, answered), have));
    },
    end: () => undefined,
  };
}

/** How a card stands with who assesses it. */
export interface Asking {
  /** what the card came to when it was last assessed; null: it was not yet */
  readonly answer: CardAnswer | null;
  /** why it could not be assessed as it is now; null: it could, or is being assessed */
  readonly failure: Failure | null;
}

export interface CardAsker {
  /** assesses the card as it is now; of several that wait only the newest is worth an answer */
  readonly ask: (request: CardRequest) => void;
  readonly present: () => Asking;
  readonly subscribe: (listener: () => void) => () => void;
  /** other answers to long questions are there */
  readonly studied: () => void;
  /** what a person looks at stands: from now on long questions are asked too */
  readonly begin: () => void;
  readonly retry: () => void;
}

/** A worker that died neither answers nor refuses. */
const PATIENCE_MS = 10_000;
const TRIES = 2;

/** What of two requests is compared, piece by piece: of a row only what is assessed. */
const piecesOf = ({ traveller, rows, earlier, house, leaveOut }: CardRequest): readonly unknown[] => [
  [traveller.createdAt, traveller.machine, traveller.site],
  ...rows.flatMap(({ id, data, skippedReason, earlier: before }) => [id, data, skippedReason, before]),
  ...earlier.flatMap(({ at, rows: then }) => [at, ...then.flatMap(({ id, data }) => [id, data])]),
  house,
  leaveOut,
];
const isSamePiece = (a: unknown, b: unknown): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);
function isSameRequest(a: CardRequest, b: CardRequest): boolean {
  const [before, after] = [piecesOf(a), piecesOf(b)];
  return before.length === after.length && before.every((piece, index) => isSamePiece(piece, after[index]));
}

const messageOf = (error: unknown): string => (error instanceof Error ? error.message : "");

/**
 * Has a card assessed away from the screen: one request at a time, then the newest that waits. What fails is tried once more
 * by a fresh worker, and then told.
 * @param study answers to long questions as far as they are there; asking for another starts it
 */
export function createCardAsker(answerer: CardAnswerer, study: Study, patienceMs = PATIENCE_MS): CardAsker {
  const listeners = new Set<() => void>();
  let asking: Asking = { answer: null, failure: null };
  let waiting: CardRequest | null = null;
  let last: CardRequest | null = null;
  /** name of the answer that is here */
  let have: string | null = null;
  let isBusy = false;
  let isBegun = false;

  const tell = (next: Asking): void => {
    asking = next;
    for (const listener of listeners) listener();
  };
  const questions = () => (isBegun ? (asking.answer?.asked ?? []) : []);
  const answered = (): AnsweredStudy[] =>
    questions().flatMap((asked) => {
      const answer = study(asked.kind, asked.question);
      return answer === null ? [] : [{ ...asked, answer }];
    });
  /** Long questions that stand open in the answer, though they were answered meanwhile, or all the time. */
  const isBehind = (sent: readonly AnsweredStudy[]): boolean => {
    const keys = new Set(sent.map(({ kind, question }) => studyKey(kind, question)));
    return questions().some(
      ({ kind, question, isOpen }) => isOpen && study(kind, question) !== null && !keys.has(studyKey(kind, question)),
    );
  };
  const inTime = async (request: CardRequest, known: readonly AnsweredStudy[]): Promise<Result<CardNews, Failure>> => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const late = new Promise<never>((_, reject) => {
      timer = setTimeout(() => reject(new Error("no answer")), patienceMs);
    });
    try {
      return await Promise.race([answerer.answer(request, known, have), late]);
    } catch (error) {
      answerer.end();
      return fail({ code: "study-failed", detail: messageOf(error) });
    } finally {
      clearTimeout(timer);
    }
  };
  const answer = async (request: CardRequest, known: readonly AnsweredStudy[]): Promise<void> => {
    let found = await inTime(request, known);
    for (let tries = 1; !found.ok && tries < TRIES && waiting === null; tries += 1) found = await inTime(request, known);
    // A newer request stands for this one.
    if (found.ok) {
      have = found.value.name;
      tell({ answer: withNews(asking.answer, found.value), failure: null });
    }
    if (!found.ok && waiting === null) tell({ ...asking, failure: found.failure });
  };
  const work = async (): Promise<void> => {
    if (isBusy) return;
    isBusy = true;
    while (waiting !== null) {
      const request: CardRequest = waiting;
      waiting = null;
      const known = answered();
      await answer(request, known);
      // Asks what nobody has asked yet, too.
      const isOld = isBehind(known);
      if (waiting === null && asking.failure === null && isOld) waiting = request;
    }
    isBusy = false;
  };
  const askAgain = (): void => {
    if (isBusy || last === null || !isBehind([])) return;
    waiting = last;
    void work();
  };
  return {
    ask: (request) => {
      // A row that was read again, or written, says what it said.
      if (last !== null && isSameRequest(last, request)) return;
      last = request;
      waiting = request;
      void work();
    },
    present: () => asking,
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    studied: askAgain,
    begin: () => {
      isBegun = true;
      askAgain();
    },
    retry: () => {
      if (last === null) return;
      tell({ ...asking, failure: null });
      waiting = last;
      void work();
    },
  };
}
