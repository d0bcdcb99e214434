import type { LookOut } from "@/core/hold";
import type { LineFault } from "@/core/meter-line";
import type { Quantity } from "@/core/quantity";

/** What is told while a meter is on the line. */
export type LinkNews =
  | { readonly code: "taken"; readonly text: string; readonly label: string }
  | { readonly code: "taken-back"; readonly label: string }
  | { readonly code: "doubtful"; readonly label: string }
  | { readonly code: "stamped"; readonly word: string }
  | { readonly code: "not-asked"; readonly next: string | null }
  | { readonly code: "asked-anew"; readonly label: string }
  | { readonly code: "gone-on"; readonly title: string }
  | { readonly code: "look-out"; readonly what: LookOut; readonly display: string; readonly wanted: Quantity | null }
  | { readonly code: "unread"; readonly line: string; readonly fault: LineFault | "too-long" }
  | { readonly code: "silent" }
  | { readonly code: "lost" }
  | { readonly code: "refused"; readonly display: string };

/** How it is told: in passing, to be looked at, or at once. */
export type Loudness = "plain" | "taken" | "look" | "alarm";

export function loudnessOf(news: LinkNews): Loudness {
  switch (news.code) {
    case "taken":
      return "taken";
    case "look-out":
      return news.what === "live-volts" || news.what === "volts-on-leads" ? "alarm" : "look";
    case "doubtful":
    case "stamped":
    case "unread":
    case "refused":
    case "asked-anew":
    case "silent":
      return "look";
    case "lost":
      return "alarm";
    case "taken-back":
    case "not-asked":
    case "gone-on":
      return "plain";
  }
}
