"use client";
import { lazy, Suspense, useState } from "react";
import { FieldFlow } from "@/components/FieldFlow";
import { waysOn, yearsAhead, type ActionOffer } from "@/core/decision";
import { formatNumber, formatProbability } from "@/core/quantity";
import { workWords } from "@/features/vocabulary/decision-words";
import { uncheckedSentences } from "@/features/vocabulary/check-words";
import type { InstrumentProps } from "../../station/contract";
import { Causes } from "./Causes";
import { PartToday } from "./PartToday";
import { actionNotes, type Detail, offerCaption, partSentence } from "./words";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";

const Outlook = lazy(() => import("./Outlook"));

type Props = InstrumentProps<"decide", Detail>;

/** What is proposed and what else was weighed; the choice, its reason, and what goes with it. */
export default function Instrument(props: Props) {
  const { record, assessment, house, change, weighed } = props;
  const { detail } = assessment;
  const [isOutlookShown, setOutlookShown] = useState(false);
  const notes = actionNotes(record, house.figures, props.facts.bearingJob);
  return (
    <FieldFlow className="flex flex-col gap-6">
      {record.earlier.trim() ? <p className="border-l-4 border-close pl-3 text-[14px]">Before it came back: {record.earlier}</p> : null}
      <Proposal
        offers={weighed.proposals}
        reason={weighed.reason}
        years={yearsAhead(house.figures, weighed.life)}
        onAccept={({ action, also }) => change((r, at) => ({ ...r, action, also, reason: weighed.reason, decidedAt: at }))}
        onOutlook={() => setOutlookShown(!isOutlookShown)}
        isOutlookShown={isOutlookShown}
      />
      {isOutlookShown ? (
        <Suspense fallback={<p className="text-ink-soft">The sums are on their way.</p>}>
          <Outlook {...props} />
        </Suspense>
      ) : null}
      <Fields of={ROWS} show={["action", "also", "reason"]} given={props} />
      {detail.isReasonMissing ? (
        <p className="text-[14px] font-medium text-close">
          No reason yet. Type one line, or accept the proposed one: the next visit will want to know.
        </p>
      ) : null}
      {notes.map((note) => (
        <p key={note} className="border-l-4 border-close pl-3 text-[14px]">
          {note}
        </p>
      ))}
      {detail.unchecked.length > 0 ? (
        <p className="border-l-4 border-out pl-3 text-[14px]">
          {uncheckedSentences(
            [record.action, record.also].filter((work) => work !== null),
            detail.unchecked,
          ).join(" ")}
        </p>
      ) : null}
      <div role="status" aria-live="polite">
        {detail.part ? (
          <section aria-labelledby="part">
            <h2 id="part" className="heading-rule">
              Part needed
            </h2>
            <p className="pt-2 text-[17px]">{partSentence(detail.part)}</p>
          </section>
        ) : null}
      </div>
      <Causes {...props} />
      <PartToday {...props} />
    </FieldFlow>
  );
}

interface ProposalProps {
  readonly offers: readonly ActionOffer[];
  readonly reason: string;
  readonly isOutlookShown: boolean;
  /** over which costs are counted */
  readonly years: number;
  readonly onAccept: (offer: ActionOffer) => void;
  readonly onOutlook: () => void;
}

function Proposal({ offers, reason, years, isOutlookShown, onAccept, onOutlook }: ProposalProps) {
  const [isAllShown, setAllShown] = useState(false);
  const [best] = offers;
  if (!best) return null;
  // What cannot be right is no way on; it is there for who asks.
  const shown = isAllShown ? offers : waysOn(offers);
  return (
    <section aria-labelledby="proposal">
      <h2 id="proposal" className="heading-rule">
        Proposed
      </h2>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-3 py-3">
        <div className="min-w-0 flex-1 basis-64">
          <p className="text-[19px] font-bold">{workWords(best)}</p>
          <p className="mt-1 text-[14px] text-ink-soft">{reason}</p>
        </div>
        <button type="button" className="btn btn-filled" onClick={() => onAccept(best)}>
          Accept with this reason
        </button>
      </div>
      <div className="overflow-x-auto">
        <table className="w-full text-[14px]">
          <caption className="sr-only">What was weighed</caption>
          <thead>
            <tr className="caption border-b border-rule text-left">
              <th className="py-1 font-normal">Weighed</th>
              <th className="py-1 text-right font-normal">now</th>
              <th className="py-1 pl-3 text-right font-normal">cures</th>
              <th className="py-1 pl-3 text-right font-normal">callback</th>
              <th className="py-1 pl-3 text-right font-normal">in all, {formatNumber(years, 0)} years</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((offer, index) => (
              <tr key={workWords(offer)} className={`border-b border-rule-faint align-baseline ${index === 0 ? "font-semibold" : ""}`}>
                <td className="py-1.5">
                  {workWords(offer)}
                  <span className="caption block font-normal">{offerCaption(offer)}</span>
                </td>
                <td className="num py-1.5 text-right">{formatNumber(offer.cost, 0)}</td>
                <td className="num py-1.5 pl-3 text-right">{formatProbability(offer.cureProbability)}</td>
                <td className="num py-1.5 pl-3 text-right">{formatProbability(offer.callbackProbability)}</td>
                <td className="num py-1.5 pl-3 text-right">{formatNumber(offer.expectedCost, 0)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {offers.length > shown.length || isAllShown ? (
        <button type="button" className="btn btn-plain mt-1 mr-4" aria-expanded={isAllShown} onClick={() => setAllShown(!isAllShown)}>
          {isAllShown ? "Only what can cure it" : `${offers.length - shown.length} more that hardly cure it`}
        </button>
      ) : null}
      <button type="button" className="btn btn-plain mt-1" aria-expanded={isOutlookShown} onClick={onOutlook}>
        What it hinges on
      </button>
    </section>
  );
}
