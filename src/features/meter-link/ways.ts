import type { Profile } from "@/core/meter-line";
import { bluetoothWire, bridgeWire, profiledLink, replayWire, serialWire, type MeterLink, type MeterWire } from "@/devices/meter";

const nowMs = (): number => performance.now();

function wireOf({ carrier, serial, bluetooth, bridge }: Profile, isKnown: boolean): MeterWire | null {
  switch (carrier) {
    case "serial":
      return serialWire(serial, isKnown);
    case "bluetooth":
      return bluetooth && bluetoothWire(bluetooth);
    case "bridge":
      return bridge && bridgeWire(bridge.address);
  }
}

/**
 * The way to a meter that its profile says.
 * @param isKnown take the port that was chosen before, and ask nobody
 * @returns null: the profile does not say where it is
 */
export function linkOf(profile: Profile, isKnown = false): MeterLink | null {
  const wire = wireOf(profile, isKnown);
  return wire && profiledLink(profile, wire, nowMs);
}

/** A recording, played as the line of a meter. */
export function replayOf(profile: Profile, name: string, text: string): MeterLink {
  const end = profile.framing.kind === "lines" ? profile.framing.end : "";
  const link = profiledLink({ ...profile, requests: [] }, replayWire(text, profile.everyMs, end), nowMs);
  return { ...link, name };
}
