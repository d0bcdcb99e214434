import { NO_STUDY, type Study } from "@/core/study";
import type { Asked, StudyCache } from "./study-cache";

/*
 * The answers to long questions, as screens look them up. Keeping and asking is fetched with the first question: many cards
 * have none.
 */

const listeners = new Set<() => void>();
let cache: StudyCache | null = null;
let isLoading = false;
/** Asked before there was anything to ask; of each kind the newest. */
const early = new Map<string, Asked>();

function tell(): void {
  current = lookUp();
  for (const listener of listeners) listener();
}

/** What a screen shows first comes first: whoever answers is fetched once it stands. */
const painted = (): Promise<void> =>
  new Promise((resolve) => {
    if (typeof requestAnimationFrame === "undefined" || document.hidden) resolve();
    else requestAnimationFrame(() => setTimeout(resolve));
  });

async function load(): Promise<void> {
  if (isLoading) return;
  isLoading = true;
  try {
    await painted();
    const { createPageAnswerer, createStudyCache, createWorkerAnswerer } = await import("./study-cache");
    const answerer = typeof Worker === "undefined" ? createPageAnswerer() : createWorkerAnswerer();
    cache = createStudyCache({ onChange: tell, answerer });
    for (const asked of early.values()) cache.request(asked);
    early.clear();
    tell();
  } catch {
    // A part of the program could not be fetched: the next question tries again.
    isLoading = false;
  }
}

/** A look-up of its own for each state of the answers, so that what was worked out with the last one is worked out anew. */
const lookUp = (): Study => (kind, question) => {
  const asked = { kind, question };
  const answer = cache?.answer(asked) ?? null;
  if (answer !== null) return answer;
  if (cache) cache.request(asked);
  else {
    early.set(kind, asked);
    void load();
  }
  return null;
};
let current: Study = lookUp();

export function subscribeStudies(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** The answers there are now; asking for another starts it in a worker. */
export const presentStudies = (): Study => (typeof window === "undefined" ? NO_STUDY : current);

/** Questions that were given up. */
export const failedStudies = (): number => cache?.failures() ?? 0;

/** Asks those again. */
export const retryStudies = (): void => cache?.retry();
