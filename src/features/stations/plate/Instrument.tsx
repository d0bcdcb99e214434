"use client";
import { lazy, Suspense } from "react";
import { PickOne } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { WorkingButton } from "@/features/working/WorkingButton";
import type { InstrumentProps } from "../../station/contract";
import { SlipLine } from "@/features/form/SlipLine";
import type { InsulationClass } from "@/core/trade";
import { ROWS } from "./fields";
import { Fields } from "@/features/form/Fields";
import { CLASS_WORDS, connectionWords, DUTIES, openSentences, type Detail } from "./words";

/* The fields stand at once; what reads them from a photo comes right behind. */
const PlatePhoto = lazy(() => import("./PlatePhoto"));

export default function Instrument(props: InstrumentProps<"plate", Detail>) {
  const { record, assessment, change } = props;
  const { detail } = assessment;
  return (
    <FieldFlow className="flex flex-col gap-5">
      <div className="min-h-[44px]">
        <Suspense>
          <PlatePhoto record={record} change={change} />
        </Suspense>
      </div>
      <Fields of={ROWS} show={["motorType"]} given={props} />
      <Fields
        of={ROWS}
        show={["volts", "hertz", "amps", "rpm", "power", "age", "capacitor", "secondCapacitor"]}
        given={props}
        in="three-columns"
      />
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
      <Fields of={ROWS} show={["sort"]} given={props} />
      <Choices detail={detail} change={change} />
      <Fields of={ROWS} show={["machineKind", "drive", "burnsGas"]} given={props} />
      <div className="flex flex-wrap gap-x-8 gap-y-4">
        <PickOne
          legend="Insulation class"
          options={(Object.keys(CLASS_WORDS) as InsulationClass[]).map((id) => ({ id, label: CLASS_WORDS[id] }))}
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
        <Fields of={ROWS} show={["maker", "model", "partNumber", "serial"]} given={props} />
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
