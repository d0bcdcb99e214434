"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { NoteField } from "@/components/LineField";
import { formatQuantity, takeReading, type Entry } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import type { InstrumentProps, StationView } from "../contract";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";

type Detail = ReturnType<(typeof STATIONS)["frame"]["assess"]>["detail"];

const LEADS = [0, 1, 2] as const;
const nameOf = (detail: Detail, lead: 0 | 1 | 2): string => detail.leadNames[lead].trim() || `lead ${lead + 1}`;
const replaceAt = (items: readonly [Entry | null, Entry | null, Entry | null], index: number, item: Entry | null) =>
  items.map((old, at) => (at === index ? item : old)) as [Entry | null, Entry | null, Entry | null];

function sentences(detail: Detail): string[] {
  const worst = detail.worst
    ? `${nameOf(detail, detail.worst.lead)} reads ${formatQuantity("resistance", detail.worst.ohm)} to the frame`
    : "";
  switch (detail.state) {
    case "not-done":
      return ["Each lead to bare metal; scratch through the paint. Any ohms at all is a ground fault."];
    case "some":
      return [`${detail.measured} of 3 measured, no path so far.`];
    case "clear":
      return [
        "OL on all three: no path an ohmmeter can see.",
        "That does not prove the insulation; only an insulation test at 500 V does.",
      ];
    case "leaks":
      return [`${worst}: above the limit for an ohmmeter, but not OL. Damp or dirt; dry it, and settle it with an insulation test.`];
    case "grounded":
      return [
        `${worst}: a ground fault. The motor is finished, and tripping is explained.`,
        ...(detail.isWorthRepeating
          ? ["A reading this high can be fingers on the tips or damp: measure once more with fingers off before it is condemned."]
          : []),
      ];
  }
}

function Instrument({ record, assessment, house, change }: InstrumentProps<"frame", Detail>) {
  const { detail } = assessment;
  const isEmpty = record.readings.every((entry) => entry === null);
  return (
    <FieldFlow className="flex flex-col gap-5">
      <div className="grid gap-6 lg:grid-cols-[1fr_246px]">
        <div className="flex flex-col gap-5">
          <div className="grid grid-cols-3 gap-4 max-lg:order-last">
            {LEADS.map((lead) => (
              <EntryField
                key={lead}
                label={`${nameOf(detail, lead)} to frame`}
                quantity="resistance"
                entry={record.readings[lead]}
                house={house}
                isAutoFocused={lead === 0 && isEmpty}
                onEntry={(entry) => change((r) => ({ ...r, readings: replaceAt(r.readings, lead, entry) }))}
              />
            ))}
          </div>
          {isEmpty ? (
            <button
              type="button"
              className="btn self-start"
              onClick={() => {
                const open = takeReading("OL", "resistance", house.meter, new Date().toISOString()).entry;
                change((r) => ({ ...r, readings: [open, open, open] }));
              }}
            >
              All three read OL
            </button>
          ) : null}
          <Verdict assessment={assessment} word={detail.state === "grounded" ? "Ground fault" : null} sentences={sentences(detail)} />
        </div>
        <KeyPad extras={PAD_EXTRAS.resistance} />
      </div>
      <NoteField label="Note" text={record.note} rows={1} onText={(note) => change((r) => ({ ...r, note }))} />
    </FieldFlow>
  );
}

export const frameView: StationView<"frame", Detail> = {
  title: "To the frame",
  letter: "f",
  brief: ({ detail, stamp }) =>
    stamp === "not-done" && detail.measured > 0 ? `${detail.measured} of 3` : detail.state === "grounded" ? "Grounded" : null,
  say: (record, { detail }) => {
    if (detail.measured === 0) return [];
    const readings = LEADS.filter((lead) => record.readings[lead]?.reading).map(
      (lead) => `${nameOf(detail, lead)} ${record.readings[lead]?.text ?? ""}`,
    );
    return [`To the frame: ${readings.join(", ")}.`, ...sentences(detail), ...(record.note.trim() ? [record.note.trim()] : [])];
  },
  Instrument,
};
