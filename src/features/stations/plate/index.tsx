"use client";
import { PickOne } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { LineField } from "@/components/LineField";
import { INSULATION_CLASSES, MACHINE_KINDS, MOTOR_TYPES, type InsulationClass } from "@/core/motor";
import { formatNumber, formatPercent, formatQuantity } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import { toSentence } from "@/features/messages/failure-sentences";
import { MACHINE_WORDS, MOTOR_TYPE_WORDS } from "@/features/vocabulary/words";
import { WorkingButton } from "@/features/working/WorkingButton";
import type { InstrumentProps, StationView } from "../contract";

type Detail = ReturnType<(typeof STATIONS)["plate"]["assess"]>["detail"];
type Field = keyof Detail["failures"];

const TYPES = MOTOR_TYPES.map((id) => ({ id, label: MOTOR_TYPE_WORDS[id] }));
const MACHINES = MACHINE_KINDS.map((id) => ({ id, label: MACHINE_WORDS[id] }));
const CLASSES = (Object.keys(INSULATION_CLASSES) as InsulationClass[]).map((id) => ({
  id,
  label: `${id} · ${INSULATION_CLASSES[id]} °C`,
}));
const DUTIES = [
  { id: "continuous", label: "Continuous" },
  { id: "intermittent", label: "Intermittent" },
] as const;

const LINES: readonly {
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
  { field: "capacitor", label: "Capacitor asked for", placeholder: "17.5 µF 440 V" },
];

function polesHint(detail: Detail): string | null {
  const { speed } = detail;
  if (!speed) return null;
  const others = speed.candidates.filter(({ poles }) => poles !== speed.poles).map(({ poles }) => poles);
  return `${speed.poles} poles, ${formatNumber(speed.syncRpm, 0)} rpm synchronous, slip ${formatPercent(speed.slip, 1)}${others.length > 0 ? `; ${others.join(" or ")} poles possible` : ""}`;
}

function hintOf(field: Field, detail: Detail): string | null {
  if (field === "rpm") return polesHint(detail);
  if (field === "power" && detail.powerW !== null) return `${formatNumber(detail.powerW, 0)} W at the shaft`;
  return null;
}

function Instrument({ record, assessment, change }: InstrumentProps<"plate", Detail>) {
  const { detail } = assessment;
  return (
    <FieldFlow className="flex flex-col gap-5">
      <PickOne
        legend="Motor type"
        options={TYPES}
        picked={record.motorType}
        onPick={(id) => change((r) => ({ ...r, motorType: id ?? "unknown" }))}
      />
      <div className="grid grid-cols-2 gap-x-5 gap-y-4 md:grid-cols-3">
        {LINES.map(({ field, label, unit, placeholder }) => (
          <LineField
            key={field}
            label={label}
            text={record[field]}
            unit={unit}
            placeholder={placeholder}
            isFigure
            problem={detail.failures[field] ? toSentence(detail.failures[field]) : null}
            hint={hintOf(field, detail)}
            onText={(text) => change((r) => ({ ...r, [field]: text }))}
          />
        ))}
      </div>
      <PickOne
        legend="Machine"
        options={MACHINES}
        picked={record.machineKind}
        onPick={(id) => change((r) => ({ ...r, machineKind: id ?? "other" }))}
      />
      <div className="flex flex-wrap gap-x-8 gap-y-4">
        <PickOne
          legend="Insulation class"
          options={CLASSES}
          picked={record.insulationClass === "" ? null : record.insulationClass}
          onPick={(id) => change((r) => ({ ...r, insulationClass: id ?? "" }))}
        />
        <PickOne
          legend="Duty"
          options={DUTIES}
          picked={DUTIES.find(({ id }) => id === record.duty)?.id ?? null}
          onPick={(id) => change((r) => ({ ...r, duty: id ?? "" }))}
        />
      </div>
      <p className="caption">Anything may stay empty. {assessment.working.length > 0 ? null : "With hertz and speed the poles follow."}</p>
      {assessment.working.length > 0 ? (
        <div>
          <WorkingButton steps={assessment.working} />
        </div>
      ) : null}
    </FieldFlow>
  );
}

export const plateView: StationView<"plate", Detail> = {
  title: "Plate",
  letter: "p",
  brief: ({ detail, stamp }) =>
    stamp === "not-done" ? null : detail.filled >= detail.total ? "Complete" : `${detail.filled} of ${detail.total}`,
  say: (record, { detail }) => {
    const parts = [
      record.motorType === "unknown" ? null : MOTOR_TYPE_WORDS[record.motorType],
      detail.supplyV === null ? null : formatQuantity("voltage", detail.supplyV),
      detail.frequencyHz === null ? null : `${formatNumber(detail.frequencyHz, 1)} Hz`,
      record.power.trim() || null,
      detail.fullLoadA === null ? null : formatQuantity("current", detail.fullLoadA),
      detail.fullLoadRpm === null ? null : `${formatNumber(detail.fullLoadRpm, 0)} rpm`,
      record.capacitor.trim() ? `capacitor ${record.capacitor.trim()}` : null,
      record.insulationClass === "" ? null : `class ${record.insulationClass}`,
      record.duty || null,
    ].filter((part) => part !== null);
    const hint = polesHint(detail);
    return [...(parts.length > 0 ? [`${parts.join(", ")}.`] : []), ...(hint ? [`${hint}.`] : [])];
  },
  Instrument,
};
