import { inSentence } from "./in-sentence";
import type { HandFeel, HandVerdict, PlayVerdict, Turn } from "@/core/bearing";
import { formatNumber } from "@/core/quantity";

/* What the hand feels at a shaft, in words: as found, and after it was put back. */

export const TURN_WORDS: Record<Turn, string> = {
  free: "Free and silent",
  rough: "Rough, like sand",
  tight: "Tight",
  seized: "Will not turn",
  "cannot-reach": "Cannot be reached",
};

const PLAY_WORDS = {
  holds: "within what may be",
  out: "beyond what may be",
  "too-close": "too close to call with this indicator",
} as const;

/** A figure of the indicator, then what it means. */
function playSentence(name: string, play: PlayVerdict | null): string[] {
  if (!play) return [];
  const { valueMm, limitMm, conformity } = play;
  return [`${name} ${formatNumber(valueMm, 3)} mm by indicator, limit ${formatNumber(limitMm, 3)} mm: ${PLAY_WORDS[conformity.decision]}.`];
}

export const playSentences = ({ radial, end }: HandVerdict): string[] => [
  ...playSentence("Radial play", radial),
  ...playSentence("End play", end),
];

const PLAYS = [
  { felt: "radialPlay", keyed: "radialMm", name: "radial play" },
  { felt: "endPlay", keyed: "endMm", name: "end play" },
] as const;

/** All of it in one phrase, for pairs before and after. */
export function handPhrase(feel: HandFeel): string {
  const parts = [
    feel.turn ? inSentence(TURN_WORDS[feel.turn]) : "",
    ...PLAYS.map(({ felt, keyed, name }) => {
      const figure = feel[keyed].trim();
      if (figure !== "") return `${name} ${/[a-z"]/i.test(figure) ? figure : `${figure} mm`}`;
      return feel[felt] === null ? "" : `${feel[felt] ? "" : "no "}${name}`;
    }),
    feel.rubs === null ? "" : feel.rubs ? "rubs" : "nothing rubs",
  ];
  return parts.filter(Boolean).join(", ");
}

/** Before and after in the same words; nothing where either was not felt. */
export function handPair(before: HandFeel | null, after: HandFeel | null): string[] {
  const [was, is] = [before, after].map((feel) => (feel ? handPhrase(feel) : ""));
  return was && is ? [`By hand: before ${was}; after ${is}.`] : [];
}
