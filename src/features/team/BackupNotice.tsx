"use client";
import { PageLink } from "@/components/PageLink";
import { lateWords } from "./backup-words";
import { useBackup } from "./useBackup";

/** Says on the Rack that a copy of what is on this device is late. */
export default function BackupNotice() {
  const kept = useBackup();
  if (kept === null || kept.late === null) return null;
  return (
    <p className="mt-4 flex flex-wrap items-baseline gap-x-3 border-l-4 border-close pl-3 text-[14px]">
      {lateWords(kept.backup, kept.late)}
      <PageLink className="inline-flex min-h-[44px] items-center font-semibold text-press underline" href="/team#backup">
        Back up
      </PageLink>
    </p>
  );
}
