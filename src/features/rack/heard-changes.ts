import type { Complaint } from "@/core/trade";
import type { Hearing } from "@/core/hearing";
import type { AlsoTold } from "@/store/create-traveller";
import type { KnownPlace } from "@/store/known-place";

/** What the sentence told beside complaints, by the id of its chip. */
export type ToldId = Hearing["course"][number] | Hearing["after"][number] | "machine" | "drive" | "place";

/** What a person changed of how the open line was understood. */
export interface HeardChanges {
  readonly struck: readonly Complaint[];
  readonly added: readonly Complaint[];
  /** of what was told beside complaints */
  readonly struckTold: readonly ToldId[];
}
export const NO_CHANGES: HeardChanges = { struck: [], added: [], struckTold: [] };

/** Before anything was heard. */
export const NOTHING_HEARD: Hearing = {
  heard: [],
  denied: [],
  over: [],
  guessed: [],
  asks: [],
  course: [],
  after: [],
  machineKind: null,
  drive: null,
  told: [],
  unheard: [],
};

/** Complaints that the card starts with: what was heard, less what was struck, and what was added. */
export function complaintsOf({ heard }: Hearing, { struck, added }: HeardChanges): readonly Complaint[] {
  return [...new Set([...heard.filter((complaint) => !struck.includes(complaint)), ...added])];
}

/** What the card starts with beside complaints, less what was struck. */
export function toldOf(hearing: Hearing, place: KnownPlace | null, { struckTold }: HeardChanges): AlsoTold {
  const stays = (id: ToldId): boolean => !struckTold.includes(id);
  return {
    course: hearing.course.filter(stays),
    after: hearing.after.filter(stays),
    machineKind: stays("machine") ? hearing.machineKind : null,
    drive: stays("drive") ? hearing.drive : null,
    ...(place && stays("place") ? place : {}),
  };
}
