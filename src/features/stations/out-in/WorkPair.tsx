"use client";
import { PickOne, TickList } from "@/components/Choice";
import { DayField } from "@/components/DayField";
import { LineField, NoteField } from "@/components/LineField";
import { Stamp, type StampTone } from "@/components/Stamp";
import { FATES, KEPT_PARTS, SWAP_TABLE, type IncomingVerdict } from "@/core/exchange";
import { BLANK_SHEET, readSheet } from "@/core/match";
import type { PartExchange } from "@/core/stations/out-in";
import { toSentence } from "@/features/messages/failure-sentences";
import { clockTime, dayWords } from "@/features/vocabulary/clock";
import { FATE_WORDS, INCOMING_WORDS, KEPT_PART_WORDS } from "@/features/vocabulary/swap-words";
import { lazy, Suspense, useState } from "react";
import { SheetFields } from "../../match/SheetFields";
import { motorLine } from "../../match/sheet-words";
import { EntryField } from "../shared/EntryField";
import { outOfCard } from "./out-of-card";
import type { PairProps } from "./props";
import { incomingSentences, lackSentence, workTitle } from "./words";

const FromShelf = lazy(() => import("./FromShelf"));
const ToShelf = lazy(() => import("./ToShelf"));

const FATE_OPTIONS = FATES.map((id) => ({ id, label: FATE_WORDS[id] }));
const KEPT_OPTIONS = KEPT_PARTS.map((id) => ({ id, label: KEPT_PART_WORDS[id] }));
const TONES: Record<IncomingVerdict, StampTone> = {
  right: "holds",
  wrong: "out",
  "too-close": "too-close",
  unsure: "unsure",
  unmeasured: "open",
};

/** One part out and one in. */
export function WorkPair(props: PairProps) {
  const { work, onWork } = props;
  const { action, exchange } = work;
  const lack = lackSentence(work);
  return (
    <section aria-labelledby={`pair-${action}`} className="flex flex-col gap-4">
      <h2 id={`pair-${action}`} className="heading-rule">
        {workTitle(action)}
      </h2>
      <div className="grid gap-x-8 gap-y-5 lg:grid-cols-2">
        <Out {...props} />
        {exchange.isOldKept ? null : <In {...props} />}
      </div>
      {exchange.in.fittedAt === null ? (
        <label className="flex min-h-[44px] items-center gap-3 text-[15px]">
          <input
            type="checkbox"
            className="h-5 w-5 accent-press"
            checked={exchange.isOldKept}
            onChange={() => onWork((each) => ({ ...each, isOldKept: !each.isOldKept }))}
          />
          Keep the old one until the new one is here
        </label>
      ) : null}
      {exchange.isOldKept ? (
        <>
          <p className="border-l-4 border-close pl-3 text-[14px]">
            It runs on with a part that is known to be bad: say so to who runs it, and what to switch off for (smell, hum, trip).
          </p>
          <DayField
            label="New one expected on"
            day={exchange.expectedOn}
            onDay={(expectedOn) => onWork((each) => ({ ...each, expectedOn }))}
          >
            {exchange.expectedOn ? dayWords(exchange.expectedOn) : "No day yet: pick one, or it is forgotten."}
          </DayField>
        </>
      ) : null}
      {lack ? <p className="text-[14px] font-medium text-close">{lack}</p> : null}
    </section>
  );
}

function Out({ work: { action, exchange }, record, onWork, facts, assessment, weighed }: PairProps) {
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
        placeholder={known.label || "as its label says"}
        onText={(label) => set({ label })}
      />
      <LineField
        label="It read"
        isFigure
        text={out.reading}
        placeholder={known.reading || "as its station found"}
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
          <ToShelf action={action} out={out} sheet={record.old} card={weighed.card} onWork={onWork} />
        </Suspense>
      ) : null}
    </div>
  );
}

