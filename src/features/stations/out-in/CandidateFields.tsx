import { useState } from "react";
import { Fields } from "@/features/form/Fields";
import type { ChangeRecord } from "../../station/contract";
import { CANDIDATE_ROWS } from "./fields";
import { BLANK_SHEET } from "@/core/match";
import type { Candidate } from "@/core/stations/out-in";
import { SheetFields } from "../../match/SheetFields";
import { candidateName } from "./candidates-of";

interface CandidateFieldsProps {
  readonly candidate: Candidate;
  readonly onCandidate: (apply: ChangeRecord<Candidate>) => void;
  readonly onStrike: () => void;
}

/** A motor that may go in, typed from its plate. */
export function CandidateFields({ candidate, onCandidate, onStrike }: CandidateFieldsProps) {
  const name = candidateName(candidate);
  // Open where something is still to be keyed when it comes; from then on only a person opens and shuts it.
  const [isOpenAtFirst] = useState(candidate.sheet === BLANK_SHEET || candidate.source === "");
  return (
    <details open={isOpenAtFirst} className="border-l-4 border-rule pl-3">
      <summary className="min-h-[44px] cursor-pointer py-2 text-[15px] font-semibold text-press">{name}: its plate and measures</summary>
      <div role="group" aria-label={name} className="flex flex-col gap-4 pb-3">
        <div className="grid grid-cols-2 gap-x-4">
          <Fields of={CANDIDATE_ROWS} given={{ record: candidate, change: onCandidate }} />
        </div>
        <SheetFields record={candidate.sheet} change={(apply) => onCandidate((each, at) => ({ ...each, sheet: apply(each.sheet, at) }))} />
        <button type="button" className="btn btn-plain self-start" onClick={onStrike}>
          Strike {name}
        </button>
      </div>
    </details>
  );
}
