import { AsyncLocalStorage } from "node:async_hooks";
import nextJest from "next/jest.js";

// next/jest brings Next's own listeners into the runner; without this global they throw when a promise is refused while it
// leaves, and take the report of a good run with them.
globalThis.AsyncLocalStorage ??= AsyncLocalStorage;

const createJestConfig = nextJest({ dir: "./" });
export default createJestConfig({
  testEnvironment: "node",
  // Beside the checks of the sources one worker would leave a core idle at the end.
  maxWorkers: 2,
  // The first interface test of a worker starts slowly on a busy machine.
  testTimeout: 30_000,
  setupFilesAfterEnv: ["<rootDir>/tests/support/patient.cjs"],
  testMatch: ["<rootDir>/src/**/*.test.{ts,tsx}", "<rootDir>/tests/{reference,unit}/**/*.test.ts"],
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1" },
});
