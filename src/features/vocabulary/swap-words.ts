import type { AfterFitting, Fate, IncomingVerdict, KeptPart, PartKind, PieceCondition, ProofLine, Quoted } from "@/core/exchange";
import type { ExchangeLack } from "@/core/stations/out-in";
import type { ShelfState } from "@/records";

export const PART_KIND_WORDS: Record<PartKind, { readonly one: string; readonly many: string }> = {
  capacitor: { one: "Capacitor", many: "Capacitors" },
  bearing: { one: "Bearing", many: "Bearings" },
  motor: { one: "Motor", many: "Motors" },
  "start-gear": { one: "Start gear", many: "Start gear" },
  other: { one: "Other part", many: "Other parts" },
};

export const PART_STATE_WORDS: Record<ShelfState, string> = {
  new: "New",
  used: "Used",
  tested: "Tested spare",
  untested: "Not tested",
  "for-parts": "For parts",
};

export const FATE_WORDS: Record<Fate, string> = {
  scrap: "Scrap",
  "keep-for-parts": "Keep for parts",
  "back-on-shelf": "Back on the Shelf",
  return: "Return to the supplier",
};

export const KEPT_PART_WORDS: Record<KeptPart, string> = {
  rotor: "Rotor",
  "end-bells": "End bells",
  base: "Base",
  fan: "Fan",
  bearings: "Bearings",
  capacitor: "Capacitor",
  switch: "Switch",
};

export const LACK_WORDS: Record<ExchangeLack, string> = {
  fate: "say what becomes of the old one",
  "why-scrapped": "say why it is scrap",
  "made-unusable": "cut its cord or leads, so that nobody fits it again",
  "part-in": "name the part that goes in",
  "part-missing": "name the other bearing, or say at How it ends why it stays",
  fitted: "note when it is in",
  "expected-day": "say when the new one is expected",
};

export const INCOMING_WORDS: Record<IncomingVerdict, string> = {
  right: "Right part",
  wrong: "Not this one",
  "too-close": "Too close",
  unsure: "Not sure",
  unmeasured: "Not measured yet",
};

/** How a piece is looked over before it goes in, by its kind. */
export const CONDITION_WORDS: Record<PartKind, { readonly asked: string } & Readonly<Record<PieceCondition, string>>> = {
  capacitor: { asked: "By eye", good: "Sound", bad: "Bulged, leaking or shorted" },
  bearing: { asked: "Turned by hand", good: "Silent, no play", bad: "Rough or loose" },
  motor: { asked: "Turned by hand", good: "Free and silent", bad: "Rough, tight or loose" },
  "start-gear": { asked: "By eye", good: "Sound", bad: "Cracked, burnt or rusted" },
  other: { asked: "Checked before it goes in", good: "Good", bad: "No good" },
};

export const QUOTED_WORDS: Record<Quoted, string> = {
  "run-capacitor": "Run capacitor",
  "start-capacitor": "Start capacitor",
  "start-gear": "Start gear",
  bearings: "Bearings, both",
  motor: "Motor",
  "whole-unit": "Whole unit",
  makeshift: "Makeshift",
};

export const AFTER_FITTING_WORDS: Record<AfterFitting, string> = {
  "ground-to-bare-metal": "Ground restored to bare metal",
  "leads-capped": "Unused speed leads capped one by one",
  "joins-sleeved": "Joins sleeved; aluminium or copper-clad wire only in connectors made for it",
  "screw-on-flat": "Set screw tight, on its flat or its key",
  "wheel-centred": "Wheel centred, turns free",
  "belt-tension": "Belt in line, tension right",
  "mount-tight": "Mount tight, nothing rocks",
  "strap-holds": "Strap holds the capacitor",
  "terminals-covered": "Terminals covered",
  "wires-clear-of-wheel": "Wires clear of wheel and belt",
  "cover-and-flue": "Cover and flue back in place",
  "gas-by-licensed": "Gas back on, by whoever may",
};

export const PROOF_LINE_WORDS: Record<ProofLine, string> = {
  "restarts-against-pressure": "Restarts against pressure",
  "pressures-or-temperature": "Reaches its temperature",
  "air-as-it-should": "Moves the air it should",
  "flow-as-it-should": "Pumps what it should",
  "turns-loaded": "Turns with its load",
  "flame-steady": "Flame steady, nothing smells",
  "coin-on-edge": "A coin stands on edge on the housing",
  "belt-quiet": "Belt quiet, no slip",
  "no-trip-in-starts": "No trip in three starts",
  "starts-three-times": "Starts three times by itself",
  "warm-and-still-running": "Still runs once it is warm",
};
