"use client";
import { isSimulated } from "@/core/job";
import { STATION_IDS } from "@/core/stations";
import type { StationEntries } from "@/core/traveller";
import type { Traveller } from "@/records";
import { paperName } from "../papers/paper-size";
import { fullMoment, visitDayOf } from "../vocabulary/clock";
import { STATION_LABELS } from "../stations/labels";
import { PrintBar } from "./PrintBar";

interface PrintFrameProps {
  readonly traveller: Traveller;
  /** the other page of the same card */
  readonly other: { readonly href: string; readonly label: string };
  /** where the machine has no name */
  readonly unnamed: string;
  /** behind site, day and technician */
  readonly more?: string;
  /** in the name of the PDF, where a card has more than one paper */
  readonly kind?: string;
  readonly isLarge?: boolean;
  /** everything that was keyed on it */
  readonly entries: StationEntries;
  readonly children: React.ReactNode;
}

/** Frame of every printed page: buttons that stay off the paper, and the head with machine, site, day and technician. */
export function PrintFrame({ traveller, other, unnamed, more = "", kind = "", isLarge = false, entries, children }: PrintFrameProps) {
  return (
    <div className="min-h-dvh bg-sheet print:bg-white print:text-black">
      <PrintBar
        pdf={{ name: paperName({ ...traveller, day: visitDayOf(traveller), what: kind }), title: traveller.machine.trim() || unnamed }}
      >
        <a className="btn" href={other.href}>
          {other.label}
        </a>
        <a className="btn" href={`/traveller?id=${traveller.id}`}>
          Back to the card
        </a>
      </PrintBar>
      <main
        className={`mx-auto max-w-[180mm] px-4 py-6 print:max-w-none print:p-0 ${isLarge ? "text-[15px] print:text-[12pt]" : "text-[13.5px] print:text-[10.5pt]"}`}
      >
        <header className="border-b-2 border-current pb-2">
          <h1 className={`font-bold break-words ${isLarge ? "text-[24px]" : "text-[22px]"}`}>{traveller.machine.trim() || unnamed}</h1>
          <p>
            {[traveller.site.trim(), fullMoment(traveller.createdAt), traveller.technician.trim()].filter(Boolean).join(" · ")}
            {more}
          </p>
        </header>
        <Simulated entries={entries} />
        {children}
      </main>
    </div>
  );
}

/** Nobody takes a figure for measured that was not. */
function Simulated({ entries }: { entries: StationEntries }) {
  const titles = STATION_IDS.flatMap((id) => (isSimulated(entries[id]) ? [STATION_LABELS[id].title] : []));
  if (titles.length === 0) return null;
  return (
    <p className="my-2 border-2 border-dashed border-current p-2 font-bold">
      Simulated: figures under {titles.join(", ")} were given by a simulated motor, to learn or to try out. They were not measured on this
      one.
    </p>
  );
}
