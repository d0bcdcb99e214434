"use client";
import { ComparePanel } from "./ComparePanel";
import { ConnectionPanel } from "./ConnectionPanel";
import { PairsTable } from "./PairsTable";
import type { WindingsProps } from "./props";
import { SketchPanel } from "./SketchPanel";

const PANELS = { sketch: SketchPanel, pairs: PairsTable, compare: ComparePanel, connection: ConnectionPanel } as const;

export default function Instrument(props: WindingsProps) {
  const Panel = PANELS[(props.method ?? "sketch") as keyof typeof PANELS];
  return <Panel {...props} />;
}
