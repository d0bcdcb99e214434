import type { WrittenFile } from "@/records";
import { faultSentence, shortenedSentence } from "./fault-sentences";
import { FaultList } from "./FaultList";

/** What the export found about itself: nothing is left out, but not everything would come back as it is. */
export default function ExportNotes({ file: { misfits, shortened } }: { file: Omit<WrittenFile, "text"> }) {
  return (
    <div role="status" className="w-full">
      <FaultList title="Shortened in the file" faults={shortened} say={shortenedSentence} />
      <FaultList title="In the file as it is kept, but it will not come back in" faults={misfits} say={faultSentence} />
    </div>
  );
}
