"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { useNow } from "@/components/useNow";
import { formatNumber } from "@/core/quantity";
import { workingOfDischarge } from "@/core/stations/capacitor";
import type { InstrumentProps } from "../../station/contract";
import { PAD_EXTRAS } from "@/features/form/reading";
import { WorkingButton } from "@/features/working/WorkingButton";
import { dischargeSentences, remainingSentence } from "./discharge-words";
import { Fields } from "@/features/form/Fields";
import { DISCHARGE_ROWS } from "./panel-fields";
import { LabelLine } from "./LabelLine";
import type { CapacitorDetail, LabelDetail } from "./sentences";

type Props = InstrumentProps<"capacitor", CapacitorDetail>;

/** Emptying the part: what it takes, a countdown, and the volts that are left. */
export default function DischargePanel(props: Props) {
  const { record, assessment, change } = props;
  const { detail } = assessment;
  const { discharge } = record;
  const set = (part: Partial<typeof discharge>) => change((r) => ({ ...r, discharge: { ...r.discharge, ...part } }));
  return (
    <FieldFlow className="flex flex-col gap-4">
      <LabelLine {...props} />
      {detail.state === "label" ? (
        <>
          <Fields of={DISCHARGE_ROWS} show={["discharge.school"]} given={props} />
          {discharge.school === "resistor" ? (
            <div className="grid grid-cols-2 gap-x-4 gap-y-1 sm:grid-cols-3">
              <Fields of={DISCHARGE_ROWS} show={["discharge.resistor", "discharge.resistorW", "discharge.chargedFrom"]} given={props} />
            </div>
          ) : null}
          <div className="beside-pad">
            <div className="flex min-w-0 flex-col gap-3">
              <ul className="flex flex-col gap-1.5 text-[15px]">
                {dischargeSentences(detail.discharge, discharge.school).map((sentence) => (
                  <li key={sentence}>{sentence}</li>
                ))}
              </ul>
              <div>
                <WorkingButton steps={workingOfDischarge(detail.discharge)} />
              </div>
              {discharge.school === "resistor" ? (
                <Countdown
                  detail={detail}
                  startedAt={discharge.startedAt}
                  onStart={() => set({ startedAt: new Date().toISOString(), remaining: null })}
                  onStop={() => set({ startedAt: null })}
                />
              ) : null}
              <Fields of={DISCHARGE_ROWS} show={["discharge.remaining"]} given={props} />
              <p role="status" className={`text-[15px] ${detail.discharge.remaining?.isSafe === false ? "font-medium text-out" : ""}`}>
                {remainingSentence(detail.discharge)}
              </p>
            </div>
            <KeyPad extras={PAD_EXTRAS.voltage} />
          </div>
        </>
      ) : (
        <p className="text-[15px]">Type the label first: value and volts decide how long it takes and what the resistor must bear.</p>
      )}
    </FieldFlow>
  );
}

interface CountdownProps {
  readonly detail: LabelDetail;
  readonly startedAt: string | null;
  readonly onStart: () => void;
  readonly onStop: () => void;
}

/** Counts the seconds the resistor is held; it goes on from where it stood after a reload. */
function Countdown({ detail, startedAt, onStart, onStop }: CountdownProps) {
  const { holdS } = detail.discharge;
  const now = useNow(startedAt === null ? null : 100);
  if (startedAt === null) {
    return (
      <p>
        <button type="button" className="btn btn-filled" onClick={onStart}>
          Resistor on: start the count
        </button>
      </p>
    );
  }
  const leftS = holdS - (now - Date.parse(startedAt)) / 1000;
  const isDone = leftS <= 0;
  return (
    <div className="flex flex-wrap items-center gap-4 border-2 border-ink p-3">
      <p className="num text-[34px] leading-none font-medium" aria-hidden="true">
        {formatNumber(Math.max(0, leftS), 1)} s
      </p>
      <p role="status" className="min-w-0 flex-1 basis-40 text-[15px]">
        {isDone ? "Time is up. Measure across its terminals before hands go in." : "Hold the resistor on both terminals."}
      </p>
      <div className="h-[7px] basis-full border-b border-rule" aria-hidden="true">
        <div className="h-full bg-ink" style={{ width: `${Math.min(100, Math.max(0, (100 * leftS) / holdS))}%` }} />
      </div>
      <button type="button" className="btn" onClick={isDone ? onStart : onStop}>
        {isDone ? "Once more" : "Stop"}
      </button>
    </div>
  );
}
