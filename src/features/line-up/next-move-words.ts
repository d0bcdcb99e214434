import { powerOf, STATIONS, stationOf, type TravellerAssessment } from "@/core/stations";
import { STATE_CHANGE_MINUTES } from "@/core/diagnosis";
import { viewOf } from "../stations/registry";
import { ACTION_WORDS, SUSPECT_WORDS, TEST_WORDS } from "../vocabulary/words";

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

const listed = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? "") : `${words.slice(0, -1).join(", ")} and ${words.at(-1) ?? ""}`;

function reasonOf({ next, actions }: TravellerAssessment): string {
  if (next.kind === "station") {
    return next.station === "complaint"
      ? "What it does decides where to look first."
      : "The type of motor decides which parts can be at fault; volts and amps are what every figure is held against.";
  }
  const { move } = next;
  if (move.kind === "test") {
    const settles = move.offer.settles.map((suspect) => SUSPECT_WORDS[suspect].toLowerCase());
    return settles.length > 0
      ? `Tells most for the minutes it takes. It speaks of ${listed(settles)}.`
      : "Tells most for the minutes it takes.";
  }
  if (move.kind === "check-first")
    return `Before you ${ACTION_WORDS[move.before].toLowerCase()}: what failed may have hurt the motor, and this shows it.`;
  if (next.station === "decide")
    return actions[0]
      ? `No test left is worth its minutes. ${ACTION_WORDS[actions[0].action]} is the cheapest way on.`
      : "No test left is worth its minutes.";
  return "The same figures after the repair, beside those before, are the proof.";
}

function minutesOf({ next, stateChange }: TravellerAssessment): number {
  if (next.kind === "move" && next.move.kind !== "decide") return next.move.offer.minutes;
  const change =
    stateChange === null ? 0 : STATE_CHANGE_MINUTES[stationOf(stateChange).definition.power === "to-dead" ? "to-dead" : "to-live"];
  return STATIONS[next.station].definition.minutes + change;
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
  return next.kind === "move" && next.move.kind !== "decide" ? TEST_WORDS[next.move.offer.test] : viewOf(next.station).title;
}

/** The next move in words, with the change of state it needs named first. */
export function nextMoveWords(assessment: TravellerAssessment): NextMoveWords {
  const { next, stateChange } = assessment;
  const view = viewOf(next.station);
  const method = next.kind === "move" ? next.method : null;
  const own = next.kind === "move" && next.move.kind !== "decide" ? (view.move?.(assessment.stations[next.station]) ?? null) : null;
  return {
    title: own?.title ?? titleOf(assessment),
    caption: `${minutesOf(assessment)} min · ${STATE_WORDS[powerOf(next.station, method)]}`,
    reason: own?.reason ?? reasonOf(assessment),
    button: stateChange
      ? viewOf(stateChange).title === "Make safe"
        ? "Make safe first"
        : "Power back on first"
      : `Go to ${view.title.toLowerCase()}`,
    target: stateChange ?? next.station,
    method: stateChange ? null : method,
  };
}
