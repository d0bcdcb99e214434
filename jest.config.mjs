import nextJest from "next/jest.js";
const createJestConfig = nextJest({ dir: "./" });
export default createJestConfig({
  testEnvironment: "node",
  testMatch: ["<rootDir>/src/**/*.test.{ts,tsx}", "<rootDir>/tests/{reference,unit}/**/*.test.ts"],
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1" },
});
