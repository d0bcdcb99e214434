"use client";
import { YesNo } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { NoteField } from "@/components/LineField";
import { takeReading } from "@/core/quantity";
import type { InstrumentProps } from "../../station/contract";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { againSentence, allWord, type Detail, nameOf, replaceAt, sentences } from "./words";

const capital = (words: string): string => words.replace(/^./, (letter) => letter.toUpperCase());

export default function Instrument({ record, assessment, facts, house, change }: InstrumentProps<"frame", Detail>) {
  const { detail } = assessment;
  const isEmpty = record.readings.every((entry) => entry === null);
  return (
    <FieldFlow className="flex flex-col gap-5">
      <div className="beside-pad">
        <div className="flex flex-col gap-5">
          <div className="grid grid-cols-2 gap-4 sm:grid-cols-3 max-lg:order-last">
            {detail.leadNames.map((_, lead) => (
              <EntryField
                key={lead}
                label={`${nameOf(detail, lead)} to frame`}
                quantity="resistance"
                entry={record.readings[lead] ?? null}
                house={house}
                isAutoFocused={lead === 0 && isEmpty}
                onEntry={(entry) => change((r) => ({ ...r, readings: replaceAt(r.readings, detail.leadNames.length, lead, entry) }))}
              />
            ))}
          </div>
          {isEmpty ? (
            <button
              type="button"
              className="btn self-start"
              onClick={() => {
                const open = takeReading("OL", "resistance", house.meter, new Date().toISOString()).entry;
                change((r) => ({ ...r, readings: detail.leadNames.map(() => open) }));
              }}
            >
              {capital(allWord(detail))} read{detail.leadNames.length === 1 ? "s" : ""} OL
            </button>
          ) : null}
          <Verdict
            assessment={assessment}
            word={detail.state === "grounded" || detail.state === "beeped" ? "Ground fault" : null}
            sentences={sentences(detail)}
          />
        </div>
        <KeyPad extras={PAD_EXTRAS.resistance} />
      </div>
      <YesNo legend="Continuity beeper: it beeps on a lead" value={record.beeps} onValue={(beeps) => change((r) => ({ ...r, beeps }))} />
      {facts.isGrounded || record.again.isPartOut ? (
        <section aria-labelledby="again" className="flex flex-col gap-3 border-t border-rule pt-4">
          <h2 id="again" className="caption">
            Once the faulty part is out
          </h2>
          <label className="flex min-h-[44px] items-center gap-3 text-[16px]">
            <input
              type="checkbox"
              className="h-5 w-5 accent-press"
              checked={record.again.isPartOut}
              onChange={(event) => change((r) => ({ ...r, again: { ...r.again, isPartOut: event.target.checked } }))}
            />
            What was faulty is out of the circuit
          </label>
          {record.again.isPartOut ? (
            <EntryField
              label="Every lead to the frame again, the lowest"
              quantity="resistance"
              entry={record.again.reading}
              house={house}
              onEntry={(reading) => change((r) => ({ ...r, again: { ...r.again, reading } }))}
            />
          ) : null}
          <p className="text-[16px]" role="status">
            {againSentence(detail)}
          </p>
        </section>
      ) : null}
      <NoteField label="Note" text={record.note} rows={1} onText={(note) => change((r) => ({ ...r, note }))} />
    </FieldFlow>
  );
}
