"use client";
import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { useLayoutEffect, useRef, useState } from "react";
import type { TravellerId } from "@/records";
import type { Summary } from "@/store/summary";
import { useSummaries } from "@/store/summaries";
import { Visit } from "./Visit";

/** Rows are read so many at a time, round those on the screen. */
const CHUNK = 40;
const ROW_PX = 56;

/** The chunks of keys that a stretch of the list lies in. */
function chunksRound(ids: readonly TravellerId[], first: number, last: number): readonly TravellerId[] {
  return ids.slice(Math.floor(first / CHUNK) * CHUNK, (Math.floor(last / CHUNK) + 1) * CHUNK);
}

/** The list of visits: as long as there are visits, with the rows on the screen alone drawn and read. */
export default function VisitList({ first, ids }: { first: readonly Summary[]; ids: readonly TravellerId[] }) {
  const list = useRef<HTMLUListElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(list.current?.offsetTop ?? 0), [ids.length]);
  const rows = useWindowVirtualizer({
    count: ids.length,
    estimateSize: () => ROW_PX,
    overscan: 12,
    scrollMargin: top,
    getItemKey: (index) => ids[index] ?? index,
  });
  const shown = rows.getVirtualItems();
  const known = useKnown(first, chunksRound(ids, shown[0]?.index ?? 0, shown.at(-1)?.index ?? 0));
  const [now] = useState(() => new Date());
  return (
    <ul ref={list} className="relative mt-2" style={{ height: rows.getTotalSize() }}>
      {shown.map(({ index, key, start }) => (
        <li
          key={key}
          ref={rows.measureElement}
          data-index={index}
          aria-setsize={ids.length}
          aria-posinset={index + 1}
          className="absolute inset-x-0 top-0 border-b border-rule-faint"
          style={{ transform: `translateY(${start - top}px)` }}
        >
          <Visit id={ids[index]} card={known.get(ids[index] ?? "")} now={now} />
        </li>
      ))}
    </ul>
  );
}

/** Summaries that were read, and stay while others are being read: a list that is scrolled does not flicker. */
function useKnown(first: readonly Summary[], ids: readonly TravellerId[]): ReadonlyMap<string, Summary> {
  const answer = useSummaries(ids);
  const [known, setKnown] = useState<ReadonlyMap<string, Summary>>(() => new Map(first.map((row) => [row.id, row])));
  const rows = answer.state === "ready" ? answer.value : null;
  const [seen, setSeen] = useState(rows);
  if (rows !== null && rows !== seen) {
    setSeen(rows);
    setKnown(new Map([...[...known].slice(-MOST_KNOWN), ...rows.map((row) => [row.id as string, row] as const)]));
  }
  return known;
}
const MOST_KNOWN = 400;
