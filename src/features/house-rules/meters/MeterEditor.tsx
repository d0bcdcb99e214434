"use client";
import { useMemo, useState } from "react";
import * as v from "valibot";
import { PickOne } from "@/components/Choice";
import { LineField, NoteField } from "@/components/LineField";
import { DEFAULT_METER } from "@/core/house";
import { guessLines, ProfileSchema, tryProfile, type LineRead, type Profile } from "@/core/meter-line";
import { QUANTITY_IDS } from "@/core/quantity";
import type { MeterRecord } from "@/records";
import { meterInHand, updateMeter } from "@/store/meters";
import { usePending } from "@/store/usePending";
import { FAULT_WORDS } from "../../meter-link/link-words";
import { toMeterSentence } from "../../messages/meter-sentences";
import { MeterRules } from "../MeterRules";
import { CarrierFields } from "./CarrierFields";
import { KeptFigure, KeptNote, type ChangeProfile } from "./KeptFields";
import { PacketField } from "./PacketField";
import { readEach, readPairs, writePairs } from "./word-pairs";

const FUNCTIONS = [...QUANTITY_IDS, "other"] as const;
const MEASURES = [
  { id: "resistance", label: "Ohms" },
  { id: "capacitance", label: "Capacitance" },
  { id: "voltage", label: "Volts" },
  { id: "current", label: "Amps" },
  { id: "insulation", label: "Insulation" },
  { id: "temperature", label: "Temperature" },
  { id: "speed", label: "Speed" },
] as const;
const FRAMINGS = [
  { id: "lines", label: "Lines of text" },
  { id: "packets", label: "Packets of bytes" },
] as const;
const ENDS = [
  { id: "\n", label: "a new line" },
  { id: "\r", label: "a carriage return" },
  { id: ";", label: "a semicolon" },
] as const;

/** How the line of one meter is read. */
export function MeterEditor({ kept }: { kept: MeterRecord }) {
  const [{ profile }, change] = usePending(kept);
  const [pasted, setPasted] = useState("");
  const put: ChangeProfile = (part) =>
    change(
      () => updateMeter(kept.id, (now) => ({ ...now, ...part })),
      (now) => meterInHand(kept.id) ?? now,
    );
  const { framing } = profile;
  return (
    <div className="mt-2 flex flex-col gap-4 border-l-4 border-rule pl-4">
      <LineField label="Name" kind="word" text={profile.name} onText={(name) => put({ name })} />
      <NoteField label="Lines of this meter, as it sends them" rows={4} text={pasted} onText={setPasted} />
      <Tried profile={profile} pasted={pasted} />
      <PickOne
        legend="It sends"
        options={FRAMINGS}
        picked={framing.kind}
        onPick={(kind) => (kind === null || kind === framing.kind ? undefined : put({ framing: kind === "lines" ? LINES : PACKETS }))}
      />
      {framing.kind === "lines" ? (
        <>
          <div className="flex flex-wrap items-end gap-3">
            <div className="min-w-0 flex-1">
              <KeptNote
                label="How a line is built: <value>, <unit>, <function>, and <any> for what does not matter; one way a line"
                text={framing.lines.join("\n")}
                read={(text) => ({ value: readEach(text) })}
                onValue={(lines) => (lines.length > 0 ? put({ framing: { ...framing, lines: lines.slice(0, MOST_LINES) } }) : undefined)}
              />
            </div>
            <button
              type="button"
              className="btn"
              disabled={guessLines(pasted).length === 0}
              onClick={() => put({ framing: { ...framing, lines: guessLines(pasted).slice(0, MOST_LINES) } })}
            >
              Guess it from the lines above
            </button>
          </div>
          <PickOne
            legend="A line ends with"
            options={ENDS}
            picked={framing.end}
            onPick={(end) => (end === null ? undefined : put({ framing: { ...framing, end } }))}
          />
        </>
      ) : (
        <PacketField framing={framing} onFraming={(next) => put({ framing: next })} />
      )}
      <PickOne
        legend="It measures, where its line does not say"
        options={MEASURES}
        picked={MEASURES.find(({ id }) => id === profile.measures)?.id ?? null}
        onPick={(measures) => put({ measures })}
      />
      <details>
        <summary className="link-button">Words of its own, requests</summary>
        <div className="mt-2 grid gap-4 sm:grid-cols-2">
          <KeptNote
            label="Functions: what it says = what it measures"
            text={writePairs(profile.functions)}
            read={(text) => pairs(readPairs(text, FUNCTIONS))}
            onValue={(functions) => put({ functions })}
          />
          <KeptNote
            label="Units: what it says = a usual one"
            text={writePairs(profile.units)}
            read={(text) => pairs(readPairs(text, null))}
            onValue={(units) => put({ units })}
          />
          <KeptNote
            label="Over its range, one word a line"
            text={profile.overload.join("\n")}
            read={(text) => ({ value: readEach(text) })}
            onValue={(overload) => put({ overload })}
          />
          <KeptNote
            label="Requests that are sent in turn, one a line; none: it sends by itself"
            text={profile.requests.join("\n")}
            read={(text) => ({ value: readEach(text) })}
            onValue={(requests) => put({ requests: requests.slice(0, MOST_LINES) })}
          />
          <KeptFigure
            label="Between two of them"
            unit="ms"
            value={profile.everyMs}
            least={40}
            most={10_000}
            onValue={(everyMs) => put({ everyMs })}
          />
        </div>
      </details>
      <CarrierFields profile={profile} onChange={put} />
      <details>
        <summary className="link-button">Its data sheet: {profile.meter ? profile.meter.name : "that of House rules"}</summary>
        <div className="mt-2">
          <MeterRules
            meter={profile.meter ?? DEFAULT_METER}
            onMeter={(make) => {
              const meter = make(profile.meter ?? { ...DEFAULT_METER, name: profile.name });
              put({ meter: meter && ({ id: meter.id, name: meter.name, ranges: meter.ranges } as Profile["meter"]) });
            }}
          />
        </div>
      </details>
    </div>
  );
}

