import { tallyBoards } from "../../../tests/support/board-tally";
import { isTruth, windingsBetween } from "../../../tests/support/board-truth";
import { randomFrom, simulateBoard } from "../../../tests/support/simulated-board";
import { LAYOUTS, understandBoard, USUAL_QUERY, USUAL_SOLVE, type BoardQuery, type BoardReading, type Layout } from "../winding";
import { solveWith } from "../winding/solve-board";
import { tableOf } from "../winding/board";
import { findingsOfBoard } from "../stations/windings/findings";
import { howMany } from "../../../tests/support/how-many";

const withLayouts = (layouts: readonly Layout[]): BoardQuery => ({ ...USUAL_QUERY, options: { ...USUAL_SOLVE, layouts } });
const accuses = (found: ReturnType<typeof understandBoard>): boolean =>
  findingsOfBoard(found).some(({ weights }) => Object.keys(weights).some((outcome) => outcome !== "good"));

describe("a sound board of a layout that nobody put into the catalogue", () => {
  const boards = LAYOUTS.filter(({ roles }) => roles.length >= 4 && roles.length <= 6);
  test.each(boards.map((layout) => [layout.id, layout] as const))("%s: nothing is accused", (_, layout) => {
    const query = withLayouts(LAYOUTS.filter((each) => each !== layout));
    const random = randomFrom(31);
    for (const isLow of [false, true]) {
      const { board } = simulateBoard(layout, null, random, false, isLow);
      expect(accuses(understandBoard(board, query))).toBe(false);
    }
  });
  test("its groups are told, with the ohms of each", () => {
    const layout = LAYOUTS.find(({ id }) => id === "protected_main_switch");
    if (!layout) throw new Error("the layout is in the catalogue");
    const made = simulateBoard(layout, null, randomFrom(4));
    const few = LAYOUTS.filter(({ id }) => ["coil", "csr", "tap3_c"].includes(id));
    const found = understandBoard(made.board, { ...withLayouts(few), motorType: "split-phase" });
    expect(found).toMatchObject({ state: "unknown", answers: [], next: null });
    const groups = found.groups.map(({ posts }) => posts.length).sort();
    expect(groups).toEqual([2, 2, 3]);
    for (const { posts, spans } of found.groups) expect(spans).toHaveLength(posts.length - 1);
  });
  test("before all groups are known to be apart it asks which hang together", () => {
    const layout = LAYOUTS.find(({ id }) => id === "protected_main");
    if (!layout) throw new Error("the layout is in the catalogue");
    const made = simulateBoard(layout, null, randomFrom(5));
    const readings = made.board.readings.filter(({ kind }) => kind === "ohms");
    const found = understandBoard({ ...made.board, readings }, withLayouts(LAYOUTS.filter(({ id }) => id === "coil" || id === "csr")));
    expect(found).toMatchObject({ state: "open", next: { why: "groups" } });
  });
});

