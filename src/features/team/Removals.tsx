"use client";
import { Undo2 } from "lucide-react";
import { useState } from "react";
import { useMoment } from "@/components/useNow";
import type { HouseFigures } from "@/core/house";
import type { Failure } from "@/core/result";
import { toFileSentence } from "../messages/file-sentences";
import { clockDay, dayAndTime } from "../vocabulary/clock";
import { answerRemovals, bringBack } from "./keep-team";
import { useAskedRemovals, useGone, type Removal } from "./useTeam";

/** Shown at once. */
const SHOWN = 12;

const nameOf = ({ what, begunAt }: Removal): string => `${what || "without a name"}${begunAt === "" ? "" : `, ${clockDay(begunAt)}`}`;

function Problem({ failure }: { failure: Failure | null }) {
  return failure === null ? null : (
    <p role="alert" className="mt-2 text-[14px] text-out">
      {toFileSentence(failure)}
    </p>
  );
}

/** Removals that another device made, more than a handful: nothing goes before somebody here agrees. */
export function AskedRemovals() {
  const asked = useAskedRemovals();
  const [failure, setFailure] = useState<Failure | null>(null);
  const removals = asked.state === "ready" ? asked.value : [];
  const devices = [...new Set(removals.map(({ from }) => from))];
  return devices.map((from) => {
    const own = removals.filter((each) => each.from === from);
    const answer = (isAgreed: boolean) =>
      void answerRemovals(
        own.map(({ id }) => id),
        isAgreed,
      ).then(setFailure);
    return (
      <section key={from} aria-label={`Taken away by ${from}`} className="border-l-4 border-close pl-3">
        <h2 className="font-semibold break-words">
          {from} has taken {own.length} away
        </h2>
        <p className="text-[14px]">Here they are still there. So many at once are asked about first.</p>
        <ul className="mt-1 text-[14px]">
          {own.slice(0, SHOWN).map((each) => (
            <li key={each.id} className="border-b border-rule-faint py-1 break-words">
              {nameOf(each)}
            </li>
          ))}
        </ul>
        {own.length > SHOWN ? <p className="caption mt-1">{own.length - SHOWN} more.</p> : null}
        <div className="mt-2 flex flex-wrap gap-2">
          <button type="button" className="btn btn-filled" onClick={() => answer(false)}>
            Keep all {own.length}, on every device
          </button>
          <button type="button" className="btn" onClick={() => answer(true)}>
            Take them away here too
          </button>
        </div>
        <Problem failure={failure} />
      </section>
    );
  });
}

/** What was taken away, by whichever device, as long as the house keeps papers. */
export function Gone({ figures }: { figures: HouseFigures }) {
  const gone = useGone(figures.papersDays);
  const now = useMoment();
  const [failure, setFailure] = useState<Failure | null>(null);
  const [isAll, setAll] = useState(false);
  const removals = gone.state === "ready" ? gone.value : [];
  if (removals.length === 0) return null;
  return (
    <section aria-labelledby="gone">
      <h2 id="gone" className="heading-rule">
        Taken away
      </h2>
      <p className="caption mt-1">Can be brought back for {figures.papersDays} days; the others get it back too.</p>
      <ul>
        {removals.slice(0, isAll ? removals.length : SHOWN).map((each) => (
          <li key={each.id} className="flex flex-wrap items-center justify-between gap-3 border-b border-rule py-2">
            <span className="min-w-0 text-[15px] break-words">
              {nameOf(each)} <span className="caption">taken away {dayAndTime(each.at, now)}</span>
            </span>
            <button
              type="button"
              className="btn"
              aria-label={`Bring back ${nameOf(each)}`}
              onClick={() => void bringBack([each.id]).then(setFailure)}
            >
              <Undo2 aria-hidden="true" size={18} />
              Bring back
            </button>
          </li>
        ))}
      </ul>
      {removals.length > SHOWN && !isAll ? (
        <button type="button" className="btn mt-2" onClick={() => setAll(true)}>
          Show all {removals.length}
        </button>
      ) : null}
      <Problem failure={failure} />
    </section>
  );
}
