import type { Behaviour } from "@/core/motor";
import type { Noise, RunField, Warmth } from "@/core/stations/run-figures";

/* What a run shows, in words: at the run test, and at the proof. */

export const RUN_FIELD_WORDS: Record<RunField, string> = {
  supplyVolts: "Supply volts",
  lineAmps: "Line amps",
  startAmps: "Start-winding amps",
  capacitorVolts: "Capacitor volts",
  speed: "Speed",
  startTime: "Time to start",
  shell: "Shell temperature",
};

export const BEHAVIOUR_WORDS: Record<Behaviour, string> = {
  starts: "Starts by itself",
  "only-pushed": "Only when pushed",
  hums: "Hums, does not start",
  dead: "Nothing at all",
};

export const NOISE_WORDS: Record<Noise, string> = {
  quiet: "Quiet",
  hum: "Loud hum",
  squeal: "Squeal",
  rumble: "Rumble",
  rattle: "Rattle",
};

export const WARMTH_WORDS: Record<Warmth, string> = { cool: "Cool", warm: "Warm, hand stays", hot: "Hot, hand comes off" };
