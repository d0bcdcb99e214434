import type { BearingDifference } from "@/core/bearing";
import type { PartMismatch } from "@/core/capacitor";
import type { Incoming, IncomingCapacitor, IncomingWork, Together } from "@/core/exchange";
import { formatProbability, formatQuantity } from "@/core/quantity";
import { isNamedPiece, type Piece } from "@/core/stations/out-in";
import { MATCH_VERDICT_WORDS } from "@/features/vocabulary/match-words";
import { GEAR_VIEWS } from "@/features/gear/gear-views";
import { VERDICT_WORDS } from "@/features/gear/verdict-words";

const uf = (value: number): string => formatQuantity("capacitance", value);
const volts = (value: number): string => formatQuantity("voltage", value);

function mismatchWords(each: PartMismatch): string {
  switch (each.code) {
    case "wrong-value":
      return `It says ${each.fittedUf.map(uf).join(" + ")}, and ${each.askedUf.map(uf).join(" + ")} is asked for.`;
    case "lower-volts":
      return `Its volts are too low: ${volts(each.fittedV)}, and ${volts(each.askedV)} is the least.`;
    case "wrong-kind":
      return `It is a ${each.fitted} part, and a ${each.asked} part belongs here.`;
    case "wrong-terminal":
      return `Connect ${each.right}: ${each.terminal} is ${uf(each.terminalUf)}.`;
  }
}

const OVER_LIMIT = "OL: beyond the range of this meter, or shorted. Another meter, or ohms across it, tells which.";

function readWords({ limits, figure, conformity, isOverLimit, slip }: IncomingCapacitor): string[] {
  if (isOverLimit) return [OVER_LIMIT];
  if (slip !== null) return ["This figure looks like a slip of the finger: say which is meant."];
  if (conformity === null || figure === null || limits === null)
    return [
      limits === null
        ? "Measure it before it goes in."
        : `Measure it before it goes in: ${uf(limits.lowUf)} to ${uf(limits.highUf)} holds.`,
    ];
  return [
    `It reads ${uf(figure.value)}, within ${uf(limits.lowUf)} to ${uf(limits.highUf)} with ${formatProbability(conformity.probabilityWithin)}.`,
  ];
}

function capacitorWords(incoming: IncomingCapacitor): string[] {
  const { mismatches, isWantedKnown, label } = incoming;
  if (label === null) return [];
  return [
    ...mismatches.map(mismatchWords),
    ...(isWantedKnown
      ? []
      : ["What the place asks for is not known: key the plate or the old label, or nobody can say whether this is right."]),
    ...(mismatches.length > 0 ? [] : readWords(incoming)),
  ];
}

const DIFFERENCE_WORDS: Record<BearingDifference, string> = {
  "open-for-closed": "It is open on a side, and one closed for life came out: it would run dry, and let dirt in.",
  "shields-for-seals": "It has shields, and seals came out: in dust or wet it does not last.",
  "seals-for-shields": "It has seals, and shields came out: they rub a little, and end near 110 °C.",
  "other-clearance":
    "Its clearance is not that of the one that came out: C3 is the usual one in motors; in a slack or hot place it matters.",
  "closure-unknown": "Whether seals, shields or nothing came out is not known: look at the old one.",
};

function bearingWords({ stamps, wanted }: Extract<Incoming, { kind: "bearing" }>): string[] {
  return stamps.flatMap(({ number, failure, differences, verdict }) => {
    if (number === null) return failure ? [] : ["Type its number as stamped."];
    if (wanted.length === 0) return [`${number}. Name the old bearing at its station: then it can be said whether this is the same.`];
    if (differences.length > 0) return [`${number} is the size.`, ...differences.map((each) => DIFFERENCE_WORDS[each])];
    return [verdict === "right" ? `${number}, as came out.` : `${number}, and ${wanted.join(" and ")} came out: not the same size.`];
  });
}

