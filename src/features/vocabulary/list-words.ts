import type { ActionId, Complaint } from "@/core/trade";

/* Words that lists need, apart from the long tables. */

export const COMPLAINT_WORDS: Record<Complaint, string> = {
  "does-not-run": "Does not run",
  dead: "Dead, no sound",
  "hums-no-start": "Hums, will not start",
  "starts-with-push": "Starts with a push",
  "starts-slow": "Starts slowly",
  "trips-at-start": "Trips at start",
  "trips-running": "Trips while running",
  "trips-at-once": "Trips at once",
  "runs-hot": "Runs hot",
  "burning-smell": "Burning smell",
  squeals: "Squeals",
  rumbles: "Rumbles",
  vibrates: "Vibrates",
  "slow-or-weak": "Weak or slow",
  "runs-backwards": "Runs backwards",
  "high-current": "High current",
  "cuts-out-and-returns": "Cuts out and returns",
  intermittent: "Comes and goes",
  "noisy-hum": "Loud hum",
};

export const ACTION_WORDS: Record<ActionId, string> = {
  "replace-run-capacitor": "Replace run capacitor",
  "replace-start-capacitor": "Replace start capacitor",
  "service-start-switch": "Service start switch",
  "replace-start-relay": "Replace start relay or PTC",
  "replace-bearings": "Replace bearings",
  "replace-motor": "Replace motor",
  "repair-wiring-or-supply": "Repair wiring or supply",
  "free-load": "Free the load",
  "repair-control": "Repair control",
  "wait-and-retest": "Wait and retest",
  "keep-until": "Leave, and recheck",
  "no-repair": "No repair",
  refer: "Refer to others",
  "service-bearings": "Clean and grease bearings",
  "dry-out": "Dry out",
  "make-it-hold": "Seat and fasten",
  reconnect: "Connect anew, or turn it round",
};
