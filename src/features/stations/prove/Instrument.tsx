"use client";
import type { MotorType } from "@/core/trade";
import { useState } from "react";
import { PickOne } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { isRunFieldOn } from "@/core/relevance";
import { RUN_FIELD_IDS, RUN_FIELDS, type RunField } from "@/core/motor";
import type { InstrumentProps } from "../../station/contract";
import { PROOF_LINE_WORDS } from "@/features/vocabulary/swap-words";
import { PAD_EXTRAS } from "@/features/form/reading";
import { Verdict } from "../shared/Verdict";
import { PlateBars } from "./PlateBars";
import { ProofPairs } from "./ProofPairs";
import { type Detail, sentences } from "./words";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";

const GOOD_BAD = [
  { id: "good", label: "Yes" },
  { id: "bad", label: "No" },
] as const;

/** How a motor of this type is made to turn the other way. */
const reversal = (motorType: MotorType): string =>
  motorType === "shaded-pole"
    ? "No wire turns a shaded-pole motor round: take it apart and put the rotor in end for end, where its shaft and bearings allow it."
    : "Power off, proven dead: swap the two ends of the start winding against the main, or move the plug that does it.";

/** Keyed at every proof; the others open with one press. */
const FIRST: readonly RunField[] = ["lineAmps", "startAmps"];

/** The same figures before and after, side by side. */
export default function Instrument(props: InstrumentProps<"prove", Detail>) {
  const { record, assessment, facts, house, change } = props;
  const { detail } = assessment;
  const [field, setField] = useState<RunField>("lineAmps");
  // What was measured before is measured again: its field is there from the start.
  const usual = RUN_FIELD_IDS.filter(
    (id) =>
      (FIRST.includes(id) && isRunFieldOn(id, facts)) || detail.rows.some((row) => row.field === id && (row.before ?? row.after) !== null),
  );
  const [isAllShown, setAllShown] = useState(false);
  const fields = isAllShown ? RUN_FIELD_IDS : usual;
  // The line amps tell most, and come first.
  const shown = [...fields].sort((a, b) => Number(b === "lineAmps") - Number(a === "lineAmps"));
  return (
    <FieldFlow className="flex flex-col gap-5">
      <div className="beside-pad">
        <div className="flex min-w-0 flex-col gap-5">
          <div className="grid grid-cols-2 items-end gap-x-5 gap-y-3 max-lg:order-last">
            <Fields
              of={ROWS}
              show={shown.flatMap((id) => [`before.${id}`, `after.${id}`] as const)}
              given={props}
              onFocusField={(path) => setField(path.slice(path.indexOf(".") + 1) as RunField)}
            />
            {shown.length < RUN_FIELD_IDS.length ? (
              <button type="button" className="btn btn-plain justify-self-start" onClick={() => setAllShown(true)}>
                All figures of the run
              </button>
            ) : null}
          </div>
          {detail.rows.some(({ isFromRunTest }) => isFromRunTest) ? (
            <p className="caption">Figures before are those of the run test, unless others are keyed here.</p>
          ) : null}
          <PlateBars before={detail.before} after={detail.after} limitFraction={house.figures.overloadPercent / 100} />
          <ProofPairs rows={detail.rows} />
          <Verdict assessment={assessment} sentences={sentences(detail, record)} />
        </div>
        <KeyPad extras={PAD_EXTRAS[RUN_FIELDS[field]]} />
      </div>
      <Fields of={ROWS} show={["isUnloaded", "afterBehaviour", "afterNoises", "afterHotPlace"]} given={props} />
      {detail.rotation.mayHaveTurned || record.afterRotation !== null ? (
        <section aria-label="Which way it turns" className="flex flex-col gap-2">
          <Fields of={ROWS} show={["afterRotation"]} given={props} />
          {detail.rotation.wanted === null ? (
            <p className="caption">
              Nobody noted which way it turned before: what the machine asks for decides. Out and in has the place for it.
            </p>
          ) : null}
          {detail.doubts.includes("rotation-wrong") ? (
            <p className="border-l-4 border-out pl-3 text-[14px]">{reversal(facts.motorType)}</p>
          ) : null}
          <Fields of={ROWS} show={["reversedBy"]} given={props} />
        </section>
      ) : null}
      {detail.lines.length > 0 ? (
        <section aria-labelledby="at-machine" className="flex flex-col gap-2">
          <h2 id="at-machine" className="heading-rule">
            At the machine
          </h2>
          {detail.lines.map((line) => (
            <PickOne
              key={line}
              legend={PROOF_LINE_WORDS[line]}
              options={GOOD_BAD}
              picked={record.lines[line] ?? null}
              onPick={(picked) => change((r) => ({ ...r, lines: { ...r.lines, [line]: picked ?? undefined } }))}
            />
          ))}
        </section>
      ) : null}
      <Fields of={ROWS} show={["note"]} given={props} />
    </FieldFlow>
  );
}
