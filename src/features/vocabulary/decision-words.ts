import type { Suspect } from "@/core/trade";
import type { Cause, CustomWay, HingeFigure, Measure, Work } from "@/core/decision";
import type { ProofDoubt } from "@/core/stations/prove";
import { ACTION_WORDS } from "./list-words";
import { SUSPECT_WORDS } from "./words";
import { inSentence } from "./in-sentence";

/* The decision's ids in words. One table each; a missing word does not compile. */

/** One work, or two on the same visit. */
export const workWords = ({ action, also }: Work): string =>
  also === null ? ACTION_WORDS[action] : `${ACTION_WORDS[action]}, and ${inSentence(ACTION_WORDS[also])}`;

export const CAUSE_WORDS: Record<Cause, { readonly name: string; readonly ask: string }> = {
  heat: { name: "Heat", ask: "Was the part too hot where it sits?" },
  dirt: { name: "Dirt", ask: "Is wheel, coil or housing clogged?" },
  "low-supply": { name: "Supply", ask: "Are the volts at the motor good while it starts?" },
  "short-cycling": { name: "Short cycling", ask: "Does control start it more often than the part bears?" },
  "loose-cover": { name: "Loose cover", ask: "Does cover or end bell sit tight, so that the switch is pressed?" },
  "wrong-part": { name: "Wrong earlier part", ask: "Was the part that failed the one the plate asks for?" },
  overload: { name: "Overload", ask: "Does it draw more than its plate under its own load?" },
  moisture: { name: "Moisture", ask: "Did water or steam get in?" },
  misalignment: { name: "Alignment", ask: "Is belt too tight, wheel out of balance, shaft out of line?" },
};

export const CAUSE_STATE_WORDS = { found: "found", cleared: "looked for, not found", open: "not looked at" } as const;

export const MEASURE_WORDS: Record<Measure, { readonly name: string; readonly honest: string }> = {
  "leave-off": { name: "Leave it off", honest: "Nothing gets worse. Say what stands still meanwhile, and tag the switch." },
  "parallel-parts": {
    name: "Make the value from parts in parallel",
    honest:
      "Right while the joint limits hold and each part bears the volts. It takes more room and more joints: put the one part in when it comes.",
  },
  "other-volts": {
    name: "Same µF with higher volts, of another size",
    honest: "Electrically as good or better; only strap and room are makeshift. Never lower volts.",
  },
  "tested-spare": {
    name: "A tested spare off the shelf",
    honest: "As good as its last reading. Its age is not known: look again on the date.",
  },
  "clean-contacts": { name: "Clean and set the contacts", honest: "Burnt contacts burn again. Weeks, not years." },
  "oil-or-grease": {
    name: "Oil or grease the bearing",
    honest: "It quiets a dry bearing for days or weeks. It does not bring a worn one back.",
  },
  "used-motor": { name: "A used motor of the same figures", honest: "Test it fully first. Right for a machine near its end." },
  "start-kit": { name: "A start kit in parallel", honest: "A crutch: it hides what is weak. Take it off when the relay comes." },
  "run-watched": { name: "Run it watched", honest: "Only with somebody there: off at the first smell, hum or rub." },
  "lighter-load": { name: "Run it at a lighter load", honest: "Lower speed, fewer hours, covers on. It still wears." },
};

export const CUSTOM_WORDS: Record<CustomWay, string> = {
  "parts-inside": "Standard parts inside it: bearings, capacitor",
  "made-bracket": "Standard motor on a made bracket",
  "whole-unit": "Whole unit replaced",
  "make-it-hold": "Made to hold: seated, fastened, strapped",
};

export const HINGE_WORDS: Record<
  HingeFigure,
  { readonly name: (suspect: Suspect | null) => string; readonly unit: string; readonly decimals: number }
> = {
  "lead-probability": {
    name: (suspect) => `chance that it is: ${inSentence(SUSPECT_WORDS[suspect ?? "no-fault"])}`,
    unit: "%",
    decimals: 0,
  },
  "motor-price": { name: () => "price of a motor", unit: "", decimals: 0 },
  "hourly-rate": { name: () => "price of an hour", unit: "", decimals: 0 },
  "callback-cost": { name: () => "cost of coming back", unit: "", decimals: 0 },
  "motor-age": { name: () => "age of the motor", unit: "years", decimals: 1 },
  "machine-years": { name: () => "years the machine is still wanted", unit: "years", decimals: 1 },
};

export const DOUBT_SENTENCES: Record<ProofDoubt, string> = {
  "does-not-start": "It still does not start by itself: what was done did not cure it.",
  "amps-out": "The amps after are above the limit: it is not cured, or something else is wrong too.",
  "amps-low":
    "The amps after are far below the plate, and not what they were before: does it have its load? Belt, wheel, flow, doors and covers.",
  "idle-low":
    "Without load it draws less than this motor idles at: an open winding section, another connection, or the clamp round two leads.",
  "idle-high": "Without load it draws more than this motor idles at: shorted turns, tight bearings, or a start winding left in.",
  "no-better": "The amps were too high before and are no lower now: what was replaced was not what drew them.",
  "noise-stays": "The noise it came with is still there after work meant for it.",
  "capacitor-not-felt":
    "The start winding draws what it drew before: a new capacitor would have changed it. Check that the new one is connected.",
  "still-slow": "It still starts slowly.",
  "still-hot": "The shell is still too hot for its class.",
  "rotation-wrong": "It turns the wrong way, looking at the shaft end: reverse it before the machine is closed.",
  "wrong-part-in":
    "The part that is in is not the right one: Out and in says why. Fit another one, or correct there what it says and reads.",
  "line-failed": "Something the machine should do now, it does not: it is not cured, or something else is wrong too.",
  "supply-still-off": "The volts are still outside their band after work on supply or wiring.",
};
