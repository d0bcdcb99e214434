import { readdirSync, readFileSync } from "node:fs";
import { casesOf, compare, type CaseFile } from "../../scripts/reference/case-file";
import { checkCase } from "../../scripts/reference/checkers";
import { tallyOf } from "../../scripts/reference/reading-tally";

const FOLDER = "tests/reference/cases";
/** Sets that simulate for seconds a case: the whole check (scripts/test.mjs) has them in a step of their own, and only them. */
const SLOW = /^(lead_pairs_needed|nameplate_estimation|motor_dynamic)/;
const cases = readdirSync(FOLDER)
  .filter((name) => !SLOW.test(name))
  .flatMap((name) => {
    const file = JSON.parse(readFileSync(`${FOLDER}/${name}`, "utf8")) as CaseFile;
    return casesOf(file).map((reference) => [reference.id, file, reference] as const);
  });

test.each(cases)("%s", (_id, file, reference) => {
  expect(checkCase(file.set, reference, file.tolerance)).toEqual([]);
});

describe("the table of readings in the docs", () => {
  const rows = [...readFileSync("docs/reading.md", "utf8").matchAll(/^\| (\w+\.open[23]?) +((?:\| +\d+ +){5})\|$/gm)].map(
    ([, name = "", cells = ""]) => ({
      name,
      counts: cells.match(/\d+/g)?.map(Number),
    }),
  );
  const fileOf = (name: string) => JSON.parse(readFileSync(`${FOLDER}/${name}.json`, "utf8")) as CaseFile;
  test("has every file of texts", () => {
    const files = readdirSync(FOLDER).filter((name) => /readings|labels|designations|plate_fields|phrases/.test(name));
    expect(rows.map(({ name }) => `${name}.json`).sort()).toEqual(files.sort());
  });
  test.each(rows)("$name", ({ name, counts }) => {
    const { set, cases: listed, tolerance } = fileOf(name);
    const tally = tallyOf(set, listed, tolerance);
    expect(counts).toEqual([listed.length, tally?.read, tally?.asked, tally?.refused, tally?.wrong]);
    expect(tally?.wrong).toBe(0);
  });
});

describe("the checker itself", () => {
  const diagnosis = (inputs: Record<string, unknown>, outputs: Record<string, unknown> = {}) =>
    checkCase(
      "diagnosis",
      { id: "x", inputs: { motor: { type: "psc", machine: "fan" }, complaints: [], findings: [], ...inputs }, outputs },
      {},
    );
  test.each([
    ["a kind of finding nobody knows", { findings: [{ test: "x-ray" }] }, /unknown kind of finding: x-ray/],
    ["a field nobody knows", { findings: [{ test: "run-amps", amps: 2, phase: 3 }] }, /run-amps: unknown phase/],
    ["a complaint nobody knows", { complaints: ["sulks"] }, /unknown complaint: sulks/],
    ["a figure that cannot be read", { findings: [{ test: "run-amps", amps: "lots" }] }, /cannot be read as current/],
    ["a motor field nobody knows", { motor: { type: "psc", machine: "fan", mood: "bad" } }, /motor: unknown mood/],
  ])("%s fails its case in words, and is no crash", (_, inputs, words) => {
    const [miss] = diagnosis(inputs);
    expect(miss?.field).toBe("case");
    expect(String(miss?.got)).toMatch(words);
  });
  test("an output nobody judges fails its case", () => {
    expect(String(diagnosis({}, { mood: "good" })[0]?.got)).toMatch(/unknown output: mood/);
  });
  test("a set without a checker fails", () => {
    expect(checkCase("weather", { id: "x", inputs: {}, outputs: {} }, {})).toMatchObject([{ field: "set" }]);
  });
  test("two capacitors of a case are two parts of the card", () => {
    const part = {
      test: "capacitor-meter",
      rated_uf: 20,
      tolerance_low_pct: -5,
      tolerance_high_pct: 5,
      reading_uf: 20,
      reading_word: null,
    };
    const start = { test: "capacitor-meter", role: "start", range_low_uf: 130, range_high_uf: 156, reading_uf: 61, reading_word: null };
    const motor = { type: "cap-start-run", machine: "pump" };
    const judged = diagnosis(
      { motor, complaints: ["hums-no-start"], findings: [{ ...part, role: "run" }, start] },
      { top: ["start-capacitor"] },
    );
    expect(judged).toEqual([]);
  });
});

describe("the comparison itself", () => {
  test.each([
    [1, 1.0000005, []],
    [1, 1.1, [{ field: "", expected: 1, got: 1.1 }]],
    [null, 0, [{ field: "", expected: null, got: 0 }]],
    [[1, 2], [1], [{ field: ".length", expected: 2, got: 1 }]],
    [{ a: { b: "x" } }, { a: { b: "y" } }, [{ field: "a.b", expected: "x", got: "y" }]],
  ])("%j against %j", (expected, got, misses) => {
    expect(compare(expected, got, { relative: 1e-6 })).toEqual(misses);
  });
  test("a field's own tolerance comes before the common one", () => {
    const tolerance = { relative: 1e-9, p_conform: { absolute: 0.01 }, poles: "exact" as const };
    expect(compare({ p_conform: 0.5, poles: 4 }, { p_conform: 0.505, poles: 4 }, tolerance)).toEqual([]);
    expect(compare({ poles: 4 }, { poles: 4.0001 }, tolerance)).toHaveLength(1);
  });
});
