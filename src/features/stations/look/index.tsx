"use client";
import { TickList } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { NoteField } from "@/components/LineField";
import type { STATIONS } from "@/core/stations";
import { SIGN_IDS, SIGNS, type Sign } from "@/core/stations/look";
import type { InstrumentProps, StationView } from "../contract";
import { Verdict } from "../shared/Verdict";

type Detail = ReturnType<(typeof STATIONS)["look"]["assess"]>["detail"];

const SIGN_WORDS: Record<Sign, string> = {
  "capacitor-bulged": "Capacitor bulged or vented",
  "capacitor-leaking": "Capacitor leaking",
  "capacitor-terminal-burnt": "Capacitor terminal burnt",
  "varnish-burnt": "Winding varnish burnt",
  "lead-loose": "Lead or connector loose",
  "lead-burnt": "Lead or connector burnt",
  "cover-not-seated": "End cover not seated",
  "cover-cracked": "End cover cracked",
  "guard-missing": "Guard missing",
  "interlock-defeated": "Interlock found defeated",
  "dust-clogged": "Clogged with dust",
  "wheel-fouled": "Wheel fouled or rubbing",
  "oil-or-wax": "Oil or wax",
  "smell-burnt": "Burnt varnish",
  "smell-electric": "Hot electrics",
};

const optionsOf = (sense: "seen" | "smelt") =>
  SIGN_IDS.filter((id) => SIGNS[id].sense === sense).map((id) => ({ id, label: SIGN_WORDS[id] }));
const SEEN = optionsOf("seen");
const SMELT = optionsOf("smelt");

const CONSEQUENCES: Partial<Record<Sign, string>> = {
  "cover-not-seated":
    "A cover that is not seated never presses the start switch: it looks like a dead motor. Seat it before anything is bought.",
  "capacitor-bulged": "A bulged or vented capacitor needs no meter: it is finished.",
  "interlock-defeated": "Note it in the report. It is not to be defeated again; the owner decides with a licensed person.",
  "guard-missing": "No run test before a guard is on.",
};

function sentences(detail: Detail): string[] {
  if (detail.state === "clean") return ["Nothing to see or smell. That alone clears no part."];
  if (detail.state === "not-done") return ["Look before you touch: leads, capacitor, cover, guards, varnish, dust; then smell."];
  return [`${detail.signs.map((sign) => SIGN_WORDS[sign]).join(", ")}.`, ...detail.signs.flatMap((sign) => CONSEQUENCES[sign] ?? [])];
}

function Instrument({ record, assessment, change }: InstrumentProps<"look", Detail>) {
  const toggle = (id: Sign) =>
    change((r) => ({
      ...r,
      nothingFound: false,
      signs: r.signs.includes(id) ? r.signs.filter((other) => other !== id) : [...r.signs, id],
    }));
  return (
    <FieldFlow className="flex flex-col gap-5">
      <label className="flex min-h-[44px] items-center gap-3 border-b border-rule-faint text-[16px] font-semibold">
        <input
          type="checkbox"
          className="h-5 w-5 accent-press"
          checked={record.nothingFound}
          onChange={() => change((r) => ({ ...r, nothingFound: !r.nothingFound, signs: r.nothingFound ? r.signs : [] }))}
        />
        Looked and smelt: nothing found
      </label>
      <TickList legend="Seen" options={SEEN} ticked={record.signs} onToggle={toggle} />
      <TickList legend="Smelt" options={SMELT} ticked={record.signs} onToggle={toggle} />
      <NoteField label="Note" text={record.note} onText={(note) => change((r) => ({ ...r, note }))} />
      <Verdict assessment={assessment} word={brief(assessment.detail)} sentences={sentences(assessment.detail)} />
    </FieldFlow>
  );
}

const brief = (detail: Detail): string | null =>
  detail.state === "clean"
    ? "Clean"
    : detail.signs.length > 0
      ? `${detail.signs.length} ${detail.signs.length === 1 ? "sign" : "signs"}`
      : null;

export const lookView: StationView<"look", Detail> = {
  title: "Look and smell",
  letter: "l",
  brief: ({ detail }) => brief(detail),
  say: (record, { detail }) => [
    ...(detail.state === "not-done" ? [] : sentences(detail)),
    ...(record.note.trim() ? [record.note.trim()] : []),
  ],
  Instrument,
};
