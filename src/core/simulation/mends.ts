import type { ActionId } from "../trade";
import type { MendId } from "../job";

/** What hands can do to a motor. */
export type HandWork = ActionId | MendId;

const BEARINGS: readonly HandWork[] = ["replace-bearings", "replace-motor"];
const MOTOR: readonly HandWork[] = ["replace-motor"];
const RUN: readonly HandWork[] = ["replace-run-capacitor", "replace-motor"];
const START: readonly HandWork[] = ["replace-start-capacitor", "replace-motor"];
const SWITCH: readonly HandWork[] = ["service-start-switch", "clean-contacts", "free-governor", "replace-motor"];
const RELAY: readonly HandWork[] = ["replace-start-relay", "replace-motor"];
const LOAD: readonly HandWork[] = ["free-load", "clean-wheel"];
const FEED: readonly HandWork[] = ["repair-wiring-or-supply"];
const JOINT: readonly HandWork[] = ["repair-wiring-or-supply", "rejoin-lead", "tighten-terminal"];
const CONNECTION: readonly HandWork[] = ["reconnect", "connect-for-volts", "replace-motor"];
const WAY: readonly HandWork[] = ["reconnect", "turn-way-round", "repair-wiring-or-supply"];
const CONTROL: readonly HandWork[] = ["repair-control"];

/** What puts each way to fail right, as hands do it: nothing here is read from the tables by which a job is judged. */
export const MENDED_BY: Readonly<Record<string, readonly HandWork[]>> = {
  "run-weak": RUN,
  "run-worn": RUN,
  "run-open": RUN,
  "run-shorted": RUN,
  "run-fades": RUN,
  "run-wrong": RUN,
  "start-weak": START,
  "start-worn": START,
  "start-open": START,
  "switch-open": SWITCH,
  "switch-not-pressed": [...SWITCH, "make-it-hold", "seat-or-fasten"],
  "switch-welded": SWITCH,
  "relay-open": RELAY,
  "relay-welded": RELAY,
  "relay-coil": RELAY,
  "main-winding-open": MOTOR,
  "start-winding-open": MOTOR,
  "start-winding-burnt": MOTOR,
  "shorted-turns": MOTOR,
  grounded: MOTOR,
  "grounded-high": ["dry-out", "replace-motor"],
  "grounded-hard": MOTOR,
  damp: ["dry-out", "replace-motor"],
  "protector-open": MOTOR,
  "protector-hot": ["wait-and-retest", "replace-motor"],
  "bearing-worn": BEARINGS,
  "bearing-seized": BEARINGS,
  "bearing-dry": ["grease-bearings", "service-bearings", ...BEARINGS],
  "load-heavy": LOAD,
  "load-jammed": [...LOAD, "free-rotor"],
  "load-noisy": [...LOAD, "seat-or-fasten", "make-it-hold"],
  "load-gone": [...LOAD, "seat-or-fasten", "make-it-hold"],
  "cover-loose": ["seat-or-fasten", "make-it-hold", "free-load"],
  "supply-low": FEED,
  "supply-sags": FEED,
  "supply-absent": FEED,
  "feed-lost": JOINT,
  "joint-loose": JOINT,
  "turns-backwards": WAY,
  "turns-other-way": WAY,
  "wired-for-higher": CONNECTION,
  "wired-for-lower": CONNECTION,
  "control-silent": CONTROL,
  "control-sometimes": CONTROL,
};
