import { actOn, bitsTold, marksOf, mockCase, worldAfter, type Mishap, type MockMarks, type MockWorld } from "@/core/mock";
import { rememberStudy, type Study } from "@/core/study";
import { takeJob, type OthersWay } from "@/core/technicians";
import type { ActionId, Standee, Suspect } from "@/core/trade";
import type { TravellerAssessment } from "@/core/traveller";
import { toHouse, type HouseRecord, type StationRecord, type Traveller } from "@/records";
import { assessCard, toKeptCard } from "@/store/kept-card";
import type { MockState } from "@/store/mock-cases";
import { nextMoveWords } from "../line-up/next-move-words";
import { truthWords } from "./flaw-words";
import { actWords } from "./mock-words";

/** One act of a case, as it is gone through afterwards. */
export interface DebriefStep {
  readonly minute: number;
  readonly what: string;
  /** what the card knew more after it, in bits */
  readonly bits: number;
  /** what the Next move was, just before */
  readonly advice: string;
  readonly lineUp: readonly { readonly suspect: Standee; readonly chance: number }[];
  readonly mishap: Mishap | null;
}

/** A case that is over, gone through. */
export interface Debrief {
  readonly truth: readonly string[];
  readonly family: Suspect | null;
  readonly minutes: number;
  readonly steps: readonly DebriefStep[];
  readonly marks: MockMarks;
  readonly decided: readonly ActionId[];
  /** the same case in other hands, who follows the advice first */
  readonly others: readonly OthersWay[];
}

/** Who takes the same case besides. */
const OTHERS = ["follows", "down-the-strip", "capacitor-first"] as const;

/** What a debrief is made from. */
export interface DebriefRequest {
  readonly traveller: Traveller;
  /** rows of the card as they stand */
  readonly rows: readonly StationRecord[];
  readonly state: MockState;
  readonly house: HouseRecord;
}

/** Rows of the card as they stood when so many acts were done. */
function rowsAt({ state, rows }: DebriefRequest, acts: number): readonly StationRecord[] {
  // What was keyed after the last act is on the card as it stands.
  if (acts >= state.acts.length) return rows;
  const known = new Map<string, StationRecord>();
  for (const snapshot of state.snapshots) if (snapshot.acts <= acts) for (const row of snapshot.rows) known.set(row.id, row);
  return [...known.values()];
}

const LINE_UP = 3;

/**
 * Goes through a case: what was hidden, what each step told and cost, what went wrong, and what the advice was.
 * @param request the card with what was done beside it
 * @param answer who answers long questions
 */
export function debriefOf(request: DebriefRequest, answer: Study): Debrief {
  const { traveller, state, house } = request;
  const hidden = mockCase(state.spec);
  const study = rememberStudy(answer);
  const { figures } = toHouse(house);
  const assess = (acts: number): TravellerAssessment =>
    assessCard(toKeptCard({ traveller, rows: rowsAt(request, acts), earlier: [] }), figures, study);
  const stands = Array.from({ length: state.acts.length + 1 }, (_, acts) => assess(acts));
  const worlds = state.acts.reduce((all, { act, at }) => [...all, actOn(all.at(-1) as MockWorld, act, at).world], [worldAfter(hidden, [])]);
  const steps = state.acts.map(({ act }, index): DebriefStep => {
    const [before, after] = [stands[index], stands[index + 1]] as [TravellerAssessment, TravellerAssessment];
    const [was, is] = [worlds[index], worlds[index + 1]] as [MockWorld, MockWorld];
    return {
      minute: Math.round(is.minutes),
      what: actWords(act),
      bits: bitsTold(before.standing, after.standing),
      advice: nextMoveWords(before).title,
      lineUp: after.standing.suspects.slice(0, LINE_UP).map(({ suspect, probability }) => ({ suspect, chance: probability })),
      mishap: is.mishaps[was.mishaps.length]?.what ?? null,
    };
  });
  const { facts } = stands.at(-1) as TravellerAssessment;
  const world = worlds.at(-1) as MockWorld;
  const decided = [facts.action, facts.also].filter((each): each is ActionId => each !== null);
  const isProven = facts.proof === "there";
  const others = OTHERS.map((technician) => takeJob(hidden, technician, study));
  return {
    truth: truthWords(hidden.flaws),
    family: hidden.flaws[0]?.suspect ?? null,
    minutes: Math.round(world.minutes),
    steps,
    marks: marksOf(world, decided, { isProven, followedMinutes: (isProven ? others[0]?.minutes : others[0]?.decidedMinutes) ?? null }),
    decided,
    others,
  };
}
