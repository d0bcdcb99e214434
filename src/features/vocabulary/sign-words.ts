import type { Sign } from "@/core/stations/look";

/** What can be seen or smelt on a motor. */
export const SIGN_WORDS: Record<Sign, string> = {
  "capacitor-bulged": "Capacitor bulged or vented",
  "capacitor-leaking": "Capacitor leaking",
  "capacitor-terminal-burnt": "Capacitor terminal burnt",
  "varnish-burnt": "Winding varnish burnt",
  "lead-loose": "Lead or connector loose",
  "lead-burnt": "Lead or connector burnt",
  "cover-not-seated": "End cover not seated",
  "cover-cracked": "End cover cracked",
  "guard-missing": "Guard missing",
  "interlock-defeated": "Interlock found defeated",
  "dust-clogged": "Clogged with dust",
  "wheel-fouled": "Wheel fouled or rubbing",
  "oil-or-wax": "Oil or wax",
  "electronics-inside": "Electronics in the shell, a plug of many pins",
  "brushes-inside": "Brushes and a commutator",
  "drive-in-front": "A drive (frequency converter) in front of it",
  "smell-burnt": "Burnt varnish",
  "smell-electric": "Hot electrics",
};
