"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { Fields } from "@/features/form/Fields";
import type { Form } from "@/features/form/rows";
import { presentRound, type PowerBackRecord } from "@/core/stations/power-back";
import type { InstrumentProps } from "../../station/contract";
import { ROWS } from "./fields";
import { askedSentence, isBarred, type Detail, sentence } from "./words";

export default function Instrument({ record, house, facts, assessment, change }: InstrumentProps<"power-back", Detail>) {
  const { detail } = assessment;
  // What was ticked before the circuit was last made safe is of a time before.
  const present: Form<PowerBackRecord> = {
    record: presentRound(record, facts.deadSince),
    house,
    change: (apply) => change((kept, at) => apply(presentRound(kept, facts.deadSince), at)),
  };
  return (
    <FieldFlow className="flex flex-col gap-5">
      <Fields of={ROWS} given={present} />
      {askedSentence(detail) ? <p className="border-l-4 border-close pl-3 text-[15px]">{askedSentence(detail)}</p> : null}
      <p className="text-[17px]" role="status" aria-live="polite">
        {sentence(detail)}
      </p>
      {detail.isLive ? null : (
        <button
          type="button"
          className="btn btn-filled self-start"
          disabled={detail.missing.length > 0 || isBarred(detail)}
          onClick={() => present.change((round, at) => ({ ...round, restoredAt: at }))}
        >
          Power is back on
        </button>
      )}
    </FieldFlow>
  );
}