function In(props: PairProps) {
  const { work, onWork, house } = props;
  const { action, exchange, incoming } = work;
  const part = exchange.in;
  const [isPicking, setPicking] = useState(false);
  const set = (change: Partial<PartExchange["in"]>) => onWork((each) => ({ ...each, in: { ...each.in, ...change } }));
  const { kind } = SWAP_TABLE[action];
  const failure = "failure" in incoming ? incoming.failure : null;
  const said = incomingSentences(incoming);
  const isNamed = part.label.trim() !== "" || part.sheet !== null;
  return (
    <div role="group" aria-label="In" className="flex min-w-0 flex-col gap-3">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h3 className="caption">In</h3>
        <button type="button" className="btn" aria-expanded={isPicking} onClick={() => setPicking(!isPicking)}>
          {isPicking ? "Leave the Shelf" : "From the Shelf"}
        </button>
      </div>
      {isPicking ? (
        <Suspense fallback={<p className="text-ink-soft">Looking on the Shelf.</p>}>
          <FromShelf {...props} onDone={() => setPicking(false)} />
        </Suspense>
      ) : null}
      <LineField
        label={kind === "motor" ? "Motor that goes in" : "Part that goes in, as its label says"}
        isFigure
        text={part.label}
        placeholder={kind === "motor" && part.sheet ? motorLine(readSheet(part.sheet).spec) : undefined}
        problem={failure ? toSentence(failure) : null}
        onText={(label) => set({ label })}
      />
      <div className="grid grid-cols-2 gap-x-4 gap-y-2">
        <LineField label="From" text={part.source} placeholder="supplier, truck, colleague" onText={(source) => set({ source })} />
        <LineField label="Price" isFigure text={part.price} placeholder="38.40" onText={(price) => set({ price })} />
        <LineField label="Number stamped on it" isFigure text={part.stamp} onText={(stamp) => set({ stamp })} />
        {kind === "capacitor" ? (
          <EntryField
            label="Reads before it goes in"
            quantity="capacitance"
            entry={part.reading}
            house={house}
            onEntry={(reading) => set({ reading })}
          />
        ) : kind === "motor" ? (
          <EntryField
            label="Lowest to its frame"
            quantity="resistance"
            entry={part.reading}
            house={house}
            onEntry={(reading) => set({ reading })}
          />
        ) : null}
      </div>
      {kind === "motor" ? (
        part.sheet === null ? (
          <button type="button" className="btn self-start" onClick={() => set({ sheet: BLANK_SHEET })}>
            Type its plate
          </button>
        ) : (
          <details>
            <summary className="min-h-[44px] cursor-pointer py-2 text-[15px] font-semibold text-press">Its plate and measures</summary>
            <SheetFields
              sheet={part.sheet}
              onSheet={(apply) => onWork((each) => ({ ...each, in: { ...each.in, sheet: apply(each.in.sheet ?? BLANK_SHEET) } }))}
            />
          </details>
        )
      ) : null}
      {isNamed ? (
        <div role="status" aria-live="polite">
          <Stamp tone={TONES[incoming.verdict]}>{INCOMING_WORDS[incoming.verdict]}</Stamp>
          {said.map((sentence) => (
            <p key={sentence} className="mt-1.5 text-[15px]">
              {sentence}
            </p>
          ))}
        </div>
      ) : null}
      {isNamed ? (
        <label className="flex min-h-[44px] items-center gap-3 text-[15px]">
          <input
            type="checkbox"
            className="h-5 w-5 accent-press"
            checked={part.fittedAt !== null}
            onChange={() => onWork((each, at) => ({ ...each, in: { ...each.in, fittedAt: each.in.fittedAt === null ? at : null } }))}
          />
          <span className="flex-1">It is in</span>
          <span className="num text-[13px] text-ink-soft">{part.fittedAt ? clockTime(part.fittedAt) : ""}</span>
        </label>
      ) : null}
    </div>
  );
}
