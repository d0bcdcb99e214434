import type { TeamWriter } from "@/records";
import type { VemmickDatabase } from "../vemmick-database";

/** Everything among the settings that belongs to the team begins so. Persisted. */
export const TEAM_KEYS = "team:";
/** What the browser finds the folder again by. */
export const FOLDER_KEY = `${TEAM_KEYS}folder`;
const DEVICE_KEY = `${TEAM_KEYS}device`;

/** This device as its team knows it. */
export interface TeamDevice {
  /** in the name of its file; never used by another */
  readonly id: string;
  /** as a person calls it; "" until it was named */
  readonly name: string;
  /** signs of the last times its file was written, the newest first */
  readonly turns: readonly string[];
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
export async function teamDevice(db: VemmickDatabase): Promise<TeamDevice> {
  const kept = await knownDevice(db);
  if (kept) return kept;
  const made = { id: newId(), name: "", turns: [] };
  await db.settings.put({ key: DEVICE_KEY, value: made });
  return made;
}

/** The last one may have been noted and never written. */
const MOST_TURNS = 3;

const changeDevice = (db: VemmickDatabase, change: (device: TeamDevice) => Partial<TeamDevice>): Promise<unknown> =>
  db.transaction("rw", db.settings, async () => {
    const device = await teamDevice(db);
    await db.settings.put({ key: DEVICE_KEY, value: { ...device, ...change(device) } });
  });

/** Names the device. */
export const nameDevice = (db: VemmickDatabase, name: string): Promise<unknown> => changeDevice(db, () => ({ name }));
/** Remembers what its file was last written with. */
export const noteTurn = (db: VemmickDatabase, turn: string): Promise<unknown> =>
  changeDevice(db, ({ turns }) => ({ turns: [turn, ...turns].slice(0, MOST_TURNS) }));
/** Another device writes under this id: this one takes a new one, and what it knows of versions stays. */
export const takeNewId = (db: VemmickDatabase): Promise<unknown> => changeDevice(db, () => ({ id: newId(), turns: [] }));

/** Name of a device's own file. Persisted: others look for it. */
export const fileNameOf = (id: string): string => `team-${id}.vemmick.json`;
const FILE_NAME = /^team-([a-z0-9]{4,16})\.vemmick\.json$/;
/** Id of the device a file belongs to, by its name; null: it is no team file. */
export const deviceOfFile = (name: string): string | null => FILE_NAME.exec(name)?.[1] ?? null;

/** Who writes, now. */
export const writerOf = ({ id, name }: TeamDevice): TeamWriter => ({ id, name: name.trim() || `Device ${id}`, turn: crypto.randomUUID() });
