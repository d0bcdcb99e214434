import { readdirSync, readFileSync } from "node:fs";
import type { CaseFile } from "../../scripts/reference/case-file";
import { compare } from "../../scripts/reference/case-file";
import { CHECKERS } from "../../scripts/reference/checkers";

const FOLDER = "tests/reference/cases";
/** Sets that simulate for seconds a case: the reference command of the whole check has them, once. */
const SLOW = /^(lead_pairs_needed|nameplate_estimation|motor_dynamic)/;
const cases = readdirSync(FOLDER)
  .filter((name) => !SLOW.test(name))
  .flatMap((name) => {
    const file = JSON.parse(readFileSync(`${FOLDER}/${name}`, "utf8")) as CaseFile;
    return file.cases.map((reference) => [reference.id, file, reference] as const);
  });

test.each(cases)("%s", (_id, file, reference) => {
  expect(CHECKERS[file.set]?.(reference, file.tolerance)).toEqual([]);
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
