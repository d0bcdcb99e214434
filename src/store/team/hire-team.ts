import { wrap, type Remote } from "comlink";
import type { TeamCalls } from "./team-calls";

export type TeamWork = Remote<TeamCalls> | TeamCalls;

/** A worker for team files; where a browser has none, the work is done on the page. */
export async function hireTeam(): Promise<TeamWork> {
  if (typeof Worker === "undefined") return (await import("./team-calls")).createTeamCalls();
  return wrap<TeamCalls>(
    new Worker(/* webpackChunkName: "team-worker" */ new URL("./team.worker.ts", import.meta.url), { type: "module" }),
  );
}
