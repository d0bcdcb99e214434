import type { Drive, MachineKind } from "../trade";
import { GROUPS } from "./groups";
import { DRIVE_NOUNS, MACHINE_NOUNS, PLAIN_MACHINES } from "./machine-words";
import { patternOf } from "./say";

interface Place {
  readonly from: number;
  readonly to: number;
}

/** A machine that a sentence names. */
export interface MachineHeard {
  readonly kind: MachineKind | null;
  readonly drive: Drive | null;
  /** places of the words */
  readonly spans: readonly Place[];
}

const KINDS = [...MACHINE_NOUNS, { of: null, say: PLAIN_MACHINES }].map(({ of, say }) => ({ of, pattern: patternOf(say, GROUPS) }));
const DRIVEN = DRIVE_NOUNS.map(({ of, say }) => ({ of, pattern: patternOf(say, GROUPS) }));
/** What stands in, on or behind another machine names the place, not the motor's own. */
const IN_ANOTHER = /\b(?:in|on|of|at|inside|under|behind|for|from|near|by) (?:(?:the|a|an|our|my|its|each) )?(?:\w+ )?$/;

/**
 * The machine that a sentence speaks of, and its drive. Of names side by side the last is meant (washer pump); what stands
 * behind a preposition is where it is (pump in the washer); two that are left say nothing.
 * @param said text in lower case
 * @returns kind and drive; null: not named, or open
 */
export function hearMachine(said: string): MachineHeard {
  const all = KINDS.flatMap(({ of, pattern }) =>
    [...said.matchAll(pattern)].map((match) => ({ of, from: match.index, to: match.index + match[0].length })),
  )
    // A longer name has the shorter in it.
    .filter(
      (each, _, list) =>
        !list.some(
          (other) => other !== each && other.from <= each.from && each.to <= other.to && other.to - other.from > each.to - each.from,
        ),
    )
    .sort((a, b) => a.from - b.from);
  const own = all.filter(({ from }) => !IN_ANOTHER.test(said.slice(0, from)));
  const heads = own.filter(
    (each) =>
      !own.some((next) => next.from > each.to && /^[ -](?:(?!and |or |but |with |plus )\w+ )?$/.test(said.slice(each.to, next.from))),
  );
  const kinds = new Set(heads.map(({ of }) => of));
  const drives = DRIVEN.flatMap(({ of, pattern }) =>
    [...said.matchAll(pattern)].map((match) => ({ of, from: match.index, to: match.index + match[0].length })),
  );
  const [drive, ...others] = new Set(drives.map(({ of }) => of));
  return {
    kind: kinds.size === 1 ? (heads[0]?.of ?? null) : null,
    drive: others.length === 0 ? (drive ?? null) : null,
    spans: [...all, ...drives],
  };
}
