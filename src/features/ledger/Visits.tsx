"use client";
import { lazy, Suspense, useEffect, useEffectEvent, useState } from "react";
import type { TravellerId } from "@/records";
import { useSettled } from "@/store/live";
import { useSummaries } from "@/store/summaries";
import { Visit } from "./Visit";

const VisitList = lazy(() => import("./VisitList"));
/** Lines that stand at once, before the list that can be of any length is there. */
const FIRST = 40;

interface VisitsProps {
  readonly ids: readonly TravellerId[];
  readonly isFiltered: boolean;
  readonly areFirstThere: boolean;
  readonly onFirstThere: () => void;
}

/** The visits that were asked for, the newest first. */
export function Visits({ ids, isFiltered, areFirstThere, onFirstThere }: VisitsProps) {
  if (ids.length === 0)
    return (
      <p className="mt-3 text-ink-soft">
        {isFiltered
          ? "No visit has all of that. Take a word or a choice away."
          : "No visit yet. Every card that is started stands here, and stays."}
      </p>
    );
  // The first lines at once; the list of any length takes their place once it is there.
  const first = <FirstVisits ids={ids.slice(0, FIRST)} onThere={onFirstThere} />;
  if (!areFirstThere) return first;
  return (
    <Suspense fallback={first}>
      <VisitList ids={ids} />
    </Suspense>
  );
}

function FirstVisits({ ids, onThere }: { ids: readonly TravellerId[]; onThere: () => void }) {
  const rows = useSettled(useSummaries(ids));
  const [now] = useState(() => new Date());
  const isThere = rows.state === "ready";
  const tell = useEffectEvent(onThere);
  useEffect(() => {
    if (!isThere) return;
    const drawn = setTimeout(tell, 50);
    return () => clearTimeout(drawn);
  }, [isThere]);
  if (!isThere) return null;
  return (
    <ul className="mt-2">
      {rows.value.map((card) => (
        <li key={card.id} className="border-b border-rule-faint">
          <Visit id={card.id} card={card} now={now} />
        </li>
      ))}
    </ul>
  );
}
