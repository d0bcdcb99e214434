import { Stamp } from "@/components/Stamp";
import { isOutdated, type Summary } from "@/store/summary";

/** The stamp that speaks for a card; of one that has changed since it was judged, no verdict is shown. */
export function LineStamp({ card }: { card: Pick<Summary, "line" | "derivedBy"> }) {
  const { line } = card;
  if (line === null || isOutdated(card)) return <Stamp tone="not-done">Being judged</Stamp>;
  return <Stamp tone={line.stamp}>{line.stampWord}</Stamp>;
}
