"use client";
import { PickOne } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { NoteField } from "@/components/LineField";
import { CALLS, INTERLOCKS } from "@/core/stations/supply";
import type { InstrumentProps } from "../../station/contract";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { SupplyScale } from "./SupplyScale";
import { CALL_WORDS, INTERLOCK_WORDS, sentences, type Detail } from "./words";

const CALL_OPTIONS = CALLS.map((id) => ({ id, label: CALL_WORDS[id] }));
const INTERLOCK_OPTIONS = INTERLOCKS.map((id) => ({ id, label: INTERLOCK_WORDS[id] }));

/** Call, interlock, and the volts at the motor: standing, and while it tries. */
export default function Instrument({ record, assessment, house, change }: InstrumentProps<"supply", Detail>) {
  const { detail } = assessment;
  // The disconnect is asked for where the motor has no volts, or too few.
  const asksDisconnect = record.atDisconnect !== null || (detail.outcome !== null && detail.outcome !== "good");
  return (
    <FieldFlow className="flex flex-col gap-5">
      <div className="flex flex-wrap gap-x-8 gap-y-4">
        <PickOne legend="Control" options={CALL_OPTIONS} picked={record.call} onPick={(call) => change((r) => ({ ...r, call }))} />
        <PickOne
          legend="Door, pressure or float interlock"
          options={INTERLOCK_OPTIONS}
          picked={record.interlock}
          onPick={(interlock) => change((r) => ({ ...r, interlock }))}
        />
      </div>
      <div className="beside-pad">
        <div className="flex min-w-0 flex-col gap-4">
          <div className="grid grid-cols-2 items-end gap-5">
            <EntryField
              label="At the motor, standing"
              quantity="voltage"
              entry={record.standing}
              slip={detail.slips.standing}
              slipWhy="the plate"
              house={house}
              size="large"
              isAutoFocused
              onEntry={(standing) => change((r) => ({ ...r, standing }))}
            />
            <EntryField
              label="While it tries to start"
              quantity="voltage"
              entry={record.starting}
              slip={detail.slips.starting}
              slipWhy="the plate"
              house={house}
              size="large"
              onEntry={(starting) => change((r) => ({ ...r, starting }))}
            />
            {asksDisconnect ? (
              <EntryField
                label="At the disconnect"
                quantity="voltage"
                entry={record.atDisconnect}
                slip={detail.slips.atDisconnect}
                slipWhy="the plate"
                house={house}
                onEntry={(atDisconnect) => change((r) => ({ ...r, atDisconnect }))}
              />
            ) : null}
          </div>
          <SupplyScale detail={detail} />
          <Verdict assessment={assessment} sentences={sentences(detail)} />
        </div>
        <KeyPad extras={PAD_EXTRAS.voltage} />
      </div>
      <NoteField label="Note" text={record.note} rows={1} onText={(note) => change((r) => ({ ...r, note }))} />
    </FieldFlow>
  );
}
