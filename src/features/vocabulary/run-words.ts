import type { HotPlace, Noise, RunField, Warmth, Behaviour } from "@/core/motor";

/* What a run shows, in words: at the run test, and at the proof. */

export const RUN_FIELD_WORDS: Record<RunField, string> = {
  supplyVolts: "Supply volts",
  lineAmps: "Line amps",
  startAmps: "Start-winding amps",
  capacitorVolts: "Capacitor volts",
  speed: "Speed",
  startTime: "Time to start",
  shell: "Shell temperature",
  coastDown: "Coast-down time",
};

export const BEHAVIOUR_WORDS: Record<Behaviour, string> = {
  starts: "Starts by itself",
  "only-pushed": "Only when pushed",
  hums: "Hums, does not start",
  dead: "Nothing at all",
  trips: "Trips the breaker",
};

export const NOISE_WORDS: Record<Noise, string> = {
  quiet: "Quiet",
  hum: "Loud hum",
  squeal: "Squeal",
  rumble: "Rumble",
  rattle: "Rattle",
  scrape: "Scrape",
};

/** What a noise usually comes from; heard, it is a hint and no proof. */
export const NOISE_CAUSES: Record<Noise, string> = {
  quiet: "Quiet: a worn bearing is usually heard.",
  hum: "Loud hum is magnetic: weak capacitor, shorted turns, a start winding left in, or a loose core or mount.",
  squeal: "A squeal is a dry sleeve or seal, or a slipping belt: a drop of oil or a belt off parts them.",
  rumble: "A rumble like a distant cart is a pitted raceway; it grows with load, and with the fingers on the end bell it is felt.",
  rattle: "A rattle is a loose wheel, guard, mount or spring washer; seldom the bearing itself.",
  scrape: "A scrape is something that touches: a wheel on its housing, or the rotor on the stator once the bearings are gone. Switch off.",
};

export const HOT_PLACE_WORDS: Record<HotPlace, string> = {
  "drive-end": "Drive end",
  "other-end": "Other end",
  middle: "Middle, over the winding",
};

export const WARMTH_WORDS: Record<Warmth, string> = { cool: "Cool", warm: "Warm, hand stays", hot: "Hot, hand comes off" };
