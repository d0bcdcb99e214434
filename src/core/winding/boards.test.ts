import fc from "fast-check";
import { randomFrom, simulateBoard, type SimulatedBoard } from "../../../tests/support/simulated-board";
import { isTruth, isTrueFault, plain, probeByAdvice } from "../../../tests/support/board-truth";
import {
  faultsOf,
  identifyThreeLeads,
  type PairReading,
  LAYOUTS,
  layoutOf,
  solveBoard,
  understandBoard,
  USUAL_QUERY,
  USUAL_SOLVE,
  type BoardSolution,
  type Board,
  type BoardReading,
} from ".";
import { keepsFault } from "./layout";
import { structureOf } from "./structure";
import { howMany } from "../../../tests/support/how-many";

const ohms = (a: number, b: number, ohm: number): BoardReading => ({
  a,
  b,
  kind: "ohms",
  ohm,
  standardUncertainty: (0.008 * ohm + 0.2) / Math.sqrt(3),
});
const open = (a: number, b: number): BoardReading => ({ a, b, kind: "open" });
const boardOf = (posts: number, readings: readonly BoardReading[], hasFrame = false): Board => ({
  posts,
  hasFrame,
  readings,
  leadOhm: 0.2,
  leadStandardOhm: 0.05,
});

describe("the catalogue", () => {
  test.each(LAYOUTS.map((layout) => [layout.id, layout] as const))(
    "%s: a forest over its roles, its exchanges keep it what it is",
    (id, layout) => {
      expect(layoutOf(id)).toBe(layout);
      expect(new Set(layout.roles).size).toBe(layout.roles.length);
      const structure = structureOf(layout, null, 0, false);
      // In a forest, groups = places − joints.
      expect(structure.groupSizes).toHaveLength(structure.places.length - structure.joints.length);
      expect(structure.groupSizes.reduce((sum, size) => sum + size, 0)).toBe(layout.roles.length);
      for (const exchange of layout.exchanges) {
        const moved = new Map(exchange.flatMap(([a, b]) => [[a, b] as const, [b, a] as const]));
        const keyOf = (from: string, to: string, cls: string): string => [cls, ...[from, to].sort()].join();
        const before = layout.elements.map(({ from, to, cls }) => keyOf(from, to, cls)).sort();
        const after = layout.elements.map(({ from, to, cls }) => keyOf(moved.get(from) ?? from, moved.get(to) ?? to, cls)).sort();
        expect(after).toEqual(before);
      }
    },
  );
  test("an exchange that touches the fault is another case", () => {
    const { exchanges } = layoutOf("dual_voltage");
    const kept = (fault: Parameters<typeof keepsFault>[2]) =>
      exchanges.filter((exchange) => keepsFault(layoutOf("dual_voltage"), exchange, fault)).length;
    expect([kept(null), kept({ kind: "open", element: 0 }), kept({ kind: "ground", role: "A1" })]).toEqual([4, 2, 3]);
  });
});

test.each(["open", "short"] as const)("one half of a dual-voltage main %s: four answers that come to the same, all listed", (kind) => {
  const layout = layoutOf("dual_voltage");
  const made = simulateBoard(layout, { kind, element: 1 }, randomFrom(14));
  const options = { ...USUAL_SOLVE, layouts: [layout], spares: 0 };
  const { sound, faulty } = solveBoard(made.board, options);
  const halves = faulty.list.filter(({ structure: { fault } }) => fault?.kind === kind && fault.element < 2);
  expect([sound.list.length, halves.length]).toEqual([0, 4]);
  // To a person they are two: either half, and they have one chance each.
  expect(new Set(halves.map(({ structure: { fault } }) => JSON.stringify(fault))).size).toBe(2);
});

