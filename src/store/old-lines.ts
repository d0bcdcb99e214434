"use client";
import { database } from "./database";
import { useLive } from "./live";
import { derivedBy } from "./summary";

/** Whether some line was derived by another program, under other rules, or before its card was changed; live. */
export function useOldLines(): boolean {
  const answer = useLive(async () => {
    const db = database();
    const by = derivedBy((await db.house.get("house"))?.figures);
    return (await db.summaries.where("derivedBy").notEqual(by).limit(1).count()) > 0;
  }, []);
  return answer.state === "ready" && answer.value;
}
