import { ACTION_TABLE, checksBefore } from "@/core/decision";
import { ACTIONS, COMPLAINTS } from "@/core/trade";
import { checkReason, uncheckedSentences, whyChecked } from "./check-words";

test("every check that any work asks for has its reason", () => {
  const asked = ACTIONS.filter((action) => action !== "no-repair").flatMap((action) =>
    checksBefore(action, ACTION_TABLE[action].checkFirst, { complaints: COMPLAINTS, findings: [] }).map((test) => [action, test] as const),
  );
  expect(asked.length).toBeGreaterThan(20);
  expect(asked.filter(([action, test]) => whyChecked(action, test) === null)).toEqual([]);
});

test.each([
  ["replace-run-capacitor", "capacitor-meter", "Before you replace the run capacitor: a part is measured before it is changed."],
  ["replace-run-capacitor", "frame-ohms", "Before you replace the run capacitor: what failed may have hurt the motor, and this shows it."],
  ["replace-motor", "winding-ohms", "Before you replace the motor: a motor is condemned by what is measured in it."],
  ["no-repair", "run-amps", "Before it is called sound: nothing is out of order until this was seen, too."],
] as const)("%s, %s", (action, asked, words) => expect(checkReason(action, asked)).toBe(words));

test("what was not checked is told with its reason, once each", () =>
  expect(uncheckedSentences(["replace-run-capacitor"], ["capacitor-meter", "winding-ohms", "frame-ohms"])).toEqual([
    "Not checked yet: capacitor by meter (a part is measured before it is changed).",
    "Not checked yet: winding ohms, leads to the frame (what failed may have hurt the motor, and this shows it).",
  ]));
