// npm run bench: the speed figures, each beside its goal. Builds first; needs no network. npm run bench -- browser measures only
// the chapters whose name has that word.
import { spawn, spawnSync } from "node:child_process";
import { BROWSER_FLAGS } from "./lib/browser-flags.mjs";
import {
  exportFigures,
  findTimes,
  heapMb,
  keysOnCard,
  median,
  nativeReads,
  openStore,
  quietMs,
  scrollFrames,
  timeToUsable,
} from "./bench/store-figures.mjs";
import { pdfTimes } from "./bench/paper-figures.mjs";
import { FIRST_CARD, firstLoads, keptTimes, keystrokes, offlineReloads, sliderSteps, stationSwitches } from "./bench/screen-figures.mjs";
import { teamFigures } from "./bench/team-figures.mjs";
import { storedFiles } from "./lib/first-load.mjs";
import { bin, childEnvironment, findChromium, installPackages, ROOT, run } from "./lib/prepare.mjs";

installPackages();
const executablePath = findChromium();
const { chromium } = await import("@playwright/test");
if (run(process.execPath, [bin("next/dist/bin/next"), "build", "--webpack"], { stdio: "ignore" }) !== 0)
  throw new Error("The build failed: run npm run build to see why.");

const PORT = 3419;
const HOME = `http://127.0.0.1:${PORT}`;
const args = BROWSER_FLAGS;
/** A technician's phone against this machine. */
const SLOWER = 4;
const at = (sorted, fraction) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * fraction))];

