import { stampsIn } from "@/core/exchange/stamps-in";
import { SWAP_TABLE, type PartKind } from "@/core/exchange/swap-table";
import type { StationRecord } from "@/records";
import { database } from "./database";

/** A part that went in, over all cards of some time. */
export interface UsedPart {
  readonly kind: PartKind;
  readonly label: string;
  readonly count: number;
  /** last time, ISO 8601 */
  readonly lastAt: string;
}

const OUT_IN = "/out-in";
type Works = Readonly<Record<string, { readonly pieces?: readonly { readonly label?: unknown }[]; readonly fittedAt?: unknown }>>;

/** Parts a line names: of bearings both ends may stand on it. */
function namesOf(action: string, label: unknown): readonly string[] {
  if (typeof label !== "string" || label.trim() === "") return [];
  return action === "replace-bearings" ? stampsIn(label) : [label];
}

/**
 * What was fitted since a moment, by label, the most used first. Reads the exchanges alone, not the cards.
 * @param since ISO 8601
 */
export async function usedSince(since: string): Promise<readonly UsedPart[]> {
  const db = database();
  const keys = (await db.stations.toCollection().primaryKeys()).filter((key) => key.endsWith(OUT_IN));
  const rows = await db.stations.bulkGet(keys);
  const found = new Map<string, UsedPart>();
  for (const row of rows as (StationRecord | undefined)[]) {
    const works = (row?.data as { works?: Works } | undefined)?.works ?? {};
    const fitted = Object.entries(works).flatMap(([action, { pieces = [], fittedAt }]) =>
      pieces.flatMap(({ label }) => namesOf(action, label).map((name) => ({ action, label: name, fittedAt }))),
    );
    for (const { action, label, fittedAt } of fitted) {
      const spec = SWAP_TABLE[action as keyof typeof SWAP_TABLE] as { readonly kind: PartKind } | undefined;
      if (!spec || typeof fittedAt !== "string" || fittedAt < since) continue;
      const key = `${spec.kind} ${label.trim().toLowerCase()}`;
      const before = found.get(key);
      found.set(key, {
        kind: spec.kind,
        label: before?.label ?? label.trim(),
        count: (before?.count ?? 0) + 1,
        lastAt: before && before.lastAt > fittedAt ? before.lastAt : fittedAt,
      });
    }
  }
  return [...found.values()].sort((a, b) => b.count - a.count || b.lastAt.localeCompare(a.lastAt));
}
