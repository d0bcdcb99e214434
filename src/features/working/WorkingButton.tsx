"use client";
import { withMinus, type WorkingStep } from "@/core/quantity";
import { lazy, Suspense, use, useState } from "react";
import { ReadButton } from "@/components/ReadButton";
import { RulesBehind } from "./rules-behind";

const RulesInForce = lazy(async () => ({ default: (await import("./RuleLinks")).RulesInForce }));
const Sheet = lazy(() => import("@/components/Sheet"));

/** Opens the sum behind a figure: formula, numbers put in, result, source. */
export function WorkingButton({ steps }: { steps: readonly WorkingStep[] }) {
  const [isOpen, setOpen] = useState(false);
  const judgedBy = use(RulesBehind);
  return (
    <>
      <ReadButton onPress={() => setOpen(true)}>Working</ReadButton>
      {isOpen ? (
        <Suspense>
          <Sheet title="Working" onClose={() => setOpen(false)}>
            <ol className="flex flex-col gap-4">
              {steps.map((step, index) => (
                <li key={index} className="border-b border-rule-faint pb-3">
                  <h3 className="font-semibold">{step.what}</h3>
                  <p className="num mt-1 text-[13px]">{step.formula}</p>
                  {step.numbers ? <p className="num mt-1 text-[13px]">{withMinus(step.numbers)}</p> : null}
                  <p className="num mt-1 text-[14px] font-semibold">= {withMinus(step.result)}</p>
                  <p className="caption mt-1">Source: {step.source}</p>
                </li>
              ))}
            </ol>
            {judgedBy ? <RulesInForce judgedBy={judgedBy} /> : null}
          </Sheet>
        </Suspense>
      ) : null}
    </>
  );
}
