"use client";
import type { WorkingStep } from "@/core/quantity";
import { lazy, Suspense, useState } from "react";
import { ReadButton } from "@/components/ReadButton";

const Sheet = lazy(() => import("@/components/Sheet"));

/** Opens the sum behind a figure: formula, numbers put in, result, source. */
export function WorkingButton({ steps }: { steps: readonly WorkingStep[] }) {
  const [isOpen, setOpen] = useState(false);
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
                  {step.numbers ? <p className="num mt-1 text-[13px]">{step.numbers}</p> : null}
                  <p className="num mt-1 text-[14px] font-semibold">= {step.result}</p>
                  <p className="caption mt-1">Source: {step.source}</p>
                </li>
              ))}
            </ol>
          </Sheet>
        </Suspense>
      ) : null}
    </>
  );
}
