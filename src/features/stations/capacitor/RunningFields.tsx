"use client";
import { PickOne, YesNo } from "@/components/Choice";
import type { Entry } from "@/core/quantity";
import { toSentence } from "@/features/messages/failure-sentences";
import type { InstrumentProps } from "../../station/contract";
import { EntryField } from "../shared/EntryField";
import { sectionName, type CapacitorDetail } from "./sentences";
import { withAt } from "./words";

type Props = InstrumentProps<"capacitor", CapacitorDetail>;
const BLANK = { amps: null, volts: null };

/** Amps in the capacitor's lead and volts across it, both while running. */
export function RunningFields({ record, assessment, house, change }: Props) {
  const { detail } = assessment;
  const names =
    detail.state === "label" && detail.sections.length > 1 ? detail.sections.map((_, index) => `, ${sectionName(detail, index)}`) : [""];
  const set = (index: number, field: "amps" | "volts", entry: Entry | null) =>
    change((r) => {
      const section = { ...(r.running.sections[index] ?? BLANK), [field]: entry };
      return { ...r, running: { ...r.running, sections: withAt(r.running.sections, index, section, BLANK) } };
    });
  return names.map((name, index) => {
    const section = record.running.sections[index] ?? BLANK;
    const slips = detail.state === "label" ? detail.sections[index]?.slips : null;
    const failure = detail.state === "label" ? (detail.sections[index]?.runningFailure ?? null) : null;
    return (
      <div key={index} className="grid grid-cols-2 gap-x-4">
        <EntryField
          label={`Amps in its lead${name}`}
          quantity="current"
          entry={section.amps}
          house={house}
          slip={slips?.amps}
          slipWhy="the label and these volts"
          onEntry={(entry) => set(index, "amps", entry)}
        />
        <EntryField
          label={`Volts across it${name}`}
          quantity="voltage"
          entry={section.volts}
          house={house}
          slip={slips?.volts}
          slipWhy="the plate's volts"
          onEntry={(entry) => set(index, "volts", entry)}
        />
        {failure ? <p className="col-span-2 mt-1 text-[13.5px] font-medium text-out">{toSentence(failure)}</p> : null}
      </div>
    );
  });
}

const HERTZ = [
  { id: "50", label: "50 Hz" },
  { id: "60", label: "60 Hz" },
] as const;

/** Hertz of the supply, and what else hangs in the clamped lead. */
export function RunningQuestions({ record, facts, change }: Props) {
  return (
    <div className="flex flex-wrap gap-x-8 gap-y-4">
      <PickOne
        legend={facts.frequencyHz === null ? "Supply" : `Supply (plate: ${facts.frequencyHz} Hz)`}
        options={HERTZ}
        picked={record.running.hertz === "" ? null : record.running.hertz}
        onPick={(hertz) => change((r) => ({ ...r, running: { ...r.running, hertz: hertz ?? "" } }))}
      />
      <YesNo
        legend="Start capacitor, relay or kit is out of that lead"
        value={record.running.isStartDeviceOut}
        onValue={(isStartDeviceOut) => change((r) => ({ ...r, running: { ...r.running, isStartDeviceOut } }))}
      />
    </div>
  );
}
