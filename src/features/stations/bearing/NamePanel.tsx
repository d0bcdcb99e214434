"use client";
import { PickOne, TickList } from "@/components/Choice";
import { FigureField } from "@/components/FigureField";
import { KeyPad } from "@/components/KeyPad";
import { LineField } from "@/components/LineField";
import { BEARING_KINDS, DIMENSIONS, LENGTH_UNITS, splitDimensions, type Dimension, type SlipFound } from "@/core/bearing";
import { formatNumber } from "@/core/quantity";
import type { BearingEnd, Stamp } from "@/core/stations";
import type { NameState } from "@/core/stations/bearing";
import { toSentence } from "@/features/messages/failure-sentences";
import { LENGTH_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { CandidateTable } from "./CandidateTable";
import { EndSwitch } from "./EndSwitch";
import { withEnd, type Props } from "./props";
import { SeatSection } from "./SeatSection";
import { askFor, DIMENSION_WORDS, nameSentences, REASON_WORDS, suffixSentence, SURROUNDING_OPTIONS } from "./words";

const KIND_OPTIONS = BEARING_KINDS.map((id) => ({ id, label: id === "ball" ? "Ball bearing" : "Sleeve" }));
const UNIT_OPTIONS = LENGTH_UNITS.map((id) => ({ id, label: id }));

/** The name alone; how the bearing sits is stamped at Fit. */
const NAME_STAMPS: Record<NameState, Stamp> = {
  nothing: "not-done",
  unread: "not-done",
  named: "noted",
  several: "too-close",
  conflict: "too-close",
  slip: "too-close",
  misfit: "too-close",
};

export interface PanelProps extends Props {
  readonly end: BearingEnd;
  readonly onEnd: (end: BearingEnd) => void;
}

/** What it is: by the stamp, by three figures of a calliper, or by both. */
export function NamePanel(props: PanelProps) {
  const { record, assessment, change, end, onEnd } = props;
  const own = record.ends[end];
  const detail = assessment.detail.ends[end];
  const set = (next: Partial<typeof own>): void => change((r) => withEnd(r, end, next));
  return (
    <>
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        <EndSwitch end={end} onEnd={onEnd} />
        <PickOne
          legend="Calliper in"
          options={UNIT_OPTIONS}
          picked={record.unit}
          onPick={(unit) => (unit ? change((r) => ({ ...r, unit })) : undefined)}
        />
        <PickOne legend="It turns on a" options={KIND_OPTIONS} picked={own.kind} onPick={(kind) => set({ kind })} />
      </div>
      {detail.isSleeve ? null : (
        <div className="grid gap-6 lg:grid-cols-[1fr_246px]">
          <div className="flex min-w-0 flex-col gap-4">
            <LineField
              label="As stamped"
              text={own.stamped}
              isFigure
              size="large"
              placeholder="6203-2RS C3"
              problem={detail.designationFailure ? toSentence(detail.designationFailure) : null}
              hint="? for each sign that cannot be read"
              onText={(stamped) => set({ stamped: stamped.slice(0, 200) })}
            />
            <Figures {...props} />
            {detail.identification?.slip ? <TakeSlip {...props} slip={detail.identification.slip} /> : null}
          </div>
          <KeyPad extras={LENGTH_EXTRAS} />
        </div>
      )}
      <div className="grid gap-6 lg:grid-cols-[1fr_300px]">
        <Verdict assessment={{ ...assessment, stamp: NAME_STAMPS[detail.state] }} sentences={nameSentences(detail)} />
        {detail.size ? <SeatSection size={detail.size} widthMm={detail.widthMm} closure={detail.designation?.closure ?? null} /> : null}
      </div>
      {detail.identification && detail.state !== "named" && detail.state !== "slip" ? (
        <CandidateTable candidates={detail.identification.candidates} onTake={(number) => set({ stamped: number })} />
      ) : null}
      {detail.designation && detail.designation.suffixes.length > 0 ? (
        <section aria-labelledby="suffixes">
          <h2 id="suffixes" className="heading-rule">
            What the suffixes say
          </h2>
          <ul className="mt-2 flex flex-col gap-1 text-[14px]">
            {detail.designation.suffixes.map((suffix, index) => (
              <li key={index}>{suffixSentence(suffix)}</li>
            ))}
          </ul>
        </section>
      ) : null}
      {detail.isSleeve ? null : <Advice {...props} />}
    </>
  );
}

/** Bore, outside, width; three in one line are parted. */
function Figures({ record, assessment, change, end }: PanelProps) {
  const own = record.ends[end];
  const { lengthFailures } = assessment.detail.ends[end];
  const set = (dimension: Dimension, text: string): void => {
    const three = splitDimensions(text);
    const [bore, outside, width] = three ?? ["", "", ""];
    change((r) => withEnd(r, end, three ? { bore, outside, width } : { [dimension]: text.slice(0, 200) }));
  };
  return (
    <div className="grid grid-cols-3 items-start gap-x-5 gap-y-3">
      {DIMENSIONS.map((dimension) => {
        const failure = lengthFailures[dimension];
        return (
          <FigureField
            key={dimension}
            label={DIMENSION_WORDS[dimension]}
            text={own[dimension]}
            unit={record.unit === "mm" ? "mm" : "in"}
            problem={failure ? toSentence(failure) : null}
            onText={(text) => set(dimension, text)}
          />
        );
      })}
    </div>
  );
}

/** A slip of unit, point or order that was recognised: one press puts it right, in all figures it concerns. */
function TakeSlip({ change, end, slip }: PanelProps & { slip: SlipFound }) {
  const text = (dimension: Dimension): string => (slip.meantMm[dimension] === null ? "" : `${formatNumber(slip.meantMm[dimension], 3)} mm`);
  return (
    <p>
      <button
        type="button"
        className="btn btn-filled"
        onClick={() => change((r) => withEnd(r, end, { bore: text("bore"), outside: text("outside"), width: text("width") }))}
      >
        Yes, it is {slip.best.size.number}: put the figures right
      </button>
    </p>
  );
}

/** What to ask for at the counter, by where it has to live. */
function Advice({ record, assessment, change, end }: PanelProps) {
  const detail = assessment.detail.ends[end];
  const order = askFor(detail);
  const { departs, reasons } = detail.advice;
  return (
    <section aria-labelledby="ask-for" className="flex flex-col gap-3">
      <h2 id="ask-for" className="heading-rule">
        What to ask for
      </h2>
      <TickList
        legend="Where it runs"
        options={SURROUNDING_OPTIONS}
        ticked={record.around}
        onToggle={(id) =>
          change((r) => ({ ...r, around: r.around.includes(id) ? r.around.filter((each) => each !== id) : [...r.around, id] }))
        }
      />
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
    </section>
  );
}
