import { execFileSync } from "node:child_process";
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";

const FOLDERS = readdirSync("src/core", { withFileTypes: true }).flatMap((each) => (each.isDirectory() ? [each.name] : []));

/** Worked figures of the form `name(1, 2) = 3`, with the folder of the core they stand in. */
const WORKED = FOLDERS.flatMap((folder) =>
  readdirSync(join("src/core", folder))
    .filter((file) => file.endsWith(".ts") && !file.includes(".test."))
    .flatMap((file) =>
      [...readFileSync(join("src/core", folder, file), "utf8").matchAll(/@example (\w+)\(([-\d., ]+)\) = (-?[\d.]+)\s/g)].map(
        ([, name = "", args = "", value = ""]) => ({
          folder,
          file,
          name,
          args: args.split(",").map(Number),
          value,
        }),
      ),
    ),
);

test("worked figures were found", () => expect(WORKED.length).toBeGreaterThan(10));

test.each(WORKED)("$folder: $name($args) = $value, to the last digit that is given", async ({ folder, file, name, args, value }) => {
  const exported = (await import(`../../src/core/${folder}/${file.replace(".ts", "")}.ts`)) as Record<string, unknown>;
  const fn = exported[name];
  if (typeof fn !== "function") throw new Error(`${name} is not exported by ${folder}/${file}`);
  const decimals = value.split(".")[1]?.length ?? 0;
  expect(Number(fn(...args))).toBeCloseTo(Number(value), decimals);
});

/** The rule alone, on a text from the standard input as if it were due.ts: the whole set of rules would need the whole project. */
const LINT = `
  import { readFileSync } from "node:fs";
  import { Linter } from "eslint";
  import tseslint from "typescript-eslint";
  import { publicDocstring } from "./scripts/lint/public-docstring.mjs";
  const config = {
    files: ["**/*.ts"],
    languageOptions: { parser: tseslint.parser },
    plugins: { house: { rules: { "public-docstring": publicDocstring } } },
    rules: { "house/public-docstring": "error" },
  };
  const linter = new Linter({ configType: "flat" });
  console.log(JSON.stringify(linter.verify(readFileSync(0, "utf8"), [config], { filename: "src/core/due/due.ts" })));
`;

test("the linter asks for parameters, units, results and worked figures of what a folder exports", () => {
  const text = `
    export function dueOn(due: string, visitDay: number): number {
      return due.length + visitDay;
    }
    /**
     * Says whether.
     * @param length how long
     * @returns whether
     * @example none
     */
    export const isStillDue = (length: number, { on }: { readonly on: boolean }): boolean => on && length > 0;
    /**
     * Adds.
     * @param aMm one [mm]
     * @param bMm the other [mm]
     */
    export function DUE_KINDS(aMm: number, bMm: number): number {
      return aMm + bMm;
    }
    /** Not exported by the index. */
    export const aside = (length: number): number => length;
  `;
  const said = execFileSync(process.execPath, ["--input-type=module", "-e", LINT], { input: text, encoding: "utf8" });
  const messages = JSON.parse(said) as { ruleId: string; message: string }[];
  expect(messages.filter(({ ruleId }) => ruleId === "house/public-docstring").map(({ message }) => message)).toEqual([
    "dueOn has no docstring.",
    "isStillDue: parameter length is a plain number; say its unit in its name or in [brackets].",
    "isStillDue says nothing of its parameter that is taken apart (@param).",
    "DUE_KINDS does not say what it returns (@returns).",
    "DUE_KINDS makes a number of numbers: give a worked figure (@example DUE_KINDS(…) = …).",
  ]);
});