describe("made-up boards of every layout, all pairs read", () => {
  test.each(LAYOUTS.map(({ id }) => id))("%s sound: named rightly, or said that ohms cannot tell", (id) => {
    const random = randomFrom(101);
    const made = simulateBoard(layoutOf(id), null, random);
    const found = understandBoard(made.board);
    const at = found.answers.findIndex((answer) => isTruth(answer, made) && isTrueFault(answer, made));
    expect(at).not.toBe(-1);
    if (found.state === "settled") expect(at).toBe(0);
  });
  test.each(LAYOUTS.map(({ id }) => id))("%s with one fault: never settled on another fault", (id) => {
    const random = randomFrom(202);
    // All faults of all layouts are in the bench; here every fourth of each.
    for (const hasFrame of [false, true]) {
      for (const [index, fault] of faultsOf(layoutOf(id), hasFrame).entries()) {
        if ((hasFrame && fault.kind !== "ground") || index % 4 !== 0) continue;
        const made = simulateBoard(layoutOf(id), fault, random, hasFrame);
        const found = understandBoard(made.board);
        const [best] = found.answers;
        // An open part of one layout can read just as another layout does when it is sound; it never accuses another part.
        if (found.state === "settled" && best?.structure.fault != null)
          expect([isTruth(best, made), isTrueFault(best, made)]).toEqual([true, true]);
      }
    }
  });
});

describe("properties", () => {
  const layouts = fc.constantFrom(...LAYOUTS.filter(({ roles }) => roles.length <= 7).map(({ id }) => id));
  test("naming the posts otherwise names the answer otherwise, and changes nothing else", () => {
    fc.assert(
      fc.property(layouts, fc.integer({ min: 1, max: 9999 }), (id, seed) => {
        const { board } = simulateBoard(layoutOf(id), null, randomFrom(seed));
        const moved = (post: number): number => (post + 1) % board.posts;
        const turned: Board = {
          ...board,
          readings: board.readings.map((reading) => ({ ...reading, a: moved(reading.a), b: moved(reading.b) })),
        };
        const [one, other] = [understandBoard(board), understandBoard(turned)];
        expect(other.state).toBe(one.state);
        const named = (roles: readonly string[] | null | undefined): string => (roles ?? []).map(plain).sort().join();
        expect(other.settledRoles.map((_, post) => named(other.settledRoles[moved(post)]))).toEqual(one.settledRoles.map(named));
      }),
      { seed: 3, numRuns: howMany(25, 4) },
    );
  });
  test("one more true reading never takes the true answer away", () => {
    fc.assert(
      fc.property(layouts, fc.integer({ min: 1, max: 9999 }), (id, seed) => {
        const made = simulateBoard(layoutOf(id), null, randomFrom(seed));
        const isExchanged = (role: string): boolean => made.layout.exchanges.some((exchange) => exchange.flat().includes(role));
        for (let count = made.board.readings.length; count >= 3; count -= 3) {
          const { sound } = solveBoard({ ...made.board, readings: made.board.readings.slice(0, count) });
          if (!sound.isComplete) return;
          const isTrue = ({ structure, postOf }: BoardSolution): boolean =>
            structure.layout.id === id &&
            made.layout.roles.every((role, place) => isExchanged(role) || postOf[place] === made.postOf[place]);
          expect(sound.list.some(isTrue)).toBe(true);
        }
      }),
      { seed: 4, numRuns: howMany(15, 4) },
    );
  });
});

describe("following the advice alone", () => {
  // Means of many boards are printed by the bench; here each board must come to its end, and far before all pairs.
  test.each<[string, number]>([
    ["csr", 3],
    ["isolated2", 6],
    ["tap3_c", 9],
    ["tap3_lo", 9],
    ["dual_voltage", 13],
    ["isolated2_switch_capacitor", 22],
  ])("%s is understood within %d pairs", (id, most) => {
    const random = randomFrom(77);
    for (let board = 0; board < 1; board += 1) {
      const made = simulateBoard(layoutOf(id), null, random);
      const { found, readings } = probeByAdvice(made, USUAL_QUERY);
      expect(readings.length).toBeLessThanOrEqual(most);
      expect(found.answers.some((answer) => isTruth(answer, made))).toBe(true);
    }
  });
});

