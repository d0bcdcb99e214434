"use client";
import { ChevronDown, ChevronUp } from "lucide-react";
import { useState } from "react";
import type { StationId } from "@/core/stations";
import { STATION_LABELS } from "../stations/labels";
import type { EvidenceRow, LineUpWords } from "./line-up-words";

export interface LineUpProps {
  readonly words: LineUpWords;
  readonly onLeaveOut: (key: string) => void;
  readonly onGo: (station: StationId) => void;
}

/** The suspects with their standing; each opens to its evidence, in order of weight. */
export function LineUp({ words, onLeaveOut, onGo }: LineUpProps) {
  const { known, leftOut, suspects, note, both, contradictions } = words;
  const [open, setOpen] = useState<string | null>(null);
  return (
    <section aria-labelledby="line-up">
      <h2 id="line-up" className="heading-rule text-[14px]">
        Line-up
        <span className="caption font-normal">
          {known === null ? null : known === 0 ? "before any finding" : `after ${known} ${known === 1 ? "finding" : "findings"}`}
        </span>
      </h2>
      {leftOut.length > 0 ? <LeftOut findings={leftOut} onPutBack={onLeaveOut} /> : null}
      {note ? <p className="caption mt-1">{note}</p> : null}
      <ol>
        {suspects.map(({ id, name, probability, shown, alone, before, brief, evidence }) => {
          const isOpen = open === id;
          return (
            <li key={id} className="border-b border-rule-faint py-1.5 text-[14px]">
              <button
                type="button"
                className="block min-h-[34px] w-full text-left disabled:cursor-default"
                aria-expanded={isOpen}
                disabled={evidence.length === 0}
                onClick={() => setOpen(isOpen ? null : id)}
              >
                <span className="flex items-baseline justify-between gap-2">
                  <span className="flex items-center gap-1">
                    {name}
                    {evidence.length === 0 ? null : isOpen ? (
                      <ChevronUp aria-hidden="true" size={15} />
                    ) : (
                      <ChevronDown aria-hidden="true" size={15} />
                    )}
                  </span>
                  <span className="num text-[13.5px]">
                    {before !== null ? <span className="text-ink-soft">{before} → </span> : null}
                    {shown}
                  </span>
                </span>
                <span className="my-1 block h-[5px] border-b border-rule" aria-hidden="true">
                  <span className="block h-full bg-ink" style={{ width: `${probability * 100}%` }} />
                </span>
                {alone !== null ? <span className="caption block">alone {alone}, else beside another</span> : null}
                {!isOpen && brief !== "" ? <span className="caption block">{brief}</span> : null}
              </button>
              {isOpen ? <Evidence lines={evidence} onLeaveOut={onLeaveOut} onGo={onGo} /> : null}
            </li>
          );
        })}
      </ol>
      {both ? (
        <p className="mt-2 text-[13.5px]">
          Two at once: {both.names}, <span className="num">{both.shown}</span>
          {both.why}
        </p>
      ) : null}
      {contradictions.map(({ key, sentence }) => (
        <p key={key} className="mt-2 border-l-4 border-close pl-2.5 text-[13.5px]">
          <b className="font-semibold">Contradiction.</b> {sentence}
        </p>
      ))}
    </section>
  );
}

interface EvidenceProps {
  readonly lines: readonly EvidenceRow[];
  readonly onLeaveOut: (key: string) => void;
  readonly onGo: (station: StationId) => void;
}

function Evidence({ lines, onLeaveOut, onGo }: EvidenceProps) {
  return (
    <ul className="mt-1 flex flex-col gap-2 pb-1 text-[13.5px]">
      {lines.map(({ words, why, strength, isFor, key, station }) => (
        <li key={key ?? words}>
          <p>
            <span className="font-semibold">{isFor ? "For" : "Against"}</span>, {strength}: {words}
          </p>
          <p className="caption">{why}</p>
          <span className="flex flex-wrap gap-x-3">
            <button type="button" className="link-button" onClick={() => onGo(station)}>
              {STATION_LABELS[station].title}
            </button>
            {key !== null ? (
              <button type="button" className="link-button" onClick={() => onLeaveOut(key)}>
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
function LeftOut({ findings, onPutBack }: { findings: LineUpWords["leftOut"]; onPutBack: (key: string) => void }) {
  return (
    <ul aria-label="Left out" className="mt-1 flex flex-col gap-1 border-2 border-close p-2 text-[13.5px]">
      {findings.map(({ key, words }) => (
        <li key={key} className="flex flex-wrap items-baseline justify-between gap-x-3">
          <span>Left out: {words}</span>
          <button type="button" className="link-button" onClick={() => onPutBack(key)}>
            Put it back
          </button>
        </li>
      ))}
    </ul>
  );
}
