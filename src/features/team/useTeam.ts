"use client";
import { useSyncExternalStore } from "react";
import { database } from "@/store/database";
import { useLive, type Live } from "@/store/live";
import type { Merge } from "@/store/team/document-row";
import { knownDevice, type TeamDevice } from "@/store/team/team-device";
import { followTeam, teamState, type TeamState } from "./keep-team";

/** What is known of the team's folder, live. */
export const useTeam = (): TeamState => useSyncExternalStore(followTeam, teamState, teamState);

/** This device as its team knows it, live; missing until it got its id. */
export const useTeamDevice = (): Live<TeamDevice> => useLive(() => knownDevice(database()), []);

/** Merges that can be undone, the newest first, live. @param days so long papers are kept */
export const useMerges = (days: number): Live<readonly Merge[]> =>
  useLive(() => database().merges.where("at").aboveOrEqual(daysAgo(days)).reverse().toArray(), [days]);

/** Changes of this device that are not written for the others yet, live. */
export const useUnsent = (): number => {
  const count = useLive(() => database().documents.where("unsent").equals(1).count(), []);
  return count.state === "ready" ? count.value : 0;
};

/** Something that was taken away, or that others want to be. */
export interface Removal {
  /** its document */
  readonly id: string;
  readonly what: string;
  /** of a card: the moment it was begun */
  readonly begunAt: string;
  readonly at: string;
  /** who says so; "" : this device */
  readonly from: string;
}

const daysAgo = (days: number): string => new Date(Date.now() - days * 86_400_000).toISOString();

/** Removals of others that wait for an answer, live. */
export const useAskedRemovals = (): Live<readonly Removal[]> =>
  useLive(async () => {
    const rows = await database().documents.where("waits").equals(1).toArray();
    return rows.map(({ id, asked, what, begunAt }): Removal => ({ id, what, begunAt, at: asked?.at ?? "", from: asked?.from.name ?? "" }));
  }, []);

/** What was taken away and can be brought back, the latest first, live. @param days so long papers are kept */
export const useGone = (days: number): Live<readonly Removal[]> =>
  useLive(async () => {
    const rows = await database().documents.where("gone").aboveOrEqual(daysAgo(days)).reverse().toArray();
    return rows
      .filter(({ waits }) => waits === 0)
      .map(({ id, gone, what, begunAt }): Removal => ({ id, what, begunAt, at: gone, from: "" }));
  }, [days]);
