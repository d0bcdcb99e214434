"use client";
import { wrap, type Remote } from "comlink";
import { useEffect, useState } from "react";
import type { HouseFigures } from "@/core/house";
import { fail, type Failure, type Result } from "@/core/result";
import { database } from "./database";
import type { HouseLearnt, LearntCalls } from "./learnt-calls";
import { useLive } from "./live";

/** A worker for one answer; where a browser has none, the page answers. */
async function ask(figures: HouseFigures, nowMs: number): Promise<Result<HouseLearnt, Failure>> {
  if (typeof Worker === "undefined") return (await import("./learnt-calls")).createLearntCalls().learnt(figures, nowMs);
  const worker = new Worker(new URL("./learnt.worker.ts", import.meta.url), { type: "module" });
  const broken = new Promise<Result<HouseLearnt, Failure>>((resolve) => {
    worker.addEventListener("error", (event) => resolve(fail({ code: "study-failed", detail: event.message ?? "" })));
  });
  try {
    return await Promise.race([(wrap<LearntCalls>(worker) as Remote<LearntCalls>).learnt(figures, nowMs), broken]);
  } finally {
    worker.terminate();
  }
}

/** What is written comes to rest. */
const AT_REST_MS = 150;

/** What the house has learnt under the rules in force; null while it is worked out for the first time, then the last answer. */
export function useLearnt(figures: HouseFigures | null): Result<HouseLearnt, Failure> | null {
  const touched = useLive(async () => (await database().summaries.orderBy("touchedMs").last())?.touchedMs ?? 0, []);
  const at = touched.state === "ready" ? touched.value : null;
  const [answer, setAnswer] = useState<Result<HouseLearnt, Failure> | null>(null);
  const key = figures === null ? null : JSON.stringify(figures);
  useEffect(() => {
    if (key === null || at === null) return;
    let isWanted = true;
    // Cards are derived a few at a time: one answer for all of them.
    const soon = setTimeout(() => {
      void ask(JSON.parse(key) as HouseFigures, Date.now()).then((found) => {
        if (isWanted) setAnswer(found);
      });
    }, AT_REST_MS);
    return () => {
      isWanted = false;
      clearTimeout(soon);
    };
  }, [key, at]);
  return answer;
}
