import { defineConfig, devices } from "@playwright/test";
import { BROWSER_FLAGS } from "./scripts/lib/browser-flags.mjs";
import { ceilingMs } from "./scripts/lib/pace.mjs";
import { START_STATE } from "./tests/e2e/support/start-state-path";

const PORT = Number(process.env.E2E_PORT ?? 3217);

/** Drives the production build as people use it; each test starts with a browser profile of its own, as a first visit left it. */
export default defineConfig({
  testDir: "tests/e2e",
  globalSetup: "./tests/e2e/support/start-state.ts",
  outputDir: ".artifacts/browser",
  fullyParallel: true,
  workers: 2,
  retries: process.env.CI ? 1 : 0,
  timeout: ceilingMs(120_000),
  expect: { timeout: ceilingMs(15_000) },
  reporter: [["line"], ["json", { outputFile: ".artifacts/browser.json" }]],
  use: {
    ...devices["Desktop Chrome"],
    viewport: { width: 1280, height: 800 },
    baseURL: `http://127.0.0.1:${PORT}`,
    // Only the offline tests want the service worker; the others test what was just built.
    serviceWorkers: "block",
    storageState: START_STATE,
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? "/usr/bin/chromium",
      args: BROWSER_FLAGS,
    },
    // Tracing every test costs a third of its time; the second try of a failed one is traced.
    trace: "on-first-retry",
  },
  webServer: {
    command: `node node_modules/next/dist/bin/next start --hostname 127.0.0.1 --port ${PORT}`,
    url: `http://127.0.0.1:${PORT}/favicon.svg`,
    reuseExistingServer: false,
    env: { NEXT_TELEMETRY_DISABLED: "1" },
  },
});
