"use client";
import { useState } from "react";
import { TickList } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { NoteField } from "@/components/LineField";
import { isSignOn, type Sign } from "@/core/stations/look";
import type { InstrumentProps } from "../../station/contract";
import { RuledOutList } from "./RuledOutList";
import { Verdict } from "../shared/Verdict";
import { type Detail, SEEN, SMELT, sentences, brief } from "./words";

export default function Instrument({ record, assessment, weighed, facts, change }: InstrumentProps<"look", Detail>) {
  const toggle = (id: Sign) =>
    change((r) => ({
      ...r,
      nothingFound: false,
      signs: r.signs.includes(id) ? r.signs.filter((other) => other !== id) : [...r.signs, id],
    }));
  const [isAllShown, setAllShown] = useState(false);
  const isOn = ({ id }: { readonly id: Sign }) => record.signs.includes(id) || isSignOn(id, facts);
  const isHere = (sign: { readonly id: Sign }) => isAllShown || isOn(sign);
  return (
    <FieldFlow className="flex flex-col gap-5">
      <label className="flex min-h-[44px] items-center gap-3 border-b border-rule-faint text-[16px] font-semibold">
        <input
          type="checkbox"
          className="h-5 w-5 accent-press"
          checked={record.nothingFound}
          onChange={() => change((r) => ({ ...r, nothingFound: !r.nothingFound, signs: r.nothingFound ? r.signs : [] }))}
        />
        Looked and smelt: nothing found
      </label>
      <TickList legend="Seen" options={SEEN.filter(isHere)} ticked={record.signs} onToggle={toggle} />
      <TickList legend="Smelt" options={SMELT.filter(isHere)} ticked={record.signs} onToggle={toggle} />
      {SEEN.every(isOn) ? null : (
        <button type="button" className="btn btn-plain self-start" aria-expanded={isAllShown} onClick={() => setAllShown(!isAllShown)}>
          {isAllShown ? "Only what this motor has" : "More signs, not on this motor"}
        </button>
      )}
      <RuledOutList
        ruledOut={record.ruledOut}
        suspects={weighed.suspects}
        onRuledOut={(ruledOut) => change((r) => ({ ...r, ruledOut: [...ruledOut] }))}
      />
      <NoteField label="Note" text={record.note} onText={(note) => change((r) => ({ ...r, note }))} />
      <Verdict assessment={assessment} word={brief(assessment.detail)} sentences={sentences(assessment.detail)} />
    </FieldFlow>
  );
}
