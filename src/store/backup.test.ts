/** @jest-environment node */
import "fake-indexeddb/auto";
import { backupName, changeBackup, firstOwnCardMs, lateDays, NO_BACKUP, readBackup, type Rhythm } from "./backup";
import { database } from "./database";
import { createTraveller } from "./create-traveller";

const NOW = Date.UTC(2026, 10, 28);
const daysAgo = (days: number): string => new Date(NOW - days * 86_400_000).toISOString();

test.each([
  ["nothing of one's own: nothing to lose", "weekly", null, null, null],
  ["a first card of yesterday, weekly", "weekly", null, 1, null],
  ["a first card of eight days ago, never copied", "weekly", null, 8, 1],
  ["copied today", "weekly", 0, 400, null],
  ["copied seven days ago, weekly: due", "weekly", 7, 400, 0],
  ["copied seven days ago, monthly", "monthly", 7, 400, null],
  ["copied two days ago, daily", "daily", 2, 400, 1],
  ["never, by the person's own wish", "never", null, 400, null],
] as const)("%s", (_, rhythm: Rhythm, last, since, late) => {
  const at = { rhythm, lastAt: last === null ? null : daysAgo(last) };
  const days = lateDays(at, since === null ? null : Date.parse(daysAgo(since)), NOW);
  expect(days === null ? null : Math.round(days)).toBe(late);
});

test("copies lie in the order of their days", () => {
  expect(["2026-11-09", "2026-11-10"].map(backupName)).toEqual([
    "vemmick-backup-2026-11-09.vemmick.json",
    "vemmick-backup-2026-11-10.vemmick.json",
  ]);
});

test("the demo is no card of one's own; the rhythm is kept, and what cannot be read is the usual one", async () => {
  const db = database();
  await db.open();
  expect(await firstOwnCardMs()).toBeNull();
  expect(await readBackup()).toEqual(NO_BACKUP);
  await changeBackup({ rhythm: "daily" });
  await changeBackup({ lastAt: daysAgo(0) });
  expect(await readBackup()).toEqual({ ...NO_BACKUP, rhythm: "daily", lastAt: daysAgo(0) });
  await db.settings.put({ key: "backup", value: { rhythm: "hourly" } });
  expect(await readBackup()).toEqual(NO_BACKUP);
  await createTraveller("hums", [], "Ivo Marrable");
  expect(await firstOwnCardMs()).not.toBeNull();
  db.close();
});
