import { INSULATION_CLASSES, type Drive, type InsulationClass } from "@/core/trade";
import { byId } from "@/core/kept";
import { printBesideKind } from "@/core/capacitor";
import { type MotorSort, type PlateConnection, type PlateValue } from "@/core/motor";
import { formatNumber, formatPercent } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import type { PlateRecord } from "@/core/stations/plate";
import { notOursSentence, STILL_SERVES } from "@/features/vocabulary/not-ours-words";

export type Detail = ReturnType<(typeof STATIONS)["plate"]["assess"]>["detail"];

export type Field = keyof Detail["failures"];

export const CLASS_WORDS = byId(Object.keys(INSULATION_CLASSES) as InsulationClass[], (id) => `${id} · ${INSULATION_CLASSES[id]} °C`);

export const DRIVE_WORDS: Record<Drive, string> = { belt: "By a belt", direct: "Straight, on its shaft" };

export const SORT_WORDS: Record<MotorSort, string> = {
  induction: "Induction, one phase",
  "three-phase": "Three phases",
  electronic: "Electronically commutated",
  brushes: "Brushes",
};

export const DUTIES = [
  { id: "continuous", label: "Continuous" },
  { id: "intermittent", label: "Intermittent" },
] as const;

export function polesHint(detail: Detail): string | null {
  const { speed } = detail;
  if (!speed) return null;
  const others = speed.candidates.filter(({ poles }) => poles !== speed.poles).map(({ poles }) => poles);
  return `${speed.poles} poles, ${formatNumber(speed.syncRpm, 0)} rpm synchronous, slip ${formatPercent(speed.slip, 1)}${others.length > 0 ? `; ${others.join(" or ")} poles possible` : ""}`;
}

const valueWords = (value: PlateValue, unit: string): string =>
  value.kind === "value"
    ? `${formatNumber(value.value, 2)} ${unit}`
    : `${formatNumber(value.low, 2)}–${formatNumber(value.high, 2)} ${unit}`;

/** A connection as a choice: its volts, with the amps that belong to it. */
export const connectionWords = ({ volts, amps }: PlateConnection): string =>
  `${valueWords(volts, "V")}${amps === null ? "" : `, ${valueWords(amps, "A")}`}`;

const UNMATCHED = {
  amps: "The amps do not go with the volts, hertz or speeds: as many as there are connections or speeds belong here. They count for nothing until then.",
  power: "The powers do not go with the speeds: as many as there are speeds belong here. They count for nothing until then.",
} as const;

/** What the plate leaves open between its figures, in words. */
export function openSentences({ inHand, hertzChoices, notOurs }: Detail): string[] {
  const { connections, connection, hertz, isHertzInferred, speeds, unmatched } = inHand;
  return [
    ...(notOurs ? [notOursSentence(notOurs), STILL_SERVES] : []),
    ...(connections.length > 1 && connection === null
      ? ["Not said how it is connected: volts and amps of the plate count once you pick it, or once the supply is measured."]
      : []),
    ...(hertzChoices.length > 1 && hertz === null ? ["Two hertz, and the speed fits both or neither: pick the one of this supply."] : []),
    ...(isHertzInferred ? [`Taken as ${formatNumber(hertz ?? 0, 0)} Hz, which alone fits the speed.`] : []),
    ...(speeds.length > 1 ? ["Figures are held against the speed that is picked."] : []),
    ...unmatched.map((field) => UNMATCHED[field]),
  ];
}

/** The second capacitor is asked of motors that have two, or where the plate names two. */
export const asksSecond = (record: PlateRecord, { capacitors }: Detail): boolean =>
  record.motorType === "cap-start-run" || record.secondCapacitor !== "" || capacitors.length > 1;

const PART_WORDS = { run: "Run part", start: "Start part", unknown: "Read as" } as const;

/** What was made of an entry, so that nothing is read otherwise unseen. */
export function hintOf(field: Field, record: PlateRecord, detail: Detail): string | null {
  if (field === "rpm") return polesHint(detail);
  if (field === "hertz")
    return record.hertz.trim() === "" && detail.hertzChoices.length > 0
      ? `${detail.hertzChoices.join("/")} Hz, as it stands with the volts`
      : null;
  if (field === "capacitor" || field === "secondCapacitor") {
    const ofFirst = detail.capacitors.length - (record.secondCapacitor.trim() === "" || detail.failures.secondCapacitor ? 0 : 1);
    const parts = field === "capacitor" ? detail.capacitors.slice(0, ofFirst) : detail.capacitors.slice(ofFirst);
    return parts.length === 0 ? null : parts.map(({ label }) => `${PART_WORDS[label.kind]} ${printBesideKind(label)}`).join("; ");
  }
  if (field === "power" && detail.powerW !== null) return `${formatNumber(detail.powerW, 0)} W at the shaft`;
  return null;
}
