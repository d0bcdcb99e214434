import { AsyncLocalStorage } from "node:async_hooks";
import nextJest from "next/jest.js";
import { ceilingMs } from "./scripts/lib/pace.mjs";
import { groupTests, unitTests } from "./scripts/lib/unit-bundles.mjs";

// next/jest brings Next's own listeners into the runner; without this global they throw when a promise is refused while it
// leaves, and take the report of a good run with them.
globalThis.AsyncLocalStorage ??= AsyncLocalStorage;

const usual = { rootDir: import.meta.dirname, testEnvironment: "node" };
/** Nothing is left to compile, and nothing to resolve but packages. */
const compiled = { ...usual, displayName: "compiled", testMatch: ["<rootDir>/.artifacts/unit/**/*.test.js"], transform: {} };
const { VEMMICK_APART } = process.env;
const files = VEMMICK_APART === undefined ? groupTests(unitTests()).apart : VEMMICK_APART.split(" ").filter(Boolean);
const apart = await nextJest({ dir: "./" })({
  ...usual,
  displayName: "apart",
  // All of them draw a page.
  setupFilesAfterEnv: ["<rootDir>/tests/support/patient.ts"],
  testMatch: files.map((file) => `<rootDir>/${file}`),
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1" },
})();

const config = { maxWorkers: 2, testTimeout: ceilingMs(60_000), projects: files.length > 0 ? [compiled, apart] : [compiled] };
export default config;
