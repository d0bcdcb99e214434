"use client";
import { lazy, Suspense, useEffect, useRef, useState } from "react";
import { PageLink } from "@/components/PageLink";
import { PLAIN_PROFILE, SHIPPED_PROFILES, type Profile } from "@/core/meter-line";
import type { MeterLink } from "@/devices/meter";
import { useMeters } from "@/store/meters";
import { rememberedMeter, rememberMeter, SIMULATED } from "./remembered";
import { theLink } from "./the-link";
import { simulatedMeter } from "./simulated-meter";
import { linkOf, replayOf } from "./ways";

const Sheet = lazy(() => import("@/components/Sheet"));

const CARRIED: Readonly<Record<Profile["carrier"], string>> = {
  serial: "serial line",
  bluetooth: "Bluetooth",
  bridge: "a bridge on this machine",
};
/** A recording of an hour at five lines a second. */
const MOST_REPLAY_BYTES = 2_000_000;

interface Choice {
  readonly id: string;
  readonly profile: Profile;
}
const SHIPPED: readonly Choice[] = Object.entries(SHIPPED_PROFILES).map(([id, profile]) => ({ id, profile }));

/** Which meter: those of the house, lines by open standards, a recording. */
export function WaysSheet({ hasMotor, onClose }: { hasMotor: boolean; onClose: () => void }) {
  const meters = useMeters();
  const own: readonly Choice[] = meters.state === "ready" ? meters.value : [];
  const { link, signals } = theLink();
  const open = (next: MeterLink | null, id: string | null): void => {
    // In the turn of the press: a browser makes no sound, and opens no port, without one.
    signals.wake();
    if (!next) return;
    rememberMeter(id);
    void link.open(next).then(onClose);
  };
  const all = [...own, ...SHIPPED];
  return (
    <Suspense>
      <Sheet title="Which meter" onClose={onClose}>
        <ul className="flex flex-col">
          {all.map(({ id, profile }) => (
            <Way
              key={id}
              name={profile.name}
              about={`${CARRIED[profile.carrier]}, data sheet of ${profile.meter?.name ?? "House rules"}`}
              isUnset={isUnset(profile)}
              onOpen={() => open(linkOf(profile), id)}
            />
          ))}
          {hasMotor ? (
            <Way
              name="No meter: a simulated motor"
              about="To learn and to try out: marked simulated on the card, on papers and in files, and counted nowhere."
              onOpen={() => open(simulatedMeter(), SIMULATED)}
            />
          ) : null}
        </ul>
        <Replay profiles={all} onOpen={(next) => open(next, null)} />
        <p className="mt-4 text-[14px]">
          A meter that is not here is taught in{" "}
          <PageLink href="/house-rules?rule=meters" className="text-press underline">
            House rules
          </PageLink>
          , from a few lines of it.
        </p>
      </Sheet>
    </Suspense>
  );
}

interface WayProps {
  readonly name: string;
  readonly about: string;
  readonly isUnset?: boolean;
  readonly onOpen: () => void;
}

function Way({ name, about, isUnset: isShut = false, onOpen }: WayProps) {
  return (
    <li className="flex items-center justify-between gap-3 border-b border-rule-faint py-2">
      <span className="min-w-0">
        <b className="block">{name}</b>
        <span className="caption">{about}</span>
      </span>
      <button type="button" className="btn btn-filled" disabled={isShut} onClick={onOpen}>
        Open
      </button>
    </li>
  );
}

/** A way that does not say where the meter is. */
const isUnset = ({ carrier, bluetooth, bridge }: Profile): boolean =>
  (carrier === "bluetooth" && bluetooth === null) || (carrier === "bridge" && bridge === null);

function Replay({ profiles, onOpen }: { profiles: readonly Choice[]; onOpen: (link: MeterLink) => void }) {
  const [by, setBy] = useState("plain");
  const [problem, setProblem] = useState<string | null>(null);
  const profile = profiles.find(({ id }) => id === by)?.profile ?? PLAIN_PROFILE;
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    if (file.size > MOST_REPLAY_BYTES) return setProblem("That is more than an hour of any meter. Choose a shorter recording.");
    const text = await file.text().catch(() => null);
    if (text === null || text.trim() === "") return setProblem("There is nothing in it to play. Choose a text file with a line a figure.");
    setProblem(null);
    onOpen(replayOf(profile, file.name, text));
  };
  return (
    <div className="mt-4 flex flex-wrap items-end gap-3">
      <label className="flex flex-col">
        <span className="caption">A recording, read as</span>
        <select className="write-line" value={by} onChange={(event) => setBy(event.target.value)}>
          {profiles.map(({ id, profile: { name } }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <label className="btn">
        Play a file
        <input
          type="file"
          className="sr-only"
          accept="text/*,.txt,.csv,.log"
          onChange={(event) => {
            theLink().signals.wake();
            void take(event.target.files?.[0]);
          }}
        />
      </label>
      {problem ? (
        <p role="alert" className="basis-full text-[14px] font-medium text-out">
          {problem}
        </p>
      ) : null}
    </div>
  );
}

/** Opens again what this tab had on the line, where nobody need be asked; told once it is tried. */
export function useReopened(isClosed: boolean, hasMotor: boolean): void {
  const meters = useMeters();
  const isTried = useRef(false);
  useEffect(() => {
    if (isTried.current || meters.state !== "ready") return;
    isTried.current = true;
    const id = rememberedMeter();
    const profile = meters.value.find((each) => each.id === id)?.profile ?? SHIPPED.find((each) => each.id === id)?.profile;
    const simulated = id === SIMULATED && hasMotor ? simulatedMeter() : null;
    const known = profile && profile.carrier !== "bluetooth" ? linkOf(profile, true) : simulated;
    if (known && isClosed) void theLink().link.open(known);
  }, [meters, isClosed, hasMotor]);
}