describe("boards a technician meets", () => {
  const chain: readonly (readonly [number, number, number])[] = [
    // common 0, high 1, medium 2, low 3, capacitor 4: sections of 5.2 and 5.2 behind a main of 11.8; start winding of 31
    [0, 1, 12],
    [1, 2, 5.4],
    [2, 3, 5.4],
    [0, 4, 31.2],
  ];
  const full = (): BoardReading[] => {
    const at = [0, 11.8, 17, 22.2, -31];
    return [0, 1, 2, 3, 4].flatMap((a) =>
      [1, 2, 3, 4].filter((b) => b > a).map((b) => ohms(a, b, Math.round(10 * (Math.abs((at[a] ?? 0) - (at[b] ?? 0)) + 0.2)) / 10)),
    );
  };
  test("a three-speed blower from all its pairs", () => {
    const found = understandBoard(boardOf(5, full()));
    expect(found.state).toBe("settled");
    expect(found.settledRoles).toEqual([["C"], ["HI"], ["MED"], ["LO"], ["CAP"]]);
    expect(found.residuals).toHaveLength(10);
    expect(found.next).toBeNull();
  });
  test("with four readings it still asks, and says which pair", () => {
    const found = understandBoard(
      boardOf(
        5,
        chain.map(([a, b, ohm]) => ohms(a, b, ohm)),
      ),
    );
    expect(found.state).toBe("open");
    expect(found.next).not.toBeNull();
    expect(found).toMatchObject({ measured: 4, pairs: 10 });
    // What the next pair should show differs from answer to answer: that is why it is asked for.
    expect(found.expected).toHaveLength(found.answers.length);
    expect(new Set(found.expected.map((ohm) => (ohm === null ? "OL" : Math.round(ohm)))).size).toBeGreaterThan(1);
  });
  test("one reading keyed wrong is named", () => {
    const readings = full().map((reading) =>
      reading.a === 1 && reading.b === 4 && reading.kind === "ohms" ? { ...reading, ohm: 24 } : reading,
    );
    const found = understandBoard(boardOf(5, readings));
    expect(found.state).toBe("contradiction");
    expect(found.misfits).toMatchObject([{ a: 1, b: 4 }]);
  });
  test("a lead without any path is an open winding, never an unused lead", () => {
    const found = understandBoard(boardOf(3, [ohms(0, 1, 12), open(0, 2), open(1, 2)]));
    expect(found.answers.every(({ structure }) => structure.fault?.kind === "open")).toBe(true);
  });
  test("marks decide where readings cannot", () => {
    const readings = [ohms(0, 1, 12), open(0, 2), open(1, 2)];
    const found = understandBoard(boardOf(3, readings), { ...USUAL_QUERY, marks: ["C", "R", "S"] });
    const [best] = found.answers;
    expect(best?.structure.fault).toEqual({ kind: "open", element: 1 });
    expect(best?.roles).toEqual([["C"], ["R"], ["S"]]);
  });
  test("the plate's type of motor decides between layouts that fit alike", () => {
    const readings = [ohms(0, 1, 3), ohms(2, 3, 9), open(0, 2), open(0, 3), open(1, 2), open(1, 3)];
    const sure = (motorType: "split-phase" | "shaded-pole"): number =>
      understandBoard(boardOf(4, readings), { ...USUAL_QUERY, motorType }).answers[0]?.probability ?? 0;
    expect(sure("split-phase")).toBeGreaterThan(sure("shaded-pole"));
    const split = understandBoard(boardOf(4, readings), { ...USUAL_QUERY, motorType: "split-phase" });
    expect(split.answers[0]?.structure.layout.id).toBe("isolated2");
    expect(split.state).toBe("settled");
  });
  test("a post with ohms to the frame is a ground fault", () => {
    const frame = [ohms(0, 3, 62), ohms(1, 3, 53.1), ohms(2, 3, 84.5)];
    const found = understandBoard(boardOf(3, [ohms(0, 1, 9), ohms(0, 2, 22.6), ohms(1, 2, 31.4), ...frame], true));
    expect(found.answers[0]?.structure.fault).toEqual({ kind: "ground", role: "R" });
  });
  test("a capacitance reading names the capacitor's posts", () => {
    const readings = [ohms(0, 1, 9), ohms(0, 2, 22.6), ohms(1, 2, 31.4), ...[0, 1, 2].flatMap((a) => [open(a, 3), open(a, 4)])];
    const found = understandBoard(boardOf(5, [...readings, { a: 3, b: 4, kind: "capacitance", capacitanceUf: 17.5 }]));
    expect(found.answers[0]?.roles.slice(3)).toEqual([["K1"], ["K2"]]);
    expect(found.state).toBe("settled");
  });
  test("nothing read yet: any pair, and no answer", () => {
    expect(understandBoard(boardOf(8, []))).toMatchObject({ state: "empty", next: { a: 0, b: 1 }, answers: [] });
  });
});

