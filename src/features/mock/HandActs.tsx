"use client";
import type { MockAct } from "@/core/mock";
import type { StationId } from "@/core/stations";
import { HAND_ACTS } from "./mock-words";

interface HandActsProps {
  readonly station: StationId;
  /** which of them; all, where nothing is said */
  readonly kinds?: readonly MockAct["kind"][];
  readonly onAct: (act: MockAct) => void;
}

/** What hand, eye, ear and nose do at a station, each a press. */
export function HandActs({ station, kinds, onAct }: HandActsProps) {
  const acts = (HAND_ACTS[station] ?? []).filter(({ act }) => kinds === undefined || kinds.includes(act.kind));
  if (acts.length === 0) return null;
  return (
    <div className="flex flex-wrap gap-2">
      {acts.map(({ label, act }) => (
        <button key={label} type="button" className="btn" onClick={() => onAct(act)}>
          {label}
        </button>
      ))}
    </div>
  );
}

/** What they had of it. */
export function Said({ sentences }: { sentences: readonly string[] }) {
  if (sentences.length === 0) return null;
  return (
    <div role="status" className="border-l-4 border-rule pl-3 text-[16px]">
      {sentences.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
    </div>
  );
}