async function startServer() {
  const server = spawn(process.execPath, [bin("next/dist/bin/next"), "start", "--hostname", "127.0.0.1", "--port", String(PORT)], {
    cwd: ROOT,
    env: childEnvironment(),
    stdio: "ignore",
  });
  for (let tries = 0; tries < 100; tries += 1) {
    if ((await fetch(`${HOME}/favicon.svg`).catch(() => null))?.ok) return server;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  throw new Error("The server did not start.");
}

/** Screens of a store of one size: what a person waits for, medians [ms]. */
async function screensOf(context) {
  const card = `${HOME}/traveller?id=big-000000&station=capacitor`;
  return {
    rackMs: median(await timeToUsable(context, HOME, FIRST_CARD)),
    ledgerMs: median(await timeToUsable(context, `${HOME}/ledger`, FIRST_CARD)),
    cardMs: median(await timeToUsable(context, card, "[data-instrument]")),
    keyMs: median(await keysOnCard(context, `${HOME}/traveller?id=big-000000&station=complaint`)),
  };
}
/** The 95th percentile of times in any order. */
const highest = (times) =>
  at(
    [...times].sort((a, b) => a - b),
    0.95,
  );
const WORDS_TO_FIND = ["cinema", "fan cap", "lindqvist", "6203"];

/** A small store and a big one, each in a profile of its own, beside native reads of the same rows in the same run. */
async function stores() {
  const where = { chromium, executablePath, args, home: HOME };
  const small = await openStore(where, { cards: 100, parts: 50 });
  const few = await screensOf(small.context);
  await small.close();
  const { context, close } = await openStore(where, { cards: 20_000, parts: 500 });
  try {
    const native = await nativeReads(context, HOME, "big-000000");
    const many = await screensOf(context);
    const ms = (value) => `${value.toFixed(0)} ms`;
    console.log("\n20,000 cards, 500 shelf lines; native: the same rows read without the program, in the same browser");
    row("Rack usable", ms(many.rackMs), `≤ 1.2 × with 100 cards: ${(many.rackMs / few.rackMs).toFixed(2)} ×; native ${ms(native.rack)}`);
    row("Rack at rest, last long task ended", ms(await quietMs(context, HOME)), "≤ 2,000 ms");
    row("Key on a card", `${many.keyMs.toFixed(1)} ms`, `≤ 1.1 × with 100 cards: ${(many.keyMs / few.keyMs).toFixed(2)} ×`);
    const found = await findTimes(context, HOME, "section[aria-labelledby=on-the-rack]", WORDS_TO_FIND);
    row("Find on the Rack, a key, 95th percentile", ms(highest(found)), `≤ 50 ms; median ${ms(median(found))}`);
    const listed = await findTimes(context, `${HOME}/ledger`, "section[aria-labelledby=visits]", WORDS_TO_FIND);
    row("Find in the Ledger, a key, 95th percentile", ms(highest(listed)), `≤ 50 ms; median ${ms(median(listed))}`);
    row("Ledger usable", ms(many.ledgerMs), `≤ 500 ms; native, its keys alone: ${ms(native.keys)}`);
    const frames = await scrollFrames(context, `${HOME}/ledger`);
    row("Ledger, frames a second while scrolled", frames.perSecond.toFixed(0), `≥ 58; longest frame ${ms(frames.longestMs)}`);
    row("Card with 7 earlier visits usable", ms(many.cardMs), `≤ 400 ms; native ${ms(native.card)}`);
    const motorMs = median(await timeToUsable(context, `${HOME}/motor?card=big-000040`, "#figures"));
    row("A motor's page, 40 visits, usable", ms(motorMs), "≤ 400 ms");
    const learntMs = median(await timeToUsable(context, `${HOME}/learnt`, "#offers, #nothing-learnt"));
    row("What the house has learnt, opened to answered", ms(learntMs), "≤ 1,000 ms in its worker");
    const { seconds, mb } = await exportFigures(context, HOME);
    row(
      "Export of everything",
      `${seconds.toFixed(1)} s, ${mb.toFixed(0)} MB`,
      `≤ 1.5 × the native read of ${(native.all / 1000).toFixed(1)} s, and ≤ 110 MB`,
    );
    const another = await openStore(where, { cards: 1, parts: 1 });
    const team = await teamFigures(context, another.context, HOME, "big-000000");
    await another.close();
    row("Team: everything written for the first time", `${team.sharedS.toFixed(0)} s`, "once a device");
    row("Team: its folder", `${team.folderMb.toFixed(0)} MB`, `≤ 1.5 × the export: ${(team.folderMb / mb).toFixed(2)} ×`);
    row("Team: a new device takes all in", `${team.takenS.toFixed(0)} s, ${team.cards} cards`, "≤ 60 s, with progress");
    row("Team: a changed card out, median", `${ms(median(team.outs))}, ${team.outBytes} bytes`, "≤ 200 ms and ≤ 20 kB");
    row("Team: in at another, median", ms(median(team.ins)), "≤ 300 ms");
    row("Team: an exchange with nothing new", ms(team.restMs), "does not grow with the age of the house");
    row("Memory of the Rack", `${(await heapMb(context, HOME, FIRST_CARD)).toFixed(0)} MB`, "≤ 60 MB");
  } finally {
    await close();
  }
}

const row = (name, figure, goal) => console.log(`${name.padEnd(58)} ${figure.padStart(22)}   goal ${goal}`);
let failures = 0;

/** One part of the figures: what it has is printed, and what fails is said without keeping the others back. */
async function part(name, act) {
  try {
    await act();
  } catch (error) {
    failures += 1;
    console.log(`${name.padEnd(58)} could not be measured: ${error instanceof Error ? error.message.split("\n")[0] : String(error)}`);
  }
}

/** Runs a script of its own; what it cannot do is an error with its last words. */
function measure(script) {
  const { stdout, stderr, status } = spawnSync(process.execPath, [bin("tsx/dist/cli.mjs"), `scripts/bench/${script}.ts`], {
    cwd: ROOT,
    encoding: "utf8",
    maxBuffer: 64 * 1024 * 1024,
  });
  if (status !== 0) throw new Error(`${script} ended with ${status}: ${stderr.trim().split("\n").at(-1) ?? ""}`);
  return JSON.parse(stdout);
}

/** A server of an earlier run on this port would be measured in place of this one. */
async function isPortTaken() {
  return (await fetch(`${HOME}/favicon.svg`).catch(() => null)) !== null;
}

async function inBrowser() {
  if (await isPortTaken()) throw new Error(`port ${PORT} is taken: end what listens there and run this again`);
  const server = await startServer();
  const stop = () => server.kill("SIGKILL");
  // Whatever ends this run ends its server too: an orphan on the port makes the next one hang.
  process.once("exit", stop);
  for (const signal of ["SIGINT", "SIGTERM"]) process.once(signal, () => process.exit(1));
  const browser = await chromium.launch({ executablePath, args });
  try {
    await part("First-load JavaScript", async () => {
      for (const { name, kb, goalKb } of await firstLoads(HOME))
        row(`First-load JavaScript, ${name}`, `${kb.toFixed(0)} kB gzip`, `≤ ${goalKb} kB`);
      const { copies, files, mb } = storedFiles();
      row("Copies of a script, by bytes", copies.toFixed(2), "≤ 1.25");
      row("Stored at the first visit", `${mb.toFixed(2)} MB in ${files} files`, "≤ 2.4 MB on the wire, ≤ 150 files");
    });
    const timed = (name, times, goal) =>
      row(`${name}, 95th percentile of ${times.length}`, `${at(times, 0.95).toFixed(1)} ms (median ${at(times, 0.5).toFixed(1)})`, goal);
    const STAMP = "#bench [role=status]";
    await part("Key to stamp", async () => timed("Key to stamp", await keystrokes(browser, HOME, STAMP, "painted"), "≤ 50 ms"));
    await part("Key to kept", async () => timed("Key to kept", await keptTimes(browser, HOME), "≤ 300 ms"));
    await part("Key to line-up and next move", async () =>
      timed("Key to line-up and next move", await keystrokes(browser, HOME, "aside[aria-label=Case]", "changed"), "≤ 30 ms"),
    );
    await part("What-if slider to redrawn curves", async () =>
      timed("What-if slider to redrawn curves", await sliderSteps(browser, HOME), "≤ 50 ms"),
    );
    console.log(`\nOn a processor ${SLOWER} times slower`);
    await part("Key to stamp, slowed", async () =>
      timed("Key to stamp", await keystrokes(browser, HOME, STAMP, "painted", SLOWER), "≤ 80 ms"),
    );
    await part("Station switch, slowed", async () => timed("Station switch", await stationSwitches(browser, HOME, SLOWER), "≤ 150 ms"));
    await part("What-if slider, slowed", async () =>
      timed("What-if slider to redrawn curves", await sliderSteps(browser, HOME, SLOWER), "≤ 100 ms"),
    );
    await part("Stores of any size", stores);
    await part("PDF of a visit", async () => {
      const times = await pdfTimes(browser, HOME);
      row("PDF of a visit with 6 photos, median", `${(at(times, 0.5) / 1000).toFixed(1)} s`, "≤ 3 s");
    });
    await part("Offline reload to usable", async () => {
      const { asItIs, slowed } = await offlineReloads({ chromium, executablePath, args, home: HOME }, server, SLOWER);
      const reload = (name, times, goal) =>
        row(
          `${name}, median of ${times.length}`,
          `${at(times, 0.5).toFixed(0)} ms (${times[0].toFixed(0)} to ${times.at(-1).toFixed(0)})`,
          goal,
        );
      reload("Offline reload to usable", asItIs, "≤ 1000 ms");
      reload(`The same, ${SLOWER} times slower`, slowed, "≤ 1200 ms");
    });
  } finally {
    await browser.close();
    stop();
  }
}

const wanted = (process.argv[2] ?? "").toLowerCase();
/** A chapter of the figures, unless another was asked for. */
const chapter = async (name, act) => (name.toLowerCase().includes(wanted) ? part(name, act) : undefined);

console.log("");
await chapter("Figures in the browser", inBrowser);
await chapter("Assess and weigh one traveller", () => {
  const core = measure("assess");
  row(
    `Assess and weigh one traveller (${core.stations} stations), median`,
    `${core.medianMs.toFixed(3)} ms (p95 ${core.p95Ms.toFixed(3)})`,
    "≤ 1 ms",
  );
});
await chapter("Combinations", () => {
  const combinations = measure("combinations");
  for (const { list, medianMs, longestMs, bruteMs } of combinations) {
    row(
      `Combinations of 2 to 4 from 200 lines, ${list}`,
      `${medianMs.toFixed(1)} ms (longest ${longestMs.toFixed(0)})`,
      `≤ 200 ms; brute force ${(bruteMs / 1000).toFixed(1)} s, ${(bruteMs / medianMs).toFixed(0)} times as long`,
    );
  }
});
await chapter("Boards", () => {
  const boards = measure("boards");
  row(
    "Board of 8 posts, all pairs read, median",
    `${boards.solve8.medianMs.toFixed(1)} ms (longest ${boards.solve8.longestMs.toFixed(0)})`,
    "≤ 20 ms",
  );
  row(
    "Board of 12 posts, all pairs read, median",
    `${boards.solve12.medianMs.toFixed(1)} ms (longest ${boards.solve12.longestMs.toFixed(0)})`,
    "≤ 100 ms",
  );
  for (const { posts, plainMs, searchMs, ratio } of boards.enumeration)
    row(
      `Sound ways of ${posts} posts, search`,
      `${searchMs.toFixed(2)} ms`,
      `none; plain enumeration ${plainMs.toFixed(0)} ms, ${ratio.toFixed(0)} times as long`,
    );
  for (const { id, posts, mean, all, medianMs, longestMs, wrong } of boards.probes)
    row(
      `Next probe alone, ${posts} posts, ${id.replaceAll("_", " ")}`,
      `${mean.toFixed(1)} of ${all} pairs`,
      `${posts === 3 ? "≤ 3 pairs" : posts === 8 ? "well under 28" : "few"}; advice ${medianMs.toFixed(0)} ms (longest ${longestMs.toFixed(0)})${posts === 8 ? ", goal ≤ 100" : ""}; ${wrong} named wrongly`,
    );
  for (const [name, { boards: count, right, told, wrong }] of [
    ["sound", boards.sound],
    ["one fault", boards.faulty],
  ])
    row(
      `${count} made-up boards of every layout, ${name}`,
      `${((100 * right) / count).toFixed(0)} % named, ${((100 * told) / count).toFixed(0)} % told`,
      `named or told ≥ 99 %; ${((100 * wrong) / count).toFixed(2)} % wrong`,
    );
  const { random, lowOhms, unlisted } = boards;
  const checkable = random.wrong - random.wrongUncheckable;
  row(
    `${random.boards} random boards, low ohms and slips in a third each`,
    `${((100 * checkable) / random.boards).toFixed(2)} % named wrongly`,
    `≤ 0.2 %; ${random.wrongUncheckable} more by a slip in a figure that no other can check`,
  );
  row("  of these, sound ones condemned", String(random.condemned), "0");
  row("  of these, settled while another layout fits", String(random.early), "0");
  row(
    "20,000 sound motors, three leads, mains of 0.3 to 1.5 Ω",
    `${lowOhms.shorted ?? 0} called shorted`,
    `0; ${((lowOhms.wrong ?? 0) / 200).toFixed(2)} % named wrongly, ${((lowOhms.named ?? 0) / 200).toFixed(0)} % named`,
  );
  row(`${unlisted.boards} sound boards of a layout taken out of the catalogue`, `${unlisted.condemned} accused`, "0");
});
await chapter("Motor model", () => {
  const motors = measure("motors");
  row("Motor model, one operating point", `${motors.pointUs.toFixed(2)} µs`, "≤ 50 µs");
  row("Motor model, curve of 400 points", `${motors.curveMs.toFixed(2)} ms`, "≤ 10 ms");
  row("Motor model, a start of 2 s over time", `${motors.startMs.toFixed(0)} ms`, "≤ 60 ms");
  row("Estimate of a motor with its ensemble", `${motors.estimateMs.toFixed(0)} ms`, "≤ 500 ms");
  row("Run test: ranges and explanations, plate unchanged", `${motors.runTestMs.toFixed(0)} ms`, "none; in a worker");
  for (const { name, hits, all, width, error } of motors.ranges)
    row(
      `${all} hidden motors, ${name}`,
      `${((100 * hits) / all).toFixed(1)} % inside`,
      `≥ 90 % inside the range; it is ${(100 * width).toFixed(0)} % wide, best guess ${(100 * error).toFixed(1)} % off (medians)`,
    );
});
await chapter("Mock bench and meter link", () => {
  const mock = measure("mock");
  const told = ({ medianMs, highMs }) => `${medianMs.toFixed(1)} ms (95 %: ${highMs.toFixed(1)})`;
  row("A new case", told(mock.free), "≤ 500 ms");
  row("A new case with a fault that is wished for", told(mock.wished), "≤ 500 ms");
  row("An answer of the simulated motor", told(mock.answers), "≤ 50 ms");
  row("Every place for tips at a station", told(mock.tips), "≤ 50 ms");
  row("Twenty samples of a meter, read and held", told(mock.second), "≤ 50 ms a second");
});
// A few minutes: thousands of visits on the real stations.
await chapter("Diagnosis", () => {
  const diagnosis = measure("diagnosis");
  const policy = (name, { rightPercent, minutes, tests }) =>
    row(name, `${rightPercent.toFixed(1)} % right first`, `${minutes.toFixed(1)} min to the decision${tests ? `, ${tests} tests` : ""}`);
  console.log(`\n${diagnosis.cases} faulty motors (goal: next move right oftener and sooner than fixed order and capacitor first)`);
  policy("Next move", diagnosis.next);
  policy("Fixed order of stations, first thing found out", diagnosis.fixed);
  policy("Fixed order, stopped by the line-up's rule", diagnosis.fixedWithLineUp);
  policy("Change the capacitor first", diagnosis.capacitor);
  for (const { band, cases, statedPercent, rightPercent } of diagnosis.reliability)
    row(`Suspects stated at ${band}`, `${rightPercent} % at fault`, `stated ${statedPercent} % on average, ${cases} statements`);
});
// A quarter of an hour: two thousand motors of a world whose rates, findings and customers are its own.
await chapter("Independent world", () => {
  const world = measure("world");
  const { next } = world;
  console.log(`\n${world.cases} motors of an independent world`);
  row("Next move, right first", `${next.rightPercent} %`, "none: two faults, nothing wrong and faults that come and go are among them");
  row(
    "  where two careful technicians agree",
    `${next.rightWhereTechniciansAgreePercent} %`,
    `≥ 90 %; ${next.whereTechniciansAgree} cases`,
  );
  row("  minutes to the decision, there", next.minutesWhereTechniciansAgree.toFixed(1), `≤ 20; ${next.minutes.toFixed(1)} over all cases`);
  row("  motors condemned with nothing wrong inside", `${next.soundMotorsCondemnedPercent} %`, "< 1 %");
  row("  live moves on what trips or is grounded", String(next.unsafeLiveMoves), "0");
  row("  useless swaps on hermetics", String(next.uselessSwapsOnHermetics), `0; ${next.hermetics} hermetics`);
  for (const [name, key] of [
    ["Fixed order of stations, first thing found out", "fixed"],
    ["Fixed order, stopped by the line-up's rule", "fixedWithLineUp"],
    ["Change the capacitor first", "capacitorFirst"],
  ])
    row(
      name,
      `${world[key].rightPercent} % right first`,
      `${world[key].minutes.toFixed(1)} min; the next move against it: ${(world[key].rightPercent / next.rightPercent).toFixed(2)} as often right`,
    );
  for (const { band, cases, statedPercent, rightPercent } of world.reliability)
    row(`Suspects stated at ${band}`, `${rightPercent} % at fault`, `stated ${statedPercent} %, within 4 points; ${cases} statements`);
});
process.exit(failures > 0 ? 1 : 0);
