"use client";
import { Download } from "lucide-react";
import type { TravellerId } from "@/records";
import { keep } from "@/store/storage-status";
import { download } from "@/components/download";

/** Saves one card or everything as an open file. */
export function ExportButton({ what, label }: { what: TravellerId | "everything"; label: string }) {
  const save = () =>
    keep(async () => {
      // Reading and writing files is a chapter of its own, fetched when it is asked for.
      const { exportText, FILE_SUFFIX } = await import("@/store/files");
      const day = new Date().toISOString().slice(0, 10);
      download(await exportText(what), `${what === "everything" ? "everything" : `card-${what.slice(0, 13)}`}-${day}${FILE_SUFFIX}`);
    });
  return (
    <button type="button" className="btn" onClick={() => void save()}>
      <Download aria-hidden="true" size={18} />
      {label}
    </button>
  );
}
