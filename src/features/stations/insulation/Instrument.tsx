"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import type { CellEnd, InsulationRecord } from "@/core/stations/insulation";
import type { Entry } from "@/core/quantity";
import type { InstrumentProps } from "../../station/contract";
import { Fields } from "@/features/form/Fields";
import { PAD_EXTRAS } from "@/features/form/reading";
import { Verdict } from "../shared/Verdict";
import { ROWS } from "./fields";
import { Lattice } from "./Lattice";
import { type Detail, sentences } from "./words";

function setCell(record: InsulationRecord, a: CellEnd, b: CellEnd, entry: Entry | null): InsulationRecord {
  const others = record.cells.filter((cell) => cell.a !== a || cell.b !== b);
  return { ...record, cells: entry === null ? others : [...others, { a, b, entry }] };
}

export default function Instrument(props: InstrumentProps<"insulation", Detail>) {
  const { assessment, house, change } = props;
  const { detail } = assessment;
  const isForbidden = detail.bars.includes("in-vacuum");
  return (
    <FieldFlow className="flex flex-col gap-5">
      <Fields of={ROWS} show={["isDisconnected", "isInVacuum", "joining", "testV"]} given={props} in="row" />
      <div className="beside-pad">
        <div className="flex min-w-0 flex-col gap-5">
          <div className="grid grid-cols-3 gap-4">
            <Fields of={ROWS} show={["together", "apart", "temperature"]} given={props} />
          </div>
          {isForbidden ? null : <Lattice detail={detail} house={house} onEntry={(a, b, entry) => change((r) => setCell(r, a, b, entry))} />}
          <Verdict assessment={assessment} sentences={sentences(detail)} />
        </div>
        <KeyPad extras={PAD_EXTRAS.insulation} />
      </div>
      <Fields of={ROWS} show={["rule", "isDischarged"]} given={props} in="row" />
      <Fields of={ROWS} show={["note"]} given={props} />
    </FieldFlow>
  );
}
