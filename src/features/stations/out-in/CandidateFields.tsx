import { useState } from "react";
import { LineField } from "@/components/LineField";
import { BLANK_SHEET } from "@/core/match";
import type { Candidate } from "@/core/stations/out-in";
import { SheetFields } from "../../match/SheetFields";
import { candidateName } from "./candidates-of";

interface CandidateFieldsProps {
  readonly candidate: Candidate;
  readonly onCandidate: (apply: (candidate: Candidate) => Candidate) => void;
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
          <LineField
            label="From"
            text={candidate.source}
            example="Pennock Electrical, used"
            onText={(source) => onCandidate((each) => ({ ...each, source }))}
          />
          <LineField
            label="Price"
            isFigure
            text={candidate.price}
            example="118"
            onText={(price) => onCandidate((each) => ({ ...each, price }))}
          />
        </div>
        <SheetFields sheet={candidate.sheet} onSheet={(apply) => onCandidate((each) => ({ ...each, sheet: apply(each.sheet) }))} />
        <button type="button" className="btn btn-plain self-start" onClick={onStrike}>
          Strike {name}
        </button>
      </div>
    </details>
  );
}