test("three leads: the short path and the solver name the same", () => {
  let compared = 0;
  const random = randomFrom(55);
  for (let board = 0; board < howMany(40, 15); board += 1) {
    const made = simulateBoard(layoutOf("csr"), null, random);
    const pair = (a: number, b: number): PairReading => {
      const reading = made.board.readings.find((each) => Math.min(each.a, each.b) === a && Math.max(each.a, each.b) === b);
      return reading?.kind === "ohms" ? reading : { kind: "open" };
    };
    const short = identifyThreeLeads({
      pairs: [pair(0, 1), pair(1, 2), pair(0, 2)],
      marks: [null, null, null],
      leadOhm: 0.2,
      leadStandardOhm: 0.05,
      nearZeroOhm: 0.5,
      coverageFactor: 2,
      mayBeEqual: true,
    });
    const found = understandBoard(made.board);
    if (short.kind !== "named" || found.state !== "settled") continue;
    compared += 1;
    const words = { common: "C", run: "R", start: "S" } as const;
    expect(found.settledRoles).toEqual(short.roles.map((role) => [words[role]]));
  }
  expect(compared).toBeGreaterThan(howMany(25, 8));
});

test("twelve posts fully read are understood", () => {
  const made: SimulatedBoard = simulateBoard(layoutOf("dual_voltage_switch_protector_capacitor"), null, randomFrom(9));
  const found = understandBoard(made.board);
  expect(found.pairs).toBe(66);
  expect(found.answers.some((answer) => isTruth(answer, made))).toBe(true);
});

test.each<readonly [string, readonly BoardReading[]]>([
  [
    "a blower of three speeds with its protector open in common",
    [
      ohms(0, 1, 40.2),
      ohms(0, 2, 45.4),
      ohms(1, 2, 5.5),
      ohms(0, 3, 42.5),
      ohms(1, 3, 2),
      ohms(2, 3, 3.5),
      ...[0, 1, 2, 3].map((a) => open(a, 4)),
    ],
  ],
  [
    "the same of a small fan, ten times the ohms",
    [
      ohms(0, 1, 65.2),
      ohms(0, 2, 880),
      ohms(1, 2, 806),
      ohms(0, 4, 130),
      ohms(1, 4, 67),
      ohms(2, 4, 742),
      ...[0, 1, 2, 4].map((a) => open(a, 3)),
    ],
  ],
])("%s: a post without a path may be no lead at all or an open one, so no other is named", (_, readings) => {
  const { state, settledRoles } = understandBoard(boardOf(5, readings));
  expect(state).toBe("cannot-tell");
  expect(settledRoles).toEqual([null, null, null, null, null]);
});
