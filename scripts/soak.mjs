// npm run soak -- [kills] [files] [--minutes N] [--seed N] [--rounds N] [--houses N] [--begun N] [--no-sets]: kills, damaged files, two tabs, full storage,
// texts nobody expects, old tabs and long work on one card, over and over; stops by itself after ten minutes. Before that, the sets
// of which the tests walk a share are walked whole: every random case of the unit tests, and two thousand cards in the browser.
import { spawn, spawnSync } from "node:child_process";
import { once } from "node:events";
import { createServer } from "node:net";
import { measurePace } from "./lib/pace.mjs";
import { bin, childEnvironment, findChromium, installPackages, ROOT, run } from "./lib/prepare.mjs";

const numbers = process.argv
  .slice(2)
  .filter((each, index, all) => !each.startsWith("--") && !all[index - 1]?.startsWith("--"))
  .map(Number);
const option = (name, usual) => {
  const place = process.argv.indexOf(`--${name}`);
  return place < 0 ? usual : Number(process.argv[place + 1]);
};
const [kills = 60, files = 2000] = numbers;
const rounds = option("rounds", 25);
const seed = option("seed", 1);
const deadline = Date.now() + option("minutes", 10) * 60_000;

installPackages();
const executable = findChromium();
// From here on packages are there.
const { soakBegun, soakTeam } = await import("./soak/begun.mjs");
const { soakKills } = await import("./soak/kills.mjs");
const { soakWork } = await import("./soak/work.mjs");
if (!process.argv.includes("--no-build") && run(process.execPath, [bin("next/dist/bin/next"), "build", "--webpack"]) !== 0) process.exit(1);

let areSetsGood = true;
if (!process.argv.includes("--no-sets")) {
  const env = { VEMMICK_WHOLE: "1", VEMMICK_PACE: String(measurePace()), CHROMIUM_PATH: executable };
  areSetsGood = [["scripts/unit.mjs"], [bin("@playwright/test/cli.js"), "test", "many.spec"]].every(
    (args) => run(process.execPath, args, { env }) === 0,
  );
}

const probe = createServer().listen(0, "127.0.0.1");
await once(probe, "listening");
const { port } = probe.address();
await new Promise((resolve) => probe.close(resolve));
const server = spawn(process.execPath, [bin("next/dist/bin/next"), "start", "--hostname", "127.0.0.1", "--port", String(port)], {
  cwd: ROOT,
  stdio: "ignore",
  env: childEnvironment(),
});
const home = `http://127.0.0.1:${port}`;
let isUp = false;
for (let tries = 0; tries < 120 && !isUp; tries += 1) {
  await new Promise((resolve) => setTimeout(resolve, 250));
  isUp = await fetch(`${home}/favicon.svg`).then(
    ({ ok }) => ok,
    () => false,
  );
}
if (!isUp) throw new Error("the server did not start");

/** Damaged files need no browser; they run in a process of their own. */
function soakFiles() {
  const done = spawnSync(
    process.execPath,
    [bin("tsx/dist/cli.mjs"), "scripts/soak/files.ts", String(files), String(seed), String(deadline)],
    {
      cwd: ROOT,
      encoding: "utf8",
      env: childEnvironment(),
      maxBuffer: 64 * 1024 * 1024,
    },
  );
  if (done.status !== 0) return { counts: {}, trouble: [`damaged files: ${done.stderr.slice(-300)}`] };
  return JSON.parse(done.stdout.trim().split("\n").at(-1));
}

/** Five devices and what they do to one another; no browser either. `--houses N` of 20,000 acts each. */
function soakHouses(count) {
  const args = [bin("tsx/dist/cli.mjs"), "scripts/soak/house.ts", "20000", String(count), String(seed), String(deadline)];
  const done = spawnSync(process.execPath, args, { cwd: ROOT, encoding: "utf8", env: childEnvironment() });
  if (done.status !== 0) return { counts: {}, trouble: [`houses: ${done.stderr.slice(-300)}`] };
  return JSON.parse(done.stdout.trim().split("\n").at(-1));
}

let isGood = areSetsGood;
const report = (title, { counts, trouble }) => {
  console.log(
    `${title}: ${Object.entries(counts)
      .map(([name, count]) => `${name} ${count}`)
      .join(", ")}`,
  );
  for (const line of trouble.slice(0, 20)) console.log(`  ${line}`);
  if (trouble.length > 0) isGood = false;
};
try {
  if (files > 0) report("Damaged files", soakFiles());
  if (rounds > 0) report("Work", await soakWork({ rounds, seed, deadline, executable, home }));
  const houses = option("houses", 1);
  if (houses > 0) report("Houses", soakHouses(houses));
  if (kills > 0) report("Kills", await soakKills({ count: kills, seed, deadline, executable, home }));
  const more = { count: option("begun", kills), seed, deadline, executable, home };
  if (more.count > 0) report("Cards begun", await soakBegun(more));
  if (more.count > 0) report("Team files", await soakTeam(more));
} finally {
  server.kill("SIGTERM");
}
console.log(isGood ? "Nothing lost." : "Something was lost or broke: see above.");
process.exit(isGood ? 0 : 1);
