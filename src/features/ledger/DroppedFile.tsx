"use client";
import { useEffect, useState } from "react";
import Sheet from "@/components/Sheet";
import { firstOwnCardMs } from "@/store/backup";
import ImportPanel from "./ImportPanel";

/** A file that was dropped: on a device with nothing of one's own it is taken in at once, else it says first what it would do. */
export default function DroppedFile({ file, onClose }: { file: File; onClose: () => void }) {
  const [isEmpty, setEmpty] = useState<boolean | null>(null);
  useEffect(() => {
    let isStale = false;
    void firstOwnCardMs()
      .catch(() => 0)
      .then((since) => {
        if (!isStale) setEmpty(since === null);
      });
    return () => {
      isStale = true;
    };
  }, []);
  return (
    <Sheet title="Taking a file in" onClose={onClose}>
      {isEmpty === null ? null : <ImportPanel file={file} isTakenAtOnce={isEmpty} onLeave={onClose} />}
    </Sheet>
  );
}
