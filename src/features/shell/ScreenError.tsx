"use client";
import { lazy, Suspense } from "react";
import { PageLink } from "@/components/PageLink";

/** Every screen carries this one; what it takes to export is fetched when one broke. */
const ExportButton = lazy(() => import("../files/ExportButton").then((file) => ({ default: file.ExportButton })));

/** A screen that broke: the data is kept, and can be taken along. */
export function ScreenError({ error, onRetry }: { error: Error; onRetry: () => void }) {
  return (
    <main className="mx-auto max-w-[62ch] p-6">
      <h1 className="border-l-4 border-out pl-3 text-[22px] font-bold">This screen broke</h1>
      <p className="mt-3">
        Everything that was keyed is kept on this device. Try again; if it breaks again, export everything and send the line below to
        whoever looks after your Vemmick.
      </p>
      <p className="num mt-3 border-y border-rule py-2 text-[13px] break-words">{error.message}</p>
      <div className="mt-4 flex flex-wrap gap-2">
        <button type="button" className="btn btn-filled" onClick={onRetry}>
          Try again
        </button>
        <Suspense>
          <ExportButton what="everything" label="Export everything" />
        </Suspense>
        <PageLink className="btn" href="/">
          To the rack
        </PageLink>
      </div>
    </main>
  );
}
