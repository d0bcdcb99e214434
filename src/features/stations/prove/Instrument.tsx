"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { NoteField } from "@/components/LineField";
import type { InstrumentProps } from "../contract";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { PlateBars } from "./PlateBars";
import { type Detail, sentences } from "./words";

export default function Instrument({ record, assessment, facts, house, change }: InstrumentProps<"prove", Detail>) {
  return (
    <FieldFlow className="flex flex-col gap-5">
      <div className="grid gap-6 lg:grid-cols-[1fr_246px]">
        <div className="flex flex-col gap-4">
          <div className="grid grid-cols-2 items-end gap-5 max-lg:order-last">
            <EntryField
              label={assessment.detail.isFromRunTest ? "Running amps before, from the run test" : "Running amps before"}
              quantity="current"
              entry={record.before ?? facts.ampsFound}
              house={house}
              size="large"
              onEntry={(before) => change((r) => ({ ...r, before }))}
            />
            <EntryField
              label="Running amps after"
              quantity="current"
              entry={record.after}
              house={house}
              size="large"
              onEntry={(after) => change((r) => ({ ...r, after }))}
            />
          </div>
          <PlateBars
            before={assessment.detail.before}
            after={assessment.detail.after}
            limitFraction={house.figures.overloadPercent / 100}
          />
          <Verdict assessment={assessment} sentences={sentences(assessment.detail)} />
        </div>
        <KeyPad extras={PAD_EXTRAS.current} />
      </div>
      <NoteField label="Note" text={record.note} onText={(note) => change((r) => ({ ...r, note }))} />
    </FieldFlow>
  );
}
