"use client";
import { PickOne } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { TickTimes } from "@/components/TickTimes";
import { BLANK_ROUND, CAPACITOR_SEEN } from "@/core/stations/make-safe";
import { clockTime } from "@/features/vocabulary/clock";
import type { InstrumentProps } from "../../station/contract";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { toggleMoment } from "../shared/toggle-moment";
import { Verdict } from "../shared/Verdict";
import { CAPACITOR_OPTIONS, type Detail, STEPS, sentences, wordOf } from "./words";

export default function Instrument({ record, assessment, house, change }: InstrumentProps<"make-safe", Detail>) {
  const { round } = record;
  const { detail } = assessment;
  const set = (part: Partial<typeof round>) => change((r) => ({ ...r, round: { ...r.round, ...part } }));
  const isGone = round.capacitorIs === "none-fitted" || round.capacitorIs === "removed";
  const leavesNoCharge = isGone || (detail.lacksCapacitor && !detail.isCapacitorSeen);
  const onceMore = (
    <button type="button" className="btn" onClick={() => change((r) => ({ earlier: [...r.earlier, r.round], round: BLANK_ROUND }))}>
      Make safe once more
    </button>
  );
  if (detail.state === "over")
    return (
      <div className="flex flex-col items-start gap-5">
        <Verdict assessment={assessment} word={wordOf(detail)} sentences={sentences(detail, house.figures)} />
        {onceMore}
      </div>
    );
  return (
    <FieldFlow className="flex flex-col gap-5">
      <TickTimes
        legend="Isolate"
        steps={STEPS.filter(({ id }) => detail.steps.includes(id) || round.steps[id] !== undefined)}
        times={round.steps}
        show={clockTime}
        onToggle={(id) => change((r, at) => ({ ...r, round: { ...r.round, steps: toggleMoment(r.round.steps, id, at) } }))}
      />
      <div className="beside-pad">
        <div className="grid grid-cols-1 content-start gap-4 sm:grid-cols-2">
          <EntryField
            label="Meter on a live source, before"
            quantity="voltage"
            entry={round.provenLive}
            house={house}
            onEntry={(provenLive) => set({ provenLive })}
          />
          <EntryField
            label="The circuit to be worked on"
            quantity="voltage"
            entry={round.circuitDead}
            house={house}
            onEntry={(circuitDead) => set({ circuitDead })}
          />
          <EntryField
            label="Meter on a live source, after"
            quantity="voltage"
            entry={round.provenLiveAgain}
            house={house}
            onEntry={(provenLiveAgain) => set({ provenLiveAgain })}
          />
          {leavesNoCharge ? (
            <p className="caption self-end pb-2">
              {detail.lacksCapacitor
                ? "A motor of this type has no capacitor: no charge to measure."
                : "No capacitor there: no charge to measure."}
            </p>
          ) : (
            <EntryField
              label="Left on the capacitor"
              quantity="voltage"
              entry={round.capacitorVolts}
              house={house}
              onEntry={(capacitorVolts) => set({ capacitorVolts })}
            />
          )}
          {detail.lacksCapacitor ? (
            round.capacitorVolts === null ? (
              <button
                type="button"
                className="btn btn-plain justify-self-start"
                aria-pressed={detail.isCapacitorSeen}
                onClick={() => change((r, at) => ({ ...r, round: { ...r.round, steps: toggleMoment(r.round.steps, CAPACITOR_SEEN, at) } }))}
              >
                {detail.isCapacitorSeen ? "There is no capacitor" : "There is one all the same"}
              </button>
            ) : null
          ) : (
            <PickOne
              legend="Capacitor, where it is not as it should be"
              options={CAPACITOR_OPTIONS}
              picked={round.capacitorIs}
              onPick={(capacitorIs) => set({ capacitorIs })}
            />
          )}
        </div>
        <KeyPad extras={PAD_EXTRAS.voltage} />
      </div>
      <Verdict assessment={assessment} word={wordOf(assessment.detail)} sentences={sentences(detail, house.figures)} />
      <div className="flex flex-wrap gap-2">
        {detail.state === "open" ? (
          <button type="button" className="btn" onClick={() => set({ declared: { at: new Date().toISOString(), by: house.technician } })}>
            Declare safe without measuring
          </button>
        ) : null}
        {detail.safeAt ? onceMore : null}
      </div>
    </FieldFlow>
  );
}
