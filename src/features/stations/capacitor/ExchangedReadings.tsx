"use client";
import { typedFigure } from "@/core/quantity";
import type { CapacitorRecord } from "@/core/stations/capacitor";
import type { InstrumentProps } from "../../station/contract";
import { QuestionFrame } from "@/features/form/SlipLine";
import type { CapacitorDetail } from "./sentences";

type Props = Pick<InstrumentProps<"capacitor", CapacitorDetail>, "record" | "change">;

const asSure = (readings: CapacitorRecord["readings"]): CapacitorRecord["readings"] =>
  readings.map((entry) => (entry ? { ...entry, isSure: true } : entry));

/** Each of the two parts reads what the other should: one press exchanges the readings, one says that they stand. */
export default function ExchangedReadings({ record, change }: Props) {
  const [here, there] = [record.readings[0], record.second.readings[0]].map((entry) => (entry ? typedFigure(entry) : ""));
  return (
    <QuestionFrame
      typed={`${here} ${there}`}
      text={
        <>
          <b>Each part reads what the other should.</b> {here} here and {there} at the other one: the readings are at the wrong part.
        </>
      }
    >
      <button
        type="button"
        className="btn"
        onClick={() => change((r) => ({ ...r, readings: r.second.readings, second: { ...r.second, readings: r.readings } }))}
      >
        Exchange the readings
      </button>
      <button
        type="button"
        className="btn"
        onClick={() =>
          change((r) => ({ ...r, readings: asSure(r.readings), second: { ...r.second, readings: asSure(r.second.readings) } }))
        }
      >
        They are right
      </button>
    </QuestionFrame>
  );
}
