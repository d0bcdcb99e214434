import type { LayoutRole, LeadMark } from "@/core/winding";

/* Roles and layouts of terminal boards in words. */

const ROLE_WORDS: Readonly<Record<LayoutRole, string>> = {
  C: "Common",
  R: "Run",
  S: "Start",
  P: "Protector",
  HI: "High",
  "MED-HI": "Medium high",
  MED: "Medium",
  "MED-LO": "Medium low",
  LO: "Low",
  CAP: "Capacitor lead",
  CAP2: "Second capacitor lead",
  M1: "Main",
  M2: "Main",
  A1: "Start winding",
  A2: "Start winding",
  H1a: "Half",
  H1b: "Half",
  H2a: "Half",
  H2b: "Half",
  SW: "Switch",
  SW1: "Switch or protector",
  SW2: "Switch or protector",
  SW3: "Contact, capacitor or unused",
  P1: "Switch or protector",
  P2: "Switch or protector",
  K1: "Capacitor or unused",
  K2: "Capacitor or unused",
  spare: "Capacitor or unused",
  capacitor: "Capacitor",
  L1: "Coil",
  L2: "Coil",
  W1: "Winding 1",
  W2: "Winding 2",
};

const MARK_WORDS: Record<LeadMark, string> = {
  C: "C, common",
  R: "R, run",
  S: "S, start",
  HI: "High speed",
  MED: "Medium speed",
  LO: "Low speed",
  CAP: "Capacitor",
};

/** A maker's mark in words. */
export const markWord = (mark: LeadMark): string => MARK_WORDS[mark];

/** One role in words. */
export const roleWord = (role: LayoutRole): string => ROLE_WORDS[role] ?? role;

/** Roles that ohms cannot part, in words. */
export const rolesWord = (roles: readonly LayoutRole[]): string => [...new Set(roles.map(roleWord))].join(" or ");

const PART_WORDS: readonly (readonly [RegExp, string])[] = [
  [/three_contacts$/, "start switch with three contacts apart"],
  [/switch_protector_capacitor$/, "start switch, protector and capacitor apart"],
  [/switch_capacitor$/, "start switch and capacitor apart"],
  [/switch_protector$/, "start switch and protector apart"],
  [/^csr_protector_capacitor$/, "protector in common, capacitor apart"],
  [/two_capacitor_leads$/, "two capacitor leads"],
  [/_switch$/, "start switch apart"],
  [/_capacitor$/, "capacitor apart"],
  [/_protector$/, "protector in common"],
];
const BASE_WORDS: readonly (readonly [RegExp, string])[] = [
  [/^coil/, "One coil"],
  [/^csr/, "Common, run and start"],
  [/^equal/, "Two like windings on one common"],
  [/^protected_main_switched/, "Protector in one end of the main winding, switch in one end of the start winding"],
  [/^protected_main/, "Protector in one end of the main winding, start winding apart"],
  [/^switched_start/, "Main winding apart, switch in one end of the start winding"],
  [/^isolated2/, "Main and start winding on posts of their own"],
  [/^dual/, "Two main halves and a start winding"],
  [/^tap2_c/, "Two speeds, start winding from common"],
  [/^tap2_lo/, "Two speeds, start winding from the low speed"],
  [/^tap3_c/, "Three speeds, start winding from common"],
  [/^tap3_lo/, "Three speeds, start winding from the low speed"],
  [/^tap4_c/, "Four speeds, start winding from common"],
  [/^tap4_lo/, "Four speeds, start winding from the low speed"],
  [/^tap5_c/, "Five speeds, start winding from common"],
  [/^tap5_lo/, "Five speeds, start winding from the low speed"],
];

/** A layout in words; a test proves that each has them. */
export function layoutWord(id: string): string {
  const base = BASE_WORDS.find(([pattern]) => pattern.test(id))?.[1] ?? id;
  const part = PART_WORDS.find(([pattern]) => pattern.test(id))?.[1];
  return part ? `${base}; ${part}` : base;
}
