import { readFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { bearingSize, geometryOf } from "../../src/core/bearing";
import { listenTo, readWav } from "../../src/core/sound";
import type { CaseFile, Miss, ReferenceCase } from "./case-file";

/** Where a tone or an envelope stands out by so much, speed and findings are judged [dB]. */
const JUDGED_SPEED_DB = 10;
const JUDGED_ENVELOPE_DB = 6;
const SPEED_OFF = 0.005;
/** Part of what is listed that must be found, and part of what is sure that may be wrong. */
const GOALS = { strikes: 0.95, others: 0.9, sureAndWrong: 0.02 } as const;

interface Expected {
  readonly speed_rpm: number;
  readonly findings: readonly string[];
  readonly envelope_prominence_db: Readonly<Record<string, number>>;
  readonly speed_tone_prominence_db: number;
  readonly clipped: boolean;
}
interface Given {
  readonly file: string;
  readonly line_hz: number;
  readonly poles: number;
  readonly blades: number | null;
  readonly bearing: string;
}

const toId = (name: string): string => name.replace("_", "-");
/** The bearing named without its ring is right for either. */
const isFor = (heard: string, listed: string): boolean => heard === listed || (heard === "bearing" && listed.startsWith("bearing"));

/** How often each kind was to be found, and was; and what was sure. */
interface Tally {
  strikes: readonly [found: number, of: number];
  others: readonly [found: number, of: number];
  sure: number;
  sureAndWrong: number;
}

const add = ([found, of]: readonly [number, number], isFound: boolean): readonly [number, number] => [found + Number(isFound), of + 1];

function missesOf(folder: string, { inputs, outputs }: ReferenceCase, tally: Tally): Miss[] {
  const given = inputs as unknown as Given;
  const expected = outputs as unknown as Expected;
  const recording = readWav(readFileSync(join(folder, given.file)));
  if (!recording.ok) return [{ field: "recording", expected: "read", got: recording.failure.code }];
  const size = bearingSize(given.bearing);
  const motor = { lineHz: given.line_hz, poles: given.poles, blades: given.blades, bearing: size ? geometryOf(size) : null };
  const { speed, findings, isClipped } = listenTo(recording.value, motor);
  const misses: Miss[] = [];
  const isOff = speed !== null && Math.abs(speed.rpm / expected.speed_rpm - 1) > SPEED_OFF;
  const isTold = expected.speed_tone_prominence_db >= JUDGED_SPEED_DB;
  // One that is withheld is allowed; a wrong one never.
  if (isOff) misses.push({ field: "speed_rpm", expected: expected.speed_rpm, got: speed.rpm });
  if (isClipped !== expected.clipped) misses.push({ field: "clipped", expected: expected.clipped, got: isClipped });
  for (const name of expected.findings) {
    const strength = expected.envelope_prominence_db[name];
    if (strength !== undefined && strength < JUDGED_ENVELOPE_DB) continue;
    const isFound = findings.some(({ id }) => isFor(id, toId(name)));
    if (strength === undefined) tally.others = add(tally.others, isFound);
    else tally.strikes = add(tally.strikes, isFound);
    if (!isFound) misses.push({ field: name, expected: "heard", got: findings.map(({ id }) => id) });
  }
  for (const { id } of findings.filter(({ isSure }) => isSure)) {
    tally.sure += 1;
    if (expected.findings.some((name) => isFor(id, toId(name)))) continue;
    tally.sureAndWrong += 1;
    misses.push({ field: id, expected: "not there", got: "sure" });
  }
  if (isTold && speed === null) misses.push({ field: "speed_rpm (withheld, which is allowed)", expected: expected.speed_rpm, got: null });
  return misses;
}

const isAllowed = ({ field }: Miss): boolean => field.endsWith("allowed)");

/**
 * Listens to every recording of a set. Single findings may be missed: a kind fails where it misses its goal.
 * @returns lines to print, and how many cases passed; a goal that is missed counts as one failure more
 */
export function checkSounds(
  path: string,
  file: CaseFile,
): { readonly lines: readonly string[]; readonly passed: number; readonly failed: number } {
  const tally: Tally = { strikes: [0, 0], others: [0, 0], sure: 0, sureAndWrong: 0 };
  const lines: string[] = [];
  let passed = 0;
  for (const reference of file.cases) {
    const misses = missesOf(dirname(path), reference, tally);
    for (const { field, expected, got } of misses)
      lines.push(`${reference.id}  ${field}: expected ${JSON.stringify(expected)}, got ${JSON.stringify(got)}`);
    if (misses.every(isAllowed)) passed += 1;
  }
  const part = ([found, of]: readonly [number, number]): number => (of === 0 ? 1 : found / of);
  const goals = [
    ["bearing and rub at 6 dB and more", part(tally.strikes), part(tally.strikes) >= GOALS.strikes],
    ["hum, unbalance, rattle", part(tally.others), part(tally.others) >= GOALS.others],
    ["sure and not there", tally.sureAndWrong / Math.max(1, tally.sure), tally.sureAndWrong <= GOALS.sureAndWrong * tally.sure],
  ] as const;
  for (const [name, share, isMet] of goals) lines.push(`${name}  ${(100 * share).toFixed(1)} %${isMet ? "" : "  misses its goal"}`);
  const failed = file.cases.length - passed + goals.filter(([, , isMet]) => !isMet).length;
  return { lines, passed, failed };
}
