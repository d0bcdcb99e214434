"use client";
import { YesNo } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { LineField, NoteField } from "@/components/LineField";
import { toSentence } from "@/features/messages/failure-sentences";
import type { InstrumentProps } from "../contract";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { SectionRule } from "./SectionRule";
import { capacitorSentences, labelReadBack, percentFigure, type CapacitorDetail } from "./sentences";
import { withReading } from "./words";

export default function Instrument({ record, assessment, house, change }: InstrumentProps<"capacitor", CapacitorDetail>) {
  const { detail } = assessment;
  const sections = detail.state === "label" ? detail.sections : [];
  const nameOf = (index: number): string =>
    sections.length < 2 ? "Meter shows" : `Meter shows, ${sections[index]?.terminal ?? `section ${index + 1}`}`;
  const figures = sections.map(percentFigure).filter((figure) => figure !== null);
  return (
    // On a phone the figure comes last, right above the pad, with ruler and verdict over it.
    <FieldFlow className="flex flex-col gap-4">
      <div className="contents md:grid md:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)] md:gap-x-8">
        <LineField
          label="Label, as printed"
          text={record.label}
          onText={(label) => change((r) => ({ ...r, label }))}
          placeholder="35 µF ±6 % 440 V"
          isFigure
          size="large"
          isAutoFocused={record.label === ""}
          hint={labelReadBack(detail)}
          problem={detail.state === "no-label" && detail.failure ? toSentence(detail.failure) : null}
        />
        <div className="flex flex-col gap-3 max-md:order-2">
          {(sections.length > 0 ? sections : [null]).map((_, index) => (
            <EntryField
              key={index}
              label={nameOf(index)}
              quantity="capacitance"
              entry={record.readings[index] ?? null}
              house={house}
              size={sections.length < 2 ? "large" : "normal"}
              onEntry={(entry) => change((r) => ({ ...r, readings: withReading(r.readings, index, entry) }))}
            />
          ))}
        </div>
      </div>
      {sections.map((section, index) => (
        <SectionRule key={index} section={section} name={section.terminal ?? "Capacitor"} />
      ))}
      <div className="grid gap-6 lg:grid-cols-[1fr_246px]">
        <Verdict
          assessment={assessment}
          figure={figures.join(" · ") || null}
          sentences={capacitorSentences(detail, house.figures.recheckDays)}
        />
        <KeyPad extras={PAD_EXTRAS.capacitance} />
      </div>
      <div className="flex flex-col gap-4 max-md:order-3">
        <YesNo
          legend="Disconnected on at least one side"
          value={record.isIsolated}
          onValue={(isIsolated) => change((r) => ({ ...r, isIsolated }))}
        />
        {record.isIsolated === false ? (
          <p className="text-[14px] font-medium text-close">
            Another path lies across the part: the reading is not only the capacitor. Take one lead off and read again.
          </p>
        ) : null}
        <NoteField label="Note" text={record.note} rows={1} onText={(note) => change((r) => ({ ...r, note }))} />
      </div>
    </FieldFlow>
  );
}
