import { INSULATION_CLASSES, MACHINE_KINDS, MOTOR_TYPES, type InsulationClass, DRIVES, type Drive } from "@/core/trade";
import { printBesideKind } from "@/core/capacitor";
import { MOTOR_SORTS, type MotorSort, type PlateConnection, type PlateValue } from "@/core/motor";
import { formatNumber, formatPercent } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import type { PlateRecord } from "@/core/stations/plate";
import { notOursSentence, STILL_SERVES } from "@/features/vocabulary/not-ours-words";
import { MACHINE_WORDS, MOTOR_TYPE_WORDS } from "@/features/vocabulary/words";

export type Detail = ReturnType<(typeof STATIONS)["plate"]["assess"]>["detail"];

export type Field = keyof Detail["failures"];

export const TYPES = MOTOR_TYPES.map((id) => ({ id, label: MOTOR_TYPE_WORDS[id] }));

export const MACHINES = MACHINE_KINDS.map((id) => ({ id, label: MACHINE_WORDS[id] }));

export const CLASSES = (Object.keys(INSULATION_CLASSES) as InsulationClass[]).map((id) => ({
  id,
  label: `${id} · ${INSULATION_CLASSES[id]} °C`,
}));

const DRIVE_WORDS: Record<Drive, string> = { belt: "By a belt", direct: "Straight, on its shaft" };
export const DRIVE_OPTIONS = DRIVES.map((id) => ({ id, label: DRIVE_WORDS[id] }));

const SORT_WORDS: Record<MotorSort, string> = {
  induction: "Induction, one phase",
  "three-phase": "Three phases",
  electronic: "Electronically commutated",
  brushes: "Brushes",
};
/** Asked only where something speaks for another sort, or a person picked one. */
export const SORTS = MOTOR_SORTS.map((id) => ({ id, label: SORT_WORDS[id] }));

export const DUTIES = [
  { id: "continuous", label: "Continuous" },
  { id: "intermittent", label: "Intermittent" },
] as const;

/** What it is ordered by: kept as printed, and read as nothing else. */
export const ORDER_LINES = [
  { field: "maker", label: "Maker", placeholder: "as printed" },
  { field: "model", label: "Model", placeholder: "KV-204-B" },
  { field: "partNumber", label: "Part number", placeholder: "52R118" },
  { field: "serial", label: "Serial number", placeholder: "as printed" },
] as const;

export const LINES: readonly {
  readonly field: Exclude<Field, "insulationClass" | "duty" | (typeof ORDER_LINES)[number]["field"]>;
  readonly label: string;
  readonly unit?: string;
  readonly placeholder: string;
}[] = [
  { field: "volts", label: "Volts", unit: "V", placeholder: "230, 208-230 or 115/230" },
  { field: "hertz", label: "Hertz", unit: "Hz", placeholder: "50" },
  { field: "amps", label: "Full-load amps", unit: "A", placeholder: "2.4 or 13.4/6.7" },
  { field: "rpm", label: "Speed", unit: "rpm", placeholder: "1075" },
  { field: "power", label: "Power", placeholder: "1/3 hp or 0.25 kW" },
  { field: "age", label: "Age of the motor, about", unit: "years", placeholder: "8" },
  { field: "capacitor", label: "Capacitor asked for", placeholder: "17.5 µF 440 V" },
  { field: "secondCapacitor", label: "Second capacitor", placeholder: "189-227 µF 250 V" },
];

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
