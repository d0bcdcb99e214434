import { formatQuantity, type Entry } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";

export type Detail = ReturnType<(typeof STATIONS)["frame"]["assess"]>["detail"];

export const nameOf = (detail: Detail, lead: number): string => detail.leadNames[lead]?.trim() || `lead ${lead + 1}`;

const COUNTS = ["none", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"];
/** All leads there are, in a word or two. */
export function allWord({ leadNames: { length } }: Detail): string {
  if (length < 3) return length === 2 ? "both" : "the one";
  return `all ${COUNTS[length] ?? length}`;
}

/** Readings by lead, as many as the board has. */
export const replaceAt = (items: readonly (Entry | null)[], count: number, index: number, item: Entry | null): (Entry | null)[] =>
  Array.from({ length: count }, (_, at) => (at === index ? item : (items[at] ?? null)));

/** Whether power may come back over what was found. */
export const againSentence = ({ again }: Detail): string =>
  ({
    open: "Power stays off until it is out and the frame test is repeated on what is in there now.",
    "still-grounded": "There is still a path to the frame: it was not that part alone. Power stays off.",
    clear: "OL, or far up the range: power may come back.",
  })[again];

/** What a path to the frame comes to. */
const groundMeans = ({ mayBeWater, doesTrip }: Detail): string =>
  `${mayBeWater ? "It was wet, and water reads so too: no power now; dry it out and measure it again, with a tester, before it is condemned." : "The motor is finished."}${doesTrip ? " It explains the tripping." : ""}`;

export function sentences(detail: Detail): string[] {
  const read = detail.reads.map(({ lead, ohm }) => `${nameOf(detail, lead)} reads ${formatQuantity("resistance", ohm)}`);
  const worst = `${read.join(", ")} to the frame`;
  switch (detail.state) {
    case "not-done":
      return ["Each lead to bare metal; scratch through the paint. Any ohms at all is a ground fault."];
    case "some":
      return [`${detail.measured} of ${detail.leadNames.length} measured, no path so far.`];
    case "clear":
      return [
        `OL on ${allWord(detail)}: no path an ohmmeter can see.`,
        "That does not prove the insulation; only an insulation test at 500 V does.",
      ];
    case "leaks":
      return [`${worst}: above the limit for an ohmmeter, but not OL. Damp or dirt; dry it, and settle it with an insulation test.`];
    case "beeped":
      return [
        `It beeps: a path of a few ohms to the frame, a ground fault. ${groundMeans(detail)}`,
        "Measure each lead in ohms to say which one.",
      ];
    case "no-beep":
      return ["No beep: no path of a few ohms. That does not prove insulation; read each lead in ohms, or test it at 500 V."];
    case "grounded":
      return [
        `${worst}: a ground fault. ${groundMeans(detail)}`,
        ...(detail.isWorthRepeating
          ? ["A reading this high can be fingers on the tips or damp: measure once more with fingers off before it is condemned."]
          : []),
      ];
  }
}
