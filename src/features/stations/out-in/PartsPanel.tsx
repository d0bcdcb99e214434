"use client";
import { TickTimes } from "@/components/TickTimes";
import { SWAP_ACTIONS, type SwapAction } from "@/core/exchange";
import { BLANK_EXCHANGE, type PartExchange } from "@/core/stations/out-in";
import { ACTION_WORDS } from "@/features/vocabulary/list-words";
import { clockTime } from "@/features/vocabulary/clock";
import { AFTER_FITTING_WORDS } from "@/features/vocabulary/swap-words";
import type { Props } from "./props";
import { toggleMoment } from "@/features/form/toggle-moment";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";
import { DonePanel } from "./DonePanel";
import { WorkPair } from "./WorkPair";

/** A pair for each work, the way it turned, and what is seen to once the part is in. */
export function PartsPanel(props: Props) {
  const { record, assessment, change } = props;
  const { works, after } = assessment.detail;
  const setWork = (action: SwapAction, apply: (exchange: PartExchange, at: string) => PartExchange) =>
    change((r, at) => ({ ...r, works: { ...r.works, [action]: apply(r.works[action] ?? BLANK_EXCHANGE, at) } }));
  return (
    <>
      {works.length === 0 ? (
        <p className="max-w-[60ch] text-[17px]">
          Nothing is exchanged yet. Once it is decided, each part that comes out and each that goes in has its place here.
        </p>
      ) : null}
      {works.map((work) => (
        <WorkPair key={work.action} {...props} work={work} onWork={(apply) => setWork(work.action, apply)} />
      ))}
      <MoreWorks {...props} />
      <DonePanel {...props} />
      <section aria-labelledby="turns" className="flex flex-col gap-3">
        <h2 id="turns" className="heading-rule">
          Which way it turns <span className="caption ml-2 font-normal">looking at the shaft end</span>
        </h2>
        <Fields of={ROWS} show={["rotationBefore", "rotationAsked"]} given={{ record, change }} />
      </section>
      {after.length > 0 ? (
        <TickTimes
          legend="After fitting"
          steps={after.map((id) => ({ id, label: AFTER_FITTING_WORDS[id] }))}
          times={record.seenTo}
          show={clockTime}
          onToggle={(id) => change((r, at) => ({ ...r, seenTo: toggleMoment(r.seenTo, id, at) }))}
        />
      ) : null}
      <Fields of={ROWS} show={["note"]} given={{ record, change }} />
    </>
  );
}

/** A part that was not decided on and is exchanged all the same: the capacitor that goes with a new motor. */
function MoreWorks({ assessment, change }: Props) {
  const { works, lacksCapacitor } = assessment.detail;
  const others = SWAP_ACTIONS.filter((action) => !works.some((work) => work.action === action));
  const add = (action: SwapAction) => change((r) => ({ ...r, works: { ...r.works, [action]: r.works[action] ?? BLANK_EXCHANGE } }));
  return (
    <div className="flex flex-col items-start gap-2">
      {lacksCapacitor ? (
        <button type="button" className="btn" onClick={() => add("replace-run-capacitor")}>
          The capacitor that goes with this motor
        </button>
      ) : null}
      {others.length > 0 ? (
        <details>
          <summary className="min-h-[44px] cursor-pointer py-2 text-[15px] font-semibold text-press">Another part is exchanged too</summary>
          <div className="flex flex-wrap gap-2 pb-2">
            {others.map((action) => (
              <button key={action} type="button" className="btn" onClick={() => add(action)}>
                {ACTION_WORDS[action]}
              </button>
            ))}
          </div>
        </details>
      ) : null}
    </div>
  );
}
