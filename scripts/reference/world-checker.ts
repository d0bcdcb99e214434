import { SUSPECTS, type Suspect } from "@/core/trade";
import { ACTION_TABLE } from "@/core/decision";
import type { Miss, ReferenceCase } from "./case-file";
import { conclude, probabilityOf, type Concluded } from "./diagnosis-checker";

/** A suspect stated this surely must be at fault. */
const SURE = 0.97;
const BANDS = 10;
/** Parts of a motor that are changed by themselves: for these alone nobody replaces a motor. */
const NO_MOTOR_NEEDED: readonly string[] = [
  "run-capacitor",
  "start-capacitor",
  "start-switch",
  "start-relay",
  "bearing-worn",
  "bearing-seized",
];

interface Outcome {
  readonly findings: number;
  readonly isTopRight: boolean;
  readonly stated: readonly { readonly probability: number; readonly isAtFault: boolean }[];
  readonly isActionRight: boolean;
  readonly isMotorWasted: boolean;
}
const seen: Outcome[] = [];

const mends = (action: Concluded["action"], faults: readonly string[]): boolean =>
  faults.length === 0
    ? action === "no-repair" || action === "keep-until"
    : faults.some((fault) => (ACTION_TABLE[action].cures as readonly string[]).includes(fault));

/** One motor of a world that is not the program's; the reports of the set are printed after its cases. */
export function checkWorld(reference: ReferenceCase): Miss[] {
  const atFault = reference.outputs.at_fault as Suspect[];
  const alike = reference.outputs.any_of as string[];
  const concluded = conclude(reference);
  const { standing, action, raws } = concluded;
  const right: readonly string[] = atFault.length === 0 ? ["no-fault", ...alike] : [...atFault, ...alike];
  seen.push({
    findings: raws.length,
    isTopRight: right.includes(standing.suspects[0]?.suspect ?? ""),
    stated: SUSPECTS.map((suspect) => ({ probability: probabilityOf(standing, suspect), isAtFault: atFault.includes(suspect) })),
    isActionRight: mends(action, atFault),
    isMotorWasted: action === "replace-motor" && atFault.every((fault) => NO_MOTOR_NEEDED.includes(fault)),
  });
  return SUSPECTS.filter((suspect) => !atFault.includes(suspect) && probabilityOf(standing, suspect) >= SURE).map((suspect) => ({
    field: suspect,
    expected: `below ${SURE}`,
    got: probabilityOf(standing, suspect),
  }));
}

const percent = (part: number, all: number): string => (all === 0 ? "none" : `${((100 * part) / all).toFixed(1)} %`);

/** The four reports of the set. */
export function summarizeWorld(): string[] {
  const groups = [
    ["up to 3 findings", (each: Outcome) => each.findings < 4],
    ["4 to 7 findings", (each: Outcome) => each.findings >= 4 && each.findings < 8],
    ["8 findings or more", (each: Outcome) => each.findings >= 8],
    ["4 findings or more, together", (each: Outcome) => each.findings >= 4],
  ] as const;
  const stated = seen.flatMap((each) => each.stated);
  return [
    ...groups.map(([name, belongs]) => {
      const own = seen.filter(belongs);
      return `likeliest suspect right, ${name}: ${percent(own.filter(({ isTopRight }) => isTopRight).length, own.length)} of ${own.length}`;
    }),
    ...Array.from({ length: BANDS }, (_, band) => {
      const own = stated.filter(({ probability }) => Math.min(BANDS - 1, Math.floor(probability * BANDS)) === band);
      const mean = own.reduce((sum, { probability }) => sum + probability, 0);
      return `stated ${band * 10} to ${band * 10 + 10} %: ${percent(mean, own.length)} on average, at fault ${percent(own.filter(({ isAtFault }) => isAtFault).length, own.length)} of ${own.length}`;
    }),
    `first action mends a fault that is there, or leaves a sound motor alone: ${percent(seen.filter(({ isActionRight }) => isActionRight).length, seen.length)}`,
    `motor replaced first without need: ${percent(seen.filter(({ isMotorWasted }) => isMotorWasted).length, seen.length)}`,
  ];
}
