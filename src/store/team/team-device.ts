import type { TeamName } from "@/records/team/segment";
import type { VemmickDatabase } from "../vemmick-database";

/** Everything among the settings that belongs to the team begins so. Persisted. */
export const TEAM_KEYS = "team:";
/** What the browser finds the folder again by. */
export const FOLDER_KEY = `${TEAM_KEYS}folder`;
const DEVICE_KEY = `${TEAM_KEYS}device`;

/** This device as its team knows it. */
export interface TeamDevice {
  /** in the names of its files; never used by another */
  readonly id: string;
  /** as a person calls it; "" until it was named */
  readonly name: string;
  /** what its head says of itself: the one that was written last, and one that may have been written since */
  readonly turn?: string;
  readonly trying?: string;
}

const LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
const ID_LENGTH = 8;

/** A new id: some 10¹¹ of them, so that two devices never have the same. */
const newId = (): string =>
  Array.from(crypto.getRandomValues(new Uint8Array(ID_LENGTH)), (byte) => LETTERS[byte % LETTERS.length]).join("");

/** This device; null: it has no id yet. */
export const knownDevice = async (db: VemmickDatabase): Promise<TeamDevice | null> =>
  ((await db.settings.get(DEVICE_KEY))?.value as TeamDevice | undefined) ?? null;

/** This device; it gets its id with the first question. Part of a transaction with the settings. */
async function teamDevice(db: VemmickDatabase): Promise<TeamDevice> {
  const kept = await knownDevice(db);
  if (kept) return kept;
  const made = { id: newId(), name: "" };
  await db.settings.put({ key: DEVICE_KEY, value: made });
  return made;
}

/** The same, outside of a transaction. */
export const thisDevice = (db: VemmickDatabase): Promise<TeamDevice> => db.transaction("rw", db.settings, () => teamDevice(db));

const changeDevice = (db: VemmickDatabase, change: (device: TeamDevice) => Partial<TeamDevice>): Promise<TeamDevice> =>
  db.transaction("rw", db.settings, async () => {
    const device = await teamDevice(db);
    const changed = { ...device, ...change(device) };
    await db.settings.put({ key: DEVICE_KEY, value: changed });
    return changed;
  });

/** Names the device. */
export const nameDevice = (db: VemmickDatabase, name: string): Promise<unknown> => changeDevice(db, () => ({ name }));

/**
 * The turn the next head is written with. It is noted first, and is the same until the head is known to be written: a folder
 * that refuses never makes this device a stranger to its own file.
 */
export async function nextTurn(db: VemmickDatabase): Promise<string> {
  const { trying = "" } = await changeDevice(db, ({ trying: before }) => ({ trying: before ?? crypto.randomUUID() }));
  return trying;
}

/** The head with that turn lies in the folder. */
export const turnWritten = (db: VemmickDatabase, turn: string): Promise<unknown> =>
  changeDevice(db, ({ trying }) => ({ turn, trying: trying === turn ? undefined : trying }));

/** Whether a head under this device's name was written by it. */
export const isOwnTurn = ({ turn, trying }: TeamDevice, found: string): boolean => found === turn || found === trying;

/** Another device writes under this id: this one takes a new one; what it has written so far is listed under it too. */
export const takeNewId = (db: VemmickDatabase): Promise<unknown> =>
  changeDevice(db, () => ({ id: newId(), turn: undefined, trying: undefined }));

/** Who writes, as others read it. */
export const teamNameOf = ({ id, name }: TeamDevice): TeamName => ({ id, name: name.trim() || `Device ${id}` });
