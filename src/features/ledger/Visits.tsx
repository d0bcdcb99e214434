"use client";
import { lazy, Suspense, useEffect, useEffectEvent, useState } from "react";
import type { TravellerId } from "@/records";
import type { Summary } from "@/store/summary";
import { Visit } from "./Visit";

const VisitList = lazy(() => import("./VisitList"));

interface VisitsProps {
  /** the newest, which stand at once */
  readonly first: readonly Summary[];
  /** keys of all that were asked for, the newest first; null while they are read */
  readonly ids: readonly TravellerId[] | null;
  readonly onFirstThere: () => void;
}

/** The visits that were asked for: the first lines at once, and the list of any length in their place once it is there. */
export function Visits({ first, ids, onFirstThere }: VisitsProps) {
  const plain = <FirstVisits rows={first} onThere={onFirstThere} />;
  if (ids === null) return plain;
  return (
    <Suspense fallback={plain}>
      <VisitList first={first} ids={ids} />
    </Suspense>
  );
}

function FirstVisits({ rows, onThere }: { rows: readonly Summary[]; onThere: () => void }) {
  const [now] = useState(() => new Date());
  const tell = useEffectEvent(onThere);
  useEffect(() => {
    const drawn = setTimeout(tell, 50);
    return () => clearTimeout(drawn);
  }, []);
  return (
    <ul className="mt-2">
      {rows.map((card) => (
        <li key={card.id} className="border-b border-rule-faint">
          <Visit id={card.id} card={card} now={now} />
        </li>
      ))}
    </ul>
  );
}
