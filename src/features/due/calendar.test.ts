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
    named: "pool-hall fan\nminnow lido",
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
    due({ card: card({ motor: "x", named: "pool-hall fan\nother lido" }) }),
    due({ card: card({ motor: "y", named: "foyer fan\nminnow lido" }) }),
  ].map(calendarId);
  expect(new Set(ids).size).toBe(4);
});
test("names with commas, line ends and signs come back as they were; no entry is no file that cannot be read", () => {
  const [event] = entries([due({ card: card({ machine: "Fan; bay 3, left\n50 µF ≥ Ω", site: "" }) })]);
  expect(event?.summary).toBe("Recheck capacitor: Fan; bay 3, left\n50 µF ≥ Ω");
  expect(entries([])).toEqual([]);
});

test("two motors that are made one, or parted again, keep their entries", () => {
  const [before] = entries([due()]);
  const [after] = entries([due({ card: card({ motor: "made-one-7" }) })]);
  expect(after?.uid).toBe(before?.uid);
});

/** RFC 5545, 3.1: what a line is made of, and how long it may be. */
const CONTENT_LINE = /^[A-Za-z0-9-]+(;[A-Za-z0-9-]+=("[^"]*"|[^":;,]*)(,("[^"]*"|[^":;,]*))*)*:[^\u0000-\u0008\u000a-\u001f]*$/;

test("the file is what the standard's grammar asks for: lines of 75 octets, ends without a duration, nothing else", () => {
  const long = "µΩ≥°".repeat(60);
  const made = toCalendar([due({ card: card({ machine: long, site: `${long}; bay 3` }) }), due({ on: "2026-12-31" })]);
  if (!made.ok) throw new Error("not made");
  for (const line of made.value.split("\r\n")) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
  const lines = made.value.replace(/\r\n[ \t]/g, "").split("\r\n");
  expect(made.value).not.toMatch(/(?<!\r)\n/);
  expect(lines.at(-1)).toBe("");
  for (const line of lines.slice(0, -1)) expect(line).toMatch(CONTENT_LINE);
  expect(made.value).not.toContain("DURATION");
  expect(lines).toContain("DTEND;VALUE=DATE:20270101");
  // Strict: a property that is not of the standard is refused by name.
  const known = /^(BEGIN|END|VERSION|CALSCALE|PRODID|METHOD|X-[A-Z-]+|UID|SEQUENCE|SUMMARY|DTSTAMP|DTSTART|DTEND|DESCRIPTION|LOCATION)[;:]/;
  for (const line of lines.slice(0, -1)) expect(line).toMatch(known);
  const calendar = new ICAL.Component(ICAL.parse(made.value) as never);
  ICAL.design.strict = true;
  expect(new ICAL.Event(calendar.getFirstSubcomponent("vevent") as never).summary).toContain(long);
});
