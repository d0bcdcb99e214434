import type { Profile } from "./profile";

const USUAL_SERIAL = { baudRate: 9600, dataBits: 8, stopBits: 1, parity: "none" } as const;

/** A line of a figure, its unit and what the meter is set to, as a person would print it. */
export const PLAIN_PROFILE: Profile = {
  name: "Plain line: value, unit, function",
  carrier: "serial",
  serial: USUAL_SERIAL,
  bluetooth: null,
  bridge: null,
  framing: { kind: "lines", end: "\n", lines: ["<value> <unit> <function>", "<value> <unit>"] },
  measures: null,
  functions: {},
  units: {},
  overload: [],
  requests: [],
  everyMs: 200,
  meter: null,
};

/**
 * A bench meter that is asked what it is set to, and what it reads.
 * @source SCPI-1999, volume 3 (READ?), volume 2 (SENSe:FUNCtion?)
 */
const SCPI_PROFILE: Profile = {
  ...PLAIN_PROFILE,
  name: "SCPI: asked for each figure",
  framing: { kind: "lines", end: "\n", lines: ['"<function>"', "<value>"] },
  requests: ["FUNC?", "READ?"],
};

/** Either by a program on the same machine that speaks with the meter. */
const BRIDGE_PROFILE: Profile = {
  ...PLAIN_PROFILE,
  name: "Plain line from a bridge on this machine",
  carrier: "bridge",
  bridge: { address: "ws://localhost:8765/" },
};

/** Profiles that ship with the program: open standards alone. */
export const SHIPPED_PROFILES: Readonly<Record<string, Profile>> = { plain: PLAIN_PROFILE, scpi: SCPI_PROFILE, bridge: BRIDGE_PROFILE };
