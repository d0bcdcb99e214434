"use client";
import { GEAR_SORTS, gearRow, isGearOn } from "@/core/startgear";
import { PickOne } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { NoteField } from "@/components/LineField";
import type { InstrumentProps } from "../../station/contract";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { GEAR_VIEWS } from "./gear-views";
import { GearDrawing } from "./GearDrawing";
import { GearMeasured } from "./GearMeasured";
import { type Detail, sentences } from "./words";

type Props = InstrumentProps<"start-gear", Detail>;

const SORTS = GEAR_SORTS.map((id) => ({ id, label: GEAR_VIEWS[id].name }));
export default function Instrument({ record, assessment, facts, house, change }: Props) {
  const { detail } = assessment;
  return (
    <FieldFlow className="flex flex-col gap-5">
      <PickOne
        legend="What brings the start winding in"
        options={SORTS.filter(({ id }) => id === record.sort || isGearOn(id, facts.machineKind))}
        picked={record.sort}
        onPick={(sort) => change((r) => ({ ...r, sort }))}
      />
      {record.sort && gearRow(record.sort).measuredAs !== null ? (
        <div className="beside-pad">
          <div className="grid min-w-0 content-start gap-5 sm:grid-cols-[220px_1fr]">
            <GearDrawing sort={record.sort} />
            <GearMeasured
              sort={record.sort}
              measures={record}
              house={house}
              coilSlip={detail.coilSlip}
              onMeasures={(apply) => change((r) => ({ ...r, ...apply(r) }))}
            />
          </div>
          <KeyPad extras={PAD_EXTRAS.resistance} />
        </div>
      ) : null}
      <Verdict assessment={assessment} sentences={sentences(detail)} />
      <NoteField label="Note" text={record.note} rows={1} onText={(note) => change((r) => ({ ...r, note }))} />
    </FieldFlow>
  );
}
