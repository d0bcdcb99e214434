"use client";
import { useState } from "react";
import { PickOne } from "@/components/Choice";
import { LineField } from "@/components/LineField";
import {
  LABEL_PARTS,
  labelParts,
  parseCapacitorParts,
  printCapacitorLabel,
  suggestStartRanges,
  terminalNames,
  type LabelPart,
} from "@/core/capacitor";
import { toSentence } from "@/features/messages/failure-sentences";
import type { InstrumentProps } from "../../station/contract";
import { LabelDrawing } from "./LabelDrawing";
import { keepReadings, startNewPart, typeLabel } from "@/core/stations/capacitor";
import { QuestionFrame } from "../shared/SlipLine";
import { labelReadBack, previousSentence, type CapacitorDetail, type LabelDetail } from "./sentences";

type Props = InstrumentProps<"capacitor", CapacitorDetail>;

/** The label as printed, in one field; shown back as a drawn label whose parts can be put right. */
export function LabelLine({ record, assessment, change }: Props) {
  const { detail } = assessment;
  const [isCorrecting, setCorrecting] = useState(false);
  const ranges = suggestStartRanges(record.label);
  const isTwo = detail.state === "no-label" && detail.failure?.code === "label-two-parts" && record.second.label.trim() === "";
  const pair = isTwo ? parseCapacitorParts(record.label) : null;
  const parts = pair?.ok ? pair.value : [];
  const setLabel = (label: string) => change((r) => typeLabel(r, label));
  return (
    <div className="flex min-w-0 flex-col gap-2">
      <LineField
        label="Label, as printed"
        text={record.label}
        onText={setLabel}
        example="35 µF ±6 % 440 V"
        isFigure
        size="large"
        isAutoFocused={record.label === ""}
        problem={detail.state === "no-label" && detail.failure ? toSentence(detail.failure) : null}
      />
      {detail.state === "label" && detail.relabelledFrom !== null ? (
        <AnotherPart before={detail.relabelledFrom} now={record.label} change={change} />
      ) : null}
      <PreviousParts record={record} />
      {parts.length === 2 ? (
        <p className="flex flex-wrap items-center gap-2 text-[14px]">
          <button
            type="button"
            className="btn"
            onClick={() => change((r) => ({ ...typeLabel(r, parts[0]?.text ?? ""), second: { ...r.second, label: parts[1]?.text ?? "" } }))}
          >
            Part them
          </button>
          <span>{parts.map(({ label: each }) => printCapacitorLabel(each)).join(" here, ")} as the other capacitor.</span>
        </p>
      ) : null}
      {ranges.length > 0 ? (
        <p className="flex flex-wrap items-center gap-1.5 text-[13px]" aria-label="Printed start ranges">
          <span className="caption">Start range?</span>
          {ranges.map(([low, high]) => (
            <button
              key={low}
              type="button"
              className="num min-h-[36px] border border-press px-2 text-[12.5px] text-press max-md:min-h-[44px]"
              onClick={() => setLabel(`${low}-${high} µF`)}
            >
              {low}–{high}
            </button>
          ))}
        </p>
      ) : null}
      {detail.state === "label" ? (
        <>
          <LabelDrawing label={detail.label} description={labelReadBack(detail)} />
          <p className="beside-figure caption flex flex-wrap items-center gap-x-2">
            <span>
              {detail.label.kind === "run" ? "Run" : "Start"} part: {detail.label.kindReason}.
              {detail.sections[0]?.limits?.origin === "house-rule" ? " No tolerance on the label: the house rule sets the limits." : ""}
              {detail.label.notes.length > 0 ? ` Kept as a note: ${detail.label.notes.join(" ")}.` : ""}
            </span>
            <button
              type="button"
              className="min-h-[44px] font-semibold text-press underline underline-offset-3"
              aria-expanded={isCorrecting}
              onClick={() => setCorrecting(!isCorrecting)}
            >
              {isCorrecting ? "Done correcting" : "Correct it"}
            </button>
          </p>
          {isCorrecting ? <Corrections record={record} detail={detail} change={change} /> : null}
          {detail.label.sections.length > 1 ? (
            <PickOne
              legend="Terminal that feeds this motor"
              options={terminalNames(detail.label).map((name) => ({ id: name, label: name }))}
              picked={record.feeds === "" ? null : record.feeds}
              onPick={(feeds) => change((r) => ({ ...r, feeds: feeds ?? "" }))}
            />
          ) : null}
        </>
      ) : null}
    </div>
  );
}

/** Another label over readings that were taken: the same part, or another one whose readings start anew. Nothing is lost either way. */
function AnotherPart({ before, now, change }: { before: string; now: string } & Pick<Props, "change">) {
  return (
    <QuestionFrame
      typed={now}
      text={
        <>
          <b>Another part?</b> The figures below were taken with the label {before.trim()}. Nothing is concluded until you say so.
        </>
      }
    >
      <button type="button" className="btn btn-filled" onClick={() => change(startNewPart)}>
        Another part: its readings start anew
      </button>
      <button type="button" className="btn" onClick={() => change(keepReadings)}>
        The same part, its label put right
      </button>
    </QuestionFrame>
  );
}

/** Parts that were in this place before on this visit, each with its own figures. */
function PreviousParts({ record }: Pick<Props, "record">) {
  if (record.previous.length === 0) return null;
  return (
    <ul aria-label="Parts before this one" className="flex flex-col gap-1 border-l-4 border-rule pl-3 text-[13.5px] text-ink-soft">
      {record.previous.map((part, index) => (
        <li key={index}>{previousSentence(part)}</li>
      ))}
    </ul>
  );
}

const PART_WORDS: Record<LabelPart, string> = {
  capacitance: "Capacitance, µF",
  tolerance: "Tolerance, %",
  volts: "Volts",
  hertz: "Hertz",
  temperature: "Temperature, °C",
  protection: "Protection class",
  mark: "Line mark",
};

const KINDS = [
  { id: "run", label: "Run part" },
  { id: "start", label: "Start part" },
] as const;

/** One line for each part of the label; what is put right stands over what was read. */
function Corrections({ record, detail, change }: { detail: LabelDetail } & Pick<Props, "record" | "change">) {
  const read = labelParts(detail.read);
  const { parts, kind } = record.corrections;
  const setPart = (part: LabelPart, text: string) =>
    change((r) => {
      const others = Object.entries(r.corrections.parts).filter(([each]) => each !== part);
      // Typed back to what was read: no correction any more.
      const parts = Object.fromEntries(text === read[part] ? others : [...others, [part, text]]);
      return { ...r, corrections: { ...r.corrections, parts } };
    });
  return (
    <fieldset className="border-l-4 border-rule pl-3">
      <legend className="sr-only">Correct the label</legend>
      <div className="grid grid-cols-2 gap-x-4 gap-y-1 sm:grid-cols-3">
        {LABEL_PARTS.filter((part) => part !== "mark").map((part) => (
          <LineField key={part} label={PART_WORDS[part]} text={parts[part] ?? read[part]} onText={(text) => setPart(part, text)} isFigure />
        ))}
      </div>
      {detail.correctionFailure ? (
        <p role="alert" className="mt-1 text-[13.5px] font-medium text-out">
          {toSentence(detail.correctionFailure)} The label stands as it was read.
        </p>
      ) : null}
      <div className="mt-2">
        <PickOne
          legend="Kind"
          options={KINDS}
          picked={kind}
          onPick={(picked) => change((r) => ({ ...r, corrections: { ...r.corrections, kind: picked } }))}
        />
      </div>
    </fieldset>
  );
}
