import { formatNumber, formatPercent } from "@/core/quantity";
import type { CapacitorKind, ValueEffect, ValueState } from "@/core/capacitor";
import type { SectionVerdict } from "@/core/stations/capacitor";
import { SWING_MEANING } from "@/core/capacitor";
import type { CapacitorEffect } from "@/core/motor";
import { noticeSentences, rangeWithUnit } from "@/features/vocabulary/notice-words";

/** What a wrong value does, and what else to check because the motor ran like that. */
const RUN: Record<ValueState, readonly string[]> = {
  "as-rated": [],
  weak: [
    "Too little: less starting torque, a slow start, more slip, a hotter main winding. Line amps hardly change, the amps of the start winding do.",
    "Check: windings and frame (heat), and running amps after the new part.",
  ],
  high: [
    "Too much: the start winding draws over its amps, hums and runs hot; the volts across the part rise.",
    "Check: winding ohms against a sister motor, and the volts across the part against its rating.",
  ],
  open: [
    "Open: the motor hums and does not start; pushed, it may run either way, weakly and hot.",
    "Check: windings and frame. Standing and humming burns them within minutes.",
  ],
  shorted: [
    "Shorted: the start winding hangs straight on the line at several times its amps; it sometimes still starts, and overheats.",
    "Check: start winding ohms, frame and insulation before a new part is fitted.",
  ],
};

const START: Record<ValueState, readonly string[]> = {
  "as-rated": [],
  weak: [
    "A weak start part does not always mean a weak start: torque can stay until the value is well below its rating, then falls. The switch stays in longer.",
    "Check: that the start device drops out, and the starts an hour.",
  ],
  high: ["Too much for the start: higher start amps and volts at the switch contacts.", "Check: contacts of the start device."],
  open: ["Open: the motor hums and does not start.", "Check: start device and start winding; limit every try to 2 to 3 seconds."],
  shorted: [
    "Shorted: the start winding hangs straight on the line while the switch is in; it trips or smokes.",
    "Check: contacts of the start device for welding, start winding ohms.",
  ],
};

function figures(effect: ValueEffect): string {
  const across = `${formatNumber(effect.voltsV, 0)} V ${effect.areVoltsMeasured ? "measured" : "(about 1.5 × line, an estimate)"}`;
  const change = `${effect.change < 0 ? "−" : "+"}${formatPercent(Math.abs(effect.change), 0)}`;
  return `At ${across} its lead would carry ${formatNumber(effect.ratedA, 2)} A with the rated value, ${formatNumber(effect.foundA, 2)} A with this one (${change}).`;
}

/** State of a section that has no figure: told by OL or by the swing. */
function stateWithoutFigure(section: SectionVerdict): ValueState | null {
  if (section.overLimit === "shorted") return "shorted";
  if (section.swing === null) return null;
  const meaning = SWING_MEANING[section.swing.behaviour];
  return meaning === "charges" ? null : meaning;
}

/** Figures of the run with the value as it should be and as found. */
function modelFigures({ asRated, asFound }: CapacitorEffect): string | null {
  const pairs = (["lineA", "startA"] as const).flatMap((quantity) => {
    const [rated, found] = [asRated.running[quantity], asFound.running[quantity]];
    // The same range on both sides says nothing.
    return rated && found && rated.high > 0 && rangeWithUnit(found, "A") !== rangeWithUnit(rated, "A")
      ? [`${RUN_NAMES[quantity]} ${rangeWithUnit(found, "A")} instead of ${rangeWithUnit(rated, "A")}`]
      : [];
  });
  return pairs.length === 0 ? null : `In this motor: ${pairs.join(", ")}, at its usual load.`;
}
const RUN_NAMES = { lineA: "line", startA: "start winding" } as const;

/**
 * What this section's value does to the motor; nothing while it is as rated, unknown, or too close to call.
 * @param effect what the machine model makes of it; null: the model cannot say, and a simple sum stands in
 */
export function effectSentences(section: SectionVerdict, kind: CapacitorKind, effect: CapacitorEffect | null = null): string[] {
  const state = section.state ?? stateWithoutFigure(section);
  const isSure = section.joint === null || section.joint.conformity.decision === "out";
  const isNamed = state !== null && state !== "as-rated" && isSure;
  const words = isNamed ? (kind === "run" ? RUN : START)[state] : [];
  if (effect && section.joint?.conformity.decision !== "too-close") {
    const figuresOfModel = modelFigures(effect);
    const [, check] = words;
    // One tale: what the model of this motor says stands in place of what such a value usually does.
    return [
      ...(figuresOfModel ? [figuresOfModel] : []),
      ...(effect.notices.length > 0 ? [noticeSentences(effect.notices).join(" ")] : []),
      ...(check ? [check] : []),
    ];
  }
  if (!isNamed) return [];
  return section.effect && kind === "run" && state !== "open" && state !== "shorted" ? [...words, figures(section.effect)] : [...words];
}
