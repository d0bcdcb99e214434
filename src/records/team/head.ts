import * as v from "valibot";
import { signOf } from "@/core/kept";
import { fail, ok, type Failure, type Result } from "@/core/result";
import { findNewer, PRESENT_VERSIONS, type RecordVersions } from "../record-kinds";
import { DeviceIdSchema, TeamNameSchema, VersionsSchema, type TeamName } from "./segment";

const SegmentFileSchema = v.pipe(v.string(), v.regex(/^team-[a-z0-9]{8}-[0-9a-f]{24}\.jsonl\.gz$/, "the name of a segment"));
const ListedSchema = v.object({
  file: SegmentFileSchema,
  bytes: v.pipe(v.number(), v.integer(), v.minValue(1)),
  /** segments whose changes are all in this one: who has read them need not read it */
  of: v.pipe(v.array(SegmentFileSchema), v.maxLength(5000)),
});
/** A segment as its device's head lists it. */
export type Listed = v.InferOutput<typeof ListedSchema>;

const HeadSchema = v.object({
  format: v.literal("vemmick-team"),
  device: TeamNameSchema,
  /** a sign of its own for each time its device began to write under this name */
  turn: v.pipe(v.string(), v.regex(/^[A-Za-z0-9-]{1,64}$/, "letters, digits and dashes")),
  at: v.pipe(v.string(), v.maxLength(40)),
  recordVersions: VersionsSchema,
  segments: v.pipe(v.array(ListedSchema), v.maxLength(5000)),
  /** of each other device, the sign of the segments it had when all of them had been read */
  read: v.record(DeviceIdSchema, v.pipe(v.string(), v.maxLength(40))),
});
export type Head = v.InferOutput<typeof HeadSchema>;

/** A head is small: what is larger is none. */
const MOST_HEAD_BYTES = 4_000_000;

/** A sign of what a device has written: the same as long as it has written nothing new. */
export const stateOf = (segments: readonly Pick<Listed, "file">[]): string =>
  signOf(
    segments
      .map(({ file }) => file)
      .sort()
      .join(" "),
  );

export const writeHead = (device: TeamName, { turn, at, segments, read }: Pick<Head, "turn" | "at" | "segments" | "read">): Blob =>
  new Blob(
    [JSON.stringify({ format: "vemmick-team", device, turn, at, recordVersions: PRESENT_VERSIONS, segments, read } satisfies Head)],
    {
      type: "application/json",
    },
  );

/**
 * Reads what a device lists.
 * @errors 'file-too-large' before anything is read; 'file-not-json' for what is no head, or is cut short; 'file-newer'
 */
export async function readHead(file: Blob): Promise<Result<Head, Failure>> {
  if (file.size > MOST_HEAD_BYTES) return fail({ code: "file-too-large", bytes: file.size, maxBytes: MOST_HEAD_BYTES });
  try {
    const parsed = v.safeParse(HeadSchema, JSON.parse(await file.text()));
    if (!parsed.success) return fail({ code: "file-not-json" });
    const newer = findNewer(parsed.output.recordVersions as RecordVersions);
    return newer ? fail({ code: "file-newer", ...newer }) : ok(parsed.output);
  } catch {
    return fail({ code: "file-not-json" });
  }
}

/** Names of a team's files. Persisted: others look for them. */
export const headFileOf = (device: string): string => `team-${device}.head.json`;
export const segmentFileOf = (device: string, sign: string): string => `team-${device}-${sign}.jsonl.gz`;
export const wholeFileOf = (device: string): string => `team-${device}-all.jsonl.gz`;
export const photoFileOf = (photo: string): string => `team-photo-${photo.slice(photo.lastIndexOf("/") + 1)}.txt`;
/** The one file of everything that earlier programs wrote. */
export const oldFileOf = (device: string): string => `team-${device}.vemmick.json`;

/** Device of a head, by the name of the file; null: it is none. */
export const deviceOfHead = (name: string): string | null => /^team-([a-z0-9]{8})\.head\.json$/.exec(name)?.[1] ?? null;
/** Device of a file of an earlier program, by its name; null: it is none. */
export const deviceOfOldFile = (name: string): string | null => /^team-([a-z0-9]{4,16})\.vemmick\.json$/.exec(name)?.[1] ?? null;
