import type { Mishap, MockAct, MockLevel, TipPlace, Wish } from "@/core/mock";
import type { Behaviour, Noise, Warmth } from "@/core/motor";
import type { Keyed } from "@/core/simulation";
import type { Sign } from "@/core/stations/look";
import type { StationId } from "@/core/stations";
import { SIGN_WORDS } from "../vocabulary/sign-words";
import { MEND_WORDS } from "../vocabulary/mend-words";
import { BEHAVIOUR_WORDS, NOISE_WORDS, WARMTH_WORDS } from "../vocabulary/run-words";
import { ACTION_WORDS } from "../vocabulary/list-words";
import { TEST_WORDS } from "../vocabulary/words";

export const LEVEL_WORDS: Readonly<Record<MockLevel, string>> = {
  plain: "Plain: common motors, customers who tell",
  usual: "Usual: every sort, half of it told",
  hard: "Hard: worn plates, cold and heat, hardly a word",
};

/** What went wrong by what was done, and what keeps it away. */
export const MISHAP_WORDS: Readonly<Record<Mishap, { readonly told: string; readonly kept: string }>> = {
  "live-hands": {
    told: "Hands were on it, and it was not off and locked: that is how one gets a shock. Nothing was read.",
    kept: "Make safe comes first, with the meter proved before and after.",
  },
  "live-work": {
    told: "You worked on it, and it was not off and locked: that is how one gets a shock.",
    kept: "Off, locked and proven dead before anything comes out.",
  },
  "open-power": {
    told: "You switched on with the motor open: the breaker tripped, and the guard was off.",
    kept: "Put back together and closed before power comes back.",
  },
  "locked-tries": {
    told: "A third try on a rotor that stands: the windings are scorching.",
    kept: "One try, seconds long. What does not turn is measured, not tried again.",
  },
  burst: {
    told: "The capacitor that was put in burst: its volts are too few for this motor.",
    kept: "A run capacitor sees more than the line: the label's volts of the old one, or more.",
  },
};

/** What can be done by hand, eye, ear and nose at each station, and how it is called. */
export const HAND_ACTS: Readonly<Partial<Record<StationId, readonly { readonly label: string; readonly act: MockAct }[]>>> = {
  "make-safe": [{ label: "Switch off and lock", act: { kind: "off" } }],
  "power-back": [{ label: "Everyone clear: switch on", act: { kind: "on" } }],
  look: [{ label: "Look and smell", act: { kind: "test", test: "look" } }],
  "hand-turn": [
    { label: "Turn the shaft", act: { kind: "test", test: "hand-turn" } },
    { label: "Turn it with the load off", act: { kind: "test", test: "hand-turn-unloaded" } },
  ],
  capacitor: [{ label: "Watch the ohms swing", act: { kind: "test", test: "capacitor-swing" } }],
  "run-test": [
    { label: "Switch on, watch and listen", act: { kind: "test", test: "noise" } },
    { label: "Feel the shell", act: { kind: "test", test: "temperature" } },
  ],
  "uncoupled-run": [
    { label: "Run it uncoupled", act: { kind: "test", test: "uncoupled-run" } },
    { label: "Push it by hand", act: { kind: "test", test: "push-start" } },
  ],
  prove: [{ label: "Switch on, watch and listen", act: { kind: "test", test: "noise" } }],
};

const PLACE_WORDS: Readonly<Record<string, string>> = {
  "make-safe.source": "A live source",
  "make-safe.circuit": "The circuit",
  "make-safe.capacitor": "The capacitor",
  "capacitor.readings.0": "The capacitor",
  "capacitor.second.readings.0": "The second capacitor",
  "capacitor.running.sections.0.amps": "Clamp on its lead",
  "capacitor.running.sections.0.volts": "Across it",
  "insulation.together": "Tester leads together",
  "insulation.apart": "Tester leads apart",
  "insulation.temperature": "Thermometer on the winding",
  "insulation.cells.0.entry": "All windings to frame",
  "start-gear.switch.atRest": "Switch at rest",
  "start-gear.switch.actuated": "Switch pressed",
  "start-gear.relay.coil": "Relay coil",
  "start-gear.relay.contact": "Relay contacts",
  "supply.standing": "Line, before it starts",
  "supply.starting": "Line, while it starts",
  "supply.atDisconnect": "At the disconnect",
  "run-test.lineAmps": "Clamp on the line",
  "run-test.startAmps": "Clamp on the start winding",
  "run-test.speed": "Speed",
  "run-test.startTime": "Time to start",
  "prove.lineAmps": "Clamp on the line",
  "prove.startAmps": "Clamp on the start winding",
  "prove.speed": "Speed",
  "out-in.new": "The new part",
};