describe("settled", () => {
  const small = LAYOUTS.filter(({ roles }) => roles.length >= 4 && roles.length <= 6);
  const pairs = small.flatMap((a) =>
    small.filter((b) => b !== a && b.roles.length === a.roles.length).map((b) => [a.id, b.id, a, b] as const),
  );
  test.each(pairs)("%s and %s that fit the same readings are not settled between, unless they come to the same", (_a, _b, a, b) => {
    const random = randomFrom(a.id.length * 100 + b.id.length);
    const { board } = simulateBoard(a, null, random);
    const only = { ...USUAL_SOLVE, layouts: [b], spares: 0, limit: 1 };
    let readings: readonly BoardReading[] = board.readings;
    // Readings are taken away until the other layout fits as well.
    for (;;) {
      const { list } = solveWith(tableOf({ ...board, readings }), only, false);
      const [other] = list;
      if (other) {
        const found = understandBoard({ ...board, readings });
        const [best] = found.answers;
        if (found.state === "settled" && best) expect(windingsBetween(best)).toBe(windingsBetween(other));
        return;
      }
      if (readings.length <= 2) return;
      const out = Math.floor(random() * readings.length);
      readings = readings.filter((_, index) => index !== out);
    }
  });
  test.each([
    [
      "the capacitor lead touched once, at the high speed",
      [
        [0, 1, 12],
        [1, 4, 43.1],
        [1, 2, 5.4],
        [0, 3, 22.4],
        [2, 3, 5.4],
      ],
    ],
    [
      "at common",
      [
        [0, 1, 12],
        [0, 4, 31.2],
        [1, 2, 5.4],
        [0, 3, 22.4],
        [2, 3, 5.4],
      ],
    ],
    [
      "at the low speed",
      [
        [0, 1, 12],
        [3, 4, 53.5],
        [1, 2, 5.4],
        [0, 3, 22.4],
        [2, 3, 5.4],
      ],
    ],
  ] as const)("three speeds, %s: not settled, and it asks", (_, readings) => {
    const found = understandBoard({
      posts: 5,
      hasFrame: false,
      leadOhm: 0.2,
      leadStandardOhm: 0.05,
      readings: readings.map(([a, b, ohm]) => ({ a, b, kind: "ohms", ohm, standardUncertainty: (0.008 * ohm + 0.2) / Math.sqrt(3) })),
    });
    expect(found.state).toBe("open");
    expect(found.next).not.toBeNull();
  });
  test("each figure of a group of three posts and more is checked by another before it is settled", () => {
    const layout = LAYOUTS.find(({ id }) => id === "tap2_c");
    if (!layout) throw new Error("the layout is in the catalogue");
    const made = simulateBoard(layout, null, randomFrom(8));
    const post = (role: string): number => made.postOf[layout.roles.indexOf(role)] ?? -1;
    const wanted = [
      ["C", "HI"],
      ["HI", "LO"],
      ["C", "CAP"],
      ["HI", "CAP"],
    ].map((ends) => ends.map(post).sort().join());
    const readings = made.board.readings.filter(({ a, b }) => wanted.includes([a, b].sort().join()));
    const found = understandBoard({ ...made.board, readings });
    expect(found.state).toBe("open");
    expect(found.next?.why).not.toBe("unseen");
  });
});

test("sound boards, low in ohms and with slips among them: none is condemned, and none named wrongly where a figure could be checked", () => {
  const layouts = LAYOUTS.filter(({ roles }) => roles.length > 3 && roles.length <= 5);
  const tally = tallyBoards({ layouts, boards: howMany(3 * layouts.length, layouts.length), random: randomFrom(43) });
  expect([tally.condemned, tally.early]).toEqual([0, 0]);
  expect(tally.wrong - tally.wrongUncheckable).toBe(0);
  expect(tally.settled).toBeGreaterThan(howMany(layouts.length, layouts.length / 3));
});

test("a short that stands alone against all others counts once a person says that it stands", () => {
  const layout = LAYOUTS.find(({ id }) => id === "isolated2_switch_capacitor");
  if (!layout) throw new Error("the layout is in the catalogue");
  const made = simulateBoard(layout, { kind: "short", element: 1 }, randomFrom(12));
  const before = understandBoard(made.board);
  expect([before.state, accuses(before)]).toEqual(["contradiction", false]);
  const isAsked = (each: BoardReading): boolean => before.misfits.some(({ a, b }) => [a, b].includes(each.a) && [a, b].includes(each.b));
  const readings = made.board.readings.map((each) => (isAsked(each) ? { ...each, isSure: true } : each));
  const after = understandBoard({ ...made.board, readings });
  expect(after.state).not.toBe("contradiction");
  expect(after.answers[0]?.structure.fault?.kind).toBe("short");
});

test("the truth is among the answers of a board that is settled", () => {
  const random = randomFrom(91);
  for (const layout of LAYOUTS.filter(({ roles }) => roles.length === 5)) {
    const made = simulateBoard(layout, null, random);
    const found = understandBoard(made.board);
    if (found.state === "settled") expect(found.answers[0] && isTruth(found.answers[0], made)).toBe(true);
  }
});
