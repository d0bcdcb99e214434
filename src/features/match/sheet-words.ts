import type { MatchLineId, MotorSpec } from "@/core/match";
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

const mm = (value: number | null, sign = ""): string => (value === null ? "" : `${sign}${formatNumber(value, 1)}`);
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
  rotation: ({ rotation, isReversible }) =>
    joined([rotation === null ? "" : inSentence(ROTATION_WORDS[rotation]), isReversible ? "reversible" : ""]),
  mount: ({ mount, bodyDiameterMm }) => joined([mount === null ? "" : inSentence(MOUNT_WORDS[mount]), mm(bodyDiameterMm, "Ø ")]),
  body: ({ bodyLengthMm, bodyDiameterMm }) =>
    joined([mm(bodyDiameterMm, "Ø "), bodyLengthMm === null ? "" : `${mm(bodyLengthMm)} long`], " × "),
  shaft: ({ shaftDiameterMm, shaftLengthMm, shaftForm }) =>
    joined([
      joined([mm(shaftDiameterMm, "Ø "), mm(shaftLengthMm)], " × "),
      shaftForm === null ? "" : inSentence(SHAFT_FORM_WORDS[shaftForm]),
    ]),
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

/** What to ask a supplier for, as text: what is known of the old motor, and what has to be asked. */
export function orderText(spec: MotorSpec, lines: readonly MatchLineId[], words: Record<MatchLineId, string>): string {
  const known = lines.flatMap((line) => (CELLS[line](spec) === "" ? [] : [`${words[line]}: ${CELLS[line](spec)}`]));
  return ["Wanted: a motor to replace this one.", ...known].join("\n");
}
