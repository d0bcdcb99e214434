"use client";
import { isWorkDone, type TravellerAssessment } from "@/core/traveller";
import { formatMoney } from "@/core/quantity";
import type { House } from "@/records";
import type { KeptCard } from "@/store/queries";
import { dayOf, dayWords, visitDayOf } from "../vocabulary/clock";
import { endReached } from "@/core/traveller";
import { customerOptions, partsIn, plainWork } from "./customer-words";
import { plainFound } from "./plain-found";
import { causeSentences, costFoot, costLines, costWords, doneOn, doneSentences, nowSentences, watchSentences } from "./report-words";
import { PrintFrame } from "./PrintFrame";
import { PLAIN_COMPLAINTS } from "@/features/vocabulary/complaint-words";

interface CustomerPageProps {
  readonly card: KeptCard;
  readonly assessment: TravellerAssessment;
  readonly house: House;
}

/** One page for who owns the machine, in plain words: an offer while it is open what is done, a report once it was done. */
export function CustomerPage(props: CustomerPageProps) {
  const { traveller } = props.card;
  const isReport = traveller.finishedAt !== null || endReached(props.assessment.stations, traveller.finishedAt) !== null;
  return (
    <PrintFrame
      traveller={traveller}
      entries={props.card.entries}
      other={{ href: `/print?id=${traveller.id}`, label: "Whole card" }}
      unnamed="Your machine"
      more={isReport ? " · report" : " · offer"}
      kind="customer"
      isLarge
    >
      <Part title="What you told us" lines={toldLines(props)} />
      <Part title="What we found" lines={[...plainFound(props.assessment, isReport), ...causeSentences(props.assessment)]} />
      {isReport ? <Report {...props} /> : <Offer {...props} />}
    </PrintFrame>
  );
}

/** Only what they told: their own words, else what was ticked of them. */
function toldLines({ card, assessment }: CustomerPageProps): readonly string[] {
  const said = card.entries.complaint?.data.said.trim() ?? "";
  if (said !== "") return [`“${said}”`];
  const { complaints } = assessment.facts;
  return complaints.length > 0 ? [complaints.map((complaint) => PLAIN_COMPLAINTS[complaint]).join(" ")] : [];
}

function Part({ title, lines }: { title: string; lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <section className="break-inside-avoid py-3">
      <h2 className="text-[18px] font-bold">{title}</h2>
      {lines.map((line) => (
        <p key={line} className="mt-1 break-words">
          {line}
        </p>
      ))}
    </section>
  );
}

/** What can be done, with prices and chances, and what was agreed. */
function Offer({ card, assessment, house }: CustomerPageProps) {
  const { traveller, entries } = card;
  const decided = entries.decide?.data;
  const options = customerOptions(assessment.actions, house.figures);
  const done = doneSentences(doneOn(assessment, null));
  const chosen = decided?.action ? plainWork({ action: decided.action, also: decided.also }) : null;
  return (
    <>
      <Part title="What we did so far" lines={done} />
      {isWorkDone(assessment) ? null : <Ways options={options} isOurs={assessment.facts.notOurs === null} />}
      {chosen ? (
        <section className="break-inside-avoid border-2 border-current p-3">
          <h2 className="text-[18px] font-bold">Agreed</h2>
          <p className="mt-1">
            {chosen}, agreed on {dayWords(dayOf(new Date(decided?.decidedAt ?? traveller.updatedAt)))}.
          </p>
          {partsIn(entries["out-in"]?.data).map((line) => (
            <p key={line} className="mt-1">
              {line}
            </p>
          ))}
          {decided?.partHere === false ? <p className="mt-1">The part is not here today.</p> : null}
          {decided?.recheckOn ? <p className="mt-1">We look at it again by {dayWords(decided.recheckOn)}.</p> : null}
        </section>
      ) : null}
      <p className="mt-4">
        Prices of {dayWords(visitDayOf(traveller))}, for part and work. {costFoot(house.figures)} If it smells burnt, hums or trips again,
        switch it off and call.
      </p>
    </>
  );
}

/** What can be done, the cheapest way on first, with its price and what to expect of it. */
function Ways({ options, isOurs }: { options: ReturnType<typeof customerOptions>; isOurs: boolean }) {
  return (
    <section className="py-3">
      <h2 className="text-[18px] font-bold">What can be done</h2>
      <ol>
        {options.map(({ title, price, lines }, index) => (
          <li key={title} className="break-inside-avoid border-b border-rule py-3">
            <p className="flex items-baseline justify-between gap-6 text-[18px] font-semibold">
              <span>
                {index + 1}. {title}
              </span>
              <span className="num shrink-0">{price}</span>
            </p>
            {lines.map((line) => (
              <p key={line} className="mt-1">
                {line}
              </p>
            ))}
          </li>
        ))}
      </ol>
      {options.length === 0 ? (
        <p className="mt-1">{isOurs ? "Nothing was found that needs a repair." : "Nothing is proposed yet."}</p>
      ) : null}
    </section>
  );
}

/** What was done, what it is now, what it cost, what to watch. */
function Report({ card, assessment, house }: CustomerPageProps) {
  const { traveller, entries } = card;
  const end = endReached(assessment.stations, card.traveller.finishedAt);
  const works = doneOn(assessment, end);
  const lines = costLines(card, assessment, works, house.figures);
  const total = lines.reduce((sum, { amount }) => sum + amount, 0);
  const done = [...doneSentences(works), ...partsIn(entries["out-in"]?.data)];
  return (
    <>
      <Part title="What we did" lines={done.length > 0 ? done : ["Nothing was changed at the motor."]} />
      <Part title="What it is now" lines={nowSentences(card, assessment, end, works)} />
      {lines.length > 0 ? (
        <section className="break-inside-avoid py-3">
          <h2 className="text-[18px] font-bold">What it cost</h2>
          <table className="mt-1 w-full">
            <tbody>
              {lines.map((line) => (
                <tr key={costWords(line, card)} className="border-b border-rule-faint align-baseline">
                  <td className="py-1 pr-4">{costWords(line, card)}</td>
                  <td className="num py-1 text-right">{formatMoney(line.amount)}</td>
                </tr>
              ))}
              <tr className="font-bold">
                <td className="py-1 pr-4">In all</td>
                <td className="num py-1 text-right">{formatMoney(total)}</td>
              </tr>
            </tbody>
          </table>
          <p className="mt-1 text-[0.9em]">
            Prices of {dayWords(visitDayOf(traveller))}. {costFoot(house.figures)}
          </p>
        </section>
      ) : null}
      <Part title="What to watch" lines={watchSentences(assessment.stations.end.detail.on)} />
      <p className="mt-2">
        {entries.decide?.data.decidedAt && works.length > 0
          ? `Agreed on ${dayWords(dayOf(new Date(entries.decide.data.decidedAt)))}. `
          : ""}
        {traveller.finishedAt ? `Signed off on ${dayWords(dayOf(new Date(traveller.finishedAt)))}.` : ""}
      </p>
    </>
  );
}
