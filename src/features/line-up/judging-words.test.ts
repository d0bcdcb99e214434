import { assessParts, readAt, type Parts } from "../../../tests/support/partial-card";
import { evidenceLines, evidenceWords, reasonFor } from "./evidence";
import { startWords } from "../stations/run-test/StartChart";

const AT = "2026-11-27T09:00:00.000Z";
const FAN = { plate: { motorType: "psc", machineKind: "fan", volts: "230", hertz: "60", amps: "1.5" } } as const;

describe("the reason speaks of the work that is proposed", () => {
  const rows: readonly (readonly [string, Parts])[] = [
    [
      "a far-out capacitor",
      { capacitor: { label: "5 µF ±6 % 440 V run", readings: [readAt("1.2", "capacitance", AT)], isIsolated: true } },
    ],
    ["a grounded winding", { frame: { readings: [readAt("14", "resistance", AT), null, null] } }],
    ["a rough shaft with play", { "hand-turn": { turn: "rough", radialPlay: true } }],
  ];
  test.each(rows)("%s", (_name, parts) => {
    const found = assessParts({ ...FAN, ...parts });
    const reason = reasonFor(found.standing, found.actions[0]);
    const mended = { "replace-run-capacitor": "run capacitor", "replace-motor": "ground fault", "replace-bearings": "bearing worn" };
    expect(reason.toLowerCase()).toContain(mended[found.actions[0]?.action as keyof typeof mended]);
    expect(reason).not.toMatch(/undefined|NaN/);
  });
  test("what is likelier and is not mended is said", () => {
    const standing = assessParts({ ...FAN, complaint: { complaints: ["squeals"] } }).standing;
    const reason = reasonFor(standing, { action: "free-load", also: null, cureProbability: 0.2 });
    expect(reason).toMatch(/Likelier by itself, and not mended by it: bearing worn/);
  });
});

test("what was not said, since when, and what was ruled out are told in words", () => {
  const { standing } = assessParts({
    ...FAN,
    complaint: { complaints: ["slow-or-weak"], course: ["growing"] },
    look: { ruledOut: [{ suspect: "driven-load", reason: "filter is new" }] },
  });
  const all = standing.suspects.flatMap((each) => evidenceLines(each).map(({ words, why }) => `${words}; ${why}`));
  expect(all.some((line) => line.startsWith("growing over days or weeks"))).toBe(true);
  expect(all.some((line) => line.startsWith("ruled out: filter is new"))).toBe(true);
  expect(all.some((line) => line.startsWith("nobody said"))).toBe(true);
  for (const line of all) expect(line).not.toMatch(/undefined|; $/);
});

test("a part out by a lot is out, not too close to call", () => {
  const { standing } = assessParts({
    ...FAN,
    capacitor: { label: "10 µF ±6 % 440 V run", readings: [readAt("7.6", "capacitance", AT)], isIsolated: true },
  });
  const words = standing.suspects.filter(({ suspect }) => suspect === "run-capacitor").flatMap((each) => evidenceWords(each).forIt);
  expect(words).toContain("capacitor out of limits or wrong part");
});

test("a start that ends backwards is said to, with its speed", () => {
  const start = { hasStarted: false, finalRpm: -1235, peakLineA: 9, settledLineA: 4.2 } as Parameters<typeof startWords>[0];
  expect(startWords(start)).toMatch(/wrong way: 1,?235 rpm backwards/);
  expect(startWords({ ...start, finalRpm: 3 })).toMatch(/does not reach its speed/);
});
