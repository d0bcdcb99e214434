"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { Fields } from "@/features/form/Fields";
import { clockDay } from "@/features/vocabulary/clock";
import { goneSentence } from "@/features/vocabulary/gone-words";
import { notOursSentence, STILL_SERVES } from "@/features/vocabulary/not-ours-words";
import type { InstrumentProps } from "../../station/contract";
import { ROWS } from "./fields";
import { historySentences, type Detail } from "./words";

export default function Instrument(props: InstrumentProps<"complaint", Detail>) {
  const { record, assessment } = props;
  const { notOurs, capacitorGone, repairedAt } = assessment.detail;
  const notes = [...(notOurs ? [notOursSentence(notOurs), STILL_SERVES] : []), ...(capacitorGone ? [goneSentence(capacitorGone)] : [])];
  return (
    <FieldFlow className="flex flex-col gap-5">
      <Fields of={ROWS} show={["purpose"]} given={props} />
      {notes.map((note) => (
        <p key={note} className="border-l-4 border-close pl-3 text-[14px]">
          {note}
        </p>
      ))}
      <Fields of={ROWS} show={["complaints", "course", "after"]} given={props} />
      {repairedAt ? (
        <p className="caption">{historySentences({ ...assessment.detail, course: [], after: record.after }, clockDay)}</p>
      ) : null}
      <Fields of={ROWS} show={["said"]} given={props} />
    </FieldFlow>
  );
}
