"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { TickTimes } from "@/components/TickTimes";
import type { STATIONS } from "@/core/stations";
import { RESTORE_STEPS, type RestoreStep } from "@/core/stations/power-back";
import { clockTime } from "@/features/shell/clock";
import type { InstrumentProps, StationView } from "../contract";

type Detail = ReturnType<(typeof STATIONS)["power-back"]["assess"]>["detail"];

const STEP_WORDS: Record<RestoreStep, string> = {
  "leads-and-covers": "Leads as marked, covers and guards on, nothing left over",
  "everyone-clear": "Everyone clear, belt and wheel clear",
  "lock-off": "Own lock and tag removed, by the one who set them",
};
const STEPS = RESTORE_STEPS.map((id) => ({ id, label: STEP_WORDS[id] }));

function sentence(detail: Detail): string {
  if (detail.isLive && detail.restoredAt)
    return `Power back on since ${clockTime(detail.restoredAt)}. Dead tests need the circuit made safe again.`;
  if (detail.missing.length > 0) return `Before power: ${detail.missing.map((step) => STEP_WORDS[step].toLowerCase()).join("; ")}.`;
  return "All is seen to. Limit every try to two or three seconds until it runs up.";
}

function Instrument({ record, assessment, change }: InstrumentProps<"power-back", Detail>) {
  const { detail } = assessment;
  return (
    <FieldFlow className="flex flex-col gap-5">
      <TickTimes
        legend="Before power returns"
        steps={STEPS}
        times={record.steps}
        show={clockTime}
        onToggle={(id) =>
          change((r) => {
            const { [id]: done, ...others } = r.steps;
            return { ...r, steps: done === undefined ? { ...others, [id]: new Date().toISOString() } : others };
          })
        }
      />
      <p className="text-[17px]" role="status" aria-live="polite">
        {sentence(detail)}
      </p>
      {detail.isLive ? null : (
        <button
          type="button"
          className="btn btn-filled self-start"
          disabled={detail.missing.length > 0}
          onClick={() => change((r) => ({ ...r, restoredAt: new Date().toISOString() }))}
        >
          Power is back on
        </button>
      )}
    </FieldFlow>
  );
}

export const powerBackView: StationView<"power-back", Detail> = {
  title: "Power back on",
  letter: "b",
  brief: ({ detail }) => (detail.isLive ? "Live" : null),
  say: (_record, { detail }) => (detail.isLive ? [sentence(detail)] : []),
  Instrument,
};
