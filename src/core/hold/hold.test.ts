import fc from "fast-check";
import { TRACE_KINDS, traceOf, type TraceKind } from "../../../tests/support/meter-traces";
import { QUANTITY_IDS, type Quantity } from "../quantity";
import { beginHold, holdNext, loseHold, type HeldFigure, type HoldSample } from ".";

function takenFrom(quantity: Quantity, samples: readonly HoldSample[]): HeldFigure[] {
  let hold = beginHold(quantity);
  return samples.flatMap((sample) => {
    const held = holdNext(hold, sample);
    hold = held.hold;
    return held.figure ?? [];
  });
}
/** The same display four times a second, piece after piece. */
const shown = (...pieces: readonly (readonly [display: string, seconds: number])[]): HoldSample[] =>
  pieces
    .flatMap(([display, seconds]) => Array.from({ length: seconds * 4 }, () => display))
    .map((display, index) => ({ atMs: index * 250, display }));
const valuesOf = (figures: readonly HeldFigure[]): (number | null)[] => figures.map(({ value }) => value);

const SEEDS = 120;
const tallies = new Map<TraceKind, number>(
  TRACE_KINDS.map((kind) => {
    const right = Array.from({ length: SEEDS }, (_, seed) => traceOf(kind, seed + 1)).filter(({ quantity, samples, taken }) => {
      const got = takenFrom(
        quantity,
        samples.map(([atMs, digits, unit]) => ({ atMs, display: `${digits} ${unit}` })),
      );
      return (
        got.length === taken.length &&
        taken.every(({ value, within }, index) => {
          const figure = got[index]?.value ?? null;
          return value === null || figure === null ? value === figure : Math.abs(figure - value) <= within;
        })
      );
    });
    return [kind, right.length];
  }),
);

test("of two thousand traces 99.5 % and more are taken rightly", () => {
  const right = [...tallies.values()].reduce((sum, each) => sum + each, 0);
  expect(SEEDS * TRACE_KINDS.length).toBeGreaterThan(2000);
  expect(right / (SEEDS * TRACE_KINDS.length)).toBeGreaterThanOrEqual(0.995);
});

test.each<TraceKind>(["fingers", "never steady", "touch and lost"])("%s: what moves, or is let go, is never taken", (kind) =>
  expect(tallies.get(kind)).toBe(SEEDS),
);

test.each<[string, Quantity, readonly (readonly [string, number])[], (number | null)[]]>([
  ["an untouched ohmmeter shows OL, and nothing is taken", "resistance", [["OL", 10]], []],
  ["nor of volts that are none", "voltage", [["0.000 V", 10]], []],
  [
    "a touch is taken once",
    "resistance",
    [
      ["OL", 1],
      ["31.4 Ω", 8],
      ["OL", 1],
    ],
    [31.4],
  ],
  [
    "the same place after lifting once more",
    "resistance",
    [
      ["31.4 Ω", 3],
      ["OL", 1],
      ["31.4 Ω", 3],
    ],
    [31.4, 31.4],
  ],
  [
    "contact lost for half a second is no lifting",
    "resistance",
    [
      ["31.4 Ω", 3],
      ["OL", 0.5],
      ["31.4 Ω", 3],
    ],
    [31.4],
  ],
  [
    "another place in the same touch is taken too",
    "resistance",
    [
      ["31.4 Ω", 3],
      ["12.1 Ω", 3],
    ],
    [31.4, 12.1],
  ],
  [
    "three quarters of a second are too short",
    "resistance",
    [
      ["31.4 Ω", 0.75],
      ["OL", 3],
    ],
    [],
  ],
  [
    "tips tapped together and lifted: it is open",
    "resistance",
    [
      ["OL", 2],
      ["0.2 Ω", 0.75],
      ["OL", 2],
    ],
    [null],
  ],
  [
    "held together they read what they read",
    "resistance",
    [
      ["OL", 2],
      ["0.2 Ω", 3],
      ["OL", 2],
    ],
    [0.2],
  ],
  [
    "a tap that bounces is none before it is lifted",
    "resistance",
    [
      ["0.2 Ω", 0.5],
      ["OL", 0.5],
      ["0.2 Ω", 3],
    ],
    [0.2],
  ],
  [
    "a brush of a winding is no tap",
    "resistance",
    [
      ["OL", 2],
      ["3.1 Ω", 0.5],
      ["OL", 2],
    ],
    [],
  ],
  [
    "nor is a range on its way",
    "resistance",
    [
      ["OL", 2],
      ["0.00 MΩ", 0.5],
      ["OL", 2],
    ],
    [],
  ],
  [
    "a coarse range waits for the finer one",
    "resistance",
    [
      ["0.03 kΩ", 2],
      ["34.4 Ω", 2],
    ],
    [34.4],
  ],
  ["one that stays coarse is taken in the end", "resistance", [["0.03 kΩ", 6]], [30]],
  ["a figure over the range of an insulation tester is taken by a key", "insulation", [[">550 MΩ", 10]], []],
  [
    "what cannot be read ends a touch, and is no figure",
    "resistance",
    [
      ["31.4 Ω", 0.75],
      ["Err", 0.25],
      ["31.4 Ω", 0.75],
    ],
    [],
  ],
  ["over limit on volts is no figure", "voltage", [["OL", 5]], []],
  ["a quantity that no meter settles on is not taken", "duration", [["2.0 s", 5]], []],
])("%s", (_, quantity, pieces, expected) => {
  const values = valuesOf(takenFrom(quantity, shown(...pieces)));
  expect(values).toHaveLength(expected.length);
  values.forEach((value, index) =>
    value === null ? expect(expected[index]).toBeNull() : expect(value).toBeCloseTo(expected[index] ?? NaN, 6),
  );
});

test("amps are averaged over their ripple, with its scatter", () => {
  const rippling = Array.from({ length: 24 }, (_, index) => ({
    atMs: index * 250,
    display: `${(5 + (index % 2 ? 0.1 : -0.1)).toFixed(2)} A`,
  }));
  const [figure] = takenFrom("current", rippling);
  expect(figure?.value).toBeCloseTo(5, 1);
  expect(figure?.standardUncertainty).toBeCloseTo(0.1, 2);
});

test("a line that is lost midway takes nothing, and what comes after begins anew", () => {
  const samples = shown(["31.4 Ω", 0.75]);
  const half = samples.reduce((hold, sample) => holdNext(hold, sample).hold, beginHold("resistance"));
  expect(holdNext(loseHold(half), { atMs: 1000, display: "31.4 Ω" }).figure).toBeNull();
  expect(holdNext(half, { atMs: 1000, display: "31.4 Ω" }).figure).not.toBeNull();
});

test("whatever a line says: nothing breaks, and no figure is none", () => {
  const display = fc.oneof(
    fc.string({ maxLength: 12 }),
    fc.constantFrom("OL", "0.00 MΩ", "1.0 Ω", "0.000 V", ">550M", "-3 V", "12,5 µF", "", "NaN"),
  );
  fc.assert(
    fc.property(fc.constantFrom(...QUANTITY_IDS), fc.array(display, { maxLength: 40 }), (quantity, displays) =>
      takenFrom(
        quantity,
        displays.map((each, index) => ({ atMs: index * 300, display: each })),
      ).every(({ value, standardUncertainty }) => (value === null || Number.isFinite(value)) && Number.isFinite(standardUncertainty)),
    ),
    { seed: 40, numRuns: 400 },
  );
});
