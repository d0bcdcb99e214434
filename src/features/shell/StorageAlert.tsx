import { isStationId } from "@/core/stations";
import { letGo, retryUnsaved } from "@/store/change-row";
import type { StorageTrouble } from "@/store/trouble";
import { reportRefusal } from "@/store/storage-status";
import type { Unsaved } from "@/store/unsaved";
import { ExportButton } from "../files/ExportButton";
import { toKeptSentence } from "../messages/kept-sentences";
import { STATION_LABELS } from "../stations/labels";
import { recordNoun } from "../vocabulary/record-words";

/** Where each kind of row is met. */
const WHERE: Readonly<Partial<Record<Unsaved["change"]["kind"], (key: string) => string>>> = {
  traveller: () => "Name, site or sign-off of a card",
  station: (key) => titleOf(key.slice(key.lastIndexOf("/") + 1)),
  bench: (key) => `Bench: ${titleOf(key)}`,
  house: () => "House rules",
};
const titleOf = (station: string): string => (isStationId(station) ? STATION_LABELS[station].title : station);

/** Where a change that is not kept yet belongs, in words. */
const whereWords = ({ change: { kind, key } }: Unsaved): string => WHERE[kind]?.(key) ?? `A ${recordNoun(kind)}`;

/** What is not kept yet, with the ways on: try again, take it along, let it go. */
export default function StorageAlert({ trouble: { unsaved, refusal } }: { trouble: StorageTrouble }) {
  const [first] = unsaved;
  return (
    <div role="alert" className="no-print border-b-2 border-out bg-sheet px-4 py-2 text-out">
      {refusal ? (
        <p className="flex flex-wrap items-center gap-3">
          <span className="min-w-0 flex-1 font-medium">{toKeptSentence(refusal)}</span>
          <button type="button" className="btn" onClick={() => reportRefusal(null)}>
            Seen
          </button>
        </p>
      ) : null}
      {first ? (
        <>
          <div className="flex flex-wrap items-center gap-3">
            <p className="min-w-0 flex-1 basis-60 font-medium">
              Not kept yet: {unsaved.map(whereWords).join(", ")}. {toKeptSentence(first.failure)}
            </p>
            <button type="button" className="btn btn-filled" onClick={() => void retryUnsaved()}>
              Try again
            </button>
            <ExportButton what="everything" label="Export everything" />
          </div>
          <LetGo unsaved={unsaved} />
        </>
      ) : null}
    </div>
  );
}

function LetGo({ unsaved }: { unsaved: readonly Unsaved[] }) {
  return (
    <details className="text-[14px] text-ink">
      <summary className="min-h-[32px] cursor-pointer py-1">Let go of what was keyed</summary>
      <ul className="flex flex-wrap gap-2 pb-1">
        {unsaved.map((each) => (
          <li key={`${each.change.kind} ${each.change.key}`}>
            <button type="button" className="btn border-out text-out" onClick={() => void letGo(each.change)}>
              {whereWords(each)}: back to what is kept
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
