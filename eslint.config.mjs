import nextVitals from "eslint-config-next/core-web-vitals";
import prettier from "eslint-config-prettier";
import tseslint from "typescript-eslint";
import { publicDocstring } from "./scripts/lint/public-docstring.mjs";

const reactRules = nextVitals.flatMap(({ rules = {} }) => Object.keys(rules)).filter((name) => /^react(-hooks)?\//.test(name));
const withoutReact = Object.fromEntries(reactRules.map((name) => [name, "off"]));

export default tseslint.config(
  {
    ignores: [".next/**", "node_modules/**", "next-env.d.ts", "public/**", "test-results/**", ".artifacts/**", "*.config.cjs"],
  },
  ...nextVitals,
  ...tseslint.configs.recommended,
  {
    // No component and no hook is written there (the layers check holds it): rules of React would compile every file for nothing.
    files: ["src/{core,records,workers,devices}/**", "tests/**", "scripts/**", "*.{ts,mjs}"],
    ignores: ["**/*.tsx"],
    rules: withoutReact,
  },
  {
    // Rules that ask for types are the other linter's (.oxlintrc.json), which has the native compiler to ask.
    files: ["**/*.ts", "**/*.tsx"],
    rules: {
      "@typescript-eslint/no-explicit-any": "error",
      "@typescript-eslint/consistent-type-imports": "error",
    },
  },
  {
    // The core is pure: clock, chance, locale and browser are handed in by the caller.
    files: ["src/core/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-globals": ["error", "window", "document", "navigator", "localStorage", "indexedDB", "fetch"],
      "no-restricted-properties": [
        "error",
        { object: "Date", property: "now", message: "The core takes time as an argument." },
        { object: "Math", property: "random", message: "The core takes chance as an argument." },
      ],
      "no-restricted-syntax": [
        "error",
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: "The core takes time as an argument.",
        },
      ],
    },
  },
  {
    files: ["src/core/*/*.ts"],
    ignores: ["**/*.test.ts"],
    plugins: { house: { rules: { "public-docstring": publicDocstring } } },
    rules: { "house/public-docstring": "error" },
  },
  {
    // The moment of a change is handed to it: a change that asks the clock itself cannot be made again.
    files: ["src/features/**/*.tsx"],
    rules: {
      "no-restricted-syntax": [
        "error",
        {
          selector: "CallExpression[callee.name=/^(change|onChange|update)$/] NewExpression[callee.name='Date'][arguments.length=0]",
          message: "Take the moment from the change's second parameter.",
        },
      ],
    },
  },
  prettier,
);
