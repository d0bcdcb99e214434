"use client";
import { PickOne } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { NoteField } from "@/components/LineField";
import { PUSH_WAYS, PUSHED, UNCOUPLED, type UncoupledRecord } from "@/core/stations/uncoupled-run";
import type { InstrumentProps } from "../../station/contract";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { PUSHED_WORDS, RESULT_WORDS, sentences, WAY_WORDS, type Detail } from "./words";

type Props = InstrumentProps<"uncoupled-run", Detail>;

const RESULTS = UNCOUPLED.map((id) => ({ id, label: RESULT_WORDS[id] }));
const PUSHES = PUSHED.map((id) => ({ id, label: PUSHED_WORDS[id] }));
const WAYS = PUSH_WAYS.map((id) => ({ id, label: WAY_WORDS[id] }));

const momentNow = (): string => new Date().toISOString();

/** What was seen to before the motor turns free; what follows opens with it. */
function Ready({ label, at, onReady }: { label: string; at: string | null; onReady: (at: string | null) => void }) {
  return (
    <label className="flex min-h-[44px] items-center gap-3 text-[15px]">
      <input
        type="checkbox"
        className="h-5 w-5 accent-press"
        checked={at !== null}
        onChange={() => onReady(at === null ? momentNow() : null)}
      />
      {label}
    </label>
  );
}

/** Without its load, or with the one push: the check before it, then what it did. */
export default function Instrument(props: Props) {
  const { record, assessment, method, change } = props;
  if (assessment.detail.state === "welded-shell")
    return <Verdict assessment={assessment} sentences={sentences(assessment.detail, method)} />;
  return (
    <FieldFlow className="flex flex-col gap-5">
      {method === "push" ? <Push record={record} change={change} /> : <WithoutLoad {...props} />}
      <Verdict assessment={assessment} sentences={sentences(assessment.detail, method)} />
      <NoteField label="Note" text={record.note} rows={1} onText={(note) => change((r) => ({ ...r, note }))} />
    </FieldFlow>
  );
}

function WithoutLoad({ record, house, change }: Props) {
  return (
    <>
      <Ready
        label="Load taken off while it was dead; key out or taped"
        at={record.freedAt}
        onReady={(freedAt) => change((r) => ({ ...r, freedAt }))}
      />
      <fieldset disabled={record.freedAt === null} className="min-w-0 disabled:opacity-60">
        <legend className="sr-only">Run without its load</legend>
        <div className="beside-pad">
          <div className="flex flex-col gap-4">
            <PickOne
              legend="What it does"
              options={RESULTS}
              picked={record.result}
              onPick={(result) => change((r) => ({ ...r, result }))}
            />
            <EntryField
              label="Line amps without load"
              quantity="current"
              entry={record.amps}
              house={house}
              size="large"
              onEntry={(amps) => change((r) => ({ ...r, amps }))}
            />
          </div>
          <KeyPad extras={PAD_EXTRAS.current} />
        </div>
      </fieldset>
    </>
  );
}

function Push({ record, change }: Pick<Props, "record" | "change">) {
  const set = (part: Partial<UncoupledRecord["push"]>) => change((r) => ({ ...r, push: { ...r.push, ...part } }));
  return (
    <>
      <Ready
        label="Open wheel, turned free by hand before, dry stick at hand, everyone clear"
        at={record.push.readyAt}
        onReady={(readyAt) => set({ readyAt })}
      />
      <fieldset disabled={record.push.readyAt === null} className="flex min-w-0 flex-wrap gap-x-8 gap-y-4 disabled:opacity-60">
        <legend className="sr-only">One push</legend>
        <PickOne legend="After one push" options={PUSHES} picked={record.push.result} onPick={(result) => set({ result })} />
        <PickOne legend="It can be pushed" options={WAYS} picked={record.push.way} onPick={(way) => set({ way })} />
      </fieldset>
    </>
  );
}