function motorWords({ match, frameOhm, frame, isMeasured }: Extract<Incoming, { kind: "motor" }>): string[] {
  const ohm = frameOhm === null ? "" : formatQuantity("resistance", frameOhm);
  return [
    `${MATCH_VERDICT_WORDS[match.overall]}, by what was typed of both.${match.missing.length > 0 ? ` ${match.missing.length} lines are not known yet: see Match.` : ""}`,
    frame?.decision === "out"
      ? `It reads ${ohm} to its own frame: a ground fault before it is fitted.`
      : frame?.decision === "too-close"
        ? `It reads ${ohm} to its own frame, too near the limit to tell: dry it and measure again, or test its insulation.`
        : isMeasured
          ? "Clear to its own frame before it is fitted."
          : "Measure every lead to its frame before it is fitted: OL on each.",
  ];
}

function gearWords({
  sort,
  isOtherSort,
  found,
  isPluggedIn,
  isUnplugAsked,
  coilSlip,
}: Extract<Incoming, { kind: "start-gear" }>): string[] {
  const measure =
    isPluggedIn || isUnplugAsked
      ? "Measured in a circuit nothing is judged: unplug it, say so, and measure again."
      : coilSlip !== null
        ? "The coil looks like a figure without its k: say which is meant."
        : found === null || found === "more-needed"
          ? "Measure it out of circuit before it goes in."
          : VERDICT_WORDS[found];
  return [
    ...(isOtherSort && sort !== null ? [`It is another sort than the one that comes out: ${GEAR_VIEWS[sort].name.toLowerCase()}.`] : []),
    ...(sort === null ? ["Say which sort it is, then it can be measured and judged."] : [measure]),
    ...(found === "works" ? ["That its rating is the right one, volts or amps it acts at, its list says: no meter does."] : []),
  ];
}

/** What is known of one piece before it is fitted. */
export function pieceSentences(incoming: Incoming, { condition }: Pick<Piece, "condition">): string[] {
  if (condition === "bad") return ["Found no good by eye or hand: it stays out, whatever it reads."];
  switch (incoming.kind) {
    case "capacitor":
      return capacitorWords(incoming);
    case "bearing":
      return bearingWords(incoming);
    case "motor":
      return motorWords(incoming);
    case "start-gear":
      return gearWords(incoming);
    case "other":
      return condition === null ? ["Check it before it goes in, and say how it was found."] : [];
  }
}

/** What the pieces of a work come to together. */
export function togetherSentences(together: Together | null): string[] {
  if (together === null) return [];
  if (together.kind === "bearings") {
    const { missing, surplus } = together;
    return [
      ...missing.map((number) => `Nothing goes in for ${number} yet, which came out too.`),
      ...surplus.map((number) => `One more ${number} than there are ends for it.`),
    ];
  }
  const { as, mismatches, missingUf, ratedUf, limits, figure, conformity } = together;
  return [
    ...mismatches.map(mismatchWords),
    ...missingUf.map((value) => `${uf(value)} is asked for too: add the part for it.`),
    ...(as === "sum" && ratedUf !== null
      ? [
          `Joined in parallel: ${uf(ratedUf)} by their labels${limits === null ? "" : `, and ${uf(limits.lowUf)} to ${uf(limits.highUf)} holds here`}.`,
        ]
      : []),
    ...(as === "sum" && ratedUf === null ? ["Of one label the value is not known, or it has several: key the one that is joined."] : []),
    ...(figure !== null && conformity !== null
      ? [`Together they read ${uf(figure.value)}, within it with ${formatProbability(conformity.probabilityWithin)}.`]
      : []),
  ];
}

/** Everything known of what is to go in at one work. */
export const workSentences = (incoming: IncomingWork, pieces: readonly Piece[]): string[] => [
  ...new Set([
    ...pieces.flatMap((piece, index) => {
      const judged = incoming.pieces[index];
      return judged && isNamedPiece(piece) ? pieceSentences(judged, piece) : [];
    }),
    ...togetherSentences(incoming.together),
  ]),
];
