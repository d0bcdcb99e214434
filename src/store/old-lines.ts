"use client";
import { database } from "./database";
import { useLive } from "./live";
import { derivedBy } from "./summary";

/** Whether some line was derived by another program, under other rules, or before its card was changed; live. */
export function useOldLines(): boolean {
  const answer = useLive(async () => {
    const db = database();
    const by = derivedBy((await db.house.get("house"))?.figures);
    // A key on either side of the present one is enough, and costs no count.
    const lines = db.summaries.where("derivedBy");
    const [before, after] = await Promise.all([lines.below(by).limit(1).primaryKeys(), lines.above(by).limit(1).primaryKeys()]);
    return before.length + after.length > 0;
  }, []);
  return answer.state === "ready" && answer.value;
}
