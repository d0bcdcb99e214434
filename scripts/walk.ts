// npm run walk -- JOBS: simulated technicians take simulated motors from the open line to the end, and every claim is held against the truth.
// npm run walk -- --seed N --tell: one job, line by line.
import { reportOf, tally } from "./walk/report";
import { walkJob } from "./walk/walk-job";

const argument = (name: string): string | null => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? null : (process.argv[at + 1] ?? "");
};
const JOBS = Number(process.argv[2] ?? 1000) || 1000;
const seed = argument("seed") === null ? Math.floor(Date.now() / 1000) % 1_000_000 : Number(argument("seed"));
const policy = argument("technician") ?? undefined;

if (process.argv.includes("--tell")) {
  const { job, broken, first } = walkJob(seed, policy);
  const { motor, place, flaws, behaviour } = job.asFound;
  console.log(
    `seed ${seed}, ${job.policy}: ${motor.type} ${motor.kind}, ${motor.plate.volts} V ${motor.plate.powerW} W, ${place.purpose}, ${place.ambientC} °C${motor.foreign ? `, ${motor.foreign}` : ""}`,
  );
  console.log(`hidden: ${flaws.map(({ id, body }) => `${id} ${JSON.stringify(body)}`).join("; ") || "nothing"}; ${behaviour}`);
  for (const { minute, what } of job.told) console.log(`${String(minute).padStart(4)}  ${what}`);
  if (first) console.log(`first: ${first.action} after ${Math.round(first.minutes)} min, ${first.isRight ? "right" : "not right"}`);
  for (const { code, what } of broken) console.log(`BROKEN ${code}: ${what}`);
} else {
  console.log(`${JOBS} jobs from seed ${seed}`);
  const started = performance.now();
  const all = tally();
  for (let index = 0; index < JOBS; index += 1) all.add(walkJob(seed + index, policy));
  console.log(reportOf(all.sum(), (performance.now() - started) / JOBS));
}
