"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { Fields } from "@/features/form/Fields";
import { LENGTH_EXTRAS } from "@/features/form/reading";
import type { InstrumentProps } from "../../station/contract";
import { HandFields } from "../shared/HandFields";
import { Verdict } from "../shared/Verdict";
import { ROWS } from "./fields";
import { type Detail, sentences } from "./words";

export default function Instrument(props: InstrumentProps<"hand-turn", Detail>) {
  const { record, assessment, house, change } = props;
  const { detail } = assessment;
  return (
    <FieldFlow className="flex flex-col gap-5">
      <HandFields
        record={record}
        house={house}
        verdict={detail.verdict}
        change={(apply) => change((r, at) => ({ ...r, ...apply(r, at) }))}
      />
      <Fields of={ROWS} show={["feltAt", "unloaded"]} given={props} />
      <div className="beside-pad">
        <div className="flex min-w-0 flex-col gap-4">
          <Verdict assessment={assessment} sentences={sentences(detail)} />
          <Fields of={ROWS} show={["note"]} given={props} />
        </div>
        <KeyPad extras={LENGTH_EXTRAS} />
      </div>
    </FieldFlow>
  );
}
