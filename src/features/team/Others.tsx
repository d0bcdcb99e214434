"use client";
import { useState } from "react";
import { LongWorkBar, type Done } from "@/components/LongWorkBar";
import { useMoment } from "@/components/useNow";
import type { Failure } from "@/core/result";
import type { Choice } from "@/records";
import type { TeamOutline } from "@/store/team/team-calls";
import { toFileSentence } from "../messages/file-sentences";
import { dayAndTime } from "../vocabulary/clock";
import { Conflicts } from "./Conflicts";
import type { FoundDevice } from "./folder-sync";
import { cancelTake, takeFrom } from "./keep-team";
import { useTeam } from "./useTeam";
import { conflictCount, isNothing, mergeWords } from "./words";

/** Devices whose files were found, and what they bring. */
export function Others() {
  const { devices } = useTeam();
  return (
    <section aria-labelledby="others" className="scroll-mt-4">
      <h2 id="others" tabIndex={-1} className="heading-rule">
        Others
      </h2>
      {devices.length === 0 ? (
        <p className="mt-3 text-ink-soft">No file of another device was found yet.</p>
      ) : (
        <ul>
          {devices.map((device) => (
            <li key={device.file} className="border-b border-rule py-3">
              <Device device={device} />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function Device({ device }: { device: FoundDevice }) {
  if (device.state === "failed")
    return (
      <p className="break-words">
        <span className="num">{device.file}</span>: skipped. <span className="text-out">{toFileSentence(device.failure)}</span>
      </p>
    );
  return <Read outline={device.outline} isTaken={device.merge !== null} />;
}

function Read({ outline, isTaken }: { outline: TeamOutline; isTaken: boolean }) {
  const { from, at, counts, conflicts, leftOut } = outline;
  const now = useMoment();
  const [work, setWork] = useState<Done | "begun" | null>(null);
  const [failure, setFailure] = useState<Failure | null>(null);
  const take = async (choices: Readonly<Record<string, Choice>>): Promise<void> => {
    setWork("begun");
    setFailure(await takeFrom(from.id, choices, (done, all) => setWork({ done, all })));
    setWork(null);
  };
  return (
    <>
      <p className="flex flex-wrap items-baseline justify-between gap-x-4">
        <b className="break-words">{from.name}</b>
        <span className="caption">written {dayAndTime(at, now)}</span>
      </p>
      <p className="text-[15px]">
        {isTaken && !isNothing(counts) ? `Taken in: ${mergeWords(counts)}` : `Brings ${mergeWords(counts)}`}
        {conflicts.length > 0 ? `; ${conflictCount(conflicts.length)}` : ""}.
        {leftOut > 0 ? ` ${leftOut} of its records cannot be read here, and are left where they are.` : ""}
      </p>
      {work !== null ? (
        <LongWorkBar what="Taking it in" at={work === "begun" ? null : work} onStop={() => void cancelTake()} />
      ) : (
        <>
          {!isTaken && !isNothing(counts) ? (
            <button type="button" className="btn btn-filled mt-2" onClick={() => void take({})}>
              Take in what only one side changed
            </button>
          ) : null}
          {conflicts.length > 0 ? <Conflicts conflicts={conflicts} from={from.name} onChosen={(choices) => void take(choices)} /> : null}
        </>
      )}
      {failure ? (
        <p role="alert" className="mt-2 text-[14px] text-out">
          {toFileSentence(failure)}
        </p>
      ) : null}
    </>
  );
}
