import type { Part } from "@/records";
import type { UsedPart } from "@/store/used-parts";

/** One line of the list to buy. */
export interface ToBuy {
  readonly label: string;
  readonly used: number;
  readonly there: number;
  readonly lowest: number;
  readonly buy: number;
}

const sameLabel = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();

/**
 * What to buy: where less is there than was used in the time, or than is to be held; the most missing first.
 * Lines of one part at several places count together.
 */
export function listToBuy(used: readonly UsedPart[], parts: readonly Part[]): readonly ToBuy[] {
  const usable = parts.filter(({ state }) => state !== "for-parts");
  const labels = [...used.map(({ kind, label }) => ({ kind, label })), ...usable.filter(({ lowest }) => lowest > 0)];
  const rows = labels.flatMap(({ kind, label }, index): ToBuy[] => {
    if (labels.findIndex((each) => each.kind === kind && sameLabel(each.label, label)) !== index) return [];
    const lines = usable.filter((part) => part.kind === kind && sameLabel(part.label, label));
    const there = lines.reduce((sum, { quantity }) => sum + quantity, 0);
    const lowest = Math.max(0, ...lines.map((part) => part.lowest));
    const count = used.find((each) => each.kind === kind && sameLabel(each.label, label))?.count ?? 0;
    return [{ label, used: count, there, lowest, buy: Math.max(0, Math.max(lowest, count) - there) }];
  });
  return rows.sort((a, b) => b.buy - a.buy || b.used - a.used);
}

/** The list as text, to send or to read out: what is missing, a line each. */
export const toBuyText = (rows: readonly ToBuy[]): string =>
  rows
    .filter(({ buy }) => buy > 0)
    .map(({ buy, label }) => `${buy} × ${label}`)
    .join("\n");
