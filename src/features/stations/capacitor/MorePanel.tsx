"use client";
import { lazy, Suspense } from "react";
import type { InstrumentProps } from "../../station/contract";
import { useStudies } from "../../station/useStudies";
import { effectSentences } from "./effect-words";
import type { CapacitorDetail, LabelDetail } from "./sentences";
import { trendSentence } from "./trend-words";

const TrendChart = lazy(() => import("./TrendChart"));

type Props = Omit<InstrumentProps<"capacitor", CapacitorDetail>, "detail"> & { readonly detail: LabelDetail };

/** What the value does to the motor, and how it changed over the visits. */
export default function MorePanel(props: Props) {
  const { detail } = props;
  const study = useStudies();
  const answer = detail.effectQuestion && study("capacitor-effect", detail.effectQuestion);
  const own = detail.ownSection === null ? undefined : detail.sections[detail.ownSection];
  const effects = detail.sections.flatMap((section) =>
    effectSentences(section, detail.label.kind, section === own && answer?.ok ? answer.value : null),
  );
  return (
    <div className="flex flex-col gap-3">
      {effects.length > 0 ? (
        <section aria-label="What this value does">
          <h2 className="heading-rule text-[14px]">What this value does</h2>
          <ul className="mt-1.5 flex flex-col gap-1.5 text-[14px] text-ink-soft">
            {effects.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
        </section>
      ) : null}
      {detail.trends.map((trend, index) =>
        trend.drift ? (
          <section key={index} aria-label="Over the visits">
            <h2 className="heading-rule text-[14px]">Over the visits</h2>
            <p className="mt-1.5 text-[14px]">{trendSentence(trend.drift, new Date())}</p>
            <Suspense>
              <TrendChart trend={trend} section={detail.sections[index]} />
            </Suspense>
          </section>
        ) : null,
      )}
    </div>
  );
}
