import * as v from "valibot";
import { MomentSchema, textSchema } from "@/core/kept";
import { VersionVectorSchema, type VersionVector } from "./version-vector";

/** Who wrote a team file, and a sign of its own for each time it was written. */
export const TeamWriterSchema = v.object({
  id: v.pipe(v.string(), v.regex(/^[a-z0-9]{4,16}$/, "4 to 16 small letters and digits")),
  name: textSchema("person"),
  turn: v.pipe(v.string(), v.regex(/^[A-Za-z0-9-]{1,64}$/, "letters, digits and dashes")),
});
export type TeamWriter = v.InferOutput<typeof TeamWriterSchema>;

/** Of every record of the team, by `type/id`, its version; `gone`: it was taken away in that version, and when. */
export const VersionsSchema = v.record(v.string(), v.object({ of: VersionVectorSchema, gone: v.optional(MomentSchema) }));

/** A version as one device knows it. */
export interface KnownVersion {
  /** `type/id` */
  readonly key: string;
  readonly of: VersionVector;
  /** `updatedAt` of the record in that version: another one here is a change of this device; when it was taken away, if it was */
  readonly at: string;
  readonly isGone: boolean;
}

export const versionKey = (name: string, id: string): string => `${name}/${id}`;

/** What a team file says beside its records. */
export interface TeamSection {
  readonly writer: TeamWriter;
  readonly versions: readonly KnownVersion[];
}

/** Versions as the file has them. */
export const toVersions = (versions: readonly KnownVersion[]): v.InferOutput<typeof VersionsSchema> =>
  Object.fromEntries(
    [...versions]
      .sort((a, b) => (a.key < b.key ? -1 : 1))
      .map(({ key, of, at, isGone }) => [key, { of: { ...of }, ...(isGone ? { gone: at } : {}) }]),
  );
