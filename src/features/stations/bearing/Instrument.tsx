"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { useEndInHand } from "./end-in-hand";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";
import { FitPanel } from "./FitPanel";
import { JobPanel } from "./JobPanel";
import { NamePanel } from "./NamePanel";
import type { Props } from "./props";
import { TonesPanel } from "./TonesPanel";
import { UpkeepPanel } from "./UpkeepPanel";
import { WELDED_SENTENCE } from "./words";

const PANELS = { name: NamePanel, fit: FitPanel, job: JobPanel, upkeep: UpkeepPanel, tones: TonesPanel } as const;

/** The bearings by the work in hand. */
export default function Instrument(props: Props) {
  const [end, setEnd] = useEndInHand();
  const Panel = PANELS[props.method as keyof typeof PANELS] ?? NamePanel;
  return (
    <FieldFlow className="flex flex-col gap-5">
      {props.assessment.detail.isWelded ? <p className="border-l-4 border-close pl-3 text-[15px]">{WELDED_SENTENCE}</p> : null}
      <Panel {...props} end={end} onEnd={setEnd} />
      <Fields of={ROWS} show={["note"]} given={{ ...props, end, onEnd: setEnd }} />
    </FieldFlow>
  );
}
