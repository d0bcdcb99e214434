import { Stamp } from "@/components/Stamp";
import type { Summary } from "@/store/summary";

/** The stamp that speaks for a card; of one that has changed since it was judged, no verdict is shown. */
export function LineStamp({ card: { line, derivedBy } }: { card: Pick<Summary, "line" | "derivedBy"> }) {
  if (line === null || derivedBy === "") return <Stamp tone="not-done">Being judged</Stamp>;
  return <Stamp tone={line.stamp}>{line.stampWord}</Stamp>;
}
