import type {
  BearingSort,
  RatedDuty,
  Enclosure,
  LineFit,
  MatchLineId,
  MatchReason,
  MatchVerdict,
  Missing,
  Mount,
  Protection,
  ShaftForm,
} from "@/core/match";
import type { TurnedBy, Rotation, SeenFrom } from "@/core/motor";
import { formatLength, formatNumber, formatPower, formatQuantity } from "@/core/quantity";
import { inSentence } from "./in-sentence";
import { MOTOR_TYPE_WORDS } from "./words";

export const MATCH_LINE_WORDS: Record<MatchLineId, string> = {
  volts: "Volts",
  frequency: "Hertz",
  phase: "Phase",
  power: "Power",
  speed: "Speed, poles",
  speeds: "Speeds",
  starting: "Type, start",
  rotation: "Rotation, shaft end",
  mount: "Mount",
  body: "Body",
  shaft: "Shaft",
  shaft_ends: "Shaft ends",
  enclosure: "Enclosure",
  duty: "Duty",
  bearings: "Bearings",
  capacitor: "Capacitor",
  protection: "Protection",
  amps: "Amps, circuit",
  leads: "Leads",
};

export const FIT_WORDS: Record<LineFit, string> = {
  same: "same",
  fits: "fits",
  can: "made to fit",
  no: "does not",
  unknown: "not known",
};

export const MATCH_VERDICT_WORDS: Record<MatchVerdict, string> = {
  fits: "Fits",
  "fits-with-work": "Fits with work",
  "not-known": "Not known yet",
  "does-not-fit": "Does not fit",
};

export const MOUNT_WORDS: Record<Mount, string> = {
  "belly-band": "Belly band",
  lugs: "Lugs",
  studs: "Studs",
  "resilient-base": "Resilient base",
  "rigid-base": "Rigid base",
  face: "Face",
};
export const SHAFT_FORM_WORDS: Record<ShaftForm, string> = {
  round: "Round",
  flat: "One flat",
  "two-flats": "Two flats",
  key: "Key",
  thread: "Thread",
};
export const ENCLOSURE_WORDS: Record<Enclosure, string> = {
  open: "Open",
  "open-air-over": "Open, air-over",
  "sealed-fan-cooled": "Sealed, own fan",
  "sealed-air-over": "Sealed, air-over",
  "sealed-nonventilated": "Sealed, no fan",
};
export const DUTY_WORDS: Record<RatedDuty, string> = { continuous: "Continuous", intermittent: "Intermittent" };
export const BEARING_SORT_WORDS: Record<BearingSort, string> = { sleeve: "Sleeve", ball: "Ball" };
export const PROTECTION_WORDS: Record<Protection, string> = {
  auto: "Comes back by itself",
  manual: "By a button",
  none: "None",
};
export const ROTATION_WORDS: Record<Rotation, string> = { cw: "Clockwise", ccw: "Counter-clockwise" };
export const TURNED_BY_WORDS: Record<TurnedBy, string> = {
  "start-leads": "Ends of the start winding swapped",
  plug: "Rotation plug moved",
  "end-for-end": "Rotor put in end for end",
  "another-hand": "Motor of the other hand",
};
export const SEEN_FROM_WORDS: Record<SeenFrom, string> = { "shaft-end": "From the shaft end", "lead-end": "From the lead end" };

const mm = formatLength;
const volts = (low: number, high: number): string =>
  low === high ? formatQuantity("voltage", low) : `${formatNumber(low, 0)}–${formatNumber(high, 0)} V`;
const hertz = (all: readonly number[]): string => `${all.map((hz) => formatNumber(hz, 0)).join("/")} Hz`;
const whose: Record<Missing, string> = { old: "of the old motor", place: "of the place", candidate: "of this one" };

