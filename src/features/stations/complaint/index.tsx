"use client";
import { TickList } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { NoteField } from "@/components/LineField";
import { COMPLAINTS } from "@/core/diagnosis";
import type { STATIONS } from "@/core/stations";
import { COMPLAINT_WORDS } from "@/features/vocabulary/words";
import type { InstrumentProps, StationView } from "../contract";

type Detail = ReturnType<(typeof STATIONS)["complaint"]["assess"]>["detail"];

const OPTIONS = COMPLAINTS.map((id) => ({ id, label: COMPLAINT_WORDS[id] }));

function Instrument({ record, change }: InstrumentProps<"complaint", Detail>) {
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

export const complaintView: StationView<"complaint", Detail> = {
  title: "Complaint",
  letter: "c",
  brief: ({ detail }) => (detail.complaints.length > 0 ? `${detail.complaints.length} noted` : null),
  say: (record) => [
    ...(record.complaints.length > 0 ? [`${record.complaints.map((id) => COMPLAINT_WORDS[id]).join(". ")}.`] : []),
    ...(record.said.trim() ? [`“${record.said.trim()}”`] : []),
  ],
  Instrument,
};
