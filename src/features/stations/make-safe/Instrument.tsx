"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { BLANK_ROUND, CAPACITOR_SEEN } from "@/core/stations/make-safe";
import type { InstrumentProps } from "../../station/contract";
import { Fields } from "@/features/form/Fields";
import { PAD_EXTRAS } from "@/features/form/reading";
import { toggleMoment } from "@/features/form/toggle-moment";
import { Verdict } from "../shared/Verdict";
import { leavesNoCharge, ROWS } from "./fields";
import { type Detail, sentences, wordOf } from "./words";

export default function Instrument(props: InstrumentProps<"make-safe", Detail>) {
  const { record, assessment, house, change } = props;
  const { round } = record;
  const { detail } = assessment;
  const set = (part: Partial<typeof round>) => change((r) => ({ ...r, round: { ...r.round, ...part } }));
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
      <Fields of={ROWS} show={["round.steps"]} given={props} />
      <div className="beside-pad">
        <div className="grid grid-cols-1 content-start gap-4 sm:grid-cols-2">
          <Fields of={ROWS} show={["round.provenLive", "round.circuitDead", "round.provenLiveAgain"]} given={props} />
          {leavesNoCharge(props) ? (
            <p className="caption self-end pb-2">
              {detail.lacksCapacitor
                ? "A motor of this type has no capacitor: no charge to measure."
                : "No capacitor there: no charge to measure."}
            </p>
          ) : null}
          <Fields of={ROWS} show={["round.capacitorVolts", "round.capacitorIs"]} given={props} />
          {detail.lacksCapacitor && round.capacitorVolts === null ? (
            <button
              type="button"
              className="btn btn-plain justify-self-start"
              aria-pressed={detail.isCapacitorSeen}
              onClick={() => change((r, at) => ({ ...r, round: { ...r.round, steps: toggleMoment(r.round.steps, CAPACITOR_SEEN, at) } }))}
            >
              {detail.isCapacitorSeen ? "There is no capacitor" : "There is one all the same"}
            </button>
          ) : null}
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