type Reasons = { readonly [Code in MatchReason["code"]]: (reason: Extract<MatchReason, { code: Code }>) => string };
const REASONS: Reasons = {
  "not-known": ({ of }) => `${whose[of]}, not given`,
  "volts-off": ({ ratedV, wantedV }) => `rated ${formatQuantity("voltage", ratedV)}, and ${formatQuantity("voltage", wantedV)} is there`,
  "volts-near": ({ ratedV, percent }) => `rated ${formatQuantity("voltage", ratedV)}, ${formatNumber(percent, 0)} % off`,
  "volts-band": ({ lowV, highV }) => volts(lowV, highV),
  "one-of-connections": ({ lowV, highV }) => `connect it for ${volts(lowV, highV)}`,
  "hertz-off": ({ ratedHz }) => `${hertz(ratedHz)} only`,
  "hertz-one-of": ({ ratedHz }) => hertz(ratedHz),
  "phases-off": ({ phases }) => `${phases} phases`,
  "less-power": ({ powerW, percent }) => `${formatPower(powerW)}, ${formatNumber(percent, 0)} % less`,
  "more-power": ({ powerW, percent }) => `${formatPower(powerW)}, ${formatNumber(percent, 0)} % more`,
  "much-more-power": ({ powerW, percent }) =>
    `${formatPower(powerW)}, ${formatNumber(percent, 0)} % more: ask whether circuit and load bear it`,
  "over-circuit": ({ fullLoadA, circuitA }) =>
    `${formatQuantity("current", fullLoadA)}, and the circuit bears ${formatQuantity("current", circuitA)}`,
  "within-circuit": ({ fullLoadA }) => `${formatQuantity("current", fullLoadA)}, within the circuit`,
  "fewer-amps": ({ fullLoadA }) => `${formatQuantity("current", fullLoadA)}, less than before`,
  "circuit-not-known": ({ fullLoadA }) => `${formatQuantity("current", fullLoadA)}: what do fuse, relay and overload bear?`,
  "other-poles": ({ poles }) => `${poles} poles`,
  "speed-off": ({ rpm, percent }) => `${formatQuantity("speed", rpm)}, ${formatNumber(percent, 0)} % off`,
  "speed-near": ({ rpm }) => formatQuantity("speed", rpm),
  "too-few-speeds": ({ speeds, used }) => `${speeds}, and ${used} are used`,
  "cap-speeds": ({ speeds, unused }) => `${speeds}: cap ${unused === 1 ? "one lead" : `${unused} leads, one by one`}`,
  "other-rotation": () => "turns the other way, and cannot be reversed",
  "rotor-end-for-end": () => "turns the other way: its rotor can be put in end for end",
  reversible: () => "reversible: connect it for this way",
  "turn-it-round": () => "the other of its two shaft ends to the wheel",
  "missing-end": ({ ends }) => `${ends === 1 ? "one end" : `${ends} ends`} only`,
  "spare-end": ({ ends }) => `${ends} ends: saw one off or guard it`,
  "band-strip": ({ diameterMm }) => `Ø ${mm(diameterMm)}: strip under the band`,
  "band-near": ({ diameterMm }) => `Ø ${mm(diameterMm)}: the band opens so far`,
  "band-too-large": ({ diameterMm }) => `Ø ${mm(diameterMm)}: too large for the band`,
  "band-too-small": ({ diameterMm }) => `Ø ${mm(diameterMm)}: too small for a strip under the band`,
  "bracket-for": ({ mount }) => `${inSentence(MOUNT_WORDS[mount])}: by a bracket`,
  "face-mount": ({ mount }) => `${inSentence(MOUNT_WORDS[mount])}: no bracket does that`,
  "body-too-long": ({ lengthMm, roomMm }) => `${mm(lengthMm)} long, room for ${mm(roomMm)}`,
  "body-too-wide": ({ diameterMm, roomMm }) => `Ø ${mm(diameterMm)}, room for ${mm(roomMm)}`,
  "body-has-room": ({ lengthMm }) => `${mm(lengthMm)} long, there is room`,
  "shaft-too-thick": ({ diameterMm, boreMm }) => `Ø ${mm(diameterMm)}, the bore is ${mm(boreMm)}`,
  "shaft-too-thin": ({ diameterMm, boreMm }) => `Ø ${mm(diameterMm)} in ${mm(boreMm)}: too thin for a bush`,
  "shaft-bush": ({ diameterMm, boreMm }) => `Ø ${mm(diameterMm)} in ${mm(boreMm)}: bush it`,
  "shaft-too-short": ({ lengthMm }) => `${mm(lengthMm)} long: too short`,
  "shaft-cut": ({ lengthMm, offMm }) => `${mm(lengthMm)} long: cut ${mm(offMm)} off, file the edge`,
  "shaft-flat": () => "file a flat for the set screw",
  "shaft-form": ({ form }) => inSentence(SHAFT_FORM_WORDS[form]),
  "no-air-here": () => "air-over, and no air passes here",
  "hotter-when-sealed": () => "sealed: does it stay cool enough here?",
  "open-for-sealed": () => "open, where a sealed one sat: is it dry and clean here?",
  "other-cooling": () => "cooled another way",
  intermittent: () => "intermittent only",
  "more-duty": () => "continuous",
  "sleeves-not-level": () => "sleeves, and the shaft is not level here",
  "other-bearings": () => "other bearings, none the worse here",
  "needs-capacitor": ({ uf }) => `needs ${formatQuantity("capacitance", uf)}: a new one goes with it`,
  "needs-none": () => "needs none: take the old one out",
  "no-protection": () => "no thermal protection, and the old one had it",
  "manual-for-auto": () => "by a button: who presses it here?",
  "auto-for-manual": () => "comes back by itself: may the machine start unasked?",
  "better-protected": () => "protected, where none was",
  "other-start": ({ type }) => `${inSentence(MOTOR_TYPE_WORDS[type])}: starts this load as well`,
  "any-start": () => "not named on one of them; this load asks for little",
  "weaker-start": ({ type }) => `${inSentence(MOTOR_TYPE_WORDS[type])}: starts weaker, and may not move this load from rest`,
  "leads-short": ({ lengthMm }) => `${mm(lengthMm)}: lengthen them, joins sleeved`,
  "leads-reach": () => "long enough",
};

/** Why a line stands as it does, in a few words. */
export const matchReason = (reason: MatchReason): string => (REASONS[reason.code] as (reason: MatchReason) => string)(reason);
