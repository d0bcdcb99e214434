import { INSULATION_CLASSES, MACHINE_KINDS, MOTOR_TYPES, type InsulationClass } from "@/core/motor";
import { formatNumber, formatPercent } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import { MACHINE_WORDS, MOTOR_TYPE_WORDS } from "@/features/vocabulary/words";

export type Detail = ReturnType<(typeof STATIONS)["plate"]["assess"]>["detail"];

export type Field = keyof Detail["failures"];

export const TYPES = MOTOR_TYPES.map((id) => ({ id, label: MOTOR_TYPE_WORDS[id] }));

export const MACHINES = MACHINE_KINDS.map((id) => ({ id, label: MACHINE_WORDS[id] }));

export const CLASSES = (Object.keys(INSULATION_CLASSES) as InsulationClass[]).map((id) => ({
  id,
  label: `${id} · ${INSULATION_CLASSES[id]} °C`,
}));

export const DUTIES = [
  { id: "continuous", label: "Continuous" },
  { id: "intermittent", label: "Intermittent" },
] as const;

export const LINES: readonly {
  readonly field: Exclude<Field, "insulationClass" | "duty">;
  readonly label: string;
  readonly unit?: string;
  readonly placeholder: string;
}[] = [
  { field: "volts", label: "Volts", unit: "V", placeholder: "230" },
  { field: "hertz", label: "Hertz", unit: "Hz", placeholder: "50" },
  { field: "amps", label: "Full-load amps", unit: "A", placeholder: "2.4" },
  { field: "rpm", label: "Speed", unit: "rpm", placeholder: "1075" },
  { field: "power", label: "Power", placeholder: "1/3 hp or 0.25 kW" },
  { field: "age", label: "Age of the motor, about", unit: "years", placeholder: "8" },
  { field: "capacitor", label: "Capacitor asked for", placeholder: "17.5 µF 440 V" },
];

export function polesHint(detail: Detail): string | null {
  const { speed } = detail;
  if (!speed) return null;
  const others = speed.candidates.filter(({ poles }) => poles !== speed.poles).map(({ poles }) => poles);
  return `${speed.poles} poles, ${formatNumber(speed.syncRpm, 0)} rpm synchronous, slip ${formatPercent(speed.slip, 1)}${others.length > 0 ? `; ${others.join(" or ")} poles possible` : ""}`;
}

export function hintOf(field: Field, detail: Detail): string | null {
  if (field === "rpm") return polesHint(detail);
  if (field === "power" && detail.powerW !== null) return `${formatNumber(detail.powerW, 0)} W at the shaft`;
  return null;
}
