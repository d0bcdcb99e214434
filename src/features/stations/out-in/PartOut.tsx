"use client";
import { PickOne, TickList } from "@/components/Choice";
import { LineField, NoteField } from "@/components/LineField";
import { FATES, KEPT_PARTS, SWAP_TABLE } from "@/core/exchange";
import type { PartExchange } from "@/core/stations/out-in";
import { clockTime } from "@/features/vocabulary/clock";
import { FATE_WORDS, KEPT_PART_WORDS } from "@/features/vocabulary/swap-words";
import { lazy, Suspense } from "react";
import { outOfCard } from "./out-of-card";
import type { PairProps } from "./props";

const ToShelf = lazy(() => import("./ToShelf"));

const FATE_OPTIONS = FATES.map((id) => ({ id, label: FATE_WORDS[id] }));
const KEPT_OPTIONS = KEPT_PARTS.map((id) => ({ id, label: KEPT_PART_WORDS[id] }));

/** The part that comes out: its label, what it read, and what becomes of it. */
export function PartOut({ work: { action, exchange }, record, onWork, facts, assessment, weighed }: PairProps) {
  const { out } = exchange;
  const known = outOfCard(action, facts, assessment.detail.question.old);
  const set = (change: Partial<PartExchange["out"]>) => onWork((each) => ({ ...each, out: { ...each.out, ...change } }));
  const isMotor = SWAP_TABLE[action].kind === "motor";
  return (
    <div role="group" aria-label="Out" className="flex min-w-0 flex-col gap-3">
      <h3 className="caption">Out</h3>
      <LineField
        label="Part that comes out"
        isFigure
        text={out.label}
        placeholder={known.label ? undefined : "as its label says"}
        known={known.label}
        onText={(label) => set({ label })}
      />
      <LineField
        label="It read"
        isFigure
        text={out.reading}
        placeholder={known.reading ? undefined : "as its station found"}
        known={known.reading}
        onText={(reading) => set({ reading })}
      />
      <PickOne
        legend="What becomes of it"
        options={FATE_OPTIONS}
        picked={out.fate}
        // What the card knows of it goes along, so that it is kept as it was on this day.
        onPick={(fate) =>
          set({ fate, label: out.label || (fate ? known.label : out.label), reading: out.reading || (fate ? known.reading : out.reading) })
        }
      />
      {out.fate === "scrap" || out.fate === "keep-for-parts" ? (
        <>
          <NoteField label="Why" rows={1} text={out.why} onText={(why) => set({ why })} />
          {isMotor ? (
            <label className="flex min-h-[44px] items-center gap-3 text-[15px]">
              <input
                type="checkbox"
                className="h-5 w-5 accent-press"
                checked={out.unusableAt !== null}
                onChange={() =>
                  onWork((each, at) => ({ ...each, out: { ...each.out, unusableAt: each.out.unusableAt === null ? at : null } }))
                }
              />
              <span className="flex-1">Cord or leads cut: nobody fits it again</span>
              <span className="num text-[13px] text-ink-soft">{out.unusableAt ? clockTime(out.unusableAt) : ""}</span>
            </label>
          ) : null}
          {isMotor ? (
            <TickList
              legend="Kept of it for parts"
              options={KEPT_OPTIONS}
              ticked={out.kept}
              onToggle={(id) => set({ kept: out.kept.includes(id) ? out.kept.filter((each) => each !== id) : [...out.kept, id] })}
            />
          ) : null}
        </>
      ) : null}
      {out.fate === "back-on-shelf" || out.fate === "keep-for-parts" ? (
        <Suspense>
          <ToShelf action={action} out={out} sheet={record.old} weighed={weighed} />
        </Suspense>
      ) : null}
    </div>
  );
}
