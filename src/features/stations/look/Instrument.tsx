"use client";
import { useState } from "react";
import { FieldFlow } from "@/components/FieldFlow";
import { SIGN_IDS } from "@/core/stations/look";
import { Fields } from "@/features/form/Fields";
import type { InstrumentProps } from "../../station/contract";
import { Verdict } from "../shared/Verdict";
import { isOffered, ROWS, SMELT } from "./fields";
import { RuledOutList } from "./RuledOutList";
import { type Detail, sentences, brief } from "./words";

export default function Instrument(props: InstrumentProps<"look", Detail>) {
  const { record, assessment, weighed, change } = props;
  const [isAllShown, setAllShown] = useState(false);
  const given = { ...props, isAllShown };
  return (
    <FieldFlow className="flex flex-col gap-5">
      <div className="border-b border-rule-faint font-semibold">
        <Fields of={ROWS} show={["nothingFound"]} given={given} />
      </div>
      <Fields of={ROWS} show={["signs"]} given={given} />
      <Fields of={SMELT} given={given} />
      {SIGN_IDS.every((id) => isOffered(id, props)) ? null : (
        <button type="button" className="btn btn-plain self-start" aria-expanded={isAllShown} onClick={() => setAllShown(!isAllShown)}>
          {isAllShown ? "Only what this motor has" : "More signs, not on this motor"}
        </button>
      )}
      <RuledOutList
        ruledOut={record.ruledOut}
        suspects={weighed.suspects}
        onRuledOut={(ruledOut) => change((r) => ({ ...r, ruledOut: [...ruledOut] }))}
      />
      <Fields of={ROWS} show={["note"]} given={given} />
      <Verdict assessment={assessment} word={brief(assessment.detail)} sentences={sentences(assessment.detail)} />
    </FieldFlow>
  );
}
