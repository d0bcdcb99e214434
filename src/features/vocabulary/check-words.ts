import type { ActionId, TestId } from "@/core/trade";
import { inSentence } from "./in-sentence";
import { TEST_WORDS } from "./words";

/** What is about to be done, as it stands after "before". */
const ABOUT_TO: Record<ActionId, string> = {
  "replace-run-capacitor": "you replace the run capacitor",
  "replace-start-capacitor": "you replace the start capacitor",
  "service-start-switch": "you service the start switch",
  "replace-start-relay": "you replace the start relay or PTC",
  "replace-bearings": "you replace the bearings",
  "replace-motor": "you replace the motor",
  "repair-wiring-or-supply": "you repair wiring or supply",
  "free-load": "you free the load",
  "repair-control": "you repair the control",
  "wait-and-retest": "you wait and test again",
  "keep-until": "you leave it as it is",
  "no-repair": "it is called sound",
  refer: "you refer it to others",
  "service-bearings": "you clean and grease the bearings",
  "dry-out": "you dry it out",
  "make-it-hold": "you seat and fasten it",
  reconnect: "you connect it anew",
};

/** Words for a work that comes after a check. */
export const aboutTo = (action: ActionId): string => ABOUT_TO[action];

const HURT = "what failed may have hurt the motor, and this shows it";
const IN_IT = "a motor is condemned by what is measured in it";
const ALIKE = "a start winding that stays in and a weak capacitor hum, smell and run hot as a burnt winding does, and cost little";
const FELT = "a bearing is felt by hand before the motor is opened for it";

/** Why a test is asked for before whatever work. */
const REASONS: Readonly<Partial<Record<TestId, string>>> = {
  look: "eye and nose cost minutes, and may show what no meter does",
  "hand-turn": "a hand at the shaft costs a minute, and may say more than any meter",
  "hand-turn-unloaded": "turned without its load, the motor and what it drives are told apart",
  "supply-voltage": "what the feed gives is measured before anything is blamed on it",
  "run-amps": "what it draws is held against its plate",
  "start-winding-amps": "too many amps come of shorted turns, or of a start part that stays in: these part them",
  "capacitor-meter": "a part is measured before it is changed",
  "switch-ohms": "a switch is measured, at rest and pressed, before it is serviced",
  "relay-ohms": "coil and contacts are measured, unplugged, before it is changed",
  "winding-ohms": HURT,
  "frame-ohms": HURT,
  insulation: HURT,
};

/** Before a motor is given up. */
const OF_THE_MOTOR: Readonly<Partial<Record<TestId, string>>> = {
  "winding-ohms": IN_IT,
  "frame-ohms": IN_IT,
  insulation: IN_IT,
  "switch-ohms": ALIKE,
  "relay-ohms": ALIKE,
  "ptc-ohms": ALIKE,
  "capacitor-meter": ALIKE,
};

/** Why it is asked for before some works. */
const REASONS_BEFORE: Readonly<Partial<Record<ActionId, Readonly<Partial<Record<TestId, string>>>>>> = {
  "replace-motor": OF_THE_MOTOR,
  refer: OF_THE_MOTOR,
  "replace-bearings": { "hand-turn": FELT },
  "service-bearings": { "hand-turn": FELT },
};

/**
 * Why a test is asked for before a work.
 * @returns null: this work asks for no such test
 */
export const whyChecked = (action: ActionId, test: TestId): string | null => REASONS_BEFORE[action]?.[test] ?? REASONS[test] ?? null;

/**
 * Tests that works ask for and that were not made, with why, in sentences.
 * @param works one or two
 */
export function uncheckedSentences(works: readonly ActionId[], unchecked: readonly TestId[]): readonly string[] {
  const whyOf = (test: TestId): string => works.flatMap((work) => whyChecked(work, test) ?? [])[0] ?? "";
  return [...new Set(unchecked.map(whyOf))].map((why) => {
    const tests = unchecked.filter((test) => whyOf(test) === why).map((test) => inSentence(TEST_WORDS[test]));
    return `Not checked yet: ${tests.join(", ")}${why === "" ? "" : ` (${why})`}.`;
  });
}

/** One sentence for a check that a work asks for. */
export function checkReason(action: ActionId, test: TestId): string {
  if (action === "no-repair") return "Before it is called sound: nothing is out of order until this was seen, too.";
  const why = whyChecked(action, test);
  return why === null ? `Asked for before ${aboutTo(action)}.` : `Before ${aboutTo(action)}: ${why}.`;
}
