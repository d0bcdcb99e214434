"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { Fields } from "@/features/form/Fields";
import { PAD_EXTRAS } from "@/features/form/reading";
import type { InstrumentProps } from "../../station/contract";
import { Verdict } from "../shared/Verdict";
import { ROWS } from "./fields";
import { sentences, type Detail } from "./words";

type Props = InstrumentProps<"uncoupled-run", Detail>;

/** Without its load, or with the one push: the check before it, then what it did. */
export default function Instrument(props: Props) {
  const { assessment, method } = props;
  if (assessment.detail.state === "welded-shell")
    return <Verdict assessment={assessment} sentences={sentences(assessment.detail, method)} />;
  return (
    <FieldFlow className="flex flex-col gap-5">
      {method === "push" ? <Push {...props} /> : <WithoutLoad {...props} />}
      <Verdict assessment={assessment} sentences={sentences(assessment.detail, method)} />
      <Fields of={ROWS} show={["note"]} given={props} />
    </FieldFlow>
  );
}

function WithoutLoad(props: Props) {
  return (
    <>
      <Fields of={ROWS} show={["freedAt"]} given={props} />
      <fieldset disabled={props.record.freedAt === null} className="min-w-0 disabled:opacity-60">
        <legend className="sr-only">Run without its load</legend>
        <div className="beside-pad">
          <div className="flex flex-col gap-4">
            <Fields of={ROWS} show={["result", "amps"]} given={props} />
          </div>
          <KeyPad extras={PAD_EXTRAS.current} />
        </div>
      </fieldset>
    </>
  );
}

function Push(props: Props) {
  return (
    <>
      <Fields of={ROWS} show={["push.readyAt"]} given={props} />
      <fieldset disabled={props.record.push.readyAt === null} className="flex min-w-0 flex-wrap gap-x-8 gap-y-4 disabled:opacity-60">
        <legend className="sr-only">One push</legend>
        <Fields of={ROWS} show={["push.result", "push.way"]} given={props} />
      </fieldset>
    </>
  );
}
