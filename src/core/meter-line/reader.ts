import { fail, ok, type Failure, type Result } from "../result";
import type { MeterFunction } from "./functions";
import { frameNext, NO_FRAMING, type Frame, type Framing } from "./framing";
import { readPacket } from "./packet";
import type { Profile } from "./profile";
import { toShown, type LineFault, type MeterShows } from "./shown";
import { partsOf, toTemplate, type LineTemplate } from "./template";

/** One line as it came, and what is read of it. */
export interface LineRead {
  /** as text; of a packet its bytes */
  readonly line: string;
  readonly shows: MeterShows | null;
  /** null: it was read, or only said what the meter is set to */
  readonly fault: LineFault | null;
}

/** How the reading of a meter's line stands. */
export interface LineReader {
  readonly profile: Profile;
  readonly templates: readonly LineTemplate[];
  readonly framing: Framing;
  /** what a line said that the meter is set to */
  readonly set: MeterFunction | null;
}

/** What bytes that came gave. */
export interface AfterBytes {
  readonly reader: LineReader;
  readonly lines: readonly LineRead[];
  readonly isTooLong: boolean;
}

/**
 * Makes a profile ready to read a line.
 * @param profile how its line is built
 * @returns a reader to which nothing has come yet
 * @errors those of toTemplate; 'profile-no-value' where no line has a figure; 'profile-no-function' where nothing says what is measured
 */
export function beginReading(profile: Profile): Result<LineReader, Failure> {
  const { framing, overload, measures } = profile;
  const begun = { profile, framing: NO_FRAMING, set: null };
  if (framing.kind === "packets") {
    const says = measures !== null || framing.function !== null || framing.unit !== null;
    return says ? ok({ ...begun, templates: [] }) : fail({ code: "profile-no-function" });
  }
  const templates: LineTemplate[] = [];
  for (const line of framing.lines) {
    const template = toTemplate(line, overload);
    if (!template.ok) return template;
    templates.push(template.value);
  }
  const has = (group: "value" | "unit" | "function"): boolean => templates.some(({ names }) => names.includes(group));
  if (!has("value")) return fail({ code: "profile-no-value" });
  if (measures === null && !has("unit") && !has("function")) return fail({ code: "profile-no-function" });
  return ok({ ...begun, templates });
}

/** Bytes as a person can read them: what is no sign stands as a dot. */
const asText = (frame: Frame): string => new TextDecoder("utf-8").decode(frame).replace(/[\u0000-\u001f\u007f\ufffd]/g, "·");
const asBytes = (frame: Frame): string => [...frame].map((byte) => byte.toString(16).padStart(2, "0")).join(" ");

/** Reads one line or packet. */
function readFrame({ profile, templates, set }: LineReader, frame: Frame): { read: LineRead; set: MeterFunction | null } {
  const isPacket = profile.framing.kind === "packets";
  const line = isPacket ? asBytes(frame) : new TextDecoder("utf-8").decode(frame).trim();
  const parts = profile.framing.kind === "packets" ? readPacket(frame, profile.framing) : partsOf(templates, line);
  const kept = isPacket ? line : asText(frame).replace(/^[·\s]+|[·\s]+$/g, "");
  if (parts === null) return { read: { line: kept, shows: null, fault: "unmatched" }, set };
  const words = isPacket ? { ...profile, functions: { ...OF_PACKETS, ...profile.functions } } : profile;
  const shown = toShown(parts, words, set);
  if (!("fault" in shown)) return { read: { line: kept, shows: shown, fault: null }, set };
  const isSetOnly = shown.fault === "set-only";
  return { read: { line: kept, shows: null, fault: isSetOnly ? null : shown.fault }, set: isSetOnly ? shown.function : set };
}

/** A packet's codes stand for what is measured itself. */
const OF_PACKETS: Readonly<Record<string, MeterFunction>> = {
  resistance: "resistance",
  capacitance: "capacitance",
  current: "current",
  voltage: "voltage",
  temperature: "temperature",
  insulation: "insulation",
  speed: "speed",
  duration: "duration",
  other: "other",
};

/**
 * Reads what comes over a line, in whatever pieces it comes.
 * @param reader how it stood
 * @param bytes what came
 * @returns how it stands, and every line that is whole with what is read of it
 */
export function readBytes(reader: LineReader, bytes: Uint8Array): AfterBytes {
  const { framing, frames, isTooLong } = frameNext(reader.framing, bytes, reader.profile.framing);
  let { set } = reader;
  const lines = frames.flatMap((frame) => {
    const after = readFrame({ ...reader, set }, frame);
    set = after.set;
    return after.read.line === "" ? [] : [after.read];
  });
  return { reader: { ...reader, framing, set }, lines, isTooLong };
}

const HEX = /^(?:[0-9a-f]{2}[\s,]*)+$/i;
/** A packet as it was copied, in hexadecimal; none where it is no bytes. */
const bytesIn = (line: string): readonly number[] =>
  HEX.test(line) ? (line.match(/[0-9a-f]{2}/gi) ?? []).map((byte) => Number.parseInt(byte, 16)) : [];

/**
 * Tries a profile on what was copied from a meter's line.
 * @param profile how its line is built
 * @param pasted lines as text; packets in hexadecimal, one a line
 * @returns what is read of each line, in their order
 * @errors those of beginReading
 */
export function tryProfile(profile: Profile, pasted: string): Result<readonly LineRead[], Failure> {
  const begun = beginReading(profile);
  if (!begun.ok) return begun;
  let reader = begun.value;
  const end = profile.framing.kind === "lines" ? profile.framing.end : null;
  const lines = pasted
    .split(/\r\n|\r|\n/)
    .map((line) => line.trim())
    .filter((line) => line !== "");
  return ok(
    lines.flatMap((line): readonly LineRead[] => {
      const after = readBytes(reader, end === null ? new Uint8Array(bytesIn(line)) : new TextEncoder().encode(line + end));
      reader = after.reader;
      return after.lines.length > 0 ? after.lines : [{ line, shows: null, fault: "unmatched" }];
    }),
  );
}
