"use client";
import type { Stamp } from "@/core/station";
import { KeyPad } from "@/components/KeyPad";
import type { NameState } from "@/core/stations/bearing";
import { LENGTH_EXTRAS } from "@/features/form/reading";
import { Verdict } from "../shared/Verdict";
import { AskFor } from "./AskFor";
import { CalliperFigures, TakeSlip } from "./CalliperFigures";
import { CandidateTable } from "./CandidateTable";
import { EndSwitch } from "./EndSwitch";
import { withEnd, type PanelProps } from "./props";
import { END_ROWS, endForm, ROWS } from "./fields";
import { SeatSection } from "./SeatSection";
import { suffixSentence } from "./panel-words";
import { nameSentences } from "./words";
import { Fields } from "@/features/form/Fields";
import { KeptPhoto } from "@/features/from-photo/KeptPhoto";
import { StampFromPhoto } from "@/features/from-photo/StampFromPhoto";

/** The name alone; how the bearing sits is stamped at Fit. */
const NAME_STAMPS: Record<NameState, Stamp> = {
  nothing: "not-done",
  unread: "not-done",
  named: "noted",
  several: "too-close",
  conflict: "contradicts",
  slip: "unsure",
  misfit: "too-close",
};

/** What it is: by the stamp, by three figures of a calliper, or by both. */
export function NamePanel(props: PanelProps) {
  const { record, assessment, change, end, onEnd } = props;
  const detail = assessment.detail.ends[end];
  return (
    <>
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        <EndSwitch end={end} onEnd={onEnd} />
        <Fields of={ROWS} show={["unit"]} given={props} />
        <Fields of={END_ROWS} show={["kind"]} given={endForm(props)} />
      </div>
      {detail.isSleeve ? null : (
        <div className="beside-pad">
          <div className="flex min-w-0 flex-col gap-4">
            <Fields of={END_ROWS} show={["stamped"]} given={endForm(props)} />
            <div className="flex flex-wrap items-end gap-3">
              <StampFromPhoto
                stamped={record.ends[end].stamped}
                onStamped={(stamped) => change((r) => withEnd(r, end, { stamped }))}
                onKeep={(photo) => change((r) => withEnd(r, end, { photo }))}
              />
              <KeptPhoto photo={record.ends[end].photo} of="stamp" onAway={() => change((r) => withEnd(r, end, { photo: null }))} />
            </div>
            <CalliperFigures {...props} />
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
        <CandidateTable candidates={detail.identification.candidates} onTake={(stamped) => change((r) => withEnd(r, end, { stamped }))} />
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
      {detail.isSleeve ? null : <AskFor {...props} />}
    </>
  );
}
