import { lazy, Suspense } from "react";
import { ExportButton } from "../files/ExportButton";

/** With its words for whatever a file may hold. */
const ImportPanel = lazy(() => import("./ImportPanel"));

/** Files out and in. */
export function LedgerFiles() {
  return (
    <section aria-labelledby="files" className="flex scroll-mt-4 flex-col gap-4 lg:sticky lg:top-4 lg:order-last lg:self-start">
      <h2 id="files" className="heading-rule">
        Files
      </h2>
      <p className="text-[14px]">
        Open files, <span className="num">*.vemmick.json</span>: everything on this device, to keep or to carry to another. The format is
        described in its{" "}
        <a className="font-semibold text-press underline" href="/schema">
          JSON Schema
        </a>
        .
      </p>
      <div>
        <ExportButton what="everything" label="Export everything" />
      </div>
      <p className="text-[14px]">Taking a file in merges by card and time. It says first what it will do, and it can be undone.</p>
      <Suspense>
        <ImportPanel />
      </Suspense>
    </section>
  );
}
