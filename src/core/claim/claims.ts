import { gearRow, type GearVerdict } from "../startgear";
import type { StationDetail, StationId } from "../stations";
import type { TravellerAssessment } from "../traveller";
import type { Claim, ClaimCode } from "./codes";

/** What one station claims of the motor. */
type Claims = (assessment: TravellerAssessment) => readonly Claim[];

const outright = (code: ClaimCode, station: StationId, about: string | null = null): Claim => ({ code, station, about, chance: null });
const hedged = (code: ClaimCode, station: StationId, about: string | null, chance: number): Claim => ({ code, station, about, chance });

type LabelledPart = Extract<StationDetail<"capacitor">, { readonly state: "label" }>;

function claimsOfPart(part: LabelledPart): readonly Claim[] {
  const [section] = part.sections;
  if (part.sections.length !== 1 || section === undefined || section.contradictions.length > 0) return [];
  const { kind } = part.label;
  const decision = section.joint?.conformity.decision ?? null;
  const chance = section.joint?.conformity.probabilityWithin ?? 0;
  const shorted = section.overLimit === "shorted" || (section.swing?.behaviour === "stays-low" && section.joint === null);
  return [
    ...(decision === "holds" ? [outright("capacitor-holds", "capacitor", kind)] : []),
    ...(decision === "out" ? [outright("capacitor-out", "capacitor", kind)] : []),
    ...(decision === "too-close" ? [hedged("capacitor-within", "capacitor", kind, chance)] : []),
    ...(shorted ? [outright("capacitor-shorted", "capacitor", kind)] : []),
    ...(part.mismatches.length > 0 ? [outright("capacitor-is-not-asked-for", "capacitor", kind)] : []),
  ];
}

const capacitor: Claims = ({
  stations: {
    capacitor: { detail, stamp },
  },
}) => {
  if (detail.state !== "label" || stamp === "unsure" || stamp === "contradicts") return [];
  const other = detail.other?.state === "label" ? [detail.other] : [];
  return [detail, ...other].flatMap(claimsOfPart);
};

const windings: Claims = ({
  stations: {
    windings: { detail, stamp },
  },
  facts,
}) => {
  if (facts.notOurs !== null || stamp === "unsure" || stamp === "contradicts" || detail.measured === 0) return [];
  // One answer that ohms cannot make sure of is said as likely.
  const likely = detail.board?.state === "likely" ? (detail.board.answers[0]?.probability ?? 0) : null;
  const roles = detail.roles.flatMap((role, post): readonly Claim[] =>
    role?.length === 1 ? [{ code: "lead-is", station: "windings", about: `${post}:${role[0] ?? ""}`, chance: likely }] : [],
  );
  const open = detail.three?.kind === "lead-open" ? [outright("lead-open", "windings", String(detail.three.lead))] : [];
  return [
    ...roles,
    ...open,
    ...(stamp === "holds" ? [{ code: "windings-hold", station: "windings", about: null, chance: likely } as const] : []),
    ...(detail.three?.kind === "shorted" ? [outright("windings-shorted", "windings")] : []),
    ...(detail.lowStart && stamp === "out" ? [outright("start-winding-lost-turns", "windings")] : []),
  ];
};

const frame: Claims = ({
  stations: {
    frame: { detail },
  },
}) => [
  ...(detail.state === "clear" ? [outright("frame-clear", "frame")] : []),
  ...(detail.state === "grounded" || detail.state === "beeped" ? [outright("grounded", "frame")] : []),
];

const insulation: Claims = ({
  stations: {
    insulation: { stamp },
  },
}) => [
  ...(stamp === "holds" ? [outright("insulation-holds", "insulation")] : []),
  ...(stamp === "out" ? [outright("insulation-out", "insulation")] : []),
];

