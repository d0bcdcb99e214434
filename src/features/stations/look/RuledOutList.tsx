import type { Suspect } from "@/core/trade";
import { X } from "lucide-react";
import { NoteField } from "@/components/LineField";
import type { RuledOut } from "@/core/diagnosis";
import { SUSPECT_WORDS } from "@/features/vocabulary/words";

interface RuledOutListProps {
  readonly ruledOut: readonly RuledOut[];
  /** who can be at fault on this motor, the likeliest first */
  readonly suspects: readonly Suspect[];
  readonly onRuledOut: (ruledOut: readonly RuledOut[]) => void;
}

/** What was ruled out by ear or eye, each with what was heard or seen: it counts once a reason stands there. */
export function RuledOutList({ ruledOut, suspects, onRuledOut }: RuledOutListProps) {
  const others = suspects.filter((suspect) => !ruledOut.some((each) => each.suspect === suspect));
  return (
    <fieldset className="flex flex-col gap-3">
      <legend className="caption mb-1.5">Ruled out by ear or eye</legend>
      {ruledOut.map((each) => (
        <div key={each.suspect} className="flex items-end gap-3 border-b border-rule-faint pb-2">
          <div className="min-w-0 flex-1">
            <NoteField
              label={`${SUSPECT_WORDS[each.suspect]}: what was heard or seen`}
              text={each.reason}
              rows={1}
              onText={(reason) => onRuledOut(ruledOut.map((other) => (other === each ? { ...each, reason } : other)))}
            />
            {each.reason.trim() === "" ? <p className="caption">Counts once a reason stands here, for example: unloader heard.</p> : null}
          </div>
          <button
            type="button"
            className="btn btn-plain"
            aria-label={`Do not rule out: ${SUSPECT_WORDS[each.suspect]}`}
            onClick={() => onRuledOut(ruledOut.filter((other) => other !== each))}
          >
            <X aria-hidden="true" size={18} />
          </button>
        </div>
      ))}
      <label className="flex flex-wrap items-center gap-3 text-[15px]">
        <span>Rule out</span>
        <select
          className="min-h-[44px] border-[1.5px] border-ink bg-sheet px-2 disabled:opacity-50"
          value=""
          onChange={(event) => {
            const suspect = others.find((each) => each === event.target.value);
            if (suspect) onRuledOut([...ruledOut, { suspect, reason: "" }]);
          }}
        >
          <option value="">pick a suspect</option>
          {others.map((suspect) => (
            <option key={suspect} value={suspect}>
              {SUSPECT_WORDS[suspect]}
            </option>
          ))}
        </select>
      </label>
    </fieldset>
  );
}
