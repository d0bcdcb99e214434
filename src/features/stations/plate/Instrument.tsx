"use client";
import { PickOne, YesNo } from "@/components/Choice";
import { mayBurnGas } from "@/core/relevance";
import { FieldFlow } from "@/components/FieldFlow";
import { LineField } from "@/components/LineField";
import { toMachineSentence } from "@/features/messages/machine-sentences";
import { WorkingButton } from "@/features/working/WorkingButton";
import type { InstrumentProps } from "../../station/contract";
import { SlipLine } from "../shared/SlipLine";
import {
  asksSecond,
  CLASSES,
  DRIVE_OPTIONS,
  connectionWords,
  SORTS,
  DUTIES,
  hintOf,
  LINES,
  ORDER_LINES,
  MACHINES,
  openSentences,
  TYPES,
  type Detail,
} from "./words";

export default function Instrument({ record, assessment, facts, change }: InstrumentProps<"plate", Detail>) {
  const { detail } = assessment;
  return (
    <FieldFlow className="flex flex-col gap-5">
      <PickOne
        legend="Motor type"
        options={TYPES}
        picked={record.motorType}
        onPick={(id) => change((r) => ({ ...r, motorType: id ?? "unknown" }))}
      />
      <div className="grid grid-cols-2 gap-x-5 gap-y-4 md:grid-cols-3">
        {LINES.filter(({ field }) => field !== "secondCapacitor" || asksSecond(record, detail)).map(
          ({ field, label, unit, placeholder }) => (
            <LineField
              key={field}
              label={label}
              text={record[field]}
              unit={unit}
              example={placeholder}
              isFigure
              problem={detail.failures[field] ? toMachineSentence(detail.failures[field]) : null}
              hint={hintOf(field, record, detail)}
              onText={(text) => change((r) => ({ ...r, [field]: text, ...(field === "amps" ? { areAmpsSure: false } : {}) }))}
            />
          ),
        )}
      </div>
      {detail.ampsSlip ? (
        <SlipLine
          slip={detail.ampsSlip}
          quantity="current"
          name="the plate's amps"
          why={detail.powerW === null ? "its type and volts" : "its power and volts"}
          onTake={(amps) => change((r) => ({ ...r, amps }))}
          onSure={() => change((r) => ({ ...r, areAmpsSure: true }))}
        />
      ) : null}
      {detail.notOurs !== null || record.sort !== null ? (
        <PickOne legend="Sort of motor" options={SORTS} picked={record.sort} onPick={(sort) => change((r) => ({ ...r, sort }))} />
      ) : null}
      <Choices detail={detail} change={change} />
      <PickOne
        legend="Machine"
        options={MACHINES}
        picked={record.machineKind}
        onPick={(id) => change((r) => ({ ...r, machineKind: id ?? "other" }))}
      />
      {record.machineKind === "hermetic-compressor" ? null : (
        <PickOne legend="Drives it" options={DRIVE_OPTIONS} picked={record.drive} onPick={(drive) => change((r) => ({ ...r, drive }))} />
      )}
      {mayBurnGas(record.machineKind) &&
      (!facts.makesCold || record.burnsGas !== null) &&
      (record.machineKind !== "other" || record.burnsGas !== null || record.motorType !== "unknown") ? (
        <YesNo legend="Burns gas" value={record.burnsGas} onValue={(burnsGas) => change((r) => ({ ...r, burnsGas }))} />
      ) : null}
      <div className="flex flex-wrap gap-x-8 gap-y-4">
        <PickOne
          legend="Insulation class"
          options={CLASSES}
          picked={record.insulationClass === "" ? null : record.insulationClass}
          onPick={(id) => change((r) => ({ ...r, insulationClass: id ?? "" }))}
        />
        <PickOne
          legend="Duty"
          options={DUTIES}
          picked={DUTIES.find(({ id }) => id === record.duty)?.id ?? null}
          onPick={(id) => change((r) => ({ ...r, duty: id ?? "" }))}
        />
      </div>
      <div className="grid grid-cols-2 gap-x-5 gap-y-4 md:grid-cols-4">
        {ORDER_LINES.map(({ field, label, placeholder }) => (
          <LineField
            key={field}
            label={label}
            text={record[field]}
            example={placeholder}
            onText={(text) => change((r) => ({ ...r, [field]: text }))}
          />
        ))}
      </div>
      <p className="caption">Anything may stay empty. {assessment.working.length > 0 ? null : "With hertz and speed the poles follow."}</p>
      {assessment.working.length > 0 ? (
        <div>
          <WorkingButton steps={assessment.working} />
        </div>
      ) : null}
    </FieldFlow>
  );
}

type ChoicesProps = Pick<InstrumentProps<"plate", Detail>, "change"> & { readonly detail: Detail };
type Picks = InstrumentProps<"plate", Detail>["record"]["picks"];

/** What several figures on one plate leave open: how it is connected, at which hertz, and which speed is in hand. */
function Choices({ detail, change }: ChoicesProps) {
  const { inHand, hertzChoices } = detail;
  const rows: readonly {
    readonly field: keyof Picks;
    readonly legend: string;
    readonly labels: readonly string[];
    readonly at: number | null;
  }[] = [
    { field: "connection", legend: "Connected for, as found", labels: inHand.connections.map(connectionWords), at: inHand.connection },
    {
      field: "hertz",
      legend: "Hertz of this supply",
      labels: hertzChoices.map((hertz) => `${hertz} Hz`),
      at: inHand.hertz === null ? null : hertzChoices.indexOf(inHand.hertz),
    },
    { field: "speed", legend: "Speed in hand", labels: inHand.speeds.map((rpm) => `${rpm} rpm`), at: inHand.speed },
  ];
  const shown = rows.filter(({ labels }) => labels.length > 1);
  const sentences = openSentences(detail);
  if (shown.length === 0 && sentences.length === 0) return null;
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap gap-x-8 gap-y-4">
        {shown.map(({ field, legend, labels, at }) => (
          <PickOne
            key={field}
            legend={legend}
            options={labels.map((label, place) => ({ id: String(place), label }))}
            picked={at === null ? null : String(at)}
            onPick={(id) => change((r) => ({ ...r, picks: { ...r.picks, [field]: id === null ? null : Number(id) } }))}
          />
        ))}
      </div>
      {sentences.map((sentence) => (
        <p key={sentence} className="text-[14px]">
          {sentence}
        </p>
      ))}
    </div>
  );
}
