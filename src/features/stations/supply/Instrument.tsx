"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { Fields } from "@/features/form/Fields";
import { PAD_EXTRAS } from "@/features/form/reading";
import type { InstrumentProps } from "../../station/contract";
import { Verdict } from "../shared/Verdict";
import { ROWS } from "./fields";
import { SupplyScale } from "./SupplyScale";
import { sentences, type Detail } from "./words";

/** Call, interlock, and the volts at the motor: standing, and while it tries. */
export default function Instrument(props: InstrumentProps<"supply", Detail>) {
  const { assessment } = props;
  return (
    <FieldFlow className="flex flex-col gap-5">
      <Fields of={ROWS} show={["call", "interlock"]} given={props} in="row" />
      <div className="beside-pad">
        <div className="flex min-w-0 flex-col gap-4">
          <Fields of={ROWS} show={["standing", "starting", "atDisconnect"]} given={props} in="two-columns" />
          <SupplyScale detail={assessment.detail} />
          <Verdict assessment={assessment} sentences={sentences(assessment.detail)} />
        </div>
        <KeyPad extras={PAD_EXTRAS.voltage} />
      </div>
      <Fields of={ROWS} show={["note"]} given={props} />
    </FieldFlow>
  );
}
