"use client";
import { TickList } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { NoteField } from "@/components/LineField";
import type { InstrumentProps } from "../contract";
import { type Detail, OPTIONS } from "./words";

export default function Instrument({ record, change }: InstrumentProps<"complaint", Detail>) {
  return (
    <FieldFlow className="flex flex-col gap-5">
      <TickList
        legend="What the motor does: tick all that apply"
        options={OPTIONS}
        ticked={record.complaints}
        onToggle={(id) =>
          change((r) => ({
            ...r,
            complaints: r.complaints.includes(id) ? r.complaints.filter((other) => other !== id) : [...r.complaints, id],
          }))
        }
      />
      <NoteField label="In the customer's own words" text={record.said} onText={(said) => change((r) => ({ ...r, said }))} />
    </FieldFlow>
  );
}
