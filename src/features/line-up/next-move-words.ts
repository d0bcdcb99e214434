import { STATION_LABELS } from "../stations/labels";
import { powerOf, stationForTest, type NextStep, type TravellerAssessment } from "@/core/traveller";
import { STATE_CHANGE_MINUTES, TEST_TABLE, type OutcomeKey, type OutcomeMeaning, type TestOffer } from "@/core/diagnosis";
import { formatProbability } from "@/core/quantity";
import { STATIONS, stationOf, type StationId } from "@/core/stations";
import type { TestId } from "@/core/trade";
import { viewOf } from "../stations/registry";
import { DOUBT_SENTENCES, workWords } from "../vocabulary/decision-words";
import { OUTCOME_WORDS, SUSPECT_WORDS, TEST_WORDS } from "../vocabulary/words";
import { ELECTRONICS_CAUTION, notOursSentence, STILL_SERVES } from "../vocabulary/not-ours-words";
import { inSentence } from "../vocabulary/in-sentence";
import { aboutTo, checkReason } from "../vocabulary/check-words";

export interface NextMoveWords {
  readonly title: string;
  readonly caption: string;
  readonly reason: string;
  /** the button: a change of power state is named as a step of its own */
  readonly button: string;
  readonly target: TravellerAssessment["next"]["station"];
  /** way of working at the target, where it has several */
  readonly method: string | null;
}

/** What each step after the tests is for. */
const ORDER_REASONS: Readonly<Partial<Record<TravellerAssessment["next"]["station"], string>>> = {
  decide: "No outcome of any test left would change what is done.",
  "make-safe": "What was decided is done with the circuit dead: off, locked, proven.",
  "take-apart": "Each piece that comes off is listed, with photo and place: last off, first in.",
  "out-in": "What was decided is not noted as in or done yet. Nothing gets power before it is.",
  frame: "Leads or motor were handled: each lead to the frame before power, dead and in two minutes.",
  insulation: "It was dried and read again: the figure counts once the tester is proven and what is no winding is off.",
  prove: "The same figures after the repair, beside those before, are the proof.",
  end: "How it ends, and what that still asks for.",
};

/** What an open motor asks for, where it is the way back that is left. */
const CLOSE_REASON = "It lies open: what came off goes back, and the ledger is closed, before leads are measured and power comes.";

/** Why something is looked at before the first power. */
const BEFORE_POWER_REASONS: Readonly<Partial<Record<TestId, string>>> = {
  look: "Before it gets its first power: what is burnt, wet or loose shows to eye and nose, dead.",
  "hand-turn": "Before it gets its first power: what does not turn must not be switched on.",
  "frame-ohms": "Before it gets its first power: each lead to the frame, dead and in two minutes. What reads gets none.",
};

const listed = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? "") : `${words.slice(0, -1).join(", ")} and ${words.at(-1) ?? ""}`;

/** Steps that come before any test is weighed, with what they are for. */
const FIRST_STEPS = {
  listen: {
    title: "Switch on once and listen",
    reason:
      "Nobody said whether it hums. Covers on, hands away, two seconds with the power on: a hum points to the start side or a shaft held fast, silence to supply, control or protector. Switch off at once, and note at the run test what it did.",
    minutes: 1,
  },
  "look-first": {
    title: "Look before it gets power",
    reason: "It trips, so it is not switched on to listen. Look, smell, turn it by hand and measure to the frame first.",
    minutes: null,
  },
  "look-connection": {
    title: "Look how it is connected",
    reason:
      "The plate has two connections, and these figures are those of the other one. Switch off, prove it dead, compare links and leads with the drawing in the cover, and tap at the plate which volts it is connected for, before any part is blamed.",
    minutes: 5,
  },
} as const;

type FirstStep = Extract<NextStep, { readonly kind: keyof typeof FIRST_STEPS }>;
const isFirstStep = (next: NextStep): next is FirstStep => next.kind in FIRST_STEPS;

