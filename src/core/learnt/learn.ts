import { isJudgedWork, type JudgedWork } from "../decision";
import { quantileOfSorted } from "../numeric";
import type { Complaint, MachineKind, MotorType, Suspect } from "../trade";
import type { DatedDeed } from "./deed";
import { rateOf, type Rate } from "./rate";

/** How works of one sort went. */
export interface WorkOutcome {
  readonly done: number;
  readonly held: number;
  readonly back: number;
  /** not long enough ago to say */
  readonly young: number;
  /** came back, of those that are old enough */
  readonly returns: Rate;
}

export interface Minutes {
  readonly cases: number;
  readonly median: number;
  readonly lower: number;
  readonly upper: number;
}

/** What a complaint turned out to be. */
export interface CauseRate {
  readonly complaint: Complaint;
  readonly cause: Suspect;
  readonly rate: Rate;
}

export interface Learnt {
  /** cards with a work that can be judged */
  readonly cards: number;
  readonly byWork: Readonly<Partial<Record<JudgedWork, WorkOutcome>>>;
  /** by work and maker of the part that went in */
  readonly byMaker: readonly { readonly work: JudgedWork; readonly maker: string; readonly outcome: WorkOutcome }[];
  readonly byMachine: readonly { readonly machine: MachineKind; readonly outcome: WorkOutcome }[];
  readonly byType: readonly { readonly type: MotorType; readonly outcome: WorkOutcome }[];
  readonly causes: readonly CauseRate[];
  readonly minutes: Readonly<Partial<Record<JudgedWork, Minutes>>>;
  /** how often each part was the cause, of cards whose cause is clear */
  readonly found: Readonly<Partial<Record<Suspect, number>>>;
  readonly clear: readonly DatedDeed[];
}

const DAY_MS = 86_400_000;
type Fate = "held" | "back" | "young";

/** Judged by the first card that came back from it. */
function fateOf(deed: DatedDeed, backAt: ReadonlyMap<string, string>, nowMs: number, withinDays: number): Fate | null {
  if (deed.finishedAt === null || !deed.works.some(isJudgedWork)) return null;
  const signedMs = Date.parse(deed.finishedAt);
  const back = backAt.get(deed.id);
  if (back !== undefined && (Date.parse(back) - signedMs) / DAY_MS <= withinDays) return "back";
  return (nowMs - signedMs) / DAY_MS >= withinDays ? "held" : "young";
}

const outcomeOf = (fates: readonly Fate[]): WorkOutcome => {
  const count = (fate: Fate): number => fates.filter((each) => each === fate).length;
  const [held, back] = [count("held"), count("back")];
  return { done: fates.length, held, back, young: count("young"), returns: rateOf(back, held + back) };
};

interface Judged {
  readonly deed: DatedDeed;
  readonly fate: Fate;
}

/** Groups what was judged by a key; the largest first. */
function grouped<Key extends string>(judged: readonly Judged[], keysOf: (deed: DatedDeed) => readonly Key[]): [Key, WorkOutcome][] {
  const groups = new Map<Key, Fate[]>();
  for (const { deed, fate } of judged)
    for (const key of new Set(keysOf(deed))) {
      const fates = groups.get(key);
      if (fates) fates.push(fate);
      else groups.set(key, [fate]);
    }
  return [...groups].map(([key, fates]): [Key, WorkOutcome] => [key, outcomeOf(fates)]).sort((a, b) => b[1].done - a[1].done);
}

const quantile = (sorted: readonly number[], share: number): number => quantileOfSorted(sorted, share);

function minutesOf(judged: readonly Judged[]): Learnt["minutes"] {
  const byWork = new Map<JudgedWork, number[]>();
  for (const { deed } of judged) {
    // Two works on one visit share their minutes: neither is told from them.
    const [work, ...others] = deed.works.filter(isJudgedWork);
    if (work === undefined || others.length > 0 || deed.minutes === null) continue;
    byWork.set(work, [...(byWork.get(work) ?? []), deed.minutes]);
  }
  return Object.fromEntries(
    [...byWork].map(([work, minutes]) => {
      const sorted = minutes.toSorted((a, b) => a - b);
      return [work, { cases: sorted.length, median: quantile(sorted, 0.5), lower: quantile(sorted, 0.25), upper: quantile(sorted, 0.75) }];
    }),
  );
}

function causesOf(clear: readonly DatedDeed[]): CauseRate[] {
  const cases = new Map<Complaint, number>();
  const hits = new Map<string, { complaint: Complaint; cause: Suspect; count: number }>();
  for (const { complaints, cause } of clear)
    for (const complaint of complaints) {
      cases.set(complaint, (cases.get(complaint) ?? 0) + 1);
      if (cause === null) continue;
      const key = `${complaint} ${cause}`;
      const known = hits.get(key);
      if (known) known.count += 1;
      else hits.set(key, { complaint, cause, count: 1 });
    }
  return [...hits.values()]
    .map(({ complaint, cause, count }) => ({ complaint, cause, rate: rateOf(count, cases.get(complaint) ?? count) }))
    .sort(
      (a, b) =>
        b.rate.cases - a.rate.cases || (a.complaint === b.complaint ? b.rate.hits - a.rate.hits : a.complaint < b.complaint ? -1 : 1),
    );
}

/**
 * What a house has learnt from its own cards: of each work how often it came back within the house's days, what complaints
 * turned out to be, and the minutes really taken.
 * @param deeds what each card tells, in any order
 * @param nowMs the present moment [ms]
 * @param withinDays a card that comes back within these of its sign-off came back [days]
 * @returns counts, each with the interval that so few cases allow
 */
export function learn(deeds: readonly DatedDeed[], nowMs: number, withinDays: number): Learnt {
  const backAt = new Map<string, string>();
  for (const { callbackOf, createdAt } of deeds) {
    if (callbackOf === null) continue;
    const known = backAt.get(callbackOf);
    if (known === undefined || createdAt < known) backAt.set(callbackOf, createdAt);
  }
  const judged = deeds.flatMap((deed): Judged[] => {
    const fate = fateOf(deed, backAt, nowMs, withinDays);
    return fate === null ? [] : [{ deed, fate }];
  });
  // What came back was not, or not all, what the evidence said.
  const clear = judged.flatMap(({ deed, fate }) => (deed.cause !== null && fate !== "back" ? [deed] : []));
  const found = new Map<Suspect, number>();
  for (const { cause } of clear) if (cause !== null) found.set(cause, (found.get(cause) ?? 0) + 1);
  return {
    cards: judged.length,
    byWork: Object.fromEntries(grouped(judged, ({ works }) => works.filter(isJudgedWork))),
    byMaker: grouped(judged, ({ works, maker }) => (maker === "" ? [] : works.filter(isJudgedWork).map((work) => `${work} ${maker}`))).map(
      ([key, outcome]) => ({ work: key.slice(0, key.indexOf(" ")) as JudgedWork, maker: key.slice(key.indexOf(" ") + 1), outcome }),
    ),
    byMachine: grouped(judged, ({ profile }) => [profile.machine]).map(([machine, outcome]) => ({ machine, outcome })),
    byType: grouped(judged, ({ profile }) => [profile.type]).map(([type, outcome]) => ({ type, outcome })),
    causes: causesOf(clear),
    minutes: minutesOf(judged),
    found: Object.fromEntries(found),
    clear,
  };
}
