"use client";
import { knownMotor } from "@/core/facts";
import { noticesOf, whatIf, type MotorEstimate, type WhatIfCase } from "@/core/motor";
import { formatQuantity } from "@/core/quantity";
import { toMachineSentence } from "@/features/messages/machine-sentences";
import { PickOne } from "@/components/Choice";
import { OfBefore } from "@/components/OfBefore";
import { useLast } from "@/components/useLast";
import { useMemo, useState } from "react";
import type { InstrumentProps } from "../../station/contract";
import { useStudies } from "../../station/useStudies";
import { StartChart } from "./StartChart";
import { capacitorsOf, casesOf, type ShownCase, type Tried } from "./what-if-cases";
import { CaseLegend } from "./CaseLegend";
import { WhatIfCharts } from "./WhatIfCharts";
import { WhatIfControls } from "./WhatIfControls";
import { bandWords, WhatIfTable } from "./WhatIfTable";
import { noticeSentences } from "@/features/vocabulary/notice-words";
import { caseWords } from "./what-if-words";
import { doubtSentences, type Detail } from "./words";

type Props = InstrumentProps<"run-test", Detail>;

/** The estimate behind the curves, or why there is none. */
export default function WhatIf(props: Props) {
  const study = useStudies();
  const known = knownMotor(props.facts);
  const { shown: found, isOld } = useLast(known.ok ? study("motor", known.value.knowledge) : null);
  if (!known.ok) return <p className="max-w-[60ch] text-[17px]">{toMachineSentence(known.failure)}</p>;
  if (found === null) return <p className="text-ink-soft">Working out the motor from its plate.</p>;
  if (!found.ok) return <p className="max-w-[60ch] text-[17px]">{toMachineSentence(found.failure)}</p>;
  return (
    <OfBefore isOld={isOld}>
      <Curves key={JSON.stringify(found.value.machine)} {...props} estimate={found.value} />
    </OfBefore>
  );
}

const VIEWS = [
  { id: "curves", label: "Curves" },
  { id: "table", label: "Table" },
] as const;

function Curves({ facts, assessment, estimate }: Props & { estimate: MotorEstimate }) {
  const { machine, conflict } = estimate;
  const { plateUf, labelledUf, foundUf } = capacitorsOf(machine, facts);
  const untouched: Tried = { capacitanceUf: plateUf, supplyV: machine.supplyV, fault: null };
  const [tried, setTried] = useState(untouched);
  const [view, setView] = useState<"curves" | "table">("curves");
  const cases = useMemo(() => casesOf(machine, { labelledUf, foundUf }, tried), [machine, labelledUf, foundUf, tried]);
  const told = cases.find(({ id }) => id === "fault") ?? cases[0];
  const study = useStudies();
  const asked = assessment.detail.question && study("run", assessment.detail.question);
  const doubts = doubtSentences({
    failure: null,
    assumedType: assessment.detail.assumedType,
    narrowing: asked?.ok ? asked.value.narrowing : null,
    understanding: conflict ? { conflict } : null,
  });
  return (
    <div className="flex flex-col gap-5">
      <WhatIfControls machine={machine} plateUf={plateUf} tried={tried} onTry={setTried} onReset={() => setTried(untouched)} />
      <Figures cases={cases} />
      <PickOne legend="Show" options={VIEWS} picked={view} onPick={(next) => setView(next ?? view)} />
      <CaseLegend cases={cases} />
      {view === "curves" ? <WhatIfCharts cases={cases} /> : <WhatIfTable cases={cases} />}
      <Noticed estimate={estimate} cases={cases} facts={facts} />
      {told && !told.shown.byLuck ? <StartChart machine={machine} choice={told.choice} startTimeS={told.shown.startTimeS} /> : null}
      <p className="text-[13.5px] text-ink-soft">
        Worked out from plate, ohms and capacitor, at the load the plate names. It shows what changes and how much; the figures of this very
        motor come from the run test. {doubts.join(" ")}
      </p>
    </div>
  );
}

const figuresOf = (operating: WhatIfCase["operating"], standstill: WhatIfCase["standstill"]): string[][] =>
  operating
    ? [
        ["Line", formatQuantity("current", operating.lineA, 0.5)],
        ["Start winding", formatQuantity("current", operating.startA, 0.5)],
        ["Capacitor", formatQuantity("voltage", operating.capacitorV, 50)],
        ["Speed", formatQuantity("speed", operating.speedRpm, 50)],
      ]
    : [["Standing, line", formatQuantity("current", standstill.lineA, 0.5)]];

/** The figures that follow a slider, beside it: on a phone the curves are below the edge. */
function Figures({ cases }: { cases: readonly ShownCase[] }) {
  const told = cases.find(({ id }) => id === "fault") ?? cases[0];
  if (!told) return null;
  const { operating, startsAlone, standstill, byLuck } = told.shown;
  const figures = byLuck
    ? [
        ["Line", bandWords(byLuck)],
        ["Starts", "may or may not"],
      ]
    : figuresOf(operating, standstill);
  return (
    <dl aria-label={`Figures: ${caseWords(told)}`} className="flex flex-wrap gap-x-7 gap-y-1 border-y border-rule py-2">
      {figures.map(([name, figure]) => (
        <div key={name} className="flex items-baseline gap-2">
          <dt className="caption">{name}</dt>
          <dd className="num text-[19px] font-medium">{figure}</dd>
        </div>
      ))}
      {operating && !startsAlone && !byLuck ? <p className="text-[14px] font-semibold text-out">only once it turns</p> : null}
    </dl>
  );
}

/** Line, name and where it settles; the dots on the curves are those points. */
function Noticed({ estimate: { machine }, cases, facts }: { estimate: MotorEstimate; cases: readonly ShownCase[]; facts: Props["facts"] }) {
  const reference = whatIf(machine, { capacitanceUf: null, supplyV: machine.supplyV, fault: null }, 2);
  const ratedV = (facts.fittedCapacitor ?? facts.plateCapacitor)?.ratedV ?? null;
  return (
    <section aria-labelledby="noticed" aria-live="polite">
      <h2 id="noticed" className="caption mb-1">
        What the customer would notice
      </h2>
      <dl className="text-[16px]">
        {cases.map((each) => (
          <div key={each.id} className="grid gap-x-5 border-b border-rule-faint py-1.5 sm:grid-cols-[190px_1fr]">
            <dt className="text-[14px] font-semibold">{caseWords(each)}</dt>
            <dd className="max-w-[64ch]">
              {noticeSentences(noticesOf(machine, each.shown, reference, each.choice.fault, ratedV)).join(" ")}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
