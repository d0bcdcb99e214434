"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import type { WindingsRecord } from "@/core/stations/windings";
import { lazy, Suspense } from "react";
import { PAD_EXTRAS } from "@/features/form/reading";
import { Verdict } from "../shared/Verdict";
import { PlainField } from "@/features/form/PlainField";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";
import type { WindingsProps } from "./props";
import { comparisonSentence, hotRunSentence } from "./sentences";
import { pairName } from "./words";

const SistersOnShelf = lazy(() => import("./SistersOnShelf"));

/** The windings at one temperature against earlier visits, maker or sister motor; and how hot the winding got. */
export function ComparePanel(props: WindingsProps) {
  const { record, assessment, facts, house, change } = props;
  const { detail } = assessment;
  const { compare } = record;
  const set = (part: Partial<WindingsRecord["compare"]>) => change((r) => ({ ...r, compare: { ...r.compare, ...part } }));
  const measured = record.pairs.filter(({ entry }) => entry.reading?.kind === "value" && entry.reading.quantity === "resistance");
  const sections = detail.elements.filter(({ cls }) => cls === "section");
  const sentences = [
    ...detail.comparisons.map((found) => comparisonSentence(found, detail.names)),
    ...(detail.hotRun ? [hotRunSentence(detail.hotRun, detail.names)] : []),
  ];
  return (
    <FieldFlow className="beside-pad">
      <div className="flex min-w-0 flex-col gap-5">
        <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
          <Fields of={ROWS} show={["compare.temperature"]} given={props} />
        </div>
        <fieldset className="flex flex-col gap-3">
          <legend className="heading-rule w-full text-[15px]">Known figures</legend>
          <Fields of={ROWS} show={["compare.referenceOf"]} given={props} />
          {compare.referenceOf === "sister" ? (
            <Suspense>
              <SistersOnShelf facts={facts} house={house} onTake={set} />
            </Suspense>
          ) : null}
          <div className="grid grid-cols-3 gap-4">
            <Fields of={ROWS} show={["compare.referenceMain", "compare.referenceStart"]} given={props} />
            {sections.map((section, index) => (
              <PlainField
                key={section.to}
                label={`${pairName(detail.names, section.posts)}, between speeds`}
                field="windingOhm"
                text={compare.referenceSections[index] ?? ""}
                onText={(text) =>
                  set({ referenceSections: sections.map((_, at) => (at === index ? text : (compare.referenceSections[at] ?? ""))) })
                }
              />
            ))}
            <Fields of={ROWS} show={["compare.referenceC"]} given={props} />
          </div>
        </fieldset>
        <fieldset className="flex flex-col gap-3">
          <legend className="heading-rule w-full text-[15px]">Just after a run, power off and proven dead again</legend>
          <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
            <label className="min-w-0">
              <span className="caption block">Pair</span>
              <select
                className="write-line text-[16px]"
                value={(compare.hotPair ?? [measured[0]?.a, measured[0]?.b]).join()}
                onChange={(event) => {
                  const [a = 0, b = 1] = event.target.value.split(",").map(Number);
                  set({ hotPair: [a, b] });
                }}
              >
                {measured.map(({ a, b }) => (
                  <option key={`${a},${b}`} value={`${a},${b}`}>
                    {pairName(detail.names, [a, b])}
                  </option>
                ))}
              </select>
            </label>
            <Fields of={ROWS} show={["compare.hot", "compare.ambient"]} given={props} />
          </div>
        </fieldset>
        <Verdict
          assessment={assessment}
          sentences={
            sentences.length > 0
              ? sentences
              : ["Key the winding's temperature; earlier visits to this motor are compared by themselves, winding by winding."]
          }
        />
      </div>
      <KeyPad extras={PAD_EXTRAS.temperature} />
    </FieldFlow>
  );
}
