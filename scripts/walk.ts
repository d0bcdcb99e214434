// npm run walk -- JOBS: simulated technicians take simulated motors from the open line to the end; every claim is held against the truth.
// npm run walk -- --seed N --tell: one job, line by line.  Also --technician NAME, --minutes M.
import { spawn } from "node:child_process";
import { availableParallelism } from "node:os";
import { fileURLToPath } from "node:url";
import { reportOf, tally, together, type Sum } from "./walk/report";
import { recordsOf } from "./walk/records";
import { tellJob } from "./walk/tell";
import { walkJob } from "./walk/walk-job";

const argument = (name: string): string | null => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? null : (process.argv[at + 1] ?? "");
};
const USUAL_JOBS = 1000;
const JOBS = Number(process.argv[2]) || USUAL_JOBS;
const seed = argument("seed") === null ? Math.floor(Date.now() / 1000) % 1_000_000 : Number(argument("seed"));
const technician = argument("technician") ?? undefined;
/** A walk ends by itself, however many jobs were asked for. */
const endsAt = Date.now() + 60_000 * Number(argument("minutes") ?? 120);

function walkPart(): Sum {
  const all = tally();
  for (let index = 0; index < JOBS && Date.now() < endsAt; index += 1) {
    const started = performance.now();
    all.add(walkJob(seed + index, technician), performance.now() - started);
  }
  return all.sum();
}

/** Another process walks a part of the jobs: each has a core of its own. */
const elsewhere = (count: number, from: number): Promise<Sum> =>
  new Promise((resolve, reject) => {
    const rest = process.argv.slice(3).filter((_, index, all) => all[index - 1] !== "--seed" && all[index] !== "--seed");
    const child = spawn(
      process.execPath,
      [...process.execArgv, fileURLToPath(import.meta.url), String(count), "--seed", String(from), "--part", ...rest],
      { stdio: ["ignore", "pipe", "inherit"] },
    );
    let text = "";
    child.stdout.setEncoding("utf8").on("data", (chunk: string) => (text += chunk));
    child.on("close", (code) => (code === 0 ? resolve(JSON.parse(text) as Sum) : reject(new Error(`a part ended with ${code}`))));
  });

if (process.argv.includes("--tell")) {
  console.log(tellJob(walkJob(seed, technician, process.env.THOUGHTS !== undefined)));
} else if (process.argv.includes("--records")) {
  // For whoever takes these jobs in elsewhere: the cards as a file has them, and what is said of them here.
  const walked = Array.from({ length: JOBS }, (_, index) => recordsOf(walkJob(seed + index, technician)));
  process.stdout.write(JSON.stringify(walked));
} else if (process.argv.includes("--part")) {
  process.stdout.write(JSON.stringify(walkPart()));
} else {
  console.log(`${JOBS} jobs from seed ${seed}`);
  const parts = Math.min(availableParallelism(), Math.ceil(JOBS / 25));
  const each = Math.ceil(JOBS / parts);
  const sums = await Promise.all(
    Array.from({ length: parts }, (_, part) => elsewhere(Math.min(each, JOBS - part * each), seed + part * each)),
  );
  const sum = together(sums);
  console.log(reportOf(sum));
  process.exitCode = Object.keys(sum.broken).length === 0 ? 0 : 1;
}
