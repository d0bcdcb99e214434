"use client";
import { lazy, Suspense } from "react";
import { orderNumber } from "@/core/bearing";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";
import { REASON_WORDS } from "./panel-words";
import type { PanelProps } from "./props";

const BearingsOnShelf = lazy(() => import("./BearingsOnShelf"));

/** What to ask for at the counter, by where it has to live. */
export function AskFor(props: PanelProps) {
  const { record, assessment, house, end } = props;
  const detail = assessment.detail.ends[end];
  const order = detail.size ? orderNumber(detail.size, detail.advice) : null;
  const { departs, reasons } = detail.advice;
  return (
    <section aria-labelledby="ask-for" className="flex flex-col gap-3">
      <h2 id="ask-for" className="heading-rule">
        What to ask for
      </h2>
      <Fields of={ROWS} show={["around"]} given={props} />
      {order ? (
        <div role="status">
          <p className="num text-[22px] font-medium">{order}</p>
          <ul className="mt-1 flex flex-col gap-1 text-[14px] text-ink-soft">
            {reasons.map((reason) => (
              <li key={reason}>{REASON_WORDS[reason]}</li>
            ))}
            {departs.length > 0 && detail.designation ? (
              <li className="font-medium text-ink">
                What was fitted differs in {departs.map((each) => (each === "closure" ? "its seals" : "its clearance")).join(" and ")}.
              </li>
            ) : null}
            {record.around.includes("loose-fit") ? <li>A slack seat eats bearings whatever is fitted: measure it at Fit.</li> : null}
          </ul>
        </div>
      ) : (
        <p className="caption">Named first, then what to ask for is told here.</p>
      )}
      {detail.size ? (
        <Suspense>
          <BearingsOnShelf
            fitted={{ ...detail.size, closure: detail.designation?.closure ?? null, clearance: detail.designation?.clearance ?? null }}
            house={house}
          />
        </Suspense>
      ) : null}
    </section>
  );
}
