import type { Deed } from "@/core/learnt";
import type { TravellerId } from "@/records";
import type { Summary } from "./summary";

/**
 * What a card tells of the house's own work, apart from the rest of its summary: what was learnt is asked of all cards at
 * once, and a summary is twenty times as long.
 */
export interface DeedRow extends Pick<Summary, "createdAt" | "finishedAt" | "callbackOf" | "isDemo"> {
  readonly id: TravellerId;
  readonly deed: Deed | null;
}

/** What goes beside a summary. */
export const toDeedRow = ({ id, createdAt, finishedAt, callbackOf, isDemo, line }: Summary): DeedRow => ({
  id,
  createdAt,
  finishedAt,
  callbackOf,
  isDemo,
  deed: line?.deed ?? null,
});
