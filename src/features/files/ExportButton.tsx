"use client";
import { Download } from "lucide-react";
import { lazy, Suspense, useState } from "react";
import { download } from "@/components/download";
import type { WrittenFile } from "@/records";
import type { TravellerId } from "@/records";
import { attempt } from "@/store/storage-status";
import { dayOf } from "../vocabulary/clock";

const ExportNotes = lazy(() => import("./ExportNotes"));

/** Saves one card or everything as an open file; says what in it would not come back as it is. */
export function ExportButton({ what, label }: { what: TravellerId | "everything"; label: string }) {
  const [written, setWritten] = useState<WrittenFile | null>(null);
  const save = () =>
    attempt(async () => {
      // Reading and writing files is a chapter of its own, fetched when it is asked for.
      const { exportFile, FILE_SUFFIX } = await import("@/store/export-file");
      const file = await exportFile(what);
      download(file.text, `${what === "everything" ? "everything" : `card-${what.slice(0, 13)}`}-${dayOf(new Date())}${FILE_SUFFIX}`);
      setWritten(file);
    });
  const hasNotes = written !== null && written.misfits.length + written.shortened.length > 0;
  return (
    <>
      <button type="button" className="btn" onClick={() => void save()}>
        <Download aria-hidden="true" size={18} />
        {label}
      </button>
      {hasNotes ? (
        <Suspense>
          <ExportNotes file={written} />
        </Suspense>
      ) : null}
    </>
  );
}