/** What is said of a motor that is none of ours. */
const foreignReason = ({ notOurs }: TravellerAssessment["facts"]): string =>
  notOurs === null
    ? ""
    : [
        notOursSentence(notOurs),
        STILL_SERVES,
        ...(notOurs.sort === "electronic" || notOurs.sort === "direct" ? [ELECTRONICS_CAUTION] : []),
      ].join(" ");

/** Volts that fit none of the plate's connections. */
const FITS_NEITHER =
  "The plate has two connections, and the volts that were measured fit neither. Switch off, prove it dead, look at links and leads, and tap at the plate which volts it is connected for: then they can be judged.";

/** Two coils apart, and another motor stands first. */
const LOOK_FOR_SPEEDS =
  "Look at plate, lead colours or selector before another motor: only where two of the leads are speeds is the run winding open.";

function reasonOf({ next, actions, facts, stations }: TravellerAssessment): string {
  if (next.kind === "not-ours") return foreignReason(facts);
  if (next.kind === "look-connection" && stations.supply.detail.isConnectionOpen) return FITS_NEITHER;
  if (isFirstStep(next)) return FIRST_STEPS[next.kind].reason;
  if (next.kind === "before-power") return BEFORE_POWER_REASONS[next.test] ?? "";
  if (next.kind === "order") return next.station === "take-apart" && facts.isApart ? CLOSE_REASON : (ORDER_REASONS[next.station] ?? "");
  if (next.kind === "station") {
    return next.station === "complaint"
      ? "What it does decides where to look first."
      : "The type of motor decides which parts can be at fault; volts and amps are what every figure is held against.";
  }
  const { move } = next;
  if (move.kind === "test") {
    const settles = move.offer.settles.map((suspect) => inSentence(SUSPECT_WORDS[suspect]));
    return settles.length > 0
      ? `Tells most for the minutes it takes. It speaks of ${listed(settles)}.`
      : "Tells most for the minutes it takes.";
  }
  if (move.kind === "check-first") return checkReason(move.before, move.offer.test);
  if (move.kind === "while-here")
    return `While the power is ${facts.power === "dead" ? "off" : "on"}: asked for before ${aboutTo(move.before)}, and each change takes minutes.`;
  if (next.station === "take-apart") return CLOSE_REASON;
  if (stations.windings.detail.cutChain && actions[0]?.action === "replace-motor") return LOOK_FOR_SPEEDS;
  return actions[0]
    ? `No outcome of any test left would change what is done. ${workWords(actions[0])} is the cheapest way on.`
    : "No outcome of any test left would change what is done.";
}

function minutesOf({ next, stateChange }: TravellerAssessment): number {
  if (next.kind === "listen" || next.kind === "look-connection") return FIRST_STEPS[next.kind].minutes;
  if (next.kind === "move" && next.move.kind !== "decide") return next.move.offer.minutes;
  const own = next.kind === "before-power" ? TEST_TABLE[next.test].minutes : STATIONS[next.station].definition.minutes;
  const change =
    stateChange === null ? 0 : STATE_CHANGE_MINUTES[stationOf(stateChange).definition.power === "to-dead" ? "to-dead" : "to-live"];
  return own + change;
}

const STATE_WORDS = {
  dead: "power off",
  live: "power on",
  either: "power as it is",
  "to-dead": "power off",
  "to-live": "power on",
} as const;

/** A test goes by its own name, since its station may stand for more; everything else by its station's. */
function titleOf({ next }: TravellerAssessment): string {
  if (isFirstStep(next)) return FIRST_STEPS[next.kind].title;
  if (next.kind === "not-ours") return `Not ours to judge: ${inSentence(STATION_LABELS[next.station].title)}`;
  if (next.kind === "before-power") return TEST_WORDS[next.test];
  return next.kind === "move" && next.move.kind !== "decide" ? TEST_WORDS[next.move.offer.test] : STATION_LABELS[next.station].title;
}

