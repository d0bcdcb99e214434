"use client";
import { lazy, Suspense, useDeferredValue, useMemo, useState } from "react";
import { EVERYTHING } from "@/store/find-cards";
import { PageLink } from "@/components/PageLink";
import type { Summary } from "@/store/summary";
import { useSettled } from "@/store/live";
import { useAllVisits, useFound, useNewestVisits } from "@/store/summaries";
import { CannotRead, Reading, Screen } from "../shell/Screen";
import { useAddress } from "../shell/useAddress";
import { fromAddress, toAddress, toWanted, type Choice } from "./choice";
import { DropFile } from "./DropFile";
import { LedgerFilter } from "./LedgerFilter";
import { Visits } from "./Visits";

const FIRST = 40;
const AT_HAND = [
  { label: "Find a visit", to: "input[type=search]" },
  { label: "In and out", to: "#files" },
] as const;
const NONE: readonly Summary[] = [];
const FoundOut = lazy(() => import("./FoundOut"));
const LedgerFiles = lazy(() => import("./LedgerFiles"));

/** Everything past, and the files in and out. */
export function LedgerScreen() {
  const address = useAddress();
  return (
    <Screen at="/ledger" actions={AT_HAND}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1 className="text-[24px] font-bold">Ledger</h1>
        <span className="flex flex-wrap gap-x-6">
          <PageLink className="inline-flex min-h-[44px] items-center font-semibold text-press underline" href="/team">
            Team files and backup
          </PageLink>
          <PageLink className="inline-flex min-h-[44px] items-center font-semibold text-press underline" href="/learnt">
            What this house has learnt
          </PageLink>
          <a className="inline-flex min-h-[44px] items-center font-semibold text-press underline lg:hidden" href="#files">
            In and out
          </a>
        </span>
      </div>
      <DropFile />
      {address === null ? <Reading /> : <Ledger asked={fromAddress(address)} />}
    </Screen>
  );
}

/** What is asked for stands in the address: gone back to, or sent to somebody, it asks for the same. */
function Ledger({ asked }: { asked: Choice }) {
  const [choice, setChoice] = useState(asked);
  const [areFirstThere, setFirstThere] = useState(false);
  const wanted = useMemo(() => toWanted(choice), [choice]);
  const looked = useDeferredValue(wanted);
  const choose = (next: Choice): void => {
    setChoice(next);
    window.history.replaceState(null, "", `/ledger${toAddress(next)}`);
  };
  const found = useFound(looked === EVERYTHING ? null : looked);
  // The first screenful is there before the keys of all visits are: reading those takes longer the more there are.
  const newest = useSettled(useNewestVisits(FIRST));
  const all = useSettled(useAllVisits(areFirstThere));
  const first = newest.state === "ready" ? newest.value : NONE;
  const allIds = all.state === "ready" ? all.value : null;
  const foundIds = useMemo(() => found?.map(({ id }) => id), [found]);
  const ids = foundIds ?? allIds;
  const isEmpty = ids?.length === 0 || (newest.state === "ready" && first.length === 0);
  // Where there are no lines nothing waits for them; and what is beside the list stays when the first ones come in.
  if (isEmpty && !areFirstThere) setFirstThere(true);
  return (
    <>
      {newest.state === "failed" ? (
        <CannotRead failure={newest.failure} />
      ) : newest.state !== "ready" ? (
        <Reading />
      ) : (
        <div className="mt-4 grid gap-x-9 gap-y-8 lg:grid-cols-[1fr_380px]">
          <section aria-labelledby="visits" className="min-w-0">
            <h2 id="visits" className="heading-rule">
              Visits{" "}
              <span className="caption font-normal">{found === undefined || ids === null ? "…" : ids.length.toLocaleString("en")}</span>
            </h2>
            <LedgerFilter choice={choice} onChoice={choose} isCounted={areFirstThere} />
            {foundIds && foundIds.length > 0 ? (
              <Suspense>
                <FoundOut cards={foundIds} named="found" />
              </Suspense>
            ) : null}
            {isEmpty ? (
              <p className="mt-3 text-ink-soft">
                {wanted === EVERYTHING
                  ? "No visit yet. Every card that is started stands here, and stays."
                  : "No visit has all of that. Take a word or a choice away."}
              </p>
            ) : (
              <Visits first={first} ids={ids} onFirstThere={() => setFirstThere(true)} />
            )}
          </section>
          {/* What is beside the list comes after its first lines. */}
          <Suspense fallback={<div />}>{areFirstThere ? <LedgerFiles /> : <div />}</Suspense>
        </div>
      )}
    </>
  );
}
