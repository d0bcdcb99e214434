"use client";
import { FieldFlow } from "@/components/FieldFlow";
import type { InstrumentProps } from "../../station/contract";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";
import { OffPanel } from "./OffPanel";
import { BackPanel } from "./BackPanel";
import type { Detail } from "./words";

/** A ledger of what came off, and the way back. */
export default function Instrument(props: InstrumentProps<"take-apart", Detail>) {
  const Panel = props.method === "back" ? BackPanel : OffPanel;
  return (
    <FieldFlow className="flex flex-col gap-5">
      <Panel {...props} />
      <Fields of={ROWS} given={props} />
    </FieldFlow>
  );
}
