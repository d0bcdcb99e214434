"use client";
import { gearRow } from "@/core/startgear";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import type { InstrumentProps } from "../../station/contract";
import { PAD_EXTRAS } from "@/features/form/reading";
import { Verdict } from "../shared/Verdict";
import { GearDrawing } from "@/features/gear/GearDrawing";
import { GearMeasured } from "@/features/gear/GearMeasured";
import { type Detail, sentences } from "./words";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";

type Props = InstrumentProps<"start-gear", Detail>;

export default function Instrument(props: Props) {
  const { record, assessment, house, change } = props;
  const { detail } = assessment;
  return (
    <FieldFlow className="flex flex-col gap-5">
      <Fields of={ROWS} show={["sort"]} given={props} />
      {record.sort && gearRow(record.sort).measuredAs !== null ? (
        <div className="beside-pad">
          <div className="grid min-w-0 content-start gap-5 sm:grid-cols-[220px_1fr]">
            <GearDrawing sort={record.sort} />
            <GearMeasured
              sort={record.sort}
              record={record}
              house={house}
              coilSlip={detail.coilSlip}
              change={(apply) => change((r, at) => ({ ...r, ...apply(r, at) }))}
            />
          </div>
          <KeyPad extras={PAD_EXTRAS.resistance} />
        </div>
      ) : null}
      <Verdict assessment={assessment} sentences={sentences(detail)} />
      <Fields of={ROWS} show={["note"]} given={props} />
    </FieldFlow>
  );
}
