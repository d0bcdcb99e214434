"use client";
import { Save } from "lucide-react";
import { useState } from "react";
import { download } from "@/components/download";
import { PickOne } from "@/components/Choice";
import { useMoment } from "@/components/useNow";
import { changeBackup, RHYTHMS, type Rhythm } from "@/store/backup";
import { toFileSentence } from "../messages/file-sentences";
import { dayAndTime } from "../vocabulary/clock";
import { makeBackup } from "./back-up";
import { backUpIntoFolder } from "./keep-team";
import { lateWords } from "./backup-words";
import { useBackup } from "./useBackup";
import { useTeam } from "./useTeam";

const RHYTHM_WORDS: Readonly<Record<Rhythm, string>> = { daily: "Each day", weekly: "Each week", monthly: "Each month", never: "Never" };
const OPTIONS = (Object.keys(RHYTHMS) as Rhythm[]).map((id) => ({ id, label: RHYTHM_WORDS[id] })).reverse();

/** Copies of everything: how often, when the last one was made, and one now. */
export function BackupPart() {
  const kept = useBackup();
  const now = useMoment();
  const { folder } = useTeam();
  const [said, setSaid] = useState("");
  if (kept === null) return null;
  const { backup, late } = kept;
  const isInFolder = folder !== "none" && folder.state === "open";
  const backUp = async (): Promise<void> => {
    if (isInFolder) {
      const made = await backUpIntoFolder();
      setSaid(made === null ? "" : made.ok ? `${made.value} lies in the folder.` : toFileSentence(made.failure));
      return;
    }
    const made = await makeBackup(new Date());
    if (made.ok) {
      download(made.value.blob, made.value.name);
      await changeBackup({ lastAt: new Date().toISOString(), folder: null });
    }
    setSaid(made.ok ? `${made.value.name} lies among the downloads. Keep it on another device too.` : toFileSentence(made.failure));
  };
  return (
    <section aria-labelledby="backup" className="flex scroll-mt-4 flex-col gap-3">
      <h2 id="backup" tabIndex={-1} className="heading-rule">
        Backup
      </h2>
      <p className="text-[14px]">
        A copy of everything on this device, with photos.{" "}
        {backup.lastAt === null
          ? "None was made here yet."
          : `The last one: ${dayAndTime(backup.lastAt, now)}, ${backup.folder === null ? "among the downloads" : `in ${backup.folder}`}.`}
      </p>
      {late === null ? null : <p className="border-l-4 border-close pl-3 text-[14px]">{lateWords(backup, late)}</p>}
      <PickOne
        legend={folder === "none" ? "Reminds you" : "Writes one into the folder, while a page is open"}
        options={OPTIONS}
        picked={backup.rhythm}
        onPick={(rhythm) => void changeBackup({ rhythm: rhythm ?? backup.rhythm })}
      />
      <div>
        <button type="button" className="btn" onClick={() => void backUp()}>
          <Save aria-hidden="true" size={18} />
          Back up now
        </button>
      </div>
      <p role="status" className="text-[14px] break-words">
        {said}
      </p>
      <p className="caption">To restore: drop the file onto the Rack or the Ledger of a device. On an empty one everything is as it was.</p>
    </section>
  );
}
