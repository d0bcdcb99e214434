import type { ActionId, Complaint, OutcomeKey, Standee, TestId } from "@/core/diagnosis";
import type { CautionCode, Stamp } from "@/core/stations";
import type { MachineKind, MotorType } from "@/core/motor";

/* The trade's fixed ids in words. One table each; a missing word does not compile. */

export const STAMP_WORDS: Record<Stamp, string> = {
  holds: "Holds",
  out: "Out",
  "too-close": "Too close",
  noted: "Noted",
  "not-done": "Not done",
  skipped: "Skipped",
};

export const COMPLAINT_WORDS: Record<Complaint, string> = {
  dead: "Dead",
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

export const SUSPECT_WORDS: Record<Standee, string> = {
  "run-capacitor": "Run capacitor",
  "start-capacitor": "Start capacitor",
  "start-switch": "Start switch",
  "start-relay": "Start relay or PTC",
  "main-winding": "Main winding open",
  "start-winding": "Start winding open",
  "shorted-turns": "Shorted turns",
  "ground-fault": "Ground fault",
  protector: "Protector",
  "bearing-worn": "Bearing worn",
  "bearing-seized": "Bearing seized",
  "driven-load": "Driven load",
  supply: "Supply",
  wiring: "Wiring",
  control: "Control",
  "no-fault": "Nothing wrong",
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
};

export const TEST_WORDS: Record<TestId, string> = {
  look: "Look and smell",
  "hand-turn": "Turn by hand",
  "supply-voltage": "Supply voltage",
  "capacitor-meter": "Capacitor by meter",
  "capacitor-running": "Capacitor while running",
  "capacitor-swing": "Capacitor by ohmmeter swing",
  "winding-ohms": "Winding ohms",
  "frame-ohms": "Leads to the frame",
  "switch-ohms": "Start switch ohms",
  "run-amps": "Running amps",
  "uncoupled-run": "Run uncoupled",
};

/** What a test showed, in the few words of an evidence line. */
export const OUTCOME_WORDS: Record<OutcomeKey, string> = {
  "look/clean": "nothing to see or smell",
  "look/capacitor-damaged": "capacitor damaged to the eye",
  "look/winding-burnt": "burnt varnish or smell",
  "look/wiring-damaged": "lead loose or burnt",
  "look/cover-loose": "cover not seated or cracked",
  "look/dust-clogged": "clogged or fouled",
  "hand-turn/free": "turns free, no play",
  "hand-turn/rough": "turns rough",
  "hand-turn/rough-with-play": "radial play",
  "hand-turn/tight": "turns tight",
  "hand-turn/seized": "does not turn",
  "supply-voltage/good": "volts good while starting",
  "supply-voltage/sags": "volts sag while starting",
  "supply-voltage/absent": "no volts at the motor",
  "capacitor-meter/holds": "capacitor within limits",
  "capacitor-meter/out": "capacitor out of limits or wrong part",
  "capacitor-meter/far-out": "capacitor far out",
  "capacitor-meter/shorted": "capacitor shorted",
  "capacitor-running/holds": "capacitor within limits while running",
  "capacitor-running/out": "capacitor out of limits while running",
  "capacitor-running/far-out": "capacitor far out while running",
  "capacitor-swing/charges": "capacitor takes a charge",
  "capacitor-swing/shorted": "capacitor stays near zero ohms",
  "capacitor-swing/open": "capacitor never dips",
  "winding-ohms/good": "three readings add up",
  "winding-ohms/main-open": "run winding open",
  "winding-ohms/start-open": "start winding open",
  "winding-ohms/common-open": "common open",
  "winding-ohms/shorted": "near zero where ohms belong",
  "frame-ohms/clear": "OL to the frame",
  "frame-ohms/leaks": "leaks to the frame",
  "frame-ohms/grounded": "ohms to the frame",
  "switch-ohms/works": "switch opens and closes",
  "switch-ohms/open-at-rest": "switch open at rest",
  "switch-ohms/welded": "switch welded",
  "run-amps/near-plate": "amps near the plate",
  "run-amps/above": "amps above the plate",
  "run-amps/far-above": "amps far above the plate",
  "run-amps/below": "amps below the plate",
  "uncoupled-run/runs": "runs uncoupled",
  "uncoupled-run/does-not-run": "does not run uncoupled",
};

export const MOTOR_TYPE_WORDS: Record<MotorType, string> = {
  psc: "PSC",
  "cap-start": "Capacitor-start",
  "cap-start-run": "Capacitor-start and run",
  "split-phase": "Split-phase",
  "shaded-pole": "Shaded-pole",
  unknown: "Not known",
};

export const MACHINE_WORDS: Record<MachineKind, string> = {
  fan: "Fan",
  blower: "Blower",
  pump: "Pump",
  "hermetic-compressor": "Hermetic compressor",
  "belt-compressor": "Belt compressor",
  drum: "Drum",
  agitator: "Agitator",
  other: "Other",
};

export const CAUTION_WORDS: Record<CautionCode, string> = {
  "stored-charge": "A capacitor keeps its charge: discharge it through a resistor, then measure, before hands go in.",
  "prove-dead": "Prove the meter on a live source before and after: a dead meter also shows nothing.",
  "line-voltage": "Line voltage. Insulated probes, one hand, guards in place.",
  "moving-parts": "Blades and pulleys: keep hands, sleeves and leads clear.",
  "pressurised-terminals": "Compressor: keep the terminal cover on while there is pressure. A pin can blow out.",
  "oil-filled-can": "An old can may hold PCB oil: no skin contact, bag it, dispose of it as local rules ask.",
  "motor-at-rest": "Rotor at rest, capacitor disconnected, test leads nulled before low ohms.",
  "local-codes": "Lock-out rules and local codes come first. Gas, refrigerant and fixed wiring are licensed work.",
  "hot-surfaces": "Hot surfaces: let the shell cool.",
  "bare-metal": "Touch bare metal: scratch through paint, fingers off the tips.",
};
