"use client";
import { lazy, Suspense, useDeferredValue, useMemo, useState } from "react";
import { EVERYTHING, type LookedFor } from "@/store/find-cards";
import { useSettled } from "@/store/live";
import { useAllVisits, useFound, useNewestVisits } from "@/store/summaries";
import { CannotRead, Reading, Screen } from "../shell/Screen";
import { LedgerFilter } from "./LedgerFilter";
import { Visits } from "./Visits";

const FIRST = 40;
const LedgerFiles = lazy(() => import("./LedgerFiles"));

/** Everything past, and the files in and out. */
export function LedgerScreen() {
  const [wanted, setWanted] = useState<LookedFor>(EVERYTHING);
  const [areFirstThere, setFirstThere] = useState(false);
  const looked = useDeferredValue(wanted);
  const found = useFound(looked === EVERYTHING ? null : looked);
  const all = useSettled(useAllVisits());
  // The first screenful is there before the keys of all visits are.
  const newest = useNewestVisits(FIRST);
  const known = all.state === "loading" ? newest : all;
  const ids = useMemo(() => found?.map(({ id }) => id), [found]);
  const count = found === undefined || all.state === "loading" ? null : (ids?.length ?? (all.state === "ready" ? all.value.length : 0));
  return (
    <Screen at="/ledger">
      <div className="flex items-baseline justify-between gap-4">
        <h1 className="text-[24px] font-bold">Ledger</h1>
        <a className="inline-flex min-h-[44px] items-center font-semibold text-press underline lg:hidden" href="#files">
          In and out
        </a>
      </div>
      {known.state === "failed" ? (
        <CannotRead failure={known.failure} />
      ) : known.state !== "ready" ? (
        <Reading />
      ) : (
        <div className="mt-4 grid gap-x-9 gap-y-8 lg:grid-cols-[1fr_380px]">
          <section aria-labelledby="visits" className="min-w-0">
            <h2 id="visits" className="heading-rule">
              Visits <span className="caption font-normal">{count === null ? "…" : count.toLocaleString("en")}</span>
            </h2>
            <LedgerFilter wanted={wanted} onWanted={setWanted} />
            <Visits
              ids={ids ?? known.value}
              isFiltered={wanted !== EVERYTHING}
              areFirstThere={areFirstThere || known.value.length === 0}
              onFirstThere={() => setFirstThere(true)}
            />
          </section>
          {/* What is beside the list comes after its first lines. */}
          <Suspense fallback={<div />}>{areFirstThere || known.value.length === 0 ? <LedgerFiles /> : <div />}</Suspense>
        </div>
      )}
    </Screen>
  );
}
