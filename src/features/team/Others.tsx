"use client";
import { useState } from "react";
import { LongWorkBar } from "@/components/LongWorkBar";
import { useMoment } from "@/components/useNow";
import type { Failure, RecordFault } from "@/core/result";
import type { MergeCounts } from "@/store/team/document-row";
import { faultSentence } from "../files/fault-sentences";
import { toFileSentence } from "../messages/file-sentences";
import { dayAndTime } from "../vocabulary/clock";
import type { FoundDevice } from "./folder-sync";
import { cancelTake, takeFrom, takeOld, type HandFile } from "./keep-team";
import { useTeam } from "./useTeam";
import { isNothing, mergeWords, peerWords } from "./words";

/** Devices whose files were found, how things stand with each, and what they bring. */
export function Others() {
  const { devices, byHand, progress } = useTeam();
  return (
    <section aria-labelledby="others" className="scroll-mt-4">
      <h2 id="others" tabIndex={-1} className="heading-rule">
        Others
      </h2>
      {progress === null ? null : (
        <div className="mt-3">
          <LongWorkBar what="At work on what is new" at={progress} onStop={() => void cancelTake()} />
        </div>
      )}
      {devices.length + byHand.length === 0 ? (
        <p className="mt-3 text-ink-soft">No file of another device was found yet.</p>
      ) : (
        <ul>
          {devices.map((device) => (
            <li key={device.file} className="border-b border-rule py-3">
              <Device device={device} />
            </li>
          ))}
          {byHand.map((each) => (
            <li key={`by hand ${each.file.name}`} className="border-b border-rule py-3">
              <Hand hand={each} />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function Device({ device }: { device: FoundDevice }) {
  const now = useMoment();
  if (device.state === "failed")
    return (
      <p className="break-words">
        <span className="num">{device.file}</span>: skipped. <span className="text-out">{toFileSentence(device.failure)}</span>
      </p>
    );
  if (device.state === "old")
    return (
      <>
        <p className="break-words">
          <b>{device.outline.from.name}</b>
        </p>
        <Brought {...device.outline} bad={0} isStopped={false} />
        <p className="border-l-4 border-close pl-3 text-[14px]">
          Its program still writes the first form of team files: what it has comes over here, and nothing from here reaches it. Bring its
          program up to date.
        </p>
      </>
    );
  const { peer, outline, waiting } = device;
  return (
    <>
      <p className="flex flex-wrap items-baseline justify-between gap-x-4">
        <b className="break-words">{peer.name}</b>
        <span className="caption">written {dayAndTime(peer.at, now)}</span>
      </p>
      <p className="text-[15px]">{peerWords(peer, waiting, now)}</p>
      {outline === null ? null : (
        <Brought {...outline} onTake={outline.isTaken && !outline.isStopped ? undefined : () => takeFrom(peer.id)} />
      )}
    </>
  );
}

function Hand({ hand }: { hand: HandFile }) {
  const { outline, isOld, file } = hand;
  return (
    <>
      <p className="flex flex-wrap items-baseline justify-between gap-x-4">
        <b className="break-words">{outline.from.name}</b>
        <span className="caption break-all">{file.name}</span>
      </p>
      <Brought
        {...outline}
        bad={isOld ? 0 : hand.outline.bad}
        isStopped={!isOld && hand.outline.isStopped}
        onTake={outline.isTaken ? undefined : () => (isOld ? takeOld(file) : takeFrom(outline.from.id))}
      />
    </>
  );
}

/** Bad records are named up to here; the rest is counted. */
const NAMED = 5;

interface BroughtProps {
  readonly counts: MergeCounts;
  readonly faults: readonly RecordFault[];
  readonly bad: number;
  readonly isTaken: boolean;
  readonly isStopped: boolean;
  readonly onTake?: () => Promise<Failure | null>;
}

/** What a device brought, or would bring. */
function Brought({ counts, faults, bad, isTaken, isStopped, onTake }: BroughtProps) {
  const [failure, setFailure] = useState<Failure | null>(null);
  const [isAtWork, setAtWork] = useState(false);
  const isEmpty = isNothing(counts) && counts.conflicts === 0;
  const take = async (): Promise<void> => {
    setAtWork(true);
    setFailure((await onTake?.()) ?? null);
    setAtWork(false);
  };
  return (
    <>
      <p className="text-[15px]">
        {isTaken && !isNothing(counts) ? `Taken in: ${mergeWords(counts)}.` : `Brings ${mergeWords(counts)}.`}
        {isStopped ? " Stopped there; the rest comes with the next reading." : ""}
      </p>
      {faults.length + bad === 0 ? null : (
        <ul className="border-l-4 border-close pl-3 text-[14px]">
          {faults.slice(0, NAMED).map((fault, index) => (
            <li key={index}>Not taken: {faultSentence(fault)}</li>
          ))}
          {faults.length > NAMED ? <li>{faults.length - NAMED} more that do not fit.</li> : null}
          {bad > 0 ? <li>{bad} of its lines cannot be read, and are left where they are.</li> : null}
        </ul>
      )}
      {onTake === undefined || isEmpty ? null : (
        <button type="button" className="btn btn-filled mt-2" disabled={isAtWork} onClick={() => void take()}>
          {isStopped ? "Go on" : "Take it in"}
        </button>
      )}
      {failure ? (
        <p role="alert" className="mt-2 text-[14px] text-out">
          {toFileSentence(failure)}
        </p>
      ) : null}
    </>
  );
}