/** “To the frame” says already where. */
const goTo = (title: string): string => (title.startsWith("To ") ? `Go ${inSentence(title)}` : `Go to ${inSentence(title)}`);

/** The next move in words, with the change of state it needs named first. */
export function nextMoveWords(assessment: TravellerAssessment): NextMoveWords {
  const { next, stateChange } = assessment;
  const view = viewOf(next.station);
  const method = "method" in next ? next.method : null;
  const own = next.kind === "move" || next.kind === "order" ? (view.move?.(assessment.stations[next.station]) ?? null) : null;
  return {
    title: own?.title ?? titleOf(assessment),
    caption: `${minutesOf(assessment)} min · ${STATE_WORDS[powerOf(next.station, method)]}`,
    reason: own?.reason ?? reasonOf(assessment),
    button: stateChange ? `${STATION_LABELS[stateChange].title} first` : goTo(STATION_LABELS[next.station].title),
    target: stateChange ?? next.station,
    method: stateChange ? null : method,
  };
}

/** More than so many outcomes are no longer read. */
const MOST_OUTCOMES = 3;

/** A lead below this decides nothing. */
const STILL_OPEN = 0.4;

function meaningWords(
  { test }: TestOffer,
  { outcome, probability, leads, leadsProbability, action, also }: OutcomeMeaning,
  now: string,
): string {
  const work = workWords({ action, also });
  // What leads by little is not acted on: more is asked then.
  const then = work === now ? "no change" : leadsProbability < STILL_OPEN ? "not decided by that" : inSentence(work);
  const words = OUTCOME_WORDS[`${test}/${outcome}` as OutcomeKey];
  return `${words.replace(/^./, (letter) => letter.toUpperCase())} (${formatProbability(probability)}): ${inSentence(SUSPECT_WORDS[leads])} ${formatProbability(leadsProbability)}, ${then}`;
}

/** The likeliest outcomes; where none of them changes what is done, the likeliest that does is among them: it is why the test is made. */
function shownOutcomes({ outcomes }: TestOffer, now: string): readonly OutcomeMeaning[] {
  const changes = ({ action, also }: OutcomeMeaning): boolean => workWords({ action, also }) !== now;
  const first = outcomes.slice(0, MOST_OUTCOMES);
  const telling = first.some(changes) ? undefined : outcomes.find(changes);
  return telling ? [...first.slice(0, MOST_OUTCOMES - 1), telling] : first;
}

/** What each likely outcome of the proposed test would mean: who would lead then, and what would be done. */
export function outcomeLines({ next, actions }: TravellerAssessment): string[] {
  if (next.kind !== "move" || next.move.kind === "decide") return [];
  const { offer } = next.move;
  const now = actions[0] ? workWords(actions[0]) : "";
  return shownOutcomes(offer, now).map((meaning) => meaningWords(offer, meaning, now));
}

export interface OtherMove {
  readonly title: string;
  readonly caption: string;
  readonly target: StationId;
  readonly method: string | null;
}

/** Other tests that may be made here, for a person who wants another than the one proposed. */
export function otherMoves({ next }: TravellerAssessment): OtherMove[] {
  const others = next.kind === "move" ? next.move.others : next.kind === "before-power" ? next.others : [];
  return others.flatMap((offer): OtherMove[] => {
    const where = stationForTest(offer.test);
    if (!where) return [];
    return [
      {
        title: TEST_WORDS[offer.test],
        caption: `${offer.minutes} min · ${STATE_WORDS[TEST_TABLE[offer.test].power]}`,
        target: where.station,
        method: where.method,
      },
    ];
  });
}

/** What of the proof contradicts the decision, in words. */
export const proofDoubtsOf = ({ stations }: TravellerAssessment): string[] =>
  stations.prove.detail.doubts.map((doubt) => DOUBT_SENTENCES[doubt]);
