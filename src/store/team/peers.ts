import { stateOf, type Head } from "@/records/team";
import type { VemmickDatabase } from "../vemmick-database";
import { ownSegments } from "./write-segments";
import { TEAM_KEYS } from "./team-device";

/** What is known of another device of the team. Persisted. */
export interface Peer {
  readonly id: string;
  readonly name: string;
  /** when its head was written, as its own clock has it */
  readonly at: string;
  /** a sign of what of it was read here: all it had then */
  readonly read: string;
  /** since when both have read all the other has; null: one of them has not */
  readonly inStepSince: string | null;
}
const PEER_KEY = `${TEAM_KEYS}peer:`;

export const readPeers = async (db: VemmickDatabase): Promise<readonly Peer[]> =>
  (await db.settings.where("key").startsWith(PEER_KEY).toArray()).map(({ value }) => value as Peer);

/**
 * Notes how things stand with another device.
 * @param isRead whether all it lists was read here
 */
export async function notePeer(db: VemmickDatabase, head: Head, isRead: boolean, device: string): Promise<Peer> {
  const own = await ownSegments(db);
  const unsent = await db.documents.where("unsent").equals(1).count();
  const state = stateOf(head.segments);
  // To a device that has written nothing yet there is nothing to be read.
  const hasMine = own.length === 0 || head.read[device] === stateOf(own);
  const key = `${PEER_KEY}${head.device.id}`;
  return db.transaction("rw", db.settings, async () => {
    const before = (await db.settings.get(key))?.value as Peer | undefined;
    const isInStep = isRead && hasMine && unsent === 0;
    const peer: Peer = {
      ...head.device,
      at: head.at,
      read: isRead ? state : (before?.read ?? ""),
      inStepSince: isInStep ? (before?.inStepSince ?? new Date().toISOString()) : null,
    };
    await db.settings.put({ key, value: peer });
    return peer;
  });
}
