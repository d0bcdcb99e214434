"use client";
import { PickOne } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import type { WindingsRecord } from "@/core/stations/windings";
import { lazy, Suspense } from "react";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { PlainField } from "../shared/PlainField";
import type { WindingsProps } from "./props";
import { comparisonSentence, hotRunSentence } from "./sentences";
import { pairName } from "./words";

const SistersOnShelf = lazy(() => import("./SistersOnShelf"));

const REFERENCES = [
  { id: "maker", label: "Maker or plate" },
  { id: "sister", label: "Sister motor" },
] as const;

/** What the first known figure is of: a board has a main winding, two halves of one, or a single coil. */
const MAIN_LABELS = { main: "Main winding", half: "Main winding, each half", coil: "The coil" } as const;

/** The windings at one temperature against earlier visits, maker or sister motor; and how hot the winding got. */
export function ComparePanel({ record, assessment, facts, house, change }: WindingsProps) {
  const { detail } = assessment;
  const { compare } = record;
  const set = (part: Partial<WindingsRecord["compare"]>) => change((r) => ({ ...r, compare: { ...r.compare, ...part } }));
  const measured = record.pairs.filter(({ entry }) => entry.reading?.kind === "value" && entry.reading.quantity === "resistance");
  const sections = detail.elements.filter(({ cls }) => cls === "section");
  const mainClass = detail.elements.map(({ cls }) => cls).find((cls) => cls === "half" || cls === "coil");
  const sentences = [
    ...detail.comparisons.map((found) => comparisonSentence(found, detail.names)),
    ...(detail.hotRun ? [hotRunSentence(detail.hotRun, detail.names)] : []),
  ];
  return (
    <FieldFlow className="beside-pad">
      <div className="flex min-w-0 flex-col gap-5">
        <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
          <EntryField
            label="Winding temperature"
            quantity="temperature"
            entry={compare.temperature}
            house={house}
            onEntry={(temperature) => set({ temperature })}
          />
        </div>
        <fieldset className="flex flex-col gap-3">
          <legend className="heading-rule w-full text-[15px]">Known figures</legend>
          <PickOne legend="Whose" options={REFERENCES} picked={compare.referenceOf} onPick={(referenceOf) => set({ referenceOf })} />
          {compare.referenceOf === "sister" ? (
            <Suspense>
              <SistersOnShelf facts={facts} house={house} onTake={set} />
            </Suspense>
          ) : null}
          <div className="grid grid-cols-3 gap-4">
            <PlainField
              label={MAIN_LABELS[mainClass ?? "main"]}
              field="windingOhm"
              text={compare.referenceMain}
              onText={(referenceMain) => set({ referenceMain })}
            />
            {mainClass === "coil" ? null : (
              <PlainField
                label="Start winding"
                field="windingOhm"
                text={compare.referenceStart}
                onText={(referenceStart) => set({ referenceStart })}
              />
            )}
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
            <PlainField
              label="At"
              field="windingTemperature"
              example="20"
              text={compare.referenceC}
              onText={(referenceC) => set({ referenceC })}
            />
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
            <EntryField label="Reads hot" quantity="resistance" entry={compare.hot} house={house} onEntry={(hot) => set({ hot })} />
            <EntryField
              label="Air around it"
              quantity="temperature"
              entry={compare.ambient}
              house={house}
              onEntry={(ambient) => set({ ambient })}
            />
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
