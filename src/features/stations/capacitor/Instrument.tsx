"use client";
import { lazy, Suspense, useState } from "react";
import { PickOne } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { usePainted } from "@/components/usePainted";
import { KeyPad } from "@/components/KeyPad";
import type { InstrumentProps } from "../../station/contract";
import { PAD_EXTRAS } from "@/features/form/reading";
import { Verdict } from "../shared/Verdict";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";
import { FitsButton } from "./FitsButton";
import { LabelLine } from "./LabelLine";
import { MeterFields, MeterQuestions } from "./MeterFields";
import { hasTwoInHand, ofPart, partOptions, withOther } from "./part-in-hand";
import { SectionRule } from "./SectionRule";
import { capacitorSentences, percentFigure, sectionName, type CapacitorDetail } from "./sentences";
import { readMoments } from "./words";

/** The usual method stands at once; the others come with their tab. */
const RunningFields = lazy(async () => ({ default: (await import("./RunningFields")).RunningFields }));
const RunningQuestions = lazy(async () => ({ default: (await import("./RunningFields")).RunningQuestions }));
const SwingFields = lazy(async () => ({ default: (await import("./SwingFields")).SwingFields }));
const DischargePanel = lazy(() => import("./DischargePanel"));
const StartPartsPanel = lazy(() => import("./StartPartsPanel"));
const ExchangedReadings = lazy(() => import("./ExchangedReadings"));
const MorePanel = lazy(() => import("./MorePanel"));

type Props = InstrumentProps<"capacitor", CapacitorDetail>;

/** The capacitor by the method in hand; of a motor with two, the part in hand. */
export default function Instrument(props: Props) {
  const [part, setPart] = useState<"first" | "other">("first");
  const { detail } = props.assessment;
  if (!hasTwoInHand(detail)) return <OnePart {...props} />;
  const inHand = part === "other" ? withOther(props) : { ...props, assessment: ofPart(props.assessment) };
  return (
    <div className="flex flex-col gap-4">
      <PickOne legend="Part in hand" options={partOptions(detail)} picked={part} onPick={(id) => setPart(id ?? part)} />
      {detail.areExchanged ? (
        <Suspense>
          <ExchangedReadings record={inHand.record} change={inHand.change} />
        </Suspense>
      ) : null}
      <OnePart key={part} {...inHand} />
    </div>
  );
}

/** The three methods that judge share label, ruler and verdict. */
function OnePart(props: Props) {
  const method = props.method ?? "meter";
  if (method === "discharge" || method === "start-parts") {
    const Panel = method === "discharge" ? DischargePanel : StartPartsPanel;
    return (
      <Suspense>
        <Panel {...props} />
      </Suspense>
    );
  }
  return <Judged {...props} method={method} />;
}

/** Fields and questions of each method, and what its pad shows beside the digits. */
const METHODS = {
  meter: { Figures: MeterFields, Questions: MeterQuestions, extras: PAD_EXTRAS.capacitance },
  running: { Figures: RunningFields, Questions: RunningQuestions, extras: PAD_EXTRAS.current },
  swing: { Figures: SwingFields, Questions: () => null, extras: PAD_EXTRAS.current },
} as const;

function Judged(props: Props & { method: string }) {
  const { record, assessment, house } = props;
  const { detail } = assessment;
  const isPainted = usePainted();
  const { Figures, Questions, extras } = METHODS[props.method as keyof typeof METHODS] ?? METHODS.meter;
  const sections = detail.state === "label" ? detail.sections : [];
  const figures = sections.map(percentFigure).filter((figure) => figure !== null);
  return (
    // Label, reading, ruler, verdict: in the order of the hands, on a phone too.
    <FieldFlow className="flex flex-col gap-4">
      <div className="contents md:grid md:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)] md:gap-x-8">
        <LabelLine {...props} />
        <div className="flex flex-col gap-3">
          <Suspense>
            <Figures {...props} />
          </Suspense>
        </div>
      </div>
      <div className="on-side-later flex flex-col gap-4 empty:hidden">
        {detail.state === "label"
          ? sections.map((section, index) => (
              <SectionRule
                key={index}
                section={section}
                trend={detail.trends[index]}
                name={sections.length > 1 ? sectionName(detail, index) : "Capacitor"}
                isNamed={sections.length > 1}
              />
            ))
          : null}
      </div>
      <div className="beside-pad">
        <Verdict
          assessment={assessment}
          figure={figures.join(" · ") || null}
          sentences={capacitorSentences(detail, readMoments(record), house.figures)}
          more={detail.state === "label" ? <FitsButton {...props} detail={detail} /> : null}
        />
        <KeyPad extras={extras} />
      </div>
      <div className="on-side-later flex flex-col gap-4">
        {detail.state === "label" ? <Suspense>{isPainted ? <MorePanel {...props} detail={detail} /> : null}</Suspense> : null}
        <Suspense>
          <Questions {...props} />
        </Suspense>
        <Fields of={ROWS} show={["looksBad", "note"]} given={props} />
      </div>
    </FieldFlow>
  );
}
