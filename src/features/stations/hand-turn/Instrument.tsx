"use client";
import { PickOne } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { NoteField } from "@/components/LineField";
import type { InstrumentProps } from "../../station/contract";
import { HandFields } from "../shared/HandFields";
import { LENGTH_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { FELT_END_OPTIONS, UNLOADED_OPTIONS, type Detail, sentences } from "./words";

export default function Instrument({ record, assessment, change }: InstrumentProps<"hand-turn", Detail>) {
  const { detail } = assessment;
  return (
    <FieldFlow className="flex flex-col gap-5">
      <HandFields feel={record} verdict={detail.verdict} onFeel={(felt) => change((r) => ({ ...r, ...felt }))} />
      <PickOne legend="Felt at" options={FELT_END_OPTIONS} picked={record.feltAt} onPick={(feltAt) => change((r) => ({ ...r, feltAt }))} />
      {detail.asksUnloaded || record.unloaded !== null ? (
        <PickOne
          legend="With belt, wheel or pump off, power off"
          options={UNLOADED_OPTIONS}
          picked={record.unloaded}
          onPick={(unloaded) => change((r) => ({ ...r, unloaded }))}
        />
      ) : null}
      <div className="beside-pad">
        <div className="flex min-w-0 flex-col gap-4">
          <Verdict assessment={assessment} sentences={sentences(detail)} />
          <NoteField label="Note" text={record.note} onText={(note) => change((r) => ({ ...r, note }))} />
        </div>
        <KeyPad extras={LENGTH_EXTRAS} />
      </div>
    </FieldFlow>
  );
}
