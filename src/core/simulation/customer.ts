import type { Complaint, Suspect } from "../trade";
import type { Course, Event } from "../diagnosis";
import type { Chance } from "./chance";
import type { Shown } from "./told";

const ratio = (a: number | null | undefined, b: number | null | undefined): number => (a && b ? a / b : 1);

/** Five milliamps at 230 V. */
const TRIPS_RESIDUAL_MEGOHM = 0.046;

/** What somebody beside the machine could notice, the plainest first, with how likely each is noticed. */
function noticed({ body, prediction, sound, behaviour, faults }: Shown, chance: Chance): (readonly [Complaint, number])[] {
  const { running } = prediction;
  const list: (readonly [Complaint, number])[] = [];
  if (behaviour === "dead") list.push([chance.is(0.45) ? "does-not-run" : "dead", 1]);
  if (behaviour === "trips") list.push([chance.is(0.75) ? "trips-at-once" : "trips-at-start", 1]);
  if (behaviour === "hums" || behaviour === "only-pushed") {
    const isTripping = chance.is(0.22);
    list.push([isTripping ? "trips-at-start" : chance.is(0.3) ? "does-not-run" : "hums-no-start", 1]);
    if (behaviour === "only-pushed") list.push(["starts-with-push", 0.4]);
    list.push(["runs-hot", 0.2], ["burning-smell", 0.1]);
  }
  if (behaviour === "starts") {
    if (body.comesAndGoes) list.push(["intermittent", 1]);
    if (body.runsBackwards) list.push(["runs-backwards", 0.8], ["slow-or-weak", 0.4]);
    const amps = ratio(running?.lineA, sound.running?.lineA);
    if (ratio(running?.startTimeS, sound.running?.startTimeS) > 1.8) list.push(["starts-slow", 0.7]);
    if (ratio(running?.speedRpm, sound.running?.speedRpm) < 0.98) list.push(["slow-or-weak", 0.7]);
    if (amps > 1.9) list.push(["trips-running", 0.6], ["burning-smell", 0.4]);
    if (amps > 1.25) list.push(["runs-hot", 0.7], ["high-current", 0.2]);
    if (amps > 1.5 && chance.is(0.4)) list.push(["cuts-out-and-returns", 0.8]);
    // Megohms trip nothing but a residual-current device, and that below some forty kilohms.
    if (body.frameMegohm !== undefined && body.frameMegohm < TRIPS_RESIDUAL_MEGOHM)
      list.push([chance.is(0.5) ? "intermittent" : "trips-running", 0.8]);
    if (body.frameOhm !== undefined) list.push([chance.is(0.6) ? "trips-at-start" : "trips-running", 0.9]);
  }
  if (behaviour === "starts" || behaviour === "only-pushed") {
    if (body.noise === "squeal") list.push(["squeals", 0.8]);
    if (body.noise === "rumble") list.push(["rumbles", 0.7], ["vibrates", 0.2]);
    if (body.noise === "rattle" || body.noise === "scrape") list.push(["vibrates", 0.7], ["rumbles", 0.2]);
    if (body.noise === "hum") list.push(["noisy-hum", 0.6]);
  }
  if (body.sign === "smell-burnt") list.push(["burning-smell", 0.5]);
  if (faults.length === 0) list.push([chance.of(["runs-hot", "slow-or-weak", "noisy-hum", "intermittent"] as const), 1]);
  return list;
}

/** Said though it has nothing to do with it. */
const BESIDE_THE_POINT: readonly Complaint[] = ["runs-hot", "intermittent", "slow-or-weak", "vibrates"];

/** What the customer says of it: the plainest always, the rest as far as they talk. */
export function complaintsOf(told: Shown, chance: Chance, talk: number): Complaint[] {
  const all = noticed(told, chance);
  const first = all.find(([, likely]) => chance.is(likely))?.[0];
  const rest = all.filter(([complaint, likely]) => complaint !== first && chance.is(likely * talk)).map(([complaint]) => complaint);
  const beside = chance.is(0.08 * talk) ? [chance.of(BESIDE_THE_POINT)] : [];
  return [...new Set([...(first ? [first] : []), ...rest, ...beside])];
}

/** How it came about, by what failed, as people tell it: half of them cannot say. */
const COURSE_OF: Partial<Record<Suspect, readonly (readonly [Course, number])[]>> = {
  "bearing-worn": [
    ["growing", 7],
    ["sudden", 1],
    ["only-cold", 1],
  ],
  "run-capacitor": [
    ["growing", 4],
    ["sudden", 4],
    ["better-once-run", 1],
  ],
  "bearing-seized": [
    ["sudden", 3],
    ["growing", 3],
    ["only-cold", 1],
  ],
  "driven-load": [
    ["growing", 4],
    ["sudden", 3],
  ],
  wiring: [
    ["sometimes-then-always", 4],
    ["sudden", 4],
  ],
  "start-switch": [
    ["sometimes-then-always", 4],
    ["sudden", 4],
  ],
  protector: [
    ["only-hot", 3],
    ["sudden", 4],
  ],
};
const AFTER_OF: Partial<Record<Suspect, readonly (readonly [Event, number])[]>> = {
  "ground-fault": [
    ["water", 4],
    ["storm", 1],
  ],
  wiring: [
    ["repair", 3],
    ["moved-or-cleaned", 2],
  ],
  "bearing-seized": [["standstill", 4]],
  "start-switch": [
    ["standstill", 2],
    ["repair", 2],
  ],
  control: [["storm", 3]],
  supply: [["storm", 3]],
  "driven-load": [["moved-or-cleaned", 3]],
};
const TELLS_COURSE = 0.45;
const TELLS_EVENT = 0.2;

export function historyOf(
  faults: readonly Suspect[],
  chance: Chance,
): { readonly course: readonly Course[]; readonly after: readonly Event[] } {
  const [first] = faults;
  const course = chance.is(TELLS_COURSE)
    ? [chance.weighed((first && COURSE_OF[first]) ?? [["sudden", 4] as const, ["growing", 1] as const])]
    : [];
  const events = first ? AFTER_OF[first] : undefined;
  const after: Event[] =
    chance.is(TELLS_EVENT) && events
      ? [chance.weighed(events)]
      : chance.is(0.04)
        ? [chance.of(["storm", "repair", "standstill"] as const)]
        : [];
  return { course, after };
}
