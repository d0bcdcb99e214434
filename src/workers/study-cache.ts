import { QueryClient } from "@tanstack/query-core";
import { wrap, type Remote } from "comlink";
import type { Failure, Result } from "@/core/result";
import { studyKey, type Studies, type StudyKind } from "@/core/study";
import type { StudiesWorker } from "./studies.worker";

/** One question on its way, told apart by its content. */
export interface Asked<Kind extends StudyKind = StudyKind> {
  readonly kind: Kind;
  readonly question: Studies[Kind]["question"];
}

/** Answers to long questions: kept, tried again where the worker failed, and given up where it fails again. */
export interface StudyCache {
  readonly answer: <Kind extends StudyKind>(asked: Asked<Kind>) => Studies[Kind]["answer"] | null;
  readonly request: (asked: Asked) => void;
  /** questions that were given up */
  readonly failures: () => number;
  /** asks those again */
  readonly retry: () => void;
}

/** What answers one question; ending it drops what it is at. */
export interface Answerer {
  readonly ask: <Kind extends StudyKind>(asked: Asked<Kind>) => Promise<Studies[Kind]["answer"]>;
  readonly end: () => void;
}

/** Raised where a question was asked and no answer is to be had. */
class StudyError extends Error {
  override name = "StudyError";
}

/** A worker of its own, made when it is first asked. */
export function createWorkerAnswerer(): Answerer {
  let worker: Worker | null = null;
  let remote: Remote<StudiesWorker> | null = null;
  return {
    ask: async <Kind extends StudyKind>({ kind, question }: Asked<Kind>) => {
      worker ??= new Worker(new URL("./studies.worker.ts", import.meta.url), { type: "module" });
      remote ??= wrap<StudiesWorker>(worker);
      const found = (await remote.study(kind, question)) as Result<Studies[Kind]["answer"] | null, Failure>;
      if (!found.ok) throw new StudyError(found.failure.code);
      if (found.value === null) throw new StudyError("no answer");
      return found.value;
    },
    end: () => {
      worker?.terminate();
      worker = null;
      remote = null;
    },
  };
}

/** Where a browser has no workers the question is answered on the page. */
export function createPageAnswerer(): Answerer {
  return {
    ask: async ({ kind, question }) => {
      const { studyNow } = await import("@/core/study/answer");
      const answer = studyNow(kind, question);
      if (answer === null) throw new StudyError("no answer");
      return answer;
    },
    end: () => undefined,
  };
}

/** Answers kept; the oldest go first. A card asks the same again with every key of another station. */
const KEPT = 200;
/** A worker that died neither answers nor refuses. */
const PATIENCE_MS = 20_000;
/** Kept as long as the page is open, up to so many. */
const FOR_EVER = Infinity;

interface CacheOptions {
  readonly onChange: () => void;
  readonly answerer: Answerer;
  readonly patienceMs?: number;
  readonly retryDelayMs?: number;
}

/**
 * An empty cache of answers. Of one kind one question is answered at a time, and of those that wait only the newest is worth
 * an answer: every key typed asks anew. One that throws or never ends costs itself alone: its worker is ended, it is tried
 * once more in a fresh one, and then given up until it is asked for by name.
 */
export function createStudyCache({ onChange, answerer, patienceMs = PATIENCE_MS, retryDelayMs = 500 }: CacheOptions): StudyCache {
  const client = new QueryClient({
    defaultOptions: {
      queries: { staleTime: FOR_EVER, gcTime: FOR_EVER, networkMode: "always", retry: 1, retryDelay: retryDelayMs },
    },
  });
  const running = new Set<StudyKind>();
  const waiting = new Map<StudyKind, Asked>();
  const failed = new Map<string, Asked>();

  const answerInTime = async (asked: Asked): Promise<unknown> => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const late = new Promise<never>((_, reject) => {
      timer = setTimeout(() => reject(new StudyError("took too long")), patienceMs);
    });
    try {
      return await Promise.race([answerer.ask(asked), late]);
    } catch (error) {
      // What is wrong with a worker must not be handed on to the next question.
      answerer.end();
      throw error;
    } finally {
      clearTimeout(timer);
    }
  };
  const dropOldest = (): void => {
    const all = client.getQueryCache().getAll();
    const oldest = [...all].sort((a, b) => a.state.dataUpdatedAt - b.state.dataUpdatedAt);
    for (const query of oldest.slice(0, Math.max(0, all.length - KEPT))) client.getQueryCache().remove(query);
  };
  const ask = async (asked: Asked): Promise<void> => {
    const { kind } = asked;
    const key = studyKey(kind, asked.question);
    running.add(kind);
    try {
      await client.fetchQuery({ queryKey: [key], queryFn: () => answerInTime(asked) });
      failed.delete(key);
      dropOldest();
    } catch {
      failed.set(key, asked);
    }
    running.delete(kind);
    onChange();
    const next = waiting.get(kind);
    waiting.delete(kind);
    if (next) void ask(next);
  };
  const request = (asked: Asked): void => {
    const key = studyKey(asked.kind, asked.question);
    if (failed.has(key) || client.getQueryState([key])?.fetchStatus === "fetching") return;
    if (running.has(asked.kind)) waiting.set(asked.kind, asked);
    else void ask(asked);
  };
  return {
    answer: <Kind extends StudyKind>({ kind, question }: Asked<Kind>) =>
      client.getQueryData<Studies[Kind]["answer"]>([studyKey(kind, question)]) ?? null,
    request,
    failures: () => failed.size,
    retry: () => {
      const all = [...failed.values()];
      failed.clear();
      all.forEach(request);
      onChange();
    },
  };
}
