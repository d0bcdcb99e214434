"use client";
import { CalendarDays, Upload } from "lucide-react";
import { lazy, Suspense, useId, useState } from "react";
import { ExportButton } from "../files/ExportButton";

/** With its words for whatever a file may hold: fetched with the first file. */
const ImportPanel = lazy(() => import("./ImportPanel"));

/** Files out and in. */
export default function LedgerFiles() {
  const [chosen, setChosen] = useState<{ readonly file: File; readonly turn: number } | null>(null);
  const id = useId();
  return (
    <section aria-labelledby="files" className="flex scroll-mt-4 flex-col gap-4 lg:sticky lg:top-4 lg:order-last lg:self-start">
      <h2 id="files" tabIndex={-1} className="heading-rule">
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
      <div>
        <a className="btn" href="/print?view=month">
          <CalendarDays aria-hidden="true" size={18} />
          List of the month
        </a>
      </div>
      <p className="text-[14px]">Taking a file in merges by card and time. It says first what it will do, and it can be undone.</p>
      <div>
        <input
          id={id}
          type="file"
          accept=".json,application/json"
          className="peer sr-only"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            if (file) setChosen((last) => ({ file, turn: (last?.turn ?? 0) + 1 }));
            // The same file can be chosen again after it was mended.
            event.target.value = "";
          }}
        />
        <label htmlFor={id} className="btn peer-focus-visible:outline-3 peer-focus-visible:outline-press">
          <Upload aria-hidden="true" size={18} />
          Choose a file to take in
        </label>
      </div>
      {chosen ? (
        <Suspense>
          <ImportPanel key={chosen.turn} file={chosen.file} onLeave={() => setChosen(null)} />
        </Suspense>
      ) : null}
    </section>
  );
}
