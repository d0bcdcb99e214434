"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { NoteField } from "@/components/LineField";
import type { InstrumentProps } from "../../station/contract";
import { OffPanel } from "./OffPanel";
import { BackPanel } from "./BackPanel";
import type { Detail } from "./words";

/** A ledger of what came off, and the way back. */
export default function Instrument(props: InstrumentProps<"take-apart", Detail>) {
  const Panel = props.method === "back" ? BackPanel : OffPanel;
  return (
    <FieldFlow className="flex flex-col gap-5">
      <Panel {...props} />
      <NoteField label="Note" text={props.record.note} rows={1} onText={(note) => props.change((r) => ({ ...r, note }))} />
    </FieldFlow>
  );
}
