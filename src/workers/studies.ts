import { wrap, type Remote } from "comlink";
import type { Failure, Result } from "@/core/result";
import { createAnswers, studyKey, type Studies, type Study, type StudyKind } from "@/core/study";
import type { StudiesWorker } from "./studies.worker";

/** Answers kept; the oldest go first. A card asks the same again with every key of another station. */
const KEPT = 200;
/** A worker that died neither answers nor refuses. */
const PATIENCE_MS = 15_000;

/** One question on its way, told apart by its content. */
interface Asked<Kind extends StudyKind = StudyKind> {
  readonly key: string;
  readonly kind: Kind;
  readonly question: Studies[Kind]["question"];
}

const answers = createAnswers(KEPT);
const asked = new Set<string>();
const listeners = new Set<() => void>();
/** Kinds with a question in the worker, and the newest that waits behind it. */
const running = new Set<StudyKind>();
const waiting = new Map<StudyKind, Asked>();
let worker: Remote<StudiesWorker> | null = null;

function keep<Kind extends StudyKind>({ key, kind, question }: Asked<Kind>, answer: Studies[Kind]["answer"]): void {
  asked.delete(key);
  answers.keep(kind, question, answer);
  current = lookUp();
  for (const listener of listeners) listener();
}

/** Without a worker the question is still answered, on this thread. */
async function answerHere<Kind extends StudyKind>(each: Asked<Kind>): Promise<void> {
  const { studyNow } = await import("@/core/study/answer");
  if (!asked.has(each.key)) return;
  const answer = studyNow(each.kind, each.question);
  if (answer !== null) keep(each, answer);
}

/** Every key typed asks anew: of those that wait only the newest is worth an answer. The others are asked again if still wanted. */
function request(each: Asked): void {
  asked.add(each.key);
  if (!running.has(each.kind)) {
    void ask(each);
    return;
  }
  const older = waiting.get(each.kind);
  if (older) asked.delete(older.key);
  waiting.set(each.kind, each);
}

async function ask(each: Asked): Promise<void> {
  running.add(each.kind);
  await answerOne(each);
  running.delete(each.kind);
  const next = waiting.get(each.kind);
  waiting.delete(each.kind);
  if (next) void ask(next);
}

async function answerOne<Kind extends StudyKind>(each: Asked<Kind>): Promise<void> {
  try {
    worker ??= wrap<StudiesWorker>(new Worker(new URL("./studies.worker.ts", import.meta.url), { type: "module" }));
    const late = new Promise<null>((resolve) => setTimeout(() => resolve(null), PATIENCE_MS));
    const answer = worker.study(each.kind, each.question) as Promise<Result<Studies[Kind]["answer"] | null, Failure>>;
    const found = await Promise.race([answer, late]);
    if (found?.ok && found.value !== null) keep(each, found.value);
    else {
      worker = null;
      await answerHere(each);
    }
  } catch {
    worker = null;
    await answerHere(each);
  }
}

/** A look-up of its own for each state of the answers, so that what was worked out with the last one is worked out anew. */
const lookUp = (): Study => (kind, question) => {
  const answer = answers.get(kind, question);
  const key = studyKey(kind, question);
  if (answer === null && !asked.has(key)) request({ key, kind, question });
  return answer;
};
let current: Study = lookUp();

export function subscribeStudies(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** The answers there are now; asking for another starts it in a worker. */
export const presentStudies = (): Study => current;
