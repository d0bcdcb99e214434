import { keepReadings, startNewPart } from "@/core/stations/capacitor";
import type { InstrumentProps } from "../../station/contract";
import { QuestionFrame } from "@/features/form/SlipLine";
import { previousSentence, type CapacitorDetail } from "./sentences";

type Props = InstrumentProps<"capacitor", CapacitorDetail>;

/** What was in this place before: whether another label is another part, and the parts that were. */
export default function PartsBefore({ record, assessment, change }: Props) {
  const { detail } = assessment;
  return (
    <>
      {detail.state === "label" && detail.relabelledFrom !== null ? (
        <AnotherPart before={detail.relabelledFrom} now={record.label} change={change} />
      ) : null}
      <PreviousParts record={record} />
    </>
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
