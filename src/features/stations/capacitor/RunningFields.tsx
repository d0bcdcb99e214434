"use client";
import type { Entry } from "@/core/quantity";
import { toSentence } from "@/features/messages/failure-sentences";
import type { InstrumentProps } from "../../station/contract";
import { EntryField } from "@/features/form/EntryField";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";
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

/** Hertz of the supply, and what else hangs in the clamped lead. */
export const RunningQuestions = (props: Props) => (
  <Fields of={ROWS} show={["running.hertz", "running.isStartDeviceOut"]} given={props} in="row" />
);
