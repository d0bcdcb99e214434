// For `npm run mutants -- FOLDER --every`: each test file by itself, so that the runner can tell which test reaches which line.
import nextJest from "next/jest.js";

export default nextJest({ dir: "./" })({
  rootDir: import.meta.dirname,
  testEnvironment: "node",
  testMatch: (process.env.VEMMICK_TESTS ?? "src/core").split(" ").map((folder) => `<rootDir>/${folder}/**/*.test.ts`),
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1" },
});
