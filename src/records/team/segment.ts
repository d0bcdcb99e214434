import * as v from "valibot";
import { textSchema } from "@/core/kept";
import { fail, ok, type Failure, type Result } from "@/core/result";
import { MAX_FILE_BYTES } from "../file-bounds";
import type { Texts } from "./registers";
import { findNewer, PRESENT_VERSIONS, type RecordVersions } from "../record-kinds";

/*
 * A segment: what one device has changed, written once and never again, named by its content. Lines of JSON, compressed: who
 * wrote it and in which versions, then a document a line with its changes, then photos where the segment travels by itself.
 */

export const DeviceIdSchema = v.pipe(v.string(), v.regex(/^[a-z0-9]{8}$/, "8 small letters and digits"));
export const TeamNameSchema = v.object({ id: DeviceIdSchema, name: textSchema("person") });
export type TeamName = v.InferOutput<typeof TeamNameSchema>;

export const VersionsSchema = v.record(v.string(), v.pipe(v.number(), v.integer(), v.minValue(1)));
const HeaderSchema = v.object({ format: v.literal("vemmick-team-segment"), device: TeamNameSchema, recordVersions: VersionsSchema });
const base64 = v.pipe(v.string(), v.regex(/^[A-Za-z0-9+/]*={0,2}$/, "base64"));
const DocumentLineSchema = v.object({
  document: v.pipe(v.string(), v.regex(/^[a-z]+\/[A-Za-z0-9-]{1,100}$/, "type/id")),
  changes: base64,
  /** of a document whose changes are all of it: its state, and what it says, so that a device without it need not open it */
  whole: v.optional(v.object({ heads: v.array(v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/))), texts: v.record(v.string(), v.string()) })),
  /** names of the photos its records have */
  photos: v.optional(v.array(v.pipe(v.string(), v.maxLength(300)))),
});
const PhotoLineSchema = v.object({ photo: v.pipe(v.string(), v.maxLength(300)), data: v.pipe(v.string(), v.startsWith("data:image/")) });

/** Changes of one document, as one device has made them. */
export interface DocumentChanges {
  readonly document: string;
  readonly changes: Uint8Array;
  readonly photos: readonly string[];
  /** of a document whose changes are all of it */
  readonly whole?: { readonly heads: readonly string[]; readonly texts: Texts };
}

/** A segment as it is read. */
export interface Segment {
  readonly device: TeamName;
  readonly documents: readonly DocumentChanges[];
  readonly photos: ReadonlyMap<string, string>;
  /** lines that cannot be read */
  readonly bad: number;
}

const CHUNK = 0x8000;
function toBase64(bytes: Uint8Array): string {
  let text = "";
  for (let at = 0; at < bytes.length; at += CHUNK) text += String.fromCharCode(...bytes.subarray(at, at + CHUNK));
  return btoa(text);
}
const fromBase64 = (text: string): Uint8Array => Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));

/** Writes a segment. @param photos for one that travels by itself */
export async function writeSegment(
  device: TeamName,
  documents: readonly DocumentChanges[],
  photos: ReadonlyMap<string, string> = new Map(),
): Promise<Blob> {
  const lines = [
    { format: "vemmick-team-segment", device, recordVersions: PRESENT_VERSIONS },
    ...documents.map((each) => ({
      document: each.document,
      changes: toBase64(each.changes),
      ...(each.whole ? { whole: { heads: each.whole.heads, texts: Object.fromEntries(each.whole.texts) } } : {}),
      ...(each.photos.length > 0 ? { photos: each.photos } : {}),
    })),
    ...[...photos].map(([photo, data]) => ({ photo, data })),
  ];
  const text = new Blob([lines.map((line) => `${JSON.stringify(line)}\n`).join("")]);
  return new Response(text.stream().pipeThrough(new CompressionStream("gzip"))).blob();
}

const HEX_IN_NAME = 24;
/** A sign of what is in a file, for its name. */
export async function contentSign(file: Blob): Promise<string> {
  const digest = new Uint8Array(await crypto.subtle.digest("SHA-256", await file.arrayBuffer()));
  return [...digest]
    .map((byte) => byte.toString(16).padStart(2, "0"))
    .join("")
    .slice(0, HEX_IN_NAME);
}

/** The text of a compressed file; null: it is cut short, is none, or is larger than anything this program writes. */
async function inflated(file: Blob): Promise<string | null> {
  const decoder = new TextDecoder();
  let text = "";
  try {
    const reader = file.stream().pipeThrough(new DecompressionStream("gzip")).getReader();
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return text + decoder.decode();
      text += decoder.decode(value as Uint8Array, { stream: true });
      if (text.length > MAX_FILE_BYTES) {
        await reader.cancel();
        return null;
      }
    }
  } catch {
    return null;
  }
}

const parsed = (line: string): unknown => {
  try {
    return JSON.parse(line);
  } catch {
    return null;
  }
};

/**
 * Reads a segment line by line: a line that is no good is counted and left out, the others are taken.
 * @errors 'file-not-json' for what is no segment, or is cut short; 'file-too-large'; 'file-newer' for one of a newer program
 */
export async function readSegment(file: Blob): Promise<Result<Segment, Failure>> {
  if (file.size > MAX_FILE_BYTES) return fail({ code: "file-too-large", bytes: file.size, maxBytes: MAX_FILE_BYTES });
  const lines = (await inflated(file))?.split("\n").filter((line) => line !== "") ?? [];
  const header = v.safeParse(HeaderSchema, parsed(lines[0] ?? ""));
  if (!header.success) return fail({ code: "file-not-json" });
  const newer = findNewer(header.output.recordVersions as RecordVersions);
  if (newer) return fail({ code: "file-newer", ...newer });
  const documents: DocumentChanges[] = [];
  const photos = new Map<string, string>();
  let bad = 0;
  for (const line of lines.slice(1)) {
    const value = parsed(line);
    const [document, photo] = [v.safeParse(DocumentLineSchema, value), v.safeParse(PhotoLineSchema, value)];
    if (document.success) {
      const { changes, photos: names = [], whole } = document.output;
      documents.push({
        document: document.output.document,
        changes: fromBase64(changes),
        photos: names,
        ...(whole ? { whole: { heads: whole.heads, texts: new Map(Object.entries(whole.texts)) } } : {}),
      });
    } else if (photo.success) photos.set(photo.output.photo, photo.output.data);
    else bad += 1;
  }
  return ok({ device: header.output.device, documents, photos, bad });
}
