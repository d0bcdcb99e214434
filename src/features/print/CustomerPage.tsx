"use client";
import type { TravellerAssessment } from "@/core/traveller";
import { formatMoney } from "@/core/quantity";
import type { House } from "@/records";
import type { KeptCard } from "@/store/queries";
import { dayOf, dayWords, visitDayOf } from "../vocabulary/clock";
import { customerOptions, partsIn, PLAIN_COMPLAINTS, plainWork } from "./customer-words";
import { PrintFrame } from "./PrintFrame";

interface CustomerPageProps {
  readonly card: KeptCard;
  readonly assessment: TravellerAssessment;
  readonly house: House;
}

/** One page for who owns the machine: what it did, what can be done, what it costs. No words of the trade. */
export function CustomerPage({ card, assessment, house }: CustomerPageProps) {
  const { traveller, entries } = card;
  const decided = entries.decide?.data;
  const options = customerOptions(assessment.actions, house.figures);
  const chosen = decided?.action ? plainWork({ action: decided.action, also: decided.also }) : null;
  return (
    <PrintFrame
      traveller={traveller}
      other={{ href: `/print?id=${traveller.id}`, label: "Whole card" }}
      unnamed="Your machine"
      kind="customer"
      isLarge
    >
      {assessment.facts.complaints.length > 0 ? (
        <section className="py-3">
          <h2 className="text-[18px] font-bold">What you told us</h2>
          <p className="mt-1">{assessment.facts.complaints.map((complaint) => PLAIN_COMPLAINTS[complaint]).join(" ")}</p>
        </section>
      ) : null}
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
        {options.length === 0 ? <p className="mt-1">Nothing was found that needs a repair.</p> : null}
      </section>
      {chosen ? (
        <section className="break-inside-avoid border-2 border-current p-3">
          <h2 className="text-[18px] font-bold">Agreed</h2>
          <p className="mt-1">
            {chosen}, agreed on {dayWords(dayOf(new Date(decided?.decidedAt ?? traveller.updatedAt)))}.
          </p>
          {traveller.finishedAt ? <p className="mt-1">Done and measured on {dayWords(visitDayOf(traveller))}.</p> : null}
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
        Prices of {dayWords(visitDayOf(traveller))}, for part and work at {formatMoney(house.figures.hourlyRate)} an hour, without travel.
        If it smells burnt, hums or trips again, switch it off and call.
      </p>
    </PrintFrame>
  );
}
