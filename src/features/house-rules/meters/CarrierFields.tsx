"use client";
import { useState } from "react";
import * as v from "valibot";
import { PickOne } from "@/components/Choice";
import { LineField } from "@/components/LineField";
import { ProfileSchema, type Profile } from "@/core/meter-line";
import { KeptFigure, KeptText, type ChangeProfile } from "./KeptFields";

const CARRIERS = [
  { id: "serial", label: "Serial line" },
  { id: "bluetooth", label: "Bluetooth" },
  { id: "bridge", label: "A bridge on this machine" },
] as const;
const PARITIES = [
  { id: "none", label: "None" },
  { id: "even", label: "Even" },
  { id: "odd", label: "Odd" },
] as const;
const BITS = [
  { id: "8", label: "8" },
  { id: "7", label: "7" },
] as const;
const NO_BLUETOOTH = { service: "", tells: "", hears: null };

interface CarrierFieldsProps {
  readonly profile: Profile;
  readonly onChange: ChangeProfile;
}

/** What carries its line, with the settings of that way. */
export function CarrierFields({ profile, onChange }: CarrierFieldsProps) {
  const { carrier, serial } = profile;
  return (
    <div className="flex flex-col gap-4">
      <PickOne
        legend="It comes by"
        options={CARRIERS}
        picked={carrier}
        onPick={(next) =>
          next === null
            ? undefined
            : onChange({ carrier: next, ...(next === "bridge" && profile.bridge === null ? { bridge: { address: FIRST_BRIDGE } } : {}) })
        }
      />
      {carrier === "serial" ? (
        <div className="flex flex-wrap items-end gap-x-8 gap-y-4">
          <div className="w-40">
            <KeptFigure
              label="Speed"
              unit="baud"
              value={serial.baudRate}
              least={50}
              most={4_000_000}
              onValue={(baudRate) => onChange({ serial: { ...serial, baudRate } })}
            />
          </div>
          <PickOne
            legend="Bits"
            options={BITS}
            picked={serial.dataBits === 7 ? "7" : "8"}
            onPick={(bits) => (bits === null ? undefined : onChange({ serial: { ...serial, dataBits: bits === "7" ? 7 : 8 } }))}
          />
          <PickOne
            legend="Parity"
            options={PARITIES}
            picked={serial.parity}
            onPick={(parity) => (parity === null ? undefined : onChange({ serial: { ...serial, parity } }))}
          />
        </div>
      ) : null}
      {carrier === "bluetooth" ? <BluetoothFields profile={profile} onChange={onChange} /> : null}
      {carrier === "bridge" ? (
        <KeptText
          label="Address on this machine"
          example={FIRST_BRIDGE}
          text={profile.bridge?.address ?? ""}
          problem="Type an address of this machine, for example ws://localhost:8765/"
          isRight={(address) => v.is(ProfileSchema.entries.bridge, { address })}
          onText={(address) => onChange({ bridge: { address } })}
        />
      ) : null}
    </div>
  );
}

const FIRST_BRIDGE = "ws://localhost:8765/";

const IDS = [
  { part: "service", label: "Service" },
  { part: "tells", label: "Characteristic that tells" },
  { part: "hears", label: "Characteristic that is written to, where there is one" },
] as const;

/** Ids of a Bluetooth meter: kept together, once all of them are right. */
function BluetoothFields({ profile, onChange }: CarrierFieldsProps) {
  const [draft, setDraft] = useState<Record<(typeof IDS)[number]["part"], string | null>>(profile.bluetooth ?? NO_BLUETOOTH);
  const isId = (text: string | null): boolean =>
    text !== null && v.is(ProfileSchema.entries.bluetooth, { service: text, tells: text, hears: null });
  return IDS.map(({ part, label }) => (
    <LineField
      key={part}
      label={label}
      isFigure
      text={draft[part] ?? ""}
      problem={(draft[part] ?? "") === "" || isId(draft[part]) ? null : "Type four hex digits, or the whole id with its dashes."}
      onText={(text) => {
        const next = { ...draft, [part]: text.trim() === "" && part === "hears" ? null : text.trim() };
        setDraft(next);
        if (v.is(ProfileSchema.entries.bluetooth, next)) onChange({ bluetooth: next as Profile["bluetooth"] });
      }}
    />
  ));
}