/** What a place is called where instruments are put, by the names that the card gives its leads; else they are counted. */
export function placeWords({ at }: Pick<TipPlace, "at">, names: readonly string[] = []): string {
  const lead = (place: number): string => names[place] ?? String(place + 1);
  if ("posts" in at) return `${lead(at.posts[0])} to ${lead(at.posts[1])}`;
  return "lead" in at ? `Lead ${lead(at.lead)} to frame` : (PLACE_WORDS[at.name] ?? at.name);
}

/** Words of what hand, eye and ear had of a test. */
const SEEN_WORDS: Readonly<Record<string, (value: unknown) => string | null>> = {
  signs: (value) =>
    (value as readonly Sign[]).length === 0
      ? null
      : `Seen or smelt: ${(value as readonly Sign[]).map((sign) => SIGN_WORDS[sign].toLowerCase()).join(", ")}.`,
  nothingFound: (value) => (value === true ? "Nothing to see or smell." : null),
  turn: (value) =>
    ({ free: "It turns free.", rough: "It turns rough.", tight: "It turns tight.", seized: "It does not turn." })[value as "free"] ?? null,
  unloaded: (value) =>
    ({
      free: "With the load off it turns free.",
      rough: "With the load off it turns rough.",
      tight: "With the load off it is tight.",
      seized: "With the load off it does not turn.",
    })[value as "free"] ?? null,
  radialPlay: (value) => (value === true ? "The shaft has play to the side." : "No play to the side."),
  endPlay: (value) => (value === true ? "The shaft has play along it." : null),
  rubs: (value) => (value === true ? "Something rubs." : null),
  behaviour: (value) => `${BEHAVIOUR_WORDS[value as Behaviour]}.`,
  noises: (value) => `Heard: ${(value as readonly Noise[]).map((noise) => NOISE_WORDS[noise].toLowerCase()).join(", ")}.`,
  warmth: (value) => `The shell: ${WARMTH_WORDS[value as Warmth].toLowerCase()}.`,
  result: (value) =>
    ({ runs: "Uncoupled it runs.", "runs-rough": "Uncoupled it runs, and sounds the same.", "does-not-run": "Uncoupled it does not run." })[
      value as "runs"
    ] ?? null,
  push: (value) =>
    (value as { readonly result: string }).result === "keeps-running"
      ? "Pushed, it goes on running either way round."
      : "Pushed, it stops again.",
  swing: (value) =>
    SWINGS[(value as { readonly sections: readonly { readonly behaviour: string }[] }).sections[0]?.behaviour ?? ""] ?? null,
  call: (value) => (value === "no-call" ? "The control does not call." : "The control calls."),
  shell: (value) => (value === "hot" ? "The shell is hot." : "The shell is cool."),
  label: (value) => (value === "" ? null : `Its label: ${String(value)}.`),
  sort: (value) =>
    ({ switch: "A centrifugal switch.", "potential-relay": "A potential relay.", none: "No start gear." })[value as "switch"] ?? null,
  switch: (value) => switchWords(value as { readonly isCoverSeated: boolean | null; readonly clicksBack: boolean | null }),
  second: (value) => `The second one's label: ${(value as { readonly label: string }).label}.`,
};
const SWINGS: Readonly<Record<string, string>> = {
  "takes-charge": "The ohms dip, and climb.",
  "stays-low": "The ohms stay near zero.",
  "never-dips": "The ohms never dip.",
};
function switchWords({
  isCoverSeated,
  clicksBack,
}: {
  readonly isCoverSeated: boolean | null;
  readonly clicksBack: boolean | null;
}): string {
  return `The cover ${isCoverSeated === false ? "does not sit" : "sits"}. The weights click ${clicksBack === true ? "back" : "not back"}.`;
}