const MOST_LINES = 8;
const LINES: Profile["framing"] = { kind: "lines", end: "\n", lines: ["<value> <unit>"] };
const PACKETS: Profile["framing"] = {
  kind: "packets",
  length: 8,
  head: [],
  check: "none",
  value: { at: 1, bytes: 4, as: "float", order: "little" },
  decimals: 0,
  negative: null,
  overload: null,
  function: null,
  unit: null,
};

const pairs = <Words,>(read: { readonly words: Words } | { readonly problem: string }) => ("words" in read ? { value: read.words } : read);

/** What is read of each line, at once. */
function Tried({ profile, pasted }: { profile: Profile; pasted: string }) {
  const tried = useMemo(() => tryProfile(profile, pasted), [profile, pasted]);
  const isSound = v.is(ProfileSchema, profile);
  if (!tried.ok) return <p className="text-[14px] font-medium text-out">{toMeterSentence(tried.failure)}</p>;
  if (pasted.trim() === "")
    return (
      <p className="caption">Paste a few lines, of ohms, of volts, and of one that is over the range: what is read of each stands here.</p>
    );
  return (
    <table aria-label="What is read of each line" className="w-full text-[14px]">
      <tbody>
        {tried.value.slice(0, MOST_SHOWN).map((read, index) => (
          <tr key={index} className="border-b border-rule-faint">
            <td className="num py-1 pr-4">{read.line.slice(0, 60)}</td>
            <td className="py-1">{readWords(read)}</td>
          </tr>
        ))}
      </tbody>
      {isSound ? null : <caption className="caption">Something of this cannot be kept yet.</caption>}
    </table>
  );
}

const MOST_SHOWN = 20;

function readWords({ shows, fault }: LineRead): string {
  if (shows) return `${MEASURES.find(({ id }) => id === shows.function)?.label ?? "Something else"}: ${shows.display}`;
  return fault ? `Not read: ${FAULT_WORDS[fault]}.` : "Says what it is set to.";
}
