import type { MatchLineId, MatchQuestion, MotorPlace, MotorSpec } from "@/core/match";
import { formatNumber, formatPower, formatQuantity } from "@/core/quantity";
import { inSentence } from "@/features/vocabulary/in-sentence";
import {
  BEARING_SORT_WORDS,
  DUTY_WORDS,
  ENCLOSURE_WORDS,
  MOUNT_WORDS,
  PROTECTION_WORDS,
  ROTATION_WORDS,
  SHAFT_FORM_WORDS,
} from "@/features/vocabulary/match-words";
import { MACHINE_WORDS, MOTOR_TYPE_WORDS } from "@/features/vocabulary/words";

const mm = (value: number | null, sign = ""): string => (value === null ? "" : `${sign}${formatNumber(value, 1)}`);
/** Measures of one thing, with their unit once. */
const inMm = (...measures: readonly string[]): string => {
  const all = measures.filter((measure) => measure !== "").join(" × ");
  return all === "" ? "" : `${all} mm`;
};
const joined = (parts: readonly string[], by = ", "): string => parts.filter((part) => part !== "").join(by);

/** A motor's own figure on each line of a match; empty: not known. */
const CELLS: Record<MatchLineId, (spec: MotorSpec) => string> = {
  volts: ({ connections }) =>
    joined(
      connections.map(
        ({ lowV, highV }) => `${lowV === highV ? formatNumber(lowV, 0) : `${formatNumber(lowV, 0)}–${formatNumber(highV, 0)}`} V`,
      ),
    ),
  frequency: ({ hertz }) => (hertz.length === 0 ? "" : `${hertz.join("/")} Hz`),
  phase: ({ phases }) => (phases === null ? "" : String(phases)),
  power: ({ powerW }) => (powerW === null ? "" : formatPower(powerW)),
  speed: ({ rpm, poles }) => joined([rpm === null ? "" : formatQuantity("speed", rpm), poles === null ? "" : `${poles} poles`]),
  speeds: ({ speeds }) => (speeds === null ? "" : String(speeds)),
  starting: ({ type }) => (type === null ? "" : inSentence(MOTOR_TYPE_WORDS[type])),
  rotation: ({ rotation, isReversible }) =>
    joined([rotation === null ? "" : inSentence(ROTATION_WORDS[rotation]), isReversible ? "reversible" : ""]),
  mount: ({ mount, bodyDiameterMm }) => joined([mount === null ? "" : inSentence(MOUNT_WORDS[mount]), inMm(mm(bodyDiameterMm, "Ø "))]),
  body: ({ bodyLengthMm, bodyDiameterMm }) => inMm(mm(bodyDiameterMm, "Ø "), mm(bodyLengthMm)),
  shaft: ({ shaftDiameterMm, shaftLengthMm, shaftForm }) =>
    joined([inMm(mm(shaftDiameterMm, "Ø "), mm(shaftLengthMm)), shaftForm === null ? "" : inSentence(SHAFT_FORM_WORDS[shaftForm])]),
  shaft_ends: ({ shaftEnds }) => (shaftEnds === null ? "" : String(shaftEnds)),
  enclosure: ({ enclosure }) => (enclosure === null ? "" : inSentence(ENCLOSURE_WORDS[enclosure])),
  duty: ({ duty }) => (duty === null ? "" : inSentence(DUTY_WORDS[duty])),
  bearings: ({ bearings }) => (bearings === null ? "" : inSentence(BEARING_SORT_WORDS[bearings])),
  capacitor: ({ capacitor }) =>
    capacitor === null
      ? ""
      : capacitor.kind === "none"
        ? "none"
        : joined(
            [formatQuantity("capacitance", capacitor.uf), capacitor.ratedV === null ? "" : formatQuantity("voltage", capacitor.ratedV)],
            " ",
          ),
  protection: ({ protection }) => (protection === null ? "" : inSentence(PROTECTION_WORDS[protection])),
  amps: ({ connections }) => joined(connections.map(({ fullLoadA }) => (fullLoadA === null ? "" : formatQuantity("current", fullLoadA)))),
  leads: ({ leadLengthMm }) => (leadLengthMm === null ? "" : `${mm(leadLengthMm)} mm`),
};

export const matchCell = (line: MatchLineId, spec: MotorSpec): string => CELLS[line](spec);

/** A motor in one line: power, speed, volts, amps. */
export const motorLine = (spec: MotorSpec): string =>
  plainSpaces(
    joined([CELLS.power(spec), spec.rpm === null ? "" : formatQuantity("speed", spec.rpm), CELLS.volts(spec), CELLS.amps(spec)], " "),
  );

/** What may be kept as a text: figure and unit with a plain space, as they are typed. */
const plainSpaces = (text: string): string => text.replaceAll("\u00a0", " ");

/** What of the place a supplier has to know; empty: not known. */
const PLACE_WORDS: readonly ((place: MotorPlace) => string)[] = [
  ({ machineKind }) => (machineKind === "other" ? "" : `drives a ${inSentence(MACHINE_WORDS[machineKind])}`),
  ({ supplyV }) => (supplyV === null ? "" : `${formatQuantity("voltage", supplyV)} there`),
  ({ circuitA }) => (circuitA === null ? "" : `circuit bears ${formatQuantity("current", circuitA)}`),
  ({ roomLengthMm }) => (roomLengthMm === null ? "" : `room for ${mm(roomLengthMm)} mm of length`),
  ({ roomDiameterMm }) => (roomDiameterMm === null ? "" : `room for ${mm(roomDiameterMm, "Ø ")} mm`),
  ({ wheelBoreMm }) => (wheelBoreMm === null ? "" : `wheel bore ${mm(wheelBoreMm, "Ø ")} mm`),
  ({ shaft }) => (shaft === null ? "" : SHAFT_DIRECTION_WORDS[shaft]),
  ({ hasAirOver }) => (hasAirOver === null ? "" : hasAirOver ? "the machine's air passes over it" : "no air of the machine passes over it"),
  ({ speedsUsed }) => (speedsUsed === null ? "" : `${speedsUsed} ${speedsUsed === 1 ? "speed" : "speeds"} used`),
];
const SHAFT_DIRECTION_WORDS = { horizontal: "shaft level", up: "shaft up", down: "shaft down" } as const;

/**
 * What to ask a supplier for, as text: what is known of the old motor and its place, and what they have to say of theirs.
 * @param printedAs maker, model and numbers of the old one as printed; empty: not known
 */
export function orderText(
  { old, place }: Omit<MatchQuestion, "candidate">,
  printedAs: string,
  lines: readonly MatchLineId[],
  words: Record<MatchLineId, string>,
): string {
  const known = lines.flatMap((line) => (CELLS[line](old) === "" ? [] : [`${words[line]}: ${plainSpaces(CELLS[line](old))}`]));
  const at = PLACE_WORDS.map((say) => plainSpaces(say(place))).filter(Boolean);
  const open = lines
    .filter((line) => CELLS[line](old) === "" && line !== "phase" && line !== "leads")
    .map((line) => inSentence(words[line]));
  return [
    "Wanted: a motor to replace this one.",
    ...(printedAs === "" ? [] : [`The old one: ${printedAs}.`]),
    ...known,
    ...(at.length > 0 ? [`Its place: ${at.join("; ")}.`] : []),
    ...(open.length > 0 ? [`Not known of the old one: ${open.join("; ")}.`] : []),
    "To be said of yours: every line above, the capacitor it needs, price, and days.",
  ].join("\n");
}
