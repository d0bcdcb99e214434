/** @jest-environment node */
import ICAL from "ical.js";
import type { Summary } from "@/store/summary";
import { calendarId, toCalendar } from "./calendar";
import type { DueRow } from "./due";

const card = (part: Partial<Summary> = {}): Summary =>
  ({
    id: "card-1",
    machine: "Pool-hall fan",
    site: "Minnow Lido",
    motor: "pool-hall fan\nminnow lido",
    updatedAt: "2026-11-27T10:00:00.000Z",
    line: { stands: "Leave, and recheck. Signed off." },
    ...part,
  }) as unknown as Summary;
const due = (part: Partial<DueRow> = {}): DueRow => ({
  card: card(),
  kind: "recheck-capacitor",
  station: "capacitor",
  method: null,
  on: "2027-02-25",
  ...part,
});

/** Read back by another library. */
function entries(rows: readonly DueRow[]) {
  const made = toCalendar(rows);
  if (!made.ok) throw new Error(JSON.stringify(made.failure));
  return new ICAL.Component(ICAL.parse(made.value) as never).getAllSubcomponents("vevent").map((each) => new ICAL.Event(each));
}

test("each is a whole day at its place, with what it is", () => {
  const [event] = entries([due()]);
  expect(event?.summary).toBe("Recheck capacitor: Pool-hall fan");
  expect(event?.location).toBe("Minnow Lido");
  expect(event?.startDate.isDate).toBe(true);
  expect(event?.startDate.toString()).toBe("2027-02-25");
  expect(event?.endDate.toString()).toBe("2027-02-26");
  expect(event?.description).toMatch(/leave, and recheck/i);
});
test("taken in again after another visit, the same entry has a new day and a later version", () => {
  const [before] = entries([due()]);
  const next = card({ id: "card-2" as Summary["id"], updatedAt: "2027-02-25T09:00:00.000Z" });
  const [after] = entries([due({ card: next, on: "2027-08-25" })]);
  expect(after?.uid).toBe(before?.uid);
  expect(after?.sequence ?? 0).toBeGreaterThan(before?.sequence ?? Infinity);
  expect(after?.startDate.toString()).toBe("2027-08-25");
});
test("other motors, and other things due on one motor, have entries of their own", () => {
  const ids = [
    due(),
    due({ kind: "recheck-decision", station: "decide" }),
    due({ card: card({ motor: "pool-hall fan\nother lido" }) }),
    due({ card: card({ motor: "foyer fan\nminnow lido" }) }),
  ].map(calendarId);
  expect(new Set(ids).size).toBe(4);
});
test("names with commas, line ends and signs come back as they were; no entry is no file that cannot be read", () => {
  const [event] = entries([due({ card: card({ machine: "Fan; bay 3, left\n50 µF ≥ Ω", site: "" }) })]);
  expect(event?.summary).toBe("Recheck capacitor: Fan; bay 3, left\n50 µF ≥ Ω");
  expect(entries([])).toEqual([]);
});
