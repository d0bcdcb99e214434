import * as v from "valibot";
import { plainAt } from "./plain-at";
import { field, fieldAt, fieldPaths, recordOf } from "./record-fields";

const shape = recordOf({
  volts: field.reading("voltage"),
  ambient: field.plain("ambient"),
  turn: field.oneOf(["free", "tight"]),
  signs: field.someOf(["oil", "rust"]),
  push: field.group({ result: field.oneOf(["runs", "stops"]), note: field.note() }),
});

test("a record is what its fields are: blank, sound, and refused where one of them is not", () => {
  expect(shape.blank).toEqual({ volts: null, ambient: "", turn: null, signs: [], push: { result: null, note: "" } });
  expect(v.is(shape.schema, shape.blank)).toBe(true);
  expect(v.is(shape.schema, { ...shape.blank, turn: "loose" })).toBe(false);
  expect(v.is(shape.schema, { ...shape.blank, push: { result: "runs" } })).toBe(false);
  expect(v.is(shape.schema, {})).toBe(false);
});

test("as many of a list as apply, each of it", () => {
  const kept = { ...shape.blank, signs: ["oil", "rust"] };
  expect(v.is(shape.schema, kept)).toBe(true);
  expect(v.is(shape.schema, { ...shape.blank, signs: ["smoke"] })).toBe(false);
});

test.each<[string, string | undefined]>([
  ["turn", "one"],
  ["push", "group"],
  ["push.result", "one"],
  ["push.note", "note"],
  ["push.nothing", undefined],
  ["turn.result", undefined],
  ["nothing", undefined],
  ["nothing.result", undefined],
])("the field at %s", (path, kind) => expect(fieldAt(shape.fields, path)?.kind).toBe(kind));

test("the ways to all fields go into groups", () =>
  expect(fieldPaths(shape.fields)).toEqual(["volts", "ambient", "turn", "signs", "push.result", "push.note"]));

test("a plain figure is read as its field says, and nothing else is read so", () => {
  expect(plainAt(shape, { ambient: "-25 °C" }, "ambient")).toEqual({ value: -25, failure: null });
  expect(plainAt(shape, { ambient: "" }, "ambient")).toEqual({ value: null, failure: null });
  expect(() => plainAt(shape, { turn: "free" } as never, "turn" as never)).toThrow("a plain field, got turn");
  expect(() => plainAt(shape, {} as never, "nothing" as never)).toThrow("a plain field, got nothing");
});
