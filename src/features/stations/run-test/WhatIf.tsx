"use client";
import { noticesOf, whatIf, type MotorEstimate, type RunUnderstanding } from "@/core/motor";
import type { Failure, Result } from "@/core/result";
import { knownMotor } from "@/core/stations/motor-knowledge";
import { toSentence } from "@/features/messages/failure-sentences";
import { PickOne } from "@/components/Choice";
import { useState } from "react";
import type { InstrumentProps } from "../contract";
import { useStudies } from "../useStudies";
import { CASE_STYLE } from "./case-style";
import { StartChart } from "./StartChart";
import { capacitorsOf, casesOf, type ShownCase, type Tried } from "./what-if-cases";
import { WhatIfCharts } from "./WhatIfCharts";
import { WhatIfControls } from "./WhatIfControls";
import { WhatIfTable } from "./WhatIfTable";
import { caseWords, noticeSentences } from "./what-if-words";
import { doubtSentences, type Detail } from "./words";

type Props = InstrumentProps<"run-test", Detail>;

/** The estimate behind the curves, or why there is none. */
export default function WhatIf(props: Props) {
  const study = useStudies();
  const known = knownMotor(props.facts);
  if (!known.ok) return <p className="max-w-[60ch] text-[17px]">{toSentence(known.failure)}</p>;
  const found = study("what-if", known.value.knowledge) as Result<MotorEstimate, Failure> | null;
  if (found === null) return <p className="text-ink-soft">Working out the motor from its plate.</p>;
  if (!found.ok) return <p className="max-w-[60ch] text-[17px]">{toSentence(found.failure)}</p>;
  return <Curves key={JSON.stringify(known.value.knowledge)} {...props} estimate={found.value} />;
}

const VIEWS = [
  { id: "curves", label: "Curves" },
  { id: "table", label: "Table" },
] as const;

function Curves({ facts, assessment, estimate }: Props & { estimate: MotorEstimate }) {
  const { machine, conflict } = estimate;
  const { plateUf } = capacitorsOf(machine, facts);
  const untouched: Tried = { capacitanceUf: plateUf, supplyV: machine.supplyV, fault: null };
  const [tried, setTried] = useState(untouched);
  const [view, setView] = useState<"curves" | "table">("curves");
  const cases = casesOf(estimate, facts, tried);
  const told = cases.find(({ id }) => id === "fault") ?? cases[0];
  const study = useStudies();
  const asked = assessment.detail.question && (study("run-test", assessment.detail.question) as Result<RunUnderstanding, Failure> | null);
  const doubts = doubtSentences({
    failure: null,
    assumedType: assessment.detail.assumedType,
    narrowing: asked?.ok ? asked.value.narrowing : null,
    understanding: conflict ? { conflict } : null,
  });
  return (
    <div className="flex flex-col gap-5">
      <WhatIfControls machine={machine} plateUf={plateUf} tried={tried} onTry={setTried} onReset={() => setTried(untouched)} />
      <PickOne legend="Show" options={VIEWS} picked={view} onPick={(next) => setView(next ?? view)} />
      <Legend cases={cases} />
      {view === "curves" ? <WhatIfCharts cases={cases} /> : <WhatIfTable cases={cases} />}
      {told ? <Noticed estimate={estimate} told={told} facts={facts} /> : null}
      {told ? <StartChart machine={machine} choice={told.choice} startTimeS={told.shown.startTimeS} /> : null}
      <p className="text-[13.5px] text-ink-soft">
        Worked out from plate, ohms and capacitor, at the load the plate names. It shows what changes and how much; the figures of this very
        motor come from the run test. {doubts.join(" ")}
      </p>
    </div>
  );
}

/** Line, name and where it settles; the dots on the curves are those points. */
function Legend({ cases }: { cases: readonly ShownCase[] }) {
  return (
    <ul className="flex flex-wrap gap-x-6 gap-y-1.5 text-[14px]">
      {cases.map((each) => {
        const { stroke, width, dashes } = CASE_STYLE[each.id];
        return (
          <li key={each.id} className="flex items-center gap-2">
            <svg viewBox="0 0 46 8" className="h-2 w-[46px]" aria-hidden="true">
              <path d="M1 4H45" stroke={stroke} strokeWidth={width} strokeDasharray={dashes} />
            </svg>
            {caseWords(each)}
          </li>
        );
      })}
    </ul>
  );
}

function Noticed({ estimate: { machine }, told, facts }: { estimate: MotorEstimate; told: ShownCase; facts: Props["facts"] }) {
  const reference = whatIf(machine, { capacitanceUf: null, supplyV: machine.supplyV, fault: null }, 2);
  const ratedV = (facts.fittedCapacitor ?? facts.plateCapacitor)?.ratedV ?? null;
  const notices = noticesOf(machine, told.shown, reference, told.choice.fault, ratedV);
  return (
    <section aria-labelledby="noticed" aria-live="polite">
      <h2 id="noticed" className="caption mb-1">
        What the customer would notice · {caseWords(told)}
      </h2>
      <ul className="text-[16px]">
        {noticeSentences(notices).map((sentence) => (
          <li key={sentence} className="max-w-[64ch] py-0.5">
            {sentence}
          </li>
        ))}
      </ul>
    </section>
  );
}
