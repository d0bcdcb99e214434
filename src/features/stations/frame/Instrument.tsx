"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { takeReading } from "@/core/quantity";
import type { InstrumentProps } from "../../station/contract";
import { Fields } from "@/features/form/Fields";
import { EntryField } from "@/features/form/EntryField";
import { PAD_EXTRAS } from "@/features/form/reading";
import { Verdict } from "../shared/Verdict";
import { ROWS } from "./fields";
import { againSentence, allWord, type Detail, nameOf, replaceAt, sentences } from "./words";

const capital = (words: string): string => words.replace(/^./, (letter) => letter.toUpperCase());

export default function Instrument(props: InstrumentProps<"frame", Detail>) {
  const { record, assessment, facts, house, change } = props;
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
      <Fields of={ROWS} show={["beeps"]} given={props} />
      {facts.isGrounded || record.again.isPartOut ? (
        <section aria-labelledby="again" className="flex flex-col gap-3 border-t border-rule pt-4">
          <h2 id="again" className="caption">
            Once the faulty part is out
          </h2>
          <Fields of={ROWS} show={["again.isPartOut", "again.reading"]} given={props} />
          <p className="text-[16px]" role="status">
            {againSentence(detail)}
          </p>
        </section>
      ) : null}
      <Fields of={ROWS} show={["note"]} given={props} />
    </FieldFlow>
  );
}
