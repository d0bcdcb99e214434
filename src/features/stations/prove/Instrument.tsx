"use client";
import type { MachineKind, MotorType } from "@/core/trade";
import { useState } from "react";
import { PickOne, TickList } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { NoteField } from "@/components/LineField";
import { isRunFieldOn } from "@/core/relevance";
import { HOT_PLACES, NOISES, turnedByOn, ROTATIONS, RUN_FIELD_IDS, RUN_FIELDS, type RunField, behavioursOn } from "@/core/motor";
import { BEHAVIOUR_WORDS, HOT_PLACE_WORDS, NOISE_WORDS, RUN_FIELD_WORDS } from "@/features/vocabulary/run-words";
import type { InstrumentProps } from "../../station/contract";
import { inSentence } from "@/features/vocabulary/in-sentence";
import { TURNED_BY_WORDS, ROTATION_WORDS } from "@/features/vocabulary/match-words";
import { PROOF_LINE_WORDS } from "@/features/vocabulary/swap-words";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { PlateBars } from "./PlateBars";
import { ProofPairs } from "./ProofPairs";
import { type Detail, sentences } from "./words";

const behaviourOptions = (machineKind: MachineKind) => behavioursOn(machineKind).map((id) => ({ id, label: BEHAVIOUR_WORDS[id] }));
const HOT_PLACE_OPTIONS = HOT_PLACES.map((id) => ({ id, label: HOT_PLACE_WORDS[id] }));
const NOISE_OPTIONS = NOISES.map((id) => ({ id, label: NOISE_WORDS[id] }));
const WAYS = ROTATIONS.map((id) => ({ id, label: ROTATION_WORDS[id] }));
const GOOD_BAD = [
  { id: "good", label: "Yes" },
  { id: "bad", label: "No" },
] as const;

const LOADS = [
  { id: "loaded", label: "On its machine" },
  { id: "unloaded", label: "Without load" },
] as const;

/** How a motor of this type is made to turn the other way. */
const reversal = (motorType: MotorType): string =>
  motorType === "shaded-pole"
    ? "No wire turns a shaded-pole motor round: take it apart and put the rotor in end for end, where its shaft and bearings allow it."
    : "Power off, proven dead: swap the two ends of the start winding against the main, or move the plug that does it.";

/** Keyed at every proof; the others open with one press. */
const FIRST: readonly RunField[] = ["lineAmps", "startAmps"];

/** The same figures before and after, side by side. */
export default function Instrument({ record, assessment, facts, house, change }: InstrumentProps<"prove", Detail>) {
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
  const name = (id: RunField): string => (id === "lineAmps" ? "Running amps" : RUN_FIELD_WORDS[id]);
  return (
    <FieldFlow className="flex flex-col gap-5">
      <div className="beside-pad">
        <div className="flex min-w-0 flex-col gap-5">
          <div className="grid grid-cols-2 items-end gap-x-5 gap-y-3 max-lg:order-last">
            {shown.map((id) => {
              // A figure of the run test stands on the side it was read on: once the part was in, it is after.
              const row = detail.rows.find((each) => each.field === id);
              const run = facts.runFound[id] ?? null;
              return [
                <EntryField
                  key={`${id} before`}
                  label={`${name(id)} before`}
                  quantity={RUN_FIELDS[id]}
                  entry={record.before[id] ?? (row?.before == null ? null : run)}
                  house={house}
                  size={id === "lineAmps" ? "large" : "normal"}
                  onFocusField={() => setField(id)}
                  onEntry={(entry) => change((r) => ({ ...r, before: { ...r.before, [id]: entry } }))}
                />,
                <EntryField
                  key={`${id} after`}
                  label={`${name(id)} after`}
                  quantity={RUN_FIELDS[id]}
                  entry={record.after[id] ?? facts.runNow[id] ?? (row?.after == null ? null : run)}
                  house={house}
                  slip={detail.slips[id]}
                  slipWhy="the plate"
                  size={id === "lineAmps" ? "large" : "normal"}
                  onFocusField={() => setField(id)}
                  onEntry={(entry) => change((r) => ({ ...r, after: { ...r.after, [id]: entry } }))}
                />,
              ];
            })}
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
      <PickOne
        legend="Proved"
        options={LOADS}
        picked={detail.isUnloaded ? "unloaded" : "loaded"}
        onPick={(picked) => change((r) => ({ ...r, isUnloaded: picked === null ? r.isUnloaded : picked === "unloaded" }))}
      />
      <PickOne
        legend="What it does now"
        options={behaviourOptions(facts.machineKind)}
        picked={record.afterBehaviour}
        onPick={(afterBehaviour) => change((r) => ({ ...r, afterBehaviour }))}
      />
      <TickList
        legend="Heard now"
        options={NOISE_OPTIONS}
        ticked={record.afterNoises}
        onToggle={(noise) =>
          change((r) => ({
            ...r,
            afterNoises: r.afterNoises.includes(noise) ? r.afterNoises.filter((each) => each !== noise) : [...r.afterNoises, noise],
          }))
        }
      />
      <PickOne
        legend="Hottest now at"
        options={HOT_PLACE_OPTIONS}
        picked={record.afterHotPlace}
        onPick={(afterHotPlace) => change((r) => ({ ...r, afterHotPlace }))}
      />
      {detail.rotation.mayHaveTurned || record.afterRotation !== null ? (
        <section aria-label="Which way it turns" className="flex flex-col gap-2">
          <PickOne
            legend={`Turns now, looking at the shaft end${detail.rotation.wanted ? `; it has to turn ${inSentence(ROTATION_WORDS[detail.rotation.wanted])}` : ""}`}
            options={WAYS}
            picked={record.afterRotation}
            onPick={(afterRotation) => change((r) => ({ ...r, afterRotation }))}
          />
          {detail.rotation.wanted === null ? (
            <p className="caption">
              Nobody noted which way it turned before: what the machine asks for decides. Out and in has the place for it.
            </p>
          ) : null}
          {detail.doubts.includes("rotation-wrong") ? (
            <p className="border-l-4 border-out pl-3 text-[14px]">{reversal(facts.motorType)}</p>
          ) : null}
          <PickOne
            legend="Made to turn the other way by"
            options={turnedByOn(facts.motorType).map((id) => ({ id, label: TURNED_BY_WORDS[id] }))}
            picked={record.reversedBy}
            onPick={(reversedBy) => change((r) => ({ ...r, reversedBy }))}
          />
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
      <NoteField label="Note" text={record.note} onText={(note) => change((r) => ({ ...r, note }))} />
    </FieldFlow>
  );
}
