"use client";
import { PickOne, YesNo } from "@/components/Choice";
import { DayField } from "@/components/DayField";
import { FieldFlow } from "@/components/FieldFlow";
import { NoteField } from "@/components/LineField";
import { TickTimes } from "@/components/TickTimes";
import { END_TABLE } from "@/core/job";
import { clockTime, dayWords } from "@/features/vocabulary/clock";
import { END_SENTENCES, END_WORDS } from "@/features/vocabulary/end-words";
import { inSentence } from "@/features/vocabulary/in-sentence";
import type { InstrumentProps } from "../../station/contract";
import { type Detail, lackLines } from "./words";

const UNUSABLE = [{ id: "unusable", label: "Made unusable: cord or leads cut, labelled as condemned" }] as const;

/** How the card ends: one choice, and just what that end asks for. */
export default function Instrument({ record, assessment, change }: InstrumentProps<"end", Detail>) {
  const { detail } = assessment;
  const { end, offered, on } = detail;
  const needs = end === null ? [] : END_TABLE[end].needs;
  const isAsked = (need: (typeof needs)[number]): boolean => needs.includes(need);
  return (
    <FieldFlow className="flex flex-col gap-5">
      {detail.likely !== null && record.end === null ? (
        <p className="text-[15px]">
          By what was decided and measured it is on its way to: <b className="font-semibold">{inSentence(END_WORDS[detail.likely])}</b>.
          Another end is one press away.
        </p>
      ) : null}
      <PickOne
        legend="How it ends"
        options={offered.map((id) => ({ id, label: END_WORDS[id] }))}
        picked={record.end}
        onPick={(picked) => change((r, at) => ({ ...r, end: picked, endedAt: picked === null ? null : at }))}
      />
      {/* What the end says of the motor is so only once all it asks for is there. */}
      {end !== null && detail.lacks.length === 0 ? <p className="max-w-[62ch] text-[15px]">{END_SENTENCES[end]}</p> : null}
      {isAsked("unusable") ? (
        <TickTimes
          legend="Before it leaves your hands"
          steps={UNUSABLE}
          times={record.unusableAt === null ? {} : { unusable: record.unusableAt }}
          show={clockTime}
          onToggle={() => change((r, at) => ({ ...r, unusableAt: r.unusableAt === null ? at : null }))}
        />
      ) : null}
      {isAsked("what") ? (
        <NoteField label="What the makeshift is" text={record.what} rows={1} onText={(what) => change((r) => ({ ...r, what }))} />
      ) : null}
      {isAsked("until") ? (
        <NoteField label="What ends it" text={record.until} rows={1} onText={(until) => change((r) => ({ ...r, until }))} />
      ) : null}
      {isAsked("to-whom") ? (
        <NoteField label="Handed over to" text={record.toWhom} rows={1} onText={(toWhom) => change((r) => ({ ...r, toWhom }))} />
      ) : null}
      {isAsked("why") ? (
        <NoteField label="Why it is left as it is" text={record.why} rows={1} onText={(why) => change((r) => ({ ...r, why }))} />
      ) : null}
      {isAsked("in-use") ? (
        <YesNo legend="The machine is in use meanwhile" value={record.isInUse} onValue={(isInUse) => change((r) => ({ ...r, isInUse }))} />
      ) : null}
      {isAsked("day") || end === "proved-without-load" ? (
        <DayField label="Day" day={record.on ?? on} onDay={(day) => change((r) => ({ ...r, on: day }))}>
          {on === null ? "No day yet: pick one, or it is forgotten." : dayWords(on)}
        </DayField>
      ) : null}
      {detail.lacks.includes("parts") || record.leftSo.trim() !== "" ? (
        <NoteField label="Parts left open, and why" text={record.leftSo} rows={1} onText={(leftSo) => change((r) => ({ ...r, leftSo }))} />
      ) : null}
      <div role="status" aria-live="polite" className="flex flex-col gap-1 text-[15px]">
        {lackLines(detail).map((line) => (
          <p key={line}>{line}</p>
        ))}
        {end !== null && detail.lacks.length === 0 ? <p>Nothing more is asked for.</p> : null}
      </div>
    </FieldFlow>
  );
}
