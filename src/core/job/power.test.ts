import fc from "fast-check";
import { deadStretches, isPowerBack } from ".";

const at = (minute: number): string => new Date(Date.UTC(2026, 10, 27, 9, minute)).toISOString();

test.each([
  ["never made safe", [], [5], []],
  ["made safe, and dead since", [12], [], [[12, null]]],
  ["power from before says nothing of it", [12], [5], [[12, null]]],
  ["power back", [12], [40], [[12, 40]]],
  [
    "twice, and dead now",
    [12, 50],
    [40],
    [
      [12, 40],
      [50, null],
    ],
  ],
  [
    "twice, and power back twice",
    [12, 50],
    [40, 59],
    [
      [12, 40],
      [50, 59],
    ],
  ],
  [
    "made safe once more without power between",
    [12, 30],
    [40],
    [
      [12, null],
      [30, 40],
    ],
  ],
] as const)("%s", (_name, safe, back, stretches) => {
  const found = deadStretches(safe.map(at), back.map(at));
  expect(found).toEqual(stretches.map(([from, to]) => ({ from: at(from), to: to === null ? null : at(to) })));
});

test("in any order of the moments; only the last stretch is ever open, and none reaches into the next", () => {
  const minutes = fc.uniqueArray(fc.integer({ min: 0, max: 59 }), { maxLength: 8 });
  fc.assert(
    fc.property(minutes, minutes, (safe, back) => {
      const found = deadStretches(safe.map(at), back.map(at));
      expect(found).toEqual(deadStretches([...safe].reverse().map(at), [...back].reverse().map(at)));
      found.forEach(({ from, to }, index) => {
        const next = found[index + 1];
        if (next) expect(to === null || (to >= from && to < next.from)).toBe(true);
      });
      const last = found.at(-1);
      const latest = back.map(at).sort().at(-1) ?? null;
      if (last) expect(last.to !== null).toBe(isPowerBack(latest, last.from));
    }),
    { seed: 16, numRuns: 300 },
  );
});
