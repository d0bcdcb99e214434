"use client";
import { LineField } from "@/components/LineField";
import { Stamp } from "@/components/Stamp";
import { STAMP_WORDS } from "@/features/vocabulary/stamp-words";
import { toSentence } from "@/features/messages/failure-sentences";
import type { InstrumentProps } from "../../station/contract";
import { EntryField } from "../shared/EntryField";
import OverLimitQuestion from "./OverLimitQuestion";
import { SectionRule } from "./SectionRule";
import { percentFigure, sectionSentences, type CapacitorDetail, type LabelDetail } from "./sentences";

type Props = Omit<InstrumentProps<"capacitor", CapacitorDetail>, "detail"> & { readonly detail: LabelDetail };

/** The other capacitor of a motor with a start and a run part: its label, its reading, its own ruler. */
export default function SecondPart({ record, house, change, detail }: Props) {
  const { second } = detail;
  const set = (part: Partial<typeof record.second>) => change((r) => ({ ...r, second: { ...r.second, ...part } }));
  return (
    <section aria-label="The other capacitor" className="flex flex-col gap-3">
      <h2 className="heading-rule text-[14px]">
        The other capacitor <span className="caption font-normal">this type of motor has a start and a run part</span>
      </h2>
      <div className="grid grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)] gap-x-8">
        <LineField
          label="Its label, as printed"
          text={record.second.label}
          isFigure
          example="189–227 µF 250 VAC"
          problem={second.state === "unread" ? toSentence(second.failure) : null}
          onText={(label) => set({ label })}
        />
        <EntryField
          label="Meter shows, of the other"
          quantity="capacitance"
          entry={record.second.reading}
          house={house}
          slip={second.state === "label" ? second.section.slips.meter : null}
          slipWhy="its label"
          onEntry={(reading) => set({ reading })}
        />
      </div>
      {second.state === "label" && second.section.isOverLimit ? (
        <OverLimitQuestion value={record.second.overLimit} onValue={(overLimit) => set({ overLimit })} />
      ) : null}
      {second.state === "label" ? (
        <>
          <SectionRule section={second.section} trend={undefined} name="The other capacitor" isNamed />
          <div role="status" aria-label="The other capacitor's verdict" className="flex flex-col gap-1.5">
            <p className="flex flex-wrap items-baseline gap-3">
              <Stamp tone={second.section.stamp}>{STAMP_WORDS[second.section.stamp]}</Stamp>
              <b className="num text-[16px]">{percentFigure(second.section)}</b>
            </p>
            {sectionSentences(second.section, record.second.reading?.reading?.at, house.figures).map((sentence) => (
              <p key={sentence} className="text-[15px]">
                {sentence}
              </p>
            ))}
          </div>
        </>
      ) : null}
    </section>
  );
}
