import { isRun, STATE_CHANGE_MINUTES, TEST_TABLE } from "../diagnosis";
import { parseCapacitorLabel } from "../capacitor";
import { judgeAction, observe, powered, worked, type HandWork, type HiddenCase, type Keyed } from "../simulation";
import type { ActionId, TestId } from "../trade";
import { STATIONS, type StationData, type StationId } from "../stations";

/** What is done at the motor of a case. Persisted: do not change without a migration. */
export type MockAct =
  | { readonly kind: "off" | "on" }
  | { readonly kind: "test"; readonly test: TestId }
  /** tips, clamp or tester are put on at a station */
  | { readonly kind: "tips"; readonly test: TestId }
  | { readonly kind: "work"; readonly work: HandWork; readonly label: string }
  | { readonly kind: "apart" | "closed" };

/** What went wrong by what was done. */
export const MISHAPS = ["live-hands", "open-power", "locked-tries", "burst", "live-work"] as const;
export type Mishap = (typeof MISHAPS)[number];

/** The motor of a case as it stands. */
export interface MockWorld {
  readonly asFound: HiddenCase;
  readonly hidden: HiddenCase;
  readonly isLive: boolean;
  readonly isApart: boolean;
  readonly minutes: number;
  readonly mishaps: readonly { readonly what: Mishap; readonly minute: number }[];
  /** rated volts of the capacitor that was put in are too few for this motor */
  readonly isUnderrated: boolean;
  /** it was switched on for an instrument, and others are put on in the same run */
  readonly isTried: boolean;
}

/** What an act showed. */
export interface AfterAct {
  readonly world: MockWorld;
  /** what instrument, eye, hand, ear and nose had of it; null: nothing */
  readonly seen: Keyed | null;
}

export const beginWorld = (hidden: HiddenCase): MockWorld => ({
  asFound: hidden,
  hidden,
  isLive: true,
  isApart: false,
  minutes: 0,
  mishaps: [],
  isUnderrated: false,
  isTried: false,
});

const later = (world: MockWorld, minutes: number): MockWorld => ({ ...world, minutes: world.minutes + minutes });
const wentWrong = (world: MockWorld, what: Mishap): MockWorld => ({
  ...world,
  mishaps: [...world.mishaps, { what, minute: world.minutes }],
});

/** Tests that hands make where volts would be, or on a shaft that may start. */
const isHandsIn = (test: TestId): boolean => TEST_TABLE[test].power === "dead";
/** From this try on somebody who watches would have stopped. */
const TRIES = 3;

const noRecord = <Id extends StationId>(id: Id): StationData<Id> => STATIONS[id].blank as StationData<Id>;

/** It has power for a moment. */
function underPower(world: MockWorld): MockWorld {
  const hidden = powered(world.hidden);
  const tried = { ...world, hidden };
  const told = hidden.stalls !== world.hidden.stalls && hidden.stalls === TRIES ? wentWrong(tried, "locked-tries") : tried;
  if (!told.isUnderrated) return told;
  // What is rated for too few volts does not last a start.
  const burst = worked(told.hidden, "replace-run-capacitor", "bad-part");
  return wentWrong({ ...told, hidden: burst, isUnderrated: false }, "burst");
}

/** A run capacitor sees more than the line; one that is rated for less than it sees does not last. */
function isUnderrated({ sound }: HiddenCase, label: string): boolean {
  const read = parseCapacitorLabel(label);
  const volts = read.ok ? read.value.ratedV : null;
  const needs = sound.running?.capacitorV ?? null;
  return volts !== null && needs !== null && volts < needs;
}

const WORK_MINUTES = 15;

/**
 * One act at the motor: what it shows, the minutes it takes, and what goes wrong by it.
 * @param world as it stood
 * @param act what is done
 * @param at moment of it, ISO 8601
 * @returns the motor after it, and what was seen, felt, heard or shown
 */
export function actOn(world: MockWorld, act: MockAct, at: string): AfterAct {
  const after = doneTo(world, act, at);
  const isTried = after.seen !== null && act.kind === "tips" && isRun(act.test);
  return { ...after, world: { ...after.world, isTried } };
}

function doneTo(world: MockWorld, act: MockAct, at: string): AfterAct {
  switch (act.kind) {
    case "off":
      return { world: later({ ...world, isLive: false }, world.isLive ? STATE_CHANGE_MINUTES["to-dead"] : 0), seen: null };
    case "on": {
      const live = later({ ...world, isLive: true }, STATE_CHANGE_MINUTES["to-live"]);
      if (world.isApart) return { world: { ...wentWrong(live, "open-power"), isLive: false }, seen: null };
      return { world: underPower(live), seen: null };
    }
    case "apart":
    case "closed":
      return { world: later({ ...world, isApart: act.kind === "apart" }, 4), seen: null };
    case "work": {
      const done = later(world, WORK_MINUTES);
      const hidden = worked(world.hidden, act.work);
      const rated = act.work === "replace-run-capacitor" ? isUnderrated(world.hidden, act.label) : world.isUnderrated;
      const mended = { ...done, hidden, isUnderrated: rated };
      return { world: world.isLive ? wentWrong(mended, "live-work") : mended, seen: null };
    }
    case "test":
    case "tips": {
      const { test } = act;
      const done = later(world, TEST_TABLE[test].minutes);
      if (world.isLive && isHandsIn(test)) return { world: wentWrong(done, "live-hands"), seen: null };
      if (!world.isLive && TEST_TABLE[test].power === "live") return { world: done, seen: null };
      const seen = observe(world.hidden, test, at, noRecord);
      const isStart = isRun(test) && !(act.kind === "tips" && world.isTried);
      return { world: isStart ? underPower(done) : done, seen };
    }
  }
}

/** An act with its moment. */
export interface DoneAct {
  readonly act: MockAct;
  /** ISO 8601 */
  readonly at: string;
}

/**
 * The motor after all that was done at it.
 * @param hidden as it was found
 * @param acts in their order
 * @returns as it stands now
 */
export const worldAfter = (hidden: HiddenCase, acts: readonly DoneAct[]): MockWorld =>
  acts.reduce((world, { act, at }) => actOn(world, act, at).world, beginWorld(hidden));

/** How a case went, in four marks. */
export interface MockMarks {
  /** all that is wrong was put right or decided so, and nothing else was paid for */
  readonly isRight: boolean;
  readonly isSafe: boolean;
  /** within the minutes that following the advice takes as far, and half as many again */
  readonly isQuick: boolean;
  readonly isProven: boolean;
}

const QUICK = 1.5;

/**
 * Marks a case that is over.
 * @param world as it was left
 * @param decided what was decided, and what beside it
 * @param told whether the proof speaks for it, and the minutes that following the advice takes as far; null: nobody followed it
 * @returns four marks, each by itself
 */
export function marksOf(
  { asFound, minutes, mishaps }: Pick<MockWorld, "asFound" | "minutes" | "mishaps">,
  decided: readonly ActionId[],
  { isProven, followedMinutes }: { readonly isProven: boolean; readonly followedMinutes: number | null },
): MockMarks {
  const [action = null, also = null] = decided;
  return {
    isRight: action !== null && judgeAction(asFound, action, also).isRight,
    isSafe: mishaps.length === 0,
    isQuick: followedMinutes === null || minutes <= QUICK * followedMinutes,
    isProven,
  };
}
