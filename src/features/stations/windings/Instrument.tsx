"use client";
import { useRef, useState } from "react";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { LineField, NoteField } from "@/components/LineField";
import { type LeadIndex, type PairIndex } from "@/core/winding";
import type { InstrumentProps } from "../contract";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { PostSketch } from "./PostSketch";
import { pairName, windingSentences, type WindingsDetail } from "./sentences";
import { settledRoles, pairOf, replaceAt, shown } from "./words";

export default function Instrument({ record, assessment, house, facts, change }: InstrumentProps<"windings", WindingsDetail>) {
  const { detail } = assessment;
  const [waiting, setWaiting] = useState<LeadIndex | null>(null);
  const [selected, setSelected] = useState<PairIndex | null>(null);
  const fields = useRef<HTMLDivElement>(null);
  const goTo = (pair: PairIndex) => {
    setSelected(pair);
    fields.current?.querySelectorAll<HTMLInputElement>("input[data-figure]")[pair]?.focus();
  };
  const tap = (lead: LeadIndex) => {
    if (waiting === null) return setWaiting(lead);
    setWaiting(null);
    if (waiting !== lead) goTo(pairOf(waiting, lead));
  };
  return (
    <FieldFlow className="flex flex-col gap-4">
      <PostSketch
        names={record.leads}
        figures={[shown(record.pairs[0]), shown(record.pairs[1]), shown(record.pairs[2])]}
        roles={settledRoles(detail)}
        next={detail.answer.kind === "need-more" ? detail.answer.next : null}
        selected={selected}
        waiting={waiting}
        onTap={tap}
        onPair={goTo}
      />
      <div className="grid gap-6 lg:grid-cols-[1fr_246px]">
        <div className="flex flex-col gap-4">
          <div ref={fields} className="grid grid-cols-3 gap-4 max-lg:order-last">
            {([0, 1, 2] as const).map((pair) => (
              <EntryField
                key={pair}
                label={pairName(record.leads, pair)}
                quantity="resistance"
                entry={record.pairs[pair]}
                house={house}
                isAutoFocused={pair === 0 && record.pairs[0] === null}
                onFocusField={() => setSelected(pair)}
                onEntry={(entry) => change((r) => ({ ...r, pairs: replaceAt(r.pairs, pair, entry) }))}
              />
            ))}
          </div>
          <Verdict assessment={assessment} sentences={windingSentences(detail, facts.machineKind === "hermetic-compressor")} />
        </div>
        <KeyPad extras={PAD_EXTRAS.resistance} />
      </div>
      <div className="grid grid-cols-2 gap-4 sm:grid-cols-4">
        {([0, 1, 2] as const).map((lead) => (
          <LineField
            key={lead}
            label={`Lead ${lead + 1}: colour or mark`}
            text={record.leads[lead]}
            onText={(name) => change((r) => ({ ...r, leads: replaceAt(r.leads, lead, name.slice(0, 40)) }))}
          />
        ))}
        <EntryField
          label="Test leads together"
          quantity="resistance"
          entry={record.testLeads}
          house={house}
          onEntry={(testLeads) => change((r) => ({ ...r, testLeads }))}
        />
      </div>
      <NoteField label="Note" text={record.note} rows={1} onText={(note) => change((r) => ({ ...r, note }))} />
    </FieldFlow>
  );
}
