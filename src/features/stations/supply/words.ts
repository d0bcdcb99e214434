import { formatPercent, formatQuantity } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import type { Call, Interlock, SupplyOutcome } from "@/core/stations/supply";

export type Detail = ReturnType<(typeof STATIONS)["supply"]["assess"]>["detail"];

export const CALL_WORDS: Record<Call, string> = {
  calls: "Control calls it",
  "no-call": "Control does not call",
  "always-on": "No control: on when switched on",
};
export const INTERLOCK_WORDS: Record<Interlock, string> = {
  none: "None fitted",
  closed: "Closed",
  open: "Open",
  defeated: "Found bridged",
};

const volts = (value: number | null): string => (value === null ? "" : formatQuantity("voltage", value));

/** A feed is weak down to here; below it something else is wrong with it. */
const FAR_LOW = 0.75;

const MEANINGS: Record<SupplyOutcome, (detail: Detail) => string> = {
  good: () => "Volts arrive and stay while it tries. The supply is not what holds it.",
  standing: () =>
    "Volts arrive, standing. A weak feed or a bad joint shows only under load: measure again while it tries to start, two or three seconds.",
  low: ({ lowV, highV, standingV, plateV }) =>
    standingV !== null && plateV !== null && standingV < FAR_LOW * plateV
      ? `Far below the band of ${volts(lowV)} to ${volts(highV)}: a lost leg, a wrong tap or another connection, not a weak feed. No part of the motor is judged on such volts.`
      : `Below the band of ${volts(lowV)} to ${volts(highV)}. A motor on low volts starts weakly and runs hot: settle the supply before the motor is judged.`,
  sags: () => "The volts fall while it tries: a weak feed, a bad joint, or a motor that draws too much. Measure at the disconnect too.",
  absent: () => "No volts arrive. Fuse, breaker, disconnect or the way to them come before the motor.",
  "no-call": () => "Nothing asks it to run: control, thermostat or an interlock. The motor has not been tested by this.",
  lost: () => "Volts at the disconnect and none at the motor: the way between them, or a contact in it.",
};

/** Which connection of a plate with several these volts were held against. */
function connectionSentences({ inferred, isConnectionOpen, plateV, standingV }: Detail): string[] {
  if (inferred !== null)
    return [
      `The plate names several connections and nobody said which: taken as the ${volts(plateV)} one, because those volts are here. See how it is wired, and pick it at the plate.`,
    ];
  if (!isConnectionOpen) return [];
  return standingV === null
    ? ["The plate names several connections. Pick the one it is wired for at the plate; else the volts measured here decide."]
    : [`${volts(standingV)} belongs to no connection of the plate. Measure once more, and pick at the plate how it is wired.`];
}

const FOR_ANOTHER =
  "These volts are good for the plate's other connection: the supply is right, and the motor is wired for other volts. Connect it for the volts that are here before any part is blamed.";

export function sentences(detail: Detail): string[] {
  const { isForAnother, outcome, standingV, startingV, plateV, drop, isHigh, isDefeated, conformity } = detail;
  const measured = [
    ...(standingV === null
      ? []
      : [`${volts(standingV)} standing${plateV === null ? "" : `, ${formatPercent(standingV / plateV)} of the plate`}`]),
    ...(startingV === null
      ? []
      : [`${volts(startingV)} while it tries${drop === null ? "" : `, ${formatPercent(Math.max(0, drop))} less`}`]),
  ];
  return [
    ...(measured.length > 0 ? [`${measured.join("; ")}.`] : []),
    ...connectionSentences(detail),
    ...(isForAnother ? [FOR_ANOTHER] : []),
    ...(isHigh && !isForAnother
      ? ["Above the band: a motor on high volts hums, runs hot at light load and wears its capacitor. Settle the supply first."]
      : []),
    ...(outcome !== null && !isHigh && !isForAnother
      ? [
          outcome === "low" && conformity?.decision === "too-close"
            ? "Too close to the limit to call with this meter."
            : MEANINGS[outcome](detail),
        ]
      : []),
    ...(isDefeated
      ? ["An interlock was found bridged. It is written down here, and must be put right: this program never tells anyone to bridge one."]
      : []),
    ...(outcome === null && measured.length === 0
      ? ["Meter on the motor's own terminals: first standing, then while it tries to start. Keep every try to 2 or 3 seconds."]
      : []),
  ];
}
