"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { Fields } from "@/features/form/Fields";
import { END_SENTENCES, END_WORDS } from "@/features/vocabulary/end-words";
import { inSentence } from "@/features/vocabulary/in-sentence";
import type { InstrumentProps } from "../../station/contract";
import { ROWS } from "./fields";
import { type Detail, lackLines } from "./words";

/** How the card ends: one choice, and just what that end asks for. */
export default function Instrument(props: InstrumentProps<"end", Detail>) {
  const { record, assessment } = props;
  const { detail } = assessment;
  const { end } = detail;
  return (
    <FieldFlow className="flex flex-col gap-5">
      {detail.likely !== null && record.end === null ? (
        <p className="text-[15px]">
          By what was decided and measured it is on its way to: <b className="font-semibold">{inSentence(END_WORDS[detail.likely])}</b>.
          Another end is one press away.
        </p>
      ) : null}
      <Fields of={ROWS} show={["end"]} given={props} />
      {/* What the end says of the motor is so only once all it asks for is there. */}
      {end !== null && detail.lacks.length === 0 ? <p className="max-w-[62ch] text-[15px]">{END_SENTENCES[end]}</p> : null}
      <Fields of={ROWS} show={["unusableAt", "what", "until", "toWhom", "why", "isInUse", "on", "leftSo"]} given={props} />
      <div role="status" aria-live="polite" className="flex flex-col gap-1 text-[15px]">
        {lackLines(detail).map((line) => (
          <p key={line}>{line}</p>
        ))}
        {end !== null && detail.lacks.length === 0 ? <p>Nothing more is asked for.</p> : null}
      </div>
    </FieldFlow>
  );
}
