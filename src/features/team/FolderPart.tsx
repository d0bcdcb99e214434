"use client";
import { FolderOpen, RefreshCw } from "lucide-react";
import { TickList } from "@/components/Choice";
import { useMoment } from "@/components/useNow";
import { toFileSentence } from "../messages/file-sentences";
import { dayAndTime } from "../vocabulary/clock";
import { canKeepFolder, chooseFolder, leaveFolder, reopenFolder, setTakenByItself, syncTeam } from "./keep-team";
import { useTeam } from "./useTeam";

const BY_ITSELF = [{ id: "yes", label: "Take in by itself what only one side changed" }] as const;

/** The folder the team shares. */
export function FolderPart() {
  const { folder, isAtWork, at, failure, isTwinFound, isTakenByItself } = useTeam();
  const now = useMoment();
  return (
    <section aria-labelledby="folder" className="flex scroll-mt-4 flex-col gap-3">
      <h2 id="folder" tabIndex={-1} className="heading-rule">
        Folder
      </h2>
      {!canKeepFolder() ? (
        <p className="text-[14px]">This browser cannot keep a folder. Carry the files by hand, below; the outcome is the same.</p>
      ) : folder === "none" ? (
        <>
          <p className="text-[14px]">Choose a folder that all devices of the team get, by whatever service or stick carries it.</p>
          <div>
            <button type="button" className="btn btn-filled" onClick={() => void chooseFolder()}>
              <FolderOpen aria-hidden="true" size={18} />
              Choose a folder
            </button>
          </div>
        </>
      ) : (
        <>
          <p className="text-[15px] break-words">
            <b>{folder.name}</b>
            {folder.state === "ask" ? ": closed. The browser wants a press before it lets this page in again." : null}
          </p>
          <p className="caption" role="status">
            {isAtWork ? "Reading and writing …" : at === null ? "Not read yet." : `Read and written ${dayAndTime(at, now)}.`}
          </p>
          <div className="flex flex-wrap gap-2">
            {folder.state === "ask" ? (
              <button type="button" className="btn btn-filled" onClick={() => void reopenFolder()}>
                <FolderOpen aria-hidden="true" size={18} />
                Open the folder again
              </button>
            ) : (
              <button type="button" className="btn btn-filled" disabled={isAtWork} onClick={() => void syncTeam()}>
                <RefreshCw aria-hidden="true" size={18} />
                Read now
              </button>
            )}
            <button type="button" className="btn" onClick={() => void leaveFolder()}>
              Leave the folder
            </button>
          </div>
          <TickList
            legend="When others have changed something"
            options={BY_ITSELF}
            ticked={isTakenByItself ? ["yes"] : []}
            onToggle={() => void setTakenByItself(!isTakenByItself)}
          />
        </>
      )}
      {isTwinFound ? (
        <p className="border-l-4 border-close pl-3 text-[14px]">
          Another device wrote under the name of this one: its data was copied from here, or here from it. This one writes under a new name
          since, and lists what it wrote before; what the two changed is merged like that of any two devices.
        </p>
      ) : null}
      {failure ? (
        <p role="alert" className="border-l-4 border-out pl-3 text-[14px] font-medium text-out">
          {toFileSentence(failure)}
        </p>
      ) : null}
    </section>
  );
}
