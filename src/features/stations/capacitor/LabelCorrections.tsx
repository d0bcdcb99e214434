import { PickOne } from "@/components/Choice";
import { LineField } from "@/components/LineField";
import { LABEL_PARTS, labelParts, type LabelPart } from "@/core/capacitor";
import { toSentence } from "@/features/messages/failure-sentences";
import type { InstrumentProps } from "../../station/contract";
import type { CapacitorDetail, LabelDetail } from "./sentences";

type Props = InstrumentProps<"capacitor", CapacitorDetail>;

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
export default function LabelCorrections({ record, detail, change }: { detail: LabelDetail } & Pick<Props, "record" | "change">) {
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
