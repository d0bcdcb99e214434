import type { ActionId } from "../trade";
import { dueOn, isStillDue, type Due } from "./due";

const DAY: Due["when"] = { on: "2027-03-01" };

test.each<[string, Due["kind"], readonly (ActionId | null)[], boolean]>([
  ["a part that was put off, nothing decided", "recheck-capacitor", [], true],
  ["a part that was put off, left", "recheck-capacitor", [null, "wait-and-retest"], true],
  ["a part that was put off, exchanged", "recheck-capacitor", ["replace-run-capacitor"], false],
  ["exchanged beside another work", "recheck-capacitor", ["replace-bearings", "replace-start-capacitor"], false],
  ["gone with its motor", "recheck-capacitor", [null, "replace-motor"], false],
  ["bearings to be oiled, another part exchanged", "oil-bearings", ["replace-run-capacitor"], true],
  ["bearings to be oiled, gone with the motor", "oil-bearings", ["replace-motor"], false],
  ["bearings to be listened to, gone with the motor", "listen-bearings", ["replace-motor"], false],
  ["what no work ends", "recheck-decision", ["replace-motor"], true],
])("a follow-up: %s", (_, kind, actions, stands) => expect(isStillDue({ kind, when: DAY }, actions)).toBe(stands));

test.each<[string, Due["when"], string]>([
  ["on its own day", DAY, "2027-03-01"],
  ["days after the visit", { after: null, days: 30 }, "2026-12-24"],
  ["months after the visit", { after: null, months: 3 }, "2027-02-24"],
  ["months after a day of its own", { after: "2026-08-31", months: 6 }, "2027-02-28"],
  ["days after a day of its own", { after: "2026-12-31", days: 1 }, "2027-01-01"],
  // What is kept may be damaged: then the visit is what is sure.
  ["after something that is no day", { after: "soon", days: 7 }, "2026-12-01"],
])("it falls %s", (_, when, on) => expect(dueOn({ kind: "recheck-capacitor", when }, "2026-11-24")).toBe(on));
