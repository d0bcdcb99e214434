"use client";
import type { TravellerAssessment } from "@/core/traveller";
import { ChevronDown, ChevronUp } from "lucide-react";
import { useState } from "react";
import { findingKey, whyTogether, type Finding } from "@/core/diagnosis";
import { formatProbability } from "@/core/quantity";
import { isStationId, type StationId } from "@/core/stations";
import { STATION_LABELS } from "../stations/labels";
import { inSentence, SUSPECT_WORDS } from "../vocabulary/words";
import { contradictionSentence, evidenceLines, evidenceWords, findingWords, type EvidenceLine } from "./evidence";

export interface LineUpProps {
  readonly assessment: TravellerAssessment;
  /** probabilities with every finding weighed, while some are left out; null: none is */
  readonly whole: TravellerAssessment | null;
  readonly onLeaveOut: (key: string) => void;
  readonly onGo: (station: StationId) => void;
}

const SHOWN = 5;
const LEAST = 0.02;
/** Two faults together are told from this chance on. */
const TOGETHER = 0.08;

/** The suspects with their standing; each opens to its evidence, in order of weight. */
export function LineUp({ assessment, whole, onLeaveOut, onGo }: LineUpProps) {
  const { standing, findings, facts, contradictions, leftOut } = assessment;
  const [open, setOpen] = useState<string | null>(null);
  const shown = standing.suspects.filter(({ probability }, index) => index < SHOWN && probability >= LEAST);
  const known = findings.length + facts.complaints.length + facts.history.length + facts.ruledOut.length;
  const both = standing.hypotheses
    .filter(({ faults, probability }) => faults.length > 1 && probability >= TOGETHER)
    .sort((a, b) => b.probability - a.probability)[0];
  return (
    <section aria-labelledby="line-up">
      <h2 id="line-up" className="heading-rule text-[14px]">
        Line-up
        <span className="caption font-normal">
          {known === 0 ? "before any finding" : `after ${known} ${known === 1 ? "finding" : "findings"}`}
        </span>
      </h2>
      {leftOut.length > 0 ? <LeftOut findings={leftOut} onPutBack={onLeaveOut} /> : null}
      <ol>
        {shown.map((each) => {
          const isOpen = open === each.suspect;
          const before = whole?.standing.suspects.find(({ suspect }) => suspect === each.suspect)?.probability;
          const { forIt, against } = evidenceWords(each);
          const brief = [
            forIt.length > 0 ? `for: ${forIt.join(" · ")}` : null,
            against.length > 0 ? `against: ${against.join(" · ")}` : null,
          ];
          return (
            <li key={each.suspect} className="border-b border-rule-faint py-1.5 text-[14px]">
              <button
                type="button"
                className="block min-h-[34px] w-full text-left disabled:cursor-default"
                aria-expanded={isOpen}
                disabled={each.evidence.length === 0}
                onClick={() => setOpen(isOpen ? null : each.suspect)}
              >
                <span className="flex items-baseline justify-between gap-2">
                  <span className="flex items-center gap-1">
                    {SUSPECT_WORDS[each.suspect]}
                    {each.evidence.length === 0 ? null : isOpen ? (
                      <ChevronUp aria-hidden="true" size={15} />
                    ) : (
                      <ChevronDown aria-hidden="true" size={15} />
                    )}
                  </span>
                  <span className="num text-[13.5px]">
                    {before !== undefined ? <span className="text-ink-soft">{formatProbability(before)} → </span> : null}
                    {formatProbability(each.probability)}
                  </span>
                </span>
                <span className="my-1 block h-[5px] border-b border-rule" aria-hidden="true">
                  <span className="block h-full bg-ink" style={{ width: `${each.probability * 100}%` }} />
                </span>
                {!isOpen && brief.some(Boolean) ? <span className="caption block">{brief.filter(Boolean).join(" · ")}</span> : null}
              </button>
              {isOpen ? <Evidence lines={evidenceLines(each)} onLeaveOut={onLeaveOut} onGo={onGo} /> : null}
            </li>
          );
        })}
      </ol>
      {both ? (
        <p className="mt-2 text-[13.5px]">
          Two at once: {both.faults.map((fault) => inSentence(SUSPECT_WORDS[fault])).join(" and ")},{" "}
          <span className="num">{formatProbability(both.probability)}</span>
          {whyOf(both.faults)}
        </p>
      ) : null}
      {contradictions.map((each) => (
        <p key={`${findingKey(each.speaksFor)} ${each.suspect}`} className="mt-2 border-l-4 border-close pl-2.5 text-[13.5px]">
          <b className="font-semibold">Contradiction.</b> {contradictionSentence(each)}
        </p>
      ))}
    </section>
  );
}

function whyOf([first, second]: TravellerAssessment["standing"]["hypotheses"][number]["faults"]): string {
  const why = first && second ? whyTogether(first, second) : null;
  return why ? `: ${why}.` : ".";
}

interface EvidenceProps {
  readonly lines: readonly EvidenceLine[];
  readonly onLeaveOut: (key: string) => void;
  readonly onGo: (station: StationId) => void;
}

/** Station that a piece of evidence comes from; what was said, or not said, comes from the complaint. */
const stationOfEvidence = (finding: Finding | null): StationId => (isStationId(finding?.from) ? finding.from : "complaint");

function Evidence({ lines, onLeaveOut, onGo }: EvidenceProps) {
  return (
    <ul className="mt-1 flex flex-col gap-2 pb-1 text-[13.5px]">
      {lines.map(({ words, why, strength, isFor, finding }) => (
        <li key={finding ? findingKey(finding) : words}>
          <p>
            <span className="font-semibold">{isFor ? "For" : "Against"}</span>, {strength}: {words}
          </p>
          <p className="caption">{why}</p>
          <span className="flex flex-wrap gap-x-3">
            <button type="button" className="link-button" onClick={() => onGo(stationOfEvidence(finding))}>
              {STATION_LABELS[stationOfEvidence(finding)].title}
            </button>
            {finding ? (
              <button type="button" className="link-button" onClick={() => onLeaveOut(findingKey(finding))}>
                Leave it out
              </button>
            ) : null}
          </span>
        </li>
      ))}
    </ul>
  );
}

/** What is not weighed for the moment; nothing keyed is touched. */
function LeftOut({ findings, onPutBack }: { findings: readonly Finding[]; onPutBack: (key: string) => void }) {
  return (
    <ul aria-label="Left out" className="mt-1 flex flex-col gap-1 border-2 border-close p-2 text-[13.5px]">
      {findings.map((finding) => (
        <li key={findingKey(finding)} className="flex flex-wrap items-baseline justify-between gap-x-3">
          <span>Left out: {findingWords(finding)}</span>
          <button type="button" className="link-button" onClick={() => onPutBack(findingKey(finding))}>
            Put it back
          </button>
        </li>
      ))}
    </ul>
  );
}
