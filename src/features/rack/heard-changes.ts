import type { Complaint } from "@/core/trade";
import type { Hearing } from "@/core/diagnosis";

/** What a person changed of how the open line was understood. */
export interface HeardChanges {
  readonly struck: readonly Complaint[];
  readonly added: readonly Complaint[];
}
export const NO_CHANGES: HeardChanges = { struck: [], added: [] };

/** Before anything was heard. */
export const NOTHING_HEARD: Hearing = { heard: [], denied: [], asks: [], unheard: [] };

/** Complaints that the card starts with: what was heard, less what was struck, and what was added. */
export function complaintsOf({ heard }: Hearing, { struck, added }: HeardChanges): readonly Complaint[] {
  return [...new Set([...heard.filter((complaint) => !struck.includes(complaint)), ...added])];
}
