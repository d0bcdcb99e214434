"use client";
import { SWAP_TABLE } from "@/core/exchange";
import { lazy, Suspense } from "react";
import { outOfCard } from "./out-of-card";
import { Fields } from "@/features/form/Fields";
import type { ChangeRecord } from "../../station/contract";
import { OUT_ROWS } from "./fields";
import type { PairProps } from "./props";

const ToShelf = lazy(() => import("./ToShelf"));

/** The part that comes out: its label, what it read, and what becomes of it. */
export function PartOut({ work: { action, exchange }, record, onWork, facts, assessment, weighed }: PairProps) {
  const { out } = exchange;
  const known = outOfCard(action, facts, assessment.detail.question.old);
  const given = {
    record: out,
    isMotor: SWAP_TABLE[action].kind === "motor",
    known,
    change: (apply: ChangeRecord<typeof out>) => onWork((each, at) => ({ ...each, out: apply(each.out, at) })),
  };
  return (
    <div role="group" aria-label="Out" className="flex min-w-0 flex-col gap-3">
      <h3 className="caption">Out</h3>
      <Fields of={OUT_ROWS} given={given} />
      {out.fate === "back-on-shelf" || out.fate === "keep-for-parts" ? (
        <Suspense>
          <ToShelf action={action} out={out} sheet={record.old} weighed={weighed} />
        </Suspense>
      ) : null}
    </div>
  );
}
