"use client";
import { Download } from "lucide-react";
import { lazy, Suspense, useState } from "react";
import { download } from "@/components/download";
import { LongWorkBar, type Done } from "@/components/LongWorkBar";
import type { WrittenFile } from "@/records";
import type { ExportOf } from "@/store/export-file";
import { attempt, reportRefusal } from "@/store/storage-status";
import { dayOf } from "../vocabulary/clock";

const ExportNotes = lazy(() => import("./ExportNotes"));
/** In the name of every file, for those who look for one. */
const SUFFIX = ".vemmick.json";

type Notes = Omit<WrittenFile, "text">;

interface ExportProps {
  readonly what: ExportOf;
  readonly label: string;
  /** of the file, where it is of several cards */
  readonly named?: string;
}

/** Saves one card, some, or everything as an open file; says what in it would not come back as it is. */
export function ExportButton({ what, label, named = "cards" }: ExportProps) {
  const [written, setWritten] = useState<Notes | null>(null);
  const [work, setWork] = useState<{ readonly at: Done | null; readonly stop: () => void } | null>(null);
  const of = what === "everything" ? "everything" : typeof what === "string" ? `card-${what.slice(0, 13)}` : named;
  const name = `${of}-${dayOf(new Date())}${SUFFIX}`;
  const saveCards = (id: Exclude<ExportOf, "everything">) =>
    attempt(async () => {
      // Reading and writing files is a chapter of its own, fetched when it is asked for.
      const { exportFile } = await import("@/store/export-file");
      const file = await exportFile(id);
      download(file.text, name);
      setWritten(file);
    });
  const saveAll = async () => {
    const { exportEverything } = await import("@/store/files");
    const { done, stop } = exportEverything((count, all) => setWork((now) => now && { ...now, at: { done: count, all } }));
    setWork({ at: null, stop });
    const file = await done;
    setWork(null);
    if (file.ok) {
      reportRefusal(null);
      download(file.value.blob, name);
      setWritten(file.value);
    } else if (file.failure.code !== "export-cancelled") reportRefusal(file.failure);
  };
  const hasNotes = written !== null && written.misfits.length + written.shortened.length > 0;
  return (
    <>
      {work ? (
        <LongWorkBar what="Writing the file" at={work.at} onStop={work.stop} />
      ) : (
        <button type="button" className="btn" onClick={() => void (what === "everything" ? saveAll() : saveCards(what))}>
          <Download aria-hidden="true" size={18} />
          {label}
        </button>
      )}
      {hasNotes ? (
        <Suspense>
          <ExportNotes file={written} />
        </Suspense>
      ) : null}
    </>
  );
}
