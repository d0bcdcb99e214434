"use client";
import { useSyncExternalStore } from "react";
import { database } from "@/store/database";
import { useLive, type Live } from "@/store/live";
import type { Merge } from "@/store/team/merge-row";
import { knownDevice, type TeamDevice } from "@/store/team/team-device";
import { followTeam, teamState, type TeamState } from "./keep-team";

/** What is known of the team's folder, live. */
export const useTeam = (): TeamState => useSyncExternalStore(followTeam, teamState, teamState);

/** This device as its team knows it, live; missing until it got its id. */
export const useTeamDevice = (): Live<TeamDevice> => useLive(() => knownDevice(database()), []);

/** A merge as a list shows it. */
export type MergeLine = Pick<Merge, "id" | "at" | "from" | "counts">;

/** Merges that can be undone, the newest first, live. */
export const useMerges = (): Live<readonly MergeLine[]> =>
  useLive(async () => {
    const merges = await database().merges.toArray();
    return merges.map(({ id, at, from, counts }) => ({ id, at, from, counts })).sort((a, b) => (a.at < b.at ? 1 : -1));
  }, []);
