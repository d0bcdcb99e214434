import type { ImportOutline } from "@/records";
import { faultSentence, shortenedSentence } from "../files/fault-sentences";
import { FaultList } from "../files/FaultList";
import { countWords, futureSentence, isNothingNew } from "./import-words";

interface PlanProps {
  readonly plan: ImportOutline;
  readonly name: string;
  readonly onTakeIn: () => void;
  readonly onLeave: () => void;
}

/** What taking a file in would do, and what of it cannot be taken; nothing is done before it is told to. */
export function Plan({ plan, name, onTakeIn, onLeave }: PlanProps) {
  const { faults, shortened, shown } = plan;
  const more = plan.newCards + plan.changedCards - shown.length;
  const isEmpty = isNothingNew(plan);
  const future = futureSentence(plan);
  return (
    <div className="border-2 border-ink p-4">
      <p className="font-semibold break-words">
        {name}: {countWords(plan)}.
      </p>
      <ul className="mt-2 max-h-48 overflow-y-auto text-[14px]">
        {shown.map((card) => (
          <li key={card.id} className="break-words">
            {card.machine || "Machine not named"} · {card.site || "no site"} · {card.isNew ? "new" : "changed"}
          </li>
        ))}
        {more > 0 ? <li>and {more} more</li> : null}
      </ul>
      {future ? <p className="mt-2 border-l-4 border-close pl-3 text-[14px]">{future}</p> : null}
      <FaultList title="Shortened to fit" faults={shortened} say={shortenedSentence} />
      <FaultList title={`Cannot be taken in: ${faults.length}`} faults={faults} say={faultSentence} />
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn btn-filled" disabled={isEmpty} onClick={onTakeIn}>
          {faults.length > 0 ? "Take the good ones in" : "Take it in"}
        </button>
        <button type="button" className="btn" onClick={onLeave}>
          {faults.length > 0 ? "Take nothing in" : "Leave it"}
        </button>
      </div>
      {isEmpty ? (
        <p className="caption mt-2">
          {faults.length > 0
            ? "Nothing else in it is new here. Nothing was changed."
            : "Everything in it is here already, as new or newer."}
        </p>
      ) : null}
    </div>
  );
}
