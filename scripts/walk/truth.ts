import type { Claim, ClaimCode } from "@/core/claim";
import { leadOrder, MENDED_BY, ownValue, type HiddenCase, type HandWork } from "@/core/simulation";
import type { Job } from "@/core/technicians/job";

/** Of which moment a claim speaks: of when its station was last keyed, of how the motor was found, or of now. */
type Time = "keyed" | "found" | "now";

interface Truth {
  readonly of: Time;
  /** whether it is so; null: the hidden motor does not say */
  readonly is: (hidden: HiddenCase, about: string, job: Job) => boolean | null;
}

const RUN_LIMITS = [0.94, 1.06] as const;
const START_LIMITS = [1 / 1.1, 1.2 / 1.1] as const;

/** A capacitor's value over its own, as it lies on the table. */
function valueOf({ body, seed }: HiddenCase, kind: string): number {
  const scale = kind === "start" ? body.startUfByMeter : body.runUfByMeter;
  if (scale === null || scale === 0) return 0;
  return scale === undefined || scale === 1 ? ownValue(seed) : scale;
}
const isWithin = (hidden: HiddenCase, kind: string): boolean => {
  const [low, high] = kind === "start" ? START_LIMITS : RUN_LIMITS;
  const value = valueOf(hidden, kind);
  return value >= low && value <= high;
};

/** What is open where a lead has no path. */
const OPEN_AT: Readonly<Record<string, HiddenCase["body"]["open"]>> = { C: "common", R: "main", S: "start", CAP: "start" };

const isGearFailed = ({ body }: HiddenCase): boolean => body.contact !== undefined || body.relay !== undefined;
const isWindingShort = ({ body }: HiddenCase): boolean => body.startTurns !== undefined || (body.condition.shortedMainFraction ?? 0) > 0;
const volts = ({ body }: HiddenCase): NonNullable<HiddenCase["body"]["volts"]> | "there" => body.volts ?? "there";

/** What of the hidden motor makes each claim true, and at which moment. */
export const TRUTHS: Readonly<Record<ClaimCode, Truth>> = {
  dead: { of: "now", is: (_, __, job) => !job.isLive },
  "not-ours": { of: "found", is: ({ motor }) => motor.foreign !== undefined },
  "capacitor-holds": { of: "keyed", is: isWithin },
  // One that fades at work is out, whatever it reads on the table.
  "capacitor-out": {
    of: "keyed",
    is: (hidden, kind) => !isWithin(hidden, kind) || (kind === "run" && hidden.condition.runCapacitanceScale < RUN_LIMITS[0]),
  },
  "capacitor-within": { of: "keyed", is: isWithin },
  "capacitor-shorted": { of: "keyed", is: ({ body }, kind) => (kind === "start" ? body.startUfByMeter : body.runUfByMeter) === 0 },
  "capacitor-is-not-asked-for": { of: "keyed", is: () => false },
  "lead-is": {
    of: "keyed",
    is: ({ seed, motor }, about) => {
      const [post = "", role = ""] = about.split(":");
      // One coil has two ends, and which is which says nothing.
      if (motor.shaded) return role.startsWith("L");
      return motor.foreign ? false : leadOrder(seed, motor)[Number(post)] === role;
    },
  },
  "lead-open": {
    of: "keyed",
    is: ({ seed, body, motor }, post) => body.open === OPEN_AT[leadOrder(seed, motor)[Number(post)] ?? ""],
  },
  // Turns that close on themselves do not show in which lead is which.
  "windings-hold": { of: "keyed", is: ({ body }) => body.open === undefined },
  "windings-shorted": { of: "keyed", is: isWindingShort },
  "start-winding-lost-turns": { of: "keyed", is: ({ body }) => body.startTurns !== undefined },
  "frame-clear": { of: "keyed", is: ({ body }) => body.frameOhm === undefined },
  grounded: { of: "keyed", is: ({ body }) => body.frameOhm !== undefined },
  "insulation-holds": { of: "keyed", is: ({ body }) => body.frameOhm === undefined && (body.frameMegohm ?? 99) >= 1 },
  "insulation-out": { of: "keyed", is: ({ body }) => body.frameOhm !== undefined || (body.frameMegohm ?? 99) < 1 },
  "gear-works": { of: "keyed", is: (hidden) => !isGearFailed(hidden) },
  "relay-rests-right": { of: "keyed", is: ({ body }) => body.relay === undefined || body.relay === "welded" },
  "gear-failed": { of: "keyed", is: isGearFailed },
  "supply-good": { of: "keyed", is: (hidden) => volts(hidden) === "there" },
  "supply-low": { of: "keyed", is: (hidden) => volts(hidden) === "low" },
  "supply-sags": { of: "keyed", is: (hidden) => volts(hidden) === "sags" || volts(hidden) === "low" },
  "supply-absent": { of: "keyed", is: (hidden) => volts(hidden) === "absent" },
  "supply-lost": { of: "keyed", is: (hidden) => volts(hidden) === "lost" },
  "no-call": { of: "keyed", is: (hidden) => volts(hidden) === "no-call" },
  "draws-as-it-should": { of: "keyed", is: ({ behaviour }) => behaviour === "starts" },
  "at-fault": {
    of: "found",
    is: ({ faults }, suspect) => (suspect === "no-fault" ? faults.length === 0 : faults.some((fault) => fault === suspect)),
  },
  "puts-it-right": {
    of: "found",
    is: ({ flaws }, works) => flaws.every(({ id }) => works.split("+").some((work) => MENDED_BY[id]?.includes(work as HandWork) === true)),
  },
  "not-put-right": { of: "keyed", is: ({ flaws, behaviour }) => flaws.length > 0 || behaviour !== "starts" },
  proved: { of: "now", is: ({ behaviour }) => behaviour === "starts" },
  "works-again": { of: "now", is: ({ behaviour }) => behaviour === "starts" },
  "spare-starts": { of: "now", is: ({ behaviour }) => behaviour === "starts" },
  "runs-without-load": { of: "now", is: ({ behaviour }) => behaviour === "starts" },
};

/**
 * Whether a claim is so.
 * @param claim what is said
 * @param job its hidden motor, with what it was when each station was keyed
 * @returns null: the hidden motor does not say
 */
export function isSo({ code, station, about }: Claim, job: Job): boolean | null {
  const { of, is } = TRUTHS[code];
  const hidden = of === "now" ? job.hidden : of === "found" ? job.asFound : (job.truthAt.get(station) ?? job.asFound);
  return is(hidden, about ?? "", job);
}
