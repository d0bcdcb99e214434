/* The fixed words of the trade. Ids stand in files: do not change one without a migration. */

export const SUSPECTS = [
  "run-capacitor",
  "start-capacitor",
  "start-switch",
  "start-relay",
  "main-winding",
  "start-winding",
  "shorted-turns",
  "ground-fault",
  "protector",
  "bearing-worn",
  "bearing-seized",
  "driven-load",
  "supply",
  "wiring",
  "control",
] as const;
export type Suspect = (typeof SUSPECTS)[number];
/** Everything the line-up can name: the suspects, and nothing wrong. */
export type Standee = Suspect | "no-fault";

export const TESTS = [
  "look",
  "hand-turn",
  "hand-turn-unloaded",
  "supply-voltage",
  "capacitor-meter",
  "capacitor-running",
  "capacitor-swing",
  "winding-ohms",
  "frame-ohms",
  "insulation",
  "switch-ohms",
  "relay-ohms",
  "ptc-ohms",
  "run-amps",
  "start-winding-amps",
  "speed",
  "start-time",
  "noise",
  "temperature",
  "uncoupled-run",
  "push-start",
] as const;
export type TestId = (typeof TESTS)[number];

export const ACTIONS = [
  "replace-run-capacitor",
  "replace-start-capacitor",
  "service-start-switch",
  "replace-start-relay",
  "replace-bearings",
  "replace-motor",
  "repair-wiring-or-supply",
  "free-load",
  "repair-control",
  "wait-and-retest",
  "keep-until",
  "no-repair",
  "refer",
  "service-bearings",
  "dry-out",
  "make-it-hold",
  "reconnect",
] as const;
export type ActionId = (typeof ACTIONS)[number];
/** Nothing is changed at the motor by these: what comes after them does not come of them. */
export const CHANGES_NOTHING: readonly ActionId[] = ["no-repair", "keep-until", "refer", "wait-and-retest"];
/** Nothing is done beside these on the same visit. */
export const STANDS_ALONE: readonly ActionId[] = ["keep-until", "no-repair", "wait-and-retest"];
/** After these the motor has power again as it is. */
export const LEAVES_IN_USE: readonly ActionId[] = ["no-repair", "keep-until"];
