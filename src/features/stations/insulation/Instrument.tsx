"use client";
import { PickOne, YesNo } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { NoteField } from "@/components/LineField";
import type { CellEnd, InsulationRecord } from "@/core/stations/insulation";
import type { Entry } from "@/core/quantity";
import type { InstrumentProps } from "../../station/contract";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { Lattice } from "./Lattice";
import { APART, type Detail, RULES, sentences, TEST_VOLTS } from "./words";

function setCell(record: InsulationRecord, a: CellEnd, b: CellEnd, entry: Entry | null): InsulationRecord {
  const others = record.cells.filter((cell) => cell.a !== a || cell.b !== b);
  return { ...record, cells: entry === null ? others : [...others, { a, b, entry }] };
}

export default function Instrument({ record, assessment, house, facts, change }: InstrumentProps<"insulation", Detail>) {
  const { detail } = assessment;
  const set = (part: Partial<InsulationRecord>) => change((r) => ({ ...r, ...part }));
  const isHermetic = facts.machineKind === "hermetic-compressor";
  const isForbidden = detail.bars.includes("in-vacuum");
  return (
    <FieldFlow className="flex flex-col gap-5">
      <div className="flex flex-wrap gap-x-8 gap-y-4">
        <YesNo
          legend="Electronics and capacitors disconnected"
          value={record.isDisconnected}
          onValue={(isDisconnected) => set({ isDisconnected })}
        />
        {isHermetic ? <YesNo legend="System in a vacuum" value={record.isInVacuum} onValue={(isInVacuum) => set({ isInVacuum })} /> : null}
        <PickOne legend="Windings" options={APART} picked={record.joining} onPick={(joining) => set({ joining })} />
        <PickOne
          legend="Test voltage"
          options={TEST_VOLTS}
          picked={record.testV === "" ? null : record.testV}
          onPick={(testV) => set({ testV: testV ?? "" })}
        />
      </div>
      <div className="beside-pad">
        <div className="flex min-w-0 flex-col gap-5">
          <div className="grid grid-cols-3 gap-4">
            <EntryField
              label="Tester leads together"
              quantity="insulation"
              entry={record.together}
              house={house}
              onEntry={(together) => set({ together })}
            />
            <EntryField
              label="Tester leads apart"
              quantity="insulation"
              entry={record.apart}
              house={house}
              onEntry={(apart) => set({ apart })}
            />
            <EntryField
              label="Winding temperature"
              quantity="temperature"
              entry={record.temperature}
              house={house}
              onEntry={(temperature) => set({ temperature })}
            />
          </div>
          {isForbidden ? null : <Lattice detail={detail} house={house} onEntry={(a, b, entry) => change((r) => setCell(r, a, b, entry))} />}
          <Verdict assessment={assessment} sentences={sentences(detail)} />
        </div>
        <KeyPad extras={PAD_EXTRAS.insulation} />
      </div>
      <div className="flex flex-wrap gap-x-8 gap-y-4">
        <PickOne legend="Rule" options={RULES} picked={detail.rule} onPick={(rule) => set({ rule })} />
        <YesNo legend="Discharged afterwards" value={record.isDischarged} onValue={(isDischarged) => set({ isDischarged })} />
      </div>
      <NoteField label="Note" text={record.note} rows={1} onText={(note) => set({ note })} />
    </FieldFlow>
  );
}