/** What was seen, felt, heard and smelt, in sentences: figures are read with tips. */
export const seenWords = ({ data }: Keyed): string[] =>
  Object.entries(data).flatMap(([name, value]) => (value === null || value === undefined ? [] : (SEEN_WORDS[name]?.(value) ?? [])));

/** What was done, in a few words. */
export function actWords(act: MockAct): string {
  switch (act.kind) {
    case "off":
      return "Switched off and locked";
    case "on":
      return "Switched on";
    case "test":
    case "tips":
      return TEST_WORDS[act.test];
    case "work":
      return act.work in ACTION_WORDS
        ? ACTION_WORDS[act.work as keyof typeof ACTION_WORDS]
        : ((MEND_WORDS as Readonly<Record<string, string>>)[act.work] ?? act.work);
    case "apart":
      return "Taken apart";
    case "closed":
      return "Put back together";
  }
}

/** Lessons: what each is about, and its point. */
export const LESSON_WORDS: Readonly<Record<string, { readonly title: string; readonly point: string }>> = {
  "open-capacitor": {
    title: "It hums and stands",
    point: "One part, one meter: read the capacitor against its label before anything else is thought.",
  },
  "weak-capacitor": { title: "Slow, hot, and still turning", point: "A figure just outside its limits is worth a second method." },
  "dead-motor": { title: "Dead and silent", point: "Volts first: a motor without supply is a sound motor." },
  "no-call": {
    title: "Nobody told it to run",
    point: "Supply at the disconnect and none at the motor: the control speaks before the motor does.",
  },
  "worn-bearing": { title: "A noise that grows", point: "A hand on the shaft and an ear need no meter." },
  "jammed-load": { title: "Held by its machine", point: "Take the load off before the motor is blamed." },
  "open-winding": { title: "An open path", point: "Three pairs name the leads, and show which winding is gone." },
  "ground-fault": { title: "It trips", point: "To the frame before power: two minutes that save a breaker and a hand." },
  "switch-open": { title: "Hums, and runs when pushed", point: "Start gear and start capacitor look alike from outside; ohms part them." },
  "switch-welded": { title: "Starts, then grows hot", point: "What should open after the start has to be seen open." },
  damp: { title: "Low megohms", point: "Dry it and read again: damp is no burnt winding." },
  "nothing-wrong": { title: "Nothing wrong", point: "To find nothing, prove it and leave the parts on the shelf is a repair too." },
};

/** What a teacher may hide, in words. */
export const WISH_WORDS: Readonly<Record<Wish, string>> = {
  nothing: "Nothing wrong",
  "run-weak": "Run capacitor weak",
  "run-open": "Run capacitor open",
  "run-shorted": "Run capacitor shorted",
  "start-weak": "Start capacitor weak",
  "start-open": "Start capacitor open",
  "switch-open": "Start switch open",
  "switch-not-pressed": "Start switch not pressed",
  "switch-welded": "Start switch welded",
  "relay-open": "Start relay contacts open",
  "relay-welded": "Start relay welded",
  "relay-coil": "Start relay coil open",
  "main-winding-open": "Main winding open",
  "start-winding-open": "Start winding open",
  "shorted-turns": "Shorted turns",
  grounded: "Path to the frame",
  "grounded-high": "Leaks to the frame",
  "bearing-worn": "Bearing worn",
  "bearing-seized": "Bearing seized",
  "load-heavy": "Load heavy",
  "load-jammed": "Load jammed",
  "load-noisy": "Load noisy",
  "supply-low": "Supply low",
  "supply-sags": "Supply sags",
  "supply-absent": "No supply",
  "feed-lost": "Lead interrupted",
  "joint-loose": "Joint loose",
  "control-silent": "Control silent",
  "protector-open": "Protector open",
  damp: "Windings damp",
  "bearing-dry": "Bearing dry",
  "cover-loose": "Cover loose",
  "wired-for-higher": "Wired for the higher volts",
  "wired-for-lower": "Wired for the lower volts",
  "turns-backwards": "Turns backwards",
};
