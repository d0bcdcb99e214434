/** Shapes of a stamp: each has its own outline, so that neither word nor colour is needed alone. */
export type StampTone = "holds" | "out" | "too-close" | "contradicts" | "unsure" | "open" | "noted" | "not-done" | "skipped";

export function Stamp({ tone, children, isLarge = false }: { tone: StampTone; children: React.ReactNode; isLarge?: boolean }) {
  return <span className={`stamp stamp-${tone} ${isLarge ? "stamp-large" : ""}`}>{children}</span>;
}
