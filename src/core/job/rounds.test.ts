import { beginRound, changeInTime, MOST_ROUNDS, workBetween, type Round, type TimedRow, type TimedStation } from "./rounds";

const at = (minute: number, second = 0): string => new Date(Date.UTC(2026, 10, 23, 9, minute, second)).toISOString();
const BLANK = { label: "", figure: null, list: [], photo: null, note: "" };
type Row = { [Field in keyof typeof BLANK]: unknown };
const STATION: TimedStation = {
  reads: ["start-gear"],
  blank: BLANK,
  describe: (data) => ({ ...BLANK, label: (data as Row).label }),
};
const read = (text: string, minute: number) => ({ text, reading: { at: at(minute) } });
const row = (data: Partial<Row>, minute: number, earlier: readonly Round[] = []): TimedRow => ({
  data: { ...BLANK, ...data },
  earlier,
  updatedAt: at(minute),
});
const cleaned = (minute: number) => ({ work: "clean-contacts" as const, at: at(minute) });
const FOUND = { label: "switch", figure: read("900", 5) };

test.each<[string, TimedRow, readonly { readonly work: "clean-contacts" | "free-governor"; readonly at: string }[], string | null]>([
  ["nothing was done", row(FOUND, 5), [], null],
  ["it was read before the work", row(FOUND, 5), [cleaned(10)], at(10)],
  ["of two works the later, whichever was noted first", row(FOUND, 5), [cleaned(12), { work: "free-governor", at: at(10) }], at(12)],
  ["one of two figures was read after it", row({ ...FOUND, list: [read("0.2", 11)] }, 11), [cleaned(10)], null],
  ["read at the very moment of the work", row({ ...FOUND, figure: read("900", 10) }, 10), [cleaned(10)], at(10)],
  ["a record of taps alone, changed before it", row({ list: ["rough"] }, 9), [cleaned(10)], at(10)],
  ["changed at its very moment", row({ list: ["rough"] }, 10), [cleaned(10)], null],
  ["blank", row({}, 5), [cleaned(10)], null],
  ["described and not read", row({ label: "switch" }, 5), [cleaned(10)], null],
  ["set aside for it already", row(FOUND, 5, [{ why: "work", at: at(11), data: BLANK }]), [cleaned(10)], null],
  ["set aside at its very moment", row(FOUND, 5, [{ why: "work", at: at(10), data: BLANK }]), [cleaned(10)], null],
  ["set aside for a work before", row(FOUND, 5, [{ why: "work", at: at(8), data: BLANK }]), [cleaned(10)], at(10)],
  ["only read once more since", row(FOUND, 5, [{ why: "repeat", at: at(11), data: BLANK }]), [cleaned(10)], at(10)],
])("the work between what stands and what comes: %s", (_, kept, works, expected) =>
  expect(workBetween(STATION, kept, works)?.at ?? null).toBe(expected),
);

test("a station that reads nothing has no work between", () =>
  expect(workBetween({ ...STATION, reads: undefined }, row(FOUND, 5), [cleaned(10)])).toBeNull());

const changed = (kept: TimedRow, change: Partial<Row>, minute: number, second = 0) =>
  changeInTime(STATION, kept, (data) => ({ ...(data as Row), ...change }), [], at(minute, second));
test.each<[string, Partial<Row>, Partial<Row>, number, number, boolean]>([
  ["stood for a minute and a second", FOUND, { figure: read("91", 6) }, 6, 1, true],
  ["stood for a minute", FOUND, { figure: read("91", 6) }, 6, 0, false],
  ["the same figure keyed again", FOUND, { figure: read("900", 8) }, 8, 0, false],
  ["moved within a list", { list: [read("1", 4), read("2", 5)] }, { list: [read("2", 5)] }, 8, 0, true],
  ["moved, and nothing lost", { list: [read("2", 5)] }, { list: [read("1", 8), read("2", 5)] }, 8, 0, false],
  ["another of the same moment", { list: [read("2", 5)] }, { list: [read("1", 8), read("3", 5)] }, 8, 0, true],
  ["a figure beside it", FOUND, { list: [read("1", 8)] }, 8, 0, false],
])("a figure that another takes the place of: %s", (_, before, after, minute, second, isKept) => {
  const { earlier } = changed(row(before, 5), after, minute, second);
  expect(earlier.map(({ why }) => why)).toEqual(isKept ? ["replaced"] : []);
});

test.each<[string, Partial<Row>, boolean]>([
  ["a note", { note: "smells" }, false],
  ["a label", { label: "relay" }, false],
  ["a picture", { photo: "photo:1" }, false],
  ["nothing at all", {}, false],
  ["a figure", { figure: read("0.2", 20) }, true],
  ["a figure and a note", { figure: read("0.2", 20), note: "cleaned" }, true],
])("after a work %s begins a new time: %s", (_, change, begins) => {
  const { earlier } = changeInTime(STATION, row(FOUND, 5), (data) => ({ ...(data as Row), ...change }), [cleaned(10)], at(20));
  expect(earlier.map(({ why }) => why)).toEqual(begins ? ["work"] : []);
});

test("what is no record is kept as it is, and sets nothing aside", () => {
  const kept: TimedRow = { data: null, earlier: [], updatedAt: at(5) };
  expect(changeInTime(STATION, kept, () => BLANK, [cleaned(10)], at(20))).toEqual({ data: BLANK, earlier: [] });
  expect(changeInTime(STATION, row(FOUND, 5), () => null, [cleaned(10)], at(20))).toEqual({ data: null, earlier: [] });
});

test("pictures stay with the record in hand, wherever they lie", () => {
  const data = { ...FOUND, photo: "photo:12", list: [{ photo: "data:image/png;base64,AA", text: "photo of it" }] };
  const [round] = beginRound(STATION, row(data, 5), "repeat", [], at(7)).earlier;
  expect(round?.data).toEqual({ ...BLANK, ...FOUND, photo: null, list: [{ photo: null, text: "photo of it" }] });
});

test("far more than one station is read: what another took the place of goes first, then the oldest", () => {
  const rounds = (why: (index: number) => Round["why"]): Round[] =>
    Array.from({ length: MOST_ROUNDS }, (_, index) => ({ why: why(index), at: at(0, index), data: { index } }));
  const after = (earlier: Round[]) => beginRound(STATION, row(FOUND, 5, earlier), "repeat", [], at(7)).earlier;
  const full = after(rounds(() => "repeat"));
  expect(full).toHaveLength(MOST_ROUNDS);
  expect(full[0]?.data).toEqual({ index: 1 });
  const spared = after(rounds((index) => (index === 5 || index === 9 ? "replaced" : "work")));
  expect(spared).toHaveLength(MOST_ROUNDS);
  expect(spared.map(({ data }) => (data as { index?: number }).index)).not.toContain(5);
  expect(spared.map(({ data }) => (data as { index?: number }).index)).toContain(9);
  expect(after(rounds(() => "repeat").slice(1))).toHaveLength(MOST_ROUNDS);
});
