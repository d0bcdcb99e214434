import { wrap, type Remote } from "comlink";
import type { Study } from "@/core/stations";
import type { StudiesWorker } from "./studies.worker";

/** Answers kept; the oldest go first. A card asks the same again with every key of another station. */
const KEPT = 200;
/** A worker that died neither answers nor refuses. */
const PATIENCE_MS = 15_000;

const answers = new Map<string, unknown>();
const asked = new Set<string>();
const listeners = new Set<() => void>();
/** Stations with a question in the worker, and the newest that waits behind it. */
const running = new Set<string>();
const waiting = new Map<string, { readonly key: string; readonly question: unknown }>();
let worker: Remote<StudiesWorker> | null = null;

function keep(key: string, answer: unknown): void {
  asked.delete(key);
  answers.set(key, answer);
  const oldest = answers.size > KEPT ? answers.keys().next().value : undefined;
  if (oldest !== undefined) answers.delete(oldest);
  current = lookUp();
  for (const listener of listeners) listener();
}

/** Without a worker the question is still answered, on this thread. */
async function answerHere(key: string, station: string, question: unknown): Promise<void> {
  const { studyNow } = await import("@/core/stations/studies");
  if (asked.has(key)) keep(key, studyNow(station, question));
}

/** Every key typed asks anew: of those that wait only the newest is worth an answer. The others are asked again if still wanted. */
function request(key: string, station: string, question: unknown): void {
  asked.add(key);
  if (!running.has(station)) {
    void ask(key, station, question);
    return;
  }
  const older = waiting.get(station);
  if (older) asked.delete(older.key);
  waiting.set(station, { key, question });
}

async function ask(key: string, station: string, question: unknown): Promise<void> {
  running.add(station);
  await answerOne(key, station, question);
  running.delete(station);
  const next = waiting.get(station);
  waiting.delete(station);
  if (next) void ask(next.key, station, next.question);
}

async function answerOne(key: string, station: string, question: unknown): Promise<void> {
  try {
    worker ??= wrap<StudiesWorker>(new Worker(new URL("./studies.worker.ts", import.meta.url), { type: "module" }));
    const late = new Promise<null>((resolve) => setTimeout(() => resolve(null), PATIENCE_MS));
    const found = await Promise.race([worker.study(station, question), late]);
    if (found?.ok) keep(key, found.value);
    else {
      worker = null;
      await answerHere(key, station, question);
    }
  } catch {
    worker = null;
    await answerHere(key, station, question);
  }
}

/** A look-up of its own for each state of the answers, so that what was worked out with the last one is worked out anew. */
const lookUp = (): Study => (station, question) => {
  const key = `${station} ${JSON.stringify(question)}`;
  if (answers.has(key)) return answers.get(key);
  if (!asked.has(key)) request(key, station, question);
  return null;
};
let current: Study = lookUp();

export function subscribeStudies(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** The answers there are now; asking for another starts it in a worker. */
export const presentStudies = (): Study => current;
