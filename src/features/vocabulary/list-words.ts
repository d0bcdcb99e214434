import type { ActionId } from "@/core/trade";

/* Words that lists need, apart from the long tables. */

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
