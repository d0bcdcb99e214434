"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { TickTimes } from "@/components/TickTimes";
import { clockTime } from "@/features/vocabulary/clock";
import { presentRound } from "@/core/stations/power-back";
import type { InstrumentProps } from "../../station/contract";
import { toggleMoment } from "../shared/toggle-moment";
import { askedSentence, isBarred, type Detail, STEPS, sentence } from "./words";

export default function Instrument({ facts, assessment, change }: InstrumentProps<"power-back", Detail>) {
  const { detail } = assessment;
  return (
    <FieldFlow className="flex flex-col gap-5">
      <TickTimes
        legend="Before power returns"
        steps={STEPS}
        times={detail.steps}
        show={clockTime}
        onToggle={(id) =>
          change((kept, at) => {
            const round = presentRound(kept, facts.deadSince);
            return { ...round, steps: toggleMoment(round.steps, id, at) };
          })
        }
      />
      {askedSentence(detail) ? <p className="border-l-4 border-close pl-3 text-[15px]">{askedSentence(detail)}</p> : null}
      <p className="text-[17px]" role="status" aria-live="polite">
        {sentence(detail)}
      </p>
      {detail.isLive ? null : (
        <button
          type="button"
          className="btn btn-filled self-start"
          disabled={detail.missing.length > 0 || isBarred(detail)}
          onClick={() => change((kept, at) => ({ ...presentRound(kept, facts.deadSince), restoredAt: at }))}
        >
          Power is back on
        </button>
      )}
    </FieldFlow>
  );
}
