import type { LineFault } from "@/core/meter-line";
import { QUANTITIES, type Quantity } from "@/core/quantity";
import type { LinkNews } from "./link-news";

const SETTINGS: Readonly<Record<Quantity, string>> = {
  resistance: "ohms",
  capacitance: "capacitance",
  current: "amps",
  voltage: "volts",
  temperature: "temperature",
  insulation: "insulation",
  speed: "speed",
  duration: "time",
};

export const FAULT_WORDS: Readonly<Record<LineFault | "too-long", string>> = {
  unmatched: "it is built another way",
  "no-function": "it does not say whether this is ohms or volts",
  "unknown-unit": "its unit is not known",
  "no-figure": "there is no figure in it",
  "set-only": "it says only what the meter is set to",
  "too-long": "it has no end",
};

const short = (line: string): string => (line.length > 40 ? `${line.slice(0, 40)}…` : line);

/** What is told while a meter is on the line, in words to read and to hear. */
export function newsWords(news: LinkNews): string {
  switch (news.code) {
    case "taken":
      return `Taken: ${news.text}, ${news.label}.`;
    case "taken-back":
      return `Taken back: ${news.label}.`;
    case "doubtful":
      return `Look at this: ${news.label} does not go with the rest.`;
    case "stamped":
      return `Look at this: ${news.word}.`;
    case "not-asked":
      return news.next === null
        ? "No figure is asked for here. Tap a field to read it anew."
        : `No figure is asked for here. Touch the tips together for a moment to go on: ${news.next}.`;
    case "asked-anew":
      return `${news.label} is asked for now. Lift the tips, and touch that.`;
    case "gone-on":
      return `${news.title}.`;
    case "look-out":
      return lookOutWords(news);
    case "unread":
      return news.fault === "too-long"
        ? "What comes has no end: another device, or another speed. Look at the meter's line in House rules."
        : `“${short(news.line)}” is not read: ${FAULT_WORDS[news.fault]}. Look at the meter's line in House rules.`;
    case "silent":
      return "Nothing comes from the meter. Wake it, switch its link on, or key the figures.";
    case "lost":
      return "The line is lost. What was taken stands. Open it again, or key the figures.";
    case "refused":
      return `${news.display} cannot be taken here. Key what the display shows.`;
  }
}

function lookOutWords({ what, display, wanted }: Extract<LinkNews, { readonly code: "look-out" }>): string {
  switch (what) {
    case "live-volts":
      return `${display} where it was proven dead. Take the tips off. Make it safe once more before you go on.`;
    case "volts-on-leads":
      return "Below zero ohms: something drives a current. Take the tips off, prove it dead, discharge the capacitor.";
    case "wrong-function":
      return wanted === null
        ? "The meter is set to something else."
        : `Set the meter to ${SETTINGS[wanted]} (${QUANTITIES[wanted].symbol}).`;
    case "coarse-range":
      return `${display} has too few digits. Set a finer range, or let the meter choose.`;
    case "beyond-range":
      return "Over the range of this meter, or shorted. Look on ohms; OL is taken by the key.";
  }
}