/** Verdicts of start gear that say it has failed: neither that it works, nor that more is to be seen. */
type FailedGear = Exclude<GearVerdict, "works" | "press-first" | "other-path" | "more-needed" | "ptc-hot">;
const GEAR_FAILED: Readonly<Record<FailedGear, true>> = {
  "not-pressed": true,
  gummed: true,
  "contacts-burnt": true,
  "contacts-dirty": true,
  "open-at-rest": true,
  welded: true,
  "coil-open": true,
  "coil-low": true,
  "coil-high": true,
  "contact-open": true,
  "ptc-open": true,
  "ptc-low": true,
  "ptc-high": true,
  "ptc-cold-when-hot": true,
};

const gear: Claims = ({
  stations: {
    "start-gear": { stamp, detail },
  },
}) => {
  const isRelay = detail.sort !== null && gearRow(detail.sort).measuredAs === "relay";
  if (stamp === "holds") return [outright(isRelay ? "relay-rests-right" : "gear-works", "start-gear", detail.sort)];
  return stamp === "out" && detail.verdict !== null && detail.verdict in GEAR_FAILED
    ? [outright("gear-failed", "start-gear", detail.verdict)]
    : [];
};

const SUPPLY: Readonly<Partial<Record<NonNullable<StationDetail<"supply">["outcome"]>, ClaimCode>>> = {
  good: "supply-good",
  absent: "supply-absent",
  lost: "supply-lost",
  "no-call": "no-call",
  low: "supply-low",
  sags: "supply-sags",
};
const supply: Claims = ({
  stations: {
    supply: { detail, stamp },
  },
}) => {
  const code = detail.outcome === null ? undefined : SUPPLY[detail.outcome];
  // Volts that are good for the plate's other connection say nothing against the supply.
  if (detail.isForAnother) return [];
  if (code === undefined || stamp === "unsure" || stamp === "too-close" || (code === "supply-good" && stamp !== "holds")) return [];
  return [outright(code, "supply")];
};

const power: Claims = ({
  facts: { power: state },
  stations: {
    "make-safe": { detail },
  },
}) => (state === "dead" && detail.state === "measured" ? [outright("dead", "make-safe")] : []);

const runTest: Claims = ({
  stations: {
    "run-test": { stamp, detail },
  },
}) => (stamp === "holds" && detail.amps !== null ? [outright("draws-as-it-should", "run-test")] : []);

const notOurs: Claims = ({ facts }) => (facts.notOurs === null ? [] : [outright("not-ours", "plate", facts.notOurs.sort)]);

const suspects: Claims = ({ standing }) =>
  standing.suspects.map(({ suspect, probability }) => hedged("at-fault", "decide", suspect, probability));

const cure: Claims = ({ actions }) => {
  const [best] = actions;
  return best
    ? [hedged("puts-it-right", "decide", best.also === null ? best.action : `${best.action}+${best.also}`, best.cureProbability)]
    : [];
};

const proof: Claims = ({ stations: { prove, end } }) => {
  const how = end.detail.lacks.length === 0 ? end.detail.end : null;
  return [
    ...(prove.stamp === "holds" ? [outright("proved", "prove")] : []),
    // That it idles low asks what else is wrong, and says of the repair nothing.
    ...(prove.stamp === "out" && prove.detail.doubts.some((doubt) => doubt !== "idle-low") ? [outright("not-put-right", "prove")] : []),
    ...(how === "repaired" ? [outright("works-again", "end")] : []),
    ...(how === "tested-spare" ? [outright("spare-starts", "end")] : []),
    ...(how === "proved-without-load" ? [outright("runs-without-load", "end")] : []),
  ];
};

const ALL: readonly Claims[] = [power, notOurs, capacitor, windings, frame, insulation, gear, supply, runTest, suspects, cure, proof];

/**
 * Everything a card claims of the motor, each with how sure it is: what is true or false of the motor itself, apart from what
 * was keyed, asked for or advised.
 * @param assessment everything known of the card
 * @returns claims; `chance` null: said outright
 */
export const claimsOf = (assessment: TravellerAssessment): readonly Claim[] => ALL.flatMap((claims) => claims(assessment));
