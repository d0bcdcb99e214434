"use client";
import { PickOne } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { LineField } from "@/components/LineField";
import { toSentence } from "@/features/messages/failure-sentences";
import { WorkingButton } from "@/features/working/WorkingButton";
import type { InstrumentProps } from "../contract";
import { type Detail, TYPES, MACHINES, CLASSES, DUTIES, LINES, hintOf } from "./words";

export default function Instrument({ record, assessment, change }: InstrumentProps<"plate", Detail>) {
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
